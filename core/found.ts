import { seenBones, type SeenBones } from './bones/index.ts';
import { stateTimes, type PieceFirming, type StateTimes } from './firming/index.ts';
import type { Report } from './plan.ts';

/** How a piece firms, as far as screens tell it. */
export interface FirmTimes extends Pick<PieceFirming, 'never' | 'handle'> {
  readonly times: StateTimes;
}

/**
 * Parts of a report that take thought and are plain data: they are reckoned beside the page and sent to it. A part more is a
 * line more.
 */
export const FOUND = {
  bones: ({ bones }: Report): SeenBones => seenBones(bones),
  /** Some rod is so in the way that it will not do. */
  clashing: ({ bones }: Report) => bones.clashes.some((c) => c.verdict === 'fails'),
  glued: ({ bones }: Report) => bones.glued,
  carved: ({ bones }: Report) => bones.carved,
  hardware: ({ bones }: Report) => bones.hardware,
  /** What nothing carries. */
  hovers: ({ stands }: Report) => stands.hovers.map(({ piece, text }) => ({ piece, text })),
  /** When each piece is how firm, whether it ever is, and what says so. */
  firmness: ({ firming }: Report): ReadonlyMap<string, FirmTimes> =>
    new Map([...firming].map(([id, f]) => [id, { times: stateTimes(f), never: f.never, handle: f.handle }])),
  ground: ({ ground }: Report) => ground,
  tiers: ({ tiers }: Report) => tiers,
  raised: ({ raised }: Report) => raised,
  height: ({ height }: Report) => height,
  eaters: ({ eaters }: Report) => eaters,
  needs: ({ needs }: Report) => needs,
  /** How it travels as it is now; what is tried for it comes by itself. */
  travel: ({ travel }: Report) => {
    const { journey, way, apart, parcels, asked, fitted, onSite, cold, order, tools } = travel;
    return { journey, way, apart, parcels, asked, fitted, onSite, cold, order, tools };
  },
  brakes: ({ travel }: Report) => travel.brakes,
  betterApart: ({ travel }: Report) => travel.better,
  handover: ({ handover }: Report) => handover,
} as const;

export type FoundPart = keyof typeof FOUND;
/** What each part is once it was found. */
export type Found = { readonly [K in FoundPart]: ReturnType<(typeof FOUND)[K]> };

/** Find some parts of a report. */
export const findParts = (report: Report, parts: readonly FoundPart[]): Partial<Found> =>
  Object.fromEntries(parts.map((part) => [part, FOUND[part](report)]));
