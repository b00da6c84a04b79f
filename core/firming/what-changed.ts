import type { Build, PartsOf, Seen } from '../record/index.ts';
import { bandOf, type Band } from './band.ts';
import { coldLearnedOf } from './cold-learned.ts';
import { NOTHING_LEARNED } from './learned.ts';
import { learnedOf, lookFrom } from './looks.ts';
import { CLOSING, crossing } from './margins.ts';
import type { PieceFirming } from './firmed.ts';

/** A look beside what had been reckoned for it. */
export interface SeenBeside {
  readonly seen: Seen;
  /** What the tables alone say of that moment, minutes; undefined where nothing can be learned from it. */
  readonly reckoned: number | undefined;
  /** The same by what was learned from all looks. */
  readonly now: number | undefined;
  /** It fits nothing the others say. */
  readonly odd: boolean;
}

/**
 * Looks of a build with what was reckoned for them before and is now, the newest first.
 * @param most how many of them; working one out takes a moment
 */
export function seenBeside(build: PartsOf<'log'>, most = Infinity): SeenBeside[] {
  const learned = learnedOf(build);
  const aside = new Set(learned.aside);
  const cold = coldLearnedOf(build);
  return [...build.log]
    .sort((a, b) => b.at.localeCompare(a.at))
    .slice(0, most)
    .map((seen): SeenBeside => {
      if (seen.table !== undefined)
        return { seen, reckoned: seen.table, now: seen.table * Math.exp(cold.theta), odd: false };
      const look = lookFrom(seen);
      if (!look) return { seen, reckoned: undefined, now: undefined, odd: false };
      const reckoned = crossing(look.history, look.margin, CLOSING.has(look.question));
      const shift = learned.keys.reduce((s, k) => s + (look.weights[k] ?? 0) * (learned.phi[k] ?? 0), 0);
      const moved = (i: number) => look.margin(i) + (CLOSING.has(look.question) ? 0 : shift);
      return {
        seen,
        reckoned,
        now: crossing(look.history, moved, CLOSING.has(look.question)) * Math.exp(learned.theta),
        odd: aside.has(seen.id),
      };
    });
}

/** What learning did to a piece that is to be firm to hold. */
export interface Effect {
  readonly piece: string;
  readonly before: Band;
  readonly after: Band;
}

/** Pieces whose time to be held changed by what was learned, most changed first. */
export function effectsOf(build: Build, firming: ReadonlyMap<string, PieceFirming>): Effect[] {
  const cold = coldLearnedOf(build);
  if (learnedOf(build) === NOTHING_LEARNED && cold.entries === 0) return [];
  const byTable = ({ fast, likely, slow, ...band }: Band): Band => {
    const pace = Math.exp(cold.theta);
    return { ...band, fast: fast / pace, likely: likely / pace, slow: slow / pace };
  };
  return build.pieces
    .flatMap((p): Effect[] => {
      const f = firming.get(p.id);
      const after = f?.bands.handle;
      const before = f?.drying
        ? bandOf(f.drying.family, 'handle', f.drying.duty)
        : after && f?.setting && byTable(after);
      return before && after ? [{ piece: p.name, before, after }] : [];
    })
    .filter((e) => Number.isFinite(e.before.likely) && Number.isFinite(e.after.likely))
    .sort(
      (a, b) =>
        Math.abs(Math.log(b.after.likely / b.before.likely)) -
        Math.abs(Math.log(a.after.likely / a.before.likely)),
    );
}
