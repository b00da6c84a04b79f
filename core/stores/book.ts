import { apartBy, chroma, labOf, nearWords, POTS, type Lab } from '../colour/index.ts';
import { setColour, setPots } from '../edits/index.ts';
import { materialOf } from '../pastes/index.ts';
import type { Batch, PotSwatch } from '../paste-list/index.ts';
import {
  fail,
  given,
  isWritten,
  listed,
  ok,
  reckon,
  type Day,
  type Grams,
  type Reckoned,
  type Result,
} from '../quantity/index.ts';
import { colourRecord, type Build, type Pot } from '../record/index.ts';
import { MOST_STOCKED, type BookedBatch, type StockItem } from './stores-record.ts';

/** The number the next batch of the book gets: none is given twice, also when the last was torn out. */
export const nextNumber = (book: readonly BookedBatch[]): number =>
  1 + book.reduce((n, b) => Math.max(n, b.number), 0);

/** What a batch took, to be booked. */
export interface Mixed {
  readonly build: Pick<Build, 'name'>;
  readonly batch: Pick<Batch, 'blend' | 'colour'>;
  readonly grams: Grams;
  /** Drops, or grams of powder, in the order of its pots. */
  readonly took: readonly number[];
  /** As it came out, `#rrggbb`. */
  readonly hex: string;
  readonly on: Day;
}

/** A batch as it goes into the book. */
export function booked(
  { build, batch, grams, took, hex, on }: Mixed,
  id: string,
  number: number,
): BookedBatch {
  const { base, gumPaste, powder, ratio } = batch.blend;
  return {
    id,
    number,
    name: batch.colour.name,
    hex,
    blend: { base, gumPaste, powder, ...(ratio === undefined ? {} : { ratio }) },
    grams,
    pots: (batch.colour.pots ?? []).map(({ name, kind, depth }, k) => ({
      name,
      kind,
      depth,
      amount: took[k]!,
    })),
    mixed: on,
    from: build.name,
    note: '',
  };
}

/** What it looks like now that it has dried, as far as somebody said so. */
export const looksNow = (b: Pick<BookedBatch, 'hex' | 'later'>): string => b.later ?? b.hex;

/** What a batch is told by. */
export const bookedName = (b: Pick<BookedBatch, 'number' | 'name'>): string => `batch ${b.number}, ${b.name}`;

/** The pots of a batch with what they took, for any paste. */
export const potsAsBooked = ({ pots, grams, blend }: BookedBatch): Pot[] =>
  pots.map(({ name, kind, depth, amount }) => ({
    name,
    kind,
    depth,
    took: { amount, grams, base: blend.base },
  }));

/** Colour something as a batch of the book was: its pots, what they took, and what it looked like in the end. */
export function asBooked(build: Build, colour: string, b: BookedBatch): Result<Build> {
  const potted = setPots(build, colour, potsAsBooked(b));
  return potted.ok ? setColour(potted.value, colour, { hex: looksNow(b) }) : potted;
}

/** A batch of the book beside what is wanted. */
export interface BookMatch {
  readonly batch: BookedBatch;
  /** CIEDE2000 from what is wanted. */
  readonly off: number;
  readonly near: string;
  /** Why it may come out otherwise. */
  readonly doubts: readonly string[];
}

/** Further off than this it is another colour, CIEDE2000. Common practice. */
const OTHER = 5;
/** A pot, a bottle and a light change over so many days. Estimate. */
const LONG_AGO = 365;

/** Batches of the book that come near to a colour, those of the same paste first, then the nearest. @param most how many */
export function matchesIn(
  book: readonly BookedBatch[],
  wanted: Pick<Batch, 'blend' | 'colour'>,
  today: Day,
  most = 3,
): BookMatch[] {
  const lab = labOf(wanted.colour.hex);
  if (!lab) return [];
  const { base } = wanted.blend;
  return book
    .flatMap((batch): BookMatch[] => {
      const seen = labOf(looksNow(batch));
      if (!seen || batch.pots.length === 0) return [];
      const off = apartBy(seen, lab);
      if (off >= OTHER) return [];
      const doubts = [
        ...(batch.blend.base === base
          ? []
          : [`It was mixed in ${materialOf(batch.blend.base).name.toLowerCase()}: begin with half.`]),
        ...(daysBefore(batch.mixed, today) > LONG_AGO
          ? ['It is over a year ago: the pot may be another.']
          : []),
        ...(batch.later === undefined ? ['How it looked a day later was not noted.'] : []),
      ];
      return [{ batch, off, near: nearWords(off), doubts }];
    })
    .sort(
      (p, q) =>
        Number(q.batch.blend.base === base) - Number(p.batch.blend.base === base) ||
        p.off - q.off ||
        q.batch.number - p.batch.number,
    )
    .slice(0, most);
}

