import { fail, ok, type Mm, type Result } from '../quantity/index.ts';

/** Sheets of paper, upright. ISO 216; ANSI/ASME Y14.1 for Letter, US Legal from memory. */
export const PAPERS = {
  A4: { name: 'A4', wide: 210, tall: 297 },
  A3: { name: 'A3', wide: 297, tall: 420 },
  Letter: { name: 'Letter', wide: 215.9, tall: 279.4 },
  Legal: { name: 'Legal', wide: 215.9, tall: 355.6 },
} as const satisfies Record<string, { name: string; wide: Mm; tall: Mm }>;
export type PaperId = keyof typeof PAPERS;
/** Whether there is such a paper. */
export const isPaper = (id: unknown): id is PaperId => typeof id === 'string' && id in PAPERS;

/** Length of the bar on every page, mm: it is measured before anything is cut. */
export const BAR = 100;
/** A bar that measures outside of this was not the bar. Estimate, mm. */
const MEASURED = { least: 80, most: 120 };

/** How much larger a page has to be drawn for a printer whose bar of 100 measured so much. */
export function correction(measured: Mm): Result<number> {
  if (!(measured >= MEASURED.least && measured <= MEASURED.most))
    return fail(
      `The bar measured between ${MEASURED.least} and ${MEASURED.most} mm, or it was printed “to fit the page”: print at 100 %, and measure again.`,
    );
  return ok(BAR / measured);
}
