import { polygonArea } from 'd3-polygon';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { goresOf } from './gores.ts';
import { jacketOf } from './jacket.ts';
import { leaningOf } from './leaning.ts';
import { sleeveOf } from './sleeve.ts';
import { tasselOf } from './tassel.ts';
import type { Cloth } from './types.ts';

const areaOf = ({ outline }: Cloth) => Math.abs(polygonArea(outline as [number, number][]));
const said = ({ figures }: Cloth, words: RegExp) => figures.find((f) => words.test(f.says))!.figure.value;
const far = ([ax, ay]: readonly number[], [bx, by]: readonly number[]) => Math.hypot(ax! - bx!, ay! - by!);
const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('a sleeve', () => {
  it('90 round with a shoulder at 40° rises by 24 mm: a slanting cut through a tube, by hand', () => {
    const sleeve = sleeveOf(90 / Math.PI, 60, 40, 0, 0);
    expect(said(sleeve, /across/)).toBeCloseTo(90, 6);
    expect(said(sleeve, /lowest/)).toBeCloseTo((90 / Math.PI) * Math.tan((40 * Math.PI) / 180), 6);
    expect(said(sleeve, /lowest/)).toBeCloseTo(24, 0);
  });

  it('takes as much paste as one that is cut straight, is as high at both ends, and its wave is what it says', () => {
    fc.assert(
      fc.property(size(5, 80), size(0, 60), size(0.5, 4), (arm, slant, thick) => {
        const long = arm * 3;
        const sleeve = sleeveOf(arm, long, slant, thick, 0);
        expect(areaOf(sleeve) / (said(sleeve, /across/) * long)).toBeCloseTo(1, 2);
        const heights = sleeve.outline.slice(2).map((p) => p[1]);
        expect(heights[0]).toBeCloseTo(heights.at(-1)!, 6);
        expect(Math.max(...heights) - Math.min(...heights)).toBeCloseTo(said(sleeve, /lowest/), 6);
      }),
    );
    expect(sleeveOf(40, 20, 70, 2, 4).says).toMatch(/make it longer/);
  });
});

describe('a collar or jacket', () => {
  it('120 below, 80 above and 150 tall: edges of 377 and 251, 475.4 cm² (lateral face of a frustum, handbook)', () => {
    const jacket = jacketOf(80, 120, 150, 0, 0);
    expect(said(jacket, /hem/)).toBeCloseTo(377, 0);
    expect(said(jacket, /upper/)).toBeCloseTo(251.3, 1);
    expect(areaOf(jacket) / 47_541).toBeCloseTo(1, 3);
  });

  it('both edges are as long in the flat as they lie round the body, whichever end is the wider', () => {
    fc.assert(
      fc.property(size(20, 200), size(20, 200), size(20, 200), size(0.5, 4), (above, below, tall, thick) => {
        const jacket = jacketOf(above, below, tall, thick, 5);
        if (jacket.says !== undefined || jacket.outline.length < 10) return;
        const half = jacket.outline.length / 2;
        const long = (from: number, to: number) =>
          jacket.outline.slice(from, to).reduce((sum, p, i, all) => (i ? sum + far(p, all[i - 1]!) : 0), 0);
        const edges = [long(0, half), long(half, 2 * half)].sort((a, b) => a - b);
        const wanted = [said(jacket, /hem/), said(jacket, /upper/)].sort((a, b) => a - b);
        edges.forEach((e, i) => expect(e / wanted[i]!).toBeCloseTo(1, 2));
        expect(far(jacket.outline[half - 1]!, jacket.outline[half]!)).toBeCloseTo(
          said(jacket, /edge to edge/),
          6,
        );
      }),
    );
  });

  it('says when there is nothing of it', () => {
    expect(jacketOf(20, 20, 30, 1, 200).says).toMatch(/open all the way round/);
  });
});

it('a tassel rolled up is as much paste as its strip', () => {
  fc.assert(
    fc.property(size(5, 100), size(3, 40), size(0.5, 4), (long, across, thick) => {
      const tassel = tasselOf(long, across, thick);
      expect(areaOf(tassel) * thick).toBeCloseTo((Math.PI / 4) * across * across * long, 6);
      expect(tassel.says === undefined).toBe(thick * 4 <= across);
    }),
  );
});

describe('a strip round what leans', () => {
  const leans = { below: 120, above: 80, tall: 150, aside: 45 };
  it('120 to 80 over 150, leaning 45 aside: 485.6 cm² (unrolled by another program), 163 on its long side and 152 on its short one', () => {
    const cloth = leaningOf(leans, 0, 0);
    expect(areaOf(cloth) / 48_560).toBeCloseTo(1, 2);
    expect(said(cloth, /long side/)).toBeCloseTo(Math.hypot(150, 65), 6);
    expect(said(cloth, /short side/)).toBeCloseTo(Math.hypot(150, 25), 6);
  });

  it('upright it is the part of a ring that a jacket is (lateral face of a frustum, handbook)', () => {
    fc.assert(
      fc.property(size(20, 200), size(20, 200), size(20, 200), size(0, 4), (above, below, tall, thick) => {
        const [a, b] = [leaningOf({ above, below, tall, aside: 0 }, thick, 0), jacketOf(above, below, tall, thick, 0)]; // prettier-ignore
        expect(Math.abs(areaOf(a) / areaOf(b) - 1)).toBeLessThan(0.01);
      }),
    );
  });

  it('its edges are as long as they say, however it leans, and a lap adds its own strip', () => {
    fc.assert(
      fc.property(size(20, 200), size(20, 200), size(20, 200), size(0, 90), (above, below, tall, aside) => {
        const cloth = leaningOf({ above, below, tall, aside }, 2, 0);
        const half = cloth.outline.length / 2;
        const long = (from: number, to: number) =>
          cloth.outline.slice(from, to).reduce((sum, p, i, all) => (i ? sum + far(p, all[i - 1]!) : 0), 0);
        expect(long(0, half) / said(cloth, /lower/)).toBeCloseTo(1, 2);
        expect(long(half, 2 * half) / said(cloth, /upper/)).toBeCloseTo(1, 2);
        // both edges of the seam are the short side
        expect(far(cloth.outline[half - 1]!, cloth.outline[half]!)).toBeCloseTo(
          Math.hypot(tall, (below - above) / 2 - aside),
          6,
        );
        const lapped = leaningOf({ above, below, tall, aside }, 2, 10);
        expect(areaOf(lapped) - areaOf(cloth)).toBeCloseTo(
          10 * Math.hypot(tall, (below - above) / 2 - aside),
          3,
        );
      }),
    );
  });
});

it('gores of a ball are as much skin as the ball with half of their thickness on it, however many (4 π R², handbook)', () => {
  fc.assert(
    fc.property(size(15, 300), fc.integer({ min: 3, max: 40 }), size(0.5, 4), (ball, number, thick) => {
      const gore = goresOf(ball, number, thick);
      expect((areaOf(gore) * number) / (Math.PI * (ball + thick) ** 2)).toBeCloseTo(1, 2);
      expect(said(gore, /pole/)).toBeCloseTo((Math.PI * (ball + thick)) / 2, 6);
      // a leaf a sixth of the way round still lies down, a third does not
      expect(gore.says === undefined).toBe(number > 4);
    }),
  );
});
