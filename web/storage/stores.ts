import type { OwnPaste } from '@core/pastes/index.ts';
import { fail, ok, type Day, type Result } from '@core/quantity/index.ts';
import {
  booked,
  checkBooked,
  checkItem,
  checkPacks,
  nextNumber,
  takeOut,
  withAmounts,
  type BookedBatch,
  type Mixed,
  type StockItem,
  type Stores,
} from '@core/stores/index.ts';
import { sentenceOf } from './builds.ts';
import { db, type SpindleDb } from './db.ts';
import { removePicture } from './pictures.ts';

/** Everything in the stores, as the core reads it. */
export async function loadStores(store: SpindleDb = db): Promise<Stores> {
  const [items, packs, pastes, book] = await Promise.all([
    store.stock.toArray(),
    store.packs.toArray(),
    store.pastes.toArray(),
    store.book.orderBy('number').toArray(),
  ]);
  return {
    // what was kept before cores and boards had sizes gets its own when it is read
    items: items.map((i) => (i.size ? i : valueOr(checkItem(i, pastes), i))),
    packs: Object.fromEntries(packs.map((p) => [p.ingredient, p.sizes])),
    pastes,
    book,
  };
}

const valueOr = <T>(r: Result<T>, otherwise: T): T => (r.ok ? r.value : otherwise);

async function written<T>(work: () => Promise<T>): Promise<Result<T>> {
  try {
    return ok(await work());
  } catch (error) {
    return fail(sentenceOf(error));
  }
}

/** Keep an entry; refused when it cannot be. */
export async function putItem(item: StockItem, store: SpindleDb = db): Promise<Result<StockItem>> {
  const checked = checkItem(item, await store.pastes.toArray());
  if (!checked.ok) return checked;
  return written(async () => {
    await store.stock.put(checked.value);
    return checked.value;
  });
}

export const removeItem = (id: string, store: SpindleDb = db): Promise<Result<void>> =>
  written(() => store.stock.delete(id));

/** Say in which packs something is bought; none brings the usual ones back. */
export async function setPacks(
  ingredient: string,
  sizes: readonly number[],
  store: SpindleDb = db,
): Promise<Result<void>> {
  const checked = checkPacks(sizes);
  if (!checked.ok) return checked;
  return written(async () => {
    if (checked.value.length === 0) await store.packs.delete(ingredient);
    else await store.packs.put({ ingredient, sizes: checked.value });
  });
}

export const putPaste = (paste: OwnPaste, store: SpindleDb = db): Promise<Result<void>> =>
  written(async () => void (await store.pastes.put(paste)));

/** Book what was mixed under the next number; refused when it cannot be. */
export async function bookMixed(mixed: Mixed, store: SpindleDb = db): Promise<Result<BookedBatch>> {
  const checked = checkBooked(booked(mixed, crypto.randomUUID(), 1));
  if (!checked.ok) return checked;
  return written(() =>
    // numbers are given in one transaction: two tabs never give the same
    store.transaction('rw', store.book, async () => {
      const last = await store.book.orderBy('number').last();
      const next = { ...checked.value, number: nextNumber(last ? [last] : []) };
      await store.book.add(next);
      return next;
    }),
  );
}

/** Change a batch of the book; refused when it cannot be so. */
export async function putBooked(batch: BookedBatch, store: SpindleDb = db): Promise<Result<BookedBatch>> {
  const checked = checkBooked(batch);
  if (!checked.ok) return checked;
  return written(async () => {
    await store.book.put(checked.value);
    return checked.value;
  });
}

/** Tear a batch out of the book, with its picture; what is left of it stays in the stores. */
export const removeBooked = (id: string, store: SpindleDb = db): Promise<Result<void>> =>
  written(() =>
    store.transaction('rw', store.book, store.pictures, async () => {
      await store.book.delete(id);
      await removePicture(swatchPicture(id), store);
    }),
  );

/** What the picture of a batch of the book is kept with. */
export const swatchPicture = (id: string): string => `book:${id}`;

/** A paste may go only when nothing on the shelf is of it. */
export async function removePaste(id: string, store: SpindleDb = db): Promise<Result<void>> {
  if ((await store.stock.where('ingredient').equals(id).count()) > 0)
    return fail('There is some of this paste on the shelf: take that out first.');
  return written(() => store.pastes.delete(id));
}

/** Take amounts out, first to expire first, in one transaction; what was not there is told. */
export function useUp(
  amounts: readonly { readonly ingredient: string; readonly amount: number }[],
  today: Day,
  store: SpindleDb = db,
): Promise<Result<{ missing: number }>> {
  return written(() =>
    store.transaction('rw', store.stock, async () => {
      const before = await store.stock.toArray();
      let items = before;
      let missing = 0;
      for (const { ingredient, amount } of amounts) {
        const out = takeOut(items, ingredient, amount, today);
        items = out.items;
        missing += amount - out.taken;
      }
      await keep(before, items, store);
      return { missing };
    }),
  );
}

/** Take so much out of single entries, as reserved. */
export function useEntries(
  amounts: readonly { readonly id: string; readonly amount: number }[],
  store: SpindleDb = db,
): Promise<Result<void>> {
  return written(() =>
    store.transaction('rw', store.stock, async () => {
      const before = await store.stock.toArray();
      const now = new Map<string, number>();
      for (const { id, amount } of amounts) {
        const item = before.find((i) => i.id === id);
        if (item) now.set(id, Math.max(0, (now.get(id) ?? item.amount) - amount));
      }
      await keep(before, withAmounts(before, now), store);
    }),
  );
}

async function keep(
  before: readonly StockItem[],
  after: readonly StockItem[],
  store: SpindleDb,
): Promise<void> {
  const left = new Set(after.map((i) => i.id));
  await store.stock.bulkDelete(before.filter((i) => !left.has(i.id)).map((i) => i.id));
  await store.stock.bulkPut([...after]);
}

/** Put other stores in the place of these, all or nothing; pictures of batches that go, go with them. */
export const replaceStores = (stores: Stores, store: SpindleDb = db): Promise<Result<void>> =>
  written(() =>
    store.transaction(
      'rw',
      [store.stock, store.packs, store.pastes, store.book, store.pictures],
      async () => {
        const stay = new Set(stores.book.map((b) => swatchPicture(b.id)));
        const pictures = store.pictures.where('buildId').startsWith(swatchPicture(''));
        await pictures.filter((p) => !stay.has(p.buildId)).delete();
        await Promise.all([
          store.stock.clear(),
          store.packs.clear(),
          store.pastes.clear(),
          store.book.clear(),
        ]);
        await store.stock.bulkAdd([...stores.items]);
        await store.packs.bulkAdd(
          Object.entries(stores.packs).map(([ingredient, sizes]) => ({ ingredient, sizes })),
        );
        await store.pastes.bulkAdd([...stores.pastes]);
        await store.book.bulkAdd([...stores.book]);
      },
    ),
  );
