import type { HardwareStack, StackItem } from '../../record/index.ts';
import { given, reckon, total, type Mm, type Reckoned } from '../../quantity/index.ts';
import { TIER_BOARDS } from '../stock/boards.ts';
import { reckonStack, type StackLine } from '../stock/hardware.ts';
import type { CakeBears } from './tier-cake.ts';

/** Widths taken where none is said, mm. */
const USUAL = { board: 100, tier: 180, base: 350 };

/** What stands raised on the rod, as one mass. */
export interface Raised {
  readonly mass: Reckoned;
  /** Of each tier on it, by its id. */
  readonly weights: ReadonlyMap<string, Reckoned>;
  /** Balance point over the base. */
  readonly lever: Mm;
  readonly board: StackLine;
  readonly base: StackLine;
  readonly tier: StackLine;
  /** Height of the balance point over the tier's own board. */
  readonly own: Mm;
}

/** Width of a base, board or tier: typed, or the usual. */
export const widthOf = (item: StackItem): Mm =>
  item.width ?? USUAL[item.kind === 'base' ? 'base' : item.kind === 'board' ? 'board' : 'tier'];
/** The board something on the threaded rod is cut from, by what it is said to be of and how thick it is, mm. */
export const madeOf = (item: StackItem, thick: Mm) =>
  item.made === 'plywood' ? TIER_BOARDS.ply6 : thick > 9 ? TIER_BOARDS.mdf12 : TIER_BOARDS.mdf6;

function weightOf(line: StackLine, cake: CakeBears): Reckoned {
  const { item } = line;
  if (item.weight !== undefined) return given(item.name, item.weight, 'g', 'yours');
  return reckon(
    `${item.name}, taken as round cake`,
    'g',
    'π d² ÷ 4 × height × density',
    [
      given('Wide', widthOf(item), 'mm'),
      given('High', line.thick, 'mm'),
      given('Cake weighs', cake.density, 'g/cm³', 'estimate'),
    ],
    (d, h, rho) => ((Math.PI / 4) * d * d * h * rho) / 1000,
    'estimate',
  );
}

/** What a stack holds up over its base; undefined while there is no base, or no tier on a board. */
export function raisedIn(stack: HardwareStack, cake: CakeBears): Raised | undefined {
  const { lines } = reckonStack(stack);
  const base = lines.find((l) => l.item.kind === 'base');
  const first = lines.findIndex((l) => l.item.kind === 'board');
  const tiers = first < 0 ? [] : lines.slice(first).filter((l) => l.item.kind === 'tier');
  if (!base || tiers.length === 0) return undefined;
  const board = lines[first]!;
  const weights = tiers.map((t) => weightOf(t, cake));
  const mass = total('Raised on the rod', 'g', weights);
  const balance =
    tiers.reduce((sum, t, i) => sum + (weights[i]!.value * (t.from + t.to)) / 2, 0) / (mass.value || 1);
  return {
    mass,
    weights: new Map(tiers.map((t, i) => [t.item.id, weights[i]!])),
    lever: balance - base.to,
    board,
    base,
    tier: tiers[0]!,
    own: balance - board.to,
  };
}
