import type { SeatFacts } from '../bones/index.ts';
import { blendOf, isLaidRound, measureOf, place, type Instance } from '../figure/index.ts';
import { type Build, type PartsOf, type Piece } from '../record/index.ts';
import { firmingOf, type Blend } from '../pastes/index.ts';
import { given, remembered, sameParts, type Reckoned } from '../quantity/index.ts';
import { dryingOf } from '../solids/index.ts';
import { bandOf, firmingFamily, type FirmingFamily } from './band.ts';
import { chocolateYield, JUST_SHAPED } from './cold.ts';
import {
  bands,
  firmed,
  keep,
  toDigits,
  roundedLoad,
  SQRT3,
  type Bands,
  type Parts,
  type PieceFirming,
} from './firmed.ts';
import { coldLearnedOf } from './cold-learned.ts';
import { LAW } from './law.ts';
import { weightsOf, type Learned } from './learned.ts';
import { learnedOf } from './looks.ts';
import { ASKED, keepsLump, QUESTIONS, type Duty, type Question } from './margins.ts';
import { pasteLaw } from './paste-law.ts';
import { firmChocolate } from './piece-cold.ts';
import { spellsOf } from './places.ts';
import { reached } from './reached.ts';
import type { Air } from './sweep.ts';

/** The drying body of a piece together with its height. */
function shapeParts(piece: Piece): Parts {
  const body = dryingOf(piece.form);
  return { ...body, coat: body.coat ?? false, height: measureOf(piece).height };
}

const families = new Map<string, FirmingFamily>();
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
    ...(overhang > 0 ? { overhang: toDigits(overhang), lean: toDigits(lean) } : {}),
    ...(facts.load > LEAST_LOAD
      ? {
          load: {
            mass: toDigits(facts.load / 1000),
            onRods: toDigits(facts.loadOnRods),
            contact: toDigits(facts.loadContact),
            section: toDigits(facts.section),
            height: slender && lean < 0.5 && !facts.stiffened ? toDigits(facts.free) : 0,
            braced: facts.braced,
          },
        }
      : {}),
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
    volume: toDigits(exact.volume),
    area: toDigits(Math.max(exact.area * 0.3, exact.area - facts.contact)),
    depth: toDigits(exact.depth),
    facing: toDigits(exact.facing),
    thickness: toDigits(exact.thickness),
  };
  const inputs = (): Reckoned[] => [
    given('Room', room.temperature, '°C'),
    given('Humidity', room.humidity, '%'),
    given('Paste that firms', parts.volume / 1000, 'cm³'),
    given('Surface open to the air', parts.area, 'mm²'),
    given('Deepest from the air', parts.depth, 'mm'),
  ];
  const duty = dutyOf(instance, facts);
  if (firming.by === 'cold')
    return firmChocolate(
      piece,
      firming.constants,
      { air, parts, duty, base: blend.base, learned: coldLearnedOf(build) },
      inputs,
    );

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
    gives: (strain) => answered('bend', { bend: toDigits(strain) }),
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

/** What paste yields at in one direction just shaped, kPa: before it has dried or set. */
export function freshYield(blend: Blend): number {
  const firming = firmingOf(blend);
  if (firming.by === 'cold') return SQRT3 * chocolateYield(firming.constants, JUST_SHAPED);
  const { freshYield: plain, gum } = firming.constants;
  return SQRT3 * plain * Math.exp(LAW.gumStiffness * gum);
}

/** Does a piece keep its shape from the first, however soft? @param height mm */
export const keepsItsShape = (f: PieceFirming, height: number): boolean => keepsLump(f.yieldAfter(0), height);

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
