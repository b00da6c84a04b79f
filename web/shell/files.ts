import { fileName, LARGEST_FILE, readBuild, writeBuild } from '@core/files/index.ts';
import type { Build } from '@core/figure/index.ts';
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

/** Hand a build to the person as a file. */
export const saveToFile = (build: Build): void =>
  saveBlob(new Blob([writeBuild(build)], { type: 'application/json' }), fileName(build));

/** Read a build from a file somebody chose; nothing is kept of a wrong one. */
export async function openFile(file: File): Promise<Result<Build>> {
  if (file.size > LARGEST_FILE) return fail('The file is larger than any build: 8 MB is the most.');
  try {
    return readBuild(await file.text());
  } catch {
    return fail('The file could not be read.');
  }
}
