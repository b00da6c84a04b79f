import { boardUnder, person } from '../people.ts';
import { eggForm, pebbleForm, ringForm } from '../forms.ts';
import { Sketch } from '../sketch.ts';
import { lumpOver } from '../lumps.ts';
import { OVER_250, STICKS_AND_CHILDREN } from '../cautions.ts';
import type { Start } from '../types.ts';

/** Two people of three heads with a sack between them that stands on the board: what they hold is not carried by their arms. */
export const twoPeople: Start = {
  id: 'two',
  name: 'pair of people with one thing',
  article: 'a',
  title: 'Two millers',
  words: ['two', 'couple', 'two people', 'bride and groom', 'pair', 'two figures'],
  size: { kind: 'length', least: 40, usual: 150, most: 500 },
  sliders: [
    { key: 'second', label: 'The second', usual: 0.92, least: 0.7, most: 1 },
    { key: 'chubby', label: 'How stout', usual: 1, least: 0.9, most: 1.1 },
  ],
  variants: [
    { key: 'between', label: 'Between them', options: [{ value: 'sack', label: 'a sack of flour' }, { value: 'nothing', label: 'nothing' }] },
  ], // prettier-ignore
  onCake: true,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H <= 60);
    const sack = f.choice('between') === 'sack';
    const apart = (sack ? 0.3 : 0.25) * H + 8;
    const chubby = f.num('chubby');
    const common = {
      scheme: 'threeHeads',
      chubby,
      soft: told.paste === 'marzipan',
      solid: told.inside === 'solid',
      hair: 'hair-brown',
    } as const;
    f.of = 'Older miller';
    const one = person(f, {
      ...common,
      tall: H,
      x: -apart,
      pre: 'left-',
      shirt: 'mill-white',
      trousers: 'iron-grey',
      wears: 'cap',
      turn: 14,
      arms: [0.3, 0.35],
    });
    f.of = 'Younger miller';
    person(f, {
      ...common,
      tall: H * f.num('second'),
      x: apart,
      pre: 'right-',
      shirt: 'shirt-blue',
      trousers: 'flour-sack',
      wears: 'scarf',
      turn: -14,
      arms: [0.3, 0.35],
    });
    f.of = undefined;
    if (sack) {
      const wide = Math.max(10, 2 * apart - one.bodyWide * 1.34);
      const tall = 0.44 * H;
      f.add(['sack', 'Sack'], lumpOver(told, eggForm(wide, tall), { cake: true, under: false }), {
        colour: 'flour-sack',
        texture: 'creases',
        hidden: 'back',
        seat: { at: [0, -0.07 * H, 0], sink: 0.05 * tall },
      });
      const top = Math.max(4, 0.11 * H);
      f.press(
        ['sack-ears', 'Tied top of the sack'],
        pebbleForm(top * 1.5, top * 0.8, top),
        'sack',
        { from: [0, 0, tall * 0.5], out: [0, 0, 1], inside: top * 0.35 },
        { colour: 'flour-sack', texture: 'creases' },
      );
      const cord = Math.max(2, 0.014 * H);
      f.add(['cord', 'Cord'], ringForm(top * 0.95, cord), {
        colour: 'scarf-red',
        duty: 'thin',
        seat: { on: 'sack-ears', at: [0, 0, top * 0.28] },
      });
    }
    return f.made({ width: Math.max(140, 1.35 * H + 30), ...boardUnder(H) });
  },
  cautions: [STICKS_AND_CHILDREN, OVER_250],
};
