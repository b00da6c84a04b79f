import type { SeatFacts } from '../bones/index.ts';
import { DOWN, measureOf, place, reach, UP, type Instance } from '../figure/index.ts';
import { type Build } from '../record/index.ts';
import { given, GRAVITY, reckon, total, type Reckoned } from '../quantity/index.ts';
import { LAW } from './law.ts';
import type { PieceFirming } from './piece.ts';

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
}

export interface HeightBudget {
  readonly stages: readonly Stage[];
  readonly modelled: Reckoned;
  /** The height that will really come out. */
  readonly finished: Reckoned;
  readonly finishedSoft: Reckoned;
}

/** Over the board by more than this, something else holds it up, mm. */
const CLEAR = 5;

/** Does one hang from the other, directly or through others? */
function carries(piece: Instance, i: Instance, instances: readonly Instance[]): boolean {
  for (let at = i; at.carrier >= 0; at = instances[at.carrier]!)
    if (instances[at.carrier] === piece) return true;
  return false;
}

/** What a piece that floats over the board rests on without being seated there: legs under a body. */
function under(
  piece: Instance,
  instances: readonly Instance[],
  taken: ReadonlySet<Instance>,
): Instance | undefined {
  const foot = -reach(piece, DOWN);
  if (foot <= CLEAR) return undefined;
  const { width, height } = measureOf(piece.piece);
  let best: Instance | undefined;
  let nearest = Math.max(CLEAR, 0.2 * height);
  for (const i of instances) {
    if (taken.has(i) || carries(piece, i, instances)) continue;
    const aside = Math.hypot(
      i.frame.origin[0] - piece.frame.origin[0],
      i.frame.origin[1] - piece.frame.origin[1],
    );
    const gap = Math.abs(reach(i, UP) - foot);
    if (aside <= width && gap < nearest && -reach(i, DOWN) < foot - CLEAR) [best, nearest] = [i, gap];
  }
  return best;
}

/** The pieces that make the height: the one that reaches highest, what carries it, and so on down to the board. */
function tallest(instances: readonly Instance[]): Instance[] {
  let top: Instance | undefined;
  let best = -Infinity;
  for (const i of instances) {
    const z = reach(i, UP);
    if (z > best + 1e-9) [top, best] = [i, z];
  }
  const chain: Instance[] = [];
  const taken = new Set<Instance>();
  for (let at = top; at && !taken.has(at);) {
    chain.unshift(at);
    taken.add(at);
    at = at.carrier >= 0 ? instances[at.carrier] : under(at, instances, taken);
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

/** Height a piece loses when what rests on it is set on so many minutes after it was shaped. */
export function squashed(
  name: string,
  rise: Reckoned,
  f: PieceFirming | undefined,
  fact: SeatFacts | undefined,
  minutes: number,
): Reckoned {
  const load = given('Rests on it', fact?.load ?? 0, 'g');
  const rods = given('Carried past it by rods', 100 * (fact?.loadOnRods ?? 0), '%');
  const face = given('Face of the seat', Math.max(1, fact?.loadContact || fact?.section || 1), 'mm²');
  const pressure = reckon(
    'Pressure on it',
    'kPa',
    'load × g × (1 − on rods) ÷ face',
    [load, rods, face],
    (g, r, a) => (g * GRAVITY * (1 - r / 100)) / a,
  );
  return reckon(
    name,
    'mm',
    'rise × share squashed: 0.023 ÷ reserve up to yield, 1 − reserve beyond',
    [rise, pressure, given('Yields at', f?.yieldAfter(Number.isFinite(minutes) ? minutes : 0) ?? 0, 'kPa')],
    (h, p, y) => h * squashShare(p, y),
    'estimate',
  );
}

/** Shoes to hat: what each stage adds, and what it loses by being soft when the next is set on it. */
export function heightBudget(
  build: Build,
  firming: ReadonlyMap<string, PieceFirming>,
  facts: ReadonlyMap<string, SeatFacts>,
): HeightBudget {
  const chain = tallest(place(build));
  const hex = new Map(build.colours.map((c) => [c.id, c.hex]));
  // a stage ends where the next one has its foot; the first also counts what it stands over the board
  const feet = chain.map((i, k) =>
    k === 0 ? 0 : Math.max(0, i.carrier >= 0 ? i.frame.origin[2] : -reach(i, DOWN)),
  );
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
