import {
  clamp,
  fail,
  given,
  LONGEST_NAME,
  ok,
  reckon,
  VOLUME_IN_ML,
  inLimits,
  type Minutes,
  type Reckoned,
  type Result,
} from '../quantity/index.ts';
import { densityOf, mixed } from './density.ts';
import { chocolateDensity } from './materials/chocolate.ts';
import { gumPaste } from './materials/gum-paste.ts';
import { checkDensity, SHRINKS } from './own-measures.ts';
import { materialOf } from './registry.ts';
import { blendRecord, type Blend } from './blend-record.ts';
import type { Composition, Firming, Material } from './types.ts';

/** Above this much powder paste turns rubbery and cracks; common practice. Told, not forbidden. */
export const POWDER_CRACKS = 2;
/** Level-spoon density of stiffening powder, g/mL: 0.50–0.75 seen; estimate until somebody weighs ten spoons. */
export const POWDER_BULK = 0.6;

/** Check a blend a person made up. */
export function checkBlend(blend: Blend): Result<Blend> {
  const base = materialOf(blend.base);
  if (!blend.name.trim()) return fail('A blend needs a name.', 'name');
  if (blend.name.length > LONGEST_NAME)
    return fail(`A name has ${LONGEST_NAME} letters at the most.`, 'name');
  const doses = inLimits(blendRecord, blend, {
    gumPaste: (least, most) => `The gum paste share has to lie between ${least} and ${most} %.`,
    powder: (least, most) => `Powder has to lie between ${least} and ${most} % of the paste.`,
  });
  if (!doses.ok) return doses;
  if (!base.stiffens && (blend.gumPaste > 0 || blend.powder > 0))
    return fail(`${base.name} is not stiffened with powder or gum paste.`, 'powder');
  if (blend.ratio !== undefined && !base.chocolate)
    return fail(`${base.name} is not mixed from chocolate and syrup.`, 'ratio');
  const rest = inLimits(blendRecord, blend, {
    ratio: (least, most) => `Chocolate to syrup lies between ${least} : 1 and ${most} : 1.`,
    shrink: SHRINKS,
  });
  if (!rest.ok) return rest;
  if (blend.own && blend.own.like !== blend.base)
    return fail(`${blend.own.name} behaves like another paste than this blend says.`, 'own');
  for (const density of [blend.density, blend.own?.density]) {
    const checked = density === undefined ? undefined : checkDensity(density);
    if (checked && !checked.ok) return checked;
  }
  return ok(blend);
}

/** Density of chocolate of a kind with so much syrup, g/cm³ by parts of chocolate to one of syrup. */
const densityBySyrup = (raw: Parameters<typeof chocolateDensity>[0]) => (ratio: number) =>
  chocolateDensity(raw, ratio);

/** Density of a paste with gum paste in it, g/cm³: volumes of what both are made of, and the air in each, all in %. */
const densityWithGum = (base: Composition) => (gum: number, air: number, airInGum: number) => {
  const s = gum / 100;
  const composition = mixed([
    [1 - s, base],
    [s, gumPaste.composition],
  ]);
  return densityOf(composition, ((1 - s) * air + s * airInGum) / 100);
};

/** Density of a blend: the person's own where measured, else from its composition; never an average of densities. */
export function blendDensity(blend: Blend): Reckoned<'g/cm³'> {
  if (blend.density !== undefined) return given('Density, your own', blend.density, 'g/cm³', 'yours');
  const base = materialOf(blend.base);
  const own = blend.own?.density;
  if (blend.gumPaste === 0) {
    if (own !== undefined) return given(`Density of ${blend.own!.name}, your own`, own, 'g/cm³', 'yours');
    if (base.chocolate && blend.ratio !== undefined)
      return reckon(
        `Density of ${blend.name.toLowerCase()}`,
        'g/cm³',
        'from what chocolate and syrup are made of, volumes added',
        [given('Chocolate to syrup', blend.ratio, '')],
        densityBySyrup(base.chocolate.raw),
      );
    return given(`Density of ${base.name.toLowerCase()}`, base.density, 'g/cm³', base.densitySource);
  }
  // a measured density tells how much air is really rolled in
  const air = own === undefined ? base.air : 1 - own / densityOf(base.composition);
  const share = given('Gum paste in it', blend.gumPaste, '%');
  return reckon(
    `Density of ${blend.name.toLowerCase()}`,
    'g/cm³',
    'from what both pastes are made of, volumes added, with the air rolled in',
    [
      share,
      given(`Air in ${base.name.toLowerCase()}`, 100 * air, '%', own === undefined ? 'estimate' : 'yours'),
      given('Air in gum paste', 100 * gumPaste.air, '%', 'estimate'),
    ],
    densityWithGum(base.composition),
  );
}

