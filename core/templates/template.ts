import type { Mm } from '../quantity/index.ts';
import type { HiddenFace, TemplateUse } from '../record/index.ts';
import type { Rings } from './rings.ts';

/** One paper template at true size: its lower left corner is the origin. */
export interface Template {
  readonly id: string;
  /** Pieces it is for: alike ones share a paper. */
  readonly pieces: readonly string[];
  readonly name: string;
  readonly use: TemplateUse;
  /** What the line is, for the page. */
  readonly says: string;
  readonly rings: Rings;
  /** The line as drawn, where the template is another one. */
  readonly line: Rings;
  readonly wide: Mm;
  readonly tall: Mm;
  /** How many are cut by it. */
  readonly number: number;
  /** Where its face is that nobody sees. */
  readonly hidden: HiddenFace;
  /** Further lines for the page: what is done, in order. */
  readonly steps?: readonly string[];
  /** What has to be known before it is cut. */
  readonly notes: readonly string[];
}
