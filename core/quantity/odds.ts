/**
 * Lower end of the range in which a share lies that was counted in some draws: Wilson's score interval, 95 %.
 * Source: E. B. Wilson, J. Am. Stat. Assoc. 22 (1927) 209, from memory.
 * @param hits how often it came out, `0 … draws`
 */
export function shareAtLeast(hits: number, draws: number): number {
  if (!(draws > 0)) return 0;
  const z = 1.96;
  const p = hits / draws;
  const middle = p + (z * z) / (2 * draws);
  const spread = z * Math.sqrt((p * (1 - p)) / draws + (z * z) / (4 * draws * draws));
  return Math.max(0, (middle - spread) / (1 + (z * z) / draws));
}

/** Upper end of the same range. */
export const shareAtMost = (hits: number, draws: number): number => 1 - shareAtLeast(draws - hits, draws);

/** Odds as people say them, the best first, each with the share it promises. */
const WORDS: readonly (readonly [share: number, words: string])[] = [
  [0.96, 'almost sure'],
  [0.95, '19 in 20'],
  [0.9, '9 in 10'],
  [0.8, '4 in 5'],
  [0.75, '3 in 4'],
  [2 / 3, '2 in 3'],
  [0.5, '1 in 2'],
  [1 / 3, '1 in 3'],
  [0.25, '1 in 4'],
  [0.2, '1 in 5'],
  [0.1, '1 in 10'],
];

/** The chance that something comes out, in words that promise no more than the draws bear: `almost sure`, `4 in 5`. */
export function tellOdds(share: number, draws: number): string {
  const least = shareAtLeast(Math.round(share * draws), draws);
  return WORDS.find(([promises]) => least >= promises)?.[1] ?? 'hardly a chance';
}

const RARE: readonly (readonly [share: number, words: string])[] = [
  [1 / 50, 'hardly ever'],
  [1 / 20, 'once in 20 times'],
  [1 / 10, 'once in 10 times'],
  [1 / 5, 'once in 5 times'],
  [1 / 4, 'once in 4 times'],
  [1 / 3, 'once in 3 times'],
  [1 / 2, 'every other time'],
];

/** How often something goes wrong, in words that are not rosier than the draws: `once in 10 times`. */
export function tellRisk(share: number, draws: number): string {
  const most = shareAtMost(Math.round(share * draws), draws);
  return RARE.find(([promises]) => most <= promises)?.[1] ?? 'more often than not';
}
