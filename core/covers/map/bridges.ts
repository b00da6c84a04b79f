import type { Mm } from '../../quantity/index.ts';
import type { Vec } from '../../solids/index.ts';
import { STEP, type Lines, type SkinStretch } from './lines.ts';

/** A hollow that a sheet drawn tight would bridge. */
export interface Bridge {
  /** Direction from the start, degrees. */
  readonly at: number;
  /** Across its mouth, and its depth below that, mm. */
  readonly across: Mm;
  readonly deep: Mm;
  /** Pressed in, a sheet that does not slide is so much longer, per cent. */
  readonly longer: number;
}

/** A hollow narrower or shallower than this is smoothed over by a thumb, mm. Estimate. */
const LEAST: { readonly across: Mm; readonly deep: Mm } = { across: 5, deep: 1 };
/** A line that turns aside further than this, radians, goes round the hollow and not over it. Estimate. */
const ASIDE = 0.35;

/** Ends of stretches nearer than this to each other are of one line, mm. A step of the method; estimate. */
const NEAR: Mm = 2;

/** A place of a line: how far aside from the start it lies, how high, and in which direction. */
type Place = readonly [aside: Mm, height: Mm, way: number];

/** From the start to the widest place: below it the sheet is not drawn over anything. */
function placesOf(line: readonly SkinStretch[], [ox, oy]: Vec): Place[] {
  const put = ([x, y, z]: Vec): Place => [Math.hypot(x - ox, y - oy), z, Math.atan2(y - oy, x - ox)];
  const places: Place[] = [];
  let last: SkinStretch | undefined;
  for (const s of line) {
    // where directions run over each other a stretch of another line stands between: it is left out
    const gap = last ? Math.hypot(...[0, 1, 2].map((k) => s.at[k]! - last!.end[k]!)) : 0;
    if (last && gap > s.from - last.to + NEAR) continue;
    places.push(put(s.at));
    last = s;
  }
  if (last) places.push(put(last.end));
  const widest = places.reduce((best, p, i) => (p[0] > places[best]![0] + 1e-6 ? i : best), 0);
  return places.slice(0, widest + 1);
}

/** The corners of a line drawn tight over it from above. */
function tight(places: readonly Place[]): number[] {
  const hull: number[] = [];
  places.forEach(([x, y], i) => {
    while (hull.length > 1) {
      const [a, b] = hull.slice(-2).map((k) => places[k]!) as [Place, Place];
      if ((b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]) < 0) break;
      hull.pop();
    }
    hull.push(i);
  });
  return hull;
}

function bridgeOf(over: readonly Place[], direction: number): Bridge | undefined {
  const [from, to] = [over[0]!, over.at(-1)!];
  const across = Math.hypot(to[0] - from[0], to[1] - from[1]);
  if (across < LEAST.across) return undefined;
  let [long, deep, aside] = [0, 0, 0];
  over.forEach((p, i) => {
    const before = over[i - 1];
    if (!before) return;
    long += Math.hypot(p[0] - before[0], p[1] - before[1]);
    deep = Math.max(
      deep,
      Math.abs((p[0] - from[0]) * (to[1] - from[1]) - (p[1] - from[1]) * (to[0] - from[0])) / across,
    );
    aside = Math.max(aside, Math.abs(Math.atan2(Math.sin(p[2] - to[2]), Math.cos(p[2] - to[2]))));
  });
  if (deep < LEAST.deep || aside > ASIDE) return undefined;
  return { at: direction, across, deep, longer: 100 * (long / across - 1) };
}

/** Hollows between the start and the widest place, the worst first: along every third line, drawn tight. Derived. */
export function bridgesOver({ lines }: Lines, start: Vec): Bridge[] {
  return lines
    .flatMap((line, k) => {
      if (k % 3 !== 0 || line.length < 4) return [];
      const places = placesOf(line, start);
      const hull = tight(places);
      const degrees = (k * STEP * 180) / Math.PI;
      return hull.flatMap((end, i) => {
        const from = hull[i - 1];
        if (from === undefined || end - from < 2) return [];
        const found = bridgeOf(places.slice(from, end + 1), degrees);
        return found ? [found] : [];
      });
    })
    .sort((a, b) => b.longer - a.longer);
}
