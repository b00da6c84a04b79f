import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { apartBy } from '../apart.ts';
import { labOf } from '../lab.ts';
import {
  absorbs,
  coloured,
  daylightXy,
  downhill,
  driftWords,
  dulled,
  findMixes,
  givesBack,
  hexOfSpectrum,
  isReachable,
  kneaded,
  learnPot,
  nearWords,
  spectrumOf,
  streaked,
  type MixPot,
} from './index.ts';

const IVORY = '#f6f1e4';
const pot = (name: string, hex: string, drops = 10): MixPot => ({
  name,
  ...learnPot(IVORY, [{ drops, hex }])!,
});
const POTS = [
  pot('poppy red', '#c22b2b'),
  pot('egg yellow', '#eab52a'),
  pot('leaf green', '#3f8c43'),
  pot('sea blue', '#2c8fb0'),
  pot('night blue', '#2b3f7c'),
  pot('plum', '#6d3a6b'),
  pot('bark brown', '#5f4029'),
  pot('coal black', '#1d1a1a'),
];
const off = (a: string, b: string) => apartBy(labOf(a)!, labOf(b)!);
const anyHex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

describe('spectra', () => {
  it('see daylight where the standard has it (CIE 015: 0.3127, 0.3290)', () => {
    const [x, y] = daylightXy();
    expect(x).toBeCloseTo(0.3127, 3);
    expect(y).toBeCloseTo(0.329, 3);
  });

  it('of any screen colour look like it, lie between nothing and all, and are smooth', () => {
    fc.assert(
      fc.property(anyHex, (hex) => {
        const s = spectrumOf(hex);
        expect(s.every((r) => r > 0 && r < 1)).toBe(true);
        // what is purer than any face can be is held back at the rim of what one gives back
        expect(off(hexOfSpectrum(s), hex)).toBeLessThan(3);
      }),
      { numRuns: 120 },
    );
    expect(hexOfSpectrum(spectrumOf('#c81e2d'))).toBe('#c81e2d');
    expect(() => spectrumOf('red')).toThrow(RangeError);
  });
});

describe('pastes that are mixed', () => {
  // Kubelka and Munk 1931: (1 − R)² ÷ 2R
  it('absorb and give back as Kubelka and Munk have it', () => {
    expect(absorbs(0.5)).toBe(0.25);
    expect(absorbs(0.1)).toBeCloseTo(4.05, 9);
    expect(givesBack(0.25)).toBeCloseTo(0.5, 12);
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.99, noNaN: true }), (r) => {
        expect(givesBack(absorbs(r))).toBeCloseTo(r, 9);
      }),
    );
  });

  it('yellow with a tenth of blue is green; a tenth of red turns ivory pink, but hardly where it is left in streaks', () => {
    const [yellow, blue, ivory, red] = ['#f7d417', '#1f4fa3', IVORY, '#c81e2d'].map(
      spectrumOf,
    ) as never as number[][];
    expect(hexOfSpectrum(kneaded(yellow!, blue!, 0.1))).toBe('#7c9f47');
    expect(hexOfSpectrum(kneaded(ivory!, red!, 0.1))).toBe('#f4787e');
    expect(hexOfSpectrum(streaked(ivory!, red!, 0.1))).toBe('#f2e6da');
    expect(hexOfSpectrum(kneaded(ivory!, spectrumOf('#111111'), 0.02))).toBe('#787877');
  });

  it('only grow darker with more of any pot, and keep their shade in any batch', () => {
    fc.assert(
      fc.property(fc.constantFrom(...POTS), fc.double({ min: 0.1, max: 40, noNaN: true }), (p, drops) => {
        const light = (n: number) =>
          labOf(hexOfSpectrum(coloured(spectrumOf(IVORY), [{ pot: p, drops: n }])))!.L;
        expect(light(drops * 1.5)).toBeLessThanOrEqual(light(drops) + 0.5);
      }),
    );
  });
});

describe('what a pot does', () => {
  it('is learned from one swatch: two drops of a red of ten are pink', () => {
    const red = learnPot(IVORY, [{ drops: 10, hex: '#c81e2d' }])!;
    expect(hexOfSpectrum(coloured(spectrumOf(IVORY), [{ pot: red, drops: 2 }]))).toBe('#ea5d63');
    expect(hexOfSpectrum(coloured(spectrumOf(IVORY), [{ pot: red, drops: 10 }]))).toBe('#c81e2d');
    expect(learnPot(IVORY, [{ drops: 0, hex: '#c81e2d' }])).toBeUndefined();
  });

  it.each([0.7, 0.85, 1, 1.15])('is learned from three: growth %s comes back', (grows) => {
    const true_ = { takes: learnPot(IVORY, [{ drops: 6, hex: '#2c8fb0' }])!.takes, grows };
    const swatches = [1, 4, 16].map((drops) => ({
      drops,
      hex: hexOfSpectrum(coloured(spectrumOf(IVORY), [{ pot: true_, drops }])),
    }));
    const found = learnPot(IVORY, swatches)!;
    expect(Math.abs(found.grows - grows)).toBeLessThan(0.06);
    expect(found.off).toBeLessThan(1.5);
  });

  it('says how far its swatches disagree', () => {
    const swatches = [
      { drops: 1, hex: '#f3b9b0' },
      { drops: 10, hex: '#c81e2d' },
    ];
    expect(learnPot(IVORY, swatches)!.off).toBeGreaterThan(1);
  });
});

