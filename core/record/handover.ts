import { field, type Celsius, type Minutes, type Of } from '../quantity/index.ts';

/** What is known of the way there and of those who take it over. */

const { byName, flag, id, list, name, number, only, optional, record, text, whole } = field;

export const topperRecord = record({
  id: text(80, 1),
  name,
  number: whole(1, 500),
  /** It may be eaten. */
  food: flag,
  /** Where it sits, in words. */
  where: text(120),
});

/** Something bought in that is set on the figure: a candle, a sign, a sugar flower. */
export interface Topper extends Of<typeof topperRecord> {}
export const MOST_TOPPERS = 60;

export const handoverRecord = record({
  /** Pieces that travel apart, with what they carry, and are fitted where it is handed over. */
  apart: optional(list(id, 600, 1)),
  /** Length of the way, from the bench to where it stands. */
  minutes: optional(number<Minutes>(0, 2880)),
  /** Air it travels in. */
  air: optional(number<Celsius>(-20, 50)),
  /** It lies in a cooled car or box until it is unloaded. */
  cooled: optional(only(true)),
  /** From unloading until it is eaten. */
  stands: optional(number<Minutes>(0, 20_160)),
  toppers: optional(list(topperRecord, MOST_TOPPERS, 1)),
  /** What was counted in before it left, by line of the removal card. */
  counted: optional(byName(number(0, 20_000), 400)),
  /** For whoever serves it, in the maker's words. */
  note: optional(text(2000)),
});

/** The way out of the kitchen. */
export interface Handover extends Of<typeof handoverRecord> {}
