import { polygonArea } from 'd3-polygon';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { jacketOf, sleeveOf, tasselOf, type Cloth } from './index.ts';

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
