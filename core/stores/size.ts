import { LENGTH_IN_MM, type Mm } from '../quantity/index.ts';
import type { StockSize } from './stores-record.ts';

const MADE = ['drum', 'mdf', 'plywood', 'foamcore', 'card', 'acrylic', 'foam'] as const;

/** Every length in some words, mm; a number without a unit takes the unit that follows it. */
function lengthsIn(words: string): Mm[] {
  const found = [...words.matchAll(/(\d+(?:[.,]\d+)?)\s*(mm|cm|in\b|")?/gi)].map((m) => ({
    x: Number(m[1]!.replace(',', '.')),
    unit: m[2]?.toLowerCase(),
  }));
  let unit = 'mm';
  return found
    .reverse()
    .map(({ x, unit: own }) => {
      unit = own ?? unit;
      return x * (unit === '"' ? LENGTH_IN_MM.in : LENGTH_IN_MM[unit as 'mm' | 'cm' | 'in']);
    })
    .reverse();
}

/**
 * Size of a core or a board as people name it: `Foam ball 2.5 in`, `foam core, 80 × 60 × 40 mm`, `Round board 240 mm, drum`.
 * @returns undefined where the words name no size
 */
export function readSize(words: string): StockSize | undefined {
  const sizes = lengthsIn(words);
  const made = MADE.find((m) => new RegExp(`\\b${m}\\b`, 'i').test(words.replace(/foam (core|ball)/i, '')));
  const is = (word: string) => new RegExp(word, 'i').test(words);
  if (sizes.length >= 3) return { shape: 'block', sizes: sizes.slice(0, 3).sort((a, b) => b - a) };
  const across = sizes.slice(0, 1);
  if (across.length === 0) return undefined;
  const shape = is('ball')
    ? 'ball'
    : is('disc')
      ? 'disc'
      : is('square')
        ? 'square'
        : is('round|board')
          ? 'round'
          : undefined;
  if (!shape) return undefined;
  return { shape, sizes: across, ...(made && shape !== 'ball' ? { made } : {}) };
}

/** Sizes this near are the same thing in a shop, mm. */
const SAME: Mm = 1;

/** Whether a thing on the shelf is the size that is needed; what it is made of counts where both say. */
export const sameSize = (a: StockSize | undefined, b: StockSize | undefined): boolean =>
  a !== undefined &&
  b !== undefined &&
  a.shape === b.shape &&
  a.sizes.length === b.sizes.length &&
  a.sizes.every((x, i) => Math.abs(x - b.sizes[i]!) <= SAME) &&
  (a.made === undefined || b.made === undefined || a.made === b.made);
