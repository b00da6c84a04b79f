import type { Result, Shown } from '../quantity/index.ts';
import type { BriefKey, Eaters, Hours, Journey, Room } from '../record/index.ts';
import type { PasteSchool, Stuffing } from '../starts/index.ts';

/** What a figure stands on: a board as the start has it or of a width that was said, or a cake. */
export type Base =
  | { readonly kind: 'board'; readonly shape: 'round' | 'square'; readonly width?: number }
  | {
      readonly kind: 'cake';
      readonly shape: 'round' | 'square';
      readonly width: number;
      readonly height: number;
    };

/** What is said of a figure to be made; what is absent is taken as usual. */
export interface FigureSaid {
  readonly start: string;
  readonly size?: number;
  readonly paste?: PasteSchool;
  readonly inside?: Stuffing;
  readonly base?: Base;
  /** Local date and time. */
  readonly due?: string;
  readonly journey?: Journey;
  readonly eaters?: Eaters;
  readonly hours?: readonly Hours[];
  readonly room?: Room;
  /** Sliders and variants of the start that were moved. */
  readonly varied: Readonly<Record<string, number | string>>;
}

/** Where and how it is read: the clock on the wall, units, and which of day and month comes first. */
export interface ReadingAt {
  /** The present instant, ms since 1970. */
  readonly now: number;
  /** IANA time zone. */
  readonly zone: string;
  readonly shown: Shown;
  readonly dayFirst: boolean;
}

/** One thing that may be said without typing. */
export interface Choice<T> {
  readonly words: string;
  readonly value: T;
}

/** Blanks of the sentence: those of the brief, and what is made and what is inside. */
export type BlankKey = BriefKey | 'start' | 'inside';

/** One blank of the sentence: how a value reads in it, how typed words are understood, what may be chosen. */
export interface Blank<T> {
  readonly key: BlankKey;
  readonly label: string;
  /** What may be typed. */
  readonly example: string;
  readonly words: (value: T, said: FigureSaid, at: ReadingAt) => string;
  readonly read: (text: string, said: FigureSaid, at: ReadingAt) => Result<T>;
  readonly choices: (said: FigureSaid, at: ReadingAt) => readonly Choice<T>[];
  /** What is taken when nothing is said; undefined where nothing can be. */
  readonly usual: (said: FigureSaid) => T | undefined;
}
