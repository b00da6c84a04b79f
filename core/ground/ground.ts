import { formatLength, type Mm } from '../quantity/index.ts';
import {
  fromBuild,
  type Board,
  type Build,
  type Card,
  type Mast,
  type Sleeve,
  type Tier,
  type TierBoard,
} from '../record/index.ts';
import { asTierBoard, TIER_BOARDS, type BoardStock } from './boards.ts';
import { nutWithWasher, THREADS, washerAcross, washerThick } from './threads.ts';

/** A body under the figure that something can stand on or be pushed into; heights over the board of the figure. */
export interface Layer {
  readonly id: string;
  readonly kind: 'board' | 'card' | 'tier';
  readonly name: string;
  readonly shape: Board['shape'];
  readonly width: Mm;
  /** Underside and top: nought is where the figure stands. */
  readonly from: Mm;
  readonly to: Mm;
  /** Of a board or a card: what it is of, and how it bends. */
  readonly of?: Board['material'] | TierBoard;
  readonly board?: BoardStock;
  readonly tier?: Tier;
  /** Hole for a threaded rod. */
  readonly hole?: Mm;
  /** Cut into its underside to clear a nut. */
  readonly pocket?: { readonly wide: Mm; readonly deep: Mm };
}

/** A nut, a washer, feet, the open stretch of a rod, or the paste round it there. */
export interface Fitting {
  readonly id: string;
  readonly kind: 'feet' | 'nut' | Mast['base'] | 'gap' | 'sleeve';
  readonly name: string;
  readonly from: Mm;
  readonly to: Mm;
  /** Across; of a gap nothing. */
  readonly wide: Mm;
  /** Of a sleeve what it is made of. */
  readonly sleeve?: Sleeve;
}

/** Everything under the figure, from the table up. */
export interface Ground {
  readonly layers: readonly Layer[];
  readonly fittings: readonly Fitting[];
  /** What the figure stands on. */
  readonly top: Layer;
  /** The table, seen from where the figure stands: nought or below it. */
  readonly table: Mm;
  /** The threaded rod, its lower and upper end. */
  readonly rod: { readonly mast: Mast; readonly from: Mm; readonly to: Mm } | undefined;
  readonly says: readonly string[];
}

/** The thread stands out this far over its last nut, two turns at least; common practice. */
export const PROUD: Mm = 3;
/** A rod ends this far under the top of what it is hidden in; common practice. */
export const HIDDEN: Mm = 15;
/** Paste over steel, mm, that it does not show through; common practice. */
const HIDES = 3;
/** Room round a nut in its pocket, mm; common practice. */
const CLEAR = 1;

/** Stands on the board: a tier with its board, or the figure's own board. */
interface Standing {
  /** Of its sleeve in its gap. */
  readonly id: string;
  readonly name: string;
  readonly gap: Mm;
  readonly sleeve: Sleeve | undefined;
  readonly card:
    | { readonly id: string; readonly name: string; readonly kind: Card['kind']; readonly width: Mm }
    | undefined;
  readonly tier: Tier | undefined;
}

const standingIn = (tiers: readonly Tier[], card: Card | undefined): Standing[] => [
  ...tiers.map((tier): Standing => ({
    id: `${tier.id}-sleeve`,
    name: tier.name,
    gap: tier.gap ?? 0,
    sleeve: tier.sleeve,
    card: tier.board && {
      id: `${tier.id}-board`,
      name: `Board of the ${tier.name.toLowerCase()}`,
      ...tier.board,
    },
    tier,
  })),
  ...(card
    ? [
        {
          id: 'card-sleeve',
          name: 'Figure’s board',
          gap: card.gap ?? 0,
          sleeve: card.sleeve,
          card: { id: 'card', name: 'Figure’s board', kind: card.kind, width: card.width },
          tier: undefined,
        },
      ]
    : []),
];

/** Lays the things that stand on the board over each other, from the table up. */
class Pile {
  readonly layers: Layer[] = [];
  readonly fittings: Fitting[] = [];
  readonly says: string[] = [];
  at: Mm = 0;
  #number = 0;

