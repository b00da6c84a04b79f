import {
  fail,
  isWritten,
  ok,
  takes,
  inLimits,
  inWords,
  withoutUndefined,
  type Minutes,
  type Result,
} from '../quantity/index.ts';
import {
  type Build,
  type OwnStep,
  type Rather,
  type StepEdits,
  type Said,
  briefRecord,
  freshId,
  MOST_JOINED,
  MOST_SAID,
  ownStepRecord,
  stepPartsField,
  nameTrouble,
  readStepId,
  writeStepId,
  type Change,
} from '../record/index.ts';

const withSteps = (build: Build, patch: Partial<StepEdits>): Build => ({
  ...build,
  steps: { ...build.steps, ...patch },
});
/** What is wrong with the minutes or the wait of a step, if anything is. */
const stepTimes = (step: Partial<OwnStep>): Result<Partial<OwnStep>> =>
  inLimits(ownStepRecord, step, {
    minutes: (least, most) =>
      `A step takes between ${inWords(least)} minute and ${inWords(most / 60)} hours; longer work comes in parts.`,
    wait: () => 'A wait lies between nothing and two weeks.',
  });

/** A step of one's own; it stays where it is when the figure changes. */
export function addOwnStep(build: Build, step: Omit<OwnStep, 'id'>): Change {
  const wrong = nameTrouble(step.title, 'A step');
  if (wrong !== undefined) return fail(wrong, 'title');
  const times = stepTimes(step);
  if (!times.ok) return times;
  const taken = build.steps.own.map((s) => ({ id: readStepId(s.id)?.of ?? s.id }));
  const id = writeStepId({ task: 'own', of: freshId(step.title, taken) });
  return ok(withSteps(build, { own: [...build.steps.own, { ...step, id, title: step.title.trim() }] }));
}

/** Change a step of one's own; what is `undefined` in the patch is let go. */
export function setOwnStep(build: Build, id: string, patch: Partial<Omit<OwnStep, 'id'>>): Change {
  const was = build.steps.own.find((s) => s.id === id);
  if (!was) return fail('That step is not there any more.', 'id');
  const next: OwnStep = withoutUndefined({ ...was, ...patch });
  const wrong = nameTrouble(next.title, 'A step');
  if (wrong !== undefined) return fail(wrong, 'title');
  const times = stepTimes(next);
  if (!times.ok) return times;
  return ok(withSteps(build, { own: build.steps.own.map((s) => (s.id === id ? next : s)) }));
}

/** Take a step of one's own out. */
export const removeOwnStep = (build: Build, id: string): Build =>
  withSteps(build, { own: build.steps.own.filter((s) => s.id !== id) });

/** Minutes of a step as this person knows them; the table again with none. */
export function setStepMinutes(build: Build, id: string, minutes: Minutes | undefined): Change {
  const { [id]: _was, ...rest } = build.steps.minutes;
  if (minutes === undefined) return ok(withSteps(build, { minutes: rest }));
  const times = stepTimes({ minutes });
  if (!times.ok) return times;
  const own = build.steps.own.find((s) => s.id === id);
  // what a finish takes is reckoned: what somebody knows better is kept beside it
  if (own && !own.finish)
    return ok(withSteps(build, { own: build.steps.own.map((s) => (s.id === id ? { ...s, minutes } : s)) }));
  return ok(withSteps(build, { minutes: { ...rest, [id]: minutes } }));
}

/** Leave a step out, or take it in again: somebody else does it, or it is not needed here. */
export function leaveStep(build: Build, id: string, left: boolean): Build {
  const rest = build.steps.left.filter((x) => x !== id);
  return withSteps(build, { left: left ? [...rest, id] : rest });
}

/** Let a step begin at a certain local time, or whenever it fits again. */
export function pinStep(build: Build, id: string, at: string | undefined): Change {
  const { [id]: _was, ...rest } = build.steps.pins ?? {};
  const { pins: _pins, ...steps } = build.steps;
  if (at !== undefined && !isWritten(briefRecord.properties.due, at))
    return fail('A step is pinned to a date and a time.', 'pins');
  const pins = at === undefined ? rest : { ...rest, [id]: at };
  return ok({ ...build, steps: Object.keys(pins).length > 0 ? { ...steps, pins } : steps });
}

