import type { SeatFacts } from '../bones/index.ts';
import { blendOf, place, type Build, type Instance, type Piece } from '../figure/index.ts';
import { firmingOf, type Firming } from '../pastes/index.ts';
import { given, type Reckoned } from '../quantity/index.ts';
import { shapeOf, type DryingBody } from '../solids/index.ts';
import { bandFigure, bandOf, familyOf, type Band, type Family } from './band.ts';
import { CHOCOLATE_YIELD, chocolateBand, chocolateReaches, coolingTime } from './cold.ts';
import type { Duty, Question } from './margins.ts';
import { pasteLaw } from './paste-law.ts';
import { slabOf, type Air } from './sweep.ts';

/** When one piece reaches each state, minutes after it is shaped. */
export interface PieceFirming {
  readonly piece: string;
  readonly clock: Firming['by'];
  readonly bands: Readonly<Partial<Record<Question, Band>>>;
  /** The ones a person opens, with their chain. */
  readonly handle: Reckoned;
  /** Uniaxial yield of the paste after one night in this room, kPa: what a rod may lean on. */
  readonly nightYield: number;
  /** Set when the room never lets it get firm; says what would. */
  readonly never?: string;
}

const QUESTIONS: readonly Question[] = [
  'tack',
  'skin',
  'touch',
  'pose',
  'handle',
  'bear',
  'stand',
  'hard',
  'dry',
  'texture',
  'bend',
];

const NIGHT = 12 * 60;

interface Parts extends DryingBody {
  readonly height: number;
  readonly coat: boolean;
}

/** The drying body of a piece together with its height. */
function shapeParts(piece: Piece): Parts {
  const shape = shapeOf(piece.form.kind);
  const outline = piece.form.outline ?? 'rectangle';
  const body = shape.drying(piece.form.sizes, outline);
  return { ...body, coat: body.coat ?? false, height: shape.measure(piece.form.sizes, outline).height };
}

const families = new Map<string, Family>();
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

function yieldAfterNight(family: Family): number {
  const h = family.likely;
  let i = 0;
  while (i < h.seconds.length - 1 && h.seconds[i]! < NIGHT * 60) i++;
  return Math.sqrt(3) * h.yieldMean[i]!;
}

/** How long a piece hangs free and how far from upright: slender pieces that lean, fans and ears. */
function dutyOf(instance: Instance, facts: SeatFacts): Duty {
  const parts = shapeParts(instance.piece);
  const lean = Math.sqrt(Math.max(0, 1 - instance.frame.z[2] ** 2));
  const slender = parts.height > 1.8 * parts.thickness && !parts.coat;
  const overhang = slender && lean > 0.17 && !facts.rodded ? Math.max(0, parts.height - facts.held) : 0;
  return {
    ...(overhang > 0 ? { overhang, lean } : {}),
    ...(facts.load > 0
      ? {
          load: {
            mass: facts.load / 1000,
            onRods: facts.loadOnRods,
            contact: facts.loadContact,
            section: facts.section,
            height: slender && lean < 0.5 ? parts.height : 0,
            braced: false,
          },
        }
      : {}),
  };
}

const rounded = (x: number, digits = 3): number => Number(x.toPrecision(digits));

