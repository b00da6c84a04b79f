import { normalCdf, normalPdf, solveLinear } from '../quantity/index.ts';
import { OF_FIRMNESS, CLOSING, type Margin, type Question } from './margins.ts';
import type { DryingHistory } from './sweep.ts';

/**
 * What a kitchen taught: it runs slower or faster than reckoned (every time × e^θ), and an ingredient is firmer or softer
 * than listed (φ, in the logarithm of firmness, by its share of the paste). All start as normal about nought.
 */
export interface Learned {
  readonly theta: number;
  readonly phi: Readonly<Record<string, number>>;
  /** Ingredients in the order of the covariance, after θ. */
  readonly keys: readonly string[];
  readonly cov: readonly (readonly number[])[];
  /** Entries it was learned from. */
  readonly entries: number;
  /** Ids of looks that were set aside: they fit nothing. */
  readonly aside: readonly string[];
}

/** Spreads before anything was seen, and of what is seen; firming paper, chosen there by simulation. */
export const LEARNING = {
  theta: 0.3,
  phi: 0.2,
  /** Spread of one look, in the logarithm of firmness. */
  look: 0.18,
  /** Share of entries that are simply wrong. */
  wrong: 0.04,
  /** Entries of one kind count less and less: never more than five of them. */
  alike: 0.2,
  mostTheta: 0.9,
  mostPhi: 0.6,
  /** The kitchen may be twice as unusual as thought: so wide, with that chance. */
  wide: 2,
  wideChance: 0.3,
} as const;

export const NOTHING_LEARNED: Learned = {
  theta: 0,
  phi: {},
  keys: [],
  cov: [[LEARNING.theta ** 2]],
  entries: 0,
  aside: [],
};

/** Shares of what a paste is made of, by name. */
export type LookWeights = Readonly<Record<string, number>>;

/** Shares of a blend; powder by its per cent. */
export const weightsOf = ({
  base,
  gumPaste,
  powder,
}: {
  readonly base: string;
  readonly gumPaste: number;
  readonly powder: number;
}): LookWeights => ({
  [base]: 1 - gumPaste / 100,
  ...(gumPaste > 0 ? { 'gum paste': gumPaste / 100 } : {}),
  ...(powder > 0 ? { powder } : {}),
});

/** One look, ready to learn from: the margin over time as reckoned, and what was seen when. */
export interface MarginLook {
  readonly id: string;
  readonly history: DryingHistory;
  readonly margin: Margin;
  readonly question: Question;
  readonly weights: LookWeights;
  /** Seconds after shaping. */
  readonly at: number;
  /** It was just so then, it was so by then, or not yet. */
  readonly saw: 'just' | 'yes' | 'not';
}

/** Margin at a moment in the logarithm of time, with its slope in it. */
export function marginAt(
  h: DryingHistory,
  margin: Margin,
  seconds: number,
): readonly [value: number, slope: number] {
  const t = h.seconds;
  const last = t.length - 1;
  const slopeOf = (a: number, b: number) => (margin(b) - margin(a)) / Math.log(t[b]! / t[a]!);
  if (seconds <= t[1]!) {
    const s = slopeOf(1, 2);
    return seconds <= 0
      ? [margin(0), s]
      : [Math.max(margin(0), margin(1) + s * Math.log(seconds / t[1]!)), s];
  }
  if (seconds >= t[last]!) return [margin(last), 0];
  let low = 1;
  let high = last;
  while (high - low > 1) {
    const mid = (low + high) >> 1;
    if (t[mid]! <= seconds) low = mid;
    else high = mid;
  }
  const s = slopeOf(low, high);
  return [margin(low) + s * Math.log(seconds / t[low]!), s];
}

/** Where a look stands at given θ and φ: its margin, and how that moves with each of them. */
function standing(
  look: MarginLook,
  keys: readonly string[],
  x: readonly number[],
): { z: number; j: number[] } {
  const [m, slope] = marginAt(look.history, look.margin, look.at * Math.exp(-x[0]!));
  const firm = OF_FIRMNESS.has(look.question);
  let z = m;
  const j = [-slope];
  keys.forEach((k, i) => {
    const w = firm ? (look.weights[k] ?? 0) : 0;
    z += w * x[i + 1]!;
    j.push(w);
  });
  // a window is a yes while the margin is above nought; what is seen of it is that it has closed
  return CLOSING.has(look.question) ? { z: -z, j: j.map((v) => -v) } : { z, j };
}

/** Chance of what was seen. */
function chanceOf(saw: MarginLook['saw'], z: number): number {
  const { look, wrong } = LEARNING;
  if (saw === 'just') return (1 - wrong) * normalPdf(z / look) + 0.05 * wrong;
  return (1 - wrong) * normalCdf(((saw === 'yes' ? 1 : -1) * z) / look) + wrong / 2;
}

const groupOf = (l: MarginLook): string =>
  `${l.question}|${Object.entries(l.weights)
    .map(([k, w]) => k + Math.round(w * 5))
    .join()}`;

