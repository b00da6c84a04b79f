import {
  apartBy,
  driftWords,
  dulled,
  KEPT,
  type Dulled,
  DEPTH_DROPS,
  DEPTHS,
  findMixes,
  isReachable,
  labOf,
  learnPot,
  nearWords,
  POTS,
  STARTING_POTS,
  type ColourDepth,
  type FoundMix,
  type MixPot,
  type Swatch,
} from '../colour/index.ts';
import { materialOf } from '../pastes/index.ts';
import { capital, given, solved, type Reckoned } from '../quantity/index.ts';
import { type Build, type Colour, type Pot } from '../record/index.ts';
import { baseHex, WHITE_PASTE } from './base-colour.ts';
import { colouringOf } from './drops.ts';
import type { Batch } from './paste-list.ts';

/** A starting pot shows its own colour with so many drops for 100 g of white paste. Estimate. */
const SHOWS_AT = 20;
/** Nearer to its paste than this a colour is the paste itself, CIEDE2000. Estimate. */
const AS_IT_COMES = 2.3;
/** More swatches of one pot tell little more. A step of the method; estimate. */
const MOST_SWATCHES = 3;

/** A pot that may go into a colour, and how well it is known here. */
export interface KnownPot extends MixPot {
  /** Swatches of this person it was learned from; none where only its name is known. */
  readonly swatches: number;
}

/** What somebody mixed with one pot alone, in drops of gel for 100 g of a base. */
export interface PotSwatch extends Swatch {
  readonly name: string;
  readonly base: string;
}

/** A colour of the build that is a swatch of one pot. */
function swatchOf({ hex, pots = [] }: Colour): PotSwatch | undefined {
  const [pot, ...more] = pots;
  if (!pot?.took || more.length > 0) return undefined;
  const { amount, grams, base } = pot.took;
  return { name: pot.name, base, hex, drops: (100 * amount) / grams / POTS[pot.kind].forDrop };
}

/** The same swatch, wherever it was noted. */
const sameSwatch = (p: PotSwatch, q: PotSwatch): boolean =>
  p.name === q.name && p.base === q.base && p.hex === q.hex && Math.abs(p.drops - q.drops) < 1e-6;

/**
 * Starting pots and those of the build, each as its swatches in this base show it, else as its name says.
 * @param noted swatches of other builds, the latest last
 */
export function knownPots(
  build: Pick<Build, 'colours'>,
  base: string,
  noted: readonly PotSwatch[] = [],
): KnownPot[] {
  const own = build.colours.flatMap((c) => swatchOf(c) ?? []);
  const swatches = [...noted.filter((n) => !own.some((o) => sameSwatch(o, n))), ...own];
  const names = new Set([...STARTING_POTS.map((p) => p.name), ...swatches.map((s) => s.name)]);
  return [...names].flatMap((name): KnownPot[] => {
    const named = swatches.filter((s) => s.name === name);
    const here = named.filter((s) => s.base === base).slice(-MOST_SWATCHES);
    // a swatch in another base is worth more than a name
    const taken = here.length > 0 ? here : named.slice(-1);
    const learned = taken.length > 0 ? learnPot(baseHex(taken[0]!.base), taken) : undefined;
    if (learned) return [{ ...learned, name, swatches: here.length }];
    const start = STARTING_POTS.find((p) => p.name === name);
    const guess = start && learnPot(WHITE_PASTE, [{ drops: SHOWS_AT, hex: start.hex }]);
    return guess ? [{ ...guess, name, swatches: 0 }] : [];
  });
}

/** Pots for a colour of a batch. */
export interface BatchMix extends FoundMix {
  /** How near it is, in words. */
  readonly near: string;
  /** How it is known, in words. */
  readonly known: string;
  readonly pots: readonly Pot[];
  /** Drops for 100 g, in the order of its parts. */
  readonly doses: readonly Reckoned<'drops'>[];
}

/** What pots come to the colour of a batch. */
export interface BatchMixes {
  readonly mixes: readonly BatchMix[];
  /** Why there are none: no kneading gets there, or the paste has it already. */
  readonly none?: string;
}

/** How far apart two screen colours are; nothing where one is none. */
const hexesApart = (p: string, q: string): number => {
  const [a, b] = [labOf(p), labOf(q)];
  return a && b ? apartBy(a, b) : 0;
};

/** The depth whose drops come nearest. */
const depthFor = (drops: number): ColourDepth =>
  [...DEPTHS].reduce((a, b) =>
    Math.abs(Math.log(DEPTH_DROPS[b] / drops)) < Math.abs(Math.log(DEPTH_DROPS[a] / drops)) ? b : a,
  );

