import { factorForHeight, scaleFigure, type Build } from '../figure/index.ts';
import { ok, type Mm, type Result } from '../quantity/index.ts';
import { RODS, rodStock } from './rods/registry.ts';

export interface Rescaled {
  readonly build: Build;
  /** The factor lengths were multiplied by. */
  readonly factor: number;
  /** What was chosen anew, in words. */
  readonly notes: readonly string[];
}

/**
 * Make figure and bones k times as large. A rod must grow faster than the figure: equal sag needs d ∝ k^(5/4); the
 * next rod up of its family is taken, and it is said where the list ends.
 */
export function rescale(build: Build, k: number): Rescaled {
  const scaled = scaleFigure(build, k);
  const notes: string[] = [];
  const rods = scaled.rods.map((rod) => {
    const now = rodStock(rod.stock);
    const needed = now.section.diameter * k ** 1.25;
    if (needed <= now.section.diameter * 1.02 && needed > now.section.diameter * 0.8) return rod;
    const family = RODS.filter((r) => r.family === now.family).sort((a, b) => a.section.diameter - b.section.diameter);
    const next = family.find((r) => r.section.diameter >= needed * 0.999);
    if (!next) {
      const thickest = family.at(-1)!;
      notes.push(`${rod.name}: no ${now.family} is thick enough, ${thickest.name} is the thickest there is.`);
      return { ...rod, stock: thickest.id };
    }
    if (next.id === now.id) return rod;
    notes.push(`${rod.name}: ${now.name} became ${next.name}.`);
    return { ...rod, stock: next.id };
  });
  return { build: { ...scaled, rods }, factor: k, notes };
}

/** Bring the build to a finished height. */
export function toHeight(build: Build, wanted: Mm): Result<Rescaled> {
  const k = factorForHeight(build, wanted);
  return k.ok ? ok(rescale(build, k.value)) : k;
}
