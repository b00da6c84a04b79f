import { chroma, labOf, stains } from '../colour/index.ts';
import type { Minutes } from '../quantity/index.ts';
import type { Step } from './types.ts';

/** Minutes for washing hands, roller and board, and for a wipe. Common practice. */
export const WASH: Minutes = 4;
export const WIPE: Minutes = 1;
/** A step to something this much darker needs only a wipe, L*. */
const DARKER = 18;
/** Hues closer than this, or greys, are one family: lighter to darker asks for nothing. */
const FAMILY_HUE = 35;
const GREY = 12;

/** From here on a paste is white, and asks for clean hands. */
const WHITE = 88;

/**
 * Minutes to clean hands, roller and board between two pastes: nothing within one family from light to dark, a wash
 * after what stains and before white, else a wipe. `''` is clean work.
 */
export function washBetween(from: string, to: string): Minutes {
  if (from === to) return 0;
  const a = from === '' ? undefined : labOf(from);
  const b = to === '' ? undefined : labOf(to);
  if (!a) return b && b.L >= WHITE ? WASH : 0;
  if (!b) return stains(from) ? WASH : WIPE;
  const apart = Math.abs(((Math.atan2(a.b, a.a) - Math.atan2(b.b, b.a)) * 180) / Math.PI);
  const family = (chroma(a) < GREY && chroma(b) < GREY) || Math.min(apart, 360 - apart) < FAMILY_HUE;
  if (family && b.L <= a.L + 2) return 0;
  if (b.L < a.L - DARKER) return WIPE;
  return stains(from) || b.L >= WHITE ? WASH : WIPE;
}

/** The colours of some work, the clean hand first, and the minutes between each two; never more than by way of a third. */
export function washesOf(steps: readonly Step[]): {
  colour: Uint8Array;
  colours: number;
  wash: Int16Array;
} {
  const known = new Map<string, number>([['', 0]]);
  const colour = Uint8Array.from(steps, (s) => {
    const hex = s.colour ?? '';
    let k = known.get(hex);
    if (k === undefined && known.size < 256) known.set(hex, (k = known.size));
    return k ?? 0;
  });
  const all = [...known.keys()];
  const n = all.length;
  const wash = new Int16Array(n * n);
  all.forEach((a, i) => all.forEach((b, j) => (wash[i * n + j] = washBetween(a, b))));
  for (let via = 0; via < n; via++)
    for (let i = 0; i < n; i++)
      for (let j = 0; j < n; j++)
        wash[i * n + j] = Math.min(wash[i * n + j]!, wash[i * n + via]! + wash[via * n + j]!);
  return { colour, colours: n, wash };
}
