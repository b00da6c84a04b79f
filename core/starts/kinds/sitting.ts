import { eggSunk, lumpOver } from '../lumps.ts';
import { eyesOn, FACE_SLIDERS, LEAST_DOT } from '../face.ts';
import { SITTING } from '../outlines.ts';
import { dropForm, pebbleForm, taperForm } from '../forms.ts';
import { aimed, Sketch } from '../sketch.ts';
import { stickFor, widthAt } from '../sticks.ts';
import { add, unit, type Vec } from '../../solids/index.ts';
import { OVER_250, STICKS_AND_CHILDREN } from '../cautions.ts';
import type { Start } from '../types.ts';

/** Shares of the height: head 50, body 35, each leg 5 and each arm 2 grams on a figure of 95 mm; common practice. */
const SHARES = { head: 0.43, ears: 0.01, body: [0.345, 0.32] };
/** Pins in the neck by height, mm. Estimate: tried until it holds at every height. */
const NECK = [[100, 2], [170, 3], [260, 4], [330, 6], [430, 8], [Infinity, 10]] as const; // prettier-ignore

/** The body sits so far back, so that its feet are before its weight. */
const BACK = 0.008;

/** Slope that lays a tapered rope on the board with both its ends. */
const lying = (foot: number, tip: number, length: number, [x, y]: readonly [number, number]): Vec =>
  unit([
    ...(unit([x, y, 0]).slice(0, 2) as [number, number]),
    -(foot - tip) / 2 / Math.max(1, length - (foot + tip) / 2),
  ]);

