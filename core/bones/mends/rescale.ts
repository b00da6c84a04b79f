import { factorForHeight, makeTrouble, scaleFigure } from '../../figure/index.ts';
import { type Build } from '../../record/index.ts';
import { fail, ok, type Mm, type Result } from '../../quantity/index.ts';
import { ROD_MATERIALS } from '../stock/rod-materials.ts';
import { RODS, rodStock } from '../stock/rods/registry.ts';

export interface Rescaled {
  readonly build: Build;
  /** The factor lengths were multiplied by. */
  readonly factor: number;
  /** What was chosen anew, in words. */
  readonly notes: readonly string[];
}

/** A rod within a fifth of the stiffness asked for is not changed: that is a twentieth of its diameter. */
const NEAR_ENOUGH = 0.8;

/**
 * Make figure and bones k times as large. A rod must grow faster than the figure: equal sag needs d ∝ k^(5/4), E I ∝ k⁵;
 * the next rod up of its family is taken, and it is said where the list ends.
 */
export function rescale(build: Build, k: number): Rescaled {
  const scaled = scaleFigure(build, k);
  const notes: string[] = [];
  const rods = scaled.rods.map((rod) => {
    const now = rodStock(rod.stock);
    const stiffness = ROD_MATERIALS[now.material].stiffness * now.section.inertia;
    const needed = stiffness * k ** 5 * NEAR_ENOUGH;
    const family = RODS.filter((r) => r.family === now.family);
    const bending = (r: (typeof RODS)[number]) => ROD_MATERIALS[r.material].stiffness * r.section.inertia;
    if (k >= 1 ? stiffness >= needed : stiffness * 0.5 <= needed) return rod;
    const next = family.filter((r) => bending(r) >= needed).sort((a, b) => bending(a) - bending(b))[0];
    if (!next) {
      const stiffest = family.reduce((a, r) => (bending(r) > bending(a) ? r : a));
      notes.push(`${rod.name}: no ${now.family} is stiff enough, ${stiffest.name} is the stiffest there is.`);
      return { ...rod, stock: stiffest.id };
    }
    if (next.id === now.id) return rod;
    notes.push(`${rod.name}: ${now.name} became ${next.name}.`);
    return { ...rod, stock: next.id };
  });
  return { build: { ...scaled, rods }, factor: k, notes };
}

/**
 * Bring the build to a finished height.
 * @returns a sentence where that height cannot be reached, or a piece of it could not be made so small or so large
 */
export function toHeight(build: Build, wanted: Mm): Result<Rescaled> {
  const k = factorForHeight(build, wanted);
  if (!k.ok) return k;
  const rescaled = rescale(build, k.value);
  const wrong = makeTrouble(rescaled.build);
  return wrong === undefined
    ? ok(rescaled)
    : fail(
        `At ${Math.round(wanted)} mm this cannot be made. ${wrong} Change or remove that first.`,
        'height',
      );
}
