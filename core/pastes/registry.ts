import type { Material } from './types.ts';
import { chocolateCompound, chocolateDark, chocolateMilk, chocolateWhite } from './materials/chocolate.ts';
import { fondant } from './materials/fondant.ts';
import { gumPaste } from './materials/gum-paste.ts';
import { marzipan } from './materials/marzipan.ts';
import { modellingPaste } from './materials/modelling-paste.ts';
import { royalIcing } from './materials/royal-icing.ts';

/** Every paste known, in the order they are offered. */
export const MATERIALS = {
  fondant,
  gumPaste,
  modellingPaste,
  marzipan,
  chocolateDark,
  chocolateMilk,
  chocolateWhite,
  chocolateCompound,
  royalIcing,
} as const;

export type MaterialId = keyof typeof MATERIALS;

export const MATERIAL_IDS = Object.keys(MATERIALS) as MaterialId[];

/** Whether there is a paste of this id. */
export const isMaterial = (id: string): id is MaterialId => Object.hasOwn(MATERIALS, id);

/** The record of a paste; files are checked before they come here, an unknown id is a bug. */
export function materialOf(id: string): Material {
  if (!isMaterial(id)) throw new Error(`no paste called ${id}`);
  return MATERIALS[id];
}