function knownWords(parts: FoundMix['parts'], pots: readonly KnownPot[]): string {
  const number = parts.reduce((n, p) => n + (pots.find((k) => k.name === p.name)?.swatches ?? 0), 0);
  const all = parts.every((p) => (pots.find((k) => k.name === p.name)?.swatches ?? 0) > 0);
  if (all) return `by ${number === 1 ? 'one swatch' : `${number} swatches`} of yours in this paste`;
  return number > 0
    ? 'partly by swatches of yours, partly by names: begin with half'
    : 'by the names of the pots only: a start for a colour test, begin with half';
}

/** Pots, with their drops for 100 g, that come nearest to the colour of a batch in its own paste. */
export function mixesFor(
  build: Pick<Build, 'colours'>,
  batch: Pick<Batch, 'blend' | 'colour'>,
  noted: readonly PotSwatch[] = [],
): BatchMixes {
  const { base } = batch.blend;
  const from = baseHex(base);
  const material = materialOf(base);
  const paste = material.name.toLowerCase();
  if (hexesApart(from, batch.colour.hex) < AS_IT_COMES)
    return { mixes: [], none: `That is ${paste} as it comes: nothing has to go in.` };
  if (!isReachable(from, batch.colour.hex).ok)
    return {
      mixes: [],
      none: `Colour only takes light away: ${batch.colour.name} is brighter than ${paste}, and no pot brings it there. Take a whiter paste, or paint it on.`,
    };
  const pots = knownPots(build, base, noted);
  const kind = material.chocolate ? 'oil' : 'gel';
  return {
    mixes: findMixes(from, pots, batch.colour.hex).map((mix) => ({
      ...mix,
      near: nearWords(mix.off),
      known: knownWords(mix.parts, pots),
      doses: mix.parts.map(({ name, drops }) =>
        solved(
          `${capital(name)}, for 100 g`,
          drops,
          'drops',
          'the doses that come nearest to the colour, by a downhill simplex over 36 bands (Kubelka and Munk)',
          [
            given('Pots in it', mix.parts.length, ''),
            given('Swatches of yours it is known by', pots.find((k) => k.name === name)?.swatches ?? 0, ''),
            given('From the colour wanted, CIEDE2000', mix.off, '', 'derived'),
          ],
          'estimate',
        ),
      ),
      pots: mix.parts.map(({ name, drops }) => ({
        name,
        kind,
        depth: depthFor(drops),
        per100: Math.max(0.01, Math.round(drops * 100) / 100),
      })),
    })),
  };
}

/** A little of an opposite pot, that takes the shout out of a batch's colour. */
export interface BatchDulled extends Dulled {
  /** To be added to the pots it has. */
  readonly pot: Pot;
  /** Where its hue goes, in words. */
  readonly drifts: string;
  /** Drops for 100 g. */
  readonly dose: Reckoned<'drops'>;
}

/** Drops for 100 g under which a pot is thinned before it is counted. Common practice. */
export const THIN_UNDER = 4;

/**
 * The opposite pot that takes a fifth of the strength off a batch's colour, and how little of it. Nothing where a pot of the batch
 * is not known, the colour is quiet already, or nothing stands across the wheel.
 */
export function dullFor(
  build: Pick<Build, 'colours'>,
  batch: Batch,
  noted: readonly PotSwatch[] = [],
): BatchDulled | undefined {
  const { base } = batch.blend;
  const known = knownPots(build, base, noted);
  const doses = colouringOf(batch).pots;
  const parts = doses.flatMap(({ pot, dose }) => {
    const dye = known.find((k) => k.name === pot.name);
    const drops = (100 * dose.amount.value) / batch.fresh.value / POTS[pot.kind].forDrop;
    return dye ? [{ pot: dye, drops }] : [];
  });
  if (parts.length === 0 || parts.length < doses.length) return undefined;
  const found = dulled(baseHex(base), parts, known);
  if (!found) return undefined;
  const per100 = Math.max(0.01, Math.round(found.drops * 100) / 100);
  const kind = materialOf(base).chocolate ? 'oil' : 'gel';
  return {
    ...found,
    drifts: driftWords(found),
    dose: solved(
      `${capital(found.name)}, for 100 g`,
      found.drops,
      'drops',
      'as much as leaves this share of the strength (CIE chroma), by halving over 36 bands (Kubelka and Munk)',
      [given('Strength that is left', 100 * KEPT, '%', 'common practice')],
      'estimate',
    ),
    pot: { name: found.name, kind, depth: depthFor(found.drops), per100 },
  };
}
