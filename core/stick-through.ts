import { addRod } from './edits/index.ts';
import { rodEndOn, type Instance } from './figure/index.ts';
import type { Mm } from './quantity/index.ts';
import type { Build } from './record/index.ts';
import { add, bodyDepth, sub, times, toLocal, unit } from './solids/index.ts';

/** A stick is no thicker than this share of what it runs through; common practice. */
const THICKEST = 0.4;
const STICKS = ['skewer4', 'skewer3', 'cocktail2'] as const;
const ACROSS: Readonly<Record<(typeof STICKS)[number], number>> = { skewer4: 4, skewer3: 3, cocktail2: 2 };
/** Its tip stays so far inside, mm. A step of the method; estimate. */
const INSIDE = 4;

/**
 * A stick along the axis of a standing piece, from so far down in what carries it up into a body; in each of a pair.
 * @param thin the slimmest it runs through, mm
 * @param up how far over the foot it is wanted, and `least` how far it has to be, mm
 * @returns undefined where it would be too thick, or come out
 */
export function stickThrough(
  build: Build,
  of: Instance,
  {
    name,
    thin,
    on,
    down,
    into,
    up,
    least,
  }: {
    readonly name: string;
    readonly thin: Mm;
    readonly on: string;
    readonly down: Mm;
    readonly into: Instance;
    readonly up: Mm;
    readonly least: Mm;
  },
): { readonly build: Build; readonly id: string } | undefined {
  const stock = STICKS.find((s) => ACROSS[s] <= THICKEST * thin);
  if (!stock) return undefined;
  const [foot, along] = [of.frame.origin, unit(of.frame.z)];
  const depth = bodyDepth(into.body);
  const tip = (far: Mm) => add(foot, times(along, far));
  const inside = (far: Mm) =>
    depth(...toLocal(into.frame, tip(far))) >= Math.min(INSIDE, ACROSS[stock] / 2 + 1);
  let far = up;
  while (far > least && !inside(far)) far -= 1;
  if (far <= least) return undefined;
  return addRod(build, {
    name,
    stock,
    from: rodEndOn(build, on, sub(foot, times(along, down))),
    to: rodEndOn(build, into.piece.id, tip(far)),
    pair: of.piece.pair,
    sleeved: false,
  });
}
