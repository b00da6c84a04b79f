import {
  BUILD_FORMAT,
  BUILD_VERSION,
  USUAL_CAKE,
  USUAL_PRACTICE,
  USUAL_WORKSHOP,
  type Build,
} from '@core/figure/index.ts';

const two = (n: number) => String(n).padStart(2, '0');

/** A new build: nothing on the board yet, two weeks to go, evenings and the weekend to work in. */
export function blankBuild(taken: readonly string[], now = new Date()): Build {
  const due = new Date(now);
  due.setDate(due.getDate() + 14);
  let name = 'New figure';
  for (let n = 2; taken.includes(name); n++) name = `New figure ${n}`;
  return {
    format: BUILD_FORMAT,
    version: BUILD_VERSION,
    id: crypto.randomUUID(),
    name,
    brief: {
      due: `${due.getFullYear()}-${two(due.getMonth() + 1)}-${two(due.getDate())}T15:00`,
      zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      journey: 'carFlat',
      grip: 'mat',
      note: '',
    },
    room: { temperature: 21, humidity: 50, air: 0.1 },
    board: { shape: 'round', width: 200, thickness: 12, material: 'drum' },
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
    hours: [1, 2, 3, 4, 5]
      .map((day) => ({ day, from: '19:00', to: '21:30' }))
      .concat([
        { day: 6, from: '10:00', to: '16:00' },
        { day: 7, from: '10:00', to: '13:00' },
      ]),
    practice: USUAL_PRACTICE,
    workshop: USUAL_WORKSHOP,
    cake: USUAL_CAKE,
    reserves: [],
    measured: [],
    log: [],
    steps: { own: [], minutes: {}, left: [] },
    bench: { done: [] },
  };
}
