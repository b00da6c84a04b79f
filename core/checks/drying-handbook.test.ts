// Sources: Magnus formula and saturation pressure (handbook, 2339 Pa at 20 °C); Crank, The Mathematics of Diffusion,
// half times of plane sheet, cylinder and sphere; one-term transient conduction coefficients ζ₁ and C₁ of heat
// transfer textbooks (Heisler). All from memory.
import { describe, expect, it } from 'vitest';
import { balanceWater, pasteLaw } from '../firming/paste-law.ts';
import { dewPoint, saturationDensity, saturationPressure } from '../firming/air.ts';
import { LAW_TABLE } from '../firming/law.ts';
import { slabOf, sweep } from '../firming/sweep.ts';
import { gridOf, step } from '../firming/reference.ts';
import { MATERIALS, type DryingConstants } from '../pastes/index.ts';

const constants = (id: keyof typeof MATERIALS): DryingConstants => {
  const f = MATERIALS[id].firming;
  if (f.by !== 'drying') throw new Error(`${id} does not dry`);
  return f.constants;
};

describe('moist air', () => {
  it('has the pressures and densities of the handbook', () => {
    expect(saturationPressure(0)).toBeCloseTo(611.2, 1);
    expect(Math.abs(saturationPressure(20) / 2339 - 1)).toBeLessThan(0.005);
    expect(Math.abs(saturationDensity(20) / 0.01729 - 1)).toBeLessThan(0.005);
    expect(dewPoint(21, 0.5)).toBeCloseTo(10.18, 1);
  });
});

describe('the isotherm', () => {
  it('is Raoult’s law for covering paste: 3/7 of its water at 50 %', () => {
    expect(balanceWater(pasteLaw(constants('fondant')), 0.5)).toBeCloseTo(3 / 7, 9);
    expect(balanceWater(pasteLaw(constants('fondant')), 0.7)).toBeCloseTo(1, 9);
  });
  it('takes up water where the room is damper than the paste', () => {
    expect(balanceWater(pasteLaw(constants('fondant')), 0.75)).toBeCloseTo(1.29, 2);
    expect(balanceWater(pasteLaw(constants('gumPaste')), 0.6)).toBeCloseTo(0.303, 3);
  });
});

/** Mean of u when a body with a fixed or a resisting surface has lost so much; linear diffusion, D = 1, L = 1. */
function run(shape: number, biot: number, stop: (t: number, mean: number) => boolean) {
  const n = 200;
  const grid = gridOf(1, shape, n, 1e-4);
  const u = new Float64Array(n).fill(1);
  let surface = 1;
  let t = 0;
  for (;;) {
    const dt = 1e-6 + t * 0.004;
    surface = step(grid, u, surface, dt, 1, 0, (us) => [biot * us, biot], 1);
    t += dt;
    let mean = 0;
    let whole = 0;
    u.forEach((x, i) => {
      mean += x * grid.volumes[i]!;
      whole += grid.volumes[i]!;
    });
    if (stop(t, mean / whole)) return { t, centre: u[0]!, mean: mean / whole };
  }
}

describe('the reference solver', () => {
  it.each([
    // half thickness 1, so 0.0492 l² ÷ D of the full thickness is 0.1968
    [0, 0.1968],
    [1, 0.0631],
    [2, 0.0305],
  ])('shape %i loses half at the time Crank gives', (shape, time) => {
    const { t } = run(shape, 1e7, (_, mean) => mean <= 0.5);
    expect(Math.abs(t / time - 1)).toBeLessThan(0.012);
  });

  it.each([
    [0, 1, 0.8603, 1.1191],
    [0, 10, 1.4289, 1.262],
    [1, 1, 1.2558, 1.2071],
    [2, 1, 1.5708, 1.2732],
    [2, 10, 2.8363, 1.9249],
  ])('shape %i, Biot %f: centre follows the one-term solution', (shape, biot, zeta, c1) => {
    const at = shape === 0 ? 0.6 : 0.4;
    const { t, centre } = run(shape, biot, (time) => time >= at);
    expect(Math.abs(centre / (c1 * Math.exp(-zeta * zeta * t)) - 1)).toBeLessThan(0.015);
  });
});

describe('the sweep', () => {
  it('loses in the body what leaves the surface: dry mass is kept', () => {
    const law = pasteLaw(constants('gumPaste'));
    const h = sweep(law, slabOf(1000, 2000, 0.5, 40, 1, 'sheet'), {
      temperature: 21,
      humidity: 0.5,
      speed: 0.1,
    });
    const last = h.seconds.length - 1;
    // after three weeks a 1 mm sheet is in balance with the room
    expect(h.lossMean[last]).toBeCloseTo(1 - h.balance, 2);
    for (let i = 1; i <= last; i++) expect(h.lossMean[i]!).toBeGreaterThanOrEqual(h.lossMean[i - 1]! - 1e-3);
  });

  it('knows a slab, a rod and a ball by their shape number', () => {
    const d = 42;
    const ball = slabOf((Math.PI * d ** 3) / 6, Math.PI * d * d, d / 2, d, d, 'rod');
    expect(ball.shape).toBeCloseTo(2, 9);
    expect(ball.depth).toBeCloseTo(d / 2000, 9);
    const rod = slabOf((Math.PI * 100 * 1000) / 4, Math.PI * 10 * 1000, 5, 10, 10, 'rod');
    expect(rod.shape).toBeCloseTo(1, 2);
    expect(slabOf(2 * 900, 2 * 900, 1, 30, 2, 'sheet').shape).toBeCloseTo(0, 9);
  });

  it('says where every constant comes from', () => {
    for (const [name, c] of Object.entries(LAW_TABLE)) expect(c.meaning.length, name).toBeGreaterThan(5);
  });
});
