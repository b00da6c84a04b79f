import { reading } from '../storage/reading.ts';
import { fileName, fileStem, LARGEST_FILE, writeBuild } from '@core/files/index.ts';
import type { Build } from '@core/record/index.ts';
import { fail, type Result } from '@core/quantity/index.ts';

/** Hand something to the person as a file. */
export function saveBlob(blob: Blob, name: string): void {
  const url = URL.createObjectURL(blob);
  const a = document.createElement('a');
  a.href = url;
  a.download = name;
  a.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}

/** A build as a file: plain where it has no pictures, else an archive with all of them. */
export async function fileOf(build: Build): Promise<File> {
  const { backupOf, packBackup } = await import('../storage/backup.ts');
  const all = await backupOf(build).catch(() => undefined);
  if (!all?.pictures.length)
    return new File([writeBuild(build)], fileName(build), { type: 'application/json' });
  const bytes = await packBackup(all);
  return new File([bytes.slice()], `${fileStem(build.name)}.spindle.zip`, { type: 'application/zip' });
}

/**
 * Hand a build to the person as a file.
 * @returns what is in it besides, in a sentence; undefined where it is the build alone
 */
export async function saveToFile(build: Build): Promise<string | undefined> {
  const file = await fileOf(build);
  saveBlob(file, file.name);
  return file.type === 'application/zip' ? 'Saved to one file, with its pictures.' : undefined;
}

/** Whether this device can hand files on to another app or person. */
export const canShare = (): boolean => {
  try {
    const probe = new File(['{}'], 'a.json', { type: 'application/json' });
    return navigator.canShare?.({ files: [probe] }) ?? false;
  } catch {
    return false;
  }
};

/** Hand a build on: to a phone beside, to whoever works with it. @returns what went wrong, in a sentence */
export async function handedOn(build: Build): Promise<string | undefined> {
  try {
    await navigator.share({ files: [await fileOf(build)], title: build.name });
    return undefined;
  } catch (error) {
    // thought better of it
    if ((error as { name?: string }).name === 'AbortError') return undefined;
    return 'It could not be handed on from here. Save it to a file instead.';
  }
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
