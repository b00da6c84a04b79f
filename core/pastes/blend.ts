import {
  clamp,
  fail,
  given,
  ok,
  reckon,
  VOLUME_IN_ML,
  type Minutes,
  type Reckoned,
  type Result,
} from '../quantity/index.ts';
import { densityOf, mixed } from './density.ts';
import { gumPaste } from './materials/gum-paste.ts';
import { materialOf } from './registry.ts';
import type { Blend, DryingConstants, Firming } from './types.ts';

/** Above this much powder paste turns rubbery and cracks; common practice. Told, not forbidden. */
export const POWDER_CRACKS = 2;
/** More powder than anybody kneads in. */
export const POWDER_MOST = 5;
/** Level-spoon density of stiffening powder, g/mL: 0.50–0.75 seen; estimate until somebody weighs ten spoons. */
export const POWDER_BULK = 0.6;

/** Check a blend a person made up. */
export function checkBlend(blend: Blend): Result<Blend> {
  const base = materialOf(blend.base);
  if (!(blend.gumPaste >= 0 && blend.gumPaste <= 100))
    return fail('The gum paste share has to lie between 0 and 100 %.', 'gumPaste');
  if (!(blend.powder >= 0 && blend.powder <= POWDER_MOST))
    return fail(`Powder has to lie between 0 and ${POWDER_MOST} % of the paste.`, 'powder');
  if (!base.stiffens && (blend.gumPaste > 0 || blend.powder > 0))
    return fail(`${base.name} is not stiffened with powder or gum paste.`, 'powder');
  if (blend.density !== undefined && !(blend.density >= 0.1 && blend.density <= 1.7))
    return fail(
      'Nothing edible here weighs less than 0.1 or more than 1.7 g per cubic centimetre.',
      'density',
    );
  return ok(blend);
}

/** Density of a blend: the person's own where measured, else from its composition; never an average of densities. */
export function blendDensity(blend: Blend): Reckoned {
  if (blend.density !== undefined) return given('Density, your own', blend.density, 'g/cm³', 'yours');
  const base = materialOf(blend.base);
  if (blend.gumPaste === 0)
    return given(`Density of ${base.name.toLowerCase()}`, base.density, 'g/cm³', base.densitySource);
  const share = given('Gum paste in it', blend.gumPaste, '%');
  return reckon(
    `Density of ${blend.name.toLowerCase()}`,
    'g/cm³',
    'from what both pastes are made of, volumes added, with the air rolled in',
    [share],
    (pct) => {
      const s = pct / 100;
      const composition = mixed([
        [1 - s, base.composition],
        [s, gumPaste.composition],
      ]);
      return densityOf(composition, (1 - s) * base.air + s * gumPaste.air);
    },
  );
}

/** Gum in a blend as per cent of cellulose gum, from the gum paste and the powder in it. */
export const gumOf = (law: DryingConstants, powder: number): number => law.gum + powder;

const lerp = (a: number, b: number, s: number) => a + (b - a) * s;
const geometric = (a: number, b: number, s: number) => Math.exp(lerp(Math.log(a), Math.log(b), s));

/**
 * The law a blend firms by. Drying pastes mix by mass: most constants arithmetically, diffusivity, yields and
 * crack strain geometrically; added powder raises gum, dry strength and stretch. Constants in docs/reckoning.md.
 */
export function firmingOf(blend: Blend): Firming {
  const base = materialOf(blend.base);
  if (base.firming.by === 'cold') return base.firming;
  const a = base.firming.constants;
  const b = (gumPaste.firming as Extract<Firming, { by: 'drying' }>).constants;
  const s = clamp(blend.gumPaste / 100, 0, 1);
  const powder = Math.min(blend.powder, 1.6);
  return {
    by: 'drying',
    constants: {
      water: lerp(a.water, b.water, s),
      density: lerp(a.density, b.density, s),
      balance: lerp(a.balance, b.balance, s),
      isotherm: lerp(a.isotherm, b.isotherm, s),
      diffusivity: geometric(a.diffusivity, b.diffusivity, s),
      diffusivityFall: lerp(a.diffusivityFall, b.diffusivityFall, s),
      gum: lerp(a.gum, b.gum, s) + blend.powder,
      freshYield: geometric(a.freshYield, b.freshYield, s),
      softening: lerp(a.softening, b.softening, s),
      dryYield: geometric(a.dryYield, b.dryYield, s) * Math.exp(0.3 * powder),
      crackStrain: geometric(a.crackStrain, b.crackStrain, s) * Math.exp(0.2 * powder),
      gain: lerp(a.gain, b.gain, s),
    },
  };
}

/** Minutes for gum to take hold to within a tenth: t = 8 ln(0.7 c ÷ 0.105); nothing to wait for without gum. */
export function restAfterMixing(blend: Blend): Minutes {
  const law = firmingOf(blend);
  if (law.by === 'cold') return 0;
  const c = law.constants.gum;
  return c <= 0 ? 0 : Math.max(0, 8 * Math.log((0.7 * c) / 0.105));
}

/** Powder for an amount of paste: grams, and level teaspoons by its bulk density. */
export function powderFor(
  paste: Reckoned,
  powder: number,
  bulk = POWDER_BULK,
): { grams: Reckoned; spoons: Reckoned } {
  const grams = reckon(
    'Stiffening powder',
    'g',
    'paste × dose',
    [paste, given('Dose', powder, '%')],
    (g, pct) => (g * pct) / 100,
  );
  const spoons = reckon(
    'In level teaspoons',
    'tsp',
    'grams ÷ (spoon density × 4.93 mL)',
    [grams, given('A millilitre of powder', bulk, 'g', 'estimate')],
    (g, b) => g / (b * VOLUME_IN_ML.tsp),
    'estimate',
  );
  return { grams, spoons };
}
