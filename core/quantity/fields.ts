import {
  Array as ArrayOf,
  Boolean as BooleanField,
  Literal,
  Object as ObjectOf,
  Optional,
  String as StringField,
  Unsafe,
  type Static,
  type TObject,
  type TProperties,
  type TSchema,
  type TUnsafe,
} from '@sinclair/typebox';
import { fail, ok, type Result } from './result.ts';

/**
 * Kinds of field a record is made of. One definition gives the type, the limits the edits ask, and the JSON Schema
 * (draft 2020-12) that files are checked against.
 */

/** Read-only all the way down. */
type Kept<T> = T extends string | number | boolean | undefined ? T : { readonly [K in keyof T]: Kept<T[K]> };

/** What a definition describes: `type Board = Of<typeof boardRecord>`. */
export type Of<S extends TSchema> = Kept<Static<S>>;

/** Least and most a number field takes, both included. */
interface Limits {
  readonly minimum: number;
  readonly maximum: number;
}
export type NumberField<N extends number = number> = TUnsafe<N> & Limits;

/** A number from least to most, of a unit. */
export const number = <N extends number = number>(minimum: number, maximum: number): NumberField<N> =>
  Object.assign(Unsafe<N>({ type: 'number' }), { minimum, maximum });

/** A number over something, up to most. */
export const above = (exclusiveMinimum: number, maximum: number) =>
  Unsafe<number>({ type: 'number', exclusiveMinimum, maximum });

/** A whole number from least to most. */
export const whole = (minimum: number, maximum: number): NumberField =>
  Object.assign(Unsafe<number>({ type: 'integer' }), { minimum, maximum });

/** Any number at all. */
export const anyNumber = Unsafe<number>({ type: 'number' });
export const flag = BooleanField();
/** A text of so many letters at most, and at least where that is said. */
export const text = (maxLength: number, minLength?: number) =>
  StringField({ maxLength, ...(minLength === undefined ? {} : { minLength }) });

/** Longest name of anything, letters. */
export const LONGEST_NAME = 120;
/** Longest id. */
export const LONGEST_ID = 60;
export const name = text(LONGEST_NAME, 1);
export const id = StringField({ pattern: `^[a-z0-9][a-z0-9-]{0,${LONGEST_ID - 1}}$` });

/** One of some words, and nothing else. */
export const oneOf = <const T extends string>(values: readonly T[]) =>
  Unsafe<T>({ type: 'string', enum: [...values] });
/** One of some numbers. */
export const oneNumber = <const T extends number>(values: readonly T[]) =>
  Unsafe<T>({ type: 'integer', enum: [...values] });
/** A text written by a pattern. */
export const written = (pattern: string) => StringField({ pattern });
/** Exactly this. */
export const only = Literal;

/** Lists further up the house that a field may point into; core/files knows what is in them. */
export type Catalogue =
  'materials' | 'jobs' | 'glues' | 'rods' | 'questions' | 'finishes' | 'troubles' | 'causes' | 'mends';
/** The id of an entry of a catalogue. */
export const entryOf = (catalogue: Catalogue) => Unsafe<string>({ type: 'string', catalogue });

/** A record of these fields and no others; a field may be `optional`. */
export const record = <P extends TProperties>(fields: P): TObject<P> =>
  ObjectOf(fields, { additionalProperties: false });
export const optional = Optional;
/** A list of so many at most, and at least. */
export const list = <S extends TSchema>(items: S, maxItems: number, minItems = 0) =>
  ArrayOf(items, { maxItems, minItems });

/** Three alike: across, deep, up. */
export const triple = <S extends TSchema>(value: S) =>
  Unsafe<readonly [Static<S>, Static<S>, Static<S>]>({
    type: 'array',
    items: value,
    minItems: 3,
    maxItems: 3,
  });

/** Values under the names that a pattern has, and no others. */
export const matching = <T>(pattern: string, value: TSchema) =>
  Unsafe<T>({ type: 'object', patternProperties: { [pattern]: value }, additionalProperties: false });

/** Values by name, at most so many. */
export const byName = <S extends TSchema>(value: S, maxProperties: number) =>
  Unsafe<Record<string, Static<S>>>({ type: 'object', additionalProperties: value, maxProperties });

/** A value for some of these names, or for none. */
export const forSome = <K extends string, S extends TSchema>(names: readonly K[], value: S) =>
  Unsafe<Partial<Record<K, Static<S>>>>(record(Object.fromEntries(names.map((k) => [k, Optional(value)]))));
/** Day of the calendar, `YYYY-MM-DD`; whether the month has such a day is checked when it is read. */
export const day = StringField({ pattern: '^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$' });
/** An instant, ISO 8601; whether there is such a time is checked when it is read. */
export const instant = text(40);
/** Time of day, `HH:mm`. */
export const clock = StringField({ pattern: '^([01]\\d|2[0-3]):[0-5]\\d$' });
/** Local date and time, `YYYY-MM-DDTHH:mm`. */
export const localTime = StringField({ pattern: '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$' });
/** A colour, `#rrggbb`. */
export const hex = StringField({ pattern: '^#[0-9a-fA-F]{6}$' });

/** Whether a text is written as its field asks. */
export const isWritten = (field: { readonly pattern?: string }, x: string): boolean =>
  field.pattern === undefined || new RegExp(field.pattern).test(x);

/** Whether a number may stand in its field: within its limits, and whole where it has to be. Not a number never may. */
export const takes = (field: Limits & { readonly type?: unknown }, x: number): boolean =>
  x >= field.minimum && x <= field.maximum && (field.type !== 'integer' || Number.isInteger(x));

/** What to say where a number does not fit: made from the least and the most of its field. */
type Says<P extends TProperties> = {
  readonly [K in keyof P as P[K] extends Limits ? K : never]?: (least: number, most: number) => string;
};

const hasLimits = (field: TSchema | undefined): field is TSchema & Limits =>
  typeof field?.minimum === 'number' && typeof field.maximum === 'number';

/**
 * Ask a record whether it takes these values.
 * @param says a sentence for each field that is asked; what is absent from the values is not asked
 * @returns the values, or the sentence of the first field that does not take its own, with the name of that field
 */
export function inLimits<P extends TProperties, T extends object>(
  { properties }: TObject<P>,
  values: T,
  says: Says<P>,
): Result<T> {
  for (const [key, say] of Object.entries<((least: number, most: number) => string) | undefined>(says)) {
    const field = properties[key];
    const x: unknown = Reflect.get(values, key);
    if (say && hasLimits(field) && x !== undefined && !(typeof x === 'number' && takes(field, x)))
      return fail(say(field.minimum, field.maximum), key);
  }
  return ok(values);
}