const lerp = (a: number, b: number, s: number) => a + (b - a) * s;
const geometric = (a: number, b: number, s: number) => Math.exp(lerp(Math.log(a), Math.log(b), s));

/**
 * A network of fat crystals is stiffer by this power of the fat in it: fractal networks of fats, three and a half to five.
 * Handbook (Narine and Marangoni 1999), from memory.
 */
const FAT_POWER = 4;

/** Set harder with more chocolate to the syrup: by the share of fat that crystallises. */
function settingOf(
  { chocolate }: Material,
  law: Extract<Firming, { by: 'cold' }>,
  ratio: number | undefined,
): Firming {
  if (!chocolate || ratio === undefined || ratio === chocolate.ratio) return law;
  // of raw chocolate the same share is fat, so that only how much of it there is counts
  const fat = (r: number) => r / (r + 1);
  const harder = (fat(ratio) / fat(chocolate.ratio)) ** FAT_POWER;
  return { ...law, constants: { ...law.constants, setYield: law.constants.setYield * harder } };
}

/**
 * The law a blend firms by. Drying pastes mix by mass: most constants arithmetically, diffusivity, yields and
 * crack strain geometrically; added powder raises gum, dry strength and stretch. Constants in docs/reckoning.md.
 */
export function firmingOf(blend: Blend): Firming {
  const base = materialOf(blend.base);
  if (base.firming.by === 'cold') return settingOf(base, base.firming, blend.ratio);
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

/** Powder takes up its water with this time, and is used when nine tenths of it are taken up: 18 minutes. Common practice. */
export const UPTAKE = { minutes: 8, left: 0.1 };
/** Less powder than this changes the paste by less than a tenth: nothing to wait for, per cent; derived. */
export const HARDLY_ANY = 0.15;

/**
 * Minutes until kneaded-in powder has taken up its water: t = 8 ln(1 ÷ 0.1), whatever the dose, for less powder takes it up no
 * sooner. Gum in a paste that is bought has long done so.
 */
export const restAfterMixing = (blend: Blend): Minutes =>
  firmingOf(blend).by === 'cold' || blend.powder < HARDLY_ANY
    ? 0
    : UPTAKE.minutes * Math.log(1 / UPTAKE.left);

/** Loss of length on drying of a blend, per cent: its own strip, else that of its paste, else none. */
export const shrinkOf = (blend: Blend): number => blend.shrink ?? blend.own?.shrink ?? 0;

/** Fresh paste that goes into a finished cubic centimetre, g: more than its density where it shrinks on drying. */
export const finishedDensity = (blend: Blend): number =>
  blendDensity(blend).value / (1 - shrinkOf(blend) / 100) ** 3;

/** What has to be told of a blend: as the person's own label says, or as the kind of paste has. */
export const allergensOf = (blend: Blend): readonly string[] =>
  blend.own ? blend.own.allergens : materialOf(blend.base).allergens;

/**
 * Allergens as they are told wherever they are told. What the table of pastes knows is never all: a label decides, and nothing
 * entered is no promise.
 */
export const tellAllergens = (known: readonly string[]): string =>
  known.length > 0 ? `${known.join(', ')}; read every label` : 'not entered: read every label';

/** Name of what a blend is made from. */
export const pasteName = (blend: Blend): string => blend.own?.name ?? materialOf(blend.base).name;

/** Gum paste in an amount of a blend. */
export const gumPasteFor = (paste: Reckoned, share: number): Reckoned =>
  reckon(
    'Gum paste',
    'g',
    'paste × share',
    [paste, given('Share of gum paste', share, '%')],
    (g, pct) => (g * pct) / 100,
  );

/** Powder for an amount of paste: grams, and level spoons of the person's by its bulk density. */
export function powderFor(
  paste: Reckoned,
  powder: number,
  bulk = POWDER_BULK,
  spoonMl: number = VOLUME_IN_ML.tsp,
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
    'grams ÷ (a millilitre × the spoon)',
    [grams, given('A millilitre of powder', bulk, 'g', 'estimate'), given('The spoon holds', spoonMl, 'mL')],
    (g, b, ml) => g / (b * ml),
    'estimate',
  );
  return { grams, spoons };
}
