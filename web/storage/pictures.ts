import { fail, ok, type Result } from '@core/quantity/index.ts';
import { db, type SpindleDb, type StoredPicture } from './db.ts';

export type { PictureMarks } from './db.ts';

/** Longest side a picture is kept at, pixels. */
export const LONGEST_SIDE = 1600;

/** Size a picture is kept at: never larger than it is, proportions kept. */
export function keptSize(width: number, height: number): { width: number; height: number } {
  const k = Math.min(1, LONGEST_SIDE / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * k)), height: Math.max(1, Math.round(height * k)) };
}

/** Make a picture small enough to keep, in the browser. */
async function downscaled(file: Blob): Promise<{ blob: Blob; width: number; height: number } | undefined> {
  const bitmap = await createImageBitmap(file).catch(() => undefined);
  if (!bitmap) return undefined;
  const size = keptSize(bitmap.width, bitmap.height);
  const canvas = document.createElement('canvas');
  canvas.width = size.width;
  canvas.height = size.height;
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, size.width, size.height);
  bitmap.close();
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', 0.85));
  return blob ? { blob, ...size } : undefined;
}

/** The picture kept with a build. */
export const pictureOf = (buildId: string, store: SpindleDb = db): Promise<StoredPicture | undefined> =>
  store.pictures.where('buildId').equals(buildId).first();

export const removePicture = (buildId: string, store: SpindleDb = db): Promise<number> =>
  store.pictures.where('buildId').equals(buildId).delete();

/** Keep a picture with a build in place of the one before; it never leaves the browser. */
export async function keepPicture(
  buildId: string,
  file: Blob,
  store: SpindleDb = db,
  scale: typeof downscaled = downscaled,
): Promise<Result<StoredPicture>> {
  const small = await scale(file);
  if (!small) return fail('This is not a picture the browser can show. Try a JPEG or PNG.');
  const picture: StoredPicture = { id: crypto.randomUUID(), buildId, addedAt: Date.now(), ...small };
  try {
    await store.transaction('rw', store.pictures, async () => {
      await removePicture(buildId, store);
      await store.pictures.add(picture);
    });
  } catch {
    return fail('There is no room left to keep the picture. The one before is still there.');
  }
  return ok(picture);
}

/** Keep what was marked on a picture, as long as the picture itself is still kept. */
export const keepMarks = (picture: StoredPicture, store: SpindleDb = db): Promise<number> =>
  store.pictures.update(picture.id, { marks: picture.marks });

/** Points of a picture, four bytes each, row by row. */
interface Pixels {
  readonly data: Uint8ClampedArray;
  readonly width: number;
  readonly height: number;
}

/** The nearest point of the old picture for each of the new one; nothing where it would lie outside. */
export function resampled(
  old: Pixels,
  width: number,
  height: number,
  source: (x: number, y: number) => readonly [number, number],
): Uint8ClampedArray<ArrayBuffer> {
  const data = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = source(x, y);
      const [i, j] = [Math.round(u), Math.round(v)];
      if (i < 0 || j < 0 || i >= old.width || j >= old.height) continue;
      const at = 4 * (j * old.width + i);
      data.set(old.data.subarray(at, at + 4), 4 * (y * width + x));
    }
  return data;
}

/** Redraw a picture through a way from straight picture points to the points of the old one. */
export async function redrawn(
  from: Blob,
  width: number,
  height: number,
  source: (x: number, y: number) => readonly [number, number],
): Promise<Blob | undefined> {
  const bitmap = await createImageBitmap(from);
  const canvas = document.createElement('canvas');
  canvas.width = bitmap.width;
  canvas.height = bitmap.height;
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.drawImage(bitmap, 0, 0);
  const old = context.getImageData(0, 0, bitmap.width, bitmap.height);
  bitmap.close();
  const next = new ImageData(resampled(old, width, height, source), width, height);
  canvas.width = width;
  canvas.height = height;
  context.putImageData(next, 0, 0);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', 0.88));
  return blob ?? undefined;
}
