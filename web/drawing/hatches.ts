import type { FirmState } from '@core/firming/index.ts';

/** How a firmness is hatched: each its own kind of line, darker the firmer, so that it reads without colour and prints. */
export interface Hatch {
  readonly state: FirmState;
  /** Side of the square that repeats. */
  readonly gap: number;
  readonly width: number;
  /** Degrees. */
  readonly turn: number;
  readonly path: string;
}

const line = (gap: number): string => `M0 ${gap / 2}H${gap}`;
const cross = (gap: number): string => `M0 ${gap / 2}H${gap}M${gap / 2} 0V${gap}`;

/** From fresh to finished: dots, wide dashes, lines one way, closer lines the other way, a net, a close net. */
export const HATCHES: readonly Hatch[] = [
  { state: 'soft', gap: 12, width: 1.3, turn: 45, path: 'M6 6h0.01' },
  { state: 'skinned', gap: 10, width: 1, turn: 45, path: 'M1 5H6.5' },
  { state: 'posed', gap: 8.5, width: 1.1, turn: -45, path: line(8.5) },
  { state: 'firm', gap: 5.4, width: 1.2, turn: 45, path: line(5.4) },
  { state: 'set', gap: 6.2, width: 1.1, turn: 45, path: cross(6.2) },
  { state: 'dry', gap: 4, width: 1.2, turn: 45, path: cross(4) },
];

/** Hatches on a bead are smaller than on the figure. */
export const BEAD = 0.7;
