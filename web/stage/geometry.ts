import { groundOf } from '@core/ground/index.ts';
import type { Build } from '@core/record/index.ts';
import type { Extent, Silhouette, View } from '@core/figure/index.ts';
import type { Vec } from '@core/solids/index.ts';
import type { FirmState } from '@core/firming/index.ts';
import type { Surface } from '../drawing/surface.ts';

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

/** How one body is seen on the stage. */
export interface Drawn {
  readonly piece: string;
  readonly surface: Surface;
  /** As it is, only its outline, or pale behind what matters. */
  readonly how: 'plain' | 'unmade' | 'pale' | 'faint' | 'through';
  readonly state: FirmState | undefined;
  /** Something is being pulled. */
  readonly still: boolean;
  readonly chosen: boolean;
  readonly pointed: boolean;
  /** What is said of it where it takes the focus: the first of several alike. */
  readonly says: string | undefined;
  /** Its core shows. */
  readonly core: boolean;
}

/** One body of a build, among those of its piece. */
export const bodyKey = ({ instance }: Silhouette): string => `${instance.piece.id}/${instance.index}`;

/**
 * Bodies in the order in which they were drawn before: one that is pulled does not change places with its neighbours at each
 * move of the hand. One that was not there before comes last.
 */
export function inOrderOf(bodies: Silhouette[], before: readonly Silhouette[] | undefined): Silhouette[] {
  if (!before) return bodies;
  const place = new Map(before.map((s, i) => [bodyKey(s), i]));
  return bodies.sort((a, b) => (place.get(bodyKey(a)) ?? Infinity) - (place.get(bodyKey(b)) ?? Infinity));
}

/** A step on the stage as a step in the board's space. */
export const stepOf = (view: View, dx: number, up: number): Vec =>
  view === 'front' ? [dx, 0, up] : [0, dx, up];

const INCH = 25.4;
/** Steps of a ruler that are read at a glance, in its own unit. */
const STEPS = {
  mm: [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000],
  in: [1 / 8, 1 / 4, 1 / 2, 1, 2, 5, 10, 20],
};
/** Lines of a ruler are at least so far apart on the screen, px. */
const APART = 46;

export interface RulerMark {
  /** Above the board, mm. */
  readonly up: number;
  readonly says: string;
}

const FRACTIONS: Record<number, string> = {
  0.125: '⅛',
  0.25: '¼',
  0.375: '⅜',
  0.5: '½',
  0.625: '⅝',
  0.75: '¾',
  0.875: '⅞',
};

function inches(x: number): string {
  const whole = Math.floor(x + 1e-9);
  const part = FRACTIONS[Math.round((x - whole) * 8) / 8] ?? '';
  return whole || !part ? `${whole}${part}` : part;
}

/**
 * Lines of the ruler in the person's own units, so close that they help and so wide apart that they are read.
 * @param unit millimetres under one pixel
 */
export function rulerMarks({ top, height }: Window, unit: number, length: 'mm' | 'in'): RulerMark[] {
  const mm = length === 'mm' ? 1 : INCH;
  const step = STEPS[length].find((s) => (s * mm) / unit >= APART) ?? STEPS[length].at(-1)!;
  const first = Math.max(0, Math.ceil((top - height) / (step * mm)));
  const last = Math.floor((top - 12 * unit) / (step * mm));
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => {
    const at = (first + i) * step;
    return { up: at * mm, says: length === 'mm' ? String(Number(at.toFixed(3))) : `${inches(at)}″` };
  });
}
