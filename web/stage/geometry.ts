import { groundOf } from '@core/ground/index.ts';
import type { Build } from '@core/record/index.ts';
import type { Extent, Silhouette, View } from '@core/figure/index.ts';
import type { Vec } from '@core/solids/index.ts';

/** Room left round the figure, mm, so that ruler, handles and letters have a place. */
const MARGIN = { side: 12, ruler: 20, top: 16, bottom: 30 };

export interface Window {
  readonly left: number;
  readonly width: number;
  readonly top: number;
  readonly height: number;
}

/** What of the board's space the stage shows in a view, mm; the figure and its board always fit. */
export function windowOf(build: Build, extent: Extent, view: View): Window {
  const { layers, table } = groundOf(build);
  const r = Math.max(...layers.map((l) => l.width)) / 2;
  const low = Math.min(view === 'front' ? extent.left : extent.front, -r);
  const high = Math.max(view === 'front' ? extent.right : extent.back, r);
  const top = Math.max(extent.top, 60) + MARGIN.top;
  return {
    left: low - MARGIN.side - MARGIN.ruler,
    width: high - low + 2 * MARGIN.side + MARGIN.ruler,
    top,
    height: top - table + MARGIN.bottom,
  };
}

/** SVG path of outlines; up is negative in SVG. */
export const outlinePath = (outlines: Silhouette['outlines']): string =>
  outlines.map((o) => `M${o.map(([x, z]) => `${x.toFixed(2)} ${(-z).toFixed(2)}`).join('L')}Z`).join('');

/** SVG path of a silhouette. A cut piece not made yet is only its front outline. */
export const pathOf = (s: Silhouette, bare = false): string =>
  outlinePath(bare && s.instance.body.type === 'flat' ? s.outlines.slice(0, 1) : s.outlines);

/** A step on the stage as a step in the board's space. */
export const stepOf = (view: View, dx: number, up: number): Vec =>
  view === 'front' ? [dx, 0, up] : [0, dx, up];

/** Lines of the millimetre ruler. */
export function rulerMarks(top: number): number[] {
  const every = top > 420 ? 100 : top > 60 ? 50 : 10;
  return Array.from({ length: Math.floor(top / every) + 1 }, (_, i) => i * every);
}
