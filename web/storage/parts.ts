import type { Build } from '@core/record/index.ts';
import { fail, ok, type Result } from '@core/quantity/index.ts';
import { db, type SpindleDb, type StoredPart } from './db.ts';
import { sentenceOf } from './builds.ts';
import { reading } from './reading.ts';

/** The parts that were saved, by name; one that cannot be read is left where it is and not shown. */
export async function savedParts(store: SpindleDb = db): Promise<readonly StoredPart[]> {
  const { readRecord } = await reading();
  const all = await store.parts.toArray().catch(() => []);
  return all
    .flatMap((p) => {
      const read = readRecord(p.build);
      return read.ok ? [{ ...p, build: read.value }] : [];
    })
    .sort((a, b) => a.name.localeCompare(b.name));
}

/** Keep a part; refused where it would not open again. */
export async function savePart(build: Build, store: SpindleDb = db): Promise<Result<string>> {
  const { keepable } = await reading();
  const id = crypto.randomUUID();
  const part = { ...build, id };
  const checked = keepable(part);
  if (!checked.ok) return checked;
  try {
    await store.parts.add({ id, name: build.name, savedAt: Date.now(), build: part });
  } catch (error) {
    return fail(sentenceOf(error));
  }
  return ok(id);
}

/** Take a part off; builds that have it keep theirs. */
export const removePart = (id: string, store: SpindleDb = db): Promise<void> => store.parts.delete(id);
