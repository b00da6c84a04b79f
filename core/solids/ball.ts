import type { Density, Grams, Mm } from '../quantity/index.ts';

/**
 * The ball a piece starts from: d = (6 V / π)^⅓.
 * @param g mass of paste
 * @param density of the paste, g/cm³
 * @returns diameter in mm
 */
export const ballFromMass = (g: Grams, density: Density): Mm => Math.cbrt((6000 * g) / (Math.PI * density));

/** Grams of a ball: ρ π d³ / 6. */
export const massOfBall = (d: Mm, density: Density): Grams => (Math.PI * d ** 3 * density) / 6000;