export const sitting: Start = {
  id: 'sitting',
  name: 'sitting animal',
  article: 'a',
  title: 'Sitting otter',
  words: ['animal', 'otter', 'bear', 'cat', 'dog', 'fox', 'rabbit', 'seal', 'teddy'],
  size: { kind: 'length', least: 40, usual: 95, most: 500 },
  sliders: [
    { key: 'head', label: 'Head', usual: SHARES.head, least: 0.36, most: 0.45 },
    { key: 'chubby', label: 'How stout', usual: 1, least: 0.94, most: 1.15 },
    ...FACE_SLIDERS(0.58, 0.46),
  ],
  variants: [
    { key: 'holds', label: 'In its paws', options: [{ value: 'fish', label: 'a fish' }, { value: 'nothing', label: 'nothing' }] },
    { key: 'coat', label: 'Coat', options: [{ value: 'none', label: 'smooth' }, { value: 'fur', label: 'snipped fur' }] },
  ], // prettier-ignore
  cake: true,
  onCake: true,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H <= 110);
    const texture = f.choice('coat') === 'fur' ? 'fur' : 'none';
    const brown = { colour: 'otter-brown', texture } as const;
    const D = f.num('head') * H;
    const headTall = 0.93 * D;
    const wide = SHARES.body[0]! * H * f.num('chubby');
    const soft = told.inside === 'cake' && H >= 240 && H <= 330;
    const pin = stickFor(widthAt(H, NECK) + (soft ? 2 : 0), 0).across;
    const half = soft ? 0.065 * H : Math.max(pin / 2 + 1.2, Math.min(1.6 * pin, 0.05 * H));
    const sunk = Math.max(0.06 * H, eggSunk(wide * 0.72, 0.56 * H, half + pin / 2 + 1.6));
    const tall = H * (1 - SHARES.ears) - headTall + sunk;
    const deep = SHARES.body[1]! * H * f.num('chubby');
    f.add(
      ['body', 'Body'],
      lumpOver(
        told,
        { kind: 'traced', sizes: { width: wide, depth: deep, height: tall }, curves: SITTING },
        { cake: H <= 330, under: false },
      ),
      { ...brown, duty: 'carry', hidden: 'back', seat: { at: [0, BACK * H, 0], sink: 0.3 } },
    );
    const leg = [0.152 * H, 0.084 * H, 0.41 * H] as const;
    const out = [0.58, -0.81] as const;
    f.add(['legs', 'Legs'], taperForm(...leg), {
      ...brown,
      pair: true,
      hidden: 'under',
      seat: { at: [0.16 * H, 0.055 * H, leg[0] / 2 - 0.4], ...aimed(lying(...leg, out)) },
    });
    const footAt: Vec = [0.16 * H + out[0] * 0.345 * H, 0.055 * H + out[1] * 0.345 * H, 0];
    f.add(['feet', 'Feet'], pebbleForm(0.125 * H, 0.17 * H, 0.07 * H), {
      ...brown,
      pair: true,
      duty: 'carry',
      hidden: 'under',
      seat: { at: [footAt[0], footAt[1], -0.4], turn: 22 },
    });
    const tail = [0.14 * H, 0.05 * H, 0.48 * H] as const;
    f.add(['tail', 'Tail'], taperForm(...tail), {
      ...brown,
      hidden: 'under',
      seat: {
        at: [0.02 * H, BACK * H + deep * 0.3, tail[0] / 2 - 0.4],
        ...aimed(lying(...tail, [0.16, 0.987])),
      },
    });
    f.spot(
      ['belly', 'Chest'],
      pebbleForm(wide * 0.62, Math.max(3, deep * 0.3), tall * 0.66),
      'body',
      { from: [0, 0, tall * 0.44], out: [0, -1, 0], within: 0.68 },
      { colour: 'cream', duty: 'thin', texture },
    );
    const arm = [0.095 * H, 0.075 * H, 0.26 * H] as const;
    const shoulder: Vec = [0, 0, tall * 0.7];
    const holds = f.choice('holds') === 'fish';
    const look: Vec = holds ? [-0.5, -0.72, -0.48] : [-0.28, -0.5, -0.82];
    f.press(
      ['arms', 'Arms'],
      taperForm(...arm),
      'body',
      { from: shoulder, out: [0.95, -0.3, 0], look, inside: arm[0] * 0.55 },
      { ...brown, pair: true, propped: H > 200 },
    );
    f.add(['head', 'Head'], lumpOver(told, pebbleForm(1.1 * D, 0.98 * D, headTall)), {
      ...brown,
      hidden: 'under',
      seat: { on: 'body', at: [0, -0.015 * H, tall - sunk], lean: -4 },
    });
    if (holds) {
      const paw = add(f.out('body', shoulder, [0.95, -0.3, 0]), [
        look[0] * arm[2] * 0.8,
        look[1] * arm[2] * 0.8,
        look[2] * arm[2] * 0.8,
      ]);
      const fish = pebbleForm(Math.max(12, 0.25 * H), Math.max(5, 0.08 * H), Math.max(6, 0.095 * H));
      f.add(['fish', 'Fish'], fish, {
        colour: 'river-blue',
        propped: H > 200,
        seat: { on: 'body', at: [0.012 * H, paw[1] - 0.005 * H, paw[2] - 0.035 * H], lean: -8 },
      });
      const fin = Math.max(8, 0.1 * H);
      f.press(
        ['fish-tail', 'Tail of the fish'],
        dropForm(Math.max(5, 0.075 * H), fin),
        'fish',
        { from: [0, 0, fish.sizes.height! / 2], out: [-1, 0, 0.25], look: [1, 0, -0.25], inside: fin * 0.5 },
        { colour: 'river-blue' },
      );
    }
    // two whisker pads, a chin under them, a broad nose over them
    const cream = { colour: 'cream' } as const;
    f.spot(
      ['chin', 'Chin'],
      pebbleForm(0.3 * D, 0.2 * D, 0.18 * D),
      'head',
      { from: [0, 0, 0.25 * D], out: [0, -1, -0.1] },
      cream,
    );
    f.spot(
      ['pads', 'Whisker pads'],
      pebbleForm(0.34 * D, 0.27 * D, 0.27 * D),
      'head',
      { from: [0.02 * D, 0, 0.37 * D], out: [0.32, -1, 0], within: 0.45 },
      { ...cream, pair: true, tolerance: 'equal' },
    );
    const nose = Math.max(LEAST_DOT, 0.19 * D * f.num('features'));
    f.spot(
      ['nose', 'Nose'],
      pebbleForm(nose, Math.max(LEAST_DOT, 0.6 * nose), Math.max(LEAST_DOT, 0.66 * nose)),
      'head',
      { from: [0, 0, 0.47 * D], out: [0, -1, 0], within: 0.22 },
      { colour: 'ink-brown' },
    );
    eyesOn(f, 'head', 'eyes', { wide: D, tall: headTall, eyes: 0.58, spacing: 0.46, size: 0.1 });
    f.press(
      ['ears', 'Ears'],
      pebbleForm(Math.max(5, 0.1 * H), Math.max(3, 0.05 * H), Math.max(5, 0.1 * H)),
      'head',
      { from: [0, 0, headTall / 2], out: [0.74, 0.05, 0.66], look: [0.6, 0, 0.8], inside: 0.045 * H },
      { ...brown, duty: 'thin', pair: true, breaks: H < 80 ? 10 : 5 },
    );
    const neck = stickFor(pin, tall * 0.84 + 0.66 * D);
    f.twoIn(
      ['neck', 'Neck'],
      neck,
      ['body', f.world('body', [0, 0, tall * (H < 60 ? 0.34 : 0.2)])],
      ['head', f.world('head', [0, 0.01 * H, headTall * 0.66])],
      half,
    );
    return f.made({ width: Math.max(120, 1.5 * H) });
  },
  cautions: [STICKS_AND_CHILDREN, OVER_250],
};
