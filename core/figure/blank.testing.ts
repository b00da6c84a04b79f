import { BUILD_FORMAT, BUILD_VERSION, type Build } from './build.ts';

/** A build with nothing on its board, for tests. */
export const blank: Build = {
  format: BUILD_FORMAT,
  version: BUILD_VERSION,
  id: 'blank',
  name: 'Blank',
  brief: { due: '2026-12-12T15:00', zone: 'Europe/London', journey: 'carFlat', note: '' },
  room: { temperature: 21, humidity: 50, air: 0.1 },
  board: { shape: 'round', width: 240, thickness: 12, material: 'drum' },
  blends: [{ id: 'plain', name: 'Plain', base: 'fondant', gumPaste: 0, powder: 0 }],
  colours: [{ id: 'white', name: 'white', hex: '#f4f1e8' }],
  pieces: [],
  rods: [],
  hours: [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '17:00', to: '22:00' })),
  practice: { spare: 10, powderBulk: 0.6, pace: 1 },
  bench: { done: [] },
};
