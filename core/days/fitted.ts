import type { Minutes } from '../quantity/index.ts';
import { carriedBy, readStepId, verb, type Build, type Piece } from '../record/index.ts';
import { PACK_ID, shapedBy } from './steps/index.ts';
import type { Link, Step } from './types.ts';

/** Where nobody said how long the way is, minutes. Estimate. */
export const USUAL_WAY: Minutes = 45;

/** Pieces that travel apart: those that were said and are still there, none of them carried by another; in the order of their fitting. */
export function travellingApart(build: Build): Piece[] {
  const said = build.handover?.apart ?? [];
  const inside = new Set(
    said.flatMap((id) =>
      carriedBy(build, id)
        .filter((p) => p.id !== id)
        .map((p) => p.id),
    ),
  );
  return build.pieces.filter((p) => said.includes(p.id) && !inside.has(p.id));
}

/**
 * Steps and links where some pieces are fitted only when it is handed over: what they carry is set on them before, they are packed
 * beside the rest, and set in their place after the way. Nothing else waits for that any more.
 */
export function fittedThere<T extends { readonly steps: readonly Step[]; readonly links: readonly Link[] }>(
  build: Build,
  made: T,
): T {
  const apart = travellingApart(build);
  if (apart.length === 0 || !made.steps.some((s) => s.id === PACK_ID)) return made;
  const minutes = build.handover?.minutes ?? USUAL_WAY;
  const byId = new Map(apart.map((p) => [p.id, p]));
  /** The piece a step sets in its place there, if it does. */
  const fits = (id: string): Piece | undefined => {
    const ref = readStepId(id);
    return (ref?.task === 'join' || ref?.task === 'free') && ref.of !== undefined
      ? byId.get(ref.of)
      : undefined;
  };
  const links = made.links.flatMap((l): Link[] => {
    const [from, to] = [fits(l.from), fits(l.to)];
    // it is set on firm: no window of its soft paste is kept for that
    if (to && l.kind === 'window') return [];
    if (!from || from === to) return [l];
    const { from: _from, kind: _kind, band: _band, ...rest } = l;
    const instead = shapedBy(from);
    return instead === l.to
      ? []
      : [
          {
            from: instead,
            to: rest.to,
            kind: 'order',
            band: { fast: 0, likely: 0, slow: 0 },
            why: `the ${from.name.toLowerCase()} ${verb(from, 'travels', 'travel')} apart`,
          },
        ];
  });
  const there = made.steps.filter((s) => fits(s.id));
  return {
    ...made,
    steps: made.steps.map((s) =>
      fits(s.id) && readStepId(s.id)?.task === 'join'
        ? {
            ...s,
            title: `${s.title}, where it is handed over`,
            notes: ['It travelled in a box of its own.', ...s.notes],
          }
        : s,
    ),
    links: [
      ...links,
      ...there.map((s): Link => ({
        from: PACK_ID,
        to: s.id,
        kind: 'wait',
        band: { fast: minutes, likely: minutes, slow: minutes },
        why: 'the way there',
      })),
    ],
  };
}
