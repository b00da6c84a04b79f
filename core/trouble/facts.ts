import { formatLength, formatTime, roundTo, type Grams, type Minutes, type Mm } from '../quantity/index.ts';

/** What is known of a piece, its paste, its room and its plan when something goes wrong; what is not known is absent. */
export interface Facts {
  /** Of the room, 0–1 and °C. */
  readonly humidity?: number;
  readonly temperature?: number;
  /** Over its core, and its thinnest where it has none. */
  readonly coat?: Mm;
  readonly thick?: Mm;
  readonly grams?: Grams;
  /** Of its paste, per cent. */
  readonly powder?: number;
  readonly gumPaste?: number;
  /** After the window of what was done to it had closed, and before the wait for it was over. */
  readonly late?: Minutes;
  readonly early?: Minutes;
  /** What rests on it over what it bears at its age. */
  readonly load?: number;
  /** Sticks through its joint. */
  readonly rods?: number;
  /** From upright, degrees. */
  readonly lean?: number;
  /** What its glue holds over what is asked of it. */
  readonly glue?: number;
  readonly dustedSeat?: boolean;
  /** Between mixing and shaping, and since it was mixed. */
  readonly rest?: Minutes;
  readonly hoursSinceMix?: number;
  readonly cream?: Mm;
  readonly outOfCold?: boolean;
  readonly filmWet?: boolean;
  readonly darkBeside?: boolean;
  /** On a hard top while it was soft. */
  readonly layOn?: Minutes;
  /** Weighed against what was wanted, as a share of it; and whether it was weighed at all. */
  readonly off?: number;
  readonly weighed?: boolean;
  readonly dry?: boolean;
  readonly inCake?: boolean;
  readonly overCake?: boolean;
  readonly gathered?: boolean;
  /** Of the batch: spare, per cent, and how much of it is mixed at once. */
  readonly spare?: number;
  readonly batch?: Grams;
  /** Colour kneaded in with water, grams to a hundred. */
  readonly yellowBase?: boolean;
}

type Of<T> = { [K in keyof Facts]-?: NonNullable<Facts[K]> extends T ? K : never }[keyof Facts];
export type NumberFact = Of<number>;
export type FlagFact = Of<boolean>;

/** How a fact speaks: how many times likelier it is with the cause than without, and what is said of it. */
export interface Evidence {
  readonly times: (facts: Facts) => number;
  /** In words; undefined where the fact is not known. */
  readonly words: (facts: Facts) => string | undefined;
}

const minutes = (x: number) => formatTime(x);
const length = (x: number) => formatLength(x);
const percent = (x: number) => `${roundTo(x, 0.1)} %`;

/** How each number is said. */
const SAID: Readonly<Record<NumberFact, (x: number) => string>> = {
  humidity: (x) => `${Math.round(100 * x)} % humidity`,
  temperature: (x) => `${roundTo(x, 0.5)} °C in the room`,
  coat: (x) => `a coat of ${length(x)}`,
  thick: (x) => `${length(x)} at its thinnest`,
  grams: (x) => `it weighs ${roundTo(x, 1)} g`,
  powder: (x) => `${percent(x)} of powder`,
  gumPaste: (x) => `${percent(x)} of gum paste`,
  late: (x) => (x >= 0 ? `${minutes(x)} past its window` : `${minutes(-x)} inside its window`),
  early: (x) => (x >= 0 ? `${minutes(x)} before it was ready` : `${minutes(-x)} after it was ready`),
  load: (x) => `carries ${roundTo(x, 0.1)} times what it bears at its age`,
  rods: (x) => (x === 0 ? 'no stick in its joint' : x === 1 ? 'one stick in its joint' : `${x} sticks in it`),
  lean: (x) => `leans by ${Math.round(x)}°`,
  glue: (x) => `its glue holds ${roundTo(x, 0.1)} times what is asked`,
  rest: (x) => `${minutes(x)} from mixing to shaping`,
  hoursSinceMix: (x) => `mixed ${formatTime(60 * x)} ago`,
  cream: (x) => `${length(x)} of cream under it`,
  layOn: (x) => `lay ${minutes(x)} on the table`,
  off: (x) => `${Math.round(100 * x)} % off its weight`,
  spare: (x) => `${percent(x)} spare`,
  batch: (x) => `a batch of ${Math.round(x)} g`,
};
const FLAGS: Readonly<Record<FlagFact, readonly [yes: string, no: string]>> = {
  dustedSeat: ['its seat was dusted before it was set on', 'nothing was dusted under it'],
  outOfCold: ['it stood in the cold', 'it was never in the cold'],
  filmWet: ['gone over before its film was dry', 'its films were dry'],
  darkBeside: ['dark paste lies against light', 'what touches it is as light as it is'],
  weighed: ['it was weighed', 'it was not weighed'],
  dry: ['it is dry through', 'it is not dry yet'],
  inCake: ['it stands in cake', 'it does not stand in cake'],
  overCake: ['there is cake under it', 'there is no cake under it'],
  gathered: ['its cover is gathered', 'its cover is not gathered'],
  yellowBase: ['its paste is yellow by itself', 'its paste is white'],
};

/** A fact that is not known says nothing. Derived. */
const SILENT = 1;

/** More of it than this speaks for the cause, and less against it; in between it may speak for it a little. */
export const moreThan = (
  fact: NumberFact,
  at: number,
  more: number,
  less = 0.5,
  between?: readonly [from: number, times: number],
): Evidence => ({
  times: (f) => {
    const x = f[fact];
    if (x === undefined) return SILENT;
    if (x >= at) return more;
    return between && x > between[0] ? between[1] : less;
  },
  words: (f) => (f[fact] === undefined ? undefined : SAID[fact](f[fact])),
});

/** Less of it than this speaks for the cause. */
export const lessThan = (
  fact: NumberFact,
  at: number,
  more: number,
  less = 0.5,
  between?: readonly [to: number, times: number],
): Evidence => ({
  times: (f) => {
    const x = f[fact];
    if (x === undefined) return SILENT;
    if (x < at) return more;
    return between && x < between[0] ? between[1] : less;
  },
  words: (f) => (f[fact] === undefined ? undefined : SAID[fact](f[fact])),
});

/** What is so, or is not so, speaks for the cause or against it. */
export const flagged = (fact: FlagFact, yes: number, no = 1): Evidence => ({
  times: (f) => (f[fact] === undefined ? SILENT : f[fact] ? yes : no),
  words: (f) => (f[fact] === undefined ? undefined : FLAGS[fact][f[fact] ? 0 : 1]),
});
