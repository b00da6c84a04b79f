import { given, reckon, type Mm, type Reckoned } from '../quantity/index.ts';
import { rimOf, type StackBody } from '../solids/index.ts';

/** One flat piece of a cover that is put together edge to edge. */
export interface Panel {
  readonly name: string;
  /** A round, a strip, or a strip bent as the side of a cone is. */
  readonly kind: 'round' | 'strip' | 'bent';
  /** Across the round; long and wide of a strip; the outer and inner radius and the angle of a bent one. */
  readonly sizes: readonly Reckoned[];
  /** mm² */
  readonly area: Reckoned;
}

/** Off a straight side by more than this share of its width it is no straight side. Estimate. */
const STRAIGHT = 0.015;
/** A round or a strip less wide than this is nothing to cut, mm. Estimate. */
const LEAST = 3;
/** A cone this near to a cylinder is cut as a strip; estimate. */
const UPRIGHT = 0.004;

/**
 * Panels for a body with straight sides: a round for each flat end, a strip for the side, bent where it tapers. Undefined for
 * whatever bulges, and for what tapers and is not round. Derived: the strip's own middle lies half its thickness out.
 * @param under also under its foot
 */
export function panelsOf(core: StackBody, t: Mm, under: boolean): readonly Panel[] | undefined {
  const h = core.levels.at(-1)!;
  const radius = (z: Mm) => rimOf(core.cutAt(z)) / (2 * Math.PI);
  const [low, high] = [radius(h * 1e-6), radius(h * (1 - 1e-6))];
  const wide = Math.max(low, high);
  for (let k = 1; k < 8; k++)
    if (Math.abs(radius((h * k) / 8) - (low + ((high - low) * k) / 8)) > STRAIGHT * wide) return undefined;
  const round = (z: Mm): boolean => {
    const { a, b, flat } = core.cutAt(z);
    return !flat && Math.abs(a - b) < UPRIGHT * a;
  };
  const tapers = Math.abs(low - high) > UPRIGHT * wide;
  if (!round(h / 2)) return undefined;
  const thick = given('Thick', t, 'mm');
  const tall = given('Tall', h, 'mm');
  const end = (name: string, r: Mm): Panel[] => {
    if (2 * r < LEAST) return [];
    const across = given(`${name}, across`, 2 * r, 'mm', 'derived');
    return [
      {
        name,
        kind: 'round',
        sizes: [across],
        area: reckon(`${name}, area`, 'mm²', 'π d² ÷ 4', [across], (d) => (Math.PI * d * d) / 4),
      },
    ];
  };
  return [...end('Top', high), side(), ...(under ? end('Foot', low) : [])];

  function side(): Panel {
    // the panels of the ends lie on the core, the side goes over their edges
    const [R, r] = [given('Radius below', low, 'mm'), given('Radius above', high, 'mm')];
    const edges = given('Panels at its edges', under ? 2 : 1, 'pieces');
    const slant = reckon(
      'Side, wide',
      'mm',
      '√(tall² + (radius below − radius above)²) + thickness at its edges',
      [tall, R, r, thick, edges],
      (z, a, b, d, n) => Math.hypot(z, a - b) + d * n,
    );
    if (!tapers) {
      const long = reckon(
        'Side, long',
        'mm',
        '2 π × radius + π × thickness',
        [R, thick],
        (a, d) => 2 * Math.PI * a + Math.PI * d,
      );
      return {
        name: 'Side',
        kind: 'strip',
        sizes: [long, slant],
        area: reckon('Side, area', 'mm²', 'long × wide', [long, slant], (a, b) => a * b),
      };
    }
    const outer = reckon(
      'Side, outer radius',
      'mm',
      'larger radius × wide ÷ difference of the radii',
      [R, r, slant],
      (a, b, s) => (Math.max(a, b) * s) / Math.abs(a - b),
    );
    const inner = reckon('Side, inner radius', 'mm', 'outer radius − wide', [outer, slant], (a, s) =>
      Math.max(0, a - s),
    );
    const angle = reckon(
      'Side, angle',
      '°',
      '360 × (larger radius + half the thickness) ÷ outer radius',
      [R, r, thick, outer],
      (a, b, d, o) => (360 * (Math.max(a, b) + d / 2)) / o,
    );
    return {
      name: 'Side',
      kind: 'bent',
      sizes: [outer, inner, angle],
      area: reckon(
        'Side, area',
        'mm²',
        'angle ÷ 360 × π × (outer² − inner²)',
        [angle, outer, inner],
        (w, a, b) => (w / 360) * Math.PI * (a * a - b * b),
      ),
    };
  }
}
