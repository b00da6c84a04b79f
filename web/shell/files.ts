import { fileName, LARGEST_FILE, readBuild, writeBuild } from '@core/files/index.ts';
import type { Build } from '@core/figure/index.ts';
import { fail, type Result } from '@core/quantity/index.ts';

/** Hand a build to the person as a file. */
export function saveToFile(build: Build): void {
  const url = URL.createObjectURL(new Blob([writeBuild(build)], { type: 'application/json' }));
  const a = document.createElement('a');
  a.href = url;
  a.download = fileName(build);
  a.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}

/** Read a build from a file somebody chose; nothing is kept of a wrong one. */
export async function openFile(file: File): Promise<Result<Build>> {
  if (file.size > LARGEST_FILE) return fail('The file is larger than any build: 8 MB is the most.');
  try {
    return readBuild(await file.text());
  } catch {
    return fail('The file could not be read.');
  }
}
