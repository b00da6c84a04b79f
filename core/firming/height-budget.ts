import type { SeatFacts } from '../bones/index.ts';
import { place, reach, UP, type Instance } from '../figure/index.ts';
import { type Build } from '../record/index.ts';
import { formatDuration, given, GRAVITY, reckon, solved, total, type Reckoned } from '../quantity/index.ts';
import { LAW } from './law.ts';
import type { PieceFirming } from './firmed.ts';

/** One stage of the height, from the board up. */
export interface Stage {
  readonly piece: string;
  readonly name: string;
  readonly colour: string;
  /** What it adds to the height as modelled. */
  readonly rise: Reckoned;
  /** What it loses under its load when that is set on it as soon as it is firm enough. */
  readonly loss: Reckoned;
  /** What it would lose if the load came at once. */
  readonly lossSoft: Reckoned;
  /** The same with the load after twenty minutes, an hour and a night. */
  readonly later: readonly {
    readonly minutes: number;
    readonly loss: Reckoned;
    readonly notYet: boolean;
  }[];
  /** It bears less than what rests on it, set on at once: not yet, however little it would lose. */
  readonly notYet: boolean;
}

/** When else a stage may be loaded, minutes after it was shaped. Estimate. */
const LATER = [20, 60, 720] as const;

export interface HeightBudget {
  readonly stages: readonly Stage[];
  readonly modelled: Reckoned;
  /** The height that will really come out. */
  readonly finished: Reckoned;
  readonly finishedSoft: Reckoned;
}

/** The pieces that make the height: the one that reaches highest, what carries most of it, and so on down to the board. */
function tallest(instances: readonly Instance[], facts: ReadonlyMap<string, SeatFacts>): Instance[] {
  let top: Instance | undefined;
  let best = -Infinity;
  for (const i of instances) {
    const z = reach(i, UP);
    if (z > best + 1e-9) [top, best] = [i, z];
  }
  const chain: Instance[] = [];
  const taken = new Set<string>();
  for (let at = top; at && !taken.has(at.piece.id);) {
    chain.unshift(at);
    taken.add(at.piece.id);
    const on = facts.get(at.piece.id)?.restsOn[0]?.on;
    at = instances.find((i) => i.piece.id === on);
  }
  return chain;
}

/**
 * Share of its height a stage loses under a pressure: up to yield it is springy, ε = 0.023 ÷ (yield ÷ pressure);
 * beyond, paste keeps its volume and spreads until the wider face carries, ε = 1 − yield ÷ pressure. Derived.
 */
export const squashShare = (pressure: number, yieldStress: number): number => {
  if (!(pressure > 0)) return 0;
  const reserve = yieldStress / pressure;
  return reserve >= 1 ? LAW.yieldStrain / reserve : Math.min(0.6, 1 - reserve + LAW.yieldStrain);
};

/**
 * Creep: a stage goes on giving way at the strain of its yield an hour, times the cube of how near its yield it is pressed;
 * slower every hour it firms. Power and hour are estimates, chosen so that what may be left standing (a reserve of 3.75) loses
 * half a per cent in a night without firming.
 */
const CREEP_HOURS = 1;
/** A step of the method; estimate. */
const CREEP_POWER = 3;
/** It is looked at again after two weeks, min; no stage loses more than so much of its height. Estimate. */
const LOOKED_AT = 14 * 24 * 60;
/** A step of the method; estimate. */
const MOST_LOST = 0.6;

/**
 * Share of its height a stage loses that is pressed from a moment on: at once as `squashShare`, and by creep while it firms.
 * @param yieldAt kPa so many minutes after it was shaped
 */
export function shortens(pressure: number, yieldAt: (minutes: number) => number, from: number): number {
  const first = yieldAt(from);
  const atOnce = squashShare(pressure, first);
  // having spread, it presses no harder than it bears
  const pressed = Math.min(pressure, first);
  let creep = 0;
  for (let t = from; t < LOOKED_AT && creep < MOST_LOST;) {
    const next = Math.min(LOOKED_AT, t + Math.max(0.5, 0.04 * (t - from + 5)));
    const near = pressed / yieldAt((t + next) / 2);
    creep += (LAW.yieldStrain / (60 * CREEP_HOURS)) * near ** CREEP_POWER * (next - t);
    t = next;
  }
  return Math.min(MOST_LOST, atOnce + creep);
}