const daysBefore = (day: Day, today: Day): number => (Date.parse(today) - Date.parse(day)) / 86_400_000;

/** Swatches the book holds: batches of a single pot, with what they looked like in the end. */
export const swatchesOf = (book: readonly BookedBatch[]): PotSwatch[] =>
  [...book]
    .sort((p, q) => p.number - q.number)
    .flatMap((b): PotSwatch[] => {
      const [pot, ...more] = b.pots;
      if (!pot || more.length > 0) return [];
      const drops = (100 * pot.amount) / b.grams / POTS[pot.kind].forDrop;
      return [{ name: pot.name, base: b.blend.base, hex: looksNow(b), drops }];
    });

/** Less than this nobody sees, L*, chroma and CIEDE2000; less than that only side by side. Rule of thumb, common practice. */
const [SEEN, TOUCH] = [1, 2.3];

function changeWords(before: Lab, after: Lab): string {
  const [light, strong] = [after.L - before.L, chroma(after) - chroma(before)];
  return [
    light < -SEEN ? 'deeper' : light > SEEN ? 'lighter' : '',
    strong > 2 * SEEN ? 'stronger' : strong < -2 * SEEN ? 'duller' : '',
  ]
    .filter(Boolean)
    .join(' and ');
}

/** What became of a batch in a day: `a touch deeper`; nothing where it was not noted. */
export function driftOf({ hex, later }: Pick<BookedBatch, 'hex' | 'later'>): string | undefined {
  const before = labOf(hex);
  const after = later === undefined ? undefined : labOf(later);
  if (!before || !after) return undefined;
  const off = apartBy(before, after);
  const how = changeWords(before, after);
  if (off < SEEN || !how) return 'as it was';
  return off < TOUCH ? `a touch ${how}` : off < OTHER ? how : `much ${how}`;
}

/** How much lighter a person's batches are a day later, L*, in the middle; nothing before two were noted. */
export function usualDrift(book: readonly BookedBatch[]): Reckoned | undefined {
  const noted = book.flatMap((b) => {
    const [before, after] = [labOf(b.hex), b.later === undefined ? undefined : labOf(b.later)];
    return before && after ? [given(bookedName(b), after.L - before.L, '', 'yours')] : [];
  });
  if (noted.length < 2) return undefined;
  return reckon(
    'Lighter a day later, L*',
    '',
    'sum over what was noted ÷ how many',
    noted,
    (...changes) => changes.reduce((a, b) => a + b, 0) / changes.length,
  );
}

/** What went into a batch: `14 drops of leaf green and 7 drops of egg yellow`; nothing where it went in as it comes. */
export const tookWords = ({ pots }: Pick<BookedBatch, 'pots'>): string =>
  listed(
    pots.map(
      ({ name, kind, amount }) =>
        `${amount} ${POTS[kind].by === 'g' ? 'g' : amount === 1 ? 'drop' : 'drops'} of ${name}`,
    ),
  );

/** What is left of a batch of the book: the entry of the stores it went into. */
export const leftOf = (b: BookedBatch, items: readonly StockItem[]): StockItem | undefined =>
  items.find((i) => i.id === b.offcut);

/** The batch of the book that a batch of a build was booked as: the last of its colour, paste and build without leftovers. */
export const bookedFor = (
  book: readonly BookedBatch[],
  build: Pick<Build, 'name'>,
  batch: Pick<Batch, 'blend' | 'colour'>,
): BookedBatch | undefined =>
  book
    .filter(
      (b) =>
        b.from === build.name &&
        b.name === batch.colour.name &&
        b.blend.base === batch.blend.base &&
        !b.offcut,
    )
    .sort((p, q) => q.number - p.number)[0];

/** Check a batch somebody books. */
export function checkBooked(b: BookedBatch): Result<BookedBatch> {
  if (!b.name.trim()) return fail('A batch needs a name.', 'name');
  if (![b.hex, b.later ?? b.hex].every((h) => isWritten(colourRecord.properties.hex, h)))
    return fail('A colour is written as #8b6a4f.', 'hex');
  if (!(b.grams >= 1 && b.grams <= MOST_STOCKED)) return fail('Say how much paste was mixed.', 'grams');
  if (b.pots.some((p) => !(p.amount >= 0.01 && p.amount <= 10_000)))
    return fail('It takes at least a hundredth of a gram of colour, or a drop.', 'pots');
  return ok(b);
}
