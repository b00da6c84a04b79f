import type { Build } from '../figure/index.ts';

export const FILE_EXTENSION = '.spindle.json';

/** A build as a readable file: two spaces, fields in the order of the format, one line at the end. */
export const writeBuild = (build: Build): string => `${JSON.stringify(build, null, 2)}\n`;

/** A name for the file that any system takes. */
export const fileName = (build: Build): string =>
  `${
    build.name
      .normalize('NFKD')
      .replace(/[^\w -]+/g, '')
      .trim()
      .replace(/\s+/g, '-')
      .toLowerCase() || 'build'
  }${FILE_EXTENSION}`;
