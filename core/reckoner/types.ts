import type { Change } from '../record/index.ts';
import type { Report } from '../plan.ts';
import type { QuantityKind, Reckoned } from '../quantity/index.ts';

/** One thing a small question has to know: a quantity, or one of some. */
export type SmallField = {
  readonly key: string;
  readonly label: string;
} & (
  | { readonly kind: QuantityKind; readonly usual: number; readonly least: number; readonly most: number }
  | {
      readonly options: readonly { readonly value: string; readonly label: string }[];
      readonly usual: string;
    }
);

/** What was said to each field, numbers and words. */
export type Sayings = Readonly<Record<string, number | string>>;

/** One figure that answers, with what it is. */
export interface SmallAnswer {
  readonly says: string;
  readonly figure: Reckoned;
  /** How it is told, where the figure alone is not how people say it. */
  readonly text?: string;
}

/**
 * A small question that needs no figure of one's own: it makes a build of one piece and reads the answer from its report, so that
 * it is the very sum a build would have. One file, one line in the registry.
 */
export interface SmallQuestion {
  readonly id: string;
  readonly asks: string;
  /** Shorter, for the list. */
  readonly name: string;
  readonly fields: readonly SmallField[];
  readonly build: (said: Sayings) => Change;
  readonly answers: (report: Report, said: Sayings) => readonly SmallAnswer[];
  /** A word of the trade beside the answer. */
  readonly notes?: (report: Report, said: Sayings) => readonly string[];
  /** What is made of it can be put on a board. */
  readonly makes: boolean;
}