/** Weight of each look: n of one kind count as n ÷ (1 + 0.2 (n − 1)). */
function lookWeights(looks: readonly MarginLook[]): number[] {
  const alike = new Map<string, number>();
  for (const l of looks) alike.set(groupOf(l), (alike.get(groupOf(l)) ?? 0) + 1);
  return looks.map((l) => 1 / (1 + LEARNING.alike * (alike.get(groupOf(l))! - 1)));
}

interface Fit {
  readonly x: readonly number[];
  readonly cov: readonly (readonly number[])[];
  readonly logEvidence: number;
}

function inverse(a: readonly (readonly number[])[]): number[][] {
  const columns = a.map((_, k) =>
    solveLinear(
      a,
      a.map((_row, i) => (i === k ? 1 : 0)),
    )!,
  );
  return a.map((_, i) => columns.map((c) => c[i]!));
}

/** Logarithm of the determinant of a positive matrix, by elimination. */
function logDeterminant(a: readonly (readonly number[])[]): number {
  const m = a.map((r) => [...r]);
  let sum = 0;
  for (let i = 0; i < m.length; i++) {
    sum += Math.log(m[i]![i]!);
    for (let r = i + 1; r < m.length; r++) {
      const f = m[r]![i]! / m[i]![i]!;
      for (let k = i; k < m.length; k++) m[r]![k]! -= f * m[i]![k]!;
    }
  }
  return sum;
}

/** Most likely θ and φ by damped Fisher scoring from nought, and how sure that is. */
function fit(looks: readonly MarginLook[], keys: readonly string[], width: number): Fit {
  const sd = [LEARNING.theta * width, ...keys.map(() => LEARNING.phi * width)];
  const most = sd.map((_, i) => (i ? LEARNING.mostPhi : LEARNING.mostTheta) * (width > 1 ? 1.4 : 1));
  const weights = lookWeights(looks);
  const cost = (x: readonly number[]): number =>
    x.reduce((s, v, i) => s + 0.5 * (v / sd[i]!) ** 2, 0) -
    looks.reduce((s, l, q) => s + weights[q]! * Math.log(chanceOf(l.saw, standing(l, keys, x).z)), 0);
  const slope = (x: readonly number[]): { g: number[]; H: number[][] } => {
    const g = x.map((v, i) => v / sd[i]! ** 2);
    const H = x.map((_, i) => x.map((_v, k) => (i === k ? 1 / sd[i]! ** 2 : 0)));
    const { look, wrong } = LEARNING;
    looks.forEach((l, q) => {
      const { z, j } = standing(l, keys, x);
      let first: number;
      let second: number;
      if (l.saw === 'just') {
        const p = (1 - wrong) * normalPdf(z / look);
        const r = p / (p + 0.05 * wrong);
        first = (r * z) / look ** 2;
        second = r / look ** 2;
      } else {
        const sign = l.saw === 'yes' ? 1 : -1;
        const P = chanceOf(l.saw, z);
        const dP = ((1 - wrong) * normalPdf(z / look)) / look;
        first = (-sign * dP) / P;
        second = (dP * dP) / (P * (1 - P));
      }
      j.forEach((a, i) => {
        g[i]! += weights[q]! * first * a;
        j.forEach((b, k) => (H[i]![k]! += weights[q]! * second * a * b));
      });
    });
    return { g, H };
  };
  let x: number[] = sd.map(() => 0);
  let f = cost(x);
  for (let turn = 0; turn < 30; turn++) {
    const { g, H } = slope(x);
    const step = solveLinear(H, g);
    if (!step) break;
    const far = Math.max(...step.map(Math.abs));
    if (far < 1e-6) break;
    let damp = Math.min(1, 0.3 / far);
    let moved = false;
    for (let k = 0; k < 12 && !moved; k++, damp /= 2) {
      const next = x.map((v, i) => Math.max(-most[i]!, Math.min(most[i]!, v - damp * step[i]!)));
      const there = cost(next);
      if (there <= f + 1e-12) {
        x = next;
        f = there;
        moved = true;
      }
    }
    if (!moved) break;
  }
  const cov = inverse(slope(x).H);
  const prior = sd.reduce((s, v) => s + Math.log(v), 0);
  return { x, cov, logEvidence: -f - prior + 0.5 * logDeterminant(cov) };
}

const learnedFrom = (
  keys: readonly string[],
  x: readonly number[],
  cov: Learned['cov'],
  entries: number,
): Learned => ({
  theta: x[0]!,
  phi: Object.fromEntries(keys.map((k, i) => [k, x[i + 1]!])),
  keys,
  cov,
  entries,
  aside: [],
});

const keysOf = (looks: readonly MarginLook[]): string[] =>
  [...new Set(looks.flatMap((l) => Object.keys(l.weights)))].sort();

/**
 * What the looks say if the kitchen is no more unusual than thought.
 * @param keys ingredients it is asked about; with no look at all what is thought of them before
 */
