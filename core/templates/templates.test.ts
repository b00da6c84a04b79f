import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { setTemplate } from '../edits/index.ts';
import { plan } from '../plan.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import { PDFDocument, PDFName } from 'pdf-lib';
import {
  areaOf,
  BAR,
  boxOf,
  correction,
  leftForRight,
  offset,
  pagesOf,
  pdfOf,
  PAPERS,
  svgOf,
  templateSizes,
  templatesOf,
  USES,
  healed,
  type Page,
  type PaperId,
  type PaperPoint,
  type Rings,
  type Template,
} from './index.ts';

const square: Rings = [
  [
    [0, 0],
    [100, 0],
    [100, 100],
    [0, 100],
  ],
];
const star = (n: number, outer: number, inner: number): Rings => [
  Array.from({ length: 2 * n }, (_, i): PaperPoint => {
    const r = i % 2 ? inner : outer;
    return [r * Math.cos((Math.PI * i) / n), r * Math.sin((Math.PI * i) / n)];
  }),
];
const frame: Rings = [
  square[0]!,
  [
    [25, 25],
    [75, 25],
    [75, 75],
    [25, 75],
  ],
];
const dumbbell: Rings = [
  [
    [0, 0],
    [40, 0],
    [40, 15],
    [60, 15],
    [60, 0],
    [100, 0],
    [100, 40],
    [60, 40],
    [60, 25],
    [40, 25],
    [40, 40],
    [0, 40],
  ],
];
const bow: Rings = [
  [
    [0, 0],
    [100, 100],
    [100, 0],
    [0, 100],
  ],
];
const wiggle: Rings = [
  Array.from({ length: 2000 }, (_, i): PaperPoint => {
    const t = (2 * Math.PI * i) / 2000;
    const r = 100 + 8 * Math.sin(23 * t);
    return [r * Math.cos(t), r * Math.sin(t)];
  }),
];

const wavy: Rings = [
  Array.from({ length: 2000 }, (_, i): PaperPoint => {
    const t = (2 * Math.PI * i) / 2000;
    const r = 100 + 8 * Math.sin(37 * t) + 3 * Math.sin(91 * t);
    return [r * Math.cos(t), r * Math.sin(t)];
  }),
];

describe('lines moved in and out', () => {
  // by hand: area + length × by + π by² for a square; corners stay sharp inwards
  it.each([
    ['square, 10 out', square, 10, 10_000 + 4000 + Math.PI * 100],
    ['square, 10 in', square, -10, 6400],
    ['square, 49.9 in', square, -49.9, 0.04],
    ['square, nothing left', square, -50, 0],
    ['square, less than nothing', square, -60, 0],
    ['a point told twice, 10 out', [[...square[0]!, square[0]![0]!]], 10, 10_000 + 4000 + Math.PI * 100],
    // no closed form: three other offset libraries agree to a thousandth
    ['star, 15 in', star(5, 100, 40), -15, 3569.8],
    ['a line that crosses itself, 5 out', bow, 5, 7480.6],
    ['a wiggle of 2000 points, 3 out', wavy, 3, 36_109.4],
    ['clockwise square, 10 out', square.map((r) => [...r].reverse()), 10, 10_000 + 4000 + Math.PI * 100],
    ['frame with a hole, 5 out', frame, 5, 100 * 100 + 2000 + Math.PI * 25 - 40 * 40],
    ['frame with a hole, 5 in', frame, -5, 90 * 90 - (50 * 50 + 4 * 5 * 50 + Math.PI * 25)],
    ['drawn twice over', [square[0]!, square[0]!, square[0]!], 0, 10_000],
    ['a line that crosses itself', bow, 0, 5000],
  ] as const)('%s', (_, rings, by, area) => {
    const moved = offset(healed(rings, 'drawn'), by);
    // a rounded corner is a little inside of its arc
    expect(Math.abs(areaOf(moved) - area)).toBeLessThan(0.0006 * area + 0.01);
  });

  it('falls into two where a neck is thinner than what lies on both its sides', () => {
    expect(offset(healed(dumbbell, 'drawn'), -6)).toHaveLength(2);
    expect(offset(healed(dumbbell, 'drawn'), -4)).toHaveLength(1);
  });

  it('is as far from the line everywhere as was asked, for any outline', () => {
    const near = (rings: Rings, [x, y]: PaperPoint) =>
      Math.min(
        ...rings.flatMap((r) =>
          r.map(([ax, ay], i) => {
            const [bx, by] = r[(i + 1) % r.length]!;
            const [dx, dy] = [bx - ax, by - ay];
            const t = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)));
            return Math.hypot(x - ax - t * dx, y - ay - t * dy);
          }),
        ),
      );
    const shapes = [square, star(5, 60, 25), star(9, 80, 60), frame, dumbbell, wiggle];
    fc.assert(
      fc.property(fc.constantFrom(...shapes), fc.double({ min: -9, max: 12, noNaN: true }), (rings, by) => {
        fc.pre(Math.abs(by) > 0.2);
        const line = healed(rings, 'drawn');
        for (const ring of offset(line, by))
          for (const at of ring.filter((_, i) => i % 7 === 0))
            expect(Math.abs(near(line, at) - Math.abs(by))).toBeLessThan(0.08);
      }),
      { numRuns: 25 },
    );
  });

  it('mirrored lines cover as much, the same way round, and twice mirrored is as it was', () => {
    const line = healed(star(7, 50, 20), 'drawn');
    expect(areaOf(leftForRight(line))).toBeCloseTo(areaOf(line), 6);
    expect(boxOf(leftForRight(leftForRight(line)))).toEqual(boxOf(line));
  });
});

