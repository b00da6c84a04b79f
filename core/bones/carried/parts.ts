/** One part of a network: what hangs together in more than one way, or a single hold between two. */
export interface HeldPart {
  /** Its body nearest the ground: all beyond it hangs on that one. */
  readonly root: number;
  /** Numbers of its holds. */
  readonly edges: readonly number[];
}

/**
 * Parts in which no single body, taken away, would cut anything off: from the twigs down to body nought. Found in one walk
 * (Hopcroft and Tarjan 1973, biconnected components).
 * @param n bodies, numbered from nought
 * @param holds between two bodies each; what does not hang together with body nought is left out
 */
export function heldParts(
  n: number,
  holds: readonly { readonly a: number; readonly b: number }[],
): HeldPart[] {
  const near = Array.from({ length: n }, (): number[] => []);
  holds.forEach(({ a, b }, e) => {
    if (a === b) return;
    near[a]!.push(e);
    near[b]!.push(e);
  });
  const seen = new Int32Array(n);
  const low = new Int32Array(n);
  const used = new Uint8Array(holds.length);
  const open: number[] = [];
  const parts: HeldPart[] = [];
  let time = 0;
  seen[0] = low[0] = ++time;
  // each body on the way, the hold that led to it, and how many of its holds were looked at
  const way: { readonly body: number; readonly by: number; next: number }[] = [{ body: 0, by: -1, next: 0 }];
  while (way.length > 0) {
    const here = way[way.length - 1]!;
    const { body } = here;
    if (here.next < near[body]!.length) {
      const e = near[body]![here.next++]!;
      if (used[e]) continue;
      used[e] = 1;
      open.push(e);
      const to = holds[e]!.a === body ? holds[e]!.b : holds[e]!.a;
      if (seen[to]) low[body] = Math.min(low[body]!, seen[to]!);
      else {
        seen[to] = low[to] = ++time;
        way.push({ body: to, by: e, next: 0 });
      }
      continue;
    }
    way.pop();
    const from = way[way.length - 1]?.body;
    if (from === undefined) break;
    low[from] = Math.min(low[from]!, low[body]!);
    if (low[body]! < seen[from]!) continue;
    const edges = open.splice(open.lastIndexOf(here.by));
    parts.push({ root: from, edges });
  }
  return parts;
}