/** Cut a step into so many parts; with one it stays whole, with none it is cut as long as one stands at one thing. */
export function setParts(build: Build, id: string, parts: number | undefined): Change {
  const { [id]: _was, ...rest } = build.steps.parts ?? {};
  if (parts !== undefined && !takes(stepPartsField, parts))
    return fail(`A step comes in one to ${inWords(stepPartsField.maximum)} parts.`, 'parts');
  const { parts: _parts, ...steps } = build.steps;
  const next = parts === undefined ? rest : { ...rest, [id]: parts };
  return ok({ ...build, steps: Object.keys(next).length > 0 ? { ...steps, parts: next } : steps });
}

/** Do two steps in one, and whatever is done in one with either. */
export function joinSteps(build: Build, first: string, second: string): Change {
  if (first === second) return fail('A step cannot be joined to itself.', 'joined');
  const joined = build.steps.joined ?? [];
  const groupOf = (id: string): readonly string[] => joined.find((g) => g.includes(id)) ?? [id];
  const together = [...new Set([...groupOf(first), ...groupOf(second)])];
  if (together.length > MOST_JOINED)
    return fail(`More than ${inWords(MOST_JOINED)} steps in one is no step any more.`, 'joined');
  const rest = joined.filter((g) => !g.includes(first) && !g.includes(second));
  return ok(withSteps(build, { joined: [...rest, together] }));
}

/** Take what is done in one apart again. */
export function partSteps(build: Build, id: string): Build {
  const rest = (build.steps.joined ?? []).filter((g) => !g.includes(id));
  const { joined: _joined, ...steps } = build.steps;
  return { ...build, steps: rest.length > 0 ? { ...steps, joined: rest } : steps };
}

/** Take a plan: its starts are kept from now on, as far as they can be. With none the plan is free again. */
export function takePlan(build: Build, starts: Readonly<Record<string, string>> | undefined): Build {
  const { agreed: _agreed, ...steps } = build.steps;
  return { ...build, steps: starts === undefined ? steps : { ...steps, agreed: starts } };
}

/**
 * Plan what is not done anew from an instant, near the plan there was; with none the plan keeps its own days.
 * @param starts the plan there was, where none was taken
 */
export function planFrom(
  build: Build,
  at: string | undefined,
  starts?: Readonly<Record<string, string>>,
): Build {
  const { from: _from, ...bench } = build.bench;
  if (at === undefined) return takePlan({ ...build, bench }, undefined);
  const now = { ...build, bench: { ...bench, from: at } };
  return starts === undefined || build.steps.agreed !== undefined ? now : takePlan(now, starts);
}

/** Say of a piece in one's hand that it is firm enough for something, or is not yet. It counts from then on. */
export function sayFirm(build: Build, said: Said): Build {
  const all = [...(build.bench.said ?? []), said].slice(-MOST_SAID);
  return { ...build, bench: { ...build.bench, said: all } };
}

/** Say until when one stays at the bench today, whatever the week says; with nothing said it is as the week says. */
export function stayUntil(build: Build, until: string | undefined): Build {
  const { until: _until, ...bench } = build.bench;
  return { ...build, bench: until === undefined ? bench : { ...bench, until } };
}

/** A piece broke: its steps are to be done again, and those that set something on it. */
export function remake(
  build: Build,
  pieceId: string,
  at: string,
  starts?: Readonly<Record<string, string>>,
): Build {
  const again = new Set([pieceId, ...build.pieces.filter((p) => p.seat.on === pieceId).map((p) => p.id)]);
  const undone = (step: string): boolean => {
    const { task, of } = readStepId(step) ?? {};
    if (of === undefined || !again.has(of)) return false;
    // what stood on it is only to be set on again
    return of === pieceId ? task !== 'mix' : task === 'join';
  };
  const done = build.bench.done.filter((d) => !undone(d.step));
  const { said = [], ...bench } = build.bench;
  const kept = said.filter((s) => s.piece !== pieceId);
  return planFrom(
    { ...build, bench: { ...bench, done, ...(kept.length > 0 ? { said: kept } : {}) } },
    at,
    starts,
  );
}

/** What the plan rather has; the usual balance with nothing said. */
export function setRather(build: Build, rather: Rather | undefined): Build {
  const { rather: _rather, ...steps } = build.steps;
  return { ...build, steps: rather === undefined ? steps : { ...steps, rather } };
}
