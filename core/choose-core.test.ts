import { describe, expect, it } from 'vitest';
import { chooseCore } from './choose-core.ts';
import { demoBuild, refusal, value } from './files/demo.testing.ts';
import { pieceOf } from './record/index.ts';
import { plan } from './plan.ts';
import { measure } from './solids/index.ts';

const otter = demoBuild('ferryman-otter');
const heron = demoBuild('one-legged-heron');

describe('what a piece is built over', () => {
  const choices = value(chooseCore(otter, 'head'));
  const of = (o: string) => choices.find((c) => c.option === o)!;

  it('compares four ways at the same outside size', () => {
    expect(choices.map((c) => c.option)).toEqual(['solid', 'foam', 'cereal', 'cake']);
    const tall = (c: (typeof choices)[number]) => measure(pieceOf(c.build, 'head')!.form).height;
    for (const c of choices) expect(tall(c)).toBeCloseTo(tall(choices[0]!), 1);
    expect(choices.filter((c) => c.now).map((c) => c.option)).toEqual(['foam']);
    expect(of('foam').build).toBe(otter);
  });

  it('foam is lightest, solid paste heaviest, and a lighter head never works the rods harder', () => {
    expect(of('foam').whole.value).toBeLessThan(of('cereal').whole.value);
    expect(of('cereal').whole.value).toBeLessThan(of('solid').whole.value);
    expect(of('solid').core.value).toBe(0);
    expect(of('foam').paste.value).toBeCloseTo(of('cereal').paste.value, 6);
    expect(of('solid').worstUse).toBeGreaterThanOrEqual(of('foam').worstUse - 1e-9);
    expect(of('solid').tips).toBeLessThanOrEqual(of('foam').tips + 1e-9);
  });

  it('what it says is what the build says once it is taken', () => {
    for (const c of choices) {
      const report = plan(c.build);
      expect(report.figure.pieces.find((p) => p.id === 'head')!.weight.whole.value).toBeCloseTo(
        c.whole.value,
        6,
      );
      expect(report.bones.counts.fails).toBe(c.fails);
    }
  });

  it('puts a core into an egg of solid paste, and leaves a rope of scales alone', () => {
    const body = value(chooseCore(heron, 'body', 6));
    const foam = body.find((c) => c.option === 'foam')!;
    expect(pieceOf(foam.build, 'body')!.form.coat).toMatchObject({ thickness: 6 });
    expect(foam.whole.value).toBeLessThan(0.7 * body.find((c) => c.option === 'solid')!.whole.value);
    expect(refusal(chooseCore(heron, 'near-wing'))).toMatch(/no room for a core/);
    expect(refusal(chooseCore(heron, 'gone'))).toMatch(/no longer/);
  });
});
