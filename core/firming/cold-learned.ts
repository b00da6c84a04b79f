import { fromBuild, type Seen } from '../record/index.ts';
import { normalCdf, normalPdf } from '../quantity/index.ts';
import { LEARNING } from './learned.ts';
import { SAW } from './looks.ts';

/** What looks at chocolate taught of how fast it sets in this kitchen: every time × e^θ. */
export interface ColdLearned {
  readonly theta: number;
  readonly entries: number;
}

/** Spread of one look, in the logarithm of time. Estimate. */
const LOOK = 0.25;
/** θ is looked for between these, in steps. Steps of the method; estimates. */
const [MOST, STEPS] = [LEARNING.mostTheta, 180];

/** A look at something that sets by cold. */
export type ColdLook = Seen & { readonly table: number };
const isCold = (s: Seen): s is ColdLook => s.table !== undefined;

/** Logarithm of how likely a look was, if every time is × e^θ. */
function logChance(look: ColdLook, theta: number): number {
  const as = SAW.find((s) => s.id === look.saw)?.as ?? 'just';
  const z = (Math.log(look.minutes / look.table) - theta) / LOOK;
  const { wrong } = LEARNING;
  if (as === 'just') return Math.log((1 - wrong) * normalPdf(z) + 0.05 * wrong);
  return Math.log((1 - wrong) * normalCdf(as === 'yes' ? z : -z) + wrong / 2);
}

/**
 * The mean of θ over all it may be, weighed by how well it explains what was seen. It starts as a normal about nought, looks of
 * one kind count less and less, and an absurd one moves next to nothing: a slip is thought possible.
 */
export function coldFrom(looks: readonly ColdLook[]): ColdLearned {
  if (looks.length === 0) return { theta: 0, entries: 0 };
  const kind = (l: ColdLook): string => `${l.paste.base}|${l.question}`;
  const alike = new Map<string, number>();
  for (const l of looks) alike.set(kind(l), (alike.get(kind(l)) ?? 0) + 1);
  const grid = Array.from({ length: STEPS + 1 }, (_, k) => -MOST + (2 * MOST * k) / STEPS);
  const logs = grid.map(
    (theta) =>
      -0.5 * (theta / LEARNING.theta) ** 2 +
      looks.reduce(
        (sum, l) => sum + logChance(l, theta) / (1 + LEARNING.alike * (alike.get(kind(l))! - 1)),
        0,
      ),
  );
  const top = Math.max(...logs);
  const weights = logs.map((l) => Math.exp(l - top));
  const all = weights.reduce((a, b) => a + b, 0);
  return {
    theta: grid.reduce((sum, theta, k) => sum + theta * weights[k]!, 0) / all,
    entries: looks.length,
  };
}

/** What a build’s looks at chocolate taught. */
export const coldLearnedOf = fromBuild(['log'], ({ log }): ColdLearned => coldFrom(log.filter(isCold)));
