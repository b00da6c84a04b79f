import { blendOf } from '../figure/index.ts';
import { wholeOf, type Build } from '../record/index.ts';
import { materialOf, RECIPES } from '../pastes/index.ts';
import type { Minutes } from '../quantity/index.ts';
import type { Joining } from './joining.ts';
import type { DaysPlan } from './report.ts';
import { glueId, shapedBy } from './steps/index.ts';
import type { Step } from './types.ts';

/** Something that may be made before its day and put on the shelf. */
export interface Ahead {
  readonly id: string;
  readonly name: string;
  readonly how: string;
  /** Made earlier it would not be good any more when it is due. */
  readonly notBefore: Minutes;
  /** When the plan has it made. */
  readonly planned: Minutes;
  /** Everything after it would be late from here on. */
  readonly readyBy: Minutes;
  /** Kept from when the plan has it made. */
  readonly keepsUntil: Minutes;
  readonly piece?: string;
}

/** A dried piece in a box keeps so long, days; common practice. */
const DRY_KEEPS = 42;
const DAY: Minutes = 1440;

/** How long what a step makes is good for, days, and how it is kept. */
function keeping(build: Build, step: Step): { days: number; how: string } | undefined {
  if (step.fresh) return { days: step.fresh.most / 24, how: 'wrapped, in the fridge' };
  const recipe = RECIPES.find((r) => glueId(r.id) === step.id);
  if (recipe) return { days: recipe.keepsDays, how: 'chilled, in a closed jar' };
  const piece = build.pieces.find((p) => shapedBy(p) === wholeOf(step.id));
  if (!piece) return undefined;
  const { firming, keeps } = materialOf(blendOf(build, piece).base);
  return firming.by === 'drying'
    ? { days: DRY_KEEPS, how: 'dry, in a box, out of the light' }
    : { days: keeps.days, how: keeps.how };
}

/** Pieces, glues and bakes that keep, with when they have to be ready and how long they are good for, earliest first. */
export function aheadOf(
  build: Build,
  plan: DaysPlan,
  due: Minutes,
  joinings: readonly Pick<Joining, 'piece' | 'up'>[],
): Ahead[] {
  const rows = new Map<string, Ahead>();
  // what is joined while it still gives cannot lie on a shelf first
  const soft = new Set(joinings.filter((j) => j.up.closes.length > 0).map((j) => j.piece.id));
  for (const { step, to } of plan.sessions.flatMap((s) => s.steps)) {
    const keeps = keeping(build, step);
    if (!keeps || (step.piece !== undefined && soft.has(step.piece))) continue;
    const id = wholeOf(step.id);
    const days = keeps.days * DAY;
    const known = rows.get(id);
    rows.set(id, {
      id,
      name: build.pieces.find((p) => p.id === step.piece)?.name ?? step.title,
      how: keeps.how,
      notBefore: due - days,
      planned: Math.max(to, known?.planned ?? 0),
      readyBy: Math.max(to + (plan.slack[step.id] ?? 0), known?.readyBy ?? 0),
      keepsUntil: Math.max(to, known?.planned ?? 0) + days,
      ...(step.piece ? { piece: step.piece } : {}),
    });
  }
  return [...rows.values()].sort((a, b) => a.readyBy - b.readyBy || a.planned - b.planned);
}
