import { fail, inLimits, ok } from '../quantity/index.ts';
import {
  carriedBy,
  handoverRecord,
  MOST_TOPPERS,
  nameTrouble,
  pieceOf,
  topperRecord,
  type Build,
  type Change,
  type Handover,
  type Topper,
} from '../record/index.ts';

/** The handover with some of it changed; what is set to undefined is said no longer. */
function withHandover(
  build: Build,
  patch: { readonly [K in keyof Handover]?: Handover[K] | undefined },
): Build {
  const next = Object.fromEntries(
    Object.entries({ ...build.handover, ...patch }).filter(([, v]) => v !== undefined),
  ) as Handover;
  const { handover: _handover, ...rest } = build;
  return Object.keys(next).length > 0 ? { ...rest, handover: next } : rest;
}

/** What is known of the way: how long, how warm, cooled or not, how long it stands. */
export function setWay(
  build: Build,
  patch: { readonly [K in 'minutes' | 'air' | 'cooled' | 'stands' | 'note']?: Handover[K] | undefined },
): Change {
  const said = Object.fromEntries(Object.entries(patch).filter(([, v]) => v !== undefined));
  const asked = inLimits(handoverRecord, said, {
    minutes: () => 'A way takes up to two days.',
    air: (least, most) => `The air on the way lies between ${least} and ${most} °C.`,
    stands: () => 'It stands up to two weeks before it is eaten.',
  });
  if (!asked.ok) return asked;
  return ok(withHandover(build, patch.note === '' ? { ...patch, note: undefined } : patch));
}

/** A piece travels apart, with all it carries; or in its place. */
export function setApart(build: Build, piece: string, apart: boolean): Change {
  if (!pieceOf(build, piece)) return fail('That piece is no longer there.');
  const inside = new Set(carriedBy(build, piece).map((p) => p.id));
  const others = (build.handover?.apart ?? []).filter((id) => !inside.has(id) && pieceOf(build, id));
  const next = apart ? [...others, piece] : others;
  return ok(withHandover(build, { apart: next.length > 0 ? next : undefined }));
}

/** Something bought in is set on it, or what is known of it is another. */
export function setTopper(build: Build, topper: Topper): Change {
  const all = build.handover?.toppers ?? [];
  const known = all.some((t) => t.id === topper.id);
  if (!known && all.length >= MOST_TOPPERS)
    return fail(`More than ${MOST_TOPPERS} kinds of things are not listed: put some together.`);
  const wrong = nameTrouble(topper.name, 'What is set on it');
  if (wrong !== undefined) return fail(wrong, 'name');
  const asked = inLimits(topperRecord, topper, {
    number: (least, most) => `How many is a whole number from ${least} to ${most}.`,
  });
  if (!asked.ok) return asked;
  return ok(
    withHandover(build, {
      toppers: known ? all.map((t) => (t.id === topper.id ? topper : t)) : [...all, topper],
    }),
  );
}

/** Take something bought in off the card. */
export function removeTopper(build: Build, id: string): Build {
  const left = (build.handover?.toppers ?? []).filter((t) => t.id !== id);
  return withHandover(build, { toppers: left.length > 0 ? left : undefined });
}

/** A line of the removal card was counted, or is to be counted again. @param number as many as were seen; nothing to count again */
export function setCounted(build: Build, line: string, number: number | undefined): Build {
  const { [line]: _old, ...rest } = build.handover?.counted ?? {};
  const next = number === undefined ? rest : { ...rest, [line]: number };
  return withHandover(build, { counted: Object.keys(next).length > 0 ? next : undefined });
}