/** Reckon the firming of one piece in a room. Remembered by what it depends on, so equal pieces cost nothing. */
export function firmPiece(build: Build, instance: Instance, facts: SeatFacts): PieceFirming {
  const { piece } = instance;
  const blend = blendOf(build, piece);
  const firming = firmingOf(blend);
  const air: Air = {
    temperature: build.room.temperature,
    humidity: build.room.humidity / 100,
    speed: build.room.air,
  };
  const parts = shapeParts(piece);
  const open = Math.max(parts.area * 0.3, parts.area - facts.contact);
  const inputs: Reckoned[] = [
    given('Room', build.room.temperature, '°C'),
    given('Humidity', build.room.humidity, '%'),
    given('Paste that firms', parts.volume / 1000, 'cm³'),
    given('Surface open to the air', open, 'mm²'),
    given('Deepest from the air', parts.depth, 'mm'),
  ];
  if (firming.by === 'cold') return firmChocolate(piece, firming.constants, air, parts, open, inputs);

  const law = pasteLaw(firming.constants);
  inputs.push(given('Gum in the paste', law.gum, '%'));
  const share = blend.gumPaste / 100;
  const ingredients = Math.hypot(1 - share, share, blend.powder);
  const key = [
    ...[parts.volume, open, parts.depth, parts.facing, parts.thickness].map((x) => rounded(x)),
    parts.kind,
    parts.coat,
    blend.base,
    blend.gumPaste,
    blend.powder,
    air.temperature,
    air.humidity,
    air.speed,
  ].join();
  const family = keep(families, key, () => familyOf(law, { ...parts, area: open }, air, ingredients));
  const duty = dutyOf(instance, facts);
  const dutyKey = `${key}|${rounded(duty.overhang ?? 0)},${rounded(duty.lean ?? 0)},${Object.values(
    duty.load ?? {},
  )
    .map((x) => (typeof x === 'number' ? rounded(x) : String(x)))
    .join()}`;
  const found = keep(bands, dutyKey, () => {
    const all: Partial<Record<Question, Band>> = {};
    for (const q of QUESTIONS) {
      const band = bandOf(family, q, duty);
      if (band) all[q] = band;
    }
    return all;
  });
  const handle = bandFigure(
    `${piece.name}: firm enough to hold`,
    found.handle!,
    'drying worked out layer by layer until fingers that press with 75 kPa leave no mark',
    inputs,
  );
  const result: PieceFirming = {
    piece: piece.id,
    clock: 'drying',
    bands: found,
    handle,
    nightYield: yieldAfterNight(family),
  };
  if (Number.isFinite(found.handle!.likely)) return result;
  const takesUp = family.likely.balance >= 1;
  return {
    ...result,
    never: takesUp
      ? `${piece.name} takes up water at ${build.room.humidity} % humidity and turns sticky. Dry the room below ${Math.floor(law.balance * 100 - 8)} %, or use more gum paste.`
      : `${piece.name} does not get firm in this room. Use a stiffer blend, a drier room, or build it over a core.`,
  };
}

function firmChocolate(
  piece: Piece,
  constants: Extract<Firming, { by: 'cold' }>['constants'],
  air: Air,
  parts: Parts,
  open: number,
  inputs: Reckoned[],
): PieceFirming {
  const slab = slabOf(parts.volume, open, parts.depth, parts.facing, parts.thickness, parts.kind, parts.coat);
  const cooling = coolingTime(slab.bulk, slab.facing, slab.depth, slab.shape, air);
  const key = ['cold', constants.setYield, rounded(cooling), air.temperature].join();
  const found = keep(bands, key, () => {
    const ask = (wanted: number) => chocolateBand(constants, air, cooling, wanted);
    const warmest = constants.setYield * Math.exp(-constants.softening * (air.temperature - 20));
    return {
      touch: ask(CHOCOLATE_YIELD.touch),
      handle: ask(CHOCOLATE_YIELD.handle),
      hard: ask(0.9 * warmest),
      texture: ask(CHOCOLATE_YIELD.texture),
    };
  });
  const handle = bandFigure(
    `${piece.name}: firm enough to hold`,
    found.handle!,
    'cooling and setting followed minute by minute until it yields at 15 kPa',
    inputs,
  );
  const night = constants.setYield * Math.exp(-constants.softening * (air.temperature - 20));
  const result: PieceFirming = {
    piece: piece.id,
    clock: 'cold',
    bands: found,
    handle,
    nightYield: Math.sqrt(3) * night,
  };
  if (Number.isFinite(found.handle!.likely)) return result;
  const cooler = [22, 20, 18, 16, 4].find((t) =>
    Number.isFinite(chocolateReaches(constants, t, cooling, CHOCOLATE_YIELD.handle)),
  );
  return {
    ...result,
    never: `${piece.name} stays soft at ${air.temperature} °C: modelling chocolate sets by cold. ${cooler === undefined ? 'Use a darker chocolate.' : `Work at ${cooler} °C or chill it.`}`,
  };
}

/** All pieces of a build, by id. */
export function firmAll(build: Build, facts: ReadonlyMap<string, SeatFacts>): Map<string, PieceFirming> {
  const out = new Map<string, PieceFirming>();
  for (const instance of place(build)) {
    if (out.has(instance.piece.id)) continue;
    const known = facts.get(instance.piece.id);
    if (known) out.set(instance.piece.id, firmPiece(build, instance, known));
  }
  return out;
}
