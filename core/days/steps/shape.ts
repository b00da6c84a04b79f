import { CORE_NAME, measureOf, weighIn } from '../../figure/index.ts';
import { weighedTogether } from '../../paste-list/index.ts';
import { carriedBy, type Build, type Piece } from '../../record/index.ts';
import { formatLength, formatMass, labourOf, type Labour } from '../../quantity/index.ts';
import { shapeOf } from '../../solids/index.ts';
import type { Step } from '../types.ts';
import { lower, many, paced, shapeId, type StepMaker } from './types.ts';

const withArticle = (word: string): string => `${/^[aeiou]/.test(word) ? 'an' : 'a'} ${word}`;

/** Paste rolled and eased over a core that has its shape, minutes, by what it weighs. Common practice. */
const DRAPED: Labour = { once: 8, each: 20, size: { usual: 800, power: 0.25 } };

/** A simple sweet: weighed, rolled, one mark; a dozen in eighteen minutes with its case. Common practice. */
const SWEET: Labour = { once: 0, each: 1.8, size: { usual: 14, power: 0.15 } };

/** Pieces of what is made in portions. */
const sweetsOf = ({ portions, ...build }: Build): ReadonlySet<string> =>
  new Set(portions ? carriedBy(build, portions.piece).map((p) => p.id) : []);

/** How closely the makes of a piece are weighed. */
const WITHIN = {
  equal: ', all alike to a fiftieth',
  mirrored: ', both within 5 % of each other',
  varied: '',
  hidden: ', by eye will do',
} as const;

const HIDDEN = {
  none: 'on the hidden side',
  under: 'underneath',
  back: 'at the back',
  front: 'at the front, where something covers it',
  left: 'on the left',
  right: 'on the right',
  top: 'on top, where something covers it',
} as const;
const seamAt = (piece: Piece): string => HIDDEN[piece.hidden];

/** Small ones are weighed together, as many as the scale needs. */
function manyNotes(grams: number, alike: number): string[] {
  if (alike <= 1) return [];
  const together = weighedTogether(grams, alike);
  return [
    together
      ? `${alike} of them; weigh ${together.number} together: ${formatMass(together.grams)}.`
      : `${alike} of them, ${formatMass(grams / alike)} each.`,
  ];
}

/** Weigh, roll the ball, shape. Minutes by how many there are, from the shape's record. */
export const shape: StepMaker = {
  kind: 'shape',
  make: (bench) => {
    const sweets = sweetsOf(bench.build);
    const steps = bench.build.pieces.map((piece): Step => {
      const record = shapeOf(piece.form.kind);
      const n = bench.number(piece);
      const weight = weighIn(bench.build, piece);
      const grams = weight.gross.value;
      const colour = bench.build.colours.find((c) => c.id === piece.colour)!;
      const cored = weight.core.value > 0;
      const sizes = record.sizes
        .filter((s) => s.role === 'length' || s.role === 'thickness')
        .map((s) => `${s.label} ${formatLength(piece.form.sizes[s.key]!)}`)
        .join(', ');
      const { cutLength } = measureOf(piece);
      return {
        id: shapeId(piece.id),
        kind: 'shape' as const,
        title: `Shape the ${lower(piece.name)}${n > 1 ? ` × ${n}` : ''}`,
        notes: [
          `Weigh ${formatMass(grams)} of ${colour.name}${n > 1 ? ` ${n} times` : ''}${WITHIN[piece.tolerance]}.`,
          ...manyNotes(grams, weight.alike),
          record.cut
            ? `Roll it out: ${sizes}.`
            : `Roll ${weight.alike > 1 ? `balls of ${formatLength(weight.ball.value)}` : `a ball of ${formatLength(weight.ball.value)}`}, then ${piece.form.coat ? 'a sheet for the coat' : withArticle(lower(record.name))}: ${sizes}.`,
          ...(cutLength === undefined
            ? []
            : [`Before it is bent or gathered it is ${formatLength(cutLength)} long.`]),
          ...(piece.built === 'foam' ? ['Lay it on foam until it is set in its place.'] : []),
          ...(piece.form.coat
            ? [`Cover the ${CORE_NAME[piece.core]} core ${formatLength(piece.form.coat.thickness)} thick.`]
            : []),
          ...(cored ? [`Press it over the ${CORE_NAME[piece.core]}, gather the seam ${seamAt(piece)}.`] : []),
        ],
        minutes: paced(
          bench,
          'shape',
          labourOf(
            sweets.has(piece.id) ? SWEET : piece.form.coat ? DRAPED : record.labour,
            n * weight.alike,
            weight.gross.value / weight.alike,
          ),
        ),
        piece: piece.id,
        ...many(n * weight.alike, piece.name),
        colour: colour.hex,
        weigh: { grams, ball: weight.ball.value, number: n, colour: colour.hex },
      };
    });
    return { steps, links: [] };
  },
};
