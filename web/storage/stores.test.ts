import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { refusal, value } from '@core/files/demo.testing.ts';
import type { Mixed, StockItem, Stores } from '@core/stores/index.ts';
import { SpindleDb } from './db.ts';
import { demoStores, seedStores } from './demo-stores.ts';
import {
  bookMixed,
  loadStores,
  putBooked,
  putItem,
  putPaste,
  removeBooked,
  removePaste,
  replaceStores,
  setPacks,
  swatchPicture,
  useEntries,
  useUp,
} from './stores.ts';

let store: SpindleDb;
let n = 0;
beforeEach(() => {
  store = new SpindleDb(`stores-${n++}`);
});
const item = (id: string, amount: number, keepBy: string): StockItem => ({
  id,
  ingredient: 'fondant',
  name: id,
  amount,
  keepBy,
  note: '',
});
const amounts = async () => Object.fromEntries((await loadStores(store)).items.map((i) => [i.id, i.amount]));

describe('keeping stores', () => {
  it('opens what was kept before there were stores, and loses none of it', async () => {
    const name = `old-${n++}`;
    const old = new Dexie(name);
    old.version(1).stores({ builds: 'id, savedAt', pictures: 'id, buildId', settings: 'key' });
    await old.table('settings').put({ key: 'shown', value: 'oz' });
    await old.table('builds').put({ id: 'b', name: 'B', savedAt: 1, revision: 1, build: {} });
    old.close();
    const now = new SpindleDb(name);
    expect(await now.settings.get('shown')).toEqual({ key: 'shown', value: 'oz' });
    expect(await now.builds.count()).toBe(1);
    expect(await loadStores(now)).toEqual({ items: [], packs: {}, pastes: [], book: [] });
  });

  it('gives back what was put in, and refuses what cannot be on a shelf', async () => {
    expect((await putItem(item('a', 250, '2026-12-24'), store)).ok).toBe(true);
    const wrong = await putItem(item('b', -1, '2026-12-24'), store);
    expect(!wrong.ok && wrong.problem.text).toMatch(/less than nothing/);
    expect(await amounts()).toEqual({ a: 250 });
  });

  it('uses up first what expires first, in one go, and says what was missing', async () => {
    await putItem(item('new', 500, '2027-03-01'), store);
    await putItem(item('old', 200, '2026-12-20'), store);
    const used = await useUp([{ ingredient: 'fondant', amount: 300 }], '2026-12-01', store);
    expect(used).toEqual({ ok: true, value: { missing: 0 } });
    expect(await amounts()).toEqual({ new: 400 });
    const more = await useUp([{ ingredient: 'fondant', amount: 1000 }], '2026-12-01', store);
    expect(more.ok && more.value.missing).toBe(600);
    expect(await amounts()).toEqual({});
  });

  it('takes what was kept out of single entries, never below nothing', async () => {
    await putItem(item('a', 65, '2026-12-20'), store);
    await putItem(item('b', 40, '2026-12-20'), store);
    await useEntries(
      [
        { id: 'a', amount: 30 },
        { id: 'a', amount: 20 },
        { id: 'b', amount: 400 },
        { id: 'gone', amount: 5 },
      ],
      store,
    );
    expect(await amounts()).toEqual({ a: 15 });
  });

  it('says it in a sentence when the disk is full, and nothing is half done', async () => {
    await putItem(item('old', 200, '2026-12-20'), store);
    await putItem(item('new', 500, '2027-03-01'), store);
    vi.spyOn(store.stock, 'bulkPut').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    const full = await useUp([{ ingredient: 'fondant', amount: 300 }], '2026-12-01', store);
    expect(!full.ok && full.problem.text).toMatch(/no room/i);
    vi.restoreAllMocks();
    expect(await amounts()).toEqual({ old: 200, new: 500 });
  });

  it('keeps packs and pastes, and does not let a paste go that is on the shelf', async () => {
    expect((await setPacks('fondant', [1000, 250], store)).ok).toBe(true);
    expect((await loadStores(store)).packs).toEqual({ fondant: [250, 1000] });
    expect((await setPacks('fondant', [-3], store)).ok).toBe(false);
    await setPacks('fondant', [], store);
    expect((await loadStores(store)).packs).toEqual({});
    await putPaste({ id: 'own', name: 'Ours', like: 'fondant', allergens: [], note: '' }, store);
    await putItem({ ...item('mine', 10, '2026-12-20'), ingredient: 'own' }, store);
    const gone = await removePaste('own', store);
    expect(!gone.ok && gone.problem.text).toMatch(/some of this paste on the shelf/);
    await store.stock.delete('mine');
    expect((await removePaste('own', store)).ok).toBe(true);
  });

  it('puts other stores in the place of these all at once', async () => {
    await putItem(item('a', 1, '2026-12-20'), store);
    const other: Stores = {
      items: [item('z', 9, '2026-12-20')],
      packs: { powder: [50] },
      pastes: [],
      book: [],
    };
    expect((await replaceStores(other, store)).ok).toBe(true);
    expect(await loadStores(store)).toEqual(other);
  });
});

