import { shapeId } from './days/index.ts';
import { pasteList, type Batch, type PasteLine } from './paste-list/index.ts';
import { plan } from './plan.ts';
import { given, reckon, total, type Grams, type Reckoned } from './quantity/index.ts';
import { pieceOf, wholeOf, type Build, type Change } from './record/index.ts';
import { benchOptions, hiddenOptions, LEAST, modelOptions, worthOf, type ShortOption } from './short-ways.ts';
import type { StockItem } from './stores/index.ts';
import { doesToPlan, plannedAs, type PlannedBuild } from './tried-plans.ts';

/** One thing that can be done when a colour runs short. */
export interface ShortWay {
  readonly does: string;
  /** What has to be minded with it. */
  readonly mind?: string;
  /** It changes the build; else it is done at the bench alone. */
  readonly changes: boolean;
  readonly frees: Reckoned;
  readonly worth: Reckoned;
}

/** A few of them that are enough together, tried against bones and time. */
export interface ShortSet {
  readonly ways: readonly ShortWay[];
  readonly frees: Reckoned;
  /** What it costs in minutes, with what is seen and risked. */
  readonly worth: Reckoned;
  /** What it does to the plan, in words. */
  readonly does: string;
  readonly build: Build;
}

/** What is missing, and what would help. */
export interface ShortOf {
  /** For what is still to be made, with its spare. */
  readonly need: Reckoned;
  readonly short: Reckoned;
  /** Nothing is missing, or hardly anything. */
  readonly enough: boolean;
  readonly sets: readonly ShortSet[];
}

/** Minutes that a gram freed beyond the need costs. Estimate. */
const GRAM = 0.2;
/** Ways together at most, sets told at most, and tried at most. Steps of the method; estimates. */
const [TOGETHER, TOLD, TRIED] = [3, 5, 24];

/** Lines of a batch whose pieces are not shaped yet. */
function stillToMake(build: Build, batch: Batch): PasteLine[] {
  const done = new Set(build.bench.done.map((d) => d.step));
  const { steps } = plan(build).made;
  return batch.lines.filter((l) => {
    const mine = steps.filter((s) => wholeOf(s.id) === shapeId(l.piece));
    return mine.length === 0 || !mine.every((s) => done.has(s.id));
  });
}

/** What lines of a batch need on the bench, by a build as it might be. */
function needIn(build: Build, batch: string, pieces: ReadonlySet<string>): Grams {
  const found = pasteList(build).find((b) => b.id === batch);
  return (found?.lines ?? []).reduce((g, l) => g + (pieces.has(l.piece) ? l.start.value : 0), 0);
}

/** Sets of up to three that free enough, none of which does without one of its own; cheapest first. */
export function enoughOf(options: readonly ShortOption[], short: Grams): (readonly ShortOption[])[] {
  const found: { set: readonly ShortOption[]; cost: number }[] = [];
  const from = (start: number, set: readonly ShortOption[], grams: Grams): void => {
    if (grams >= short - 1e-9) {
      // one that is enough without another is told by itself
      if (set.some((o) => grams - o.frees >= short - 1e-9)) return;
      const cost = set.reduce((c, o) => c + worthOf(o).value, GRAM * (grams - short));
      found.push({ set, cost });
      return;
    }
    if (set.length === TOGETHER) return;
    for (let i = start; i < options.length; i++) {
      const o = options[i]!;
      if (!set.some((s) => s.group === o.group)) from(i + 1, [...set, o], grams + o.frees);
    }
  };
  from(0, [], 0);
  return found.sort((a, b) => a.cost - b.cost || a.set.length - b.set.length).map((f) => f.set);
}

/** The build with all of a set done; undefined where one of them cannot be. */
function withAll(build: Build, set: readonly ShortOption[]): Build | undefined {
  let now: Build | undefined = build;
  for (const o of set) {
    const next: Change | undefined = o.change?.(now);
    if (next && !next.ok) return undefined;
    now = next?.value ?? now;
  }
  return now;
}

