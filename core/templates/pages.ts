import { fail, ok, type Mm, type Result } from '../quantity/index.ts';
import type { HiddenFace } from '../record/index.ts';
import { BAR, correction, PAPERS, type PaperId } from './papers.ts';
import { shifted, type PaperPoint, type Ring, type Rings } from './rings.ts';
import type { Template } from './template.ts';

/** What is drawn on a page: mm from its upper left corner, down positive. */
export type Mark =
  | {
      readonly kind: 'line';
      readonly points: readonly PaperPoint[];
      readonly closed: boolean;
      /** `cut` is followed by the knife, `drawn` is the line it belongs to, `help` is for the hand that glues, `thin` a picture. */
      readonly tone: 'cut' | 'drawn' | 'help' | 'bar' | 'thin';
    }
  | {
      readonly kind: 'words';
      readonly at: PaperPoint;
      readonly text: string;
      readonly size: Mm;
      readonly middle: boolean;
    };

export interface Page {
  /** `A1`, `A2` …: letter for the column, number for the row of a drawing that goes over several; `1`, `2` … else. */
  readonly name: string;
  readonly wide: Mm;
  readonly tall: Mm;
  readonly marks: readonly Mark[];
  /** Templates that are on it. */
  readonly templates: readonly string[];
}

export interface Printing {
  readonly paper: PaperId;
  /** What the bar of 100 mm measured on paper from this printer, mm. */
  readonly measured: Mm;
}

/** Edge no printer reaches, mm; common practice. */
const MARGIN = 12;
/** Room for the name and the bar below the drawing, mm. Estimate. */
const FOOT = 16;
/** Pages of one drawing lie over each other so far, mm. Common practice. */
const OVERLAP = 10;
/** Between two templates on one page, mm. Estimate. */
const GAP = 7;
/** Half a cross that has to lie on its neighbour's, mm. Estimate. */
const CROSS = 3;
/** More pages than this nobody glues together. Estimate. */
export const MOST_PAGES = 60;
/** Letters on a page, mm: read at arm's length. Estimate. */
const LETTERS = { name: 4.2, says: 3.1, foot: 3.1 };
/** From line to line, in heights of a letter. Common practice. */
const LINE = 1.35;

interface Window {
  readonly wide: Mm;
  readonly tall: Mm;
}

/** The part of a closed line inside a window, as open runs. */
function runsIn(ring: Ring, { wide, tall }: Window): PaperPoint[][] {
  const runs: PaperPoint[][] = [];
  for (let i = 0; i < ring.length; i++) {
    const [a, b] = [ring[i]!, ring[(i + 1) % ring.length]!];
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    // Liang and Barsky: the share of the way at which it enters and leaves
    let [enter, leave] = [0, 1];
    let out = false;
    for (const [p, q] of [
      [-dx, a[0]],
      [dx, wide - a[0]],
      [-dy, a[1]],
      [dy, tall - a[1]],
    ] as const) {
      if (p === 0) out ||= q < 0;
      else if (p < 0) enter = Math.max(enter, q / p);
      else leave = Math.min(leave, q / p);
    }
    if (out || enter >= leave) continue;
    const at = (t: number): PaperPoint => [a[0] + t * dx, a[1] + t * dy];
    const last = runs.at(-1);
    const end = last?.at(-1);
    if (end && enter === 0 && end[0] === a[0] && end[1] === a[1]) last!.push(at(leave));
    else runs.push([at(enter), at(leave)]);
  }
  return runs;
}

/** Down instead of up, within so tall a drawing. */
const down = (rings: Rings, tall: Mm): Rings =>
  rings.map((r) => r.map(([x, y]): PaperPoint => [x, tall - y]));

const ARROWS: Partial<Record<HiddenFace, string>> = {
  under: 'seam under it',
  back: 'seam to the back',
  front: 'seam to the front',
  left: 'seam to the left',
  right: 'seam to the right',
  top: 'seam on top',
};

