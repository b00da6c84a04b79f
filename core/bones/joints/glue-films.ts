import type { Build } from '../../record/index.ts';
import type { Provenance } from '../../quantity/index.ts';
import { knownOf } from '../stock/home-tests.ts';

/** Shear strength of a glue film as it sets, kPa. */
export interface Film {
  readonly atOnce: number;
  /** After an hour, or half way where it sets sooner. */
  readonly hour: number;
  readonly set: number;
  /** Hours. */
  readonly setIn: number;
  readonly source: Provenance;
}

/** One film for each glue of the bench; orders of size on firm paste, all of them estimates until a tab is tried. */
export const FILMS: Readonly<Record<string, Film>> = {
  press: { atOnce: 1.5, hour: 4, set: 40, setIn: 12, source: 'estimate' },
  water: { atOnce: 1, hour: 3, set: 30, setIn: 12, source: 'estimate' },
  sugarGlue: { atOnce: 1.5, hour: 5, set: 80, setIn: 12, source: 'estimate' },
  gumGlue: { atOnce: 1.5, hour: 5, set: 80, setIn: 12, source: 'estimate' },
  thickPasteGlue: { atOnce: 1.5, hour: 5, set: 120, setIn: 12, source: 'estimate' },
  spirit: { atOnce: 1, hour: 4, set: 30, setIn: 6, source: 'estimate' },
  pipingGel: { atOnce: 0.5, hour: 0.8, set: 2, setIn: 24, source: 'estimate' },
  shortening: { atOnce: 0.3, hour: 0.3, set: 0.3, setIn: 1, source: 'estimate' },
  buttercream: { atOnce: 0.5, hour: 0.8, set: 2, setIn: 2, source: 'estimate' },
  jam: { atOnce: 0.8, hour: 2, set: 10, setIn: 12, source: 'estimate' },
  royalIcing: { atOnce: 1, hour: 15, set: 300, setIn: 8, source: 'estimate' },
  meltedChocolate: { atOnce: 0.3, hour: 200, set: 400, setIn: 0.3, source: 'estimate' },
};

/** The usual film of a glue, with what this person tried of it in the place it was tried for: at once, half way, set. */
export function filmOf(build: Pick<Build, 'measured'>, glue: string): Film {
  const usual = FILMS[glue]!;
  return (knownOf(build).films.get(glue) ?? []).reduce((film, { hours, kPa }): Film => {
    const half = Math.min(1, film.setIn / 2);
    const when = hours < half / 2 ? 'atOnce' : hours < (half + film.setIn) / 2 ? 'hour' : 'set';
    return { ...film, [when]: kPa, source: 'yours' };
  }, usual);
}

/** Film strength so many hours after gluing, kPa: from tack to the hour to set, straight between them. */
export function filmStrength(film: Film, hours: number): number {
  if (hours <= 0) return film.atOnce;
  const half = Math.min(1, film.setIn / 2);
  if (hours < half) return film.atOnce + ((film.hour - film.atOnce) * hours) / half;
  if (hours < film.setIn) return film.hour + ((film.set - film.hour) * (hours - half)) / (film.setIn - half);
  return film.set;
}

/** A face that is glued: where, which way it looks, how large; whether both sides are food paste. */
export interface Patch {
  readonly wide: number;
  readonly tall: number;
  readonly round: boolean;
}

/** What a side of a glued joint can take, MPa. */
export interface GluedSide {
  readonly cohesion: number;
  readonly tension: number;
}

/** Reserve on a glued face. Estimate. */
export const GLUE_RESERVE = 1.5;

/** Only this share of a face really touches; estimate. */
const TOUCHES = 0.7;

/**
 * Share of its strength that a glued face uses: pull and prying over the tension it bears, sliding and twist over the
 * shear it bears, together √(pull² + slide²). Prying is elastic once set (brittle), plastic while soft.
 * @param force pull along the face's own way out (positive pulls off), and across it, N
 * @param moments prying about the two lines of the face, and twist, N·mm
 */
export function glueUse(
  patch: Patch,
  film: number,
  set: boolean,
  side: GluedSide,
  force: { readonly pull: number; readonly slide: number },
  moments: { readonly tall: number; readonly wide: number; readonly twist: number },
): number {
  const { wide, tall, round } = patch;
  const area = (round ? (Math.PI / 4) * wide * tall : wide * tall) * TOUCHES;
  const shape = set ? (round ? Math.PI / 32 : 1 / 6) : round ? 1 / 6 : 1 / 4;
  const pry = (m: number, across: number, along: number) => m / (shape * across * across * along * TOUCHES);
  const pulled = Math.max(
    0,
    force.pull / area + pry(moments.tall, tall, wide) + pry(moments.wide, wide, tall),
  );
  const arm = Math.hypot(wide, tall) * 0.3;
  const slid = force.slide / area + moments.twist / (area * arm);
  const shear = Math.min(film / 1000, side.cohesion);
  const tension = Math.min((film / 1000) * 1.5, side.tension);
  return Math.hypot(pulled / tension, slid / shear);
}
