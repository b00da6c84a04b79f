import { field, type Of } from '../quantity/index.ts';

/** What is in a backup: the list of everything, beside which each build lies as its own file and each picture as its own. */

const { anyNumber, flag, list, number, only, optional, record, text, whole } = field;

export const BACKUP_FORMAT = 'elm-spindle-backup';
/** Derived: one more with every change of the list. */
export const BACKUP_VERSION = 1;
/** What the list is called inside the archive. */
export const MANIFEST = 'backup.json';
/** And where its own CRC-32 stands, as digits. */
export const MANIFEST_SUM = 'backup.crc32';

const stamp = number(0, 8.64e15);
const path = text(200, 1);
/** CRC-32 of a file. */
const crc = whole(0, 0xffffffff);

/** A build or a part, and the file it lies in. */
const kept = record({
  id: text(80, 1),
  name: text(200),
  savedAt: stamp,
  file: path,
  crc,
  /** It could not be read where it was saved either; it is kept as it was. */
  damaged: optional(flag),
});

const spot = list(anyNumber, 2, 2);
const marks = record({
  known: optional(record({ from: spot, to: spot, mm: number(0, 1e6) })),
  foot: optional(spot),
  measured: optional(list(record({ from: spot, to: spot }), 500)),
  corners: optional(record({ at: list(spot, 4), wide: number(0, 1e6), tall: number(0, 1e6) })),
});

const picture = record({
  id: text(80, 1),
  /** The build, the look or the batch it belongs to. */
  buildId: text(200, 1),
  addedAt: stamp,
  width: whole(1, 20_000),
  height: whole(1, 20_000),
  mime: text(80),
  file: path,
  crc,
  marks: optional(marks),
});

export const manifestRecord = record({
  format: only(BACKUP_FORMAT),
  version: only(BACKUP_VERSION),
  /** When it was made, ISO with its zone. */
  made: field.instant,
  builds: list(kept, 20_000),
  parts: list(kept, 5000),
  pictures: list(picture, 50_000),
  /** The stores lie beside it; their CRC-32. */
  stores: optional(crc),
  /** What was set, each as JSON of its own. */
  settings: list(record({ key: text(200, 1), json: text(1_000_000) }), 5000),
});

/** The list of everything in a backup. */
export interface Manifest extends Of<typeof manifestRecord> {}
