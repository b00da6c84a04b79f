import { fail, ok, type Result } from '@core/quantity/index.ts';
import { closedTrouble, polygonContains, type Curve, type Curves } from '@core/solids/index.ts';
import { areaOf, simplified } from '@core/templates/index.ts';

type Point = readonly [number, number];

/** The outline of a drawing, and its size where the file tells one. */
export interface DrawnOutline {
  /** `edge` and its holes, as shares of the size: across −½…½, up 0…1. */
  readonly curves: Curves;
  /** Width over height. */
  readonly aspect: number;
  /** Width in millimetres, where the drawing says how large it is. */
  readonly mm: number | undefined;
}

/** Larger files are no outline, bytes. */
const MOST_BYTES = 4_000_000;
const MOST_SHAPES = 400;
/** A line keeps so many points at most, and has so many holes. */
const MOST_POINTS = 180;
const MOST_HOLES = 9;
/** Places looked at along one shape. */
const STOPS = 1500;
const DRAWN = 'path, polygon, polyline, rect, circle, ellipse';
/** Of a shape only this is read: nothing else of a file gets into the page. */
const GEOMETRY = ['d', 'points', 'x', 'y', 'width', 'height', 'rx', 'ry', 'cx', 'cy', 'r', 'transform'];
const NOT_DRAWN = 'defs, clipPath, mask, symbol, marker, pattern';
const MM: Readonly<Record<string, number>> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, pc: 25.4 / 6 };
const NS = 'http://www.w3.org/2000/svg';

const bare = (from: Element): SVGElement => {
  const to = document.createElementNS(NS, from.localName);
  for (const name of GEOMETRY) {
    const value = from.getAttribute(name);
    if (value !== null) to.setAttribute(name, value);
  }
  return to;
};

/** A shape under copies of what it stands in, so that it is where the drawing has it. */
function placed(shape: Element, root: Element, into: SVGSVGElement): SVGGeometryElement {
  const groups: Element[] = [];
  for (let at = shape.parentElement; at && at !== root; at = at.parentElement) groups.unshift(at);
  let inside: SVGElement = into;
  for (const g of groups) {
    const copy = document.createElementNS(NS, 'g');
    const transform = g.getAttribute('transform');
    if (transform !== null) copy.setAttribute('transform', transform);
    inside.append(copy);
    inside = copy;
  }
  const copy = bare(shape) as SVGGeometryElement;
  inside.append(copy);
  return copy;
}

/** The lines of a shape, each as points; where the pen was lifted another one begins. */
function linesOf(shape: SVGGeometryElement): Point[][] {
  let whole: number;
  try {
    whole = shape.getTotalLength();
  } catch {
    return [];
  }
  const turn = shape.getCTM();
  if (!(whole > 0) || !turn) return [];
  const lines: Point[][] = [[]];
  const step = whole / STOPS;
  let last: DOMPoint | undefined;
  for (let i = 0; i <= STOPS; i++) {
    const p = shape.getPointAtLength(Math.min(whole, i * step));
    if (last && Math.hypot(p.x - last.x, p.y - last.y) > 2.5 * step) lines.push([]);
    last = p;
    const q = p.matrixTransform(turn);
    lines.at(-1)!.push([q.x, -q.y]);
  }
  return lines.filter((l) => l.length > 8);
}

/** A closed line of few points: simpler until it has no more than a line may have. */
function closedLine(points: readonly Point[], size: number): Point[] {
  for (let off = size / 1500; ; off *= 1.5) {
    const line = [...simplified(points, off)];
    const [a, b] = [line[0]!, line.at(-1)!];
    if (line.length > 3 && Math.hypot(a[0] - b[0], a[1] - b[1]) < size / 500) line.pop();
    if (line.length <= MOST_POINTS) return line;
  }
}

const NOTHING = 'There is no closed outline in this drawing. Convert words and strokes to paths first.';

/** Width in millimetres of one unit of the drawing, where it says how large it is. */
function unitOf(root: Element): number | undefined {
  const told = /^\s*([\d.]+)\s*(mm|cm|in|pt|pc)\s*$/.exec(root.getAttribute('width') ?? '');
  const box = (root.getAttribute('viewBox') ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  if (!told || box.length !== 4 || !(box[2]! > 0)) return undefined;
  return (Number(told[1]) * MM[told[2]!]!) / box[2]!;
}

/** All lines of a drawing, read by the browser's own engine in a picture that is never shown. */
function drawnLines(shapes: readonly Element[], root: Element): Point[][] {
  const into = document.createElementNS(NS, 'svg');
  into.setAttribute('style', 'position:absolute;width:0;height:0;visibility:hidden');
  document.body.append(into);
  try {
    return shapes.flatMap((s) => linesOf(placed(s, root, into)));
  } finally {
    into.remove();
  }
}

/**
 * The largest outline of an SVG drawing, with what lies inside it as holes. Only geometry is read: scripts, styles, pictures
 * and links of a file are never put into the page.
 */
export function outlineFromSvg(text: string): Result<DrawnOutline> {
  if (text.length > MOST_BYTES) return fail('This drawing is too large for an outline.');
  const file = new DOMParser().parseFromString(text, 'image/svg+xml');
  const root = file.documentElement;
  if (file.querySelector('parsererror') || root.localName !== 'svg')
    return fail('This is no SVG drawing, or it is damaged.');
  const shapes = [...root.querySelectorAll(DRAWN)].filter((s) => !s.closest(NOT_DRAWN));
  if (shapes.length > MOST_SHAPES)
    return fail(
      `This drawing has ${shapes.length} shapes; keep the outline alone, and at most ${MOST_SHAPES}.`,
    );
  const lines = drawnLines(shapes, root).filter((l) => l.every((p) => p.every(Number.isFinite)));
  const areaIn = (l: readonly Point[]): number => Math.abs(areaOf([l]));
  const sorted = lines.sort((a, b) => areaIn(b) - areaIn(a));
  const [outer] = sorted;
  if (!outer || !(areaIn(outer) > 0)) return fail(NOTHING);
  const xs = outer.map((p) => p[0]);
  const ys = outer.map((p) => p[1]);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  const [wide, tall] = [right - left, high - low];
  if (!(wide > 0) || !(tall > 0)) return fail(NOTHING);
  const size = Math.max(wide, tall);
  const curveOf = (line: readonly Point[]): Curve =>
    closedLine(line, size).map(([x, y]) => [(x - left) / wide - 0.5, (y - low) / tall, 1] as const);
  const edge = curveOf(outer);
  const trouble = closedTrouble(edge, 'The outline');
  if (trouble) return fail(trouble);
  const holes = sorted
    .slice(1)
    .filter((l) => areaIn(l) > areaIn(outer) / 1000 && l.every(([x, y]) => polygonContains(outer, x, y)))
    .slice(0, MOST_HOLES)
    .map(curveOf)
    .filter((h) => !closedTrouble(h, 'A hole'));
  const unit = unitOf(root);
  return ok({
    curves: { edge, ...Object.fromEntries(holes.map((h, i) => [`hole${i + 1}`, h])) },
    aspect: wide / tall,
    mm: unit === undefined ? undefined : wide * unit,
  });
}
