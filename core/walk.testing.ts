import type { Reckoned } from './quantity/index.ts';

/** Looking through whole reports in tests. Not part of the app. */

/** Every figure in a report, wherever it sits. */
export function figures(x: unknown, out: Reckoned[] = [], seen = new Set<unknown>()): Reckoned[] {
  if (typeof x !== 'object' || x === null || seen.has(x)) return out;
  seen.add(x);
  if ('name' in x && 'value' in x && 'unit' in x) out.push(x as Reckoned);
  for (const v of x instanceof Map ? x.values() : Object.values(x)) figures(v, out, seen);
  return out;
}

/** Where in a report a number is none; JSON would write it as null and hide it. */
export function notNumbers(x: unknown, at = '', out: string[] = [], seen = new Set<unknown>()): string[] {
  if (typeof x === 'number' && Number.isNaN(x)) out.push(at);
  if (typeof x === 'string' && /\bNaN\b|Infinity|undefined|\[object/.test(x)) out.push(`${at}: ${x}`);
  if (typeof x !== 'object' || x === null || seen.has(x)) return out;
  seen.add(x);
  // what is written out is what is told
  if ('toJSON' in x && typeof x.toJSON === 'function') return notNumbers(x.toJSON(), at, out, seen);
  const entries = x instanceof Map ? [...x.entries()] : Object.entries(x);
  for (const [k, v] of entries) notNumbers(v, `${at}/${String(k)}`, out, seen);
  return out;
}
