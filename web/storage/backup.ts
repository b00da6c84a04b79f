import { strFromU8, strToU8, unzipSync, zipSync, type Unzipped, type Zippable } from 'fflate';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  crc32,
  MANIFEST,
  MANIFEST_SUM,
  readManifest,
  readRecord,
  type Manifest,
} from '@core/files/index.ts';
import { fail, ok, type Result } from '@core/quantity/index.ts';
import type { Build } from '@core/record/index.ts';
import { readStores, STORES_FILE, writeStores } from '@core/stores-file.ts';
import type { Stores } from '@core/stores/index.ts';
import {
  db,
  type Setting,
  type SpindleDb,
  type StoredBuild,
  type StoredPart,
  type StoredPicture,
} from './db.ts';
import { lookPicture } from './builds.ts';
import { loadStores } from './stores.ts';

/** Everything in one file: each build its own readable file inside, each picture its own, the stores theirs. */

/** Larger than this nothing is that was made here, bytes: of the archive, and unpacked. */
const MOST = { archive: 500e6, unpacked: 1500e6 } as const;
/** Pictures are packed already. */
const STORED = { level: 0 } as const;
/** Settings that are of this browser alone, and of no other. */
const OF_HERE: ReadonlySet<string> = new Set(['demo-seeded', 'screen']);

/** What a backup is made of, or was read from one: whole and checked. */
export interface Backup {
  readonly made: string;
  readonly builds: readonly StoredBuild[];
  /** Of those, records that could not be read where they were saved either. */
  readonly damaged: ReadonlySet<string>;
  readonly parts: readonly StoredPart[];
  readonly pictures: readonly StoredPicture[];
  readonly stores: Stores | undefined;
  readonly settings: readonly Setting[];
}

/**
 * Unpacked in one go: the library's own workers come from addresses that the page's policy does not let run. A file that says it
 * is larger than anything made here is not unpacked.
 */
function unpacked(bytes: Uint8Array): Unzipped {
  let sum = 0;
  const files = unzipSync(bytes, {
    filter: (f) => {
      sum += f.originalSize;
      return sum <= MOST.unpacked;
    },
  });
  if (sum > MOST.unpacked) throw new Error('too large');
  return files;
}

/** Read everything that is kept at one instant. @param pictures without them it is small */
async function everything(store: SpindleDb, pictures: boolean): Promise<Backup> {
  const [builds, parts, kept, settings] = await store.transaction(
    'r',
    [store.builds, store.parts, store.pictures, store.settings],
    () =>
      Promise.all([
        store.builds.toArray(),
        store.parts.toArray(),
        pictures ? store.pictures.toArray() : [],
        store.settings.toArray(),
      ]),
  );
  return {
    made: new Date().toISOString(),
    builds,
    damaged: new Set(builds.flatMap((b) => (readRecord(b.build).ok ? [] : [b.id]))),
    parts,
    pictures: kept,
    stores: await loadStores(store),
    settings: settings.filter((s) => !OF_HERE.has(s.key)),
  };
}

/** A backup as the bytes of its file. */
export async function packBackup(backup: Backup): Promise<Uint8Array> {
  const files: Zippable = {};
  const put = (file: string, bytes: Uint8Array, plain = false): { file: string; crc: number } => {
    files[file] = plain ? [bytes, STORED] : bytes;
    return { file, crc: crc32(bytes) };
  };
  const text = (file: string, data: unknown) => put(file, strToU8(`${JSON.stringify(data, null, 2)}\n`));
  const pictures: Manifest['pictures'][number][] = [];
  for (const [i, { blob, marks, ...rest }] of backup.pictures.entries())
    pictures.push({
      ...rest,
      // as plain as JSON has it
      ...(marks ? { marks: JSON.parse(JSON.stringify(marks)) as never } : {}),
      mime: blob.type,
      ...put(
        `pictures/${i + 1}.${blob.type === 'image/png' ? 'png' : 'jpg'}`,
        new Uint8Array(await blob.arrayBuffer()),
        true,
      ),
    });
  const manifest: Manifest = {
    format: BACKUP_FORMAT,
    version: BACKUP_VERSION,
    made: backup.made,
    builds: backup.builds.map((b, i) => ({
      id: b.id,
      name: b.name,
      savedAt: b.savedAt,
      ...text(`builds/${i + 1}.spindle.json`, b.build),
      ...(backup.damaged.has(b.id) ? { damaged: true } : {}),
    })),
    parts: backup.parts.map((p, i) => ({
      id: p.id,
      name: p.name,
      savedAt: p.savedAt,
      ...text(`parts/${i + 1}.spindle.json`, p.build),
    })),
    pictures,
    ...(backup.stores ? { stores: put(STORES_FILE, strToU8(writeStores(backup.stores))).crc } : {}),
    settings: backup.settings.map((s) => ({ key: s.key, json: JSON.stringify(s.value ?? null) })),
  };
  const { crc } = text(MANIFEST, manifest);
  put(MANIFEST_SUM, strToU8(String(crc)));
  return zipSync(files);
}

/** Everything that is kept, as a file. */
export async function makeBackup(store: SpindleDb = db, pictures = true): Promise<Blob> {
  const bytes = await packBackup(await everything(store, pictures));
  return new Blob([bytes.slice()], { type: 'application/zip' });
}

