import {
  between,
  fail,
  given,
  ok,
  reckon,
  VOLUME_IN_ML,
  inLimits,
  type Grams,
  type Mm,
  type Reckoned,
  type Result,
} from '../quantity/index.ts';
import { densityFromBall } from './density.ts';
import { EDIBLE_DENSITY, MOST_SHRINK, ownPasteRecord, type OwnPaste } from './blend-record.ts';

/** Whether a density can be that of something edible; a sentence when not. */
export function checkDensity(density: number): Result<number> {
  return density >= EDIBLE_DENSITY[0] && density <= EDIBLE_DENSITY[1]
    ? ok(density)
    : fail(
        `Nothing edible here weighs less than ${EDIBLE_DENSITY[0]} or more than ${EDIBLE_DENSITY[1]} g per cubic centimetre: check grams and millimetres.`,
        'density',
      );
}

const more = (x: number, what: string): string | undefined =>
  x > 0 && Number.isFinite(x) ? undefined : `${what} has to be more than nothing.`;

const refuse = (...wrong: (string | undefined)[]): Result<never> | undefined => {
  const first = wrong.find((w) => w !== undefined);
  return first === undefined ? undefined : fail(first);
};

/** A scale reads to this, g; a ruler to that, mm. */
const SCALE = 0.1;
const RULER = 0.3;

/**
 * Density by the ball: roll it, weigh it, measure it across three ways. Error √((0.1 ÷ m)² + (3 · 0.3 ÷ d)²), the
 * diameter decides: use a big ball. Derived.
 */
export function byBall(grams: Grams, across: readonly Mm[]): Result<Reckoned> {
  const wrong = refuse(more(grams, 'The weight'), ...across.map((d) => more(d, 'Each diameter')));
  if (wrong) return wrong;
  const weight = given('Weighs', grams, 'g', 'yours');
  const mean = reckon(
    'Across, on average',
    'mm',
    'mean of the three',
    across.map((d, i) => given(`Measured ${i + 1}`, d, 'mm', 'yours')),
    (...d: number[]) => d.reduce((a, b) => a + b, 0) / d.length,
  );
  const rho = reckon(
    'Density, by the ball',
    'g/cm³',
    'm ÷ (π d³ ÷ 6)',
    [weight, mean],
    densityFromBall,
    'yours',
  );
  const checked = checkDensity(rho.value);
  if (!checked.ok) return checked;
  const off = rho.value * Math.hypot(SCALE / grams, (3 * RULER) / mean.value);
  return ok(between(rho, rho.value - off, rho.value + off));
}

/** Density by the jug: sink a wrapped lump and read how far the water rises. */
export function byJug(grams: Grams, risen: number): Result<Reckoned> {
  const wrong = refuse(more(grams, 'The weight'), more(risen, 'The rise of the water'));
  if (wrong) return wrong;
  const rho = reckon(
    'Density, by the jug',
    'g/cm³',
    'grams ÷ millilitres it rises',
    [given('Weighs', grams, 'g', 'yours'), given('Water rises', risen, 'mL', 'yours')],
    (g, ml) => g / ml,
    'yours',
  );
  const checked = checkDensity(rho.value);
  return checked.ok ? ok(rho) : checked;
}

/** Grams in a millilitre of powder from a number of level spoons on the scale. */
export function bulkFromSpoons(
  grams: Grams,
  spoons: number,
  spoonMl: number = VOLUME_IN_ML.tsp,
): Result<Reckoned> {
  const wrong = refuse(more(grams, 'The weight'), more(spoons, 'The number of spoons'));
  if (wrong) return wrong;
  const bulk = reckon(
    'A millilitre of powder',
    'g',
    'grams ÷ (spoons × spoon)',
    [
      given('Weighs', grams, 'g', 'yours'),
      given('Level spoons', spoons, '', 'yours'),
      given('The spoon holds', spoonMl, 'mL'),
    ],
    (g, n, ml) => g / (n * ml),
    'yours',
  );
  return bulk.value >= 0.2 && bulk.value <= 1.2
    ? ok(bulk)
    : fail('A millilitre of powder weighs between 0.2 and 1.2 g: check the grams and the number of spoons.');
}

/** Loss of length of a strip, per cent. */
export function shrinkFromStrip(before: Mm, after: Mm): Result<Reckoned> {
  const wrong = refuse(more(before, 'The strip before'), more(after, 'The strip after'));
  if (wrong) return wrong;
  if (after > before)
    return fail('A strip does not grow as it dries: are the two lengths the wrong way round?');
  const shrink = reckon(
    'Shrinks by',
    '%',
    '(before − after) ÷ before',
    [given('Before', before, 'mm', 'yours'), given('After', after, 'mm', 'yours')],
    (a, b) => ((a - b) / a) * 100,
    'yours',
  );
  return shrink.value <= MOST_SHRINK
    ? ok(shrink)
    : fail('No paste loses more than a tenth of its length: measure again.');
}

/** What to say of a strip that shrank more than any. */
export const SHRINKS = (least: number, most: number): string =>
  `Shrinkage lies between ${least} and ${most} % of the length.`;

/** Check a paste of somebody's own. */
export function checkOwn(paste: OwnPaste): Result<OwnPaste> {
  if (!paste.name.trim()) return fail('A paste needs a name.', 'name');
  if (paste.density !== undefined) {
    const checked = checkDensity(paste.density);
    if (!checked.ok) return checked;
  }
  return inLimits(ownPasteRecord, paste, { shrink: SHRINKS });
}

/** Whether two records of one paste say the same. */
export const sameOwn = (a: OwnPaste, b: OwnPaste): boolean =>
  a.name === b.name &&
  a.density === b.density &&
  a.shrink === b.shrink &&
  a.note === b.note &&
  a.allergens.join() === b.allergens.join();
