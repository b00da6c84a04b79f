import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { SpindleDb } from './db.ts';
import {
  keepMarks,
  keepPicture,
  keptSize,
  LONGEST_SIDE,
  pictureOf,
  removePicture,
  resampled,
} from './pictures.ts';

let store: SpindleDb;
let n = 0;
beforeEach(() => {
  store = new SpindleDb(`pictures-${n++}`);
});
const file = new Blob(['as it came'], { type: 'image/png' });
const scaledTo = (text: string, width = 800, height = 600) =>
  Promise.resolve({ blob: new Blob([text], { type: 'image/jpeg' }), width, height });

describe('the size a picture is kept at', () => {
  it('is never larger than it was nor than the longest side, in its own proportions', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12_000 }),
        fc.integer({ min: 1, max: 12_000 }),
        (width, height) => {
          const kept = keptSize(width, height);
          expect(kept.width).toBeLessThanOrEqual(Math.min(width, LONGEST_SIDE));
          expect(kept.height).toBeLessThanOrEqual(Math.min(height, LONGEST_SIDE));
          expect(Math.min(kept.width, kept.height)).toBeGreaterThanOrEqual(1);
          // the shorter side is the true one to half a point, or one point where it would be less
          const [long, short] = [Math.max(width, height), Math.min(width, height)];
          const exact = (short * Math.max(kept.width, kept.height)) / long;
          const off = Math.abs(Math.min(kept.width, kept.height) - exact);
          expect(off).toBeLessThanOrEqual(exact < 1 ? 1 : 0.5 + 1e-9);
        },
      ),
    );
    expect(keptSize(4000, 3000)).toEqual({ width: 1600, height: 1200 });
    expect(keptSize(640, 480)).toEqual({ width: 640, height: 480 });
  });
});

describe('a picture redrawn', () => {
  /** A picture whose points say where they are: across in red, down in green. */
  const old = (width: number, height: number) => {
    const data = new Uint8ClampedArray(4 * width * height);
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) data.set([x, y, 7, 255], 4 * (y * width + x));
    return { data, width, height };
  };
  const at = (data: Uint8ClampedArray, width: number, x: number, y: number) => [
    ...data.subarray(4 * (y * width + x), 4 * (y * width + x) + 4),
  ];

  it('takes each point from where it is seen: turned by a quarter, wide becomes tall', () => {
    const turned = resampled(old(5, 3), 3, 5, (x, y) => [y, 2 - x]);
    for (let y = 0; y < 5; y++)
      for (let x = 0; x < 3; x++) expect(at(turned, 3, x, y)).toEqual([y, 2 - x, 7, 255]);
  });

  it('rounds to the nearest point and leaves clear what lies outside', () => {
    const moved = resampled(old(4, 4), 4, 4, (x, y) => [x + 0.6, y - 1.4]);
    expect(at(moved, 4, 0, 1)).toEqual([1, 0, 7, 255]);
    expect(at(moved, 4, 2, 3)).toEqual([3, 2, 7, 255]);
    expect(at(moved, 4, 0, 0)).toEqual([0, 0, 0, 0]);
    expect(at(moved, 4, 3, 2)).toEqual([0, 0, 0, 0]);
  });
});

describe('keeping a picture with a build', () => {
  it('puts it in the place of the one before, and only there', async () => {
    await keepPicture('heron', file, store, () => scaledTo('first'));
    await keepPicture('otter', file, store, () => scaledTo('other'));
    const second = await keepPicture('heron', file, store, () => scaledTo('second', 900, 700));
    expect(second.ok).toBe(true);
    expect(await store.pictures.count()).toBe(2);
    expect(await pictureOf('heron', store)).toMatchObject({ width: 900, height: 700 });
    expect(await pictureOf('otter', store)).toMatchObject({ width: 800 });
    await removePicture('heron', store);
    expect(await pictureOf('heron', store)).toBeUndefined();
    expect(await pictureOf('otter', store)).toBeDefined();
  });

  it('says so when it is no picture, and leaves the one that is there', async () => {
    await keepPicture('heron', file, store, () => scaledTo('first'));
    const refused = await keepPicture('heron', file, store, () => Promise.resolve(undefined));
    expect(!refused.ok && refused.problem.text).toMatch(/not a picture/);
    expect(await pictureOf('heron', store)).toBeDefined();
  });

  it('on a full disk keeps the one before', async () => {
    const before = await keepPicture('heron', file, store, () => scaledTo('first'));
    store.pictures.hook('creating', () => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    const refused = await keepPicture('heron', file, store, () => scaledTo('second'));
    expect(!refused.ok && refused.problem.text).toMatch(/no room left/);
    expect((await pictureOf('heron', store))!.id).toBe(before.ok && before.value.id);
  });

  it('keeps what was marked on it, and marks nothing that is gone', async () => {
    const kept = await keepPicture('heron', file, store, () => scaledTo('first'));
    if (!kept.ok) throw new Error(kept.problem.text);
    const marks = { known: { from: [10, 20], to: [10, 220], mm: 100 }, foot: [60, 300] } as const;
    expect(await keepMarks({ ...kept.value, marks }, store)).toBe(1);
    expect((await pictureOf('heron', store))!.marks).toEqual(marks);
    await removePicture('heron', store);
    expect(await keepMarks({ ...kept.value, marks }, store)).toBe(0);
  });
});
