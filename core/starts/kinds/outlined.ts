import { clamp } from '../../quantity/index.ts';
import { OVER_250 } from '../cautions.ts';
import { lumpOver } from '../lumps.ts';
import { JUG } from '../outlines.ts';
import { boardUnder } from '../people.ts';
import { Sketch } from '../sketch.ts';
import { stickFor, widthAt } from '../sticks.ts';
import type { Start } from '../types.ts';

const HANDLE = [[220, 2], [330, 3], [420, 4], [Infinity, 6]] as const; // prettier-ignore
const PIN = [[140, 2], [220, 3], [300, 4], [Infinity, 6]] as const; // prettier-ignore

/** A thing known by its front and its side: a jug, until a picture of one’s own is traced. */
export const outlined: Start = {
  id: 'outlined',
  name: 'thing from two outlines',
  article: 'a',
  title: 'Water jug',
  words: ['object', 'thing', 'jug', 'vase', 'bottle', 'boot', 'outline', 'picture', 'trace'],
  size: { kind: 'length', least: 40, usual: 150, most: 500 },
  sliders: [
    { key: 'wide', label: 'Width', usual: 0.72, least: 0.6, most: 0.9 },
    { key: 'deep', label: 'Depth', usual: 0.68, least: 0.58, most: 0.9 },
  ],
  variants: [],
  cake: true,
  onCake: true,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H < 60);
    const wide = f.num('wide') * H;
    const deep = f.num('deep') * H;
    const jug = lumpOver(told, { kind: 'traced', sizes: { width: wide, depth: deep, height: H }, curves: JUG }, {
      cake: H >= 150 && H <= 360, inside: told.inside === 'solid' && H < 150 ? 'solid' : told.inside === 'cake' ? 'cake' : H >= 80 ? 'foam' : 'solid', least: 45, coat: clamp(0.035 * H, 5, 8), under: false,
    }); // prettier-ignore
    f.add(['object', 'Jug'], jug, {
      colour: 'river-blue',
      duty: jug.core ? 'skin' : 'carry',
      hidden: 'under',
      seat: { sink: 0.3 },
    });
    const rope = Math.max(4, 0.07 * H);
    const bend = rope / 0.29;
    f.add(
      ['handle', 'Handle'],
      { kind: 'bentRope', sizes: { diameter: rope, first: 0, second: 0, bend, angle: 180 } },
      {
        colour: 'river-blue',
        duty: 'carry',
        hidden: 'under',
        propped: true,
        seat: { on: 'object', at: [0.345 * wide - 0.5, 0, H * 0.575], lean: 67 },
      },
    );
    if (H >= 180) {
      // glue alone does not hold a large handle: a stick goes from the jug into each of its ends
      const stick = stickFor(widthAt(jug.core === 'cake' ? 1.8 * H : H, HANDLE), 0);
      for (const [key, side] of [
        ['', -1],
        ['-2', 1],
      ] as const)
        // prettier-ignore
        f.rod([`handle-stick${key}`, 'Into the handle'], stickFor(stick.across, 0.32 * H), ['object', f.inside('object', f.world('handle', [side * bend, 0, -(jug.core === 'cake' ? 0.24 : 0.15) * H]))], ['handle', [side * bend, 0, 0.28 * bend]]);
    }
    const pin = stickFor(widthAt(H, PIN), 0.4 * H + 12);
    const half = Math.max(2 * pin.across, 0.1 * wide);
    if (jug.core !== 'cake')
      f.rod(['pins', 'Into the board'], pin, ['board', [half, 0, -12]], ['object', [half, 0, H * 0.4]], {
        pair: true,
      });
    return f.made({ width: Math.max(110, wide + 4.4 * bend + 20), ...boardUnder(H) });
  },
  cautions: [OVER_250],
};
