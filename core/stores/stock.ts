import { addDays, daysBetween, fail, isDay, ok, type Day, type Result } from '../quantity/index.ts';
import { materialOf, type Blend, type OwnPaste } from '../pastes/index.ts';
import { ingredientOf, type IngredientKind } from './ingredients.ts';
import { readSize } from './size.ts';
import { MOST_STOCKED, type StockItem, type Stores } from './stores-record.ts';

export const EMPTY_STORES: Stores = { items: [], packs: {}, pastes: [], book: [] };

/** Check an entry somebody typed. */
export function checkItem(item: StockItem, own: readonly OwnPaste[] = []): Result<StockItem> {
  if (!item.name.trim()) return fail('An entry needs a name.', 'name');
  const ingredient = ingredientOf(item.ingredient, own);
  if (!ingredient) return fail(`“${item.name}” is of something the stores do not know.`, 'ingredient');
  if (!Number.isFinite(item.amount)) return fail('Type how much there is.', 'amount');
  if (item.amount < 0) return fail('There cannot be less than nothing on the shelf.', 'amount');
  if (item.amount > MOST_STOCKED)
    return fail('That is more than a workshop holds: check the unit.', 'amount');
  if (ingredient.unit === 'pieces' && !Number.isInteger(item.amount))
    return fail(`${ingredient.name} is counted in whole pieces.`, 'amount');
  if (item.keepBy !== undefined && !isDay(item.keepBy))
    return fail(`“${item.keepBy}” is not a day: write it as 2026-12-24.`, 'keepBy');
  const { size: _size, ...rest } = item;
  const size = sized(ingredient.kind) ? readSize(item.name) : undefined;
  return ok(size ? { ...rest, size } : rest);
}

/** Cores and boards come in sizes; of everything else any will do. */
export const sized = (kind: IngredientKind): boolean => kind === 'core' || kind === 'board';

/** Check packs somebody typed: sizes above nothing. */
export function checkPacks(sizes: readonly number[]): Result<readonly number[]> {
  if (sizes.some((s) => !(s > 0) || !Number.isFinite(s) || s > MOST_STOCKED))
    return fail('Pack sizes are amounts above nothing, like 250, 1000.', 'packs');
  return ok([...new Set(sizes)].sort((a, b) => a - b));
}

/** Day by which something new is used, from how long its kind keeps. */
export function usualKeepBy(ingredient: string, from: Day, own: readonly OwnPaste[] = []): Day | undefined {
  const keeps = ingredientOf(ingredient, own)?.keeps;
  return keeps && addDays(from, keeps.days);
}

/** A blend keeps as long as the shortest of its parts; common practice, from the day it is mixed. */
export const blendKeepBy = (blend: Pick<Blend, 'base' | 'gumPaste'>, mixed: Day): Day =>
  addDays(
    mixed,
    Math.min(
      materialOf(blend.base).keeps.days,
      blend.gumPaste > 0 ? materialOf('gumPaste').keeps.days : Infinity,
    ),
  );

/** First to expire first, then the smaller one; what never expires comes last. */
export const firstOut = (items: readonly StockItem[]): StockItem[] =>
  [...items].sort(
    (a, b) =>
      (a.keepBy ?? '9999').localeCompare(b.keepBy ?? '9999') ||
      a.amount - b.amount ||
      a.id.localeCompare(b.id),
  );

export type Freshness = 'past' | 'soon' | 'good';

/** How an entry stands with its date: a week is soon. */
export function freshness(item: StockItem, today: Day): Freshness {
  if (item.keepBy === undefined) return 'good';
  const days = daysBetween(today, item.keepBy);
  return days < 0 ? 'past' : days <= 7 ? 'soon' : 'good';
}

/** Take an amount out of the entries of one ingredient, first to expire first; what is past its date is left alone. */
export function takeOut(
  items: readonly StockItem[],
  ingredient: string,
  amount: number,
  today: Day,
): { items: StockItem[]; taken: number } {
  let left = amount;
  const now = new Map<string, number>();
  const usable = items.filter(
    (i) => i.ingredient === ingredient && !i.offcut && freshness(i, today) !== 'past',
  );
  for (const item of firstOut(usable)) {
    const take = Math.min(left, item.amount);
    if (take <= 0) continue;
    now.set(item.id, item.amount - take);
    left -= take;
  }
  return { items: withAmounts(items, now), taken: amount - left };
}

/** Items with some amounts changed; those used up are gone. */
export const withAmounts = (items: readonly StockItem[], now: ReadonlyMap<string, number>): StockItem[] =>
  items
    .map((i) => (now.has(i.id) ? { ...i, amount: Number(now.get(i.id)!.toFixed(3)) } : i))
    .filter((i) => !(now.has(i.id) && i.amount < 0.05));
