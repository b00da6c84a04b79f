import { openFile } from '../shell/files.ts';
import { shelve } from '../storage/builds.ts';

/** What came of a file somebody chose: a build on the shelf, a backup to look into, or a sentence. */
export type Taken =
  | { readonly kind: 'build'; readonly id: string }
  | { readonly kind: 'backup' }
  | { readonly kind: 'wrong'; readonly says: string };

/** Take a file in: a build, one with its pictures, or a backup, which is looked into first; nothing is kept of a wrong one. */
export async function takeFile(file: File): Promise<Taken> {
  const { isArchive } = await import('../storage/archive.ts');
  if (await isArchive(file)) return takeArchive(file);
  const read = await openFile(file);
  if (!read.ok)
    return { kind: 'wrong', says: `${file.name} was not opened. ${read.problem.text} Nothing was changed.` };
  const shelved = await shelve(read.value);
  return shelved.ok ? { kind: 'build', id: shelved.value } : { kind: 'wrong', says: shelved.problem.text };
}

async function takeArchive(file: File): Promise<Taken> {
  const [{ isOneBuild, readBackup }, { shelveWithPictures }] = await Promise.all([
    import('../storage/backup.ts'),
    import('../storage/restore.ts'),
  ]);
  const read = await readBackup(file);
  if (!read.ok) return { kind: 'wrong', says: `${file.name} was not opened. ${read.problem.text}` };
  if (!isOneBuild(read.value)) return { kind: 'backup' };
  const shelved = await shelveWithPictures(read.value);
  return shelved.ok ? { kind: 'build', id: shelved.value } : { kind: 'wrong', says: shelved.problem.text };
}
