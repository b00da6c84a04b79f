import type { Mark } from './pages.ts';

/** How a line is drawn on paper: width and dashes, mm, and its colour. */
export interface Stroke {
  readonly width: number;
  readonly dash: readonly number[];
  readonly colour: string;
}

type Tone = Extract<Mark, { kind: 'line' }>['tone'];

/** Read without colour: the knife follows the whole line, what it belongs to is dashed. */
export const STROKES: Readonly<Record<Tone, Stroke>> = {
  cut: { width: 0.4, dash: [], colour: '#1d2422' },
  drawn: { width: 0.25, dash: [2, 1.4], colour: '#a51d33' },
  help: { width: 0.2, dash: [1, 1.5], colour: '#7b8480' },
  thin: { width: 0.15, dash: [], colour: '#7b8480' },
  bar: { width: 0.3, dash: [], colour: '#1d2422' },
};
export const INK = '#1d2422';
