import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { db } from '../storage/db.ts';
import { pictureOf } from '../storage/pictures.ts';
import { useReference } from './reference.ts';

const picture = (buildId: string) => ({
  id: crypto.randomUUID(),
  buildId,
  addedAt: 0,
  blob: new Blob(['x']),
  width: 800,
  height: 600,
});

describe('the person’s own picture', () => {
  beforeEach(async () => {
    setActivePinia(createPinia());
    await db.pictures.clear();
  });

  it('measures nothing until a length is known, then everything in its plane', async () => {
    await db.pictures.add(picture('b'));
    const reference = useReference();
    await reference.open('b');
    expect(reference.scale).toBeUndefined();
    expect(reference.lengthBetween([0, 0], [10, 0])).toBeUndefined();
    await reference.mark({ known: { from: [0, 0], to: [300, 400], mm: 250 } });
    expect(reference.scale).toBeCloseTo(0.5, 9);
    const found = reference.lengthBetween([100, 100], [100, 300]);
    expect(found?.ok && found.value.mm).toBeCloseTo(100, 9);
    expect(found?.ok && found.value.error).toBeGreaterThan(0);
  });

  it('keeps what was marked for the next time', async () => {
    await db.pictures.add(picture('b'));
    const reference = useReference();
    await reference.open('b');
    await reference.mark({ known: { from: [0, 0], to: [10, 0], mm: 5 } });
    await reference.mark({ foot: [400, 590] });
    expect((await pictureOf('b'))?.marks).toEqual({
      known: { from: [0, 0], to: [10, 0], mm: 5 },
      foot: [400, 590],
    });
  });

  it('belongs to one build: another opens without it, and nothing lies over its stage', async () => {
    await db.pictures.add(picture('b'));
    const reference = useReference();
    await reference.open('b');
    reference.under = true;
    reference.scheme = 'adult-8';
    await reference.open('c');
    expect(reference.picture).toBeUndefined();
    expect(reference.under).toBe(false);
    expect(reference.landmarksOf).toBeUndefined();
    await reference.open('b');
    expect(reference.picture?.buildId).toBe('b');
  });

  it('is gone when it is removed', async () => {
    await db.pictures.add(picture('b'));
    const reference = useReference();
    await reference.open('b');
    await reference.drop();
    expect(reference.url).toBeUndefined();
    expect(await db.pictures.count()).toBe(0);
  });
});
