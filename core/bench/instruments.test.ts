import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { shapeId } from '../days/index.ts';
import { weighedStep } from '../edits/index.ts';
import { value } from '../files/demo.testing.ts';
import {
  IDLE_SCALE,
  NEAR_ENOUGH,
  nearEnough,
  NEW_RUN,
  placed,
  readLine,
  runAfter,
  scaleAfter,
  tared,
  weighingsOf,
  weightSays,
  writeLine,
  type InstrumentLine,
  type SimulatedScale,
} from './index.ts';

describe('lines of the instruments', () => {
  it('read what was written, whatever it is', () => {
    const grams = fc.integer({ min: -500_000, max: 500_000 }).map((x) => x / 100);
    fc.assert(
      fc.property(
        fc.oneof(
          fc.record({ kind: fc.constant('scale' as const), grams, steady: fc.boolean() }),
          fc.record({
            kind: fc.constant('room' as const),
            temperature: fc.integer({ min: -300, max: 600 }).map((x) => x / 10),
            humidity: fc.integer({ min: 0, max: 1000 }).map((x) => x / 10),
          }),
          fc.constant<InstrumentLine>({ kind: 'over' }),
          fc.constant<InstrumentLine>({ kind: 'from', source: 'attached' }),
        ),
        (line) => {
          expect(readLine(writeLine(line))).toEqual(line);
        },
      ),
    );
  });

  it('take nothing else, and never throw', () => {
    for (const bad of [
      '',
      'scale',
      'scale 12 kg steady',
      'scale 1e9 g steady',
      'scale 999999 g steady',
      'room 21 C 140 %',
      'room 400 C 40 %',
      'scale 12 g steady; rm',
      'x'.repeat(5000),
    ])
      expect(readLine(bad), bad.slice(0, 40)).toBeUndefined();
    fc.assert(fc.property(fc.string({ maxLength: 200 }), (s) => void readLine(s)));
  });
});

/** Readings of a scale, four a second, noise drawn by a counter. */
function watch(scale: SimulatedScale, seconds: number) {
  const said: InstrumentLine[] = [];
  let s = scale;
  for (let k = 0; k < seconds * 4; k++) {
    const next = scaleAfter(s, 0.25, ((k * 7919) % 101) / 101);
    s = next.scale;
    said.push(next.says);
  }
  return { scale: s, said };
}

describe('the scale that is made up', () => {
  it('settles on what lies on it, says so, and reads nothing once it is tared', () => {
    const { scale, said } = watch(placed(IDLE_SCALE, 36.4), 4);
    expect(said[0]).toMatchObject({ kind: 'scale', steady: false });
    const last = said.at(-1)!;
    expect(last).toMatchObject({ kind: 'scale', steady: true });
    expect(Math.abs((last as { grams: number }).grams - 36.4)).toBeLessThanOrEqual(0.2);
    const zeroed = watch(tared(scale), 1).said.at(-1) as { grams: number };
    expect(Math.abs(zeroed.grams)).toBeLessThanOrEqual(0.1);
  });

  it('creeps, steps, and is over when it is over', () => {
    const crept = watch(placed({ ...IDLE_SCALE, drift: 6, noise: 0 }, 10), 60).said.at(-1) as {
      grams: number;
    };
    expect(crept.grams).toBeCloseTo(16, 0);
    for (const line of watch(placed({ ...IDLE_SCALE, step: 0.5 }, 10.3), 5).said)
      if (line.kind === 'scale') expect((line.grams / 0.5) % 1).toBeCloseTo(0, 9);
    expect(watch(placed(IDLE_SCALE, 2500), 1).said.every((l) => l.kind === 'over')).toBe(true);
  });
});

describe('one after the other on the scale', () => {
  const wanted = 36;
  const run = (grams: readonly (readonly [number, boolean])[]) => {
    let r = NEW_RUN;
    const out: number[] = [];
    for (const [g, steady] of grams) {
      const next = runAfter(r, { grams: g, steady }, wanted, 1);
      r = next.run;
      if (next.weighed !== undefined) out.push(next.weighed);
    }
    return out;
  };
  const still = (g: number) =>
    [
      [g, true],
      [g, true],
      [g, true],
    ] as const;

  it('counts a weight once, and the next only after it was lifted off', () => {
    expect(run([...still(36.2), ...still(36.2), ...still(36)])).toEqual([36.2]);
    expect(run([...still(36.2), [0, true], ...still(35.5)])).toEqual([36.2, 35.5]);
  });

  it('counts nothing that moves, is off, or is a hand', () => {
    expect(
      run([
        [36, false],
        [36, false],
        [36, false],
        [36, false],
      ]),
    ).toEqual([]);
    expect(run([...still(30), ...still(38)])).toEqual([]);
    expect(
      run([
        [36, true],
        [36, true],
        [12, false],
        [36, true],
        [36, true],
      ]),
    ).toEqual([]);
  });

  it('says in a few words what to do', () => {
    expect(weightSays(0, 36, 1)).toMatchObject({ state: 'empty' });
    expect(weightSays(33, 36, 1)).toMatchObject({ state: 'less', text: 'a pinch more, 3 g' });
    expect(weightSays(10, 36, 1).text).toBe('more, 26 g');
    expect(weightSays(35.2, 36, 1)).toMatchObject({ state: 'near', text: 'near enough' });
    expect(weightSays(40, 36, 1)).toMatchObject({ state: 'more', text: 'take 4 g off' });
    expect(weightSays(400, 36, 1).filled).toBe(1.2);
  });
});

describe('near enough', () => {
  const otter = demoBuild('ferryman-otter');
  it('is a share of it by how alike its makes have to be, and never less than the scale tells', () => {
    for (const piece of otter.pieces) {
      const within = nearEnough(otter, { piece: piece.id }, 100);
      expect(within.value).toBeCloseTo(100 * NEAR_ENOUGH[piece.tolerance], 9);
      expect(nearEnough(otter, { piece: piece.id }, 0.2).value).toBeCloseTo(
        Math.max(0.1, 0.2 * NEAR_ENOUGH[piece.tolerance]),
        9,
      );
    }
  });

  it('tells a drift of what was weighed for a step by the usual run rules', () => {
    const step = shapeId(otter.pieces[0]!.id);
    const weigh = (grams: readonly number[]) =>
      grams.reduce((b, g) => value(weighedStep(b, step, g, 20, '2026-11-30T10:00:00Z')), otter);
    expect(weighingsOf(otter, step, 20)).toEqual({ grams: [] });
    const steady = weighingsOf(weigh([20.1, 19.9, 20, 20.2, 19.8]), step, 20);
    expect(steady.says).toBeUndefined();
    expect(steady.mean).toBeCloseTo(20, 9);
    const heavy = weighingsOf(weigh([20.1, 20.2, 20.1, 20.2, 20.1, 20.3, 20.1, 20.2]), step, 20);
    expect(heavy.says).toMatch(/Drifting heavy/);
    // weighings of another size say nothing of this one
    expect(weighingsOf(weigh([20, 20]), step, 35).grams).toEqual([]);
  });
});
