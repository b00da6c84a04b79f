import type { Brief } from './brief.ts';
import { BUILD_FORMAT, BUILD_VERSION, USUAL_PRACTICE, type Build } from './build.ts';
import { USUAL_CAKE } from './cake-work.ts';
import { USUAL_WORKSHOP } from './workshop.ts';

/**
 * A new build: nothing on its board yet, two pastes and four colours to begin with, evenings and the weekend to work in.
 * @param brief when it is due and where that is
 */
export const emptyBuild = (id: string, name: string, brief: Pick<Brief, 'due' | 'zone'>): Build => ({
  format: BUILD_FORMAT,
  version: BUILD_VERSION,
  id,
  name,
  brief: { ...brief, journey: 'carFlat', grip: 'mat', note: '' },
  room: { temperature: 21, humidity: 50, air: 0.1 },
  board: { shape: 'round', width: 200, thickness: 12, material: 'drum', feet: 0 },
  blends: [
    { id: 'figure-paste', name: 'Figure paste 70:30', base: 'fondant', gumPaste: 30, powder: 0 },
    { id: 'limb-paste', name: 'Limb paste, 1 % powder', base: 'fondant', gumPaste: 0, powder: 1 },
  ],
  colours: [
    { id: 'biscuit', name: 'biscuit', hex: '#d8b98a' },
    { id: 'clay-brown', name: 'clay brown', hex: '#8d5f43' },
    { id: 'leaf-green', name: 'leaf green', hex: '#6f8f55' },
    { id: 'charcoal', name: 'charcoal', hex: '#39393b' },
  ],
  pieces: [],
  rods: [],
  hours: [
    ...[1, 2, 3, 4, 5].map((day) => ({ day, from: '19:00', to: '21:30' })),
    { day: 6, from: '10:00', to: '16:00' },
    { day: 7, from: '10:00', to: '13:00' },
  ],
  practice: USUAL_PRACTICE,
  workshop: USUAL_WORKSHOP,
  cake: USUAL_CAKE,
  reserves: [],
  measured: [],
  log: [],
  steps: { own: [], minutes: {}, left: [] },
  bench: { done: [] },
});
