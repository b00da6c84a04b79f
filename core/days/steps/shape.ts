import { blendOf, CORE_NAME, measureOf, weighIn, type Weight } from '../../figure/index.ts';
import { blendDensity } from '../../pastes/index.ts';
import { weighedTogether } from '../../paste-list/index.ts';
import { carriedBy, type Build, type Piece } from '../../record/index.ts';
import {
  formatLength,
  formatMass,
  labourOf,
  type Grams,
  type Labour,
  type Mm,
} from '../../quantity/index.ts';
import { coverOver, type Over, type Panel, type Sheet } from '../../covers/index.ts';
import { ballFromMass, shapeOf } from '../../solids/index.ts';
import type { Step } from '../types.ts';
import { lower, many, paced, shapeId, type StepMaker } from './types.ts';

const withArticle = (word: string): string => `${/^[aeiou]/.test(word) ? 'an' : 'a'} ${word}`;

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

/** What is weighed for one of a piece, and how it becomes that piece. */
interface Making {
  readonly grams: Grams;
  readonly ball: Mm;
  readonly labour: Labour;
  readonly says: readonly string[];
}

/** A core under a sheet: rolled in one go, laid on, and what is over comes off again. */
function sheetMaking(
  { way, sheet, thick, labour, says }: Over & { sheet: Sheet },
  core: string,
  rho: number,
): Making {
  const { round, rolled, off } = sheet;
  return {
    grams: rolled.value,
    ball: ballFromMass(rolled.value, rho),
    labour,
    says: [
      `Roll a round of ${formatLength(round.value)}, ${formatLength(thick)} thick, for the ${core}.`,
      ...way.order,
      `About ${formatMass(off.value)} come off again: knead them back.`,
      ...says,
    ],
  };
}

/** Panels cut to fit, in words: a round, a strip. */
const panelWords = ({ kind, name, sizes }: Panel): string => {
  const [a, b] = sizes.map((s) => formatLength(s.value));
  if (kind === 'round') return `${name.toLowerCase()}: a round of ${a}`;
  return kind === 'strip'
    ? `${name.toLowerCase()}: a strip of ${a} by ${b}`
    : `${name.toLowerCase()}: bent, by its paper`;
};

/** A core that is covered with panels, each cut for itself. */
function panelMaking(
  { way, thick, labour, panels }: Over & { panels: readonly Panel[] },
  weight: Weight,
  core: string,
): Making {
  return {
    grams: weight.gross.value,
    ball: weight.ball.value,
    labour,
    says: [
      `Roll it out ${formatLength(thick)} thick and cut, for the ${core}, ${panels.map(panelWords).join('; ')}.`,
      ...way.order,
    ],
  };
}

/** A core under a lump of its own. */
function lumpMaking(piece: Piece, weight: Weight, { way, thick, labour }: Over): Making {
  return {
    grams: weight.gross.value,
    ball: weight.ball.value,
    labour,
    says: [
      `Roll a ball of ${formatLength(weight.ball.value)} for the ${CORE_NAME[piece.core]} core, ${formatLength(thick)} all round.`,
      ...way.order,
      `The seam goes ${seamAt(piece)}.`,
    ],
  };
}

function plainMaking(piece: Piece, weight: Weight): Making {
  const record = shapeOf(piece.form.kind);
  const sizes = record.sizes
    .filter((s) => s.role === 'length' || s.role === 'thickness')
    .map((s) => `${s.label} ${formatLength(piece.form.sizes[s.key]!)}`)
    .join(', ');
  const ball = formatLength(weight.ball.value);
  return {
    grams: weight.gross.value,
    ball: weight.ball.value,
    labour: record.labour,
    says: [
      record.cut
        ? `Roll it out: ${sizes}.`
        : `Roll ${weight.alike > 1 ? `balls of ${ball}` : `a ball of ${ball}`}, then ${withArticle(lower(record.name))}: ${sizes}.`,
    ],
  };
}

function makingOf(build: Build, piece: Piece, weight: Weight): Making {
  const blend = blendOf(build, piece);
  const over = coverOver(piece, blend);
  if (!over) return plainMaking(piece, weight);
  const { sheet, panels } = over;
  const core = `${CORE_NAME[piece.core]} core`;
  if (sheet) return sheetMaking({ ...over, sheet }, core, blendDensity(blend).value);
  return panels ? panelMaking({ ...over, panels }, weight, core) : lumpMaking(piece, weight, over);
}

/** Weigh, roll the ball, shape. Minutes by how many there are, from the shape's record. */
export const shape: StepMaker = {
  kind: 'shape',
  make: (bench) => {
    const sweets = sweetsOf(bench.build);
    const steps = bench.build.pieces.map((piece): Step => {
      const n = bench.number(piece);
      const weight = weighIn(bench.build, piece);
      const { grams, ball, labour, says } = makingOf(bench.build, piece, weight);
      const colour = bench.build.colours.find((c) => c.id === piece.colour)!;
      const { cutLength } = measureOf(piece);
      return {
        id: shapeId(piece.id),
        kind: 'shape' as const,
        title: `Shape the ${lower(piece.name)}${n > 1 ? ` × ${n}` : ''}`,
        notes: [
          `Weigh ${formatMass(grams)} of ${colour.name}${n > 1 ? ` ${n} times` : ''}${WITHIN[piece.tolerance]}.`,
          ...manyNotes(grams, weight.alike),
          ...says,
          ...(cutLength === undefined
            ? []
            : [`Before it is bent or gathered it is ${formatLength(cutLength)} long.`]),
          ...(piece.halves ? ['Cut it in two halves: they meet on the hidden side and opposite.'] : []),
          ...(piece.built === 'foam' ? ['Lay it on foam until it is set in its place.'] : []),
        ],
        minutes: paced(
          bench,
          'shape',
          labourOf(
            sweets.has(piece.id) ? SWEET : labour,
            n * weight.alike,
            weight.gross.value / weight.alike,
          ),
        ),
        piece: piece.id,
        ...many(n * weight.alike, piece.name),
        colour: colour.hex,
        weigh: { grams, ball, number: n, colour: colour.hex },
      };
    });
    return { steps, links: [] };
  },
};
