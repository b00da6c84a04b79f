import {
  doseOf,
  dropsByScale,
  labOf,
  motherBatch,
  POTS,
  smallestByDrops,
  wholeDrops,
  type Dose,
} from '../colour/index.ts';
import { materialOf, type MaterialId } from '../pastes/index.ts';
import { between, reckon, type Grams, type Reckoned } from '../quantity/index.ts';
import type { Pot } from '../record/index.ts';
import { baseHex, isWhite } from './base-colour.ts';
import type { Batch } from './paste-list.ts';

/** One pot in a batch. */
export interface PotDose {
  readonly pot: Pot;
  readonly dose: Dose;
  readonly known: 'nothing' | 'other base' | 'this base';
  readonly mother?: ReturnType<typeof motherBatch>;
}

/** What colours a batch. */
export interface BatchColour {
  readonly batch: string;
  readonly pots: readonly PotDose[];
  /** The batch that comes out in whole drops, where every dose is known. */
  readonly whole?: { readonly grams: Grams; readonly drops: readonly number[]; readonly off: number };
  readonly smallest?: Reckoned;
  /** What is wrong with it, in words. */
  readonly says: readonly string[];
}

/** Beside white covering paste a base takes so many times as much colour. Estimate. */
const CHOCOLATE = 1.2;
/** Lighter than its base by more than this a colour is not reached by kneading anything in, CIE L*. Estimate. */
const LIGHTER = 6;
/** Bases that are yellow to begin with, and the hues that lose by it, degrees. Common practice. */
const YELLOWED: ReadonlySet<string> = new Set<MaterialId>(['marzipan', 'chocolateWhite']);
const BLUES: readonly [number, number] = [220, 330];

const hueOf = (hex: string): number | undefined => {
  const lab = labOf(hex);
  if (!lab || Math.hypot(lab.a, lab.b) < 8) return undefined;
  return ((Math.atan2(lab.b, lab.a) * 180) / Math.PI + 360) % 360;
};

/** What its paste does to a colour, in words. */
function troublesOf(batch: Batch): string[] {
  const { hex, name, pots = [] } = batch.colour;
  const { base } = batch.blend;
  const material = materialOf(base);
  const says: string[] = [];
  const light = isWhite(base) ? undefined : labOf(baseHex(base))?.L;
  const lab = labOf(hex);
  const paste = material.name.toLowerCase();
  if (lab && light !== undefined && lab.L > light + LIGHTER && pots.length > 0)
    says.push(
      `No colour makes ${paste} lighter than it is: ${name} is not to be had in it. Take a white paste, or paint it.`,
    );
  const watery = pots.filter((p) => POTS[p.kind].watery);
  if (material.chocolate && watery.length > 0)
    says.push(
      `${watery.map((p) => p.name).join(' and ')} ${watery.length > 1 ? 'are' : 'is'} mostly water: ${paste} seizes on it. Take oil colour or powder.`,
    );
  const hue = hueOf(hex);
  if (hue !== undefined && YELLOWED.has(material.id) && hue > BLUES[0] && hue < BLUES[1])
    says.push(
      `${material.name} is yellow to begin with: blue turns green in it and violet turns grey. Whiten it first, or expect that.`,
    );
  if (pots.some((p) => p.kind === 'liquid' && (p.depth === 'strong' || p.depth === 'deep')))
    says.push('So much liquid colour makes the paste sticky: take gel or powder for a deep colour.');
  return says;
}

