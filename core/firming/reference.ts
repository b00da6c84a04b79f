import { arrhenius, heatTransfer, massTransfer, saturationDensity } from './air.ts';
import { LAW } from './law.ts';
import { balanceWater, type PasteLaw } from './paste-law.ts';
import type { Air, DryingSlab, DryingHistory } from './sweep.ts';

/**
 * The slow, obvious solver the sweep is held against in tests: backward Euler, many cells, Picard iterations to the
 * end of every step, a plain Newton for the surface. Never used by the app.
 */
export interface ReferenceOptions {
  readonly cells?: number;
  readonly ratio?: number;
  readonly firstStep?: number;
  readonly firstCell?: number;
  readonly end?: number;
  readonly rest?: number;
}

export interface Grid {
  readonly faces: Float64Array;
  readonly centres: Float64Array;
  readonly volumes: Float64Array;
  readonly areas: Float64Array;
}

/**
 * Cells from the face inwards over a length, the first so thick and each a little thicker than the one before.
 * @param shape 0 for a sheet, 1 for a rod
 */
export function gridOf(L: number, shape: number, n: number, first: number): Grid {
  let q = 1;
  if (first * n < L) {
    let low = 1;
    let high = 3;
    for (let i = 0; i < 60; i++) {
      q = (low + high) / 2;
      if ((first * (q ** n - 1)) / (q - 1) > L) high = q;
      else low = q;
    }
  } else first = L / n;
  const faces = new Float64Array(n + 1);
  faces[n] = L;
  for (let i = n - 1, d = first; i >= 1; i--, d *= q) faces[i] = faces[i + 1]! - d;
  const areas = faces.map((r, i) => (shape === 0 ? 1 : i === 0 ? 0 : (r / L) ** shape));
  const centres = new Float64Array(n);
  const volumes = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    centres[i] = (faces[i]! + faces[i + 1]!) / 2;
    volumes[i] = (((faces[i + 1]! / L) ** (shape + 1) - (faces[i]! / L) ** (shape + 1)) * L) / (shape + 1);
  }
  return { faces, centres, volumes, areas };
}

/**
 * Advance water (or heat) by one implicit step.
 * @param flux what leaves through the surface and its slope, as a function of the surface value
 * @returns the new surface value
 */
export function step(
  grid: Grid,
  u: Float64Array,
  surface: number,
  dt: number,
  D0: number,
  kD: number,
  flux: (us: number) => readonly [number, number],
  passes: number,
): number {
  const n = u.length;
  const old = u.slice();
  const D = (x: number) => D0 * Math.exp(kD * (x - 1));
  const between = (x: number, y: number) =>
    Math.abs((y - x) * kD) < 1e-6 ? D((x + y) / 2) : (D(y) - D(x)) / (kD * (y - x));
  const gap = grid.faces[n]! - grid.centres[n - 1]!;
  const settle = (outer: number, us: number) => {
    for (let j = 0; j < 8; j++) {
      const [F, dF] = flux(us);
      const d = between(us, outer) / gap;
      const change = (d * (outer - us) - F) / (-d - dF);
      us -= change;
      if (Math.abs(change) < 1e-12) break;
    }
    return us;
  };
  const a = new Float64Array(n);
  const b = new Float64Array(n);
  const c = new Float64Array(n);
  const d = new Float64Array(n);
  for (let pass = 0; pass < passes; pass++) {
    let inner = 0;
    for (let i = 0; i < n; i++) {
      const outer =
        i < n - 1
          ? (between(u[i]!, u[i + 1]!) * grid.areas[i + 1]!) / (grid.centres[i + 1]! - grid.centres[i]!)
          : 0;
      const m = grid.volumes[i]! / dt;
      a[i] = -inner;
      c[i] = -outer;
      b[i] = m + inner + outer;
      d[i] = m * old[i]!;
      inner = outer;
    }
    surface = settle(u[n - 1]!, surface);
    const [F, dF] = flux(surface);
    const g = between(surface, u[n - 1]!) / gap;
    const K = (g * dF) / (g + dF);
    b[n - 1]! += grid.areas[n]! * K;
    d[n - 1]! += grid.areas[n]! * (K * u[n - 1]! - F);
    for (let i = 1; i < n; i++) {
      const w = a[i]! / b[i - 1]!;
      b[i]! -= w * c[i - 1]!;
      d[i]! -= w * d[i - 1]!;
    }
    u[n - 1] = d[n - 1]! / b[n - 1]!;
    for (let i = n - 2; i >= 0; i--) u[i] = (d[i]! - c[i]! * u[i + 1]!) / b[i]!;
    surface = settle(u[n - 1]!, surface);
  }
  return surface;
}

