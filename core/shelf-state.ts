import { everyRod } from './bones/index.ts';
import { ALL_DONE, toldStart } from './days/index.ts';
import { plan } from './plan.ts';
import { inWords } from './quantity/index.ts';
import type { Build } from './record/index.ts';
import { soughtDays } from './sought-days.ts';

/** How a build stands, for the shelf: how far it is, what is wrong with it, when it has to be begun. */
export interface ShelfState {
  /** Steps that are done, of all. */
  readonly done: number;
  /** The one that comes next, counted from one. */
  readonly next: number;
  readonly steps: number;
  /** Sticks that will not hold and pieces that hover, in words; undefined when there are none. */
  readonly wrong: string | undefined;
  /** `Wed 19:00`; undefined where there is no plan, and why. */
  readonly startBy: string | undefined;
  readonly noPlan: string | undefined;
  readonly late: boolean;
  /** Its start is what a longer search came to; otherwise a first answer, that may still move. */
  readonly sought: boolean;
}

const count = (n: number, one: string, many: string): string[] =>
  n === 0 ? [] : [n === 1 ? `one ${one}` : `${inWords(n)} ${many}`];

/**
 * A look at one build, with a first plan of its days: some tenths of a second, so it is asked for in a worker.
 * @param now the present instant, ms since 1970
 * @param sought with the plan that a longer search comes to, as its days are told where it is opened: some seconds
 */
export function shelfState(build: Build, now: number, sought = false): ShelfState {
  const report = plan(build, { now, effort: 'first', runs: 12 });
  const { bones, stands, made } = report;
  const wrong = [
    ...count(
      everyRod(bones).filter((r) => r.verdict === 'fails').length,
      'stick won’t hold',
      'sticks won’t hold',
    ),
    ...count(stands.hovers.length, 'piece hovers', 'pieces hover'),
  ];
  const ids = new Set(made.steps.map((s) => s.id));
  const done = build.bench.done.filter((d) => ids.has(d.step)).length;
  const days = sought ? soughtDays(build, now) : report.days();
  const { plan: found, origin, trouble } = days;
  const finished = trouble.includes(ALL_DONE);
  const all = finished ? made.steps.length : done;
  return {
    next: Math.min(all + 1, made.steps.length),
    done: all,
    steps: made.steps.length,
    wrong: wrong.length > 0 ? wrong.join(', ') : undefined,
    startBy: found && origin ? toldStart(origin, found.startBy) : undefined,
    noPlan: found ? undefined : finished ? 'all done' : (trouble[0] ?? 'no plan'),
    late: (found?.lateBy ?? 0) > 0,
    sought,
  };
}
