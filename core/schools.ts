import type { Joining } from './days/index.ts';
import { setBuilt, setJoin, setOwnStep, setPropped, setRather } from './edits/index.ts';
import { plan } from './plan.ts';
import { carriedBy, type Build } from './record/index.ts';
import { doesToPlan, plannedAs } from './tried-plans.ts';

/** One side of a choice that hands make differently. */
export interface WorkingSide {
  readonly id: string;
  readonly name: string;
  /** What it does to the plan, in words; undefined for the one that is followed now. */
  readonly does: string | undefined;
  readonly build: Build;
}

/** A choice for the whole build. */
export interface WorkingChoice {
  readonly id: string;
  readonly asks: string;
  readonly sides: readonly WorkingSide[];
}

/** A side as it is looked for: what the build is with it. */
interface Side {
  readonly id: string;
  readonly name: string;
  readonly now: boolean;
  readonly make: () => Build;
}

interface Choice {
  readonly id: string;
  readonly asks: string;
  readonly sides: readonly Side[];
}

const over = (build: Build, ids: readonly string[], change: (b: Build, id: string) => Build): Build =>
  ids.reduce(change, build);

/** Details pressed on while both are soft, or let firm and glued on. */
function details(build: Build, joinings: readonly Joining[]): Choice | undefined {
  const soft = new Set(['pressed', 'posed']);
  const all = joinings.filter((j) => j.carrier && j.letters.length === 0 && soft.has(j.proposed));
  if (all.length === 0) return undefined;
  const ids = all.map((j) => j.piece.id);
  const firm = all.every((j) => j.kind.id === 'firm');
  return {
    id: 'details',
    asks: 'Ears, eyes and other details',
    sides: [
      {
        id: 'soft',
        name: 'pressed on while all is soft',
        now: !firm,
        make: () => over(build, ids, (b, id) => setJoin(b, id, undefined)),
      },
      {
        id: 'firm',
        name: 'let firm and glued on',
        now: firm,
        make: () => over(build, ids, (b, id) => setJoin(b, id, 'firm')),
      },
    ],
  };
}

/** Heads and other parts that carry details: finished on a dummy and moved, or built up where they stand. */
function units(build: Build, joinings: readonly Joining[]): Choice | undefined {
  const all = joinings.filter(
    (j) => j.kind.id === 'slid' && carriedBy(build, j.piece.id).length > 1 && j.carrier !== undefined,
  );
  if (all.length === 0) return undefined;
  const ids = all.map((j) => j.piece.id);
  const dummy = all.every((j) => j.piece.built === 'dummy');
  return {
    id: 'units',
    asks: 'Heads and other parts that carry details',
    sides: [
      {
        id: 'dummy',
        name: 'finished on a dummy, then slid on whole',
        now: dummy,
        make: () => over(build, ids, (b, id) => setBuilt(b, id, 'dummy')),
      },
      {
        id: 'there',
        name: 'slid on first, heavy parts built up on the figure',
        now: !dummy,
        make: () => over(build, ids, (b, id) => setBuilt(b, id, undefined)),
      },
    ],
  };
}

/** Few long sittings with props, or as many evenings as the paste likes. */
function sittings(build: Build, joinings: readonly Joining[]): Choice | undefined {
  const poses = joinings.filter((j) => j.kind.propTakes.length > 0 && j.carrier);
  if (poses.length === 0) return undefined;
  const ids = poses.map((j) => j.piece.id);
  const propped = poses.every((j) => j.piece.propped) && build.steps.rather === 'fewer';
  return {
    id: 'sittings',
    asks: 'Sittings',
    sides: [
      {
        id: 'few',
        name: 'as few as can be, what leans is propped',
        now: propped,
        make: () =>
          setRather(
            over(build, ids, (b, id) => setPropped(b, id, true)),
            'fewer',
          ),
      },
      {
        id: 'days',
        name: 'each stage firm before the next',
        now: !propped,
        make: () =>
          setRather(
            over(build, ids, (b, id) => setPropped(b, id, false)),
            undefined,
          ),
      },
    ],
  };
}

/** Legs that are too soft for what comes on them: left overnight, or a stick in each and on in the same sitting. */
function legs(build: Build): Choice | undefined {
  const { stands } = plan(build);
  const soft = stands.soft.map((s) => s.piece);
  const sticked = soft.reduce<Build | undefined>(
    (b, id) => b && plan(b).stands.stick(id)?.build,
    soft.length > 0 ? build : undefined,
  );
  if (!sticked) return undefined;
  return {
    id: 'legs',
    asks: 'Legs and other soft posts',
    sides: [
      { id: 'night', name: 'firm before they carry', now: true, make: () => build },
      { id: 'stick', name: 'a stick in each, carried at once', now: false, make: () => sticked },
    ],
  };
}

/** Steps of one's own on a face: before its piece is joined, or when all stands. */
function painting(build: Build): Choice | undefined {
  const own = build.steps.own.filter((o) => o.piece !== undefined && o.work !== undefined);
  if (own.length === 0) return undefined;
  const last = own.every((o) => o.after === 'finish');
  const put = (b: Build, id: string, after: string | undefined, before: string | undefined): Build => {
    const change = setOwnStep(b, id, { after, before });
    return change.ok ? change.value : b;
  };
  return {
    id: 'painting',
    asks: 'Painting and dusting',
    sides: [
      {
        id: 'before',
        name: 'before a piece is joined',
        now: own.every((o) => o.before === `join:${o.piece}`),
        make: () => own.reduce((b, o) => put(b, o.id, undefined, `join:${o.piece}`), build),
      },
      {
        id: 'free',
        name: 'while it is within reach',
        now: own.every((o) => o.before === undefined && o.after === undefined),
        make: () => own.reduce((b, o) => put(b, o.id, undefined, undefined), build),
      },
      {
        id: 'last',
        name: 'when everything stands',
        now: last,
        make: () => own.reduce((b, o) => put(b, o.id, 'finish', undefined), build),
      },
    ],
  };
}

/**
 * The choices on which hands differ, as far as they are there in a figure, each side tried as a plan: what it does is said before
 * it is taken.
 */
export function schoolsOf(build: Build, now?: number): WorkingChoice[] {
  const { joinings } = plan(build);
  const was = plannedAs(build, now);
  return [
    details(build, joinings),
    units(build, joinings),
    sittings(build, joinings),
    legs(build),
    painting(build),
  ].flatMap((choice) => {
    if (!choice) return [];
    const sides = choice.sides.map(({ id, name, now: followed, make }): WorkingSide => {
      if (followed) return { id, name, does: undefined, build };
      const as = plannedAs(make(), now);
      return { id, name, does: doesToPlan(was, as), build: as.build };
    });
    return [{ id: choice.id, asks: choice.asks, sides }];
  });
}
