import { type Body, bodyReach } from '../bodies/index.ts';
import type { Shape } from '../types.ts';
import { WORLD, type Frame } from '../vector.ts';
import { grows } from './parts.ts';
import { roundedBlock } from './rounded-block.ts';
import { taperedRope } from './tapered-rope.ts';
import { shaped } from './shaped.ts';

/** Shares of the hand's length; common practice. */
const PALM = { long: 0.55, wide: 0.45, thick: 0.16 };
const FINGER = {
  across: 0.105,
  tip: 0.75,
  middle: 0.45,
  lengths: [0.92, 1, 0.94, 0.76],
  thumb: 0.34,
  stout: 1.15,
};

const palmOf = (L: number) => ({
  width: PALM.wide * L,
  depth: PALM.thick * L,
  height: PALM.long * L,
  edge: ((PALM.thick * L) / 2) * 0.999999,
});
const digit = (across: number, long: number) => ({
  foot: across,
  tip: across * FINGER.tip,
  length: long + across / 2,
});
const fingersOf = (L: number) =>
  FINGER.lengths.map((share) => digit(FINGER.across * L, share * FINGER.middle * L));
const thumbOf = (L: number) => digit(FINGER.across * FINGER.stout * L, FINGER.thumb * L);
/** Half a ball of the digit is sunk into the palm. */
const sunk = (across: number) => (Math.PI * across ** 3) / 12;

const leant = (origin: readonly [number, number, number], degrees: number): Frame => {
  const t = (degrees * Math.PI) / 180;
  return { origin, x: [Math.cos(t), 0, -Math.sin(t)], y: [0, 1, 0], z: [Math.sin(t), 0, Math.cos(t)] };
};

export const paddleHand: Shape<'length'> = {
  kind: 'paddleHand',
  name: 'Paddle hand',
  family: 'bent',
  hint: 'a paddle cut into four fingers and a thumb: hands and paws',
  sizes: [grows('length', 'long', 30, [5, 300])],
  volumeRule: 'palm + four fingers + thumb − what is sunk in the palm',
  measure: ({ length: L }) => {
    const palm = roundedBlock.measure(palmOf(L), {});
    const digits = [...fingersOf(L), thumbOf(L)].map((d) => ({
      m: taperedRope.measure(d, {}),
      sunk: sunk(d.foot),
      face: Math.PI * d.foot ** 2,
    }));
    return {
      volume: palm.volume + digits.reduce((s, d) => s + d.m.volume - d.sunk, 0),
      area: palm.area + digits.reduce((s, d) => s + d.m.area - d.face * 0.75, 0),
      centre: 0.42 * L,
      aside: [0.012 * L, 0],
      width: PALM.wide * L * 1.3,
      depth: PALM.thick * L,
      height: L,
    };
  },
  drying: ({ length: L }) => {
    const m = paddleHand.measure({ length: L }, {});
    return {
      volume: m.volume,
      area: m.area,
      depth: (PALM.thick * L) / 2,
      facing: PALM.wide * L,
      thickness: PALM.thick * L,
      kind: 'sheet',
    };
  },
  body: ({ length: L }) => {
    const palm = palmOf(L);
    const step = (palm.width - FINGER.across * L) / 3;
    const parts: { frame: Frame; body: Body }[] = [
      { frame: WORLD, body: roundedBlock.body(palm, {}) },
      ...fingersOf(L).map((f, i) => ({
        frame: leant([(i - 1.5) * step * 0.92, 0, palm.height - f.foot / 2], (i - 1.5) * 5),
        body: taperedRope.body(f, {}),
      })),
      {
        frame: leant([palm.width * 0.36, 0, palm.height * 0.36], 52),
        body: taperedRope.body(thumbOf(L), {}),
      },
    ];
    const high = Math.max(
      ...parts.map((p) => p.frame.origin[2] + bodyReach(p.body, [p.frame.x[2], 0, p.frame.z[2]])),
    );
    // fingers are as long as practice says; the whole is drawn to the length that was typed
    const k = L / high;
    const fit = (f: Frame): Frame => ({
      ...f,
      origin: [f.origin[0], f.origin[1], f.origin[2] * k],
    });
    return { type: 'group', parts: parts.map((p) => ({ ...p, frame: fit(p.frame) })) };
  },
  handles: ({ length }) => [{ size: 'length', at: [0, length], along: [0, 1], gain: 1 }],
  technique: 'byHand',
  labour: shaped(13),
};
