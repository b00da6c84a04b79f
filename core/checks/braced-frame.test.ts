import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { propped } from '../bones/joints/braced.ts';
import { solveLinear } from '../quantity/index.ts';
import type { Vec } from '../solids/index.ts';

/**
 * A braced rod against a plane frame reckoned by the stiffness method (direct stiffness of Euler–Bernoulli beam elements,
 * any structures textbook), and against the beam tables: clamped at one end, propped at the other, a moment M at the prop
 * gives a reaction of 3 M ÷ 2 L and M ÷ 2 at the clamp (Roark’s table of shear, moment and deflection, from memory).
 */

/** Plane frame: the rod of n beams from the clamp up, a stiff bar from its top to a pinned foot. Units N, mm. */
function frame(L: number, leg: readonly [number, number], F: readonly [number, number], M: number) {
  const n = 4;
  const [EI, EA, bar] = [5e4, 1e9, 1e9];
  const size = 3 * (n + 1);
  const K = Array.from({ length: size }, () => new Array<number>(size).fill(0));
  const l = L / n;
  // degrees of freedom of a node: along the rod, across it, turning from the rod towards across
  for (let e = 0; e < n; e++) {
    const at = (i: number, k: number) => 3 * (e + i) + k;
    const put = (a: number, b: number, v: number) => (K[a]![b]! += v);
    for (const [i, j] of [[0, 0], [0, 1], [1, 0], [1, 1]] as const) {
      const same = i === j;
      put(at(i, 0), at(j, 0), (same ? EA : -EA) / l);
      put(at(i, 1), at(j, 1), ((same ? 12 : -12) * EI) / l ** 3);
      put(at(i, 1), at(j, 2), ((i === 0 ? 6 : -6) * EI) / l ** 2);
      put(at(i, 2), at(j, 1), ((j === 0 ? 6 : -6) * EI) / l ** 2);
      put(at(i, 2), at(j, 2), ((same ? 4 : 2) * EI) / l);
    }
  } // prettier-ignore
  const top = 3 * n;
  for (const i of [0, 1] as const)
    for (const j of [0, 1] as const) K[top + i]![top + j]! += bar * leg[i] * leg[j];
  const free = Array.from({ length: size - 3 }, (_, k) => k + 3);
  const load = new Array<number>(size).fill(0);
  [load[top], load[top + 1], load[top + 2]] = [F[0], F[1], M];
  const u = solveLinear(
    free.map((a) => free.map((b) => K[a]![b]!)),
    free.map((a) => load[a]!),
  )!;
  const of = (k: number) => (k < 3 ? 0 : u[k - 3]!);
  const reaction = [0, 1, 2].map((k) => K[k]!.reduce((sum, v, j) => sum + v * of(j), 0));
  return {
    pushed: -bar * (leg[0] * of(top) + leg[1] * of(top + 1)),
    along: reaction[0]!,
    shear: -reaction[1]!,
    foot: -reaction[2]!,
  };
}

const near = (a: number, b: number, scale: number) =>
  expect(Math.abs(a - b), `${a} against ${b}`).toBeLessThan(2e-3 * scale);

describe('a rod with a brace', () => {
  it('bears what a plane frame bears, whatever pushes on it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 200, noNaN: true }),
        fc.double({ min: 25, max: 155, noNaN: true }),
        fc.double({ min: -5, max: 5, noNaN: true }),
        fc.double({ min: -5, max: 5, noNaN: true }),
        fc.double({ min: -200, max: 200, noNaN: true }),
        (L, angle, along, across, M) => {
          const a = (angle * Math.PI) / 180;
          const leg = [Math.cos(a), Math.sin(a)] as const;
          const whole = frame(L, leg, [along, across], M);
          // the rod along z, across it x; a turn from z to x is one about y
          const ours = propped(
            { axis: [0, 0, 1], legs: [[leg[1], 0, leg[0]]], span: L, up: L, part: 1 },
            [across, 0, along],
            [0, M, 0],
          )!;
          const force = Math.abs(along) + Math.abs(across) + Math.abs(M) / L + 1e-3;
          near(ours.pushed[0]!, whole.pushed, force / Math.sin(a) ** 2);
          near(ours.shear[0], whole.shear, force / Math.sin(a));
          near(ours.tilt[0], whole.foot, force * L);
          near(ours.along, whole.along, force / Math.sin(a) ** 2);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('is the propped cantilever of the tables under a moment at the prop', () => {
    const borne = propped(
      { axis: [0, 0, 1], legs: [[1, 0, 0]], span: 80, up: 80, part: 1 },
      [0, 0, 0],
      [0, 120, 0],
    )!;
    expect(borne.shear[0]).toBeCloseTo((-1.5 * 120) / 80, 12);
    expect(borne.tilt[0]).toBeCloseTo(-60, 12);
    expect(borne.pushed[0]).toBeCloseTo((-1.5 * 120) / 80, 12);
  });

  it('is a strut and a tie under a weight where they meet', () => {
    // a level arm, a strut from below at 45°: the strut bears W √2, the arm is pulled by W
    const half = Math.SQRT1_2;
    const borne = propped(
      { axis: [1, 0, 0], legs: [[half, 0, half]], span: 50, up: 50, part: 1 },
      [0, 0, -3],
      [0, 0, 0],
    )!;
    expect(borne.pushed[0]).toBeCloseTo(3 * Math.SQRT2, 12);
    expect(borne.along).toBeCloseTo(-3, 12);
    expect(Math.hypot(...borne.shear)).toBeCloseTo(0, 12);
  });

  it('is a cantilever where the brace bears nothing', () => {
    const borne = propped(
      { axis: [1, 0, 0], legs: [[0, 0, 1]], span: 50, up: 50, part: 0 },
      [0, 0, -3],
      [0, 40, 0],
    )!;
    expect(borne.shear[2]).toBeCloseTo(-3, 12);
    // 3 N at 50 mm and 40 N·mm more, both downwards
    expect(borne.tilt[2]).toBeCloseTo(-190, 12);
  });
});

describe('a rod with two braces', () => {
  it('stands in balance, and bears the same from every side when the braces stand square', () => {
    const any = fc.double({ min: -5, max: 5, noNaN: true });
    fc.assert(
      fc.property(fc.tuple(any, any, any), fc.tuple(any, any, any), (F, M) => {
        const s = Math.SQRT1_2;
        const legs: Vec[] = [[s, 0, s], [0, s, s]];
        const borne = propped({ axis: [0, 0, 1], legs, span: 60, up: 60, part: 1 }, F, M)!;
        const sum = [0, 1, 2].map(
          (k) => F[k]! + legs.reduce((t, l, i) => t + l[k]! * borne.pushed[i]!, 0) - borne.shear[k]!,
        );
        expect(sum[0]).toBeCloseTo(0, 9);
        expect(sum[1]).toBeCloseTo(0, 9);
        expect(sum[2]! + borne.along).toBeCloseTo(0, 9);
        // propped both ways: half the moment at the foot, the other way round
        expect(borne.tilt[0]).toBeCloseTo(-borne.top[0] / 2, 9);
        expect(borne.tilt[1]).toBeCloseTo(-borne.top[1] / 2, 9);
      }),
    ); // prettier-ignore
  });
});
