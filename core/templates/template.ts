import { given, reckon, type Mm, type Reckoned } from '../quantity/index.ts';
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
  /** The line it is drawn from, and how far outside of that it is cut: what its size opens to. */
  readonly from?: { readonly wide: Mm; readonly tall: Mm; readonly out: Mm };
  /** How many are cut by it. */
  readonly number: number;
  /** Where its face is that nobody sees. */
  readonly hidden: HiddenFace;
  /** Further lines for the page: what is done, in order. */
  readonly steps?: readonly string[];
  /** What has to be known before it is cut. */
  readonly notes: readonly string[];
}

/** How wide and how tall a template is, each a sum that opens. */
export function templateSizes({ from, wide, tall }: Template): readonly [wide: Reckoned, tall: Reckoned] {
  const size = (name: string, of: Mm, line: Mm | undefined): Reckoned =>
    from && line !== undefined && from.out > 0
      ? reckon(
          `Paper, ${name}`,
          'mm',
          'its line + 2 × what lies outside of it',
          [given(`Its line, ${name}`, line, 'mm', 'derived'), given('Outside of the line', from.out, 'mm')],
          (l, out) => l + 2 * out,
        )
      : given(`Paper, ${name}`, of, 'mm', 'derived');
  return [size('wide', wide, from?.wide), size('tall', tall, from?.tall)];
}
