import { FACE_SLIDERS } from '../face.ts';
import { boardUnder, PEOPLE, person, type SchemeId, type Wear } from '../people.ts';
import { Sketch } from '../sketch.ts';
import { OVER_250, STICKS_AND_CHILDREN } from '../cautions.ts';
import type { StartColour } from '../colours.ts';
import type { Start } from '../types.ts';

interface Role {
  readonly wears: Wear;
  readonly shirt: StartColour;
  readonly trousers: StartColour;
  readonly hair: StartColour;
  readonly swing: boolean;
}
const ROLES: Readonly<Record<SchemeId, Role>> = {
  longLegs: { wears: 'bun', shirt: 'shirt-blue', trousers: 'flour-sack', hair: 'hair-brown', swing: true },
  threeHeads: { wears: 'cap', shirt: 'shirt-blue', trousers: 'iron-grey', hair: 'hair-brown', swing: false },
  child: { wears: 'straw', shirt: 'lamp-yellow', trousers: 'reed-green', hair: 'ash-wood', swing: true },
};

export const standingPerson: Start = {
  id: 'person',
  name: 'standing person',
  article: 'a',
  title: 'Lock-keeper',
  words: ['person', 'man', 'woman', 'child', 'figure', 'bride', 'groom', 'girl', 'boy', 'standing figure'],
  size: { kind: 'length', least: 40, usual: 203.2, most: 500 },
  variants: [
    { key: 'scheme', label: 'Built', options: [
      { value: 'threeHeads', label: 'three heads tall' },
      { value: 'longLegs', label: 'long-legged' },
      { value: 'child', label: 'as a child' },
    ] },
  ], // prettier-ignore
  sliders: [
    { key: 'legs', label: 'Legs', usual: 1, least: 0.85, most: 1.06 },
    { key: 'head', label: 'Head', usual: 1, least: 0.85, most: 1.2 },
    { key: 'chubby', label: 'How stout', usual: 1, least: 0.9, most: 1.15 },
    ...FACE_SLIDERS(0.46, 0.34),
  ],
  onCake: true,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H <= 60);
    const scheme = f.choice('scheme') as SchemeId;
    person(f, {
      tall: H,
      scheme,
      ...ROLES[scheme],
      legs: PEOPLE[scheme].legs * f.num('legs'),
      head: PEOPLE[scheme].head * f.num('head'),
      chubby: f.num('chubby'),
      turn: -8,
      soft: told.paste === 'marzipan',
      solid: told.inside === 'solid',
    });
    return f.made({ width: Math.max(120, H * (scheme === 'longLegs' ? 0.8 : 0.95)), ...boardUnder(H) });
  },
  cautions: [STICKS_AND_CHILDREN, OVER_250],
};
