import { bisect, clamp, fail, ok, remembered, takes, type Mm, type Result } from '../quantity/index.ts';
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
import { height, reach, UP } from './extent.ts';
import { place } from './place.ts';
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
 * k³ in solids and about k² in sheets and coats; rods keep their stock (bones/ chooses the next one up). The last ones are kept:
 * what was tried on the way to a height need not be laid out again.
 */
export const scaleFigure = remembered((build: Build, k: number): Build => ({
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
}));

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
/** What reaches so far up, share of the height, may come to be the highest. Estimate: what it leads to is looked over. */
const HIGH = 0.7;

/** Pieces that may come to be the highest, with what carries them. */
function highest(build: Build): Build {
  const instances = place(build);
  const enough = HIGH * height(build);
  const kept = new Set<string>();
  for (const i of instances)
    if (reach(i, UP) >= enough)
      for (let at: typeof i | undefined = i; at && !kept.has(at.piece.id); at = instances[at.carrier])
        kept.add(at.piece.id);
  return { ...build, pieces: build.pieces.filter((p) => kept.has(p.id)), rods: [] };
}

/**
 * The factor at which something that goes nearly straight with size is not off any more: by secants, and by halving where they
 * lead nowhere.
 * @param off how far off it is at a factor
 * @param first the factor it would be if it went straight
 */
function factorBy(off: (x: number) => Mm, first: number): number | undefined {
  let [a, b] = [1, first];
  let [offA, offB] = [off(a), off(b)];
  for (let step = 0; step < STEPS && Math.abs(offB) > CLOSE && offB !== offA; step++) {
    const next = b - (offB * (b - a)) / (offB - offA);
    if (!(next > first * 0.3 && next < first * 3)) break;
    [a, offA, b, offB] = [b, offB, next, off(next)];
  }
  return Math.abs(offB) <= CLOSE ? b : bisect(off, first * 0.3, first * 3, 40);
}

/**
 * The factor that brings the figure to a finished height. Not simply wanted ÷ present: coats and sheets keep their
 * thickness, so it is sought. Only what is high is laid out at each step; the whole figure once at the end, and where that
 * shows something else to be the highest, at each step after all.
 */
export function factorForHeight(build: Build, wanted: Mm): Result<number> {
  const now = height(build);
  if (!(now > 0)) return fail('There is nothing on the board to make larger yet.');
  if (!(wanted >= 10 && wanted <= 2000))
    return fail('A finished height has to lie between 10 and 2000 mm.', 'height');
  // never over it: a case or a shelf that takes just that height takes the figure
  const offOf = (part: Build) => (x: number) =>
    (x === 1 ? height(part) : height(scaleFigure(part, x))) - (wanted - CLOSE);
  const quick = factorBy(offOf(highest(build)), wanted / now);
  if (quick !== undefined && Math.abs(offOf(build)(quick)) <= CLOSE) return ok(quick);
  const k = factorBy(offOf(build), wanted / now);
  return k === undefined
    ? fail('That height cannot be reached with these sheets and coats.', 'height')
    : ok(k);
}
