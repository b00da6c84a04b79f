import { MATERIAL_IDS, materialOf } from '../pastes/index.ts';
import { emptyBuild, type Build } from '../record/index.ts';
import type { Sayings, SmallField } from './types.ts';

export const PASTE: SmallField = {
  key: 'paste',
  label: 'Of',
  options: MATERIAL_IDS.map((value) => ({ value, label: materialOf(value).name.toLowerCase() })),
  usual: 'fondant',
};
export const POWDER: SmallField = {
  key: 'powder',
  label: 'Powder in it',
  kind: 'percent',
  usual: 0,
  least: 0,
  most: 3,
};
/** Round or square, of what the label says. */
export const roundOrSquare = (label: string): SmallField => ({
  key: 'shape',
  label,
  options: [
    { value: 'round', label: 'round' },
    { value: 'square', label: 'square' },
  ],
  usual: 'round',
});
/** What was said to that. */
export const shapeSaid = (said: Sayings): 'round' | 'square' =>
  said.shape === 'square' ? 'square' : 'round';
export const ROOM: readonly SmallField[] = [
  { key: 'warm', label: 'Room', kind: 'temperature', usual: 21, least: 5, most: 40 },
  { key: 'damp', label: 'Humidity', kind: 'percent', usual: 50, least: 10, most: 95 },
];

/** What was said to a quantity. */
export const num = (said: Sayings, key: string): number => Number(said[key]);

/** An empty build in the room and with the paste that were said. */
export function boardFor(said: Sayings): Build {
  const build = emptyBuild('small-question', 'A small question', { due: '2030-01-05T15:00', zone: 'UTC' });
  const base = String(said.paste ?? 'fondant');
  const { stiffens, name } = materialOf(base);
  const powder = stiffens ? num(said, 'powder') || 0 : 0;
  return {
    ...build,
    room: {
      ...build.room,
      ...(said.warm === undefined ? {} : { temperature: num(said, 'warm') }),
      ...(said.damp === undefined ? {} : { humidity: num(said, 'damp') }),
    },
    blends: [{ id: 'paste', name, base, gumPaste: 0, powder }],
  };
}
