import type { FinishWork, OwnStep, PartsOf } from '../record/index.ts';
import { FINISHES, RANKS, type FinishTechnique } from './techniques.ts';

/** A finish that is planned: a step of somebody's own with what is done in it. */
export interface PlannedFinish {
  readonly step: OwnStep & { readonly finish: FinishWork };
  readonly technique: FinishTechnique;
}

/** An eye goes in this order, whatever else holds. Common practice. */
export const EYE_ORDER = ['eyeWhite', 'eyeColour', 'pupil', 'catchlight'];

/** Finishes of one place in the order in which they are done; those that may go either way stay as they were. */
export const inFinishOrder = <T extends { readonly technique: FinishTechnique }>(all: readonly T[]): T[] => {
  const place = ({ technique }: T) =>
    RANKS.indexOf(technique.rank) * 10 + Math.max(0, EYE_ORDER.indexOf(technique.id));
  return all
    .map((of, i) => ({ of, i }))
    .sort((p, q) => place(p.of) - place(q.of) || p.i - q.i)
    .map(({ of }) => of);
};

/** The finish a step of somebody's own is; undefined where it is none, or nobody here knows it. */
export function plannedFinish(step: OwnStep): PlannedFinish | undefined {
  const { finish } = step;
  const technique = finish && FINISHES.find((t) => t.id === finish.technique);
  return finish && technique && { step: { ...step, finish }, technique };
}

/** Finishes of a piece that are in the plan, in their order. */
export const finishesOn = (build: PartsOf<'steps'>, piece: string): PlannedFinish[] =>
  inFinishOrder(build.steps.own.flatMap((step) => (step.piece === piece ? (plannedFinish(step) ?? []) : [])));
