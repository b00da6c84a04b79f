import { readBuild } from '@core/files/index.ts';
import type { Build } from '@core/record/index.ts';
import trial from '../../demo/trial-acorn.spindle.json?raw';
import acorns from '../../demo/sixty-acorn-sweets.spindle.json?raw';
import cabbage from '../../demo/savoy-cabbage.spindle.json?raw';
import heron from '../../demo/one-legged-heron.spindle.json?raw';
import gilded from '../../demo/heron-gilded-wet.spindle.json?raw';
import skewer from '../../demo/heron-on-a-skewer.spindle.json?raw';
import otter from '../../demo/ferryman-otter.spindle.json?raw';
import { db, demoDb, type SpindleDb } from './db.ts';
import { readSetting, writeSetting } from './settings.ts';
import { saveBuild } from './builds.ts';

const SEEDED = 'demo-seeded';

const two = (n: number) => String(n).padStart(2, '0');

/** Saturday after next, three in the afternoon, so that the demonstration plans lie ahead. */
function saturdayAfterNext(now: Date): string {
  const day = new Date(now);
  day.setDate(day.getDate() + ((6 - day.getDay() + 7) % 7) + 7);
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}T15:00`;
}

/** The demonstration builds, due in the near future and in this browser's own time zone. */
export function demoBuilds(now = new Date()): Build[] {
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return [otter, heron, cabbage, acorns, skewer, gilded, trial].map((text) => {
    const read = readBuild(text);
    if (!read.ok) throw new Error(`demonstration build: ${read.problem.text}`);
    return { ...read.value, brief: { ...read.value.brief, due: saturdayAfterNext(now), zone } };
  });
}

const APART = 'demo-stores-apart';

/**
 * Put the demonstration builds on the shelf at the first start; deleted ones stay deleted. The demonstration's larder is
 * kept apart: it is nobody's own.
 */
export async function seedDemo(store: SpindleDb = db, larder: SpindleDb = demoDb): Promise<void> {
  const seeded = await readSetting(SEEDED, false, store);
  if (seeded && (await readSetting(APART, false, store))) return;
  const due = saturdayAfterNext(new Date()).slice(0, 10);
  const { seedStores, withoutDemoStores } = await import('./demo-stores.ts');
  if (seeded) await withoutDemoStores(store);
  else await restoreDemo(store);
  await seedStores(due, larder);
  await writeSetting(SEEDED, true, store);
  await writeSetting(APART, true, store);
}

/** Bring back those demonstration builds that are not on the shelf. @returns how many came back */
export async function restoreDemo(store: SpindleDb = db): Promise<number> {
  let back = 0;
  for (const build of demoBuilds()) {
    if (await store.builds.get(build.id)) continue;
    const saved = await saveBuild(build, undefined, store);
    if (saved.kind === 'saved') back++;
  }
  return back;
}
