import { alongLine } from '../../figure/index.ts';
import type { Layer } from '../../ground/index.ts';
import { times, type Vec } from '../../solids/index.ts';
import type { Inside, RodPath } from '../runs/rod-paths.ts';
import type { Paste } from './springs.ts';
import type { Spring } from './settle.ts';

/**
 * A rod is a rigid body beside the paste. Along it, it is held by the shaft (half the stiffness a millimetre, the form of a
 * short pile; handbook) up to its grip, and by its end (a stamp on a half space, 1.33 E d; handbook) up to what paste bears
 * under it. Sideways by the stiffness of the paste a millimetre.
 */
const SHAFT = 0.5;
/** A step of the method; estimate. */
const TIP = 1.33;
/** Grip along it, and bearing under its end, in shares of what the paste yields at: as the anchorage of a stick has them. Estimates. */
export const GRIP = 0.2;
/** A step of the method; estimate. */
export const END = 4.5;
/** Pressed sideways it bears two of its diameters at the skin and nine deep down; half of that sideways of what yields. Estimate. */
const NEAR_SKIN = 2;
/** A step of the method; estimate. */
const DEEP = 9;
/** Springs along a run are no further apart than this, mm, and no more than so many. Estimate. */
const APART = 15;
/** A step of the method; estimate. */
const MOST = 4;
/** What lies so far beyond an end is what the end bears on, mm. Estimate. */
const BEYOND = 0.6;

/** What lies at a place: a number of a body there, or nothing. */
export type Finder = (at: Vec) => { readonly body: number; readonly paste: Paste } | undefined;

/** A stretch of a rod inside one body. */
export interface RodRun {
  /** As in `place`; −1 is under the figure, in that board or tier. */
  readonly instance: number;
  readonly part: Inside['part'];
  readonly layer?: Layer;
  readonly from: number;
  readonly to: number;
  /** Least paste beside it, mm. */
  readonly cover: number;
}

/** Where a rod runs in what, the deepest where several share a place; discs and gaps left out. */
export function runsOf({ spots, step }: RodPath): RodRun[] {
  const runs: RodRun[] = [];
  spots.forEach((spot, s) => {
    const inside = spot
      .filter((i) => i.part !== 'disc')
      .reduce<Inside | undefined>((a, i) => (!a || i.cover > a.cover ? i : a), undefined);
    if (!inside) return;
    const last = runs.at(-1);
    const [from, to] = [s * step, (s + 1) * step];
    if (
      last &&
      last.instance === inside.instance &&
      last.part === inside.part &&
      last.layer === inside.layer &&
      Math.abs(last.to - from) < 1e-6
    )
      runs[runs.length - 1] = { ...last, to, cover: Math.min(last.cover, inside.cover) };
    else {
      const { instance, part, cover, layer } = inside;
      runs.push({ instance, part, from, to, cover, ...(layer ? { layer } : {}) });
    }
  });
  return runs;
}

/** A spring of a rod with the run it stands for; of an end the run it goes on into. */
export interface RodSpring {
  readonly spring: Spring;
  readonly body: number;
}

/**
 * The springs that hold a rod.
 * @param rod its own number, `bodyOf` number and paste of what a run is in
 */
export function rodSprings(
  path: RodPath,
  rod: number,
  runs: readonly RodRun[],
  bodyOf: (run: RodRun) => { readonly body: number; readonly paste: Paste },
  beyond: Finder,
): RodSpring[] {
  const out: RodSpring[] = [];
  const d = path.stock.section.diameter;
  const { line } = path.placed;
  for (const run of runs) {
    const { body, paste } = bodyOf(run);
    const held = run.to - run.from;
    const parts = Math.max(1, Math.min(MOST, Math.ceil(held / APART)));
    const each = held / parts;
    const grip = GRIP * paste.yields * Math.PI * d * each;
    const deep = Math.min(1, Math.max(0, run.cover) / (3 * d));
    const aside = (NEAR_SKIN + (DEEP - NEAR_SKIN) * deep) * 0.5 * paste.yields * d * each;
    for (let k = 0; k < parts; k++) {
      const { at, along } = alongLine(line, run.from + (k + 0.5) * each);
      out.push({
        body,
        spring: {
          a: rod,
          b: body,
          at,
          n: along[2] >= 0 ? along : times(along, -1),
          stiff: SHAFT * paste.stiffness * each,
          sideways: paste.stiffness * each,
          press: grip,
          pull: grip,
          slide: aside,
        },
      });
    }
  }
  const ends = [
    { at: line[0]!, out: times(alongLine(line, 0).along, -1) },
    { at: line[line.length - 1]!, out: alongLine(line, path.length).along },
  ];
  for (const { at, out: n } of ends) {
    const there = beyond([at[0] + BEYOND * n[0], at[1] + BEYOND * n[1], at[2] + BEYOND * n[2]]);
    if (!there) continue;
    out.push({
      body: there.body,
      spring: {
        a: rod,
        b: there.body,
        at,
        n,
        stiff: TIP * there.paste.stiffness * d,
        sideways: 0,
        press: END * there.paste.yields * (Math.PI / 4) * d * d,
        pull: 0,
        slide: 0,
      },
    });
  }
  return out;
}
