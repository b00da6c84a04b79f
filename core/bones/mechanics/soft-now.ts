/** What a rod may be stuck into. Strengths in kPa as low / likely / high. */
export interface Soft {
  readonly name: string;
  readonly kind: 'crumb' | 'foam' | 'paste' | 'hard';
  readonly crush: readonly [number, number, number];
  /** Shares of crush: cohesion, grip on a smooth stick, what may stand for hours. */
  readonly cohesion: number;
  readonly grip: number;
  readonly lasting: number;
  /** Embedment strength of a board, MPa. */
  readonly embedment?: number;
  readonly source: string;
  /** By this person's own test. */
  readonly tried?: true;
}

/** The same at a time. */
export interface SoftNow extends Soft {
  /** MPa, with what may stand for hours taken off where the case is long. */
  readonly now: number;
}