  fit(kind: Fitting['kind'], name: string, thick: Mm, wide: Mm, from = this.at): Mm {
    this.fittings.push({ id: `${kind}-${++this.#number}`, kind, name, from, to: from + thick, wide });
    return from + thick;
  }
  lay(layer: Omit<Layer, 'from' | 'to'>, thick: Mm): void {
    this.layers.push({ ...layer, from: this.at, to: this.at + thick });
    this.at += thick;
  }
}

const washerName = (kind: Mast['base']): string => (kind === 'large' ? 'large washer' : 'washer');

/** A nut and a washer, one over the other. */
function clamp(
  pile: Pile,
  mast: Mast,
  o: { kind: Mast['base']; from: Mm; washerFirst: boolean; where: string },
): Mm {
  const { thread } = mast;
  const washer = (at: Mm) =>
    pile.fit(
      o.kind,
      `M${thread} ${washerName(o.kind)} ${o.where}`,
      washerThick(thread, o.kind),
      washerAcross(thread, o.kind),
      at,
    );
  const nut = (at: Mm) =>
    pile.fit('nut', `M${thread} nut ${o.where}`, THREADS[thread].nut, THREADS[thread].spanner, at);
  return o.washerFirst ? nut(washer(o.from)) : washer(nut(o.from));
}

/** Paste round the rod from what is below to what is raised; it has to hide the nuts. */
function sleeved(pile: Pile, s: Standing, sleeve: Sleeve, mast: Mast): void {
  const { at } = pile;
  const name = `Sleeve under the ${s.name.toLowerCase()}`;
  pile.fittings.push({
    id: s.id,
    kind: 'sleeve',
    name,
    from: at,
    to: at + s.gap,
    wide: sleeve.across,
    sleeve,
  });
  const widest = Math.max(washerAcross(mast.thread, mast.raised), THREADS[mast.thread].spanner);
  if (sleeve.across < widest + 2 * HIDES)
    pile.says.push(
      `The ${name.toLowerCase()} does not hide its nuts and washers: ${formatLength(widest + 2 * HIDES)} across at least, or the nuts bare.`,
    );
}

/** What something raised lacks that would hold it up. */
function unheld(pile: Pile, s: Standing, mast: Mast | undefined): void {
  if (!mast)
    pile.says.push(`Nothing holds the ${s.name.toLowerCase()} up over its gap: a threaded rod through it.`);
  if (!s.card)
    pile.says.push(
      `The ${s.name.toLowerCase()} is raised without a board under it: the nut would push through the cake.`,
    );
}

/** A tier or the figure’s board on what is there, raised where it is. */
function stand(pile: Pile, s: Standing, mast: Mast | undefined, overNut: Mm): void {
  const below = pile.at;
  const raised = s.gap > 0;
  const hole = mast && THREADS[mast.thread].hole;
  const wide = mast ? Math.max(washerAcross(mast.thread, mast.base), THREADS[mast.thread].spanner) : 0;
  if (raised) unheld(pile, s, mast);
  if (raised) {
    pile.fit('gap', `Gap under the ${s.name.toLowerCase()}`, s.gap, 0);
    if (s.sleeve && mast) sleeved(pile, s, s.sleeve, mast);
    pile.at = below + s.gap;
    if (mast) {
      const own = nutWithWasher(mast.thread, mast.raised);
      const needed = own + overNut;
      if (s.gap < needed)
        pile.says.push(
          `The gap under the ${s.name.toLowerCase()} has no room for its nuts: ${formatLength(needed)} at least.`,
        );
      clamp(pile, mast, {
        kind: mast.raised,
        from: pile.at - own,
        washerFirst: false,
        where: `under the ${s.name.toLowerCase()}`,
      });
    }
  }
  const deep = raised ? 0 : overNut;
  const pocket = deep > 0 ? { wide: wide + CLEAR, deep } : undefined;
  const cut = {
    ...(hole === undefined ? {} : { hole }),
    ...(pocket ? { pocket } : {}),
  };
  if (s.card) {
    const board = TIER_BOARDS[s.card.kind];
    pile.lay(
      {
        id: s.card.id,
        kind: 'card',
        name: s.card.name,
        shape: s.tier?.shape ?? 'round',
        width: s.card.width,
        of: s.card.kind,
        board,
        ...cut,
      },
      board.thick,
    );
  }
  if (s.tier)
    pile.lay(
      {
        id: s.tier.id,
        kind: 'tier',
        name: s.tier.name,
        shape: s.tier.shape,
        width: s.tier.width,
        tier: s.tier,
        ...(s.card ? {} : cut),
      },
      s.tier.height,
    );
}

