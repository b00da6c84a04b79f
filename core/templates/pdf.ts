import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, PrintScaling, rgb, type PDFFont } from 'pdf-lib';
import type { Page } from './pages.ts';
import { INK, STROKES } from './strokes.ts';

/** Points in a millimetre: 72 in an inch (ISO 32000-1, 8.3.2.3). */
const POINTS = 72 / 25.4;
/** The same pages give the same file, letter by letter. */
const NO_DATE = new Date(0);

const colourOf = (hex: string) => {
  const part = (i: number) => Number.parseInt(hex.slice(i, i + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
};

const MISSING = '?';
/** A font with the letters it has. */
interface Letters {
  readonly font: PDFFont;
  readonly known: ReadonlySet<number>;
}

/** A text in runs of one font each, with a sign for what none has: a name is never a reason for no page. */
function runsOf(text: string, fonts: readonly Letters[]): { font: PDFFont; text: string }[] {
  const runs: { font: PDFFont; text: string }[] = [];
  for (const c of text) {
    const has = fonts.find((f) => f.known.has(c.codePointAt(0)!));
    const { font } = has ?? fonts[0]!;
    const last = runs.at(-1);
    if (last?.font === font) last.text += has ? c : MISSING;
    else runs.push({ font, text: has ? c : MISSING });
  }
  return runs;
}

/**
 * Pages as one PDF file at true size.
 * @param fonts files to write with (TrueType, OpenType or WOFF); a letter is taken from the first that has it
 * @param progress told after each page, share of all; what it throws ends the work
 */
export async function pdfOf(
  pages: readonly Page[],
  title: string,
  fonts: readonly Uint8Array[],
  progress: (share: number) => void = () => undefined,
): Promise<Uint8Array> {
  const file = await PDFDocument.create();
  file.registerFontkit(fontkit);
  file.setTitle(title);
  file.setCreator('Elm Spindle');
  file.setProducer('Elm Spindle');
  file.setCreationDate(NO_DATE);
  file.setModificationDate(NO_DATE);
  // a viewer that fits the page to the paper would spoil the size
  file.catalog.getOrCreateViewerPreferences().setPrintScaling(PrintScaling.None);
  const letters: Letters[] = [];
  for (const bytes of fonts) {
    const font = await file.embedFont(bytes, { subset: true });
    letters.push({ font, known: new Set(font.getCharacterSet()) });
  }
  for (const [i, page] of pages.entries()) {
    const sheet = file.addPage([page.wide * POINTS, page.tall * POINTS]);
    const y = (mm: number): number => (page.tall - mm) * POINTS;
    for (const mark of page.marks) {
      if (mark.kind === 'words') {
        const size = mark.size * POINTS;
        const runs = runsOf(mark.text, letters);
        const wide = runs.map((r) => r.font.widthOfTextAtSize(r.text, size));
        let x = mark.at[0] * POINTS - (mark.middle ? wide.reduce((p, q) => p + q, 0) / 2 : 0);
        for (const [k, { font, text }] of runs.entries()) {
          sheet.drawText(text, { x, y: y(mark.at[1]), size, font, color: colourOf(INK) });
          x += wide[k]!;
        }
        continue;
      }
      const { width, dash, colour } = STROKES[mark.tone];
      const way = mark.points.map(([u, v]) => `${u * POINTS} ${v * POINTS}`).join('L');
      sheet.drawSvgPath(`M${way}${mark.closed ? 'Z' : ''}`, {
        x: 0,
        y: page.tall * POINTS,
        borderColor: colourOf(colour),
        borderWidth: width * POINTS,
        ...(dash.length ? { borderDashArray: dash.map((d) => d * POINTS) } : {}),
      });
    }
    progress((i + 1) / pages.length);
  }
  return file.save();
}
