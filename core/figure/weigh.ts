import { ballFromMass, measure, shapeOf } from '../solids/index.ts';
import { blendDensity, type Blend } from '../pastes/index.ts';
import { given, reckon, type Reckoned } from '../quantity/index.ts';
import type { Build, CoreKind, Piece } from './build.ts';

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
  readonly paste: Reckoned;
  /** Core in one piece; zero without. */
  readonly core: Reckoned;
  /** Paste and core. */
  readonly whole: Reckoned;
  /** Diameter of the ball it starts from. */
  readonly ball: Reckoned;
  readonly volume: Reckoned;
}

const memo = new WeakMap<Piece, { blend: Blend; weight: Weight }>();

/** Weigh one piece; remembered as long as neither the piece nor its blend changes. */
export function weigh(piece: Piece, blend: Blend): Weight {
  const known = memo.get(piece);
  if (known && known.blend === blend) return known.weight;
  const shape = shapeOf(piece.form.kind);
  const sizes = shape.sizes.map((s) => given(`${shape.name}, ${s.label}`, piece.form.sizes[s.key]!, 'mm'));
  const volume = reckon('Paste in it', 'cm³', shape.volumeRule, sizes, (...values) => {
    const read = Object.fromEntries(shape.sizes.map((s, i) => [s.key, values[i]!]));
    return shape.measure(read, piece.form.outline ?? 'rectangle').volume / 1000;
  });
  const density = blendDensity(blend);
  const paste = reckon('Paste', 'g', 'volume × density', [volume, density], (v, rho) => v * rho);
  const coreDiameter = shape.core?.(piece.form.sizes) ?? 0;
  const core =
    coreDiameter > 0
      ? reckon(
          `Core of ${CORE_NAME[piece.core]}`,
          'g',
          'π d³ ÷ 6000 × density',
          [
            given('Core across', coreDiameter, 'mm'),
            given(`Density of ${CORE_NAME[piece.core]}`, CORE_DENSITY[piece.core], 'g/cm³', 'estimate'),
          ],
          (d, rho) => ((Math.PI * d ** 3) / 6000) * rho,
        )
      : given('No core', 0, 'g');
  const whole = reckon('Whole piece', 'g', 'paste + core', [paste, core], (a, b) => a + b);
  const ball = reckon('Ball to start from', 'mm', '10 × (6 m ÷ π ρ)^⅓', [paste, density], ballFromMass);
  const weight: Weight = { paste, core, whole, ball, volume };
  memo.set(piece, { blend, weight });
  return weight;
}

export const blendOf = (build: Build, piece: Piece): Blend => {
  const blend = build.blends.find((b) => b.id === piece.blend);
  if (!blend) throw new Error(`piece ${piece.id} names a blend that is not in the build`);
  return blend;
};

/** Height of the balance point of one piece over its foot, in its own frame; cores sit in the middle. */
export const centreHeight = (piece: Piece): number => measure(piece.form).centre;
