import { rodOf, type Build, type Rod } from '../../record/index.ts';
import { setRod } from '../../edits/index.ts';
import { worstOfRod } from '../joints/checked-joints.ts';
import type { Firmed } from '../joints/joint-push.ts';
import { jointsOf } from '../paths/joints.ts';
import { TARGET } from '../joints/check.ts';
import { apartOf, doubled, slimmest, widestFor } from './mends.ts';
import { RODS, type RodStock } from '../stock/rods/registry.ts';
import { ROD_MATERIALS } from '../stock/rod-materials.ts';
import { stockIn, stockOf } from '../stock/stock.ts';
import { THICK } from '../paths/thick.ts';

/** Rods that were tried and left for one reason, simplest first. */
export interface PassedOver {
  readonly why: string;
  readonly names: readonly string[];
}

/** The simplest rod that holds along the line of the one there is. */
export interface RodChoice {
  /** Undefined when none holds. */
  readonly stock: RodStock | undefined;
  readonly two: boolean;
  /** How many times over it holds. */
  readonly times: number;
  /** One sentence. */
  readonly text: string;
  /** Simpler ones by why they were left; every one when none holds. */
  readonly passedOver: readonly PassedOver[];
  /** The build with it in place; undefined when none holds or it is the one there is. */
  readonly apply: (() => Build) | undefined;
}

/** A second rod weighs in the order of trying a little less than the next size up. */
const SECOND = 0.9;

interface Option {
  readonly stock: RodStock;
  readonly two: boolean;
}
const costOf = (o: Option): number => o.stock.rank + (o.two ? SECOND : 0);
const nameOf = (o: Option): string => (o.two ? `two of ${o.stock.name}` : o.stock.name);
const mm = (x: number): string => `${Math.round(x)} mm`;

/** Everything that could be put along the line of a rod, simplest and nearest to food first. */
function optionsFor(build: Build, rod: Rod): Option[] {
  const measured = stockOf(build, rod);
  return RODS.flatMap((s) => {
    const stock = s.id === measured.id ? measured : stockIn(build, s.id);
    return rod.pair
      ? [{ stock, two: false }]
      : [
          { stock, two: false },
          { stock, two: true },
        ];
  }).sort((a, b) => costOf(a) - costOf(b));
}

const TOO_THICK = 'too thick';
const tooShort = (o: Option, long: number): string =>
  `sold ${mm(o.stock.stock)} long, ${mm(long)} are needed`;

/** Why it does not go in at all, before anything is reckoned. */
function noRoom(o: Option, width: number, long: number, bent: boolean): string | undefined {
  const d = o.stock.section.diameter;
  if (bent && !ROD_MATERIALS[o.stock.material].bends) return 'cannot be bent';
  if (d > THICK * width) return `${TOO_THICK}: the slimmest piece it runs through is ${mm(width)}`;
  if (long > o.stock.stock) return tooShort(o, long);
  const across = 2 * apartOf(d) + d + 2 * Math.max(3, d);
  if (o.two && across > width) return `no room for two in ${mm(width)}`;
  return undefined;
}

/**
 * Try every rod of the catalogue, one and two of it, in the order of how simple it is, and take the first that holds
 * in every situation with its reserve; if none does, those somewhat thicker than paste likes. Depth and line stay as
 * they are.
 */
export function chooseRod(build: Build, rodId: string, firmed: Firmed): RodChoice {
  const rod = rodOf(build, rodId);
  const path = jointsOf(build).paths.find((p) => p.placed.rod.id === rodId);
  const left = new Map<string, string[]>();
  const leave = (name: string, why: string) => left.set(why, [...(left.get(why) ?? []), name]);
  const passedOver = (): PassedOver[] => [...left].map(([why, names]) => ({ why, names }));
  const none = (text: string): RodChoice => ({
    stock: undefined,
    two: false,
    times: 0,
    text,
    passedOver: passedOver(),
    apply: undefined,
  });
  if (!rod || !path || !worstOfRod(build, rodId, firmed))
    return none('It does not cross from one piece into another yet, so there is nothing to choose by.');
  const width = slimmest(build, rodId);
  const widest = widestFor(build, rodId);
  let closest: { name: string; use: number; title: string } | undefined;

  const put = ({ stock, two }: Option): Build | undefined => {
    if (stock.id === rod.stock && !two) return build;
    const swapped = setRod(build, rodId, { stock: stock.id, sleeved: rod.sleeved || stock.needsSleeve });
    if (!swapped.ok || !two) return swapped.ok ? swapped.value : undefined;
    return doubled(swapped.value, rodOf(swapped.value, rodId)!, apartOf(stock.section.diameter));
  };
  const tried = (option: Option, but: string): RodChoice | undefined => {
    const changed = put(option);
    const hardest = changed && worstOfRod(changed, rodId, firmed);
    if (!changed || !hardest) return undefined;
    const name = nameOf(option);
    const use = hardest.use.value;
    if (use > TARGET) {
      leave(name, `${hardest.title.toLowerCase()}, ${hardest.situation}`);
      if (!closest || use < closest.use) closest = { name, use, title: hardest.title.toLowerCase() };
      return undefined;
    }
    return {
      stock: option.stock,
      two: option.two,
      times: use > 1e-6 ? 1 / use : Infinity,
      text:
        changed === build
          ? `The ${name} that is there is the simplest that holds${but}.`
          : `${name[0]!.toUpperCase()}${name.slice(1)} is the simplest that holds${but}.`,
      passedOver: passedOver(),
      apply: changed === build ? undefined : () => changed,
    };
  };

  const thick: Option[] = [];
  for (const option of optionsFor(build, rod)) {
    const room = noRoom(option, width, path.length, path.legs.length > 1);
    if (room === undefined) {
      const found = tried(option, '');
      if (found) return found;
    } else if (room.startsWith(TOO_THICK) && !option.two && option.stock.section.diameter <= widest)
      thick.push(option);
    // two of what does not go in once need not be said
    else if (!option.two || !left.get(room)?.includes(option.stock.name)) leave(nameOf(option), room);
  }
  for (const option of thick) {
    const room = option.stock.stock < path.length ? tooShort(option, path.length) : undefined;
    const found =
      room === undefined ? tried(option, `, but thick for ${mm(width)} of paste: it may split`) : undefined;
    if (found) return found;
    if (room !== undefined) leave(nameOf(option), room);
  }
  if (!closest || !Number.isFinite(closest.use)) return none('Nothing holds along this line.');
  return none(
    closest.use <= 1
      ? `Nothing holds with its full reserve along this line. Nearest is ${closest.name}, and that is tight: ${closest.title}.`
      : `Nothing holds along this line. Nearest is ${closest.name}: ${closest.title} takes ${closest.use.toFixed(1)} times what it may.`,
  );
}
