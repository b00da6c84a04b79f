import { fail, ok, type Result } from '@core/quantity/index.ts';
import { db, type SpindleDb, type StoredPicture } from './db.ts';

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
