import { readBuild } from '@core/files/index.ts';
import type { Build } from '@core/record/index.ts';
import trial from '../../demo/trial-acorn.spindle.json?raw';
import acorns from '../../demo/sixty-acorn-sweets.spindle.json?raw';
import cabbage from '../../demo/savoy-cabbage.spindle.json?raw';
import heron from '../../demo/one-legged-heron.spindle.json?raw';
import gilded from '../../demo/heron-gilded-wet.spindle.json?raw';
import skewer from '../../demo/heron-on-a-skewer.spindle.json?raw';
import otter from '../../demo/ferryman-otter.spindle.json?raw';

const two = (n: number) => String(n).padStart(2, '0');

/** Saturday after next, three in the afternoon, so that the demonstration plans lie ahead. */
export function saturdayAfterNext(now: Date): string {
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
