import type { RodMaterialId } from '../rod-materials.ts';
import type { Section } from '../../mechanics/sections.ts';

/** A support one can buy: one file per family, one line each. */
export interface RodStock {
  readonly id: string;
  readonly name: string;
  readonly material: RodMaterialId;
  readonly section: Section;
  /** Longest piece as bought, mm. */
  readonly stock: number;
  /** Smaller is simpler and nearer to food: tried first. */
  readonly rank: number;
  readonly family: 'pasta' | 'stick' | 'dowel' | 'hollow' | 'tube' | 'wire' | 'rod' | 'threaded';
  /** Must not touch food without a sleeve. */
  readonly needsSleeve: boolean;
  /** What this person's own tests say of it, MPa, in place of what its material is taken for. */
  readonly measured?: { readonly stiffness?: number; readonly bending?: number };
  /** Said where the rod is. */
  readonly caution: string;
}
