import { fail, ok, type Result } from '@core/quantity/index.ts';
import { nextNumber, type BookedBatch } from '@core/stores/index.ts';
import type { Backup } from './backup.ts';
import { sentenceOf } from './builds.ts';
import { db, type SpindleDb, type StoredBuild } from './db.ts';

/** What bringing a backup in would do, before anything is done. */
export interface Outlook {
  /** Builds that are not here, that are here just so, and that are here otherwise. */
  readonly fresh: readonly string[];
  readonly same: readonly string[];
  readonly differ: readonly string[];
  /** Builds that are here and not in the backup: gone when all is replaced. */
  readonly lost: readonly string[];
  readonly parts: number;
  readonly pictures: number;
  readonly stock: number;
  readonly book: number;
}

/** As JSON, whatever the order its fields were written in. */
const sorted = (x: unknown): unknown =>
  Array.isArray(x)
    ? x.map(sorted)
    : x !== null && typeof x === 'object'
      ? Object.fromEntries(
          Object.entries(x)
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([k, v]) => [k, sorted(v)]),
        )
      : x;
const alike = (a: unknown, b: unknown): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));

/** Say what a backup would bring. */
export async function outlookOf(backup: Backup, store: SpindleDb = db): Promise<Outlook> {
  const [here, parts, pictures, stock, book] = await Promise.all([
    store.builds.toArray(),
    store.parts.toCollection().primaryKeys(),
    store.pictures.toCollection().primaryKeys(),
    store.stock.toCollection().primaryKeys(),
    store.book.toCollection().primaryKeys(),
  ]);
  const known = new Map(here.map((b) => [b.id, b]));
  const [fresh, same, differ]: [string[], string[], string[]] = [[], [], []];
  for (const b of backup.builds) {
    const mine = known.get(b.id);
    (mine ? (alike(mine.build, b.build) ? same : differ) : fresh).push(b.name);
  }
  const inside = new Set(backup.builds.map((b) => b.id));
  const missing = (all: readonly { readonly id: string }[], mine: readonly string[]) => {
    const there = new Set(mine);
    return all.filter((x) => !there.has(x.id)).length;
  };
  return {
    fresh,
    same,
    differ,
    lost: here.flatMap((b) => (inside.has(b.id) ? [] : [b.name])),
    parts: missing(backup.parts, parts),
    pictures: missing(backup.pictures, pictures),
    stock: missing(backup.stores?.items ?? [], stock),
    book: missing(backup.stores?.book ?? [], book),
  };
}

const tablesOf = (s: SpindleDb) => [
  s.builds,
  s.parts,
  s.pictures,
  s.settings,
  s.stock,
  s.packs,
  s.pastes,
  s.book,
];

async function written(store: SpindleDb, work: () => Promise<void>): Promise<Result<void>> {
  try {
    // all of it, or nothing
    await store.transaction('rw', tablesOf(store), work);
    return ok(undefined);
  } catch (error) {
    return fail(`${sentenceOf(error)} Nothing was changed.`);
  }
}

/**
 * Put the one build of a file on the shelf, with its pictures; beside its like where there is another of its id.
 * @returns the id it has here
 */
export async function shelveWithPictures(backup: Backup, store: SpindleDb = db): Promise<Result<string>> {
  const [only] = backup.builds;
  if (!only) return fail('There is no build in it.');
  const mine = await store.builds.get(only.id);
  if (mine && alike(mine.build, only.build)) return ok(only.id);
  const id = mine ? crypto.randomUUID() : only.id;
  const done = await written(store, async () => {
    await store.builds.add({ ...only, id, revision: 1, savedAt: Date.now(), build: { ...only.build, id } });
    const kept = new Set(await store.pictures.toCollection().primaryKeys());
    for (const p of backup.pictures) {
      const own = p.buildId === only.id;
      if (own || !kept.has(p.id))
        await store.pictures.add({
          ...p,
          id: kept.has(p.id) ? crypto.randomUUID() : p.id,
          buildId: own ? id : p.buildId,
        });
    }
  });
  return done.ok ? ok(id) : done;
}

