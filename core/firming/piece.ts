import type { SeatFacts } from '../bones/index.ts';
import { blendOf, isLaidRound, measureOf, place, type Instance } from '../figure/index.ts';
import { type Build, type PartsOf, type Piece } from '../record/index.ts';
import { firmingOf, type Blend, type Firming, type SettingConstants } from '../pastes/index.ts';
import { given, once, remembered, sameParts, type Reckoned } from '../quantity/index.ts';
import { dryingOf, type DryingBody } from '../solids/index.ts';
import { bandFigure, bandOf, firmingFamily, type Band, type FirmingFamily } from './band.ts';
import {
  CHOCOLATE_YIELD,
  chocolateAfter,
  chocolateBand,
  chocolateReaches,
  chocolateYield,
  coolingTime,
  JUST_SHAPED,
} from './cold.ts';
import { LAW } from './law.ts';
import { weightsOf, type Learned } from './learned.ts';
import { learnedOf } from './looks.ts';
import {
  ASKED,
  keepsLump,
  needOf,
  QUESTIONS,
  reserveUnder,
  type Duty,
  type Load,
  type Question,
} from './margins.ts';
import { pasteLaw } from './paste-law.ts';
import { spellsOf } from './places.ts';
import { reached } from './reached.ts';
import { slabOf, type Air, type Spell } from './sweep.ts';

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
}

const NIGHT = 12 * 60;
const SQRT3 = Math.sqrt(3);

interface Parts extends DryingParts {
  readonly height: number;
}

/** The drying body of a piece together with its height. */
function shapeParts(piece: Piece): Parts {
  const body = dryingOf(piece.form);
  return { ...body, coat: body.coat ?? false, height: measureOf(piece).height };
}

const rounded = (x: number, digits = 3): number => Number(x.toPrecision(digits));

const families = new Map<string, FirmingFamily>();
const bands = new Map<string, Partial<Record<Question, Band>>>();
const MOST_KEPT = 4000;

const keep = <T>(cache: Map<string, T>, key: string, make: () => T): T => {
  const known = cache.get(key);
  if (known !== undefined) return known;
  if (cache.size >= MOST_KEPT) cache.clear();
  const made = make();
  cache.set(key, made);
  return made;
};

function yieldAfter(family: FirmingFamily, minutes: number): number {
  const h = family.likely;
  let i = 0;
  while (i < h.seconds.length - 1 && h.seconds[i]! < minutes * 60) i++;
  return SQRT3 * h.yieldMean[i]!;
}

/** Lighter than this nothing is asked of what carries it, g. Estimate. */
const LEAST_LOAD = 1;

/** How long a piece hangs free and how far from upright: slender pieces that lean, fans and ears. */
function dutyOf(instance: Instance, facts: SeatFacts): Duty {
  const parts = shapeParts(instance.piece);
  const lean = Math.sqrt(Math.max(0, 1 - instance.frame.z[2] ** 2));
  const slender = parts.height > 1.8 * parts.thickness && !parts.coat;
  // what is laid round another is held all along
  const hangs = slender && lean > 0.17 && !facts.rodded && !isLaidRound(instance);
  const overhang = hangs ? Math.max(0, parts.height - facts.held) : 0;
  return {
    ...(overhang > 0 ? { overhang: rounded(overhang), lean: rounded(lean) } : {}),
    ...(facts.load > LEAST_LOAD
      ? {
          load: {
            mass: rounded(facts.load / 1000),
            onRods: rounded(facts.loadOnRods),
            contact: rounded(facts.loadContact),
            section: rounded(facts.section),
            height: slender && lean < 0.5 && !facts.stiffened ? rounded(facts.free) : 0,
            braced: facts.braced,
          },
        }
      : {}),
  };
}

type Bands = Partial<Record<Question, Band>>;

/** What the two clocks have in common: everything is worked out when it is first read. */
function firmed(
  piece: Piece,
  clock: Firming['by'],
  work: {
    /** What the figure of a question is worked out by, and until when. */
    rule: (q: Question) => string;
    bands: () => Bands;
    inputs: () => Reckoned[];
    gives: (strain: number) => Band | undefined;
    bears: (load: Load) => Band;
    chain: (q: Question, duty: Duty, band: Band) => readonly Reckoned[];
    yieldAfter: (minutes: number) => number;
    never: () => string;
    drying?: Drying;
  },
): PieceFirming {
  const told = (q: Question, band: Band, chain: readonly Reckoned[]) =>
    bandFigure(`${piece.name}: ${ASKED[q].words}`, band, work.rule(q), [...work.inputs(), ...chain]);
  const handle = once(() =>
    bandFigure(
      `${piece.name}: firm enough to hold`,
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
      return told('bear', band, work.chain('bear', { load: of.bears }, band));
    },
    yieldAfter: work.yieldAfter,
    get nightYield() {
      return nightYield();
    },
    get never() {
      return never();
    },
    ...(work.drying ? { drying: work.drying } : {}),
  };
}

