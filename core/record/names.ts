import { LONGEST_ID, LONGEST_NAME } from '../quantity/index.ts';
import type { PartsOf } from './build.ts';

/** What is wrong with a name, in a sentence; undefined when it will do. */
export const nameTrouble = (name: string, what: string): string | undefined =>
  !name.trim()
    ? `${what} needs a name.`
    : name.length > LONGEST_NAME
      ? `A name has ${LONGEST_NAME} letters at the most.`
      : undefined;

/** A name that can be kept, made from one that was read or put together. */
export const keptName = (name: string, otherwise: string): string =>
  name.trim().slice(0, LONGEST_NAME).trim() || otherwise;

/** Everything that shares its ids with the pieces. */
export const standing = (build: PartsOf<'pieces' | 'cake'>): readonly { readonly id: string }[] => [
  ...build.pieces,
  ...build.cake.tiers,
];

/**
 * A name turned into a readable id that is not taken: `Left arm` → `left-arm`, then `left-arm-2`; as long as ids may be.
 * @param taken everything that shares its ids with it
 */
export function freshId(name: string, taken: readonly { readonly id: string }[]): string {
  const stem =
    name
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+/, '')
      // room for the number of a double
      .slice(0, LONGEST_ID - 6)
      .replace(/-+$/, '') || 'piece';
  const has = (id: string) => id === 'board' || taken.some((t) => t.id === id);
  if (!has(stem)) return stem;
  let n = 2;
  while (has(`${stem}-${n}`)) n++;
  return `${stem}-${n}`;
}

/** A list with one of its entries changed, by its id. */
export const replaced = <T extends { readonly id: string }>(
  list: readonly T[],
  id: string,
  next: (x: T) => T,
): T[] => list.map((x) => (x.id === id ? next(x) : x));