/** Height a piece loses when what rests on it is set on it so many minutes after it was shaped. */
export function squashed(
  name: string,
  rise: Reckoned,
  f: PieceFirming | undefined,
  fact: SeatFacts | undefined,
  minutes: number,
): Reckoned {
  const load = given('Rests on it', fact?.load ?? 0, 'g');
  const rods = given('Carried past it by rods', 100 * (fact?.loadOnRods ?? 0), '%');
  const face = given(
    fact?.section ? 'Its least level cut' : 'Face that is pressed',
    Math.max(1, fact?.section || fact?.loadContact || 1),
    'mm²',
  );
  const pressure = reckon(
    'Pressure on it',
    'kPa',
    'load × g × (1 − on rods) ÷ face',
    [load, rods, face],
    (g, r, a) => (g * GRAVITY * (1 - r / 100)) / a,
  );
  const from = Number.isFinite(minutes) ? minutes : 0;
  const yieldAt = (t: number) => f?.yieldAfter(t) ?? Infinity;
  const share = solved(
    'Share of it that is lost',
    pressure.value > 0 ? shortens(pressure.value, yieldAt, from) : 0,
    '',
    'springs, flows and creeps: 0.023 ÷ reserve up to yield, 1 − reserve beyond, then 0.023 an hour × (pressed ÷ yields)³ as it firms',
    [pressure, given('Set on it after', from, 'min'), given('Yields then at', f ? yieldAt(from) : 0, 'kPa')],
    'estimate',
  );
  return reckon(name, 'mm', 'rise × share lost', [rise, share], (h, lost) => h * lost, 'estimate');
}

/** Does it yield under what rests on it, set on so long after it was shaped? */
const bearsLess = (f: PieceFirming, fact: SeatFacts, minutes: number): boolean =>
  fact.load > 0 &&
  fact.section > 0 &&
  (fact.load * GRAVITY * (1 - fact.loadOnRods)) / fact.section > f.yieldAfter(minutes);

/** Shoes to hat: what each stage adds, and what it loses by being soft when the next is set on it. */
export function heightBudget(
  build: Build,
  firming: ReadonlyMap<string, PieceFirming>,
  facts: ReadonlyMap<string, SeatFacts>,
): HeightBudget {
  const chain = tallest(place(build), facts);
  const hex = new Map(build.colours.map((c) => [c.id, c.hex]));
  // a stage ends where the next one stands on it; the first also counts what it stands over the board
  const feet = chain.map((i, k) => (k === 0 ? 0 : Math.max(0, facts.get(i.piece.id)?.foot ?? 0)));
  // what leans or lies may have its foot higher than the next one's: no stage adds less than nothing
  for (let k = chain.length - 2; k >= 0; k--) feet[k] = Math.min(feet[k]!, feet[k + 1]!);
  const top = chain.length ? reach(chain[chain.length - 1]!, UP) : 0;
  const stages = chain.map((i, k): Stage => {
    const { piece } = i;
    const rise = given(`${piece.name} adds`, Math.max(0, (feet[k + 1] ?? top) - feet[k]!), 'mm');
    const f = firming.get(piece.id);
    const fact = facts.get(piece.id);
    const firmAt = f?.bands.bear?.likely ?? f?.bands.handle?.likely ?? 0;
    const loss = (name: string, minutes: number) => squashed(name, rise, f, fact, minutes);
    return {
      piece: piece.id,
      name: piece.name,
      colour: hex.get(piece.colour) ?? '#999999',
      rise,
      loss: loss(`${piece.name} loses, set on when firm`, firmAt),
      lossSoft: loss(`${piece.name} loses, set on at once`, 0),
      later: LATER.map((minutes) => ({
        minutes,
        loss: loss(`${piece.name} loses, set on after ${formatDuration(minutes)}`, minutes),
        notYet: f !== undefined && fact !== undefined && bearsLess(f, fact, minutes),
      })),
      notYet: f !== undefined && fact !== undefined && bearsLess(f, fact, 0),
    };
  });
  const modelled = total(
    'Height as modelled',
    'mm',
    stages.map((s) => s.rise),
  );
  const finished = (name: string, losses: readonly Reckoned[]) =>
    reckon(
      name,
      'mm',
      'as modelled − what soft stages lose',
      [modelled, ...losses],
      (h, ...lost) => h - lost.reduce((a, b) => a + b, 0),
      'estimate',
    );
  return {
    stages,
    modelled,
    finished: finished(
      'Height that comes out',
      stages.map((s) => s.loss),
    ),
    finishedSoft: finished(
      'Height if all is set on at once',
      stages.map((s) => s.lossSoft),
    ),
  };
}
