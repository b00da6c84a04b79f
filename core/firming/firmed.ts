import type { Firming, Blend } from '../pastes/index.ts';
import { once, type Reckoned } from '../quantity/index.ts';
import type { Piece } from '../record/index.ts';
import type { DryingBody } from '../solids/index.ts';
import { bandFigure, type Band, type FirmingFamily } from './band.ts';
import { ASKED, type Duty, type Load, type Question } from './margins.ts';
import { reached } from './reached.ts';
import type { Air, Spell } from './sweep.ts';

/** What a piece is reckoned from when it dries: to draw its curve, to ask what if, to learn from a look. */
export interface Drying {
  readonly blend: Blend;
  readonly body: DryingParts;
  readonly spells: readonly Spell[];
  readonly duty: Duty;
  readonly family: FirmingFamily;
}

export interface DryingParts extends DryingBody {
  readonly coat: boolean;
}

/** What a piece is reckoned from when it sets by cold: to learn from a look. */
export interface SettingBy {
  readonly base: string;
  readonly body: DryingParts;
  readonly air: Air;
  /** Minutes by the table, whatever was learned. */
  readonly table: (q: Question) => number | undefined;
}

/** When one piece reaches each state, minutes after it is shaped. */
export interface PieceFirming {
  readonly piece: string;
  readonly clock: Firming['by'];
  readonly bands: Readonly<Partial<Record<Question, Band>>>;
  /** The ones a person opens, with their chain. */
  readonly handle: Reckoned;
  /** Any of them with its chain; undefined where it is not asked of this piece. */
  readonly figure: (q: Question) => Reckoned | undefined;
  /** Until when it gives so much without cracking, a strain; undefined for what sets by cold, which hands make soft again. */
  readonly gives: (strain: number) => Band | undefined;
  /** From when on it bears a load, for as long as the work takes. */
  readonly bears: (load: Load) => Band;
  /** Either of them with its chain. */
  readonly told: (of: { readonly gives: number } | { readonly bears: Load }) => Reckoned | undefined;
  /** Uniaxial yield of the paste so many minutes after shaping, averaged over its section, kPa. */
  readonly yieldAfter: (minutes: number) => number;
  /** The same after one night in this room: what a rod may lean on. */
  readonly nightYield: number;
  /** Set when the room never lets it get firm; says what would. */
  readonly never: string | undefined;
  /** How it dries; absent for what sets by cold. */
  readonly drying?: Drying;
  /** How it sets; absent for what dries. */
  readonly setting?: SettingBy;
}

/** After so many minutes a rod may lean on it. */
export const NIGHT = 12 * 60;
export const SQRT3 = Math.sqrt(3);

/** The drying body of a piece with its height. */
export interface Parts extends DryingParts {
  readonly height: number;
}

/** To three digits, so that equal pieces cost nothing. */
export const toDigits = (x: number, digits = 3): number => Number(x.toPrecision(digits));

/** Bands found before, by all they follow from. */
export const bands = new Map<string, Partial<Record<Question, Band>>>();
/** A step of the method; estimate. */
const MOST_KEPT = 4000;

/** An answer found before, or made now. */
export const keep = <T>(cache: Map<string, T>, key: string, make: () => T): T => {
  const known = cache.get(key);
  if (known !== undefined) return known;
  if (cache.size >= MOST_KEPT) cache.clear();
  const made = make();
  cache.set(key, made);
  return made;
};

/** A load to three digits. */
export const roundedLoad = (l: Load): Load => ({
  mass: toDigits(l.mass),
  onRods: toDigits(l.onRods),
  contact: toDigits(l.contact),
  section: toDigits(l.section),
  height: toDigits(l.height),
  braced: l.braced,
});

export type Bands = Partial<Record<Question, Band>>;

/** What the two clocks have in common: everything is worked out when it is first read. */
export function firmed(
  piece: Piece,
  clock: Firming['by'],
  work: {
    /** What the figure of a question is worked out by, and until when. */
    rule: (q: Question, load?: Load) => string;
    bands: () => Bands;
    inputs: () => Reckoned[];
    gives: (strain: number) => Band | undefined;
    bears: (load: Load) => Band;
    chain: (q: Question, duty: Duty, band: Band) => readonly Reckoned[];
    yieldAfter: (minutes: number) => number;
    never: () => string;
    drying?: Drying;
    setting?: SettingBy;
  },
): PieceFirming {
  const told = (q: Question, band: Band, chain: readonly Reckoned[], load?: Load) =>
    bandFigure(`${piece.name}: ${ASKED[q].words}`, band, work.rule(q, load), [...work.inputs(), ...chain]);
  const handle = once(() =>
    bandFigure(
      `${piece.name}: firm enough to pick up`,
      work.bands().handle!,
      work.rule('handle'),
      work.inputs(),
    ),
  );
  const nightYield = once(() => work.yieldAfter(NIGHT));
  const never = once(() => (Number.isFinite(work.bands().handle!.likely) ? undefined : work.never()));
  return {
    piece: piece.id,
    clock,
    get bands() {
      return work.bands();
    },
    get handle() {
      return handle();
    },
    figure: (q) => {
      const band = work.bands()[q];
      const chain = band && work.drying ? reached(work.drying.family, q, work.drying.duty, band) : [];
      return band && told(q, band, chain);
    },
    gives: work.gives,
    bears: work.bears,
    told: (of) => {
      if ('gives' in of) {
        const band = work.gives(of.gives);
        return band && told('bend', band, work.chain('bend', { bend: of.gives }, band));
      }
      const band = work.bears(of.bears);
      return told('bear', band, work.chain('bear', { load: of.bears }, band), of.bears);
    },
    yieldAfter: work.yieldAfter,
    get nightYield() {
      return nightYield();
    },
    get never() {
      return never();
    },
    ...(work.drying ? { drying: work.drying } : {}),
    ...(work.setting ? { setting: work.setting } : {}),
  };
}
