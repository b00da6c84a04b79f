import { fail, ok, takes, inLimits, inWords } from '../quantity/index.ts';
import {
  type BuiltOn,
  type JoinKindId,
  type Build,
  type Helper,
  type Space,
  type StepKind,
  type Tool,
  type Workshop,
  freshId,
  helperRecord,
  MOST_HELPERS,
  standingRoomField,
  toolCountField,
  nameTrouble,
  replaced,
  type Change,
} from '../record/index.ts';
import { checkedHours } from './edit.ts';

const withWorkshop = (build: Build, patch: Partial<Workshop>): Build => ({
  ...build,
  workshop: { ...build.workshop, ...patch },
});

/** Somebody to help, with an evening of theirs to begin with. */
export function addHelper(build: Build, name: string): Change {
  const clean = name.trim();
  const wrong = nameTrouble(name, 'A helper');
  if (wrong !== undefined) return fail(wrong, 'name');
  if (build.workshop.helpers.length >= MOST_HELPERS)
    return fail(`More than ${inWords(MOST_HELPERS)} helpers stand in each other’s way.`, 'helpers');
  const helper: Helper = {
    id: freshId(clean, build.workshop.helpers),
    name: clean,
    pace: 1.25,
    does: ['mix', 'bake', 'glue', 'shape', 'pack'],
    hours: [{ day: 6, from: '10:00', to: '13:00' }],
  };
  return ok(withWorkshop(build, { helpers: [...build.workshop.helpers, helper] }));
}

/** Change a helper: name, hours, pace and what they do. */
export function setHelper(build: Build, id: string, patch: Partial<Omit<Helper, 'id'>>): Change {
  const was = build.workshop.helpers.find((h) => h.id === id);
  if (!was) return fail('That helper is not there any more.', 'helpers');
  const next = { ...was, ...patch };
  const wrong = nameTrouble(next.name, 'A helper');
  if (wrong !== undefined) return fail(wrong, 'name');
  const asked = inLimits(helperRecord, next, {
    pace: (least, most) => `Pace has to lie between ${least} and ${most}.`,
  });
  if (!asked.ok) return asked;
  if (next.does?.length === 0) return fail('A helper has to be let do something.', 'does');
  const hours = checkedHours(next.hours);
  if (!hours.ok) return hours;
  return ok(withWorkshop(build, { helpers: replaced(build.workshop.helpers, id, () => next) }));
}

/** Do without a helper. */
export const removeHelper = (build: Build, id: string): Build =>
  withWorkshop(build, { helpers: build.workshop.helpers.filter((h) => h.id !== id) });

/** How many there are of a tool; with none said there is always one free. */
export function setTool(build: Build, tool: Tool, number: number | undefined): Change {
  const { [tool]: _was, ...rest } = build.workshop.tools;
  if (number !== undefined && !takes(toolCountField, number))
    return fail(`There are between none and ${toolCountField.maximum} of a tool.`, 'tools');
  return ok(withWorkshop(build, { tools: number === undefined ? rest : { ...rest, [tool]: number } }));
}

/** Room on the rack, in the fridge, cm²; with none said there is enough. */
export function setSpace(build: Build, space: Space, area: number | undefined): Change {
  const { [space]: _was, ...rest } = build.workshop.space;
  if (area !== undefined && !takes(standingRoomField, area))
    return fail(
      `Room lies between nothing and ${inWords(standingRoomField.maximum / 10_000)} square metres.`,
      'space',
    );
  return ok(withWorkshop(build, { space: area === undefined ? rest : { ...rest, [space]: area } }));
}

/** Minutes of a kind of step against the table, as the person's own times say. */
export function setPaces(
  build: Build,
  paces: Readonly<Partial<Record<StepKind, number>>> | undefined,
): Build {
  const { paces: _was, ...rest } = build.workshop;
  return { ...build, workshop: paces && Object.keys(paces).length > 0 ? { ...rest, paces } : rest };
}

/** Where a piece is built; as it comes with nothing said. */
export function setBuilt(build: Build, piece: string, built: BuiltOn | undefined): Build {
  return {
    ...build,
    pieces: replaced(build.pieces, piece, (p) => {
      const { built: _was, ...rest } = p;
      return built === undefined ? rest : { ...rest, built };
    }),
  };
}

/** How a piece is joined to what carries it; as it is proposed with nothing said. */
export function setJoin(build: Build, piece: string, join: JoinKindId | undefined): Build {
  return {
    ...build,
    pieces: replaced(build.pieces, piece, (p) => {
      const { join: _was, ...rest } = p;
      return join === undefined ? rest : { ...rest, join };
    }),
  };
}
