import { clamp } from '../quantity/index.ts';
import { arrhenius, heatTransfer, massTransfer, saturationDensity } from './air.ts';
import { LAW } from './law.ts';
import { balanceWater, type PasteLaw } from './paste-law.ts';

/** A body as drying sees it, in metres. */
export interface DryingSlab {
  /** Deepest distance from open air. */
  readonly depth: number;
  /** Shape number L A ÷ V − 1: 0 slab, 1 long rod, 2 ball; any value between. */
  readonly shape: number;
  readonly facing: number;
  readonly thickness: number;
  readonly kind: 'rod' | 'sheet';
  /** Volume per open surface. */
  readonly bulk: number;
}

export interface Air {
  readonly temperature: number;
  /** 0–1. */
  readonly humidity: number;
  readonly speed: number;
}

/** A stretch of time in one kind of air; the last one goes on for ever. */
export interface Spell {
  /** Ends so many seconds after shaping. */
  readonly until: number;
  readonly air: Air;
  /** In a bag or a closed box: next to nothing evaporates. */
  readonly wrapped?: boolean;
}

/** Share of the evaporation that goes on in a bag or a closed box; chosen to match common practice. */
const WRAPPED = 0.03;
/** First step after the air has changed, s: the surface answers within a minute. */
const AFTER_CHANGE = 20;

/** What one sweep finds, one value per moment. Stresses in kPa, temperatures in °C, losses as shares of the first water. */
export interface DryingHistory {
  readonly seconds: Float64Array;
  readonly lossTack: Float64Array;
  readonly lossSkin: Float64Array;
  readonly yieldSkin: Float64Array;
  readonly yieldMean: Float64Array;
  readonly yieldBend: Float64Array;
  readonly yieldStiff: Float64Array;
  readonly yieldCentre: Float64Array;
  /** ∫ (τ − τ centre) dz, kPa·m. */
  readonly skinStrength: Float64Array;
  readonly lossCentre: Float64Array;
  readonly lossMean: Float64Array;
  readonly law: PasteLaw;
  readonly slab: DryingSlab;
  /** Where it stands in the end. */
  readonly air: Air;
  readonly balance: number;
}

export interface SweepOptions {
  readonly cells?: number;
  readonly ratio?: number;
  readonly firstStep?: number;
  readonly firstCell?: number;
  readonly end?: number;
  /** Minutes of rest between mixing and shaping. */
  readonly rest?: number;
}

export const SWEEP = { cells: 20, ratio: 1.2, firstStep: 2, firstCell: 1e-5, end: 21 * 86400, rest: 20 };

/**
 * Reduce a body to one dimension.
 * @param volume mm³ of paste; @param area mm² open to the air
 */
export function slabOf(
  volume: number,
  area: number,
  depth: number,
  facing: number,
  thickness: number,
  kind: 'rod' | 'sheet',
  coat = false,
): DryingSlab {
  if (coat) {
    const t = thickness / 1000;
    return { depth: t, shape: 0, facing: facing / 1000, thickness: t, kind, bulk: t };
  }
  const bulk = volume / area / 1000;
  const shape = clamp(depth / 1000 / bulk - 1, 0, 2);
  return { depth: (shape + 1) * bulk, shape, facing: facing / 1000, thickness: thickness / 1000, kind, bulk };
}

const MOST = 512;
const cell = () => new Float64Array(MOST);
// Scratch kept between calls: one sweep is a fifth of a millisecond and allocation would double that.
const face = cell();
const centre = cell();
const width = cell();
const volume = cell();
const area = cell();
const water = cell();
const before = cell();
const guess = cell();
const diffusion = cell();
const diagonal = cell();
const upper = cell();
const right = cell();
const weightBend = cell();
const weightStiff = cell();
const weightSkin = cell();
const weightTack = cell();

