import type { Form } from '../solids/index.ts';
import {
  BUILD_FORMAT,
  BUILD_VERSION,
  USUAL_CAKE,
  USUAL_PRACTICE,
  USUAL_WORKSHOP,
  type Build,
  type Piece,
  type Seat,
} from './build.ts';

/** A build with nothing on its board, for tests. */
export const blank: Build = {
  format: BUILD_FORMAT,
  version: BUILD_VERSION,
  id: 'blank',
  name: 'Blank',
  brief: { due: '2026-12-12T15:00', zone: 'Europe/London', journey: 'carFlat', grip: 'mat', note: '' },
  room: { temperature: 21, humidity: 50, air: 0.1 },
  board: { shape: 'round', width: 240, thickness: 12, material: 'drum' },
  blends: [{ id: 'plain', name: 'Plain', base: 'fondant', gumPaste: 0, powder: 0 }],
  colours: [{ id: 'white', name: 'white', hex: '#f4f1e8' }],
  pieces: [],
  rods: [],
  hours: [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '17:00', to: '22:00' })),
  practice: USUAL_PRACTICE,
  workshop: USUAL_WORKSHOP,
  cake: USUAL_CAKE,
  reserves: [],
  measured: [],
  log: [],
  steps: { own: [], minutes: {}, left: [] },
  bench: { done: [] },
};

/** A single piece of the blank build's paste, standing on the board unless its seat says otherwise. */
export const plainPiece = (id: string, form: Form, seat: Partial<Seat> = {}): Piece => ({
  id,
  name: id,
  form,
  blend: 'plain',
  colour: 'white',
  seat: {
    on: 'board',
    at: [0, 0, 0],
    lean: 0,
    tip: 0,
    turn: 0,
    sink: 0,
    how: 'sits',
    overlap: 'pressed',
    ...seat,
  },
  pair: false,
  count: 1,
  texture: 'none',
  core: 'foam',
  tolerance: 'varied',
  hidden: 'none',
  breaks: 0,
});
