type Plain = Record<string, unknown>;

/** Version 7 to 8: what stands under the figure becomes one model. Plain data only, sizes as version 7 had them. */

interface OldItem {
  readonly id: string;
  readonly kind: string;
  readonly name: string;
  readonly thick: number;
  readonly width?: number;
  readonly weight?: number;
  readonly made?: string;
}
interface OldStack {
  readonly thread: number;
  readonly items: readonly OldItem[];
  readonly cutAt?: number;
}
interface OldBoard extends Plain {
  readonly width: number;
  readonly material: string;
}

/** Nuts, washers and large washers of version 7, mm, by thread: ISO 4032, 7089 and 7093, from memory. */
const STEEL: Readonly<Record<number, Readonly<Record<string, number>>>> = {
  6: { nut: 5.2, washer: 1.6, large: 1.6 },
  8: { nut: 6.8, washer: 1.6, large: 2 },
  10: { nut: 8.4, washer: 2, large: 2.5 },
  12: { nut: 10.8, washer: 2.5, large: 3 },
};
const CARDS: Readonly<Record<string, string>> = {
  drum: 'drum',
  mdf: 'mdf12',
  plywood: 'ply6',
  foamcore: 'foam',
};
/** What a field takes now, least and most, mm; a limit of the record. */
const LIMITS = {
  card: [30, 900],
  gap: [0, 700],
  width: [40, 800],
  height: [20, 400],
  board: [20, 1500],
  thick: [1, 60],
  feet: [0, 200],
} as const;
const within = (of: keyof typeof LIMITS, x: number): number =>
  Math.min(LIMITS[of][1], Math.max(LIMITS[of][0], x));
const given = (key: string, value: unknown): Plain => (value === undefined ? {} : { [key]: value });

/** A board of the stack as one that carries a tier. */
const carrier = (item: OldItem): Plain => ({
  kind: item.made === 'plywood' ? 'ply6' : item.thick > 9 ? 'mdf12' : 'mdf6',
  width: within('card', item.width ?? 100),
});

const tierOf = (item: OldItem, id: string, more: Plain): Plain => ({
  id,
  name: item.name,
  shape: 'round',
  width: within('width', item.width ?? 180),
  height: within('height', item.thick),
  stuck: false,
  ...given('weight', item.weight),
  ...more,
});

/** The stack as tiers over each other; nuts and washers now lie in the gaps they were beside. */
function tiersOf({ thread, items }: OldStack, taken: Set<string>) {
  const steel = STEEL[thread] ?? STEEL[10]!;
  const tiers: Plain[] = [];
  let [open, gap] = [0, false];
  let board: OldItem | undefined;
  const under = (): Plain => ({
    ...given('board', board && carrier(board)),
    ...given('gap', gap ? within('gap', open) : undefined),
  });
  for (const item of items.slice(items.findIndex((i) => i.kind === 'base') + 1)) {
    if (item.kind === 'board') board = item;
    else if (item.kind === 'tier') {
      let { id } = item;
      while (taken.has(id)) id = `${id}-rod`;
      taken.add(id);
      tiers.push(tierOf(item, id, under()));
      [open, gap, board] = [0, false, undefined];
    } else {
      open += item.kind === 'gap' ? item.thick : (steel[item.kind] ?? 0);
      gap ||= item.kind === 'gap';
    }
  }
  const { board: last, ...raised } = under();
  return { tiers, card: last === undefined ? undefined : { ...(last as Plain), ...raised } };
}

/** The rod of the stack, with the washers it had. */
function mastOf({ thread, items, cutAt }: OldStack): Plain {
  const at = items.findIndex((i) => i.kind === 'base');
  const beside = [items[at - 1]?.kind, items[at + 1]?.kind];
  const over = items.slice(at + 2).filter((i) => i.kind === 'washer' || i.kind === 'large');
  return {
    thread,
    base: beside.includes('large') || !beside.includes('washer') ? 'large' : 'washer',
    raised: over.at(-1)?.kind ?? 'large',
    up: 0,
    ...given('cutAt', cutAt),
  };
}

/** The lowest board: that of the rod, else a drum a little wider than the widest tier, else what there was. */
function boardOf(board: OldBoard, stack: OldStack | undefined, widest: number): Plain {
  const base = stack?.items.find((i) => i.kind === 'base');
  const feet = (stack?.items ?? []).filter((i) => i.kind === 'feet').reduce((h, i) => h + i.thick, 0);
  const lowest: Plain = base
    ? {
        width: within('board', base.width ?? board.width),
        thickness: within('thick', base.thick),
        material: base.made === 'plywood' ? 'plywood' : 'mdf',
      }
    : widest > 0
      ? { shape: 'round', width: within('board', widest + 50), thickness: 12, material: 'drum' }
      : {};
  return { ...board, ...lowest, feet: within('feet', feet) };
}

/**
 * Version 8: the board is the lowest thing, with feet; a figure on tiers gets the board it was reckoned with as its own; tiers on a
 * threaded rod become tiers raised on it.
 */
export function toGround(record: Plain): Plain {
  const { stack: old, ...rest } = record;
  const stack = old as OldStack | undefined;
  const board = record.board as OldBoard;
  const cake = record.cake as { tiers: Plain[] };
  const pieces = (record.pieces ?? []) as { id: string }[];
  const flat = cake.tiers.map((t): Plain => ({ ...t, stuck: false }));
  const made = stack && tiersOf(stack, new Set([...pieces, ...flat].map((x) => (x as { id: string }).id)));
  const tiers = [...flat, ...(made?.tiers ?? [])];
  const own =
    tiers.length > 0 && flat.length + pieces.length > 0
      ? { kind: CARDS[board.material] ?? 'card', width: within('card', board.width) }
      : undefined;
  return {
    ...rest,
    board: boardOf(board, stack, Math.max(0, ...tiers.map((t) => t.width as number))),
    cake: { ...cake, tiers },
    ...given('card', made?.card ?? own),
    ...given('mast', stack && mastOf(stack)),
  };
}
