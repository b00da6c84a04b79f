import { extent, type View } from '@core/figure/index.ts';
import { groundOf } from '@core/ground/index.ts';
import type { Build } from '@core/record/index.ts';

/** Room round a figure that is drawn small, and how high the least of them is drawn, mm. */
const [SIDE, OVER, LEAST] = [4, 6, 60];

/** What a figure takes of the picture with what it stands on, mm, up positive. */
export function standingBox(
  build: Build,
  view: View = 'front',
): { left: number; top: number; width: number; height: number } {
  const e = extent(build);
  const { layers, table } = groundOf(build);
  const r = Math.max(...layers.map((l) => l.width)) / 2;
  const [from, to] =
    view === 'front' ? [e.left, e.right] : [Math.min(e.front, e.back), Math.max(e.front, e.back)];
  const left = Math.min(from, -r) - SIDE;
  const top = Math.max(LEAST, e.top) + OVER;
  return { left, top, width: Math.max(to, r) + SIDE - left, height: top - table + 2 };
}
