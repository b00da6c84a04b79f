import { field, type Density, type Of } from '../quantity/index.ts';

/** Lightest and heaviest edible paste there is, g/cm³: beyond it a unit is wrong. */
export const EDIBLE_DENSITY = [0.1, 1.7] as const;
/** More than any paste loses of its length. */
export const MOST_SHRINK = 10;
/** More powder than anybody kneads in, per cent. */
export const POWDER_MOST = 5;

const { entryOf, id, list, name, number, optional, record, text } = field;

/** Of anything edible, g/cm³. */
export const densityField = number<Density>(...EDIBLE_DENSITY);
/** What has to be told, a word each. */
export const allergensField = list(text(60), 20);
const shrink = number(0, MOST_SHRINK);

export const ownPasteRecord = record({
  id,
  name,
  like: entryOf('materials'),
  /** Measured, g/cm³. */
  density: optional(densityField),
  /** Loss of length on drying, per cent, from a strip of theirs. */
  shrink: optional(shrink),
  /** As its own label says. */
  allergens: allergensField,
  note: text(1000),
});

/** A paste of the person's own: behaves like one of the table, with what they measured in place of the table's. */
export interface OwnPaste extends Of<typeof ownPasteRecord> {}

export const blendRecord = record({
  id,
  name,
  base: entryOf('materials'),
  /** Per cent of the whole that is gum paste. */
  gumPaste: number(0, 100),
  /** Stiffening powder (cellulose gum), per cent of the paste. */
  powder: number(0, POWDER_MOST),
  /** Chocolate to syrup by mass, where it is made from both; the table's when absent. */
  ratio: optional(number(1, 8)),
  /** The person's own measured density of the blend, g/cm³. */
  density: optional(densityField),
  /** Loss of length on drying, per cent, measured on a strip. */
  shrink: optional(shrink),
  /** What the pieces of it have to do. */
  job: optional(entryOf('jobs')),
  /** The person's own paste it is made from; `base` is what that behaves like. */
  own: optional(ownPasteRecord),
});

/** A paste mixed for the build. */
export interface Blend extends Of<typeof blendRecord> {}