/** One build with its pictures: the one behind the figure, those of its log and of what went wrong. */
export async function backupOf(build: Build, store: SpindleDb = db): Promise<Backup> {
  const noted = [...build.log, ...(build.bench.trouble ?? [])].map((x) => lookPicture(x.id));
  const pictures = await store.pictures
    .where('buildId')
    .anyOf([build.id, ...noted])
    .toArray();
  const stored: StoredBuild = { id: build.id, name: build.name, savedAt: Date.now(), revision: 1, build };
  return {
    made: new Date().toISOString(),
    builds: [stored],
    damaged: new Set(),
    parts: [],
    pictures,
    stores: undefined,
    settings: [],
  };
}

/** Whether a backup is one build with its pictures, and nothing else. */
export const isOneBuild = (b: Backup): boolean =>
  b.builds.length === 1 && b.stores === undefined && b.parts.length === 0;

const DAMAGED = 'The backup is damaged, and nothing was changed.';

/** A file of the archive that is as it was when it was put in; undefined where it is not, or not there. */
function whole(files: Unzipped, { file, crc }: { readonly file: string; readonly crc: number }) {
  const bytes = files[file];
  return bytes && crc32(bytes) === crc ? bytes : undefined;
}

function parsed(files: Unzipped, at: { readonly file: string; readonly crc: number }): unknown {
  const bytes = whole(files, at);
  if (!bytes) return undefined;
  try {
    return JSON.parse(strFromU8(bytes));
  } catch {
    return undefined;
  }
}

/** What was set, each from JSON of its own. */
function settingsIn(settings: Manifest['settings']): Result<Setting[]> {
  const set: Setting[] = [];
  for (const { key, json } of settings) {
    try {
      set.push({ key, value: JSON.parse(json) as unknown });
    } catch {
      return fail(`${DAMAGED} What was set in it cannot be read.`);
    }
  }
  return ok(set);
}

/** Read a backup; whole, or not at all. Whatever is wrong with it is said, with the name of what it is wrong with. */
export async function readBackup(file: Blob): Promise<Result<Backup>> {
  if (file.size > MOST.archive) return fail('The file is larger than any backup.');
  let files: Unzipped;
  try {
    files = unpacked(new Uint8Array(await file.arrayBuffer()));
  } catch {
    return fail(`${DAMAGED} It breaks off, or it is no archive.`);
  }
  const list = files[MANIFEST];
  if (!list) return fail('This archive holds no backup of Elm Spindle.');
  const sum = files[MANIFEST_SUM];
  if (!sum || strFromU8(sum) !== String(crc32(list))) return fail(`${DAMAGED} Its list cannot be read.`);
  const manifest = readManifest(strFromU8(list));
  if (!manifest.ok) return fail(`${DAMAGED} ${manifest.problem.text}`);
  const { made, builds, parts, pictures, stores, settings } = manifest.value;
  const read = (kept: Manifest['builds'][number]): Result<Build> => {
    const data = parsed(files, kept);
    if (data === undefined) return fail(`${DAMAGED} “${kept.name}” cannot be read in it.`);
    if (kept.damaged) return ok(data as Build);
    const checked = readRecord(data);
    return checked.ok ? checked : fail(`${DAMAGED} “${kept.name}”: ${checked.problem.text}`);
  };
  const shelf: StoredBuild[] = [];
  for (const b of builds) {
    const build = read(b);
    if (!build.ok) return build;
    shelf.push({ id: b.id, name: b.name, savedAt: b.savedAt, revision: 1, build: build.value });
  }
  const own: StoredPart[] = [];
  for (const p of parts) {
    const build = read(p);
    if (!build.ok) return build;
    own.push({ id: p.id, name: p.name, savedAt: p.savedAt, build: build.value });
  }
  const shown: StoredPicture[] = [];
  for (const { file: path, crc, mime, marks, ...p } of pictures) {
    const bytes = whole(files, { file: path, crc });
    if (!bytes || !isPicture(bytes)) return fail(`${DAMAGED} A picture in it cannot be read.`);
    shown.push({
      ...p,
      ...(marks ? { marks: marks as NonNullable<StoredPicture['marks']> } : {}),
      blob: new Blob([bytes.slice()], { type: /^image\/(png|jpeg|webp)$/.test(mime) ? mime : 'image/jpeg' }),
    });
  }
  let larder: Stores | undefined;
  if (stores !== undefined) {
    const bytes = whole(files, { file: STORES_FILE, crc: stores });
    const told = bytes ? readStores(strFromU8(bytes)) : fail('They cannot be read.');
    if (!told.ok) return fail(`${DAMAGED} The stores in it: ${told.problem.text}`);
    larder = told.value;
  }
  const set = settingsIn(settings);
  if (!set.ok) return set;
  return ok({
    made,
    builds: shelf,
    damaged: new Set(builds.flatMap((b) => (b.damaged ? [b.id] : []))),
    parts: own,
    pictures: shown,
    stores: larder,
    settings: set.value.filter((s) => !OF_HERE.has(s.key)),
  });
}

/** First bytes of JPEG, PNG and WebP (ISO/IEC 10918-1, PNG specification, RFC 9649). */
const STARTS: readonly (readonly number[])[] = [
  [0xff, 0xd8, 0xff],
  [0x89, 0x50, 0x4e, 0x47],
  [0x52, 0x49, 0x46, 0x46],
];
const isPicture = (bytes: Uint8Array): boolean =>
  STARTS.some((start) => start.every((b, i) => bytes[i] === b));
