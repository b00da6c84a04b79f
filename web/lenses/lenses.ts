/** Lenses that work, with the key that opens each; the numbers follow the order of the work. */
export const LENSES = [
  { id: 'shape', name: 'Shape', key: '1' },
  { id: 'bones', name: 'Bones', key: '2' },
  { id: 'paste', name: 'Paste', key: '3' },
  { id: 'cut', name: 'Cut', key: '4' },
  { id: 'days', name: 'Days', key: '5' },
  { id: 'bench', name: 'Bench', key: '6' },
  { id: 'handover', name: 'Handover', key: '7' },
  { id: 'log', name: 'Log', key: '8' },
] as const;

export type LensId = (typeof LENSES)[number]['id'];

export const isLens = (id: unknown): id is LensId => LENSES.some((l) => l.id === id);
