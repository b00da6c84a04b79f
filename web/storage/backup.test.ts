import 'fake-indexeddb/auto';
import { crc32 as zlibCrc } from 'node:zlib';
import fc from 'fast-check';
import { beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { crc32 } from '@core/files/index.ts';
import type { Build } from '@core/record/index.ts';
import { backupOf, isOneBuild, makeBackup, packBackup, readBackup } from './backup.ts';
import { isArchive } from './archive.ts';
import { lookPicture, saveBuild } from './builds.ts';
import { SpindleDb } from './db.ts';
import { demoBuilds } from './demo-builds.ts';
import { demoStores } from './demo-stores.ts';
import { mergeIn, outlookOf, replaceAll, shelveWithPictures } from './restore.ts';
import { rollCopy, rollingCopies } from './rolling.ts';

let store: SpindleDb;
let n = 0;
beforeEach(() => {
  store = new SpindleDb(`backup-${n++}`);
});
const [otter, heron, cabbage] = demoBuilds(new Date('2026-11-24T12:00:00')) as [Build, Build, Build];
/** Eight bytes that begin as a JPEG does. */
const jpeg = (seed: number) =>
  new Blob([new Uint8Array([0xff, 0xd8, 0xff, 0xe0, seed, 1, 2, 3])], { type: 'image/jpeg' });

/** Everything that can be kept, some of each. */
async function fill(s: SpindleDb): Promise<void> {
  for (const b of [otter, heron]) await saveBuild(b, undefined, s);
  // one that nobody can read any more
  await s.builds.put({
    id: 'hurt',
    name: 'Hurt',
    savedAt: 5,
    revision: 3,
    build: { version: 'x' } as unknown as Build,
  });
  await s.parts.put({ id: 'part', name: 'Acorn', savedAt: 7, build: { ...cabbage, id: 'part' } });
  await s.pictures.bulkPut([
    { id: 'p1', buildId: otter.id, addedAt: 1, blob: jpeg(1), width: 4, height: 3, marks: { foot: [1, 2], known: { from: [0, 0], to: [9, 0], mm: 60 } } },
    { id: 'p2', buildId: lookPicture('look-1'), addedAt: 2, blob: jpeg(2), width: 4, height: 3 },
  ]); // prettier-ignore
  const larder = demoStores('2026-12-05');
  await s.stock.bulkPut([...larder.items]);
  await s.packs.put({ ingredient: 'fondant', sizes: [500, 1000] });
  await s.settings.bulkPut([
    { key: 'shown', value: { mass: 'oz', length: 'in' } },
    { key: 'demo-seeded', value: 4 },
  ]);
}

/** Everything that is kept, as plain data. */
async function told(s: SpindleDb) {
  const bytes = async (b: Blob) => [...new Uint8Array(await b.arrayBuffer())];
  return {
    builds: (await s.builds.toArray()).map(({ revision: _r, ...b }) => b),
    parts: await s.parts.toArray(),
    pictures: await Promise.all(
      (await s.pictures.toArray()).map(async ({ blob, ...p }) => ({ ...p, bytes: await bytes(blob) })),
    ),
    stock: await s.stock.toArray(),
    packs: await s.packs.toArray(),
    pastes: await s.pastes.toArray(),
    book: await s.book.toArray(),
    settings: (await s.settings.toArray()).filter((x) => x.key !== 'demo-seeded'),
  };
}
const read = async (blob: Blob) => {
  const backup = await readBackup(blob);
  if (!backup.ok) throw new Error(backup.problem.text);
  return backup.value;
};

describe('everything in one file', () => {
  it('comes back just as it was after everything was wiped, a damaged build too', async () => {
    await fill(store);
    const before = await told(store);
    const blob = await makeBackup(store);
    expect(await isArchive(blob)).toBe(true);
    const other = new SpindleDb(`backup-${n++}`);
    expect((await replaceAll(await read(blob), other)).ok).toBe(true);
    expect(await told(other)).toEqual(before);
    // and what was here is gone when it is replaced
    await saveBuild(cabbage, undefined, other);
    const outlook = await outlookOf(await read(blob), other);
    expect(outlook).toMatchObject({
      fresh: [],
      differ: [],
      lost: [cabbage.name],
      parts: 0,
      pictures: 0,
      stock: 0,
    });
    await replaceAll(await read(blob), other);
    expect(await told(other)).toEqual(before);
  });

  it('a copy without pictures takes none away when it is put in the place of everything', async () => {
    await fill(store);
    const before = await told(store);
    const copy = await read(await makeBackup(store, false));
    expect((await replaceAll(copy, store)).ok).toBe(true);
    expect(await told(store)).toEqual(before);
  });

  it('a tab that has a build open notices that it was replaced', async () => {
    await fill(store);
    const blob = await makeBackup(store);
    const { revision } = (await store.builds.get(otter.id))!;
    await replaceAll(await read(blob), store);
    expect((await store.builds.get(otter.id))!.revision).toBeGreaterThan(revision);
  });

  it('merged, nothing that is here is touched; what differs comes beside, with its picture', async () => {
    await fill(store);
    const blob = await makeBackup(store);
    const changed = { ...otter, brief: { ...otter.brief, note: 'changed since' } };
    await saveBuild(changed, 1, store);
    await store.builds.delete(heron.id);
    await store.stock.clear();
    const backup = await read(blob);
    expect(await outlookOf(backup, store)).toMatchObject({
      fresh: [heron.name],
      differ: [otter.name],
      lost: [],
    });
    const before = await store.builds.get(otter.id);
    expect((await mergeIn(backup, store)).ok).toBe(true);
    expect(await store.builds.get(otter.id)).toEqual(before);
    expect(await store.builds.get(heron.id)).toBeDefined();
    const copy = (await store.builds.toArray()).find((b) => b.name === `${otter.name}, from the backup`)!;
    expect(copy.build.brief.note).toBe(otter.brief.note);
    expect(await store.pictures.where('buildId').equals(copy.id).count()).toBe(1);
    expect(await store.pictures.where('buildId').equals(otter.id).count()).toBe(1);
    expect(await store.stock.count()).toBe(backup.stores!.items.length);
    // once more brings only what differs still
    const rows = await store.stock.count();
    await mergeIn(backup, store);
    expect(await store.stock.count()).toBe(rows);
  });

  it('one build with its pictures is a file of its own; where its id is taken it comes beside', async () => {
    await fill(store);
    const file = new Blob([(await packBackup(await backupOf(otter, store))).slice()]);
    const one = await read(file);
    expect(isOneBuild(one)).toBe(true);
    expect(isOneBuild(await read(await makeBackup(store)))).toBe(false);
    const other = new SpindleDb(`backup-${n++}`);
    expect(await shelveWithPictures(one, other)).toEqual({ ok: true, value: otter.id });
    expect(await other.pictures.where('buildId').equals(otter.id).count()).toBe(1);
    // the same again is not kept twice
    expect(await shelveWithPictures(one, other)).toEqual({ ok: true, value: otter.id });
    const mine = { ...otter, name: 'Mine' };
    await other.builds.update(otter.id, { build: mine });
    const beside = await shelveWithPictures(one, other);
    expect(beside.ok && beside.value !== otter.id).toBe(true);
    expect((await other.builds.get(otter.id))!.build.name).toBe('Mine');
    expect(await other.pictures.count()).toBe(2);
  });
});

describe('a backup that is damaged', () => {
  let bytes: Uint8Array;
  beforeAll(async () => {
    const full = new SpindleDb('backup-full');
    await fill(full);
    bytes = new Uint8Array(await (await makeBackup(full)).arrayBuffer());
  });

  it('is refused whole or is what it was: whatever byte is hurt, wherever it breaks off', async () => {
    const good = JSON.stringify((await read(new Blob([bytes.slice()]))).builds);
    await fc.assert(
      fc.asyncProperty(fc.nat(), fc.integer({ min: 1, max: 255 }), fc.boolean(), async (at, by, cut) => {
        const hurt = bytes.slice(0, cut ? at % bytes.length : bytes.length);
        if (!cut) hurt[at % bytes.length]! ^= by;
        const got = await readBackup(new Blob([hurt]));
        if (got.ok) expect(JSON.stringify(got.value.builds)).toBe(good);
        else
          expect(got.problem.text).toMatch(
            /^(The backup is damaged, and nothing was changed\.|This archive holds no backup)/,
          );
      }),
      { numRuns: 60 },
    );
  });

  it.each([
    ['nothing at all', new Uint8Array(0)],
    ['a text', new TextEncoder().encode('{"format":"elm-spindle-build"}')],
    ['zeros', new Uint8Array(4000)],
  ])('%s is no backup', async (_, what) => {
    expect((await readBackup(new Blob([what.slice()]))).ok).toBe(false);
  });

  it('is told by CRC-32: check value of “123456789” (ISO 3309), and as the library of the machine has it', () => {
    expect(crc32(new TextEncoder().encode('123456789'))).toBe(0xcbf43926);
    if (typeof zlibCrc === 'function')
      fc.assert(fc.property(fc.uint8Array(), (b) => crc32(b) === zlibCrc(b)));
  });
});

describe('copies made by themselves', () => {
  it('once a day at most, where something is new, the last seven, without the pictures', async () => {
    expect(await rollCopy(0, store)).toBe(false);
    await fill(store);
    const day = 24 * 3_600_000;
    const start = Date.now() + day;
    expect(await rollCopy(start, store)).toBe(true);
    expect(await rollCopy(start + 1000, store)).toBe(false);
    // nothing was saved since
    expect(await rollCopy(start + 2 * day, store)).toBe(false);
    for (let k = 1; k <= 9; k++) {
      await store.builds.update(otter.id, { savedAt: start + k * day - 1 });
      expect(await rollCopy(start + k * day, store)).toBe(true);
    }
    const copies = await rollingCopies(store);
    expect(copies.length).toBe(7);
    expect(copies[0]!.at).toBeGreaterThan(copies[1]!.at);
    const backup = await read(copies[0]!.blob);
    expect(backup.builds.length).toBe(3);
    expect(backup.pictures).toEqual([]);
  });
});
