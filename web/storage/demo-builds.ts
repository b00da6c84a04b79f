import { readBuild } from '@core/files/index.ts';
import type { Build } from '@core/record/index.ts';
import type { PictureMarks } from './pictures.ts';
import trial from '../../demo/trial-acorn.spindle.json?raw';
import acorns from '../../demo/sixty-acorn-sweets.spindle.json?raw';
import cabbage from '../../demo/savoy-cabbage.spindle.json?raw';
import heron from '../../demo/one-legged-heron.spindle.json?raw';
import otter from '../../demo/ferryman-otter.spindle.json?raw';
import millers from '../../demo/two-millers.spindle.json?raw';
import donkey from '../../demo/donkey-with-panniers.spindle.json?raw';
import badger from '../../demo/badgers-head.spindle.json?raw';
import gourd from '../../demo/ribbed-gourd.spindle.json?raw';
import jug from '../../demo/water-jug.spindle.json?raw';
import wheel from '../../demo/mill-wheel.spindle.json?raw';
import lily from '../../demo/lily-and-reeds.spindle.json?raw';
import sign from '../../demo/ferry-sign.spindle.json?raw';
import jugPicture from '../../demo/water-jug.png';

const two = (n: number) => String(n).padStart(2, '0');

/** Saturday after next, three in the afternoon, so that the demonstration plans lie ahead. */
export function saturdayAfterNext(now: Date): string {
  const day = new Date(now);
  day.setDate(day.getDate() + ((6 - day.getDay() + 7) % 7) + 7);
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}T15:00`;
}

export interface DemoPicture {
  readonly id: string;
  readonly url: string;
  readonly marks: PictureMarks;
}

/** A picture that one of them was made from, with what was marked on it. Drawn for the demonstration. */
export const DEMO_PICTURES: readonly DemoPicture[] = [
  {
    id: 'demo-water-jug',
    url: jugPicture,
    marks: { foot: [230, 426], known: { from: [230, 38], to: [230, 426], mm: 180 } },
  },
];

/** The demonstration builds, due in the near future and in this browser's own time zone. */
export function demoBuilds(now = new Date()): Build[] {
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const texts = [
    otter,
    heron,
    cabbage,
    acorns,
    trial,
    millers,
    donkey,
    badger,
    gourd,
    jug,
    wheel,
    lily,
    sign,
  ];
  return texts.map((text) => {
    const read = readBuild(text);
    if (!read.ok) throw new Error(`demonstration build: ${read.problem.text}`);
    return { ...read.value, brief: { ...read.value.brief, due: saturdayAfterNext(now), zone } };
  });
}
