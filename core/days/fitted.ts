import type { Minutes } from '../quantity/index.ts';
import { readStepId, verb, type Build, type Piece } from '../record/index.ts';
import { travellingApart } from './apart.ts';
import { PACK_ID, shapedBy } from './steps/index.ts';
import type { Link, Step } from './types.ts';

/** Where nobody said how long the way is, minutes. Estimate. */
export const USUAL_WAY: Minutes = 45;

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
