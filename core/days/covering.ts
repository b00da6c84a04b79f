import type { Build } from '../record/index.ts';
import { contacts } from './burial.ts';
import { joinId, shapedBy, shapeId } from './steps/index.ts';
import type { Link } from './types.ts';

/**
 * Orders that follow from what covers what: a piece is textured and in its place before another one goes over it. Where a
 * link already says the opposite, that counts.
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
  for (const b of contacts(build)) {
    const piece = build.pieces.find((p) => p.id === b.piece)!;
    const to = joinId(b.by);
    for (const from of [shapedBy(piece), joinId(b.piece)]) {
      if (reaches(from, to) || reaches(to, from) || soft.has(`${shapeId(b.piece)} ${to}`)) continue;
      const link: Link = {
        from,
        to,
        kind: 'order',
        band: { fast: 0, likely: 0, slow: 0 },
        why: `the ${b.byName.toLowerCase()} goes over the ${b.name.toLowerCase()}`,
      };
      out.push(link);
      add(link);
    }
  }
  return out;
}
