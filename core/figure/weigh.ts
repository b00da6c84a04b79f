import { ballFromMass, coreVolume, measure, shapeOf, type Form, type SizeRole } from '../solids/index.ts';
import { blendDensity, shrinkOf, type Blend } from '../pastes/index.ts';
import { given, reckon, remembered, type Reckoned, type Unit } from '../quantity/index.ts';
import type { Build, CoreKind, PartsOf, Piece } from '../record/index.ts';
import { cutsAway, type CutAway } from './overlap.ts';
import { measureOf } from './place.ts';

/** Density of what a skin is pressed over, g/cm³. Foam: EN 13163 EPS 100 class, about 20 kg/m³; others estimates. */
export const CORE_DENSITY: Record<CoreKind, number> = { foam: 0.02, cereal: 0.38, cake: 0.55 };
export const CORE_NAME: Record<CoreKind, string> = {
  foam: 'foam',
  cereal: 'cereal treat',
  cake: 'dense cake',
};

/** What one of a piece weighs and the ball it starts from. */
export interface Weight {
  /** Paste in one piece. */
  readonly paste: Reckoned<'g'>;
  /** Paste that has to be shaped for it, before anything is cut away. */
  readonly gross: Reckoned<'g'>;
  /** Core in one piece; zero without. */
  readonly core: Reckoned<'g'>;
  /** Paste and core. */
  readonly whole: Reckoned<'g'>;
  /** Diameter of the ball it starts from; of the ball for each, where it is made of many. */
  readonly ball: Reckoned<'mm'>;
  /** How many small ones make the piece; 1 for most. */
  readonly alike: number;
  readonly volume: Reckoned<'cm³'>;
}

const UNITS: Record<SizeRole, Unit> = { length: 'mm', thickness: 'mm', number: '', angle: '°' };

/** Fresh paste for a finished cubic centimetre: its density, or more of it where it will shrink on drying. */
function pasteFor(blend: Blend): Reckoned {
  const density = blendDensity(blend);
  const shrink = shrinkOf(blend);
  if (shrink === 0) return density;
  return reckon(
    'Fresh paste for a finished cubic centimetre',
    'g/cm³',
    'density ÷ (1 − shrinkage)³',
    [density, given('Loses of its length on drying', shrink, '%', 'yours')],
    (rho, s) => rho / (1 - s / 100) ** 3,
  );
}

/** Density of a core: of a cake the person's own where they weighed it, else the table's. */
function coreDensity(piece: Piece, cake: number | undefined): Reckoned {
  const own = piece.core === 'cake' ? cake : undefined;
  return own === undefined
    ? given(`Density of ${CORE_NAME[piece.core]}`, CORE_DENSITY[piece.core], 'g/cm³', 'estimate')
    : given('Density of the cake, your own', own, 'g/cm³', 'yours');
}

/** Weigh one piece; remembered as long as neither the piece, nor its blend, nor the cake’s own density changes. */
export const weigh = (piece: Piece, blend: Blend, cake?: Pick<Build['cake'], 'density'>): Weight =>
  weighed(piece, blend, cake?.density);

const sizesThatWeigh = (form: Form) => shapeOf(form.kind).sizes.filter((s) => !s.pose);

/** The sum of a shape with what is drawn for it: its sizes in order, and the thickness of its coat last; cm³. */
const volumeOf =
  (form: Form) =>
  (...values: readonly number[]): number => {
    const sizes = { ...form.sizes };
    for (const [i, s] of sizesThatWeigh(form).entries()) sizes[s.key] = values[i]!;
    const coat = form.coat && { ...form.coat, thickness: values.at(-1)! };
    return measure({ ...form, sizes, ...(coat ? { coat } : {}) }).volume / 1000;
  };

