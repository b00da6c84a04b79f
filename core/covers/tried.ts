import { formatLength, type Mm } from '../quantity/index.ts';
import type { Over } from './over.ts';

/** What a round that is already there does over a core, in words; better rounds are named. */
export function triedRound(
  over: Over,
  across: Mm,
): { readonly holds: boolean; readonly says: string } | undefined {
  const { sheet, reach, takes, way } = over;
  if (!sheet || reach === undefined || !takes) return undefined;
  const flat = across / 2 - way.over;
  const drawn = flat > 0 ? 100 * (reach / flat - 1) : Infinity;
  const [least, best] = [sheet.least.value, sheet.round.value];
  if (drawn > takes.pull)
    return {
      holds: false,
      says: `${formatLength(across)} is ${Math.round(best - across)} mm too small: ${Number.isFinite(drawn) ? `it would be drawn ${Math.round(drawn)} % longer, this paste takes ${takes.pull}` : 'it does not reach round'}. Roll at least ${Math.ceil(least)} mm, better ${Math.ceil(best)}.`,
    };
  if (drawn < 0)
    return {
      holds: true,
      says: `It reaches without being drawn, ${Math.round(across - best)} mm wider than it needs to be.`,
    };
  return {
    holds: true,
    says: `It is drawn ${Math.round(drawn)} % longer; this paste takes ${takes.pull}. On the top ${formatLength(over.thick / (1 + drawn / 100) ** 2)} stay.`,
  };
}
