import type { Form } from '../solids/index.ts';
import { emptyBuild } from './blank.ts';
import type { Build } from './build.ts';
import { UPRIGHT, USUAL_PIECE, type Piece, type Seat } from './piece.ts';

/** A build with nothing on its board, for tests. */
export const blank: Build = {
  ...emptyBuild('blank', 'Blank', { due: '2026-12-12T15:00', zone: 'Europe/London' }),
  board: { shape: 'round', width: 240, thickness: 12, material: 'drum', feet: 0 },
  blends: [{ id: 'plain', name: 'Plain', base: 'fondant', gumPaste: 0, powder: 0 }],
  colours: [{ id: 'white', name: 'white', hex: '#f4f1e8' }],
  hours: [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '17:00', to: '22:00' })),
};

/** A single piece of the blank build's paste, standing on the board unless its seat says otherwise. */
export const plainPiece = (id: string, form: Form, seat: Partial<Seat> = {}): Piece => ({
  id,
  name: id,
  form,
  blend: 'plain',
  colour: 'white',
  seat: { on: 'board', ...UPRIGHT, ...seat },
  ...USUAL_PIECE,
});
