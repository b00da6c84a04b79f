import { db, demoDb, type SpindleDb } from './db.ts';
import { readSetting, writeSetting } from './settings.ts';
import { saveBuild } from './builds.ts';
import type { DemoPicture } from './demo-builds.ts';
import { keepMarks, keepPicture } from './pictures.ts';

const SEEDED = 'demo-seeded';

const APART = 'demo-stores-apart';

/**
 * Put the demonstration builds on the shelf at the first start; deleted ones stay deleted. The demonstration's larder is
 * kept apart: it is nobody's own.
 */
export async function seedDemo(store: SpindleDb = db, larder: SpindleDb = demoDb): Promise<void> {
  const seeded = await readSetting(SEEDED, false, store);
  if (seeded && (await readSetting(APART, false, store))) return;
  // only the first start needs the demonstration itself
  const [{ saturdayAfterNext }, { seedStores, withoutDemoStores }] = await Promise.all([
    import('./demo-builds.ts'),
    import('./demo-stores.ts'),
  ]);
  const due = saturdayAfterNext(new Date()).slice(0, 10);
  if (seeded) await withoutDemoStores(store);
  else await restoreDemo(store);
  await seedStores(due, larder);
  await writeSetting(SEEDED, true, store);
  await writeSetting(APART, true, store);
}

async function withPicture({ id, url, marks }: DemoPicture, store: SpindleDb): Promise<void> {
  if (typeof createImageBitmap === 'undefined') return;
  const kept = await keepPicture(id, await (await fetch(url)).blob(), store);
  if (kept.ok) await keepMarks({ ...kept.value, marks }, store);
}

/** Bring back those demonstration builds that are not on the shelf. @returns how many came back */
export async function restoreDemo(store: SpindleDb = db): Promise<number> {
  const { demoBuilds, DEMO_PICTURES } = await import('./demo-builds.ts');
  let back = 0;
  for (const build of demoBuilds()) {
    if (await store.builds.get(build.id)) continue;
    const saved = await saveBuild(build, undefined, store);
    if (saved.kind !== 'saved') continue;
    back++;
    const picture = DEMO_PICTURES.find((p) => p.id === build.id);
    // without its picture the build is as good
    if (picture) await withPicture(picture, store).catch(() => undefined);
  }
  return back;
}
