import { reading } from '../storage/reading.ts';
import { fileName, LARGEST_FILE, writeBuild } from '@core/files/index.ts';
import type { Build } from '@core/record/index.ts';
import { fail, listed, type Result, capital } from '@core/quantity/index.ts';
import { pictureOf } from '../storage/pictures.ts';

/** Hand something to the person as a file. */
export function saveBlob(blob: Blob, name: string): void {
  const url = URL.createObjectURL(blob);
  const a = document.createElement('a');
  a.href = url;
  a.download = name;
  a.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}

/**
 * Hand a build to the person as a file.
 * @returns what is not in it, in a sentence; undefined where all of it is
 */
export async function saveToFile(build: Build): Promise<string | undefined> {
  saveBlob(new Blob([writeBuild(build)], { type: 'application/json' }), fileName(build));
  const [picture, looks] = await Promise.all([
    pictureOf(build.id).catch(() => undefined),
    Promise.resolve(build.log.filter((l) => l.picture !== undefined).length),
  ]);
  const left = [
    ...(picture ? ['the picture behind the figure'] : []),
    ...(looks > 0 ? [looks === 1 ? 'the picture in the log' : `the ${looks} pictures in the log`] : []),
  ];
  if (left.length === 0) return undefined;
  const several = left.length > 1 || looks > 1;
  return `Saved to a file. ${capital(listed(left))} ${several ? 'are' : 'is'} not in it: ${several ? 'they stay' : 'it stays'} in this browser.`;
}

/** Read a build from a file somebody chose; nothing is kept of a wrong one. */
export async function openFile(file: File): Promise<Result<Build>> {
  if (file.size > LARGEST_FILE) return fail('The file is larger than any build: 8 MB is the most.');
  try {
    const { readBuild } = await reading();
    return readBuild(await file.text());
  } catch {
    return fail('The file could not be read.');
  }
}
