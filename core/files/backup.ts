import { fail, ok, type Result } from '../quantity/index.ts';
import { validateManifest } from './generated/validate-manifest.js';
import { BACKUP_FORMAT, BACKUP_VERSION, type Manifest } from './manifest.ts';
import { sentence } from './sentences.ts';

export { crc32 } from './crc.ts';
export { BACKUP_FORMAT, BACKUP_VERSION, MANIFEST, MANIFEST_SUM, type Manifest } from './manifest.ts';

/** Read the list of a backup; everything in it is checked before any of it is used. */
export function readManifest(text: string): Result<Manifest> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return fail('The list of what is in it is damaged.');
  }
  const { format, version } = (data ?? {}) as { format?: unknown; version?: unknown };
  if (format !== BACKUP_FORMAT) return fail('It holds no backup of Elm Spindle.');
  if (typeof version === 'number' && version > BACKUP_VERSION)
    return fail(`It was made by a newer Elm Spindle (format ${version}).`);
  if (!validateManifest(data)) {
    const error = validateManifest.errors?.[0];
    return fail(error ? sentence(error, data) : 'Something in the list of what is in it is not right.');
  }
  const files = [...data.builds, ...data.parts, ...data.pictures].map((f) => f.file);
  if (new Set(files).size < files.length) return fail('Two things in it lie in the same file.');
  for (const all of [data.builds, data.parts, data.pictures])
    if (new Set(all.map((x) => x.id)).size < all.length) return fail('Two things in it have the same id.');
  return ok(data);
}
