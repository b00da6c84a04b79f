import { weigh, blendOf, CORE_NAME } from '../../figure/index.ts';
import { formatLength, formatMass } from '../../quantity/index.ts';
import { shapeOf } from '../../solids/index.ts';
import { lower, paced, shapeId, type StepMaker } from './types.ts';

/** Minutes in the shape's record are for a piece of this many grams; time goes with the size. Estimate. */
const USUAL_GRAMS = 40;
/** From this many alike on, the hand finds its rhythm. Estimate. */
const MANY = 5;
const RHYTHM = 0.45;

/** Weigh, roll the ball, shape. Minutes from the shape's record. */
export const shape: StepMaker = {
  kind: 'shape',
  name: 'shape',
  make: (bench) => ({
    steps: bench.build.pieces.map((piece) => {
      const record = shapeOf(piece.form.kind);
      const n = bench.number(piece);
      const weight = weigh(piece, blendOf(bench.build, piece));
      const colour = bench.build.colours.find((c) => c.id === piece.colour)!;
      const core = record.core?.(piece.form.sizes);
      const sizes = record.sizes
        .map((s) => `${s.label} ${formatLength(piece.form.sizes[s.key]!)}`)
        .join(', ');
      return {
        id: shapeId(piece.id),
        kind: 'shape' as const,
        title: `Shape the ${lower(piece.name)}${n > 1 ? ` × ${n}` : ''}`,
        notes: [
          `Weigh ${formatMass(weight.paste.value)} of ${colour.name}${n > 1 ? ` ${n} times` : ''}.`,
          record.cut
            ? `Roll it out: ${sizes}.`
            : `Roll a ball of ${formatLength(weight.ball.value)}, then a ${lower(record.name)}: ${sizes}.`,
          ...(core
            ? [`Press it over the ${CORE_NAME[piece.core]} ball, gather the seam on the hidden side.`]
            : []),
        ],
        minutes: paced(
          bench,
          Math.min(1.6, Math.max(0.3, Math.cbrt(weight.whole.value / USUAL_GRAMS))) *
            (record.minutes.first + (n - 1) * record.minutes.next * (n >= MANY ? RHYTHM : 1)),
        ),
        piece: piece.id,
        weigh: { grams: weight.paste.value, ball: weight.ball.value, number: n, colour: colour.hex },
      };
    }),
    links: [],
  }),
};
