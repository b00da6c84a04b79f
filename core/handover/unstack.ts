import type { RemovalLine, SeenRod } from '../bones/index.ts';
import { lower } from '../quantity/index.ts';
import type { Build, Piece } from '../record/index.ts';

/** One thing that is done as it is taken apart, and what comes out of it then. */
export interface TakenApart {
  readonly says: string;
  readonly out: readonly RemovalLine[];
}

/** Pieces a rod runs through, by id. */
const through = (r: SeenRod): string[] => r.passes.flatMap((p) => ('piece' in p ? [p.piece] : []));

/** The piece a rod comes out with: of those it runs through the one that was set on last. */
function topOf(build: Build, r: SeenRod): Piece | undefined {
  const inside = new Set(through(r));
  return [...build.pieces].reverse().find((p) => inside.has(p.id));
}

/**
 * The order in which it is taken apart before it is cut: what was set on last comes off first, each stick with what it holds, then
 * the tiers from above. Every line of the removal card comes out exactly once.
 */
export function takenApart(
  build: Build,
  lines: readonly RemovalLine[],
  rods: readonly SeenRod[],
): TakenApart[] {
  const left = new Set(lines);
  const take = (is: (l: RemovalLine) => boolean): RemovalLine[] => {
    const out = [...left].filter(is);
    for (const l of out) left.delete(l);
    return out;
  };
  const steps: TakenApart[] = [];
  const add = (says: string, out: readonly RemovalLine[]) => {
    if (out.length > 0) steps.push({ says, out });
  };
  add(
    'Take off what was set on it.',
    take((l) => l.id.startsWith('topper:')),
  );
  const tops = new Map(rods.map((r) => [r.rod.id, topOf(build, r)?.id]));
  for (const piece of [...build.pieces].reverse()) {
    const out = take(
      (l) => l.of.piece === piece.id || (l.of.rod !== undefined && tops.get(l.of.rod) === piece.id),
    );
    const sticks = out.some((l) => l.of.rod !== undefined);
    add(
      sticks
        ? `Take off the ${lower(piece.name)}: draw each stick out along itself, do not snap it.`
        : `Open the ${lower(piece.name)}.`,
      out,
    );
  }
  add(
    'Undo the nut on top and lift what is raised off its rod.',
    take((l) => l.id === 'mast'),
  );
  for (const tier of [...build.cake.tiers].reverse())
    add(
      `Lift off what stands on the ${lower(tier.name)}; draw its posts before a knife goes near it.`,
      take((l) => l.of.tier === tier.id),
    );
  add(
    'Last, look for these.',
    take(() => true),
  );
  return steps;
}

/** How each cake is cut, from the top, once nothing is in it any more. Common practice. */
export function cuttingOf({ cake, pieces }: Build): string[] {
  const carved = pieces.filter((p) => p.core === 'cake' && (p.form.kind === 'skinOverBall' || p.form.coat));
  return [
    ...carved.map(
      (p) =>
        `The ${lower(p.name)}: from the top down, level by level, as it was filled; the paste is taken off first where nobody wants it.`,
    ),
    ...[...cake.tiers]
      .reverse()
      .map(
        (t) =>
          `The ${lower(t.name)}: on a board of its own, ${t.shape === 'round' ? 'a ring about 50 mm in from the edge, slices of it 25 mm wide, then the middle the same way' : 'strips 25 mm wide, then across'}.`,
      ),
  ];
}