const weighed = remembered((piece: Piece, blend: Blend, cake: number | undefined): Weight => {
  const shape = shapeOf(piece.form.kind);
  const { form } = piece;
  const sizes = sizesThatWeigh(form).map((s) =>
    given(`${shape.name}, ${s.label}`, form.sizes[s.key]!, UNITS[s.role]),
  );
  const { coat } = form;
  const volume = coat
    ? reckon(
        'Paste in the coat',
        'cm³',
        'A t + M t² + 4 ÷ 3 π t³ over the core, less what would lie under its foot',
        [...sizes, given('Coat', coat.thickness, 'mm')],
        volumeOf(form),
      )
    : reckon('Paste in it', 'cm³', shape.volumeRule, sizes, volumeOf(form));
  const density = blendDensity(blend);
  const paste = reckon('Paste', 'g', 'volume × density', [volume, pasteFor(blend)], (v, rho) => v * rho);
  const inside = coreVolume(form);
  const core =
    inside > 0
      ? reckon(
          `Core of ${CORE_NAME[piece.core]}`,
          'g',
          'volume × density',
          [given('Core', inside / 1000, 'cm³'), coreDensity(piece, cake)],
          (v, rho) => v * rho,
        )
      : given('No core', 0, 'g');
  const whole = reckon('Whole piece', 'g', 'paste + core', [paste, core], (a, b) => a + b);
  const { alike = 1 } = measure(form);
  const each =
    alike > 1
      ? reckon(
          'Paste in each',
          'g',
          'paste ÷ how many',
          [paste, given('How many', alike, 'pieces')],
          (g, n) => g / n,
        )
      : paste;
  const ball = reckon(
    alike > 1 ? 'Ball for each' : 'Ball to start from',
    'mm',
    '10 × (6 m ÷ π ρ)^⅓',
    [each, density],
    ballFromMass,
  );
  const weight: Weight = { paste, gross: paste, core, whole, ball, alike, volume };
  return weight;
});

/**
 * The blend a piece is made of.
 * @throws where the build does not have it: files and edits are checked, so that is a bug
 */
export const blendOf = (build: PartsOf<'blends'>, piece: Piece): Blend => {
  const blend = build.blends.find((b) => b.id === piece.blend);
  if (!blend) throw new Error(`piece ${piece.id} names a blend that is not in the build`);
  return blend;
};

/** Balance point of one piece in its own frame; cores sit in the middle. */
export function balanceOf(piece: Piece): readonly [number, number, number] {
  const { centre, aside = [0, 0] } = measureOf(piece);
  return [aside[0], aside[1], centre];
}

/** Weigh one piece as it ends up in the figure: less what is trimmed from it and the sockets cut into it. */
export function weighIn(build: PartsOf<'pieces' | 'blends' | 'cake'>, piece: Piece): Weight {
  const blend = blendOf(build, piece);
  const full = weigh(piece, blend, build.cake);
  const cuts = cutsAway(build).get(piece.id);
  return cuts ? lessCuts(full, blend, cuts) : full;
}

/** However much is cut away, so much of a piece is taken to be left: cutting further would leave no piece. Estimate. */
const LEAST_LEFT = 0.02;

const lessCuts = remembered((full: Weight, blend: Blend, cuts: readonly CutAway[]): Weight => {
  const away = cuts.map((c) =>
    given(
      c.what === 'socket'
        ? `Socket for the ${c.by.name.toLowerCase()}`
        : `Trimmed to the ${c.by.name.toLowerCase()}`,
      c.volume / 1000,
      'cm³',
      'estimate',
    ),
  );
  const paste = reckon(
    'Paste left in it',
    'g',
    'paste − what is cut away × density, and at least a fiftieth of it',
    [full.paste, pasteFor(blend), ...away],
    (g, rho, ...v) => Math.max(LEAST_LEFT * g, g - rho * v.reduce((a, b) => a + b, 0)),
  );
  const whole = reckon('Whole piece', 'g', 'paste + core', [paste, full.core], (a, b) => a + b);
  return { ...full, gross: full.paste, paste, whole };
});