/** Growth of cells from the surface inwards so that `n` of them, the first `first` deep, fill `depth`. */
function growth(depth: number, first: number, n: number): number {
  if (first >= (depth / n) * 0.999) return 1;
  const wanted = depth / first;
  let q = (wanted / n) ** (2 / n) * 1.05 + 0.02;
  for (let i = 0; i < 40; i++) {
    const power = q ** n;
    const step = (power - 1 - wanted * (q - 1)) / ((n * power) / q - wanted);
    q = Math.max(1.0005, q - step);
    if (Math.abs(step) < 1e-10) break;
  }
  return q;
}

interface Sums {
  volume: number;
  bend: number;
  stiff: number;
  skin: number;
  tack: number;
}

/** Lay the graded cells and the exact weights of every average taken over them. */
function layGrid(slab: DryingSlab, n: number, firstCell: number): Sums {
  const { depth: L, shape } = slab;
  let w = Math.min(firstCell, L / n);
  const q = growth(L, w, n);
  face[n] = L;
  for (let i = n - 1; i > 0; i--) {
    face[i] = face[i + 1]! - w;
    w *= q;
  }
  face[0] = 0;
  const rod = slab.kind === 'rod';
  const oneFaced = !rod && Math.abs(L - slab.thickness) < 1e-9;
  const sums: Sums = { volume: 0, bend: 0, stiff: 0, skin: 0, tack: 0 };
  for (let i = 0; i <= n; i++) area[i] = shape === 0 ? 1 : i === 0 ? 0 : (face[i]! / L) ** shape;
  for (let i = 0; i < n; i++) {
    const a = face[i]!;
    const b = face[i + 1]!;
    centre[i] = 0.5 * (a + b);
    width[i] = b - a;
    volume[i] = (area[i + 1]! * b - area[i]! * a) / (shape + 1);
    if (oneFaced) {
      const x = a - L / 2;
      const y = b - L / 2;
      weightBend[i] = Math.abs(y) * y - Math.abs(x) * x;
      weightStiff[i] = y ** 3 - x ** 3;
    } else {
      weightBend[i] = rod ? b ** 3 - a ** 3 : b * b - a * a;
      weightStiff[i] = rod ? b ** 4 - a ** 4 : b ** 3 - a ** 3;
    }
    weightSkin[i] = Math.max(0, b - Math.max(a, L - LAW.skinDepth));
    weightTack[i] = Math.max(0, b - Math.max(a, L - LAW.tackDepth));
    sums.volume += volume[i]!;
    sums.bend += weightBend[i]!;
    sums.stiff += weightStiff[i]!;
    sums.skin += weightSkin[i]!;
    sums.tack += weightTack[i]!;
  }
  return sums;
}

/** Water left at the surface at the least, of what was there fresh: the isotherm has no slope at nought. */
const DRIEST = 1e-5;
/** Passes of Newton at the surface in one step at the most. */
const MOST_PASSES = 12;

/**
 * Dry one body in one room: a linearly implicit second-order (BDF2) sweep over graded cells and growing time steps.
 * Within 1 % (median) and 6 % (worst) of the fine reference in every event time; see firming/reference.ts.
 */
