import type { Build } from '../record/index.ts';
import { firmingOf, materialOf, POWDER_MOST, type Blend } from '../pastes/index.ts';
import { bandOf, firmingFamily, type Band } from './band.ts';
import { LAW } from './law.ts';
import { NOTHING_LEARNED, weightsOf, type Learned } from './learned.ts';
import { learnedOf } from './looks.ts';
import { punch, type Duty, type Question } from './margins.ts';
import { pasteLaw } from './paste-law.ts';
import type { Drying, DryingParts } from './firmed.ts';
import { PLACES } from './places.ts';
import type { Spell } from './sweep.ts';

/** Something changed about how a piece dries; what is left out stays as it is. */
export interface DryingChange {
  /** Per cent, and degrees, of the air it lies in from now on. */
  readonly humidity?: number;
  readonly temperature?: number;
  /** Metres a second. */
  readonly air?: number;
  /** All of it so many times as thick; its width stays. */
  readonly thick?: number;
  readonly gumPaste?: number;
  readonly powder?: number;
  /** Hours in a bag before it is left to the air. */
  readonly wrapped?: number;
  /** Bent round a radius, mm. */
  readonly round?: number;
  /** Held at the top while it firms. */
  readonly braced?: boolean;
  /** Carried by a rod. */
  readonly onRod?: boolean;
}

/** A body so many times as thick: a sheet keeps its faces, a rod its length. */
export function thicker(body: DryingParts, k: number): DryingParts {
  const sheet = body.kind === 'sheet';
  return {
    ...body,
    volume: body.volume * (sheet ? k : k * k),
    area: body.area * (sheet ? 1 : k),
    depth: body.depth * k,
    thickness: body.thickness * k,
    facing: body.facing * (sheet ? 1 : k),
  };
}

/** How a piece would dry with something changed. */
export function changed(d: Drying, c: DryingChange): Drying {
  const blend: Blend = {
    ...d.blend,
    ...(c.gumPaste === undefined ? {} : { gumPaste: c.gumPaste }),
    ...(c.powder === undefined ? {} : { powder: c.powder }),
  };
  const body = c.thick === undefined ? d.body : thicker(d.body, c.thick);
  const aired = d.spells.map((s): Spell => ({
    ...s,
    air: {
      temperature: c.temperature ?? s.air.temperature,
      humidity: c.humidity === undefined ? s.air.humidity : c.humidity / 100,
      speed: c.air ?? s.air.speed,
    },
  }));
  const spells: readonly Spell[] = c.wrapped
    ? [
        { until: c.wrapped * 3600, air: aired[0]!.air, wrapped: true },
        ...aired.map((s) => ({ ...s, until: s.until + c.wrapped! * 3600 })),
      ]
    : aired;
  const duty: Duty = {
    ...d.duty,
    // strain of the outer face: half the thickness over the radius
    ...(c.round === undefined ? {} : { bend: body.thickness / (2 * c.round) }),
    ...(d.duty.load && (c.braced || c.onRod)
      ? {
          load: {
            ...d.duty.load,
            braced: c.braced ?? d.duty.load.braced,
            onRods: c.onRod ? Math.max(0.85, d.duty.load.onRods) : d.duty.load.onRods,
          },
        }
      : {}),
  };
  const firming = firmingOf(blend);
  const family =
    firming.by === 'drying'
      ? firmingFamily(pasteLaw(firming.constants), body, spells, weightsOf(blend))
      : d.family;
  return { blend, body, spells, duty, family };
}

/** A band of a piece as it dries. */
export const dryingBand = (d: Drying, q: Question, learned: Learned = NOTHING_LEARNED): Band | undefined =>
  bandOf(d.family, q, d.duty, learned);

/** What a finger feels over time: pressure it takes to leave a mark, kPa, minutes after shaping. */
export interface FirmingCurve {
  readonly minutes: readonly number[];
  readonly firmness: readonly number[];
}

