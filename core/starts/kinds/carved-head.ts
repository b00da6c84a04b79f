import { clamp } from '../../quantity/index.ts';
import { add, times, unit, type Vec } from '../../solids/index.ts';
import { CAKE_FRESH, OVER_250 } from '../cautions.ts';
import { FACE_SLIDERS } from '../face.ts';
import { lumpOver, type How } from '../lumps.ts';
import { HEAD } from '../outlines.ts';
import { ballForm, pebbleForm } from '../forms.ts';
import { Sketch } from '../sketch.ts';
import { COVER, stickFor, widthAt } from '../sticks.ts';
import type { Start, Wanted } from '../types.ts';

/** Widths of sticks in the ears by height, mm. Estimates: tried until they hold at every height. */
const EAR = [[280, 2], [400, 3], [Infinity, 4]] as const; // prettier-ignore
/** Larger than this nobody carries it in cake: over ten kilograms. */
const MOST_CAKE = 330;

/** Cake where it is wished, or usual with five hours in one go; foam where it is too small, too heavy or the hours are too short. */
const inside = ({ inside: wish, size, longStretch }: Wanted): How['inside'] => {
  if (wish === 'solid') return 'solid';
  const cake = size >= 100 && size <= MOST_CAKE && (wish === 'cake' || (wish === 'usual' && longStretch));
  return cake ? 'cake' : 'foam';
};

/** A badger's head with a flat foot, over cake or foam; a broad snout, two stripes. */
export const carvedHead: Start = {
  id: 'carved-head',
  name: 'head carved from cake',
  article: 'a',
  title: 'Badger’s head',
  words: ['head', 'carved head', 'badger', 'face', 'bust'],
  size: { kind: 'length', least: 40, usual: 150, most: 500 },
  sliders: [
    { key: 'snout', label: 'Snout', usual: 0.42, least: 0.25, most: 0.55 },
    { key: 'chubby', label: 'How stout', usual: 1, least: 0.9, most: 1.12 },
    ...FACE_SLIDERS(0.5, 0.4),
  ],
  variants: [
    { key: 'coat', label: 'Coat', options: [{ value: 'none', label: 'smooth' }, { value: 'fur', label: 'snipped fur' }] },
  ], // prettier-ignore
  cake: true,
  onCake: true,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H < 60);
    const texture = f.choice('coat') === 'fur' ? 'fur' : 'none';
    const wide = 0.98 * H * f.num('chubby');
    const deep = 0.9 * H;
    const head = lumpOver(
      told,
      { kind: 'traced', sizes: { width: wide, depth: deep, height: H }, curves: HEAD },
      { cake: true, inside: inside(told), least: 60, coat: clamp(0.045 * H, 5, 9), under: false },
    );
    f.add(['head', 'Head'], head, {
      colour: 'mill-white',
      duty: head.core ? 'skin' : 'carry',
      texture,
      hidden: 'under',
      seat: { sink: 0.3 },
    });
    // a cake is covered in one go: what is set on it comes later, firm
    const join = head.core === 'cake' ? ({ join: 'firm' } as const) : {};
    const snout = f.num('snout') * H;
    f.spot(
      ['snout', 'Snout'],
      lumpOver(told, pebbleForm(0.36 * H, snout, 0.3 * H), { least: 40 }),
      'head',
      { from: [0, 0, 0.29 * H], out: [0, -1, -0.04], within: 0.5 },
      { colour: 'mill-white', texture, propped: H > 100, ...join },
    );
    const jaw = 0.24 * H;
    f.spot(
      ['jaw', 'Jaw'],
      pebbleForm(jaw * 1.1, jaw * 1.1, jaw * 0.6),
      'head',
      { from: [0, 0, 0.15 * H], out: [0, -1, 0], within: 0.42 },
      { colour: 'mill-white', texture, ...join },
    );
    const nose = 0.15 * H * f.num('features');
    f.spot(
      ['nose', 'Nose'],
      pebbleForm(nose * 1.2, nose * 0.72, nose * 0.82),
      'snout',
      { from: [0, 0, 0.17 * H], out: [0, -1, 0.16], within: 0.5 },
      { colour: 'badger-black', ...join },
    );
    const stripe = clamp(0.075 * H, 4, 30);
    const black = {
      colour: 'badger-black',
      duty: 'skin',
      pair: true,
      tolerance: 'mirrored',
      texture,
    } as const;
    const bearing = Math.asin(clamp(f.num('spacing'), 0.1, 0.8));
    const out: Vec = [Math.sin(bearing), -Math.cos(bearing), 0];
    f.lay(
      ['brows', 'Brow stripes'],
      pebbleForm(0.2 * H, stripe, 0.46 * H),
      'head',
      { from: [0, 0, 0.56 * H], out: [out[0], out[1] * 0.9, 0.42], along: [0.16, 0.5, 1], within: 0.62 },
      black,
    );
    f.lay(
      ['stripes', 'Stripes'],
      pebbleForm(0.19 * H, stripe, 0.42 * H),
      'head',
      { from: [0, 0, 0.44 * H], out, along: [0.12, 0, 1], within: 0.6 },
      black,
    );
    const eye = Math.max(2, 0.08 * H * f.num('features'));
    f.spot(
      ['eyes', 'Eyes'],
      ballForm(eye),
      'stripes',
      { from: [0, 0, 0.21 * H + (f.num('eyes') - 0.46) * H], out: [0, -1, 0], within: 0.42 },
      { colour: 'ink-brown', tolerance: 'equal', ...join },
    );
    const glint = Math.max(1.5, 0.024 * H);
    f.spot(
      ['glints', 'Glints'],
      ballForm(glint),
      'eyes',
      { from: [0, 0, eye / 2], out: [-0.25, -0.8, 0.5] },
      { colour: 'lily-white', duty: 'thin', ...join },
    );
    const thick = Math.max(4, 0.06 * H);
    const up: Vec = unit([0.5, 0, 0.86]);
    f.press(
      ['ears', 'Ears'],
      pebbleForm(Math.max(6, 0.2 * H), thick, Math.max(8, 0.2 * H)),
      'head',
      { from: [0, 0, 0.5 * H], out: [0.66, 0.02, 0.72], look: up, inside: 0.08 * H },
      { colour: 'badger-black', duty: 'thin', pair: true, propped: true, texture, ...join },
    );
    const ear = stickFor(widthAt(H, EAR), 0);
    if (thick >= ear.across + 2 * COVER) {
      const { at } = f.pieces.find((p) => p.id === 'ears')!.seat;
      const down = head.core === 'cake' ? 28 + 0.09 * H : 12 + 0.085 * H;
      for (const [key, x] of [
        ['', -0.042],
        ['-2', 0.042],
      ] as const) {
        // prettier-ignore
        const foot = add(at, times([up[2], 0, -up[0]], x * H));
        f.rod(
          [`ear-sticks${key}`, 'Ear'],
          stickFor(ear.across, down + 0.2 * H),
          ['head', add(foot, times(up, 0.08 * H - down))],
          ['head', add(foot, times(up, 0.155 * H))],
          { pair: true },
        );
      }
    }
    return f.made({ width: Math.max(120, 1.45 * wide + 20) });
  },
  cautions: [CAKE_FRESH, OVER_250],
};