const failsOf = (build: Build): number => plan(build).bones.counts.fails;

/** Whether a build as it might be is in time and stands as well as before. */
const holds = (was: PlannedBuild, fails: number, as: PlannedBuild): boolean =>
  as.days.plan !== undefined &&
  as.days.plan.lateBy <= (was.days.plan?.lateBy ?? 0) &&
  as.lateOnes.size <= was.lateOnes.size &&
  failsOf(as.build) <= fails;

/**
 * What to do when a colour runs short: foam inside, a thinner coat, smaller, of another colour and painted, an offcut coloured over,
 * stretched with plain paste, mixed again; up to three of them together, each set tried against bones and time.
 * @param left g of it that are there @param items of the stores
 * @returns only what holds and is in time, the least trouble first; nothing where the batch is not there or enough is left
 */
export function shortOf(
  build: Build,
  batchId: string,
  left: Grams,
  items: readonly StockItem[] = [],
  now?: number,
): ShortOf | undefined {
  const batch = pasteList(build).find((b) => b.id === batchId);
  if (!batch || !(left >= 0)) return undefined;
  const lines = stillToMake(build, batch);
  const bench = total(
    'On the bench',
    'g',
    lines.map((l) => l.start),
  );
  const need = reckon(
    'Needed for what is still to be made',
    'g',
    'on the bench × (1 + spare)',
    [bench, given('Spare', build.practice.spare, '%', 'yours')],
    (g, s) => g * (1 + s / 100),
  );
  const short = reckon(
    'Short',
    'g',
    'needed − left',
    [need, given('Left of it', left, 'g', 'yours')],
    (g, l) => Math.max(0, g - l),
  );
  if (short.value < LEAST) return { need, short, enough: true, sets: [] };
  const pieces = lines.flatMap((l) => (l.cover || l.sleeve ? [] : (pieceOf(build, l.piece) ?? [])));
  const ids = new Set(lines.map((l) => l.piece));
  const before = needIn(build, batchId, ids);
  const freed = (o: Omit<ShortOption, 'frees'>): ShortOption[] => {
    const changed = o.change!(build);
    const frees = changed.ok ? before - needIn(changed.value, batchId, ids) : 0;
    return frees > LEAST ? [{ ...o, frees }] : [];
  };
  const day = build.brief.due.slice(0, 10);
  const options = [
    ...modelOptions(build, batch, pieces).flatMap(freed),
    ...hiddenOptions(build, lines).filter((o) => o.frees > LEAST),
    ...benchOptions(batch, { left, short: short.value, spare: need.value - bench.value }, items, day).filter(
      (o) => o.frees > LEAST,
    ),
  ].sort((a, b) => worthOf(a).value - worthOf(b).value);
  const was = plannedAs(build, now);
  const fails = failsOf(build);
  const sets: ShortSet[] = [];
  for (const set of enoughOf(options, short.value).slice(0, TRIED)) {
    if (sets.length >= TOLD) break;
    const changed = withAll(build, set);
    if (!changed) continue;
    const as = changed === build ? was : plannedAs(changed, now);
    if (changed !== build && !holds(was, fails, as)) continue;
    sets.push(toldSet(set, changed === build ? 'the plan stays as it is' : doesToPlan(was, as), changed));
  }
  return { need, short, enough: false, sets };
}

function toldSet(set: readonly ShortOption[], does: string, build: Build): ShortSet {
  const ways = set.map((o): ShortWay => ({
    does: o.does,
    changes: o.change !== undefined,
    ...(o.mind === undefined ? {} : { mind: o.mind }),
    frees: given(`Frees: ${o.does}`, o.frees, 'g', 'derived'),
    worth: { ...worthOf(o), name: o.does },
  }));
  return {
    ways,
    frees: total(
      'Frees',
      'g',
      ways.map((w) => w.frees),
    ),
    worth: total(
      'Worth',
      'min',
      ways.map((w) => w.worth),
    ),
    does,
    build,
  };
}