/** The curve of a drying piece, slower or faster by what its kitchen taught. */
export function dryingCurve(
  { family, blend }: Pick<Drying, 'family' | 'blend'>,
  learned: Learned = NOTHING_LEARNED,
): FirmingCurve {
  const h = family.likely;
  const slower = Math.exp(learned.theta);
  const w = weightsOf(blend);
  const firmer = Math.exp(learned.keys.reduce((s, k) => s + (w[k] ?? 0) * (learned.phi[k] ?? 0), 0));
  const minutes: number[] = [];
  const firmness: number[] = [];
  for (let i = 1; i < h.seconds.length; i++) {
    minutes.push((h.seconds[i]! / 60) * slower);
    firmness.push(punch(h, i, LAW.finger) * firmer);
  }
  return { minutes, firmness };
}

/** What fingers and tools ask, kPa: lines across the curve. */
export const THRESHOLDS = [
  { question: 'touch', words: 'a gentle finger', kPa: LAW.touchPressure },
  { question: 'handle', words: 'firm enough to pick up', kPa: LAW.handlePressure },
  { question: 'texture', words: 'no tool marks it', kPa: LAW.pressMost },
] as const;

/** Something one could do, and what it buys. */
export interface Lever {
  readonly words: string;
  readonly band: Band;
  /** Minutes sooner, as is likely; without end where it makes possible what was not. */
  readonly saves: number;
}

/** Levers a workshop has, tried one by one. */
function leversOf(d: Drying, room: Build['room']): { words: string; change: DryingChange }[] {
  const air = d.spells.at(-1)!.air;
  const humidity = Math.round(air.humidity * 100);
  const gum = Math.min(100, d.blend.gumPaste + 20);
  const powder = Math.min(POWDER_MOST, Number((d.blend.powder + 0.5).toFixed(2)));
  const stiffens = materialOf(d.blend.base).stiffens;
  const out: { words: string; change: DryingChange }[] = [];
  const add = (words: string, change: DryingChange) => out.push({ words, change });
  if (humidity > 30) add(`dry the room to ${humidity - 10} %`, { humidity: humidity - 10 });
  if (air.speed < 0.5) add('put it before a fan', { air: PLACES.fan.air(room).speed });
  const box = PLACES.box.air(room);
  add('put it in a drying box', {
    humidity: box.humidity * 100,
    temperature: box.temperature,
    air: box.speed,
  });
  add(`let it lie cooler, at ${Math.round(air.temperature - 4)} °C`, { temperature: air.temperature - 4 });
  if (stiffens && gum > d.blend.gumPaste && d.blend.powder === 0)
    add(`${gum} % of gum paste in it`, { gumPaste: gum });
  if (stiffens && powder > d.blend.powder) add(`${powder} % of stiffening powder in it`, { powder });
  add('a tenth thinner', { thick: 0.9 });
  if (d.duty.load?.height && !d.duty.load.braced) add('brace its top', { braced: true });
  if (d.duty.load && d.duty.load.onRods < 0.5) add('a stick that carries the load', { onRod: true });
  return out;
}

const MOST_LEVERS = 4;
/** Less than this is not worth the trouble, share of the time. */
const WORTH = 0.07;

/** Which change buys the most time for a question, the best first. */
export function leversFor(build: Build, d: Drying, question: Question): Lever[] {
  const learned = learnedOf(build);
  const now = dryingBand(d, question, learned);
  if (!now) return [];
  return leversOf(d, build.room)
    .flatMap(({ words, change }): Lever[] => {
      const band = dryingBand(changed(d, change), question, learned);
      if (!band || !Number.isFinite(band.likely)) return [];
      const saves = now.likely - band.likely;
      return saves > WORTH * Math.min(now.likely, 1e6) ? [{ words, band, saves }] : [];
    })
    .sort((a, b) => a.band.likely - b.band.likely)
    .slice(0, MOST_LEVERS);
}
