import { given, reckon, type Reckoned } from '../quantity/index.ts';

export type Verdict = 'holds' | 'tight' | 'fails';

/** One thing looked at: what is asked, what it can take, and the honest verdict. */
export interface Check {
  readonly id: string;
  readonly title: string;
  /** The situation it was worst in. */
  readonly situation: string;
  /** Share used with the reserve in; above one it does not hold. */
  readonly use: Reckoned;
  /** How many times over it holds: 1 ÷ use. */
  readonly times: number;
  readonly verdict: Verdict;
  /** One sentence. */
  readonly text: string;
  /** Whether it would still hold, or fail, when the values are off. */
  readonly sure: string;
}

const SPREAD: Record<'A' | 'B' | 'C', readonly [number, number]> = {
  A: [0.95, 1.05],
  B: [0.75, 1.25],
  C: [0.5, 1.6],
};

/** The most a mend or a chosen rod may use of what holds: past it the word is *tight*. */
export const TARGET = 0.85;
export const verdictOf = (use: number): Verdict => (use <= TARGET ? 'holds' : use <= 1 ? 'tight' : 'fails');

/**
 * Make a check from its utilisation.
 * @param reserve the safety factor inside `use`; taken out again to say how sure the verdict is
 * @param trust A handbook metal, B handbook wood or foam, C food or guess
 */
export function check(
  id: string,
  title: string,
  situation: string,
  use: Reckoned,
  reserve: number,
  trust: 'A' | 'B' | 'C',
  words: { ok: string; no: string },
): Check {
  const u = use.value;
  const verdict = verdictOf(u);
  const raw = u / reserve;
  const [weak, strong] = SPREAD[trust];
  const sure =
    raw / weak <= 1
      ? 'It would hold even at the weak end of what is known.'
      : raw / strong > 1
        ? 'It would fail even at the strong end of what is known.'
        : 'That is inside what is not known: test a spare piece.';
  return {
    id,
    title,
    situation,
    use,
    times: u > 1e-6 ? 1 / u : Infinity,
    verdict,
    text: Number.isFinite(u) ? (u <= 1 ? words.ok : words.no) : 'Nothing holds it here.',
    sure,
  };
}

/** Simple share: demand × reserve ÷ capacity. */
export const share = (demand: Reckoned, capacity: Reckoned, reserve: number): Reckoned =>
  reckon(
    'Used of what it can take',
    '',
    'asked × reserve ÷ what it can take',
    [demand, given('Reserve', reserve, '×'), capacity],
    (a, s, c) => (a <= 0 ? 0 : c > 0 ? (a * s) / c : Infinity),
  );

export const worst = (checks: readonly Check[]): Check | undefined =>
  checks.reduce<Check | undefined>((w, c) => (!w || c.use.value > w.use.value ? c : w), undefined);
