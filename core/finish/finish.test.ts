import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  comesBefore,
  finishOf,
  inFinishOrder,
  RANKS,
  finishNamed,
  FINISHES,
  type FinishTechnique,
} from './index.ts';

/** 21 °C, a still kitchen, a face of 40 mm of covering paste. */
const room = (humidity: number, across = 40) => ({
  temperature: 21,
  humidity,
  speed: 0.1,
  across,
  rests: 0.7,
});
const waits = (id: string, humidity = 0.5) => {
  const { next, touch, lift } = finishOf(finishNamed(id), 100, 1, room(humidity)).waits!;
  return [next, touch, lift].map((f) => f.value);
};
const any = fc.constantFrom(...FINISHES);

describe('how long a finish dries', () => {
  // the mass balance of a film by hand, at 50 and at 65 %
  it.each([
    ['paint', [16, 22, 31], [25, 36, 58]],
    ['airbrush', [5, 6, 9], [7, 10, 17]],
    ['wash', [9, 12, 18], [14, 21, 33]],
    ['cocoaPaint', [14, 18, 26], [21, 30, 48]],
    ['metal', [4, 4, 5], [4, 5, 6]],
    ['gloss', [13, 17, 24], [20, 28, 45]],
    ['gel', [226, 308, 438], [360, 517, 833]],
    ['wafer', [35, 47, 67], [55, 79, 126]],
  ] as const)('%s: next coat, touch and lift', (id, dry, damp) => {
    for (const [humidity, wanted] of [
      [0.5, dry],
      [0.65, damp],
    ] as const)
      waits(id, humidity).forEach((found, k) => {
        expect(Math.abs(found - wanted[k]!), `${id} ${humidity} ${k}`).toBeLessThan(0.03 * wanted[k]! + 0.6);
      });
  });

  it('never in air that is damper than the paste, and later in damper air', () => {
    expect(waits('paint', 0.75)[2]).toBe(Infinity);
    fc.assert(
      fc.property(any, fc.double({ min: 0.2, max: 0.6, noNaN: true }), (technique, h) => {
        const of = (humidity: number) => finishOf(technique, 50, 1, room(humidity)).waits;
        const [dry, damp] = [of(h), of(h + 0.1)];
        if (!dry || !damp) return;
        for (const s of ['next', 'touch', 'lift'] as const)
          expect(damp[s].value).toBeGreaterThanOrEqual(dry[s].value);
        expect(dry.next.value).toBeLessThanOrEqual(dry.touch.value);
        expect(dry.touch.value).toBeLessThanOrEqual(dry.lift.value);
      }),
    );
  });
});

describe('what a finish takes', () => {
  it('100 cm² of solid paint: 17.7 min for a coat and 14.7 for the second; three passes 0.6 mL; 60 spikes 8.4 min', () => {
    const of = (id: string, amount: number, coats: number) =>
      finishOf(finishNamed(id), amount, coats, room(0.5));
    expect(of('paint', 100, 1).minutes.value).toBeCloseTo(17.7, 1);
    expect(of('paint', 100, 2).minutes.value).toBeCloseTo(32.4, 1);
    expect(of('airbrush', 100, 3).takes!.value).toBeCloseTo(0.6, 9);
    expect(of('spikes', 60, 1).minutes.value).toBeCloseTo(8.4, 0);
  });

  it('minutes and amounts rise with what is done, smoothly, and are never nothing', () => {
    fc.assert(
      fc.property(any, fc.integer({ min: 1, max: 300 }), (technique, n) => {
        const [a, b] = [n, n + 1].map((x) => finishOf(technique, x, 1, room(0.5)));
        expect(a!.minutes.value).toBeGreaterThan(0);
        expect(b!.minutes.value).toBeGreaterThan(a!.minutes.value);
        if (a!.takes) expect(b!.takes!.value).toBeGreaterThan(a!.takes.value);
      }),
    );
  });
});

describe('the order over one place', () => {
  it('is a line of ranks, so that it never goes round: shuffled finishes come out in an order that breaks no rule', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([...FINISHES], { minLength: 2 }), (some) => {
        const done = inFinishOrder(some.map((technique) => ({ technique })));
        done.forEach(({ technique: late }, j) => {
          for (const { technique: early } of done.slice(0, j))
            expect(comesBefore(late, early)).toBeUndefined();
        });
      }),
    );
  });

  it('an eye is white, colour, pupil, light; dust before a shine; blush before a line; dirt last: common practice', () => {
    const before = (a: string, b: string) => comesBefore(finishNamed(a), finishNamed(b));
    expect(before('eyeWhite', 'catchlight')).toMatch(/white, colour, pupil, light/);
    expect(before('catchlight', 'eyeWhite')).toBeUndefined();
    expect(before('shade', 'gloss')).toBeDefined();
    expect(before('blush', 'outline')).toMatch(/drag a line/);
    for (const t of FINISHES)
      if (t.id !== 'dirt') expect(comesBefore(finishNamed('dirt'), t)).toBeUndefined();
  });

  it('every dust is guarded, every rank is used, every id is its own', () => {
    const dusts = FINISHES.filter((t: FinishTechnique) => t.caution === 'dust');
    expect(dusts.length).toBeGreaterThan(4);
    for (const t of dusts) expect(t.guard, t.id).toBeDefined();
    expect(new Set(FINISHES.map((t) => t.rank)).size).toBe(RANKS.length);
    expect(new Set(FINISHES.map((t) => t.id)).size).toBe(26);
  });
});
