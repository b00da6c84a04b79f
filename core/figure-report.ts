import { extent, height, measureOf, weighIn, type Extent, type Weight } from './figure/index.ts';
import { multiplicity, type Build, type Piece } from './record/index.ts';
import { formatLength, given, reckon, remembered, total, type Reckoned } from './quantity/index.ts';
import { shapeOf } from './solids/index.ts';

/** One piece as the screens show it. */
export interface PieceReport {
  readonly id: string;
  readonly name: string;
  readonly number: number;
  readonly weight: Weight;
  /** Paste of all that are alike. */
  readonly all: Reckoned;
}

export interface FigureReport {
  readonly height: number;
  readonly extent: Extent;
  readonly paste: Reckoned;
  /** Pieces in all, and how wide they stand from left to right. */
  readonly number: Reckoned;
  readonly wide: Reckoned;
  readonly pieces: readonly PieceReport[];
  readonly warnings: readonly string[];
}

const reportOfPiece = remembered((piece: Piece, number: number, weight: Weight): PieceReport => {
  const all = reckon(
    `${piece.name}, all`,
    'g',
    'one × how many',
    [weight.paste, given('How many', number, 'pieces')],
    (g, n) => g * n,
  );
  return { id: piece.id, name: piece.name, number, weight, all };
});

/** A wall thinner than this shows the core through; common practice, mm. */
const THINNEST_COAT = 3;
/** A paste ball as big as the foam ball gives a coat of this share of its diameter; common practice. */
const USUAL_COAT = 0.13;

/** What is asking for trouble in one piece, in words. */
function pieceWarnings(p: Piece): string[] {
  const { form } = p;
  const shape = shapeOf(form.kind);
  const out: string[] = [];
  const coat = form.coat?.thickness ?? (form.kind === 'skinOverBall' ? form.sizes.coat : undefined);
  if (coat !== undefined && coat < THINNEST_COAT)
    out.push(`${p.name}: a coat of ${formatLength(coat)} lets the core show and tears; 3 mm is the least.`);
  else if (form.kind === 'skinOverBall' && p.core === 'foam' && coat! < USUAL_COAT * form.sizes.core! * 0.5)
    out.push(
      `${p.name}: this coat is thin for its ball; a paste ball as big as the foam gives ${formatLength(USUAL_COAT * form.sizes.core!)}.`,
    );
  const warned = shape.warn?.(form.sizes, form);
  if (warned) out.push(`${p.name}: ${warned}`);
  return out;
}

const ODD_LEAST = 0.3;
const ODD_MOST = 2000;

/** What the figure is: its height, its paste, piece by piece, and what asks for trouble. */
export function figureReport(build: Build): FigureReport {
  const pieces = build.pieces.map((p) => reportOfPiece(p, multiplicity(build, p), weighIn(build, p)));
  const warnings = build.pieces.flatMap(pieceWarnings);
  for (const p of build.pieces) {
    const m = measureOf(p);
    const most = Math.max(m.width, m.height);
    if (most > ODD_MOST || most < ODD_LEAST)
      warnings.push(`${p.name} is ${formatLength(most)}: millimetres, or were inches or centimetres meant?`);
  }
  const e = extent(build);
  const r = build.board.width / 2;
  if (build.pieces.length && Math.max(-e.left, e.right, -e.front, e.back) > r * 1.02)
    warnings.push('The figure reaches over the edge of the board.');
  return {
    height: height(build),
    extent: e,
    paste: total(
      'Paste in the figure',
      'g',
      pieces.map((p) => p.all),
    ),
    number: total(
      'Pieces in all',
      'pieces',
      pieces.map((p) => given(p.name, p.number, 'pieces')),
    ),
    wide: reckon(
      'Wide',
      'mm',
      'farthest right − farthest left, from the middle of the board',
      [given('Farthest right', e.right, 'mm'), given('Farthest left', e.left, 'mm')],
      (right, left) => right - left,
    ),
    pieces,
    warnings,
  };
}
