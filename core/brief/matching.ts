/** A typed text in plain letters, without what only dresses it. */
export const plainly = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[’']/g, "'")
    .replace(/[.,;!]+$/g, '')
    .replace(/\s+/g, ' ')
    .trim();

/** Whether a word or a phrase stands in a text by itself. */
export const says = (text: string, phrase: string): boolean =>
  new RegExp(`(^|[^a-z0-9])${phrase.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(s|es)?($|[^a-z0-9])`).test(text);

/** Fewer letters begin too much. */
const SHORTEST = 3;

/**
 * The entries whose words stand in a text; of those, the ones that said most.
 * @param words all the words of an entry
 */
export function entriesSaid<T>(
  text: string,
  entries: readonly T[],
  words: (entry: T) => readonly string[],
): T[] {
  const clean = plainly(text);
  const scored = entries.map((entry) => ({
    entry,
    most: Math.max(0, ...words(entry).map((w) => (says(clean, w.toLowerCase()) ? w.length : 0))),
  }));
  const best = Math.max(0, ...scored.map((s) => s.most));
  if (best > 0) return scored.filter((s) => s.most === best).map((s) => s.entry);
  // first letters of a word, as they are typed into a list
  return clean.length >= SHORTEST
    ? entries.filter((e) => words(e).some((w) => w.toLowerCase().startsWith(clean)))
    : [];
}
