import { solidOf, type Contact } from '../../contacts/index.ts';
import type { Instance } from '../../figure/index.ts';
import { remembered } from '../../quantity/index.ts';
import { bodySkin, dot, measureMesh, sub, type Body, type Vec } from '../../solids/index.ts';
import type { Spring } from './settle.ts';

/** How a body gives, MPa: what it yields at, and its stiffness. */
export interface Paste {
  readonly yields: number;
  readonly stiffness: number;
}

/** Strain at which paste yields, the firming law's own, fitted; stiffness is what it yields at over that. */
const YIELD_STRAIN = 0.023;
/** Paste, cake or foam by what it yields at, kPa. */
export const pasteOf = (kPa: number): Paste => ({ yields: kPa / 1000, stiffness: kPa / 1000 / YIELD_STRAIN });
/** A board under paste gives nothing that could be told. Estimate. */
export const HARD: Paste = { yields: 10, stiffness: 2000 };

/** Sideways it is so much as stiff as straight on: half of a half space's, less its spread; estimate. */
const SIDEWAYS = 0.35;
/** (1 − ν²) for paste, which keeps its volume. Handbook. */
const KEEPS_VOLUME = 0.75;
/** A small face on a wide body bears so much more than its own squash: (2 + π) ÷ √3 − 1, Prandtl. Handbook. */
const PUNCH = 1.97;

/** A body that carries or is carried, with its number among those that settle. */
export interface LoadedBody {
  readonly body: number;
  readonly instance: Instance;
  readonly at: Vec;
  readonly paste: Paste;
}

/** Volume of a body, mm³, taken once. */
const volumeOf = remembered((body: Body): number => Math.abs(measureMesh(bodySkin(body, 20)).volume));

/** How far a standing body reaches along a direction, from its box, mm. */
function extentAlong({ body, frame }: Instance, n: Vec): number {
  const { low, high } = solidOf(body).box;
  return (
    Math.abs(dot(frame.x, n)) * (high[0] - low[0]) +
    Math.abs(dot(frame.y, n)) * (high[1] - low[1]) +
    Math.abs(dot(frame.z, n)) * (high[2] - low[2])
  );
}

/** Millimetres a patch goes in a newton: the half column between balance and patch, and the spread under the patch. */
function givesWay({ instance, at, paste }: LoadedBody, c: Contact): number {
  const column = Math.max(0.5, Math.abs(dot(sub(c.at, at), c.normal)));
  const section = volumeOf(instance.body) / Math.max(1, extentAlong(instance, c.normal));
  const r = Math.sqrt(c.area / Math.PI);
  const R = Math.max(r, Math.sqrt(section / Math.PI));
  return column / (paste.stiffness * section) + (KEEPS_VOLUME / (2 * paste.stiffness * r)) * (1 - r / R);
}

const groundGives = (c: Contact): number => KEEPS_VOLUME / (2 * HARD.stiffness * Math.sqrt(c.area / Math.PI));

/** Most a patch presses on a body before it flows, N. */
function bears({ instance, paste }: LoadedBody, area: number): number {
  const { thin } = solidOf(instance.body);
  const own = (Math.PI * thin * thin) / 4;
  return paste.yields * area * (1 + PUNCH * Math.max(0, Math.min(1, 1 - area / own)));
}

/**
 * How a contact holds. Two that only lie on each other push; friction is not counted on, but nothing slides on a covered board.
 */
export interface HowHeld {
  /** Glued or pressed on by the person: it pulls and slides as far as is asked, and other rooms say whether the glue holds that. */
  readonly joined: boolean;
  /** Sideways of what only lies, N: enough that it does not drift, too little to hold anything up. */
  readonly rubs: number;
  /** Press no harder than the softer of the two bears. */
  readonly limited: boolean;
}

/**
 * The springs of a contact, one at each spot of its patch.
 * @param second absent on the ground, which is body nought
 */
export function contactSprings(
  c: Contact,
  first: LoadedBody,
  second: LoadedBody | undefined,
  hold: HowHeld,
): Spring[] {
  const k = 1 / (givesWay(first, c) + (second ? givesWay(second, c) : groundGives(c)));
  const most = hold.limited
    ? Math.min(bears(first, c.area), second ? bears(second, c.area) : Infinity)
    : Infinity;
  return c.spots.map(({ at, area }): Spring => {
    const share = area / c.area;
    return {
      a: first.body,
      b: second?.body ?? 0,
      at,
      n: c.normal,
      stiff: k * share,
      sideways: SIDEWAYS * k * share,
      press: most * share,
      pull: hold.joined ? Infinity : 0,
      slide: hold.joined || !second ? Infinity : hold.rubs * share,
    };
  });
}
