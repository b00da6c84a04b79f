/**
 * The same record made of the parts of an older one wherever they are equal, so that what was worked out for them is still
 * known: what comes over a wire is a copy, and a copy is new to everything that is remembered by its parts.
 */
export function reusing<T>(was: unknown, now: T): T {
  if (Object.is(was, now) || typeof was !== 'object' || typeof now !== 'object' || !was || !now)
    return was === now ? (was as T) : now;
  if (Array.isArray(was) !== Array.isArray(now)) return now;
  const before = was as Record<string, unknown>;
  const keys = Object.keys(now);
  let same = keys.length === Object.keys(before).length;
  const out: Record<string, unknown> = Array.isArray(now) ? ([] as never) : {};
  // of a list what moved up or down is found again by its id
  const byId = new Map(
    Array.isArray(was) ? was.flatMap((x: unknown) => (idOf(x) === undefined ? [] : [[idOf(x), x]])) : [],
  );
  for (const k of keys) {
    const next = now[k as keyof T] as unknown;
    const old = byId.get(idOf(next)) ?? before[k];
    out[k] = reusing(old, next);
    if (!(k in before) || !Object.is(out[k], before[k])) same = false;
  }
  return (same ? was : out) as T;
}

const idOf = (x: unknown): string | undefined =>
  typeof x === 'object' && x !== null && 'id' in x && typeof x.id === 'string' ? x.id : undefined;