const wordsOf = (t: Template): string[] => [
  t.number > 1 ? `${t.name} ×${t.number}` : t.name,
  ...[t.says, ...(t.steps ?? []), ARROWS[t.hidden] ?? ''].filter((x) => x !== ''),
];
const words = (t: Template, [x, y]: PaperPoint): Mark[] =>
  wordsOf(t).map((text, i) => ({
    kind: 'words',
    at: [x, y + i * LETTERS.says * LINE + (i ? 1 : 0)],
    text,
    size: i ? LETTERS.says : LETTERS.name,
    middle: true,
  }));

/** Lines of a template at a place in the window; what is outside of it is left away. */
function linesAt(t: Template, [x, y]: PaperPoint, window: Window): Mark[] {
  const lines = (rings: Rings, tone: 'cut' | 'drawn'): Mark[] =>
    shifted(down(rings, t.tall), x, y).flatMap((ring): Mark[] => {
      const whole = ring.every(([u, v]) => u >= 0 && v >= 0 && u <= window.wide && v <= window.tall);
      if (whole) return [{ kind: 'line', points: ring, closed: true, tone }];
      return runsIn(ring, window).map((points) => ({ kind: 'line', points, closed: false, tone }));
    });
  return [...lines(t.line, 'drawn'), ...lines(t.rings, 'cut')];
}

/** A page before its foot is drawn, in the window's millimetres. */
interface Sheet {
  readonly name: string;
  readonly marks: readonly Mark[];
  readonly templates: readonly string[];
}

const letter = (i: number): string => String.fromCharCode(65 + (i % 26)).repeat(1 + Math.floor(i / 26));
const across = (long: Mm, window: Mm): number =>
  long <= window ? 1 : Math.ceil((long - OVERLAP) / (window - OVERLAP));

/** A drawing larger than a page: as many as it takes, with crosses that lie on their neighbours'. */
function tiles(t: Template, window: Window, first: string): Sheet[] {
  const [columns, rows] = [across(t.wide, window.wide), across(t.tall, window.tall)];
  const [pitchX, pitchY] = [window.wide - OVERLAP, window.tall - OVERLAP];
  // centred, so that no page holds a sliver only
  const x0 = (columns * pitchX + OVERLAP - t.wide) / 2;
  const y0 = (rows * pitchY + OVERLAP - t.tall) / 2;
  const half = OVERLAP / 2;
  const crosses = (
    [
      [half, half],
      [window.wide - half, half],
      [half, window.tall - half],
      [window.wide - half, window.tall - half],
    ] as const
  ).flatMap(([x, y]): Mark[] => [
    { kind: 'line', points: [[x - CROSS, y], [x + CROSS, y]], closed: false, tone: 'help' },
    { kind: 'line', points: [[x, y - CROSS], [x, y + CROSS]], closed: false, tone: 'help' },
  ]); // prettier-ignore
  const frame: Mark = {
    kind: 'line',
    points: [[0, 0], [window.wide, 0], [window.wide, window.tall], [0, window.tall]],
    closed: true,
    tone: 'help',
  }; // prettier-ignore
  const out: Sheet[] = [];
  for (let column = 0; column < columns; column++)
    for (let row = 0; row < rows; row++) {
      const at: PaperPoint = [x0 - column * pitchX, y0 - row * pitchY];
      out.push({
        name: `${first}${letter(column)}${row + 1}`,
        marks: [
          ...linesAt(t, at, window),
          frame,
          ...crosses,
          ...words(t, [window.wide / 2, window.tall - 3.2 * LETTERS.says * LINE]),
        ],
        templates: [t.id],
      });
    }
  return out;
}

/** In rows of about one height; in building order otherwise, so that pages follow the list. Estimate, mm. */
const ROW = 15;

