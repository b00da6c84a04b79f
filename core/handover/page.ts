import { elevation, placeRods, project, standingOutlines } from '../figure/index.ts';
import { tellAllergens } from '../pastes/index.ts';
import { tellLocal, type Mm } from '../quantity/index.ts';
import type { Build } from '../record/index.ts';
import { PAPERS, type Page, type PaperId, type PaperPoint } from '../templates/index.ts';
import type { HandoverCard } from './card.ts';

type Mark = Page['marks'][number];

/** Edge no printer reaches, mm; common practice. */
const MARGIN: Mm = 14;
/** Letters, mm: read at arm's length. Estimate. */
const LETTERS = { title: 6.2, head: 4, text: 3.1, small: 2.7 } as const;
/** From line to line, in heights of a letter. Common practice. */
const LINE = 1.36;
/** Width of a letter on average, in its height: Atkinson Hyperlegible Next, a little wide so that no line runs over. Estimate. */
const LETTER_WIDE = 0.5;
/** The figure at the head of the page, mm. Estimate. */
const FIGURE = { wide: 52, tall: 56 } as const;
/** Where the columns of the list begin, shares of its width. Estimate. */
const COLUMNS = { number: 0.5, out: 0.6, where: 0.72 } as const;

/** A text in lines that fit. */
function wrapped(text: string, wide: Mm, size: Mm): string[] {
  const most = Math.max(8, Math.floor(wide / (size * LETTER_WIDE)));
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(/\s+/)) {
    // a word longer than a line is broken, so that nothing runs off the paper
    for (const part of word.match(new RegExp(`.{1,${most}}`, 'gu')) ?? []) {
      if (line && line.length + 1 + part.length > most) {
        lines.push(line);
        line = part;
      } else line = line ? `${line} ${part}` : part;
    }
  }
  return line ? [...lines, line] : lines;
}

/** The figure from the front with its sticks, small: lines within a box whose upper left corner is at nought. */
function figureMarks(build: Build, letters: ReadonlyMap<string, string>): Mark[] {
  const outlines = elevation(build, 'front').flatMap((s) => standingOutlines(s));
  const points = outlines.flat();
  if (points.length === 0) return [];
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
  const min = (all: readonly number[]) => all.reduce((a, b) => Math.min(a, b), Infinity);
  const max = (all: readonly number[]) => all.reduce((a, b) => Math.max(a, b), -Infinity);
  const [left, top] = [min(xs), max(ys)];
  const k = Math.min(FIGURE.wide / (max(xs) - left || 1), FIGURE.tall / (top - min(ys) || 1));
  const put = (p: readonly [Mm, Mm]): PaperPoint => [k * (p[0] - left), k * (top - p[1])];
  const rods = placeRods(build).flatMap((r): Mark[] => {
    const line = r.line.map((p) => put(project('front', p)));
    const at = line.at(-1)!;
    const letter = letters.get(r.rod.id);
    return [
      { kind: 'line', points: line, closed: false, tone: 'cut' },
      ...(letter === undefined || r.index > 0
        ? []
        : [
            {
              kind: 'words',
              at: [at[0] + 1.2, at[1]],
              text: letter,
              size: LETTERS.text,
              middle: false,
            } as const,
          ]),
    ];
  });
  return [
    ...outlines.map((o): Mark => ({ kind: 'line', points: o.map(put), closed: true, tone: 'thin' })),
    ...rods,
  ];
}

/** Writes down a page and goes on to the next where one is full. */
class Writer {
  readonly pages: Mark[][] = [[]];
  y: Mm = 0;
  private readonly wide: Mm;
  private readonly tall: Mm;
  /** Above this height lines are shorter: the figure stands beside them. */
  private readonly beside: Mm;
  constructor(wide: Mm, tall: Mm, beside: Mm) {
    this.wide = wide;
    this.tall = tall;
    this.beside = beside;
  }
  private get page(): Mark[] {
    return this.pages.at(-1)!;
  }
  private get room(): Mm {
    return this.pages.length === 1 && this.y < this.beside ? this.wide - FIGURE.wide - 6 : this.wide;
  }
  /** Begin another page where so much does not fit any more. */
  need(tall: Mm): void {
    if (this.y + tall <= this.tall) return;
    this.pages.push([]);
    this.y = LETTERS.text;
  }
  text(text: string, size: Mm = LETTERS.text, indent: Mm = 0): void {
    for (const line of wrapped(text, this.room - indent, size)) {
      this.need(size * LINE);
      this.y += size * LINE;
      this.page.push({ kind: 'words', at: [indent, this.y], text: line, size, middle: false });
    }
  }
  head(text: string): void {
    this.need(LETTERS.head * LINE + 3 * LETTERS.text * LINE);
    this.y += 2.6;
    this.text(text, LETTERS.head);
    this.y += 0.6;
  }
  rule(): void {
    this.page.push({ kind: 'line', points: [[0, this.y + 1.2], [this.wide, this.y + 1.2]], closed: false, tone: 'help' }); // prettier-ignore
    this.y += 1.2;
  }
  /** Cells side by side, each in its own column. */
  row(
    cells: readonly { readonly at: Mm; readonly wide: Mm; readonly text: string }[],
    size: Mm = LETTERS.text,
  ): void {
    const lines = cells.map((c) => wrapped(c.text, c.wide, size));
    const deep = Math.max(...lines.map((l) => l.length));
    this.need(deep * size * LINE + 2);
    cells.forEach((c, i) =>
      lines[i]!.forEach((text, k) =>
        this.page.push({
          kind: 'words',
          at: [c.at, this.y + (k + 1) * size * LINE],
          text,
          size,
          middle: false,
        }),
      ),
    );
    this.y += deep * size * LINE;
    this.rule();
  }
}