/** Put a backup in the place of everything that is here. */
export const replaceAll = (backup: Backup, store: SpindleDb = db): Promise<Result<void>> =>
  written(store, async () => {
    const revisions = new Map((await store.builds.toArray()).map((b) => [b.id, b.revision]));
    // settings of this browser alone stay
    const inside = new Set(backup.settings.map((s) => s.key));
    await Promise.all([
      ...[store.builds, store.parts, store.stock, store.packs, store.pastes, store.book].map((t) =>
        t.clear(),
      ),
      // a copy that was made by itself has none: those that are here stay
      ...(backup.pictures.length > 0 ? [store.pictures.clear()] : []),
      store.settings.bulkDelete([...inside]),
    ]);
    await store.builds.bulkAdd(
      // another tab that has it open notices
      backup.builds.map((b) => ({ ...b, revision: (revisions.get(b.id) ?? 0) + 1 })),
    );
    await store.parts.bulkAdd([...backup.parts]);
    await store.pictures.bulkAdd([...backup.pictures]);
    await store.settings.bulkPut([...backup.settings]);
    if (!backup.stores) return;
    const { items, packs, pastes, book } = backup.stores;
    await store.stock.bulkAdd([...items]);
    await store.packs.bulkAdd(Object.entries(packs).map(([ingredient, sizes]) => ({ ingredient, sizes })));
    await store.pastes.bulkAdd([...pastes]);
    await store.book.bulkAdd([...book]);
  });

/** A build of the backup that is here otherwise: it comes in beside, under a name that says so. */
const beside = (b: StoredBuild): StoredBuild => {
  const id = crypto.randomUUID();
  const name = `${b.name.slice(0, 100)}, from the backup`;
  return { ...b, id, name, revision: 1, build: { ...b.build, id, name } };
};

/** Bring in what is missing; whatever is here stays as it is. */
export const mergeIn = (backup: Backup, store: SpindleDb = db): Promise<Result<void>> =>
  written(store, async () => {
    const here = new Map((await store.builds.toArray()).map((b) => [b.id, b]));
    const moved = new Map<string, string>();
    const coming: StoredBuild[] = [];
    for (const b of backup.builds) {
      const mine = here.get(b.id);
      if (!mine) coming.push(b);
      else if (!alike(mine.build, b.build)) {
        const copy = beside(b);
        moved.set(b.id, copy.id);
        coming.push(copy);
      }
    }
    await store.builds.bulkAdd(coming);
    const news = async <T extends { readonly id: string }>(
      all: readonly T[],
      table: { toCollection: () => { primaryKeys: () => PromiseLike<string[]> } },
    ): Promise<T[]> => {
      const there = new Set(await table.toCollection().primaryKeys());
      return all.filter((x) => !there.has(x.id));
    };
    await store.parts.bulkAdd(await news(backup.parts, store.parts));
    const pictures = await news(backup.pictures, store.pictures);
    await store.pictures.bulkAdd(pictures);
    // a copy has the picture behind it too
    await store.pictures.bulkAdd(
      backup.pictures.flatMap((p) => {
        const to = moved.get(p.buildId);
        return to === undefined ? [] : [{ ...p, id: crypto.randomUUID(), buildId: to }];
      }),
    );
    const set = new Set(await store.settings.toCollection().primaryKeys());
    await store.settings.bulkAdd(backup.settings.filter((s) => !set.has(s.key)));
    if (!backup.stores) return;
    const { items, packs, pastes, book } = backup.stores;
    await store.pastes.bulkAdd(await news(pastes, store.pastes));
    await store.stock.bulkAdd(await news(items, store.stock));
    const bought = new Set(await store.packs.toCollection().primaryKeys());
    await store.packs.bulkAdd(
      Object.entries(packs).flatMap(([ingredient, sizes]) =>
        bought.has(ingredient) ? [] : [{ ingredient, sizes }],
      ),
    );
    const mixed = await store.book.toArray();
    for (const batch of await news(book, store.book)) {
      const taken = mixed.some((b) => b.number === batch.number);
      const next: BookedBatch = taken ? { ...batch, number: nextNumber(mixed) } : batch;
      mixed.push(next);
      await store.book.add(next);
    }
  });
