import { clamp, type Mm } from '../quantity/index.ts';
import type { Form } from '../solids/index.ts';
import { type Lump } from './sketch.ts';
import type { Wanted } from './types.ts';

/** From this thickness on, a solid lump does not firm in the days there are. Estimate. */
const FOAM_AT: Mm = 90;
/** A coat: a share of the size, between two thicknesses. Estimate in the manner of common practice. */
const COAT = { share: 0.07, least: 5, most: 9, overCake: 6 };

export interface How {
  /** It stands by itself, broad and low: cake may be its core. */
  readonly cake?: boolean;
  /** Least size that takes a core. */
  readonly least?: Mm;
  readonly coat?: Mm;
  /** The coat goes under its foot too: what stands flat has none there. */
  readonly under?: boolean;
  /** Whatever is wished, this. */
  readonly inside?: 'solid' | 'foam' | 'cake' | 'usual';
}

/** The sizes that make a lump thick. */
const thinnest = ({ sizes }: Form): Mm =>
  Math.min(...Object.entries(sizes).flatMap(([k, v]) => (k === 'edge' || k === 'press' ? [] : [v])));

/** What it is filled with at this size. */
function coreOf(told: Wanted, small: Mm, how: How): 'foam' | 'cake' | undefined {
  const wish = how.inside ?? told.inside;
  const usual = small >= (how.least ?? 55) ? 'foam' : undefined;
  if (wish === 'solid') return small >= FOAM_AT ? 'foam' : undefined;
  if (wish === 'cake' && how.cake) return small >= FOAM_AT ? 'cake' : usual;
  return usual;
}

/** A lump of an outside size, over a core where there is room for one. */
export function lumpOver(told: Wanted, form: Form, how: How = {}): Lump {
  const small = thinnest(form);
  const core = coreOf(told, small, how);
  if (!core) return { form };
  const coat = how.coat ?? clamp(core === 'cake' ? COAT.overCake : COAT.share * small, COAT.least, COAT.most);
  const { sizes, kind } = form;
  const under = how.under ?? true;
  if (kind === 'ball' && coat >= 0.065 * (sizes.diameter! - 2 * coat))
    return { form: { kind: 'skinOverBall', sizes: { core: sizes.diameter! - 2 * coat, coat } }, core };
  const inner = (key: string, v: Mm): Mm => {
    if (key === 'press') return v;
    if (key === 'edge') return Math.max(0, v - coat);
    return v - (!under && (key === 'height' || key === 'length') ? coat : 2 * coat);
  };
  return {
    form: {
      ...form,
      sizes: Object.fromEntries(Object.entries(sizes).map(([k, v]) => [k, inner(k, v)])),
      coat: { thickness: Number(coat.toFixed(2)), under },
    },
    core,
  };
}

/** How deep the point of an egg has to go in until its face is as wide as asked. */
export function eggSunk(across: Mm, tall: Mm, radius: Mm): Mm {
  const high = 0.58 * tall;
  return 2 * radius >= across ? 0.5 * high : high * (1 - Math.sqrt(1 - ((2 * radius) / across) ** 2));
}
