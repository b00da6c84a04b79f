import { given, reckon, type Reckoned, type Unit } from '../../quantity/index.ts';

export type Verdict = 'holds' | 'tight' | 'fails';

/** One thing looked at: what is asked, what it can take, and the honest verdict. */
export interface Check {
  readonly id: string;
  readonly title: string;
  /** The situation it was worst in. */
  readonly situation: string;
  /** Share used with the reserve in; above one it does not hold. */
  readonly use: Reckoned<''>;
  /** How many times over it holds: 1 ÷ use; nothing where it is a rule that is broken. */
  readonly times: number | undefined;
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
/** The word for a share of what holds: up to `TARGET` it holds, up to all of it is tight. */
export const verdictOf = (use: number): Verdict => (use <= TARGET ? 'holds' : use <= 1 ? 'tight' : 'fails');

/** What a check is made of. */
export interface Checked {
  readonly id: string;
  readonly title: string;
  readonly situation: string;
  /** Share used, the reserve in it. */
  readonly use: Reckoned<''>;
  /** The safety factor inside `use`; taken out again to say how sure the verdict is. */
  readonly reserve: number;
  /** A handbook metal, B handbook wood or foam, C food or guess. */
  readonly trust: 'A' | 'B' | 'C';
  /** One sentence for each of its two ends. */
  readonly ok: string;
  readonly no: string;
}

/** Make a check from its utilisation. */
export function check({ id, title, situation, use, reserve, trust, ok, no }: Checked): Check {
  const u = use.value;
  const raw = u / reserve;
  const [weak, strong] = SPREAD[trust];
  const sure =
    raw / weak <= 1
      ? 'Holds even with the weakest paste we allow for.'
      : raw / strong > 1
        ? 'It would fail even at the strong end of what is known.'
        : 'Too close to call: test it on a spare piece.';
  return {
    id,
    title,
    situation,
    use,
    times: u > 1e-6 ? 1 / u : Infinity,
    verdict: verdictOf(u),
    text: Number.isFinite(u) ? (u <= 1 ? ok : no) : 'Nothing holds it here.',
    sure,
  };
}

/** A rule of the trade that is broken: nothing is reckoned to hold or to fail, there are too few of something. */
export const ruleBroken = (
  rule: Pick<Checked, 'id' | 'title' | 'situation' | 'no'>,
  there: Reckoned<'pieces'>,
  least: Reckoned<'pieces'>,
): Check => ({
  id: rule.id,
  title: rule.title,
  situation: rule.situation,
  use: reckon(rule.title, '', 'wanted ÷ there', [least, there], (w, n) => (n > 0 ? w / n : Infinity)),
  times: undefined,
  verdict: 'fails',
  text: rule.no,
  sure: 'That is a rule of the trade: no value here would change it.',
});

/** Share used of what something can take (utilisation): demand × reserve, the safety factor, ÷ capacity. The one formula behind nearly every verdict. */
export const used = (demand: number, reserve: number, capacity: number): number =>
  demand <= 0 ? 0 : capacity > 0 ? (demand * reserve) / capacity : Infinity;

/** The same as a sum that can be opened; both of one unit. */
export const share = <U extends Unit>(
  demand: Reckoned<U>,
  capacity: Reckoned<NoInfer<U>>,
  reserve: number,
): Reckoned<''> =>
  reckon(
    'Used of what it can take',
    '',
    'asked × reserve ÷ what it can take',
    [demand, given('Reserve', reserve, '×'), capacity],
    used,
  );

/** The check that uses most of what holds; undefined where there is none. */
export const worst = (checks: readonly Check[]): Check | undefined =>
  checks.reduce<Check | undefined>((w, c) => (!w || c.use.value > w.use.value ? c : w), undefined);