/** What firming reads of a build, beside the piece and how it is seated. */
type FirmingIn = PartsOf<'room' | 'hours' | 'log'>;

/**
 * The firming of one piece in a room. Remembered by what it depends on, rounded to three digits, and reckoned from the
 * rounded values, so that equal pieces cost nothing and the answer never depends on what was asked before.
 */
export function firmPiece(
  build: FirmingIn,
  blend: Blend,
  instance: Instance,
  facts: SeatFacts,
): PieceFirming {
  const { piece } = instance;
  const firming = firmingOf(blend);
  const { room } = build;
  const spells = spellsOf(build, piece.rests);
  const air: Air = { temperature: room.temperature, humidity: room.humidity / 100, speed: room.air };
  const exact = shapeParts(piece);
  const parts: Parts = {
    ...exact,
    volume: rounded(exact.volume),
    area: rounded(Math.max(exact.area * 0.3, exact.area - facts.contact)),
    depth: rounded(exact.depth),
    facing: rounded(exact.facing),
    thickness: rounded(exact.thickness),
  };
  const inputs = (): Reckoned[] => [
    given('Room', room.temperature, '°C'),
    given('Humidity', room.humidity, '%'),
    given('Paste that firms', parts.volume / 1000, 'cm³'),
    given('Surface open to the air', parts.area, 'mm²'),
    given('Deepest from the air', parts.depth, 'mm'),
  ];
  const duty = dutyOf(instance, facts);
  if (firming.by === 'cold') return firmChocolate(piece, firming.constants, { air, parts, duty }, inputs);

  const law = pasteLaw(firming.constants);
  const learned = learnedOf(build);
  const key = [
    ...[parts.volume, parts.area, parts.depth, parts.facing, parts.thickness, parts.kind, parts.coat],
    ...[blend.base, blend.gumPaste, blend.powder, JSON.stringify(spells)],
  ].join();
  const family = keep(families, key, () => firmingFamily(law, parts, spells, weightsOf(blend)));
  const bandsOf = () =>
    keep(bands, `${key}|${JSON.stringify(duty)}|${stampOf(learned)}`, () => {
      const all: Bands = {};
      for (const q of QUESTIONS) {
        const band = bandOf(family, q, duty, learned);
        if (band) all[q] = band;
      }
      return all;
    });
  const answered = (q: Question, other: Duty) =>
    keep(bands, `${key}|${q}|${JSON.stringify(other)}|${stampOf(learned)}`, () => {
      const band = bandOf(family, q, other, learned);
      return band ? { [q]: band } : {};
    })[q];
  return firmed(piece, 'drying', {
    rule: (q) => `drying worked out layer by layer until ${ASKED[q].until}`,
    bands: bandsOf,
    inputs: () => [
      ...inputs(),
      given('Gum in the paste', law.gum, '%'),
      ...(learned.entries > 0
        ? [
            given('Looks learned from', learned.entries, 'pieces', 'yours'),
            given('This kitchen’s times, against the table', Math.exp(learned.theta), '×', 'yours'),
          ]
        : []),
    ],
    gives: (strain) => answered('bend', { bend: rounded(strain) }),
    bears: (load) => answered('bear', { load: roundedLoad(load) })!,
    chain: (q, asked, band) => reached(family, q, asked, band),
    yieldAfter: (minutes) => yieldAfter(family, minutes),
    drying: { blend, body: parts, spells, duty, family },
    never: () =>
      family.likely.balance >= 1
        ? `${piece.name} takes up water at ${room.humidity} % humidity and turns sticky. Dry the room below ${Math.floor(law.balance * 100 - 8)} %, or use more gum paste.`
        : `${piece.name} does not get firm in this room. Use a stiffer blend, a drier room, or build it over a core.`,
  });
}

const roundedLoad = (l: Load): Load => ({
  mass: rounded(l.mass),
  onRods: rounded(l.onRods),
  contact: rounded(l.contact),
  section: rounded(l.section),
  height: rounded(l.height),
  braced: l.braced,
});

/** kg/m³; handbook. */
const CHOCOLATE_DENSITY = 1300;

