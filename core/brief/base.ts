import { fail, formatLength, ok, parseQuantity, type Result, type Shown } from '../quantity/index.ts';
import { startOf } from '../starts/index.ts';
import { plainly } from './matching.ts';
import type { Base, Blank } from './types.ts';

/** A cake is so high where nothing is said, mm; common practice, 4 in. */
const CAKE_HIGH = 100;
/** And so wide, 8 in. */
const CAKE_WIDE = 203.2;
/** Sizes beyond which a unit is wrong, mm. Estimate. */
const LEAST = { board: 60, cake: 80, high: 20 };
const MOST = { board: 1000, cake: 600, high: 300 };

/** `8 in`, `20 cm`, or a bare number beside another with a unit. */
function lengthIn(text: string, unit: string | undefined, shown: Shown): number | undefined {
  const read = parseQuantity(
    'length',
    unit && !/[a-z"″']/.test(text) ? `${text} ${unit}` : text,
    shown.length,
  );
  return read.ok ? read.value : undefined;
}

const NUMBER = String.raw`(?:\d+ \d+/\d+|\d+(?:[.,]\d+)?|\d+/\d+)`;
const SIZES = new RegExp(
  `(${NUMBER})\\s*(mm|cm|in(?:ch(?:es)?)?|"|″)?(?:\\s*(?:x|×|by)\\s*(${NUMBER})\\s*(mm|cm|in(?:ch(?:es)?)?|"|″)?)?`,
);

function boardOf(shape: Base['shape'], width: number | undefined, shown: Shown): Result<Base> {
  if (width === undefined) return ok({ kind: 'board', shape });
  return width >= LEAST.board && width <= MOST.board
    ? ok({ kind: 'board', shape, width })
    : fail(
        `A board is between ${formatLength(LEAST.board, shown)} and ${formatLength(MOST.board, shown)} wide.`,
      );
}

function cakeOf(shape: Base['shape'], width: number, height: number, shown: Shown): Result<Base> {
  return width >= LEAST.cake && width <= MOST.cake && height >= LEAST.high && height <= MOST.high
    ? ok({ kind: 'cake', shape, width, height })
    : fail(
        `A cake is between ${formatLength(LEAST.cake, shown)} and ${formatLength(MOST.cake, shown)} wide, and at most ${formatLength(MOST.high, shown)} high.`,
      );
}

/** What it stands on. */
export const baseBlank: Blank<Base> = {
  key: 'base',
  label: 'Stands on',
  example: 'a board, a 25 cm square board, an 8 in round cake or a cake 10 x 4 in',
  words: (base, _, { shown }) => {
    const wide = (mm: number) => formatLength(mm, shown);
    const article = (size: string) => (/^(8|11|18)/.test(size) ? 'an' : 'a');
    if (base.kind === 'board')
      return base.width === undefined
        ? `a ${base.shape} board`
        : `${article(wide(base.width))} ${wide(base.width)} ${base.shape} board`;
    const high = base.height === CAKE_HIGH ? '' : `, ${wide(base.height)} high`;
    return `${article(wide(base.width))} ${wide(base.width)} ${base.shape} cake${high}`;
  },
  read: (text, said, { shown }) => {
    const clean = plainly(text);
    const shape = /square/.test(clean) ? 'square' : 'round';
    const cake = /cake|tier/.test(clean);
    if (!cake && !/board|drum|plate|stand/.test(clean) && !/\d/.test(clean))
      return fail(
        `“${text.trim()}” cannot be stood on here. Say a board or a cake, with its size if it is set.`,
      );
    const found = SIZES.exec(clean);
    const unit = found?.[2] ?? found?.[4];
    const width = found ? lengthIn(found[1]!, unit, shown) : undefined;
    const height = found?.[3] ? lengthIn(found[3], found[4] ?? unit, shown) : undefined;
    if (!cake) return boardOf(shape, width, shown);
    if (!startOf(said.start).onCake)
      return fail(
        'This start has its own tier: it stands on a board. Put a cake under it later, under Shape.',
      );
    return cakeOf(shape, width ?? CAKE_WIDE, height ?? CAKE_HIGH, shown);
  },
  choices: (said, at) => {
    const inch = (n: number, shape: 'round' | 'square'): Base => ({
      kind: 'cake',
      shape,
      width: n * 25.4,
      height: CAKE_HIGH,
    });
    const list: Base[] = [
      { kind: 'board', shape: 'round' },
      { kind: 'board', shape: 'square' },
      ...(startOf(said.start).onCake
        ? [inch(6, 'round'), inch(8, 'round'), inch(10, 'round'), inch(8, 'square')]
        : []),
    ];
    return list.map((value) => ({ value, words: baseBlank.words(value, said, at) }));
  },
  usual: () => ({ kind: 'board', shape: 'round' }),
};
