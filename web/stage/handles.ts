/** A size of a piece that can be pulled on the stage. */
export interface PulledHandle {
  readonly size: string;
  readonly label: string;
  readonly value: number;
  /** Millimetres of the size for one of the hand. */
  readonly gain: number;
  /** Where it is in the picture, and which way it is pulled, mm. */
  readonly at: readonly [number, number];
  readonly dir: readonly [number, number];
  /** How long a millimetre along it looks in the picture. */
  readonly seen: number;
}

/** Sizes come in halves of a millimetre when they are pulled. */
export const pulledSize = (mm: number): number => Math.round(mm * 2) / 2;

/** The size of a handle that is pulled so far to the right and up. */
export const sizePulled = ({ dir, seen, gain, value }: PulledHandle, right: number, up: number): number =>
  pulledSize(value + ((right * dir[0] + up * dir[1]) / (seen * seen)) * gain);
