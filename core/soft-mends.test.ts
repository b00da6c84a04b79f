import { describe, expect, it } from 'vitest';
import { layOut, measureOf, SCHEMES, schemeOf } from './figure/index.ts';
import { plan } from './plan.ts';
import { blank } from './record/blank.testing.ts';
import { pieceOf, type Build } from './record/index.ts';
import { whenBears } from './soft-mends.ts';

const laid = (scheme: string, height: number): Build => {
  const made = layOut(blank, schemeOf(scheme)!, height, 'standing');
  if (!made.ok) throw new Error(made.problem.text);
  return made.value;
};
const figures = SCHEMES.flatMap(({ id }) => [120, 200].map((h) => [id, h] as const));

describe('what helps legs that are too soft for what stands on them', () => {
  it.each(figures)('%s, %i mm: does what it says, and brings no new trouble', (scheme, height) => {
    const build = laid(scheme, height);
    const { stands } = plan(build);
    for (const soft of stands.soft) {
      const before = plan(build).firming.get(soft.piece)!.bands.bear!.likely;
      for (const mend of soft.mends) {
        const then = plan(mend.build);
        expect(then.stands.hovers.length).toBeLessThanOrEqual(stands.hovers.length);
        const bear = then.firming.get(soft.piece)!.bands.bear;
        if (mend.text.includes('stick')) continue;
        expect(mend.text).toContain(whenBears(bear!));
        expect(bear!.likely).toBeLessThan(before);
        // it is as tall as it was: nothing above it has moved
        const tall = (b: Build) => measureOf(pieceOf(b, soft.piece)!).height;
        expect(tall(mend.build)).toBeCloseTo(tall(build), 6);
      }
    }
  });

  it('thicker legs, a stick and a lighter head are all found where they help', () => {
    const texts = figures.flatMap(([s, h]) =>
      plan(laid(s, h)).stands.soft.flatMap((x) => x.mends.map((m) => m.text)),
    );
    expect(texts.some((t) => /^A stick in/.test(t))).toBe(true);
    expect(texts.some((t) => /^Make (it|them) .* thick: (it carries|they carry) it after/.test(t))).toBe(
      true,
    );
    expect(texts.some((t) => /^Build the head over foam/.test(t))).toBe(true);
  });

  it('tells a wait as far as it is known', () => {
    expect(whenBears({ fast: 5, likely: 60, slow: 240 })).toMatch(/^after/);
    expect(whenBears({ fast: 5, likely: 60, slow: Infinity })).toMatch(/at best$/);
    expect(whenBears({ fast: 5, likely: Infinity, slow: Infinity })).toBe('never in this room');
  });
});
