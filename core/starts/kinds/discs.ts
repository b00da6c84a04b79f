import { clamp } from '../../quantity/index.ts';
import { CAKE_FRESH, OVER_250 } from '../cautions.ts';
import { lumpOver } from '../lumps.ts';
import { boardUnder } from '../people.ts';
import { coneForm } from '../forms.ts';
import { Sketch } from '../sketch.ts';
import { stickFor, widthAt } from '../sticks.ts';
import type { Start } from '../types.ts';

const PIN = [[80, 2], [150, 3], [250, 4], [350, 6], [440, 8], [Infinity, 10]] as const; // prettier-ignore
const RINDS = ['flour-sack', 'straw', 'mill-white'] as const;

/** Covered discs, each a little narrower than the one below, pinned through. */
export const discs: Start = {
  id: 'discs',
  name: 'stack of covered discs',
  article: 'a',
  title: 'Mill cheeses',
  words: ['discs', 'stack', 'cheese', 'wheels', 'hat', 'drum', 'books'],
  size: { kind: 'length', least: 40, usual: 150, most: 500 },
  sliders: [
    { key: 'number', label: 'Discs', usual: 3, least: 2, most: 6, whole: true },
    { key: 'taper', label: 'Each so much of the one below', usual: 0.88, least: 0.65, most: 0.95 },
    { key: 'wide', label: 'Width', usual: 0.95, least: 0.6, most: 1.2 },
  ],
  variants: [],
  cake: true,
  onCake: true,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H < 60);
    const n = Math.round(f.num('number'));
    const each = H / n;
    const cake =
      each >= 45 && H <= 340 && (told.inside === 'cake' || (told.inside === 'usual' && told.longStretch));
    let wide = f.num('wide') * H;
    const widest = wide;
    let [under, last] = ['board', wide];
    for (let i = 0; i < n; i++) {
      const id = `disc-${i + 1}`;
      const form = coneForm(wide, wide * 0.97, each + (i ? 0.6 : 0));
      const what = lumpOver(told, form, {
        cake: true,
        inside: cake ? 'cake' : told.inside === 'cake' ? 'usual' : told.inside,
        least: 24,
        coat: clamp(0.02 * H, 3.2, 5),
      });
      f.add([id, `Cheese ${i + 1}`], cake && what.core ? { ...what, core: 'cake' } : what, {
        colour: RINDS[i % 3]!,
        duty: what.core ? 'skin' : 'carry',
        texture: 'stipple',
        hidden: 'under',
        seat: {
          on: under,
          at: [[0, 0.05, -0.06][i % 3]! * last, i ? -0.02 * last : 0, i ? each - 0.6 + (i > 1 ? 0.6 : 0) : 0],
        },
      });
      [under, last] = [id, wide];
      wide *= f.num('taper');
    }
    const pin = stickFor(widthAt(H * (told.inside === 'solid' ? 1.4 : 1), PIN), H * 0.9 + 12);
    const half = Math.max(pin.across * 1.6, 0.16 * last);
    f.rod(['pins', 'Through all of them'], pin, ['board', [half, 0, -12]], [under, [half, 0, each * 0.7]], {
      pair: true,
    });
    return f.made({ width: Math.max(110, 1.1 * widest + 30), ...boardUnder(H) });
  },
  cautions: [CAKE_FRESH, OVER_250],
};
