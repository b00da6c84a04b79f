import { clamp } from '../../quantity/index.ts';
import { add, times, unit, type Vec } from '../../solids/index.ts';
import { lumpOver } from '../lumps.ts';
import { coneForm, cutForm, pebbleForm, taperForm } from '../forms.ts';
import { aimed, Sketch } from '../sketch.ts';
import { limbRound, wireFor } from '../sticks.ts';
import type { Start } from '../types.ts';

/** Boughs on wire out of a tier, leaves set along them. */
export const branches: Start = {
  id: 'branches',
  name: 'branches on wire out of a tier',
  article: 'some',
  title: 'Willow over the weir',
  words: ['branches', 'tree', 'willow', 'twigs', 'bough', 'wire'],
  size: { kind: 'length', least: 60, usual: 200, most: 500 },
  sliders: [
    { key: 'boughs', label: 'Boughs', usual: 3, least: 2, most: 6, whole: true },
    { key: 'leaves', label: 'Leaves on each', usual: 5, least: 2, most: 8, whole: true },
    { key: 'tier', label: 'Height of the tier', usual: 0.4, least: 0.32, most: 0.5 },
  ],
  variants: [],
  cake: true,
  onCake: false,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H < 80);
    const tall = f.num('tier') * H;
    const wide = Math.max(0.66 * H, 34);
    const cake = H >= 150 && (told.inside === 'cake' || (told.inside === 'usual' && told.longStretch));
    const tier = lumpOver(told, coneForm(wide, wide * 0.96, tall), {
      cake: true,
      inside: cake ? 'cake' : told.inside === 'solid' ? 'solid' : 'usual',
      least: 30,
      coat: clamp(0.03 * H, 4, 6),
      under: false,
    });
    f.add(['tier', 'Tier'], tier, {
      colour: 'moss-green',
      duty: tier.core ? 'skin' : 'carry',
      texture: 'stipple',
      hidden: 'under',
      seat: { sink: 0.3 },
    });
    const wire = wireFor(H);
    const thick = Math.max(limbRound(wire.across), 0.035 * H);
    const deep = Math.min(0.62 * tall, 0.35 * (H - tall) + 14);
    const stone = Math.max(6, 0.1 * wide);
    f.add(['stones', 'Stones'], pebbleForm(stone * 1.4, stone, stone * 0.7), {
      colour: 'iron-grey',
      pair: true,
      join: 'firm',
      seat: { on: 'tier', at: [0.3 * wide, -0.26 * wide, tall - 0.14 * stone] },
    });
    const boughs = Math.round(f.num('boughs'));
    const leaves = Math.round(f.num('leaves'));
    for (let i = 0; i < boughs; i++) {
      const a = (i / boughs) * 2 * Math.PI + 0.6;
      // the wires do not meet in the tier
      const from = 0.377 * deep + 1.3 * wire.across + 3 + (boughs > 4 ? 0.04 * H : 0);
      const tilt = 0.3 + 0.07 * (i % 3);
      const look: Vec = [Math.sin(a) * Math.sin(tilt), -Math.cos(a) * Math.sin(tilt), Math.cos(tilt)];
      const foot: Vec = [from * Math.sin(a), -from * Math.cos(a), tall];
      const long = Math.max(
        ((H - tall) / Math.cos(tilt)) * (i === 0 ? 0.96 : 0.88 - 0.1 * (i % 3)),
        thick * 1.5,
      );
      const id = `bough-${i + 1}`;
      f.add([id, `Bough ${i + 1}`], taperForm(thick * 1.15, thick * 0.92, long), {
        colour: 'hair-brown',
        duty: 'carry',
        texture: 'wood',
        built: 'foam',
        seat: { on: 'tier', at: add(foot, times(look, -2)), ...aimed(look) },
      });
      f.rod(
        [`wire-${i + 1}`, `Wire ${i + 1}`],
        wire,
        ['tier', add(foot, times(look, -deep / Math.cos(tilt)))],
        [id, [0, 0, long - thick * 0.6 - 3]],
      );
      for (let j = 0; j < leaves; j++) {
        const at = long * (0.34 + (0.62 * (j + 0.5)) / leaves);
        const round = (j * 137.5 + i * 50) * (Math.PI / 180);
        const out: Vec = unit([Math.cos(round), Math.sin(round), 0.75]);
        f.add(
          [`leaf-${i + 1}-${j + 1}`, `Leaf ${i + 1}.${j + 1}`],
          cutForm(Math.max(5, 0.045 * H), Math.max(10, 0.18 * H), 1.4, 'leaf'),
          {
            colour: j % 3 ? 'reed-green' : 'straw',
            duty: 'thin',
            texture: 'veins',
            breaks: 15,
            glue: 'royalIcing',
            join: 'iced',
            built: 'foam',
            propped: true,
            seat: {
              on: id,
              at: [out[0] * thick * 0.25, out[1] * thick * 0.25, at],
              ...aimed(out),
              how: 'set',
              sink: Math.min(2, thick * 0.3),
            },
          },
        );
      }
    }
    return f.made({ width: Math.max(120, wide + 50, 0.98 * H) });
  },
  cautions: [
    { says: 'Wire never goes straight into cake: put it in a pick or a sealed straw, and count every wire.' },
  ],
};
