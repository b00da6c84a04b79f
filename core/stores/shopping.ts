import { sameSize } from './size.ts';
import { given, reckon, type Day, type Reckoned } from '../quantity/index.ts';
import type { Need } from './needs.ts';
import { ingredientOf } from './ingredients.ts';
import { firstOut, freshness } from './stock.ts';
import type { StockItem, Stores } from './stores-record.ts';

/** Packs of one size. */
export interface Packs {
  readonly size: number;
  readonly number: number;
}

/** A need held against the stores. */
export interface ShoppingLine {
  readonly need: Need;
  /** On the shelf and good on the day. */
  readonly have: Reckoned;
  /** Entries it would come from, first to expire first. */
  readonly from: readonly { readonly item: StockItem; readonly take: number }[];
  readonly short: Reckoned;
  readonly buy: readonly Packs[];
  /** Bought in all; equal to the shortage where packs are not known. */
  readonly bought: number;
  /** Stays on the shelf afterwards. */
  readonly left: Reckoned;
  /** There is some, but it will be past its date. */
  readonly past: number;
}

/**
 * Packs that cover a shortage with the least left over, and of those the fewest. Exact: the least total over all
 * combinations, by the sums that can be reached.
 */
export function packsFor(short: number, sizes: readonly number[]): Packs[] {
  const good = sizes.filter((s) => s > 0);
  if (!(short > 0) || good.length === 0) return [];
  const unit = good.every((s) => Number.isInteger(s)) ? 1 : 0.1;
  const need = Math.ceil(short / unit - 1e-9);
  const steps = good.map((s) => Math.round(s / unit));
  const largest = Math.max(...steps);
  // so large a shortage is filled with the largest first, to keep the table small
  const bulk = need > 40 * largest ? Math.floor(need / largest) - 20 : 0;
  const goal = need - bulk * largest;
  const top = goal + largest;
  const fewest = new Int32Array(top + 1).fill(-1);
  const via = new Int32Array(top + 1).fill(-1);
  fewest[0] = 0;
  for (let sum = 1; sum <= top; sum++)
    steps.forEach((step, k) => {
      if (step > sum || fewest[sum - step]! < 0) return;
      const n = fewest[sum - step]! + 1;
      if (fewest[sum]! < 0 || n < fewest[sum]!) {
        fewest[sum] = n;
        via[sum] = k;
      }
    });
  let at = goal;
  while (at <= top && fewest[at]! < 0) at++;
  const number = new Map<number, number>();
  if (bulk > 0) number.set(good[steps.indexOf(largest)]!, bulk);
  while (at > 0) {
    const k = via[at]!;
    number.set(good[k]!, (number.get(good[k]!) ?? 0) + 1);
    at -= steps[k]!;
  }
  return [...number.entries()].map(([size, n]) => ({ size, number: n })).sort((a, b) => b.size - a.size);
}

/** Cores and boards are told apart by their size, everything else by its kind. */
const answers = (item: StockItem, need: Need): boolean =>
  !item.offcut && item.ingredient === need.id && (need.size === undefined || sameSize(item.size, need.size));

/**
 * What to buy for a build: each need less what is on the shelf and good on the day, in the packs the person buys.
 * @param day the day it has to be good until
 */
export function shoppingList(needs: readonly Need[], stores: Stores, day: Day): ShoppingLine[] {
  const left = new Map(stores.items.map((i) => [i.id, i.amount]));
  return needs.map((need): ShoppingLine => {
    const mine = stores.items.filter((i) => answers(i, need));
    const good = firstOut(mine.filter((i) => freshness(i, day) !== 'past'));
    const past = mine.filter((i) => freshness(i, day) === 'past').reduce((g, i) => g + i.amount, 0);
    const unit = need.amount.unit;
    const have = reckon(
      'On the shelf',
      unit,
      'entries good on the day, added up',
      good.map((i) => given(i.name, left.get(i.id)!, unit, 'yours')),
      (...x) => x.reduce((a, b) => a + b, 0),
    );
    const short = reckon(
      'Short of',
      unit,
      'needed − on the shelf, at least nothing',
      [need.amount, have],
      (a, b) => Math.max(0, a - b),
    );
    let open = need.amount.value;
    const from: { item: StockItem; take: number }[] = [];
    for (const item of good) {
      const take = Math.min(open, left.get(item.id)!);
      if (take <= 0) continue;
      from.push({ item, take });
      left.set(item.id, left.get(item.id)! - take);
      open -= take;
    }
    const sizes = stores.packs[need.id] ?? ingredientOf(need.id, stores.pastes)?.packs ?? [];
    const buy = packsFor(short.value, sizes);
    const bought = buy.length ? buy.reduce((g, p) => g + p.size * p.number, 0) : short.value;
    const leftOver = reckon(
      'Stays on the shelf',
      unit,
      'on the shelf + bought − needed',
      [have, given('Bought', bought, unit), need.amount],
      (h, b, n) => Math.max(0, h + b - n),
    );
    return { need, have, from, short, buy, bought, left: leftOver, past };
  });
}

/** How much of an ingredient is on the shelf and good on a day. */
export const onShelf = (stores: Stores, ingredient: string, day: Day): number =>
  stores.items
    .filter((i) => i.ingredient === ingredient && !i.offcut && freshness(i, day) !== 'past')
    .reduce((g, i) => g + i.amount, 0);
