import { labOf } from '../colour/index.ts';
import type { Batch } from '../paste-list/index.ts';
import type { Build, Reserve } from '../record/index.ts';
import { earliest, massStep, roundTo, type Day, type Grams } from '../quantity/index.ts';
import { blendKeepBy, firstOut, freshness } from './stock.ts';
import type { StockItem } from './stores-record.ts';

/** An offcut has to be at least this much lighter to be coloured again, L*. Common practice. */
export const LIGHTER_BY = 15;
/** Old paste in a fresh batch, at most; common practice. */
export const MOST_SHARE = 0.5;

/** Blends count as the same when their stiffening is this close, per cent. */
const GUM_NEAR = 5;
const POWDER_NEAR = 0.3;

/** What an offcut would do in a batch. */
export interface OffcutUse {
  readonly item: StockItem;
  readonly grams: Grams;
  /** Lighter than wanted: it is coloured again. */
  readonly recolour: boolean;
}

const sameBlend = (item: StockItem, batch: Batch): boolean => {
  const a = item.offcut!.blend;
  const b = batch.blend;
  return (
    a.base === b.base &&
    Math.abs(a.gumPaste - b.gumPaste) <= GUM_NEAR &&
    Math.abs(a.powder - b.powder) <= POWDER_NEAR
  );
};

/** 0 the same colour, 1 lighter and coloured again, 9 never. */
function rank(item: StockItem, batch: Batch): 0 | 1 | 9 {
  const { colour } = item.offcut!;
  if (colour.hex.toLowerCase() === batch.colour.hex.toLowerCase()) return 0;
  const a = labOf(colour.hex);
  const b = labOf(batch.colour.hex);
  return a && b && a.L - b.L >= LIGHTER_BY ? 1 : 9;
}

/**
 * Offcuts that can go into a batch: the same blend, clean, good on the day of use; the same colour first, then lighter
 * ones that are coloured again; first to expire first, smaller lumps first, until half the batch is old paste.
 * @param spoken grams of an entry that other batches have kept already
 */
export function offcutsFor(
  items: readonly StockItem[],
  batch: Batch,
  day: Day,
  spoken: (id: string) => Grams = () => 0,
  mostShare = MOST_SHARE,
): { use: OffcutUse[]; fresh: Grams; keepBy: Day | undefined } {
  const fit = items.filter(
    (i) => i.offcut?.clean && i.amount > 0 && sameBlend(i, batch) && freshness(i, day) !== 'past',
  );
  const ordered = firstOut(fit)
    .map((item, order) => ({ item, order, rank: rank(item, batch) }))
    .filter((x) => x.rank < 9)
    .sort((a, b) => a.rank - b.rank || a.order - b.order);
  let left = batch.mix.value * mostShare;
  const use: OffcutUse[] = [];
  for (const { item, rank: how } of ordered) {
    const grams = Math.min(left, item.amount - spoken(item.id));
    if (grams < 0.05) continue;
    use.push({ item, grams, recolour: how === 1 });
    left -= grams;
  }
  const used = use.reduce((g, u) => g + u.grams, 0);
  return {
    use,
    fresh: batch.mix.value - used,
    keepBy: earliest(use.flatMap((u) => u.item.keepBy ?? [])),
  };
}

/** Entries with what nobody has spoken for. @param spoken grams of an entry that batches have kept already */
export const unspoken = (items: readonly StockItem[], spoken: (id: string) => Grams): StockItem[] =>
  items.map((i) => ({ ...i, amount: Math.max(0, i.amount - spoken(i.id)) }));

/** Keep offcuts for a batch of a build. */
export function reserved(build: Build, batch: Batch, use: readonly OffcutUse[]): Build {
  const kept = use.map((u): Reserve => ({
    stock: u.item.id,
    name: u.item.name,
    batch: batch.id,
    grams: roundTo(u.grams, 0.1),
    recolour: u.recolour,
    allergens: u.item.offcut?.allergens ?? [],
    ...(u.item.keepBy === undefined ? {} : { keepBy: u.item.keepBy }),
  }));
  return { ...build, reserves: [...build.reserves.filter((r) => r.batch !== batch.id), ...kept] };
}

/** Let the offcuts of a batch go again. */
export const released = (build: Build, batch: string): Build => ({
  ...build,
  reserves: build.reserves.filter((r) => r.batch !== batch),
});

/** Grams of an entry that a build has kept for its batches, one of them left out. */
export const keptOf =
  (build: Build, but: string) =>
  (id: string): Grams =>
    build.reserves.reduce((g, r) => g + (r.stock === id && r.batch !== but ? r.grams : 0), 0);

/**
 * What is left of a batch as an entry of the stores: spare and what was cut away, good as long as the shortest of its
 * parts.
 */
export function offcutOf(build: Build, batch: Batch, mixed: Day, id: string): StockItem {
  const { base, gumPaste, powder, ratio } = batch.blend;
  const left = batch.spare.value + batch.lines.reduce((g, l) => g + l.offcut.value, 0);
  const best = earliest([blendKeepBy(batch.blend, mixed), ...batch.reserves.flatMap((r) => r.keepBy ?? [])])!;
  return {
    id,
    ingredient: base,
    name: `${batch.colour.name} offcut, ${batch.blend.name}`,
    amount: roundTo(left, massStep(left)),
    keepBy: best,
    note: `from ${build.name}`,
    offcut: {
      blend: { base, gumPaste, powder, ...(ratio === undefined ? {} : { ratio }) },
      colour: { name: batch.colour.name, hex: batch.colour.hex },
      clean: true,
      allergens: batch.allergens,
    },
  };
}
