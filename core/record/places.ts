import { field, type Mm, type Of } from '../quantity/index.ts';

/** As far as anything may stand from what carries it, mm. */
export const FARTHEST: Mm = 3000;

export const placeField = field.triple(field.number<Mm>(-FARTHEST, FARTHEST));

/** A place in the frame of what carries it: x to the right, y to the back, z up. On the board: from its centre. */
export type Place = Of<typeof placeField>;

/** Stands for the board wherever the id of a piece may. */
export const BOARD = 'board';