/** Small ones side by side, in rows from the top, the tallest first. */
function packed(templates: readonly Template[], window: Window, from: number): Sheet[] {
  const sheets: { marks: Mark[]; templates: string[] }[] = [];
  let [x, y, row] = [0, 0, Infinity];
  const room = (t: Template) => t.tall + wordsOf(t).length * LETTERS.says * LINE + 3;
  for (const t of [...templates].sort((a, b) => Math.round(b.tall / ROW) - Math.round(a.tall / ROW))) {
    const wide = Math.max(t.wide, 1.9 * Math.max(...wordsOf(t).map((w) => w.length)));
    if (x > 0 && x + Math.min(wide, window.wide) > window.wide) [x, y] = [0, y + row + GAP];
    if (sheets.length === 0 || y + room(t) > window.tall) {
      sheets.push({ marks: [], templates: [] });
      [x, y] = [0, 0];
    }
    row = x === 0 ? room(t) : Math.max(row, room(t));
    const sheet = sheets.at(-1)!;
    const aside = x + Math.max(0, Math.min(wide, window.wide) - t.wide) / 2;
    sheet.marks.push(...linesAt(t, [aside, y], window), ...words(t, [aside + t.wide / 2, y + t.tall + 4.5]));
    sheet.templates.push(t.id);
    x += wide + GAP;
  }
  return sheets.map((s, i) => ({ ...s, name: String(from + i) }));
}

/** Name, page and bar at the foot of a page. */
function foot(title: string, name: string, window: Window): Mark[] {
  const y = window.tall + 9;
  const right = window.wide;
  const bar = (points: readonly PaperPoint[]): Mark => ({ kind: 'line', points, closed: false, tone: 'bar' });
  return [
    { kind: 'words', at: [0, y - 3.5], text: title, size: LETTERS.foot, middle: false },
    { kind: 'words', at: [0, y + 1.5], text: `page ${name}`, size: LETTERS.foot, middle: false },
    bar([[right - BAR, y], [right, y]]),
    bar([[right - BAR, y - 2], [right - BAR, y + 2]]),
    bar([[right, y - 2], [right, y + 2]]),
    { kind: 'words', at: [right - BAR / 2, y - 1.6], text: '100 mm: measure before you cut', size: LETTERS.foot, middle: true },
  ]; // prettier-ignore
}

const placed = (mark: Mark, put: (p: PaperPoint) => PaperPoint, larger: number): Mark =>
  mark.kind === 'line'
    ? { ...mark, points: mark.points.map(put) }
    : { ...mark, at: put(mark.at), size: mark.size * larger };

/**
 * Templates on pages at true size: small ones together, large ones over several that are glued together; drawn as much larger
 * as the printer draws too small.
 * @param title what is written at the foot of each
 */
export function pagesOf(
  templates: readonly Template[],
  title: string,
  { paper, measured }: Printing,
): Result<readonly Page[]> {
  const larger = correction(measured);
  if (!larger.ok) return larger;
  const k = larger.value;
  const { wide, tall } = PAPERS[paper];
  const window: Window = { wide: (wide - 2 * MARGIN) / k, tall: (tall - 2 * MARGIN - FOOT) / k };
  const there = templates.filter((t) => t.rings.length > 0);
  const fits = (t: Template) =>
    t.wide <= window.wide && t.tall + (1 + wordsOf(t).length) * LETTERS.says * LINE + 3 <= window.tall;
  const large = there.filter((t) => !fits(t));
  const number = large.reduce((n, t) => n + across(t.wide, window.wide) * across(t.tall, window.tall), 0);
  if (number > MOST_PAGES)
    return fail(
      `That takes ${number} pages of ${PAPERS[paper].name}, and more than ${MOST_PAGES} nobody glues together: take larger paper, or draw the line on the board with a thread and a pencil.`,
    );
  const small = packed(
    there.filter((t) => fits(t)),
    window,
    1,
  );
  const sheets = [...small, ...large.flatMap((t, i) => tiles(t, window, large.length > 1 ? `${i + 1}` : ''))];
  const put = ([x, y]: PaperPoint): PaperPoint => [MARGIN + k * x, MARGIN + k * y];
  return ok(
    sheets.map((s) => ({
      name: s.name,
      wide,
      tall,
      templates: s.templates,
      marks: [...s.marks, ...foot(title, s.name, window)].map((m) => placed(m, put, k)),
    })),
  );
}
