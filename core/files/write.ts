import type { Build } from '../record/index.ts';

export const FILE_EXTENSION = '.spindle.json';
/** Larger than any build and small enough to read without a stall: 8 MB. Estimate. */
export const LARGEST_FILE = 8_000_000;

/** A build as a readable file: two spaces, fields in the order of the format, one line at the end. */
export const writeBuild = (build: Build): string => `${JSON.stringify(build, null, 2)}\n`;

/** A name that any system takes, without its ending. */
export const fileStem = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/[^\w -]+/g, '')
    .trim()
    .replace(/\s+/g, '-')
    .toLowerCase() || 'build';

/** A name for the file that any system takes. */
export const fileName = (build: Build): string => `${fileStem(build.name)}${FILE_EXTENSION}`;