function learnPlain(looks: readonly MarginLook[], keys = keysOf(looks)): Learned {
  if (looks.length === 0 && keys.length === 0) return NOTHING_LEARNED;
  const { x, cov } = fit(looks, keys, 1);
  return learnedFrom(keys, x, cov, looks.length);
}

/** More looks than this are not set aside one by one: then it is the table that is odd. */
const MOST_ASIDE = 12;

/**
 * Looks that fit nothing all the others say, or, where there are none, nothing that is possible: said in haste, of another
 * piece, by a slip of the thumb. They are set aside, so that one of them cannot make every time unsure. Two that agree
 * stand by each other and stay.
 */
function setAside(looks: readonly MarginLook[]): ReadonlySet<MarginLook> {
  const keys = keysOf(looks);
  const all = learnPlain(looks);
  const before = learnPlain([], keys);
  const odd = looks.filter((l) => isOdd(all, l) || isOdd(before, l));
  if (odd.length > MOST_ASIDE) return new Set();
  return new Set(
    odd.filter((l) =>
      isOdd(
        learnPlain(
          looks.filter((o) => o !== l),
          keys,
        ),
        l,
      ),
    ),
  );
}

/** Fewer looks than this cannot tell that a kitchen is twice as unusual as thought. */
const ENOUGH_FOR_WIDE = 3;

/**
 * Learn from every look at once. The kitchen may be as unusual as thought or, where there are looks enough to tell, twice so:
 * both are fitted and weighed by how well they explain what was seen. Absurd looks are set aside and move nothing.
 */
export function learn(seen: readonly MarginLook[]): Learned {
  const aside = setAside(seen);
  const looks = seen.filter((l) => !aside.has(l));
  const set = [...aside].map((l) => l.id);
  if (looks.length < ENOUGH_FOR_WIDE) {
    const plain = learnPlain(looks);
    return set.length > 0 ? { ...plain, aside: set } : plain;
  }
  const keys = keysOf(looks);
  const [plain, wide] = [fit(looks, keys, 1), fit(looks, keys, LEARNING.wide)];
  const odds =
    (Math.exp(Math.min(50, wide.logEvidence - plain.logEvidence)) * LEARNING.wideChance) /
    (1 - LEARNING.wideChance);
  const share = odds / (1 + odds);
  const x = plain.x.map((v, i) => (1 - share) * v + share * wide.x[i]!);
  const cov = x.map((_, i) =>
    x.map(
      (_v, k) =>
        (1 - share) * (plain.cov[i]![k]! + (plain.x[i]! - x[i]!) * (plain.x[k]! - x[k]!)) +
        share * (wide.cov[i]![k]! + (wide.x[i]! - x[i]!) * (wide.x[k]! - x[k]!)),
    ),
  );
  return { ...learnedFrom(keys, x, cov, looks.length), aside: set };
}

/** How far firmness of a paste is moved by what was learned, and the variance of a margin of a given slope. */
export function movedBy(
  learned: Learned,
  question: Question,
  weights: LookWeights,
): { shift: number; variance: (slope: number) => number } {
  const firm = OF_FIRMNESS.has(question);
  const w = learned.keys.map((k) => (firm ? (weights[k] ?? 0) : 0));
  const shift = learned.keys.reduce((s, k, i) => s + w[i]! * (learned.phi[k] ?? 0), 0);
  const { cov } = learned;
  let own = 0;
  let both = 0;
  w.forEach((a, i) => {
    both += a * cov[0]![i + 1]!;
    w.forEach((b, k) => (own += a * b * cov[i + 1]![k + 1]!));
  });
  // ingredients nothing was seen of are as unsure as before
  const unseen = firm
    ? Object.entries(weights).reduce(
        (s, [k, v]) => s + (learned.keys.includes(k) ? 0 : (LEARNING.phi * v) ** 2),
        0,
      )
    : 0;
  return { shift, variance: (slope) => slope * slope * cov[0]![0]! - 2 * slope * both + own + unseen };
}

/** A look that fits nothing: less likely than one in two hundred by what all the others say. */
const ODD = 0.005;

/** How likely a look was, by what is learned; for 'just', how likely a look at least so far off was. */
export function likelihood(learned: Learned, look: MarginLook): number {
  const x = [learned.theta, ...learned.keys.map((k) => learned.phi[k] ?? 0)];
  const { z, j } = standing(look, learned.keys, x);
  let variance = LEARNING.look ** 2;
  j.forEach((a, i) => j.forEach((b, k) => (variance += a * b * learned.cov[i]![k]!)));
  const off = z / Math.sqrt(variance);
  if (look.saw === 'just') return 2 * (1 - normalCdf(Math.abs(off)));
  return normalCdf(look.saw === 'yes' ? off : -off);
}

/** Whether a look says what hardly anybody would see, so that it is asked about before it teaches. */
export const isOdd = (learned: Learned, look: MarginLook): boolean => likelihood(learned, look) < ODD;