describe('drops for a colour', () => {
  it('come to what was mixed from the same pots, in whole drops near enough', () => {
    const truth = [
      { pot: POTS[1]!, drops: 6 },
      { pot: POTS[4]!, drops: 3 },
    ];
    const wanted = hexOfSpectrum(coloured(spectrumOf(IVORY), truth));
    const [best] = findMixes(IVORY, POTS, wanted);
    expect(best!.off).toBeLessThan(1.5);
    expect(off(best!.hex, wanted)).toBeLessThan(2);
  });

  it('are never negative or more than paste takes, the nearest first, and never the same pots twice', () => {
    fc.assert(
      fc.property(anyHex, (wanted) => {
        const found = findMixes(IVORY, POTS, wanted);
        const plain = off(IVORY, wanted);
        for (const f of found) {
          for (const p of f.parts) {
            expect(p.drops).toBeGreaterThan(0);
            expect(p.drops).toBeLessThanOrEqual(60);
          }
          expect(f.off).toBeLessThan(plain + 0.5);
        }
        const sets = found.map((f) =>
          f.parts
            .map((p) => p.name)
            .sort()
            .join(),
        );
        expect(new Set(sets).size).toBe(sets.length);
      }),
      { numRuns: 6 },
    );
    expect(findMixes(IVORY, POTS, '#fffdf4')).toEqual([]);
  });

  it('are as near as any grid of the same pots finds', () => {
    const wanted = '#8a9a4f';
    const [yellow, green] = [POTS[1]!, POTS[2]!];
    let least = Infinity;
    for (let a = 0; a <= 30; a += 0.5)
      for (let b = 0; b <= 30; b += 0.5) {
        const hex = hexOfSpectrum(
          coloured(spectrumOf(IVORY), [
            { pot: yellow, drops: a },
            { pot: green, drops: b },
          ]),
        );
        least = Math.min(least, off(hex, wanted));
      }
    const found = findMixes(IVORY, [yellow, green], wanted);
    expect(Math.min(...found.map((f) => f.off))).toBeLessThan(least + 0.5);
  });

  it('are not looked for where no dye gets there: bright on dark', () => {
    expect(isReachable('#3a2419', '#c81e2d').ok).toBe(false);
    expect(isReachable('#3a2419', '#c81e2d').over).toBeCloseTo(0.7222, 3);
    expect(isReachable(IVORY, '#c81e2d')).toEqual({ over: 0, ok: true });
    expect(nearWords(0.5)).toMatch(/same side by side/);
    expect(nearWords(12)).toMatch(/another colour/);
  });

  it('a simplex comes to the bottom of a valley (Rosenbrock 1960)', () => {
    const valley = ([x, y]: readonly number[]) => (1 - x!) ** 2 + 100 * (y! - x! ** 2) ** 2;
    const { x } = downhill(valley, [-1.2, 1]);
    expect(valley(x)).toBeLessThan(0.01);
  });
});

describe('an opposite to dull', () => {
  const red = POTS[0]!;
  const at = (name: string, drops: number) => [{ pot: POTS.find((p) => p.name === name)!, drops }];

  it('takes a fifth of the strength off with a pot from across the wheel, in a tenth of the drops', () => {
    const found = dulled(IVORY, at('leaf green', 10), POTS)!;
    expect(['poppy red', 'plum']).toContain(found.name);
    const strength = (hex: string) => Math.hypot(labOf(hex)!.a, labOf(hex)!.b);
    expect(strength(found.hex) / strength(found.from)).toBeCloseTo(0.8, 1);
    expect(found.drops).toBeLessThan(3);
    // colour kneaded in never makes paste lighter
    expect(found.lighter).toBeLessThan(0);
    expect(driftWords(found)).toMatch(/^a little deeper/);
  });

  it('needs more of it the quieter it is wanted, and is nothing for what is quiet already', () => {
    const drops = [0.9, 0.8, 0.6].map((keep) => dulled(IVORY, at('leaf green', 10), POTS, keep)!.drops);
    expect(drops).toEqual([...drops].sort((a, b) => a - b));
    expect(dulled(IVORY, at('coal black', 4), POTS)).toBeUndefined();
    expect(dulled(IVORY, [{ pot: red, drops: 10 }], [red])).toBeUndefined();
  });

  it('says which way the hue goes', () => {
    const drift = (turns: number, lighter = 0) =>
      driftWords({ from: '#3f8c43', hex: '#4f8450', turns, lighter });
    expect(drift(-8)).toBe('a little towards yellow');
    expect(drift(8, -3)).toBe('a little deeper and towards blue');
    expect(drift(0.5)).toBe('hardly any other hue');
  });
});
