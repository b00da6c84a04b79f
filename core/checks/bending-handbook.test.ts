// Rods held at one end: cantilever formulas and Castigliano's quarter circle of any mechanics handbook, the elastica under
// an end load (tables after Bisshopp & Drucker 1945), shape factors of round sections; from memory. Gram per newton by
// the standard acceleration.
import { describe, expect, it } from 'vitest';
import { bendsFar, bendsLittle, staysBent, type Arm, type RodAt } from '../bones/mechanics/cantilever.ts';
import { curvatureRatio, round } from '../bones/mechanics/sections.ts';
import { flagpole } from '../bones/mechanics/columns.ts';
import { type Vec } from '../solids/index.ts';

const E = 10_000;
const G = 4_000;
const section = round(4);
const EI = E * section.inertia;
const GJ = G * 2 * section.inertia;
const plain: RodAt = { section, stiffness: E, shear: G, yields: Infinity, weight: 0 };
const straight: Vec[] = [
  [0, 0, 0],
  [100, 0, 0],
];
const arm = (more: Partial<Arm>): Arm => ({ points: straight, rod: () => plain, loads: [], ...more });
const near = (a: number, b: number, share = 1e-6) => expect(Math.abs(a / b - 1)).toBeLessThan(share);

describe('small bends', () => {
  it('P L³ ÷ 3 E I, w L⁴ ÷ 8 E I, M L² ÷ 2 E I', () => {
    const p = bendsLittle(
      arm({ rod: () => ({ ...plain, yields: 1 }), loads: [{ s: 100, force: [0, 0, -1] }] }),
    );
    near(p.tip[2], -1e6 / (3 * EI));
    near(p.hardest.moment, 100);
    near(bendsLittle(arm({ rod: () => ({ ...plain, weight: 0.005 }) })).tip[2], (-0.005 * 1e8) / (8 * EI));
    near(bendsLittle(arm({ moments: [{ s: 100, moment: [0, 50, 0] }] })).tip[2], (-50 * 1e4) / (2 * EI));
  });

  it('a taper of 8 to 4 mm bends by the ratio of its ends more', () => {
    const taper = arm({
      rod: (s) => ({ ...plain, section: round(8 - (4 * s) / 100) }),
      loads: [{ s: 100, force: [0, 0, -1] }],
      longest: 0.25,
    });
    near(bendsLittle(taper).tip[2], (-1e6 / (3 * E * round(8).inertia)) * 2, 1e-5);
  });

  it('a quarter circle in its plane and out of it', () => {
    const R = 100;
    const circle = Array.from({ length: 401 }, (_, i): Vec => {
      const p = ((Math.PI / 2) * i) / 400;
      return [R - R * Math.cos(p), 0, R * Math.sin(p)];
    });
    const total = circle
      .slice(1)
      .reduce((s, q, i) => s + Math.hypot(q[0] - circle[i]![0], q[2] - circle[i]![2]), 0);
    const upright = bendsLittle(
      arm({ points: circle, loads: [{ s: total, force: [0, 0, -1] }], longest: 5 }),
    );
    near(upright.tip[2], ((-Math.PI / 4) * R ** 3) / EI, 1e-5);
    near(upright.tip[0], R ** 3 / (2 * EI), 1e-5);
    const lying = bendsLittle(
      arm({
        points: circle.map((q): Vec => [q[0], q[2], 0]),
        loads: [{ s: total, force: [0, 0, -1] }],
        longest: 5,
      }),
    );
    near(lying.tip[2], -(R ** 3) * (Math.PI / 4 / EI + ((3 * Math.PI) / 4 - 2) / GJ), 1e-4);
  });
});

describe('large bends', () => {
  it.each([
    [1, 0.30172, 0.05643],
    [2, 0.49346, 0.16064],
    [5, 0.71379, 0.38763],
    [10, 0.81061, 0.555],
  ])('the elastica at P L² ÷ E I = %i', (load, down, back) => {
    const b = bendsFar(arm({ loads: [{ s: 100, force: [0, 0, (-load * EI) / 1e4] }], longest: 0.5 }));
    expect(b.folds).toBe(false);
    near(-b.tip[2] / 100, down, 1e-3);
    near(-b.tip[0] / 100, back, 2e-3);
  });

  it('a mast with its load off centre is the exact flagpole', () => {
    const mast = bendsFar(
      arm({
        points: [
          [0, 0, 0],
          [0, 0, 100],
        ],
        rod: () => ({ ...plain, yields: 1 }),
        loads: [{ s: 100, force: [0, 0, -10], off: [1, 0, 0] }],
      }),
    );
    const exact = flagpole(10, 1, 0, E, section.inertia, 100);
    near(mast.tip[0], exact.sway, 5e-3);
    near(mast.hardest.moment, exact.moment, 5e-3);
  });
});

describe('past yield', () => {
  it('round and tube yield as their shape factors say', () => {
    near(section.plastic / section.modulus, 16 / (3 * Math.PI));
    expect(curvatureRatio(section, 0.7)).toBe(0.7);
    near(curvatureRatio(round(8, 1), 1.2), 1.266, 0.02);
    near(curvatureRatio(section, 1.5), 2.04, 0.02);
    expect(curvatureRatio(section, 1.7)).toBe(Infinity);
  });

  it('wire springs back below it, keeps a bend above it, and folds at the full-plastic moment', () => {
    const wire = round(1);
    const rod: RodAt = {
      section: wire,
      stiffness: 200_000,
      shear: 78_000,
      yields: 210 * wire.modulus,
      weight: 0,
    };
    const pulled = (F: number): Arm => ({
      points: [
        [0, 0, 0],
        [50, 0, 0],
      ],
      rod: () => rod,
      loads: [{ s: 50, force: [0, 0, -F] }],
    });
    const first = rod.yields / 50;
    expect(staysBent(pulled(0.3))[2]).toBeCloseTo(0, 12);
    expect(staysBent(pulled(1.3 * first))[2]).toBeLessThan(-0.01);
    expect(bendsFar(pulled(1.3 * first), true).folds).toBe(false);
    expect(bendsFar(pulled(1.75 * first), true).folds).toBe(true);
  });
});
