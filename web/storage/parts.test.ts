import { IDBFactory, IDBKeyRange } from 'fake-indexeddb';
import Dexie from 'dexie';
import { describe, expect, it } from 'vitest';
import { asPart } from '@core/edits/index.ts';
import { demoBuild, value } from '../../core/files/demo.testing.ts';
import { SpindleDb } from './db.ts';
import { removePart, savedParts, savePart } from './parts.ts';

const engine = () => ({ indexedDB: new IDBFactory(), IDBKeyRange });
const head = value(asPart(demoBuild('ferryman-otter'), 'head'));

describe('parts of one’s own', () => {
  it('are kept, told by name, and taken off', async () => {
    const store = new SpindleDb('parts', engine());
    const id = value(await savePart(head, store));
    await savePart({ ...head, name: 'A hat' }, store);
    const kept = await savedParts(store);
    expect(kept.map((p) => p.name)).toEqual(['A hat', head.name]);
    expect(kept.find((p) => p.id === id)!.build.pieces).toEqual(head.pieces);
    await removePart(id, store);
    expect((await savedParts(store)).map((p) => p.name)).toEqual(['A hat']);
  });

  it('one that would not open again is refused, one that is damaged is not shown and hides nobody', async () => {
    const store = new SpindleDb('parts', engine());
    const wrong = await savePart({ ...head, pieces: [{ ...head.pieces[0]!, blend: 'nobody' }] }, store);
    expect(wrong.ok).toBe(false);
    await store.parts.add({ id: 'x', name: 'Torn', savedAt: 0, build: { nothing: true } as never });
    await savePart(head, store);
    expect((await savedParts(store)).map((p) => p.name)).toEqual([head.name]);
  });

  it('a browser that has the second version of what is kept gets a place for parts and keeps the rest', async () => {
    const own = engine();
    const old = new Dexie('older', own);
    old.version(2).stores({
      builds: 'id, savedAt',
      pictures: 'id, buildId',
      settings: 'key',
      stock: 'id, ingredient',
      packs: 'ingredient',
      pastes: 'id',
    });
    await old.table('settings').add({ key: 'shown', value: { mass: 'oz', length: 'in' } });
    old.close();
    const store = new SpindleDb('older', own);
    await savePart(head, store);
    expect(await savedParts(store)).toHaveLength(1);
    expect((await store.settings.get('shown'))!.value).toEqual({ mass: 'oz', length: 'in' });
  });
});