/** Where the rod ends: hidden in the last tier, standing up into the figure, or over its last nut. */
function rodEnd(pile: Pile, mast: Mast): Mm {
  const top = pile.layers[pile.layers.length - 1]!;
  if (mast.up > 0) return pile.at + mast.up;
  if (top.kind === 'tier') return pile.at - HIDDEN;
  return pile.at + nutWithWasher(mast.thread, top.kind === 'board' ? mast.base : mast.raised) + PROUD;
}

/**
 * What stands under the figure, from the table up: feet, board, tiers on their boards, gaps, the threaded rod with its nuts. A nut
 * over the board lies in a pocket of what stands on it, so that board lies on board; one under something raised hangs in its gap.
 */
export const groundOf = fromBuild(['board', 'cake', 'card', 'mast'], (build): Ground => {
  const { board, mast } = build;
  const pile = new Pile();
  const under = mast ? nutWithWasher(mast.thread, mast.base) : 0;
  if (board.feet > 0) pile.fit('feet', 'Feet', board.feet, board.width);
  pile.at = board.feet;
  if (mast) {
    const from = board.feet - under;
    if (from < PROUD)
      pile.says.push(
        `The rod stands ${formatLength(PROUD - from)} below the feet and the board rocks on it: feet of ${formatLength(under + PROUD)} at least.`,
      );
    clamp(pile, mast, { kind: mast.base, from, washerFirst: false, where: 'under the board' });
  }
  const name = 'Board';
  pile.lay(
    {
      id: 'board',
      kind: 'board',
      name,
      shape: board.shape,
      width: board.width,
      of: board.material,
      board: asTierBoard(board),
      ...(mast ? { hole: THREADS[mast.thread].hole } : {}),
    },
    board.thickness,
  );
  if (mast) clamp(pile, mast, { kind: mast.base, from: pile.at, washerFirst: true, where: 'on the board' });
  const all = standingIn(build.cake.tiers, build.card);
  all.forEach(({ tier }, k) => {
    if (tier?.posts && !all[k + 1]?.card)
      pile.says.push(`The posts in the ${tier.name.toLowerCase()} carry nothing until a board lies on them.`);
  });
  all.forEach((s, k) => stand(pile, s, mast, k === 0 && mast ? under : 0));
  const shift = -pile.at;
  const moved = <T extends { readonly from: Mm; readonly to: Mm }>(x: T): T => ({
    ...x,
    from: x.from + shift,
    to: x.to + shift,
  });
  const layers = pile.layers.map(moved);
  return {
    layers,
    fittings: pile.fittings.map(moved),
    top: layers[layers.length - 1]!,
    table: shift,
    rod: mast && { mast, from: board.feet - under - PROUD + shift, to: rodEnd(pile, mast) + shift },
    says: pile.says,
  };
});

/** Parts of a build that what stands under the figure follows from. */
export type OnGround = Pick<Build, 'board' | 'cake' | 'card' | 'mast'>;

/** The layer a place over or under the middle of the board lies in; undefined in a gap, beside it and over it. */
export function layerAt(ground: Ground, x: Mm, y: Mm, z: Mm): Layer | undefined {
  if (z >= 0 || z < ground.table) return undefined;
  return ground.layers.find((l) => z >= l.from && z < l.to && besideIn(l, x, y) >= 0);
}

/** How far a place lies inside the side of a layer, mm; below nought outside. */
export const besideIn = (l: Pick<Layer, 'shape' | 'width'>, x: Mm, y: Mm): Mm =>
  l.width / 2 - (l.shape === 'round' ? Math.hypot(x, y) : Math.max(Math.abs(x), Math.abs(y)));

/** A stick goes so far down into a cake to stand in it, mm; common practice. */
const INTO_CAKE: Mm = 60;

/** How far down a stick is pushed into what the figure stands on: through a board, or well into a cake. */
export const drivenInto = ({ top }: Ground): Mm =>
  top.kind === 'tier' ? Math.min(INTO_CAKE, top.to - top.from) : top.to - top.from;