/** The same history as `sweep`, slowly. */
export function referenceSweep(
  law: PasteLaw,
  slab: DryingSlab,
  air: Air,
  options: ReferenceOptions = {},
): DryingHistory {
  const { cells: n = 200, ratio = 1.015, firstStep = 0.5, end = 21 * 86400, rest = 20 } = options;
  const L = slab.depth;
  const grid = gridOf(L, slab.shape, n, Math.min(options.firstCell ?? 3e-6, L / n));
  const T = air.temperature;
  const D0 = law.diffusivity * arrhenius(T, LAW.activation);
  const kappa =
    (massTransfer(slab.facing, air.speed, T, law.balance) * saturationDensity(T)) /
    (law.dryDensity * law.freshWater);
  const cooling = (law.density * LAW.heat * slab.bulk) / heatTransfer(slab.facing, air.speed, T);
  const flux = (us: number): readonly [number, number] => {
    const u = Math.max(1e-6, us);
    const r = law.balanceRatio * u ** (1 / law.isotherm);
    return [kappa * (r / (1 + r) - air.humidity), (kappa * r) / law.isotherm / (u * (1 + r) ** 2)];
  };
  const rows: number[][] = [];
  const u = new Float64Array(n).fill(1);
  const rod = slab.kind === 'rod';
  const oneFaced = !rod && Math.abs(L - slab.thickness) < 1e-9;
  const average = (f: (i: number) => number, weight: (x: number, y: number) => number) => {
    let top = 0;
    let bottom = 0;
    for (let i = 0; i < n; i++) {
      const w = weight(grid.faces[i]!, grid.faces[i + 1]!);
      top += w * f(i);
      bottom += w;
    }
    return top / bottom;
  };
  const outside = (depth: number) => (x: number, y: number) => Math.max(0, y - Math.max(x, L - depth));
  const record = (t: number): void => {
    const minutes = t / 60;
    const gum = law.gum * (1 - Math.exp(-(rest + minutes) / LAW.hydrateTime));
    const warm = T + (LAW.handWarm - T) * Math.exp(-t / cooling);
    const base =
      law.freshYield *
      Math.exp(
        LAW.gumStiffness * gum +
          (LAW.setPlain + LAW.setGum * gum) * (1 - Math.exp(-minutes / LAW.setTime)) -
          law.softening * (warm - 20),
      );
    const tau = (i: number) => {
      const x = base * Math.exp(LAW.gain * law.gain * (1 - u[i]!));
      return x / (1 + x / law.dryYield);
    };
    const loss = (i: number) => 1 - u[i]!;
    const power = (p: number) => (x: number, y: number) => y ** p - x ** p;
    const signed = (x: number) => Math.abs(x - L / 2) * (x - L / 2);
    const cubed = (x: number) => (x - L / 2) ** 3;
    let strength = 0;
    for (let i = 0; i < n; i++) strength += (tau(i) - tau(0)) * (grid.faces[i + 1]! - grid.faces[i]!);
    rows.push([
      t,
      average(loss, outside(LAW.tackDepth)),
      average(loss, outside(LAW.skinDepth)),
      average(tau, outside(LAW.skinDepth)),
      average(tau, power(slab.shape + 1)),
      average(tau, oneFaced ? (x, y) => signed(y) - signed(x) : power(rod ? 3 : 2)),
      average(tau, oneFaced ? (x, y) => cubed(y) - cubed(x) : power(rod ? 4 : 3)),
      tau(0),
      strength,
      1 - u[0]!,
      average(loss, power(slab.shape + 1)),
    ]);
  };
  let t = 0;
  let dt = firstStep;
  let surface = 1;
  record(0);
  while (t < end - 1e-6) {
    surface = step(grid, u, surface, dt, D0, law.diffusivityFall, flux, 3);
    t += dt;
    record(t);
    dt = Math.min(Math.max(firstStep, t * (ratio - 1)), Math.max(1, end - t));
  }
  const column = (k: number) => Float64Array.from(rows, (r) => r[k]!);
  return {
    seconds: column(0),
    lossTack: column(1),
    lossSkin: column(2),
    yieldSkin: column(3),
    yieldMean: column(4),
    yieldBend: column(5),
    yieldStiff: column(6),
    yieldCentre: column(7),
    skinStrength: column(8),
    lossCentre: column(9),
    lossMean: column(10),
    law,
    slab,
    air,
    balance: balanceWater(law, air.humidity),
  };
}
