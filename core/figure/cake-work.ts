import type { BatterId, FillingId } from '../pastes/index.ts';
import type { Density, Grams, Mm } from '../quantity/index.ts';

/** The cake inside the figure and under it, portions cut of it, and the hardware a raised tier stands on. */

/** A board that carries a tier. */
export type TierBoard = 'card' | 'drum' | 'foam' | 'ply6' | 'mdf6' | 'mdf12' | 'acrylic';

/** A plain tier under the figure; tiers are listed from the board up. */
export interface Tier {
  readonly id: string;
  readonly name: string;
  readonly shape: 'round' | 'square';
  readonly width: Mm;
  readonly height: Mm;
  /** Rolled paste over it. */
  readonly cover: { readonly thickness: Mm; readonly blend: string; readonly colour: string };
  /** Board under it. */
  readonly board?: { readonly kind: TierBoard; readonly width: Mm };
  /** Posts under what stands on it, of a rod of the catalogue. */
  readonly posts?: { readonly stock: string; readonly number: number };
}

/** How the cake inside the figure and under it is baked, filled and coated. */
export interface CakeWork {
  readonly batter: BatterId;
  /** Their own baked density, g/cm³. */
  readonly density?: Density;
  /** Height of a baked layer, trimmed. */
  readonly layer: Mm;
  readonly filling: FillingId;
  readonly fillingThickness: Mm;
  readonly coat: FillingId;
  readonly coatThickness: Mm;
  /** Round tins in the kitchen, by diameter. */
  readonly tins: readonly Mm[];
  /** Where it is chilled before it is carved, and for how long in hours. */
  readonly chill: { readonly where: 'room' | 'fridge' | 'freezer'; readonly hours: number };
  readonly tiers: readonly Tier[];
}

/** Many alike that have to weigh the same, and what the scale said of them. */
export interface Portions {
  /** The piece that makes one of them, with all it carries. */
  readonly piece: string;
  readonly target: Grams;
  readonly within: Grams;
  /** The scale's step, g. */
  readonly step: Grams;
  /** Width of the paper case each goes in; 0 when there is none. */
  readonly caseWidth: Mm;
  readonly weighed: readonly Grams[];
}

export type ThreadSize = 6 | 8 | 10 | 12;

/** One thing on or under a threaded rod. */
export interface StackItem {
  readonly id: string;
  readonly kind: 'feet' | 'nut' | 'washer' | 'large' | 'base' | 'board' | 'gap' | 'tier';
  readonly name: string;
  /** Typed for boards, gaps, tiers and feet; the thread's own for hardware. */
  readonly thick: Mm;
  /** Across: of a base, a board or a tier. */
  readonly width?: Mm;
  /** Of a tier, as it stands there. */
  readonly weight?: Grams;
  /** What a board or base is of. */
  readonly made?: 'mdf' | 'plywood';
}

/** Hardware on a threaded rod, from the table up. */
export interface HardwareStack {
  readonly thread: ThreadSize;
  readonly items: readonly StackItem[];
  /** Length the rod was cut to. */
  readonly cutAt?: Mm;
}

/** A cake as most kitchens would make it for carving. */
export const USUAL_CAKE: CakeWork = {
  batter: 'firm',
  layer: 40,
  filling: 'buttercream',
  fillingThickness: 4,
  coat: 'buttercream',
  coatThickness: 3,
  tins: [100, 125, 150, 175, 200, 225, 250],
  chill: { where: 'fridge', hours: 12 },
  tiers: [],
};