const sheet = (width: number, height: number, outline: 'rectangle' | 'leaf' = 'rectangle') =>
  ({ kind: 'sheet', sizes: { width, height, thickness: 3 }, outline }) as const;
const cut = (width: number, height: number) => ({
  ...blank,
  pieces: [plainPiece('leaf', sheet(width, height, 'leaf'))],
});
const A4 = { paper: 'A4', measured: 100 } as const;
const only = (build: Parameters<typeof templatesOf>[0]): Template => templatesOf(build)[0]!;

describe('templates of a build', () => {
  it('what is cut gets a knife line a millimetre outside, what is made by hand gets none', () => {
    const t = only(cut(40, 80));
    expect([t.use, t.says]).toEqual(['cut', 'cut 1 mm outside the line']);
    expect(t.wide).toBeCloseTo(42, 0);
    expect(t.tall).toBeGreaterThan(81.9);
    const otter = templatesOf(demoBuild('ferryman-otter'));
    const pieces = new Set(otter.flatMap((x) => x.pieces));
    expect(pieces.has('scarf')).toBe(true);
    expect(pieces.has('nose')).toBe(false);
  });

  it.each(Object.values(USES).filter((u) => u.id !== 'none'))('$name', ({ id, by }) => {
    const build = setTemplate(cut(40, 80), 'leaf', id);
    const t = only(build);
    const line = healed(t.line.length ? t.line : t.rings, 'drawn');
    const out = by({ over: blank.cake.coatThickness, thick: 3 });
    // an outline moved out by d is wider by 2 d
    expect(boxOf(t.rings).wide - boxOf(line).wide).toBeCloseTo(2 * out, 0);
    expect(only(setTemplate(build, 'leaf', undefined)).use).toBe('cut');
    expect(templatesOf(setTemplate(build, 'leaf', 'none'))).toEqual([]);
  });

  it('a pencil-down transfer is the other way round, and of a pair each side has its own', () => {
    const lopsided = {
      ...sheet(40, 50),
      curves: {
        edge: [
          [0, 0, 1],
          [1, 0, 1],
          [1, 1, 1],
          [0.2, 0.4, 1],
        ] as const,
      },
    } as never;
    const one = { ...blank, pieces: [plainPiece('fin', lopsided)] };
    const there = only(setTemplate(one, 'fin', 'drawn'));
    const turned = only(setTemplate(one, 'fin', 'transfer'));
    const flip = turned.rings.map((r) => r.map(([x, y]): PaperPoint => [turned.wide - x, y]));
    expect(Math.abs(areaOf(flip))).toBeCloseTo(areaOf(there.rings), 3);
    expect(flip[0]!.some(([x, y]) => there.rings[0]!.some(([u, v]) => Math.hypot(u - x, v - y) < 1e-6))).toBe(
      true,
    );
    const pair = { ...one, pieces: [{ ...one.pieces[0]!, pair: true }] };
    expect(templatesOf(pair).map((t) => t.name.split(', ')[1])).toEqual(['left', 'right']);
    // what is its own mirror needs one paper
    expect(templatesOf({ ...blank, pieces: [{ ...cut(40, 80).pieces[0]!, pair: true }] })).toHaveLength(1);
  });

  it('pieces that are cut alike share a paper, which says how many', () => {
    const lily = templatesOf(demoBuild('lily-and-reeds'));
    const petals = lily.filter((t) => t.name === 'Petal');
    expect(petals).toHaveLength(1);
    expect([petals[0]!.number, petals[0]!.pieces.length]).toEqual([6, 6]);
  });

  it('a cake is carved in by its coat and its paste, seen from three sides; what gets lost is told', () => {
    const head = {
      ...plainPiece('head', { kind: 'skinOverBall', sizes: { core: 136, coat: 4 } }),
      core: 'cake' as const,
    };
    const build = { ...blank, cake: { ...blank.cake, coatThickness: 3 }, pieces: [head] };
    const all = templatesOf(build);
    const sides = all.filter((t) => !/layer/.test(t.name));
    // a ball looks the same from the side, and not where it has a foot
    expect(sides.map((t) => t.name)).toEqual(['head, front and side', 'head, top']);
    expect(sides.map((t) => t.number)).toEqual([1, 1]);
    for (const t of sides) {
      expect(t.says).toBe('carve to here, 7 mm in');
      // a ball of 144 finished is carved to 130: a circle, to half a hundredth
      expect(areaOf(t.rings)).toBeGreaterThan((Math.PI / 4) * 130 ** 2 * 0.995);
      expect(areaOf(t.rings)).toBeLessThan((Math.PI / 4) * 130 ** 2 * 1.0005);
      expect(t.notes).toEqual([]);
    }
    const small = { ...head, form: { kind: 'skinOverBall', sizes: { core: 4, coat: 4 } } } as never;
    expect(templatesOf({ ...build, pieces: [small] })[0]!.notes[0]).toMatch(/Nothing is left/);
  });
});

