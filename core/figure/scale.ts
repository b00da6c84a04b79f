import { bisect, clamp, fail, ok, takes, type Mm, type Result } from '../quantity/index.ts';
import { checkForm, scaleForm } from '../solids/index.ts';
import {
  discRecord,
  FARTHEST,
  seatRecord,
  type Build,
  type Disc,
  type PartsOf,
  type Place,
} from '../record/index.ts';
import { height } from './extent.ts';
import { mapPoints, pointsOf } from './rod-line.ts';

const scaled = ([x, y, z]: Place, k: number): Place => [
  Number((x * k).toFixed(3)),
  Number((y * k).toFixed(3)),
  Number((z * k).toFixed(3)),
];

const scaledDisc = (disc: Disc, k: number): Disc => ({
  ...disc,
  width: Math.round(
    clamp(disc.width * k, discRecord.properties.width.minimum, discRecord.properties.width.maximum),
  ),
});

/**
 * Make the whole figure k times as large: lengths by k, sheets and coats keep their thickness, so grams follow by
 * k³ in solids and about k² in sheets and coats; rods keep their stock (bones/ chooses the next one up).
 */
export function scaleFigure(build: Build, k: number): Build {
  return {
    ...build,
    pieces: build.pieces.map((p) => ({
      ...p,
      form: scaleForm(p.form, k),
      seat: {
        ...p.seat,
        at: scaled(p.seat.at, k),
        sink: Number((p.seat.sink * k).toFixed(3)),
        ...(p.seat.disc ? { disc: scaledDisc(p.seat.disc, k) } : {}),
      },
    })),
    rods: build.rods.map((r) => ({
      ...r,
      ...mapPoints(r, (end) => ({ ...end, at: scaled(end.at, k) })),
    })),
  };
}

/**
 * What of a build cannot be made or stands out of all bounds, in a sentence: for changes that touch every piece at once.
 * @returns undefined where everything can be made
 */
export function makeTrouble(build: PartsOf<'pieces' | 'rods'>): string | undefined {
  for (const { name, form, seat } of build.pieces) {
    const checked = checkForm(form);
    if (!checked.ok) return `${name}: ${checked.problem.text}`;
    if (seat.at.some((x) => Math.abs(x) > FARTHEST)) return `${name} would be more than three metres away.`;
    if (!takes(seatRecord.properties.sink, seat.sink))
      return `${name} would go in by ${Math.round(seat.sink)} mm: more than anything is set in.`;
  }
  for (const rod of build.rods)
    if (pointsOf(rod).some((e) => e.at.some((x) => Math.abs(x) > FARTHEST)))
      return `${rod.name} would end more than three metres away.`;
  return undefined;
}

/** As near as twice this under the height that was asked for, mm: places are kept to a thousandth. Derived. */
const CLOSE = 0.002;
/** Steps along a straight line before it is halved instead. Estimate. */
const STEPS = 6;

/**
 * The factor that brings the figure to a finished height. Not simply wanted ÷ present: coats and sheets keep their
 * thickness, so it is found by secants, and by halving where they lead nowhere.
 */
export function factorForHeight(build: Build, wanted: Mm): Result<number> {
  const now = height(build);
  if (!(now > 0)) return fail('There is nothing on the board to make larger yet.');
  if (!(wanted >= 10 && wanted <= 2000))
    return fail('A finished height has to lie between 10 and 2000 mm.', 'height');
  // never over it: a case or a shelf that takes just that height takes the figure
  const off = (x: number): number => height(scaleFigure(build, x)) - (wanted - CLOSE);
  const first = wanted / now;
  // height goes nearly straight with size: a step or two along that line are enough, each a whole figure laid out
  let [a, b] = [1, first];
  let [offA, offB] = [now - (wanted - CLOSE), off(first)];
  for (let step = 0; step < STEPS && Math.abs(offB) > CLOSE && offB !== offA; step++) {
    const next = b - (offB * (b - a)) / (offB - offA);
    if (!(next > first * 0.3 && next < first * 3)) break;
    [a, offA, b, offB] = [b, offB, next, off(next)];
  }
  if (Math.abs(offB) <= CLOSE) return ok(b);
  const k = bisect(off, first * 0.3, first * 3, 40);
  return k === undefined
    ? fail('That height cannot be reached with these sheets and coats.', 'height')
    : ok(k);
}