describe('the book of what was mixed', () => {
  const mixed: Mixed = {
    build: { name: 'Trial' },
    batch: {
      blend: { id: 'b', name: 'B', base: 'fondant', gumPaste: 0, powder: 0 },
      colour: {
        id: 'c',
        name: 'red',
        hex: '#b8423c',
        pots: [{ name: 'poppy red', kind: 'gel', depth: 'strong' }],
      },
    },
    grams: 60,
    took: [9],
    hex: '#be4a43',
    on: '2026-11-30',
  };
  const book = async () => (await loadStores(store)).book;
  const picture = (buildId: string) =>
    store.pictures.add({ id: buildId, buildId, addedAt: 1, blob: new Blob(['x']), width: 1, height: 1 });

  it('opens what was kept before there was one, and loses none of it', async () => {
    const name = `old-${n++}`;
    const old = new Dexie(name);
    old.version(3).stores({
      builds: 'id, savedAt',
      pictures: 'id, buildId',
      settings: 'key',
      stock: 'id, ingredient',
      packs: 'ingredient',
      pastes: 'id',
      parts: 'id',
    });
    await old.table('stock').put(item('a', 250, '2026-12-24'));
    old.close();
    const now = await loadStores(new SpindleDb(name));
    expect(now.items.map((i) => i.amount)).toEqual([250]);
    expect(now.book).toEqual([]);
  });

  it('gives numbers on, never one twice, also to two at once; and refuses what took nothing', async () => {
    const both = await Promise.all([bookMixed(mixed, store), bookMixed(mixed, store)]);
    expect(both.map((b) => value(b).number).sort()).toEqual([1, 2]);
    expect(value(await bookMixed(mixed, store)).number).toBe(3);
    expect(refusal(await bookMixed({ ...mixed, took: [0] }, store))).toMatch(/a drop/);
    expect((await book()).map((b) => b.number)).toEqual([1, 2, 3]);
  });

  it('keeps what is said later, and loses its picture with the batch', async () => {
    const first = value(await bookMixed(mixed, store));
    await putBooked({ ...first, later: '#b8423c' }, store);
    expect((await book())[0]!.later).toBe('#b8423c');
    expect(refusal(await putBooked({ ...first, hex: 'red' }, store))).toMatch(/#8b6a4f/);
    await picture(swatchPicture(first.id));
    await picture('a-build');
    await removeBooked(first.id, store);
    expect(await book()).toEqual([]);
    expect((await store.pictures.toArray()).map((p) => p.buildId)).toEqual(['a-build']);
  });

  it('is put in the place of another with the pictures of what stays', async () => {
    const [stays, goes] = [value(await bookMixed(mixed, store)), value(await bookMixed(mixed, store))];
    for (const id of [swatchPicture(stays.id), swatchPicture(goes.id), 'a-build']) await picture(id);
    await replaceStores({ items: [], packs: {}, pastes: [], book: [stays] }, store);
    expect((await store.pictures.toArray()).map((p) => p.buildId).sort()).toEqual(
      ['a-build', swatchPicture(stays.id)].sort(),
    );
  });
});

describe('the demonstration stores', () => {
  it('have dates that move with the due day, so that one is past it and offcuts are good', () => {
    const late = demoStores('2030-06-08');
    const by = (id: string) => late.items.find((i) => i.id === id)!.keepBy!;
    expect(by('modelling-paste') < '2030-06-08').toBe(true);
    expect(by('offcut-brown') > '2030-06-08').toBe(true);
    expect(late.pastes).toHaveLength(1);
  });

  it('fill empty stores only', async () => {
    await putItem(item('mine', 10, '2026-12-20'), store);
    await seedStores('2026-12-12', store);
    expect(await store.stock.count()).toBe(1);
    await store.stock.clear();
    await seedStores('2026-12-12', store);
    expect(await store.stock.count()).toBeGreaterThan(8);
  });
});