/**
 * The card that goes with the figure, on one page where it fits, the rest on further ones with the name at their head: what is no
 * food and where it is, in which order it comes out, allergens, keeping.
 */
export function cardPages(
  build: Build,
  card: HandoverCard,
  letters: ReadonlyMap<string, string>,
  paper: PaperId,
): readonly Page[] {
  const { wide, tall } = PAPERS[paper];
  const window = { wide: wide - 2 * MARGIN, tall: tall - 2 * MARGIN - 8 };
  const w = new Writer(window.wide, window.tall, FIGURE.tall + 4);
  w.text(build.name, LETTERS.title);
  w.text(`due ${tellLocal(build.brief.due, build.brief.zone)}`, LETTERS.small);
  w.head('What is in it');
  w.text(`Allergens: ${tellAllergens(card.allergens)}.`);
  for (const n of card.notes.filter((x) => x.level === 'must')) w.text(`${n.why} ${n.what}`);
  for (const t of card.eaten) w.text(`${t.what} ×${t.number}${t.where ? `, ${t.where}` : ''}: may be eaten.`);
  if (card.note !== undefined) w.text(card.note);
  w.y = Math.max(w.y, FIGURE.tall + 2);
  const column = (share: number): Mm => share * window.wide;
  const line = (what: string, number: string, out: string, where: string) =>
    w.row([
      { at: 0, wide: column(COLUMNS.number) - 2, text: what },
      { at: column(COLUMNS.number), wide: column(COLUMNS.out - COLUMNS.number) - 2, text: number },
      { at: column(COLUMNS.out), wide: column(COLUMNS.where - COLUMNS.out) - 2, text: out },
      { at: column(COLUMNS.where), wide: column(1 - COLUMNS.where), text: where },
    ]);
  if (card.lines.length > 0) {
    w.head(`Not food, to be taken out: ${card.number.value}`);
    line('What', 'Put in', 'Taken out', 'Where');
    for (const l of card.lines) line(l.what, String(l.number), '_____', l.where);
  } else w.head('Nothing in it is anything but food');
  if (card.apart.length > 0) {
    w.head('In this order');
    card.apart.forEach((step, i) =>
      w.text(
        `${i + 1}. ${step.says} Out comes: ${step.out.map((l) => `${l.number} × ${l.what}`).join('; ')}.`,
        LETTERS.text,
        0,
      ),
    );
    for (const says of card.cutting) w.text(says);
  }
  if (card.keeps.length > 0) {
    w.head('Until it is eaten');
    for (const k of card.keeps) w.text(`${k.what}: ${k.says}`);
  }
  const rest = card.notes.filter((x) => x.level !== 'must');
  if (rest.length > 0) {
    w.head('To know');
    for (const n of rest) w.text(`${n.why} ${n.what}`, LETTERS.small);
  }
  w.need(16);
  w.y += 6;
  w.text(
    'Counted in ______________________    Taken out and counted ______________________    Date __________',
  );
  const figure = figureMarks(build, letters);
  const foot = window.tall + 6;
  return w.pages.map((marks, i): Page => {
    const all: Mark[] = [
      ...(i === 0
        ? figure.map((m) => moved(m, window.wide - FIGURE.wide, 0))
        : [
            {
              kind: 'words',
              at: [0, 2.4],
              text: `${build.name}, continued`,
              size: LETTERS.small,
              middle: false,
            } as const,
          ]),
      ...marks,
      {
        kind: 'words',
        at: [0, foot],
        text: 'A help, no certificate: labels, and the food law of the place, come first.',
        size: LETTERS.small,
        middle: false,
      },
      {
        kind: 'words',
        at: [window.wide - 22, foot],
        text: `page ${i + 1} of ${w.pages.length}`,
        size: LETTERS.small,
        middle: false,
      },
    ];
    return {
      name: String(i + 1),
      wide,
      tall,
      templates: [],
      marks: all.map((m) => moved(m, MARGIN, MARGIN)),
    };
  });
}

const moved = (mark: Mark, dx: Mm, dy: Mm): Mark => {
  const put = ([x, y]: PaperPoint): PaperPoint => [x + dx, y + dy];
  return mark.kind === 'line' ? { ...mark, points: mark.points.map(put) } : { ...mark, at: put(mark.at) };
};
