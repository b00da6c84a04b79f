import {
  byFormula,
  formatLength,
  formula,
  given,
  reckon,
  type Mm,
  type Reckoned,
} from '../quantity/index.ts';
import { fromBuild } from '../record/index.ts';

/** The strip round the edge of the board: how wide it has to be, how long, and whether the one there is does. */
export interface RibbonBand {
  readonly edge: Reckoned;
  readonly length: Reckoned;
  readonly says: string;
  readonly holds: boolean;
}

/** A ribbon laps over by so much, mm; common practice. */
const RIBBON_LAP: Mm = 20;
const ROUND_RIBBON = formula({
  name: 'Ribbon',
  takes: ['mm', 'mm'],
  unit: 'mm',
  rule: 'π d + lap',
  f: (d, lap) => Math.PI * d + lap,
});
const SQUARE_RIBBON = formula({ ...ROUND_RIBBON, rule: '4 a + lap', f: (a, lap) => 4 * a + lap });

function widthSays(off: Mm, edge: Mm): string {
  if (Math.abs(off) < 0.5) return 'It is as wide as the edge.';
  return off > 0
    ? `It stands ${formatLength(off)} over the edge: take one of ${formatLength(edge)}, or thicker paste.`
    : `It leaves ${formatLength(-off)} of the edge bare.`;
}

/** The ribbon of a board: drum and paste together are as high as it is wide (common practice). */
export const ribbonOf = fromBuild(['board'], ({ board }): RibbonBand | undefined => {
  if (!board.ribbon) return undefined;
  const edge = reckon(
    'Edge of the board',
    'mm',
    'board + its cover',
    [given('Board', board.thickness, 'mm'), given('Cover', board.cover?.thickness ?? 0, 'mm')],
    (a, b) => a + b,
  );
  const off = board.ribbon.width - edge.value;
  return {
    edge,
    length: byFormula(board.shape === 'round' ? ROUND_RIBBON : SQUARE_RIBBON, [
      given('Board, across', board.width, 'mm'),
      given('Lap', RIBBON_LAP, 'mm', 'common practice'),
    ]),
    says: widthSays(off, edge.value),
    holds: off < 0.5,
  };
});
