import type { FirmState } from '@core/firming/index.ts';

/** A piece on the spindle. */
export interface Bead {
  readonly id: string;
  /** With how many there are of it. */
  readonly name: string;
  readonly state: FirmState | 'unmade' | undefined;
  readonly next: boolean;
  readonly fails: boolean;
}

/** A bead for who cannot see it. */
export const beadWords = ({ name, state, next, fails }: Bead): string =>
  // what is written beside it comes first and in the same words
  [next ? `${name} next to do` : name, state === 'unmade' ? 'not made yet' : state, fails && 'won’t hold']
    .filter(Boolean)
    .join(', ');