const lineOf = (page: Page, tone: string) =>
  page.marks.flatMap((m) => (m.kind === 'line' && m.tone === tone ? [m.points] : []));
const barOf = (page: Page): number => {
  const [bar] = lineOf(page, 'bar');
  return bar![1]![0] - bar![0]![0];
};

describe('pages', () => {
  it('hold small ones together, and tile large ones so that their crosses meet', () => {
    const pages = value(pagesOf(templatesOf(demoBuild('savoy-cabbage')), 'Savoy cabbage', A4));
    expect(pages.length).toBeGreaterThan(0);
    const large = value(pagesOf(templatesOf(cut(420, 300)), 'Leaf', A4));
    expect(large.map((p) => p.name)).toEqual(['A1', 'A2', 'B1', 'B2', 'C1', 'C2']);
    // a cross of one page, moved by a page less the overlap, is one of the next
    const crosses = (p: Page) =>
      lineOf(p, 'help')
        .filter((l) => l.length === 2 && l[0]![1] === l[1]![1])
        .map((l) => (l[0]![0] + l[1]![0]) / 2);
    const pitch = PAPERS.A4.wide - 24 - 10;
    const [a, c] = [crosses(large[0]!), crosses(large[2]!)];
    expect(a.some((x) => c.some((y) => Math.abs(y + pitch - x) < 1e-9))).toBe(true);
  });

  it('put together the tiles of a drawing are the drawing: no line is lost, and none added', () => {
    fc.assert(
      fc.property(fc.integer({ min: 150, max: 700 }), fc.integer({ min: 150, max: 700 }), (wide, tall) => {
        const t = only(cut(wide, tall));
        const pages = value(pagesOf([t], 'x', A4));
        const long = (points: readonly PaperPoint[], closed = false) =>
          points.reduce((sum, [x, y], i) => {
            const [u, v] = points[i + 1] ?? (closed ? points[0]! : [x, y]);
            return sum + Math.hypot(u - x, v - y);
          }, 0);
        const all = pages.flatMap((p) =>
          p.marks.flatMap((m) => (m.kind === 'line' && m.tone === 'cut' ? [long(m.points, m.closed)] : [])),
        );
        const whole = t.rings.reduce((sum, r) => sum + long(r, true), 0);
        const drawn = all.reduce((p, q) => p + q, 0);
        // overlaps are drawn twice, and never more than that
        expect(drawn).toBeGreaterThan(whole - 1e-6);
        expect(drawn).toBeLessThan(1.35 * whole);
        if (pages.length === 1) expect(drawn).toBeCloseTo(whole, 6);
      }),
      { numRuns: 30 },
    );
  });

  it('refuse what nobody glues together, and a bar that was not the bar', () => {
    const huge: Template = { ...only(cut(100, 100)), wide: 3000, tall: 3000 };
    expect(refusal(pagesOf([huge], 'x', A4))).toMatch(/takes \d+ pages of A4, and more than 60/);
    expect(refusal(pagesOf([], 'x', { paper: 'A4', measured: 60 }))).toMatch(/measured between 80 and 120/);
    expect(refusal(correction(Number.NaN))).toMatch(/measured between/);
    expect(value(correction(97))).toBeCloseTo(1.0309278, 6);
  });

  it('are drawn larger for a printer that prints small', () => {
    const [page] = value(pagesOf(templatesOf(cut(40, 80)), 'x', { paper: 'A4', measured: 97 }));
    expect(barOf(page!) * 0.97).toBeCloseTo(BAR, 9);
    const xs = lineOf(page!, 'cut')[0]!.map((p) => p[0]);
    expect((Math.max(...xs) - Math.min(...xs)) * 0.97).toBeCloseTo(only(cut(40, 80)).wide, 6);
  });

  it('as SVG a unit is a millimetre, and no name breaks out of it', () => {
    const build = cut(40, 80);
    const named = { ...build, pieces: [{ ...build.pieces[0]!, name: '</text><script>x</script>&"' }] };
    const [page] = value(pagesOf(templatesOf(named), 'A & B', A4));
    const svg = svgOf(page!);
    expect(svg).toMatch(/width="210mm" height="297mm" viewBox="0 0 210 297"/);
    expect(svg).not.toContain('<script');
    expect(svg).toContain('A &#38; B');
  });
});

