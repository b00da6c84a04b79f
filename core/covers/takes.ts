import { isMaterial, type Blend, type MaterialId } from '../pastes/index.ts';
import type { Mm } from '../quantity/index.ts';

/** What a rolled sheet of a paste takes before it tears, folds or shows what is under it; shares in per cent. */
export interface Takes {
  /** It may be drawn so much longer before it tears. */
  readonly pull: number;
  /** A round may be pushed together to so much of its length before a fold stays. */
  readonly ease: number;
  /** Pushed together it is worked to so much of its thickness, then it is gathered into pleats. */
  readonly worked: number;
  /** Thinner than this what is under it shows, mm. */
  readonly hides: Mm;
}

/** Modelling chocolate at 23 °C. Estimate. */
const CHOCOLATE: Takes = { pull: 10, ease: 80, worked: 180, hides: 2.5 };
/**
 * By what it is made from. Estimate, all of it; a strip drawn over a ball until it cracks, and a round smoothed down over one
 * until a fold stays, tell one's own.
 */
const TAKES: Readonly<Record<MaterialId, Takes>> = {
  fondant: { pull: 12, ease: 85, worked: 160, hides: 2 },
  gumPaste: { pull: 25, ease: 96, worked: 115, hides: 1 },
  modellingPaste: { pull: 20, ease: 93, worked: 130, hides: 1.5 },
  marzipan: { pull: 7, ease: 82, worked: 170, hides: 2.5 },
  chocolateDark: CHOCOLATE,
  chocolateMilk: CHOCOLATE,
  chocolateWhite: CHOCOLATE,
  chocolateCompound: CHOCOLATE,
  // nobody rolls it: as the softest sheet there is
  royalIcing: { pull: 7, ease: 82, worked: 170, hides: 2.5 },
};
/** Covering paste with a little stiffening powder, rested. Estimate. */
const POWDERED: Takes = { pull: 18, ease: 88, worked: 150, hides: 2 };
/** And with more than that. Estimate. */
const STIFF: Takes = { pull: 12, ease: 93, worked: 130, hides: 2 };
/** A little powder, per cent. Estimate. */
const LITTLE = 0.15;
/** More than a little, per cent. Estimate. */
const MORE = 0.65;
/** From so much gum paste on, per cent, a blend behaves as modelling paste does. Estimate. */
const GUMMY = 35;

/** What a sheet of a blend takes. */
export function takesOf({ base, powder, gumPaste }: Blend): Takes {
  if (base !== 'fondant') return isMaterial(base) ? TAKES[base] : TAKES.fondant;
  if (gumPaste >= GUMMY) return TAKES.modellingPaste;
  if (powder >= MORE) return STIFF;
  return powder >= LITTLE ? POWDERED : TAKES.fondant;
}
