import type { Tongue } from './tongue.ts';

/** Tongues the app speaks; English is what everything is written in. One more is one catalogue and one line. */
export const TONGUES = {
  en: { name: 'English', load: undefined },
  de: { name: 'Deutsch', load: (): Promise<Tongue> => import('./de.ts').then((m) => m.GERMAN) },
} as const;

export type TongueId = keyof typeof TONGUES;
export const isTongue = (id: unknown): id is TongueId => typeof id === 'string' && Object.hasOwn(TONGUES, id);