export function sweep(
  law: PasteLaw,
  slab: DryingSlab,
  air: Air | readonly Spell[],
  options: SweepOptions = {},
): DryingHistory {
  const spells: readonly Spell[] = 'length' in air ? air : [{ until: Infinity, air }];
  const { cells: n, ratio, firstStep, firstCell, end, rest } = { ...SWEEP, ...options };
  const sums = layGrid(slab, n, firstCell);
  for (let i = 0; i < n; i++) water[i] = before[i] = 1;

  const kD = law.diffusivityFall;
  let spell = 0;
  let since = 0;
  let began = LAW.handWarm;
  let T = 0;
  let humidity = 0;
  let D0 = 0;
  let evaporation = 0;
  let cooling = 1;
  const warmAt = (t: number): number => T + (began - T) * Math.exp(-(t - since) / cooling);
  const enter = (k: number, t: number): void => {
    const { air: next, wrapped } = spells[k]!;
    began = k === 0 ? LAW.handWarm : warmAt(t);
    since = t;
    spell = k;
    T = next.temperature;
    humidity = next.humidity;
    D0 = law.diffusivity * arrhenius(T, LAW.activation);
    evaporation =
      ((massTransfer(slab.facing, next.speed, T, law.balance) * saturationDensity(T)) /
        (law.dryDensity * law.freshWater)) *
      (wrapped ? WRAPPED : 1);
    cooling = (law.density * LAW.heat * slab.bulk) / heatTransfer(slab.facing, next.speed, T);
  };
  enter(0, 0);
  const inverse = 1 / law.isotherm;
  const r0 = law.balanceRatio;
  const toSurface = slab.depth - centre[n - 1]!;
  const perLoss = LAW.gain * law.gain;
  const perDry = 1 / law.dryYield;
  const lnFresh = Math.log(law.freshYield);

  const steps = (Math.ceil(Math.log(end / firstStep) / Math.log(ratio)) + 24) * spells.length;
  const column = () => new Float64Array(steps);
  const out = {
    seconds: column(),
    lossTack: column(),
    lossSkin: column(),
    yieldSkin: column(),
    yieldMean: column(),
    yieldBend: column(),
    yieldStiff: column(),
    yieldCentre: column(),
    skinStrength: column(),
    lossCentre: column(),
    lossMean: column(),
  };

  let k = 0;
  const record = (t: number): void => {
    const minutes = t / 60;
    const gum = law.gum * (1 - Math.exp(-(rest + minutes) / LAW.hydrateTime));
    const warm = warmAt(t);
    const lnBase =
      lnFresh +
      LAW.gumStiffness * gum +
      (LAW.setPlain + LAW.setGum * gum) * (1 - Math.exp(-minutes / LAW.setTime)) -
      law.softening * (warm - 20);
    let mean = 0;
    let bend = 0;
    let stiff = 0;
    let skinYield = 0;
    let skinLoss = 0;
    let tackLoss = 0;
    let strength = 0;
    let loss = 0;
    const x0 = Math.exp(lnBase + perLoss * (1 - water[0]!));
    const middle = x0 / (1 + x0 * perDry);
    for (let i = 0; i < n; i++) {
      const lost = 1 - water[i]!;
      const x = Math.exp(lnBase + perLoss * lost);
      const tau = x / (1 + x * perDry);
      mean += tau * volume[i]!;
      bend += tau * weightBend[i]!;
      stiff += tau * weightStiff[i]!;
      strength += (tau - middle) * width[i]!;
      loss += lost * volume[i]!;
      if (weightSkin[i]! > 0) {
        skinYield += tau * weightSkin[i]!;
        skinLoss += lost * weightSkin[i]!;
        tackLoss += lost * weightTack[i]!;
      }
    }
    out.seconds[k] = t;
    out.lossTack[k] = tackLoss / sums.tack;
    out.lossSkin[k] = skinLoss / sums.skin;
    out.yieldSkin[k] = skinYield / sums.skin;
    out.yieldMean[k] = mean / sums.volume;
    out.yieldBend[k] = bend / sums.bend;
    out.yieldStiff[k] = stiff / sums.stiff;
    out.yieldCentre[k] = middle;
    out.skinStrength[k] = strength;
    out.lossCentre[k] = 1 - water[0]!;
    out.lossMean[k] = loss / sums.volume;
    k++;
  };

  let t = 0;
  let dt = Math.min(firstStep, spells[0]!.until);
  let last = 0;
  let surface = 1;
  let surfaceBefore = 1;
  record(0);
  for (let step = 0; t < end - 1e-6 && k < steps; step++) {
    const omega = last > 0 ? dt / last : 0;
    const c1 = omega > 0 ? (1 + 2 * omega) / (1 + omega) : 1;
    const c0 = omega > 0 ? 1 + omega : 1;
    const cm = omega > 0 ? (omega * omega) / (1 + omega) : 0;
    let atSurface = surface + omega * (surface - surfaceBefore);
    for (let i = 0; i < n; i++) guess[i] = water[i]! + omega * (water[i]! - before[i]!);
    let outermost = guess[n - 1]!;
    let passes = step < 3 ? 4 : 1;
    for (let pass = 0; pass < passes; pass++) {
      for (let i = 0; i < n; i++) diffusion[i] = D0 * Math.exp(kD * (guess[i]! - 1));
      let inner = 0;
      for (let i = 0; i < n; i++) {
        let outer = 0;
        if (i < n - 1) {
          const du = guess[i + 1]! - guess[i]!;
          const D =
            Math.abs(du * kD) > 1e-5
              ? (diffusion[i + 1]! - diffusion[i]!) / (kD * du)
              : 0.5 * (diffusion[i]! + diffusion[i + 1]!);
          outer = (D * area[i + 1]!) / (centre[i + 1]! - centre[i]!);
        }
        const mass = volume[i]! / dt;
        diagonal[i] = mass * c1 + outer + inner;
        upper[i] = -outer;
        right[i] = mass * (c0 * water[i]! - cm * before[i]!);
        inner = outer;
      }
      const us = Math.max(DRIEST, atSurface);
      const r = r0 * (inverse === 1 ? us : us ** inverse);
      const q = 1 + r;
      const flux = evaporation * (r / q - humidity);
      const slope = (evaporation * inverse * r) / (us * q * q);
      const es = D0 * Math.exp(kD * (us - 1));
      const du = outermost - us;
      const Ds = Math.abs(du * kD) > 1e-5 ? (diffusion[n - 1]! - es) / (kD * du) : es;
      const K = Ds / toSurface;
      const both = K + slope;
      diagonal[n - 1]! += (area[n]! * K * slope) / both;
      right[n - 1]! -= (area[n]! * K * (flux - slope * us)) / both;
      for (let i = 1; i < n; i++) {
        const w = upper[i - 1]! / diagonal[i - 1]!;
        diagonal[i]! -= w * upper[i - 1]!;
        right[i]! -= w * right[i - 1]!;
      }
      let x = right[n - 1]! / diagonal[n - 1]!;
      guess[n - 1] = x;
      outermost = x;
      atSurface = (K * x - flux + slope * us) / both;
      for (let i = n - 2; i >= 0; i--) {
        x = (right[i]! - upper[i]! * x) / diagonal[i]!;
        guess[i] = x;
      }
      // in very dry air one step of Newton goes past bone dry; from there it comes back within a few more
      if (atSurface < DRIEST && pass === passes - 1 && passes < MOST_PASSES) passes++;
    }
    atSurface = Math.max(DRIEST, atSurface);
    for (let i = 0; i < n; i++) {
      before[i] = water[i]!;
      water[i] = guess[i]!;
    }
    surfaceBefore = surface;
    surface = atSurface;
    last = dt;
    t += dt;
    record(t);
    const stop = Math.min(end, spells[spell]!.until);
    if (t >= stop - 1e-6 && t < end - 1e-6 && spell + 1 < spells.length) {
      enter(spell + 1, t);
      // a step taken over the change would smear it: begin anew
      last = 0;
      dt = Math.min(AFTER_CHANGE, Math.max(0.5, Math.min(end, spells[spell]!.until) - t));
    } else dt = Math.min(Math.max(firstStep, (t - since) * (ratio - 1)), 1.6 * dt, Math.max(0.5, stop - t));
  }
  const cut = (a: Float64Array) => a.subarray(0, k);
  return {
    seconds: cut(out.seconds),
    lossTack: cut(out.lossTack),
    lossSkin: cut(out.lossSkin),
    yieldSkin: cut(out.yieldSkin),
    yieldMean: cut(out.yieldMean),
    yieldBend: cut(out.yieldBend),
    yieldStiff: cut(out.yieldStiff),
    yieldCentre: cut(out.yieldCentre),
    skinStrength: cut(out.skinStrength),
    lossCentre: cut(out.lossCentre),
    lossMean: cut(out.lossMean),
    law,
    slab,
    air: spells.at(-1)!.air,
    balance: balanceWater(law, spells.at(-1)!.air.humidity),
  };
}
