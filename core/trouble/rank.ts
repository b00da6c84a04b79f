import { STATES, type FirmState } from '../firming/index.ts';
import { byFormula, formula, given, total, type Minutes, type Reckoned } from '../quantity/index.ts';
import { REMADE } from '../record/index.ts';
import { causeNamed, type Cause } from './causes.ts';
import type { Facts } from './facts.ts';
import { mendNamed, type TroubleMend } from './mends.ts';
import { SIGNS, isSign, type Sign } from './signs.ts';
import type { Trouble } from './troubles.ts';

/** What was answered at the bench. */
export type Answers = Readonly<Partial<Record<Sign, boolean>>>;
/** How often each cause was behind this trouble, by this person, where a mend for it held. */
export type Confirmed = Readonly<Record<string, number>>;

/** Facts that go together are not counted twice: each speaks with this power. Estimate. */
const TEMPER = 0.8;
/** The table of weights counts as much as so many looks. Estimate. */
const TABLE = 4;
/** A sign that a cause says nothing of is seen with it so often. Estimate. */
const NOW_AND_THEN = 0.2;
/** A question is asked when it tells this much, bits. Estimate. */
const WORTH_ASKING = 0.2;
/** Questions at most. Estimate. */
const MOST_ASKED = 2;
/** Speaks for or against it when it is so many times likelier. Estimates. */
const [FOR, AGAINST] = [1.15, 0.85];

/** A cause with how likely it is and what speaks for it in this build. */
export interface LikelyCause {
  readonly cause: Cause;
  /** Share of all causes of this trouble, per cent. */
  readonly share: Reckoned<'%'>;
  readonly speaksFor: readonly string[];
  readonly speaksAgainst: readonly string[];
}

const SHARE = formula({
  name: 'How likely it is',
  takes: ['', ''],
  unit: '%',
  rule: '100 × its weight ÷ the weights of all',
  f: (own, all) => (100 * own) / all,
});
const WEIGHT = formula({
  name: 'Weight',
  takes: ['×', '×', '×'],
  unit: '',
  rule: 'how usual it is × what speaks for it × what was seen',
  source: 'estimate',
  f: (usual, facts, signs) => usual * facts * signs,
});

/** @returns the causes of a trouble, the likeliest first; their shares add up to one */
export function causesOf(
  trouble: Trouble,
  facts: Facts = {},
  answers: Answers = {},
  confirmed: Confirmed = {},
): LikelyCause[] {
  const rows = Object.entries(trouble.causes).flatMap(([id, weight]) => {
    const cause = causeNamed(id);
    return cause ? [{ cause, weight }] : [];
  });
  const table = rows.reduce((sum, r) => sum + r.weight, 0);
  const seen = rows.reduce((sum, r) => sum + (confirmed[r.cause.id] ?? 0), 0);
  const weights = rows.map(({ cause, weight }) => {
    const usual = ((TABLE * weight) / table + (confirmed[cause.id] ?? 0)) / (TABLE + seen);
    const speaks = cause.evidence.reduce((x, e) => x * e.times(facts), 1) ** TEMPER;
    const signs = Object.entries(answers).reduce((x, [sign, yes]) => {
      const p = cause.signs[sign as Sign] ?? NOW_AND_THEN;
      return x * (yes ? p : 1 - p);
    }, 1);
    return byFormula(
      WEIGHT,
      [
        given('How usual it is', usual, '×', confirmed[cause.id] === undefined ? 'estimate' : 'yours'),
        given('What speaks for it in this build', speaks, '×', 'estimate'),
        given('What was seen at the bench', signs, '×', 'estimate'),
      ],
      { name: cause.says },
    );
  });
  const all = total('Weights of all causes', '', weights);
  return rows
    .map(({ cause }, i): LikelyCause => ({
      cause,
      share: byFormula(SHARE, [weights[i]!, all]),
      ...spoken(cause, facts),
    }))
    .sort((a, b) => b.share.value - a.share.value);
}

function spoken(cause: Cause, facts: Facts): Pick<LikelyCause, 'speaksFor' | 'speaksAgainst'> {
  const told = cause.evidence.flatMap((e) => {
    const words = e.words(facts);
    return words === undefined ? [] : [{ words, times: e.times(facts) }];
  });
  return {
    speaksFor: told.filter((t) => t.times >= FOR).map((t) => t.words),
    speaksAgainst: told.filter((t) => t.times <= AGAINST).map((t) => t.words),
  };
}

const entropyOf = (causes: readonly LikelyCause[]): number =>
  -causes.reduce((sum, { share: { value: p } }) => sum + (p > 0 ? (p / 100) * Math.log2(p / 100) : 0), 0);

/** The question whose answer tells most. */
export interface NextQuestion {
  readonly sign: Sign;
  readonly asks: string;
  /** What its answer is expected to tell, bits. */
  readonly bits: number;
}

