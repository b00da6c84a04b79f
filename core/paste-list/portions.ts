import { fail, ok, type Density, type Grams, type Mm, type Result } from '../quantity/index.ts';
import { ballFromMass } from '../solids/index.ts';

/** One part of a split: how much, and the ball it is. */
export interface Part {
  readonly grams: Grams;
  readonly ball: Mm;
}

/**
 * Split a fixed total into balls whose diameters stand in given ratios: masses go with the cube.
 * @param total grams that all parts weigh together
 * @param ratios diameters relative to each other, `[1, 1]` for a pair of equals, `[2, 1, 1]` for a cluster
 */
export function splitByDiameter(total: Grams, ratios: readonly number[], density: Density): Result<Part[]> {
  if (!(total > 0)) return fail('There has to be something to split.', 'total');
  if (ratios.length === 0) return fail('Say how many parts.', 'ratios');
  if (ratios.some((r) => !(r > 0) || !Number.isFinite(r)))
    return fail('Every part needs a size above nothing.', 'ratios');
  const cubes = ratios.map((r) => r ** 3);
  const whole = cubes.reduce((a, b) => a + b, 0);
  return ok(
    cubes.map((c) => {
      const grams = (total * c) / whole;
      return { grams, ball: ballFromMass(grams, density) };
    }),
  );
}

/** Ratios as people write them: `3 equal`, `2 : 1 : 1`, `5`. */
export function readRatios(text: string): Result<number[]> {
  const equal = /^\s*(\d+)\s*(equal|the same)?\s*$/i.exec(text);
  if (equal) {
    const n = Number(equal[1]);
    return n >= 1 && n <= 60
      ? ok(Array.from({ length: n }, () => 1))
      : fail('Split into 1 to 60 parts.', 'ratios');
  }
  const parts = text
    .split(/[:;,\s]+/)
    .filter(Boolean)
    .map(Number);
  if (parts.length < 2 || parts.some((p) => !(p > 0)))
    return fail(`“${text.trim()}” is not understood. Try 3 equal, or diameters like 2 : 1 : 1.`, 'ratios');
  return ok(parts);
}

/** A scale sizes a piece to 5 % only from twenty of its own steps up. */
const SHARE = 0.05;

/** How many small ones to weigh together, so that the scale's step is a twentieth of what lies on it. */
export const weighTogether = (each: Grams, step: Grams): number =>
  Math.max(1, Math.ceil(step / (SHARE * each) - 1e-9));

/** Length of each cut when a rope is chopped into pieces of one weight, mm. */
export const chopLength = (each: Grams, across: Mm, density: Density): Mm =>
  (each * 1000) / (density * (Math.PI / 4) * across * across);

/** Diameters between which a ball lies that weighs so much, give or take. */
export const ballWindow = (grams: Grams, within: Grams, density: Density): readonly [Mm, Mm] => [
  ballFromMass(grams - within, density),
  ballFromMass(grams + within, density),
];

/** The step of a kitchen scale that shows tenths, grams. */
export const SCALE_STEP: Grams = 0.1;

/** How many of a heap of small ones to weigh together on a kitchen scale, and what they weigh; undefined when one will do. */
export function weighedTogether(grams: Grams, alike: number): { number: number; grams: Grams } | undefined {
  const each = grams / alike;
  const number = Math.min(weighTogether(each, SCALE_STEP), Math.max(1, alike));
  return number > 1 ? { number, grams: number * each } : undefined;
}
