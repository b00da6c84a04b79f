import { allergensField, blendRecord, ownPasteRecord } from '../pastes/index.ts';
import { field, type Grams, type Mm, type Of } from '../quantity/index.ts';
import { colourRecord, MOST_POTS, potRecord } from '../record/index.ts';

const { above, byName, day, flag, list, name, number, oneOf, only, optional, record, text, whole } = field;

export const STORES_FORMAT = 'elm-spindle-stores';
export const STORES_VERSION = 3;

/** More than a workshop holds, g or pieces: a unit is wrong. */
export const MOST_STOCKED = 1_000_000;

const { base, gumPaste, powder, ratio } = blendRecord.properties;
const colour = colourRecord.properties;

/** What an offcut is made of; goes with it into any build. */
const offcutRecord = record({
  blend: record({ base, gumPaste, powder, ratio }),
  colour: record({ name: colour.name, hex: colour.hex }),
  /** Not dusted, painted or dried: it can be kneaded again. */
  clean: flag,
  allergens: allergensField,
});

const sizeRecord = record({
  shape: oneOf(['ball', 'block', 'round', 'square', 'disc']),
  /** Across for balls, discs and boards; the three sides of a block, longest first. */
  sizes: list(number<Mm>(0, 10_000), 3, 1),
  /** What a board or disc is of. */
  made: optional(text(20)),
});

/** What a core, a disc or a board is told by, beside its kind. */
export interface StockSize extends Of<typeof sizeRecord> {}

export const stockRecord = record({
  id: text(80, 1),
  /** Entry of the ingredients, or id of a paste of the person's own. */
  ingredient: text(80, 1),
  name,
  /** Grams or pieces, as the ingredient is counted. */
  amount: number(0, MOST_STOCKED),
  keepBy: optional(day),
  note: text(1000),
  offcut: optional(offcutRecord),
  /** Of a core or a board: what it is told by, read from its name when it is entered. */
  size: optional(sizeRecord),
});

/** One entry of the stores. */
export interface StockItem extends Of<typeof stockRecord> {}

const pot = potRecord.properties;

export const bookedRecord = record({
  id: text(80, 1),
  /** Counted through all builds; written on the bag. */
  number: whole(1, 99_999),
  name: colour.name,
  /** As it came out, and as it looked a day later. */
  hex: colour.hex,
  later: optional(colour.hex),
  blend: record({ base, gumPaste, powder, ratio }),
  /** Paste that was mixed. */
  grams: number<Grams>(1, MOST_STOCKED),
  /** What went into it: drops, or grams of powder. */
  pots: list(
    record({ name: pot.name, kind: pot.kind, depth: pot.depth, amount: number(0.01, 10_000) }),
    MOST_POTS,
  ),
  mixed: day,
  /** Name of the build it was mixed for. */
  from: text(200),
  /** Entry of the stores its leftovers are. */
  offcut: optional(text(80, 1)),
  note: text(1000),
});

/** A batch of the book: what was mixed once, to be mixed again. */
export interface BookedBatch extends Of<typeof bookedRecord> {}

export const storesRecord = record({
  format: only(STORES_FORMAT),
  version: only(STORES_VERSION),
  items: list(stockRecord, 5000),
  /** Pack sizes the person buys, by ingredient. */
  packs: byName(list(above(0, MOST_STOCKED), 12), 300),
  pastes: list(ownPasteRecord, 200),
  book: list(bookedRecord, 5000),
});

/** Stores as a file holds them. */
export interface StoresFile extends Of<typeof storesRecord> {}

/** Everything a person keeps for all builds. */
export type Stores = Omit<StoresFile, 'format' | 'version'>;
