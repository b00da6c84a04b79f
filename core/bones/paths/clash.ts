import type { Build } from '../../record/index.ts';

export type ClashKind = 'rods' | 'cover' | 'thick' | 'slide' | 'order';

/** Something that is in the way, with a change that was tried and clears it. */
export interface Clash {
  readonly kind: ClashKind;
  readonly rods: readonly string[];
  readonly title: string;
  readonly text: string;
  readonly verdict: 'tight' | 'fails';
  readonly mend: { readonly text: string; readonly apply: () => Build } | undefined;
}