const fonts = ['latin', 'latin-ext'].map((set) =>
  readFileSync(
    createRequire(import.meta.url).resolve(
      `@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${set}-400-normal.woff`,
    ),
  ),
);
/** Dots in a millimetre when a page is made into a picture: 508 in an inch. */
const DOTS = 20;
/** A page of a PDF as Debian's poppler draws it: whether each dot is dark. */
function drawnPage(
  pdf: Uint8Array,
  page: number,
): { wide: number; tall: number; dark: (x: number, y: number) => boolean } {
  const folder = mkdtempSync(join(tmpdir(), 'pages-'));
  try {
    writeFileSync(join(folder, 'in.pdf'), pdf);
    execFileSync('pdftoppm', [
      '-r',
      '508',
      '-gray',
      '-f',
      String(page),
      '-l',
      String(page),
      '-singlefile',
      join(folder, 'in.pdf'),
      join(folder, 'out'),
    ]);
    const picture = readFileSync(join(folder, 'out.pgm'));
    const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(picture.subarray(0, 40).toString('latin1'))!;
    const [wide, tall] = [Number(head[1]), Number(head[2])];
    const from = head[0].length;
    return { wide, tall, dark: (x, y) => picture[from + y * wide + x]! < 128 };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

describe('as a PDF', () => {
  it.each(Object.keys(PAPERS) as PaperId[])(
    'is at true size on %s, measured on what another program draws',
    async (paper) => {
      const t = only(setTemplate(cut(120, 90), 'leaf', 'drawn'));
      const pages = value(pagesOf([t], 'Ferry, trial', { paper, measured: 100 }));
      const told: number[] = [];
      const pdf = await pdfOf(pages, 'Ferry, trial', fonts, (share) => told.push(share));
      expect(told).toEqual([1]);
      const { wide, tall, dark } = drawnPage(pdf, 1);
      expect(wide / DOTS).toBeCloseTo(PAPERS[paper].wide, 0);
      expect(tall / DOTS).toBeCloseTo(PAPERS[paper].tall, 0);
      // the bar, outer edge to outer edge of its line, less the line's own width
      const y = Math.round((PAPERS[paper].tall - 12 - 16 + 9) * DOTS);
      const across = Array.from({ length: wide }, (_, x) => x).filter((x) => dark(x, y) && x > wide / 4);
      expect(Math.abs((across.at(-1)! - across[0]! + 1) / DOTS - 0.3 - BAR)).toBeLessThan(0.2);
      // the template at its widest, the same way
      const [[, top], [, low]] = [lineOf(pages[0]!, 'cut')[0]!].map((l) => {
        const ys = l.map((p) => p[1]);
        return [
          [0, Math.min(...ys)],
          [0, Math.max(...ys)],
        ] as const;
      })[0]!;
      let [left, right] = [Infinity, -Infinity];
      for (let row = Math.round(top * DOTS); row < low * DOTS; row += 4)
        for (let x = 0; x < wide; x++)
          if (dark(x, row)) [left, right] = [Math.min(left, x), Math.max(right, x)];
      expect(Math.abs((right - left + 1) / DOTS - 0.4 - 120)).toBeLessThan(0.3);
    },
  );

  it('asks viewers not to fit it to the paper, is the same file each time, and prints any name', async () => {
    const build = cut(40, 80);
    const named = { ...build, pieces: [{ ...build.pieces[0]!, name: 'Žluté 葉 “☃”' }] };
    const pages = value(pagesOf(templatesOf(named), 'Ålesund', A4));
    const [a, b] = [await pdfOf(pages, 'Ålesund', fonts), await pdfOf(pages, 'Ålesund', fonts)];
    const read = await PDFDocument.load(a);
    expect(read.catalog.getViewerPreferences()?.getPrintScaling()).toBe('None');
    expect(read.getTitle()).toBe('Ålesund');
    expect(read.catalog.get(PDFName.of('Pages'))).toBeDefined();
    expect(Buffer.from(a).equals(Buffer.from(b))).toBe(true);
  });

  it('ends when what hears of its progress says so', async () => {
    const pages = value(pagesOf(templatesOf(cut(420, 300)), 'x', A4));
    let n = 0;
    await expect(
      pdfOf(pages, 'x', fonts, () => {
        if (++n === 2) throw new Error('enough');
      }),
    ).rejects.toThrow('enough');
    expect(n).toBe(2);
  });
});

it('the size of every paper of the demonstrations opens to a sum that is its size, and is in the report', () => {
  for (const id of ['ferryman-otter', 'savoy-cabbage', 'donkey-with-panniers'] as const) {
    const build = demoBuild(id);
    const all = templatesOf(build);
    expect(plan(build).templates.map((t) => t.id)).toEqual(all.map((t) => t.id));
    for (const t of all) {
      const [wide, tall] = templateSizes(t);
      expect(wide.value, t.name).toBeCloseTo(t.wide, 1);
      expect(tall.value, t.name).toBeCloseTo(t.tall, 1);
    }
    expect(JSON.stringify(plan(build))).toContain('"templates":[');
  }
});
