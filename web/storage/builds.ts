import type { Build } from '@core/record/index.ts';
import { fail, ok, type Result } from '@core/quantity/index.ts';
import { db, type SpindleDb, type StoredBuild } from './db.ts';
import { reading } from './reading.ts';

/** What came of saving: the new revision, or that another tab was faster, or that there is no room. */
export type Saved =
  | { readonly kind: 'saved'; readonly revision: number }
  | { readonly kind: 'conflict'; readonly theirs: StoredBuild }
  | { readonly kind: 'gone' }
  | { readonly kind: 'failed'; readonly text: string };

export const NO_ROOM =
  'The browser has no room left to save in. Your changes are still on screen: save them to a file before you close it.';
const NO_STORE = 'The browser did not let the change be saved. Save the build to a file before you close it.';

/** An error of the browser's store in a sentence. */
export function sentenceOf(error: unknown): string {
  const e = error as { name?: string; inner?: { name?: string } };
  return e.name === 'QuotaExceededError' || e.inner?.name === 'QuotaExceededError' ? NO_ROOM : NO_STORE;
}

/**
 * Save a build in one transaction, only if nobody saved it since `knownRevision`, and only one that would open again.
 * @param knownRevision the revision this tab last read or wrote; undefined for a new build
 */
export async function saveBuild(
  build: Build,
  knownRevision: number | undefined,
  store: SpindleDb = db,
): Promise<Saved> {
  const { keepable } = await reading();
  const checked = keepable(build);
  if (!checked.ok) return { kind: 'failed', text: checked.problem.text };
  try {
    return await store.transaction('rw', store.builds, async (): Promise<Saved> => {
      const there = await store.builds.get(build.id);
      if (there && there.revision !== knownRevision) return { kind: 'conflict', theirs: there };
      if (!there && knownRevision !== undefined) return { kind: 'gone' };
      const revision = (there?.revision ?? 0) + 1;
      await store.builds.put({ id: build.id, name: build.name, savedAt: Date.now(), revision, build });
      return { kind: 'saved', revision };
    });
  } catch (error) {
    return { kind: 'failed', text: sentenceOf(error) };
  }
}

/** Read a build back, checked like a file: a record from an older version is brought forward. */
export async function loadBuild(id: string, store: SpindleDb = db): Promise<Result<StoredBuild>> {
  let stored: StoredBuild | undefined;
  try {
    stored = await store.builds.get(id);
  } catch {
    return fail(
      'The browser does not let this page keep anything (a private window?). Open the build from its file instead.',
    );
  }
  if (!stored) return fail('This build is no longer on the shelf.');
  const { readRecord } = await reading();
  const checked = readRecord(stored.build);
  return checked.ok ? ok({ ...stored, build: checked.value }) : checked;
}

/** Every build of the shelf that can be read; none where the browser keeps nothing. */
export async function savedBuilds(store: SpindleDb = db): Promise<readonly Build[]> {
  const { readRecord } = await reading();
  const all = await store.builds.toArray().catch(() => []);
  return all.flatMap(({ build }) => {
    const read = readRecord(build);
    return read.ok ? [read.value] : [];
  });
}

/** Under what a picture of a look at a piece is kept. */
export const lookPicture = (seen: string): string => `look:${seen}`;

const PLAIN_ID = /^[\w-]{1,80}$/;

/** Put a build on the shelf under a new id when its own is taken. */
export async function shelve(build: Build, store: SpindleDb = db): Promise<Result<string>> {
  const taken = await store.builds.get(build.id);
  // an id from elsewhere has to be one that an address can name
  const own = taken || !PLAIN_ID.test(build.id) ? { ...build, id: crypto.randomUUID() } : build;
  const saved = await saveBuild(own, undefined, store);
  if (saved.kind === 'saved') return ok(own.id);
  return fail(saved.kind === 'failed' ? saved.text : NO_STORE);
}

/** Pictures of looks that a build speaks of; a damaged record speaks of none. */
function looksOf(build: unknown): string[] {
  const { log, bench } = (build ?? {}) as Partial<Build>;
  const seen: readonly unknown[] = [log, bench?.trouble].flat();
  return (seen as ({ id?: string } | null | undefined)[]).flatMap((s) =>
    typeof s?.id === 'string' ? [lookPicture(s.id)] : [],
  );
}

/** Take a build off the shelf, whatever is wrong with it, with its pictures; those a copy of it speaks of too stay. */
export async function removeBuild(id: string, store: SpindleDb = db): Promise<void> {
  await store.transaction('rw', store.builds, store.pictures, async () => {
    const mine = looksOf((await store.builds.get(id))?.build);
    const others = new Set<string>();
    // only where there is a picture to lose is the whole shelf asked
    if (mine.length > 0)
      await store.builds.each((b) => {
        if (b.id !== id) for (const look of looksOf(b.build)) others.add(look);
      });
    const gone = mine.filter((look) => !others.has(look));
    await store.pictures.where('buildId').anyOf(gone).delete();
    await store.builds.delete(id);
    await store.pictures.where('buildId').equals(id).delete();
  });
}