/** What paste yields at in one direction just shaped, kPa: before it has dried or set. */
export function freshYield(blend: Blend): number {
  const firming = firmingOf(blend);
  if (firming.by === 'cold') return SQRT3 * chocolateYield(firming.constants, JUST_SHAPED);
  const { freshYield: plain, gum } = firming.constants;
  return SQRT3 * plain * Math.exp(LAW.gumStiffness * gum);
}

/** Does a piece keep its shape from the first, however soft? @param height mm */
export const keepsItsShape = (f: PieceFirming, height: number): boolean => keepsLump(f.yieldAfter(0), height);

function firmChocolate(
  piece: Piece,
  constants: SettingConstants,
  { air, parts, duty }: { readonly air: Air; readonly parts: Parts; readonly duty: Duty },
  inputs: () => Reckoned[],
): PieceFirming {
  const slab = slabOf(
    parts.volume,
    parts.area,
    parts.depth,
    parts.facing,
    parts.thickness,
    parts.kind,
    parts.coat,
  );
  const cooling = rounded(coolingTime(slab.bulk, slab.facing, slab.depth, slab.shape, air));
  const settled = constants.setYield * Math.exp(-constants.softening * (air.temperature - 20));
  // firm alike all through, without a skin: what it yields at is the reserve asked for over that of one kPa
  const yieldFor = (load: Load, q: 'bear' | 'stand'): number =>
    needOf(q) /
    reserveUnder(load, {
      thickness: slab.thickness,
      density: CHOCOLATE_DENSITY,
      sheet: parts.kind === 'sheet',
    })({
      mean: 1,
      stiff: 1,
      centre: 1,
      skin: 0,
    });
  const under = (q: 'bear' | 'stand') => duty.load && { [q]: yieldFor(duty.load, q) };
  const yieldsAt: Partial<Record<Question, number>> = {
    ...CHOCOLATE_YIELD,
    hard: 0.9 * settled,
    ...under('bear'),
    ...under('stand'),
  };
  const bandsOf = () =>
    keep(bands, JSON.stringify(['cold', constants, cooling, air, yieldsAt]), () => {
      const all: Bands = {};
      for (const q of ['touch', 'handle', 'bear', 'stand', 'hard', 'texture'] as const) {
        const wanted = yieldsAt[q];
        if (wanted !== undefined) all[q] = chocolateBand(constants, air, cooling, wanted);
      }
      return all;
    });
  return firmed(piece, 'cold', {
    rule: (q) =>
      `cooling and setting followed minute by minute until it yields at ${Math.round(yieldsAt[q] ?? 0)} kPa`,
    bands: bandsOf,
    inputs,
    gives: () => undefined,
    chain: () => [],
    bears: (load) => chocolateBand(constants, air, cooling, yieldFor(roundedLoad(load), 'bear')),
    yieldAfter: (minutes) =>
      SQRT3 * (minutes >= NIGHT ? settled : chocolateAfter(constants, air.temperature, cooling, minutes)),
    never: () => {
      const cooler = [22, 20, 18, 16, 4].find((t) =>
        Number.isFinite(chocolateReaches(constants, t, cooling, CHOCOLATE_YIELD.handle)),
      );
      const mend = cooler === undefined ? 'Use a darker chocolate.' : `Work at ${cooler} °C or chill it.`;
      return `${piece.name} stays soft at ${air.temperature} °C: modelling chocolate sets by cold. ${mend}`;
    },
  });
}

/** What was learned, as part of a key. */
const stampOf = remembered((learned: Learned): string =>
  learned.entries === 0 ? '' : JSON.stringify([learned.theta, learned.phi, learned.cov]),
);

// the facts of a seat are made anew each time, with the same numbers where nothing changed
const firmOne = remembered(
  (
    instance: Instance,
    facts: SeatFacts,
    blend: Blend,
    room: Build['room'],
    hours: Build['hours'],
    log: Build['log'],
  ): PieceFirming => firmPiece({ room, hours, log }, blend, instance, facts),
  sameParts,
);

/** All pieces of a build, by id; what stands as it stood, in the same room and paste, is not firmed again. */
export function firmAll(
  build: FirmingIn & PartsOf<'pieces' | 'blends'>,
  facts: ReadonlyMap<string, SeatFacts>,
): Map<string, PieceFirming> {
  const out = new Map<string, PieceFirming>();
  for (const instance of place(build)) {
    if (out.has(instance.piece.id)) continue;
    const known = facts.get(instance.piece.id);
    if (!known) continue;
    const { room, hours, log } = build;
    out.set(instance.piece.id, firmOne(instance, known, blendOf(build, instance.piece), room, hours, log));
  }
  return out;
}
