import { given, type Mm, type Reckoned } from '../../quantity/index.ts';

/** Something cut from a sheet and laid round or over: how large it is cut, and its outline in the flat. */
export interface Cloth {
  readonly figures: readonly { readonly says: string; readonly figure: Reckoned }[];
  /** Closed, anticlockwise, from the foot up, mm; empty where it cannot be made. */
  readonly outline: readonly (readonly [Mm, Mm])[];
  /** So many alike are cut. */
  readonly number?: number;
  /** What cannot be made, or is asking for trouble. */
  readonly says?: string;
}

/** A size somebody typed. */
export const yours = (name: string, x: number, unit: 'mm' | '°' | 'pieces' = 'mm') =>
  given(name, x, unit, 'yours');

/** Points along a curved edge. A step of the method; estimate. */
const POINTS = 24;
/** Something at even shares from nought to one, both ends included. */
export const along = <T>(of: (share: number) => T, points = POINTS): T[] =>
  Array.from({ length: points + 1 }, (_, k) => of(k / points));