/** Drops of every pot of a batch, how to get there, and what is wrong with it. */
export function colouringOf(batch: Batch): BatchColour {
  const material = materialOf(batch.blend.base);
  // nothing is mixed fresh where offcuts are enough
  const pots = (batch.fresh.value > 0 ? (batch.colour.pots ?? []) : []).map((pot): PotDose => {
    const known = !pot.took ? 'nothing' : pot.took.base === batch.blend.base ? 'this base' : 'other base';
    const dose = doseOf({
      kind: pot.kind,
      depth: pot.depth,
      per100: pot.per100,
      // offcuts kept for it are coloured already
      grams: batch.fresh,
      base: material.chocolate ? CHOCOLATE : 1,
      took: pot.took,
      known,
    });
    const mother = dose.by === 'drops' ? motherBatch(dose.amount.value, batch.fresh.value) : undefined;
    return { pot, dose, known, ...(mother ? { mother } : {}) };
  });
  const per100 = pots
    .filter((p) => p.dose.by === 'drops' && p.known !== 'nothing' && !p.mother)
    .map((p) => (100 * p.dose.amount.value) / batch.fresh.value);
  const all = per100.length > 0 && per100.length === pots.filter((p) => p.dose.by === 'drops').length;
  return {
    batch: batch.id,
    pots,
    ...(all
      ? {
          whole: wholeDrops(per100, Math.max(1, batch.need.value - (batch.mix.value - batch.fresh.value))),
          smallest: smallestByDrops(per100),
        }
      : {}),
    says: troublesOf(batch),
  };
}

/** From so few drops, or grams of powder, to so many, rounded outwards; `5 to 7 drops`, `0.03 to 0.11 g`. */
export function amountText({ value, unit, range = [value, value] }: Reckoned<'drops' | 'g'>): string {
  const step = unit === 'g' ? 0.01 : 1;
  const digits = unit === 'g' ? 2 : 0;
  const low = (Math.floor(range[0] / step + 1e-9) * step).toFixed(digits);
  const high = (Math.ceil(range[1] / step - 1e-9) * step).toFixed(digits);
  const words = unit === 'g' ? 'g' : high === '1' ? 'drop' : 'drops';
  return low === high ? `${low} ${words}` : `${low} to ${high} ${words}`;
}

/** How one pot goes in, said at the bench. */
export function potWords({ pot, dose, mother }: PotDose): string {
  const some = (n: number) => (dose.by === 'g' ? `${n.toFixed(2)} g` : `${n} ${n === 1 ? 'drop' : 'drops'}`);
  if (mother)
    return `${mother.drops} drops in ${mother.mother} g of plain paste, then knead ${mother.take.value.toFixed(1)} g of that into the rest.`;
  const weighed = dose.by === 'drops' ? dropsByScale(dose.first) : undefined;
  const scale = weighed === undefined ? '' : ` (about ${weighed.toFixed(1)} g: weigh twenty of your drops)`;
  return `${some(dose.first)} of ${pot.name} first${scale}, ${amountText(dose.amount)} in all. Knead until no streak is left, look, then ${some(dose.then)} at a time; stop before it is there: it deepens for a day.`;
}

/** How a batch is coloured, said at the bench. */
export const colouringWords = ({ pots }: BatchColour): string[] =>
  pots.map((p) => (p.mother ? `${p.pot.name}: ${potWords(p)}` : potWords(p)));

/** Of each pot over all batches, from the first on. */
export interface PotTotal {
  readonly name: string;
  readonly kind: Pot['kind'];
  readonly amount: Reckoned<'drops' | 'g'>;
}

/** What is needed of each pot in all: likely, and what it may come to. */
export function potsInAll(batches: readonly Batch[]): PotTotal[] {
  const all = new Map<string, PotDose[]>();
  for (const batch of batches)
    for (const p of colouringOf(batch).pots) {
      const key = `${p.pot.kind} ${p.pot.name.toLowerCase()}`;
      all.set(key, [...(all.get(key) ?? []), p]);
    }
  return [...all.values()].map((list): PotTotal => {
    const { name, kind } = list[0]!.pot;
    const sum = (of: (p: PotDose) => number) => list.reduce((s, p) => s + of(p), 0);
    const total = reckon(
      name,
      POTS[kind].by,
      'sum over its batches',
      list.map((p) => p.dose.amount),
      (...doses) => doses.reduce((a, b) => a + b, 0),
    );
    return {
      name,
      kind,
      amount: between(
        total,
        sum((p) => p.dose.amount.range?.[0] ?? p.dose.amount.value),
        sum((p) => p.dose.amount.range?.[1] ?? p.dose.amount.value),
      ),
    };
  });
}
