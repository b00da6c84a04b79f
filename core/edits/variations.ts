import { fail, ok } from '../quantity/index.ts';
import {
  freshId,
  MOST_VARIATIONS,
  nameTrouble,
  type Build,
  type Change,
  type Variation,
} from '../record/index.ts';

/** The same figure made another way, in one build: one is shown and worked at, the others wait as they were left. */

/** The first of them, until it is named. */
const AS_IT_BEGAN = 'As it began';

/** What the one that is shown is called. */
export const variationName = (build: Build): string => build.variation ?? AS_IT_BEGAN;

/** The one that is shown, as it would wait. */
function shown(build: Build): Variation {
  const { room, board, blends, colours, pieces, rods, cake, portions, card, mast, steps } = build;
  const name = variationName(build);
  return {
    id: freshId(name, build.variations ?? []),
    name,
    room,
    board,
    blends,
    colours,
    pieces,
    rods,
    cake,
    steps,
    ...(portions ? { portions } : {}),
    ...(card ? { card } : {}),
    ...(mast ? { mast } : {}),
  };
}

/** The build with the parts of a variation in place of its own. */
function withParts(build: Build, { id: _id, name, ...parts }: Variation): Build {
  const { portions: _portions, card: _card, mast: _mast, ...shared } = build;
  return { ...shared, ...parts, variation: name };
}

const taken = (build: Build, name: string): boolean =>
  [variationName(build), ...(build.variations ?? []).map((v) => v.name)].includes(name.trim());

/** Go on with another variation that begins as this one is; this one waits. */
export function tryAnother(build: Build, name: string): Change {
  const wrong = nameTrouble(name, 'A variation');
  if (wrong !== undefined) return fail(wrong, 'name');
  if (taken(build, name)) return fail(`There is a variation called “${name.trim()}” already.`, 'name');
  const others = build.variations ?? [];
  if (others.length >= MOST_VARIATIONS) return fail('That is enough of them: take one away first.');
  return ok({ ...build, variation: name.trim(), variations: [...others, shown(build)] });
}

/** Show another one; the one that was shown waits. */
export function showVariation(build: Build, id: string): Change {
  const next = build.variations?.find((v) => v.id === id);
  if (!next) return fail('That variation is no longer in the build.');
  const others = build.variations!.filter((v) => v !== next);
  const waiting = [...others, shown({ ...build, variations: others })];
  return ok({ ...withParts(build, next), variations: waiting });
}

/** Another name for the one that is shown. */
export function nameVariation(build: Build, name: string): Change {
  const wrong = nameTrouble(name, 'A variation');
  if (wrong !== undefined) return fail(wrong, 'name');
  if (name.trim() !== variationName(build) && taken(build, name))
    return fail(`There is a variation called “${name.trim()}” already.`, 'name');
  return ok({ ...build, variation: name.trim() });
}

/** Take one away that waits. */
export function removeVariation(build: Build, id: string): Build {
  const { variations = [], ...rest } = build;
  const left = variations.filter((v) => v.id !== id);
  return left.length > 0 ? { ...build, variations: left } : rest;
}

/** A variation that waits as a build by itself, to be looked at or compared. */
export function asBuild(build: Build, { id: _id, ...variation }: Variation): Build {
  const { variations: _variations, ...alone } = withParts(build, { id: '', ...variation });
  return alone;
}