/** @returns the one question worth asking next; undefined where none tells enough, or enough were asked */
export function askNext(
  trouble: Trouble,
  facts: Facts = {},
  answers: Answers = {},
  confirmed: Confirmed = {},
): NextQuestion | undefined {
  if (Object.keys(answers).length >= MOST_ASKED) return undefined;
  const now = causesOf(trouble, facts, answers, confirmed);
  const before = entropyOf(now);
  const signs = new Set(now.flatMap((c) => Object.keys(c.cause.signs)).filter(isSign));
  let best: NextQuestion | undefined;
  for (const sign of signs) {
    if (sign in answers || trouble.said?.includes(sign)) continue;
    const yes = now.reduce((p, c) => p + (c.share.value / 100) * (c.cause.signs[sign] ?? NOW_AND_THEN), 0);
    const after = (answer: boolean) =>
      entropyOf(causesOf(trouble, facts, { ...answers, [sign]: answer }, confirmed));
    const bits = before - yes * after(true) - (1 - yes) * after(false);
    if (!best || bits > best.bits) best = { sign, asks: SIGNS[sign], bits };
  }
  return best && best.bits >= WORTH_ASKING ? best : undefined;
}

/** A way to mend it, with what it costs. */
export interface RankedMend {
  readonly id: string;
  readonly does: string;
  readonly mend?: TroubleMend;
  readonly minutes: Minutes;
  readonly wait: Minutes;
  /** Chance that it holds, per cent. */
  readonly holds: Reckoned<'%'>;
  /** Minutes it costs, with the wait, what it leaves to be seen, and having to make it again where it does not hold. */
  readonly cost: Reckoned<'min'>;
}

const HOLDS = formula({
  name: 'Holds',
  takes: ['%', '×'],
  unit: '%',
  rule: 'usual chance × how far it reaches what is behind it, never quite sure',
  source: 'estimate',
  f: (usual, reaches) => Math.min(98, usual * reaches),
});
const COST = formula({
  name: 'Costs in all',
  takes: ['min', 'min', '%', 'min', ''],
  unit: 'min',
  rule: 'hands + 0.3 × wait + (1 − chance it holds) × making it again + 25 × what is seen',
  source: 'estimate',
  f: (hands, wait, holds, again, seen) => hands + 0.3 * wait + (1 - holds / 100) * again + 25 * seen,
});

/** Where a piece has got to, for what can still be done with it. */
export type Come = FirmState | 'unshaped';
const come = (state: Come | 'shaped'): number =>
  state === 'unshaped' ? -1 : state === 'shaped' ? 0 : STATES.indexOf(state);

/** What is known of the piece that is mended. */
export interface MendsFor {
  readonly causes: readonly LikelyCause[];
  /** Minutes it takes to make it again. */
  readonly remake: Minutes;
  readonly state: Come;
  /** Minutes until it has to be done. */
  readonly left?: Minutes;
  /** It carries something. */
  readonly carries?: boolean;
  /** How often each mend held, and how often it did not. */
  readonly tried?: Readonly<Record<string, { readonly held: number; readonly not: number }>>;
}

/** What can still be done about a trouble, cheapest first; making it again is one of them. */
export function troubleMends(
  trouble: Trouble,
  { causes, remake, state, left, carries, tried }: MendsFor,
): RankedMend[] {
  const again = given('Making it again', remake, 'min');
  const fits = (m: TroubleMend): boolean =>
    !(carries && m.idle) &&
    (m.until === undefined || come(state) < come(m.until)) &&
    m.minutes + (m.wait ?? 0) <= (left ?? Infinity);
  const ranked = trouble.mends
    .flatMap((id) => mendNamed(id) ?? [])
    .filter(fits)
    .map((mend): RankedMend => {
      const { held = 0, not = 0 } = tried?.[mend.id] ?? {};
      const usual = (TABLE * mend.holds + held) / (TABLE + held + not);
      const reaches = causes.reduce((p, c) => p + (c.share.value / 100) * (mend.weak?.[c.cause.id] ?? 1), 0);
      const holds = byFormula(HOLDS, [
        given('Usual chance', 100 * usual, '%', held + not > 0 ? 'yours' : 'estimate'),
        given('Reaches what is likely behind it', reaches, '×'),
      ]);
      const cost = byFormula(COST, [
        given('Hands', mend.minutes, 'min', 'estimate'),
        given('Wait', mend.wait ?? 0, 'min', 'estimate'),
        holds,
        again,
        given('Seen afterwards', mend.seen, '', 'estimate'),
      ]);
      return { id: mend.id, does: mend.does, mend, minutes: mend.minutes, wait: mend.wait ?? 0, holds, cost };
    });
  if (remake > 0 && remake <= (left ?? Infinity))
    ranked.push({
      id: REMADE,
      does: 'Make it again',
      minutes: remake,
      wait: 0,
      holds: given('Holds', 100, '%'),
      cost: again,
    });
  return ranked.sort((a, b) => a.cost.value - b.cost.value);
}
