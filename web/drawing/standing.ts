import { extent } from '@core/figure/index.ts';
import { groundOf } from '@core/ground/index.ts';
import type { Build } from '@core/record/index.ts';

/** Room round a figure that is drawn small, and how high the least of them is drawn, mm. */
const [SIDE, OVER, LEAST] = [4, 6, 60];

/** What a figure takes of the picture from the front with what it stands on, mm, up positive. */
export function standingBox(build: Build): { left: number; top: number; width: number; height: number } {
  const e = extent(build);
  const { layers, table } = groundOf(build);
  const r = Math.max(...layers.map((l) => l.width)) / 2;
  const left = Math.min(e.left, -r) - SIDE;
  const top = Math.max(LEAST, e.top) + OVER;
  return { left, top, width: Math.max(e.right, r) + SIDE - left, height: top - table + 2 };
}
