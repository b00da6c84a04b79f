import {
  removalCard,
  type BonesReport,
  type Hazard,
  type RemovalLine,
  type SeenRod,
} from '../bones/index.ts';
import { given, total, type Reckoned } from '../quantity/index.ts';
import type { Build } from '../record/index.ts';
import { keepsOf, type Keeps } from './storage.ts';
import { cuttingOf, takenApart, type TakenApart } from './unstack.ts';

/** A line of the card, and how many of it were counted before it left. */
export interface CardLine extends RemovalLine {
  readonly counted: number | undefined;
}

/** What whoever serves it has to know. It claims nothing: labels and local food law decide. */
export interface HandoverCard {
  /** Everything that is no food, with where it is. */
  readonly lines: readonly CardLine[];
  /** All of them together. */
  readonly number: Reckoned;
  /** Lines that were not counted, or counted otherwise. */
  readonly open: readonly CardLine[];
  /** Bought in, and may be eaten. */
  readonly eaten: readonly RemovalLine[];
  readonly allergens: readonly string[];
  /** The musts first: why, and what to do. */
  readonly notes: readonly Pick<Hazard, 'id' | 'level' | 'why' | 'what'>[];
  readonly apart: readonly TakenApart[];
  readonly cutting: readonly string[];
  readonly keeps: readonly Keeps[];
  /** In the maker's words. */
  readonly note: string | undefined;
}

const ORDER = ['must', 'should', 'note'] as const;

/** @param notes what those who eat it must not have or must be told */
export function handoverCard(
  build: Build,
  bones: Pick<BonesReport, 'hazards'> & { readonly rods: readonly SeenRod[] },
  told: {
    readonly notes: HandoverCard['notes'];
    readonly allergens: readonly string[];
  },
): HandoverCard {
  const { toppers = [], counted = {}, note } = build.handover ?? {};
  const set = toppers.map((t): RemovalLine & { readonly food: boolean } => ({
    id: `topper:${t.id}`,
    of: {},
    what: t.name,
    number: t.number,
    where: t.where,
    food: t.food,
  }));
  const all: RemovalLine[] = [...removalCard(build, bones.rods), ...set.filter((t) => !t.food)];
  const lines = all.map((l): CardLine => ({ ...l, counted: counted[l.id] }));
  const eaten = build.brief.eaters?.fate !== 'notEaten';
  return {
    lines,
    number: total(
      'Things in it that are no food',
      'pieces',
      lines.map((l) => given(l.what, l.number, 'pieces')),
    ),
    open: lines.filter((l) => l.counted !== l.number),
    eaten: set.filter((t) => t.food),
    allergens: told.allergens,
    notes: [...told.notes, ...bones.hazards].sort((a, b) => ORDER.indexOf(a.level) - ORDER.indexOf(b.level)),
    apart: eaten ? takenApart(build, all, bones.rods) : [],
    cutting: eaten ? cuttingOf(build) : [],
    keeps: keepsOf(build),
    note,
  };
}
