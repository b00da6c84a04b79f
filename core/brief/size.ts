import { fail, formatLength, formatMass, ok, parseQuantity } from '../quantity/index.ts';
import { startOf } from '../starts/index.ts';
import type { Blank } from './types.ts';

/** Under this a bare number is no height in millimetres: centimetres or inches are meant. */
const TOO_SMALL_FOR_MM = 25;

/** Finished height; of sweets the grams of one. */
export const sizeBlank: Blank<number> = {
  key: 'size',
  label: 'How big',
  example: '180 mm, 18 cm, 7 1/2 in or 1 ft',
  words: (size, said, { shown }) =>
    startOf(said.start).size.kind === 'mass' ? `${formatMass(size, shown)} each` : formatLength(size, shown),
  read: (text, said, { shown }) => {
    const { kind, least, most } = startOf(said.start).size;
    const typed = text.replace(/\b(tall|high|each|of)\b/gi, '').trim();
    const bare = /^[\d.,\s/½¼¾⅓⅔⅛⅜⅝⅞]+$/.test(typed);
    const read = parseQuantity(kind, typed, kind === 'mass' ? shown.mass : shown.length);
    if (!read.ok) return read;
    const size = read.value;
    if (kind === 'length' && bare && shown.length === 'mm' && size < TOO_SMALL_FOR_MM)
      return fail(`${typed} what? Say ${typed} cm or ${typed} in.`);
    const told = (v: number) => (kind === 'mass' ? formatMass(v, shown) : formatLength(v, shown));
    return size >= least && size <= most
      ? ok(size)
      : fail(`This start is made from ${told(least)} to ${told(most)}; ${told(size)} is outside that.`);
  },
  choices: (said, { shown }) => {
    const { kind, usual, least, most } = startOf(said.start).size;
    const list =
      kind === 'mass'
        ? [10, 12, 14, 20]
        : shown.length === 'mm'
          ? [80, 100, 150, 180, 210, 250, 300]
          : [3, 4, 6, 7, 8, 10, 12].map((inches) => inches * 25.4);
    return [...new Set([usual, ...list])]
      .filter((v) => v >= least && v <= most)
      .sort((a, b) => a - b)
      .map((value) => ({
        value,
        words: kind === 'mass' ? `${formatMass(value, shown)} each` : formatLength(value, shown),
      }));
  },
  usual: (said) => startOf(said.start).size.usual,
};
