import { TEXTURES, type Build } from '../record/index.ts';
import { contacts } from './burial.ts';
import { closesFace, reachWhy, stagesOf } from './reaching.ts';
import { joinId, shapeId, textureId } from './steps/index.ts';
import type { Link } from './types.ts';

/**
 * Orders that follow from what goes over what: a piece is in its place before another one goes over it, and textured while the tool
 * still gets at what is seen of it. Where a link already says the opposite, that counts.
 */
export function coveringLinks(build: Build, links: readonly Link[]): Link[] {
  const next = new Map<string, string[]>();
  const add = (l: Pick<Link, 'from' | 'to'>) => next.set(l.from, [...(next.get(l.from) ?? []), l.to]);
  links.forEach(add);
  const reaches = (from: string, to: string): boolean => {
    const seen = new Set([from]);
    const stack = [from];
    while (stack.length > 0) {
      const at = stack.pop()!;
      if (at === to) return true;
      for (const n of next.get(at) ?? [])
        if (!seen.has(n)) {
          seen.add(n);
          stack.push(n);
        }
    }
    return false;
  };
  /** What is set into a face while that still gives does not wait for its texture. */
  const soft = new Set(links.flatMap((l) => (l.kind === 'window' ? [`${l.from} ${l.to}`] : [])));
  const out: Link[] = [];
  const put = (from: string, to: string, why: string): void => {
    if (reaches(from, to) || reaches(to, from)) return;
    const link: Link = { from, to, kind: 'order', band: { fast: 0, likely: 0, slow: 0 }, why };
    out.push(link);
    add(link);
  };
  for (const b of contacts(build))
    if (!soft.has(`${shapeId(b.piece)} ${joinId(b.by)}`))
      put(
        joinId(b.piece),
        joinId(b.by),
        `the ${b.byName.toLowerCase()} goes over the ${b.name.toLowerCase()}`,
      );
  const textured = build.pieces.filter((p) => p.texture !== 'none');
  const stages = textured.length > 0 ? stagesOf(build, [...links, ...out]) : [];
  for (const piece of textured) {
    const face = { piece: piece.id, work: TEXTURES[piece.texture].work, side: 'all' } as const;
    const closing = closesFace(build, face, stages);
    if (closing && !soft.has(`${shapeId(piece.id)} ${joinId(closing.piece)}`))
      put(textureId(piece.id), joinId(closing.piece), reachWhy(build, face, closing));
  }
  return out;
}
