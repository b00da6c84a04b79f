import { ballForm, cutForm, eggForm, pebbleForm } from '../forms.ts';
import { Sketch } from '../sketch.ts';
import type { Start } from '../types.ts';

/** g/cm³, for the size of a case and of what is rolled: marzipan, from memory; grams are set by the pieces themselves. */
const DENSITY = 1.24;
const PI = Math.PI;

/** Several kinds of sweets of one weight: acorns with caps, fish, quinces. */
export const sweets: Start = {
  id: 'sweets',
  name: 'sweets of one weight',
  article: '',
  title: 'Sixty river sweets',
  words: ['sweets', 'marzipan', 'candies', 'acorns', 'fruits', 'bonbons'],
  size: { kind: 'mass', least: 6, usual: 14, most: 40 },
  sliders: [
    { key: 'number', label: 'How many', usual: 60, least: 12, most: 240, whole: true },
    { key: 'kinds', label: 'Kinds', usual: 3, least: 1, most: 3, whole: true },
  ],
  variants: [],
  paste: 'marzipan',
  onCake: false,
  make: (told) => {
    const f = new Sketch(told, true);
    const grams = told.size;
    const v = (grams / DENSITY) * 1000;
    const kinds = Math.round(f.num('kinds'));
    const each = Math.ceil(f.num('number') / kinds);
    const side = Math.cbrt(v) * 1.9;
    const row = side * Math.ceil(Math.sqrt(each)) * 1.05;
    const at = (i: number) => [(i - (kinds - 1) / 2) * row, 0, 0] as const;
    /** Length that gives a share of the grams, where a length of one gives so much. */
    const sized = (share: number, of: number) => Math.cbrt((share * v) / of);
    const equal = { tolerance: 'equal', built: 'there' } as const;
    const whole = { tolerance: 'equal', count: each } as const;
    const nut = sized(0.72, (PI / 6) * 1.25);
    f.add(['acorn', 'Acorn'], eggForm(nut, 1.25 * nut), {
      ...whole,
      colour: 'ash-wood',
      hidden: 'top',
      seat: { at: at(0), sink: 0.4 },
    });
    const cap = sized(0.26, (PI * 0.42 * (3 * 0.25 + 0.42 ** 2)) / 6);
    f.add(
      ['acorn-cap', 'Cap'],
      { kind: 'dome', sizes: { diameter: cap, height: 0.42 * cap } },
      {
        ...equal,
        colour: 'otter-brown',
        texture: 'stipple',
        hidden: 'under',
        seat: { on: 'acorn', at: [0, 0, 0.86 * nut] },
      },
    );
    const stalk = 5.2 * Math.cbrt(grams / 14);
    f.add(
      ['acorn-stalk', 'Stalk'],
      { kind: 'rope', sizes: { diameter: stalk, length: (0.02 * v) / (PI * (stalk / 2) ** 2) } },
      { ...equal, colour: 'otter-brown', seat: { on: 'acorn-cap', at: [0, 0, 0.4 * cap] } },
    );
    if (kinds > 1) {
      const e = sized(0.94, (PI / 6) * 1.35 * 0.8);
      f.add(['fish', 'Fish'], pebbleForm(1.35 * e, 0.8 * e, e), {
        ...whole,
        colour: 'river-blue',
        texture: 'creases',
        seat: { at: at(1), sink: 0.8 },
      });
      const fin = Math.sqrt((0.05 * v) / (2.4 * 0.5));
      f.add(['fish-tail', 'Tail'], cutForm(fin, fin, 2.4, 'triangle'), {
        ...equal,
        colour: 'river-blue',
        seat: { on: 'fish', at: [0.6 * e, 0, 0.5 * e], lean: -90, sink: 0.8 },
      });
      for (const [id, name, y] of [
        ['fish-eyes', 'Eyes', -1],
        ['fish-eyes-2', 'Eye, other side', 1],
      ] as const)
        // prettier-ignore
        f.spot([id, name], ballForm(Math.cbrt((((0.01 * v) / 2) * 6) / PI)), 'fish', { from: [-0.45 * e, 0, 0.6 * e], out: [0, y, 0.1] }, { ...equal, colour: 'badger-black' });
    }
    if (kinds > 2) {
      const e = sized(0.96, (PI / 6) * 1.2 * 1.2 * 0.95);
      f.add(['quince', 'Quince'], eggForm(1.2 * e, 0.95 * e), {
        ...whole,
        colour: 'lamp-yellow',
        texture: 'stipple',
        seat: { at: at(2), sink: 0.4 },
      });
      const leaf = Math.sqrt((0.04 * v) / 1.6 / 0.62 / 2);
      f.add(['quince-leaf', 'Leaf'], cutForm(leaf, 2 * leaf, 1.6, 'leaf'), {
        ...equal,
        join: 'firm',
        colour: 'reed-green',
        texture: 'veins',
        seat: { on: 'quince', at: [0, 0, 0.9 * e], lean: 60, sink: 1 },
      });
    }
    return f.made(
      {
        shape: 'square',
        material: 'foamcore',
        width: Math.min(1490, Math.max(160, kinds * row + 40, row + 40)),
      },
      {
        portions: {
          piece: 'acorn',
          target: grams,
          within: 0.5,
          step: 0.1,
          caseWidth: Math.round(Math.cbrt(v) * 1.45),
          weighed: [],
        },
      },
    );
  },
  cautions: [
    {
      says: 'Marzipan is almond: it is on every sheet of this build.',
      when: ({ paste }) => paste === 'marzipan',
    },
    { says: 'They are small enough to choke on: not for anybody under three.' },
  ],
};
