import { cutFrom, cutList, rodStock, type BonesReport } from '../bones/index.ts';
import type { CakeReport } from '../cutting/index.ts';
import { CORE_DENSITY } from '../figure/index.ts';
import { multiplicity, type Build } from '../record/index.ts';
import { type Batch } from '../paste-list/index.ts';
import { ribbonOf } from '../covers/index.ts';
import { groundOf } from '../ground/index.ts';
import { formatLength, given, named, total, type Reckoned, capital } from '../quantity/index.ts';
import { coreVolume, measure, shapeOf } from '../solids/index.ts';
import { ingredientOf, type IngredientKind } from './ingredients.ts';
import type { StockSize } from './stores-record.ts';

/** One thing a build takes. */
export interface Need {
  /** Ingredient of the stores. */
  readonly id: string;
  readonly name: string;
  readonly kind: IngredientKind;
  readonly amount: Reckoned;
  /** Of a core or a board: what it is told by. */
  readonly size?: StockSize;
  /** What it is for, in words. */
  readonly for: readonly string[];
}

/** Water comes from the tap. */
const FREE = new Set(['water']);

function pasteNeeds(batches: readonly Batch[]): Need[] {
  const by = new Map<string, { name: string; parts: Reckoned[]; for: string[] }>();
  for (const b of batches)
    for (const p of b.parts) {
      if (FREE.has(p.id)) continue;
      const entry = by.get(p.id) ?? { name: p.name, parts: [], for: [] };
      entry.parts.push(named(`${p.name}, ${b.colour.name}`, p.grams));
      entry.for.push(b.colour.name);
      by.set(p.id, entry);
    }
  return [...by.entries()].map(([id, e]) => {
    const own = batches.find((b) => b.blend.own?.id === id)?.blend.own;
    return {
      id,
      name: capital(e.name),
      kind: ingredientOf(id, own ? [own] : [])?.kind ?? 'other',
      amount: total(e.name, 'g', e.parts),
      for: [...new Set(e.for)],
    };
  });
}

function coreNeeds(build: Build): Need[] {
  return build.pieces.flatMap((p): Need[] => {
    const volume = coreVolume(p.form);
    if (volume === 0 || p.core === 'cake') return [];
    const n = multiplicity(build, p);
    const ball = shapeOf(p.form.kind).core?.(p.form.sizes);
    const m = measure(p.form);
    const off = p.form.coat ? 2 * p.form.coat.thickness : 0;
    const size =
      ball !== undefined
        ? `ball ${formatLength(ball)}`
        : `${formatLength(m.width - off)} × ${formatLength(m.depth - off)} × ${formatLength(m.height - off)}`;
    if (p.core === 'foam')
      return [
        {
          id: 'foam',
          name: `Foam core, ${size}`,
          kind: 'core',
          amount: given('Foam cores', n, 'pieces'),
          size:
            ball !== undefined
              ? { shape: 'ball', sizes: [ball] }
              : {
                  shape: 'block',
                  sizes: [m.width - off, m.depth - off, m.height - off].sort((a, b) => b - a),
                },
          for: [p.name],
        },
      ];
    return [
      {
        id: 'cereal',
        name: `Cereal treat, ${size}`,
        kind: 'core',
        amount: given('Cereal treat', (volume / 1000) * CORE_DENSITY.cereal * n, 'g', 'estimate'),
        for: [p.name],
      },
    ];
  });
}

/** Whole rods that posts of one length take. */
function cutPosts(stock: string, number: number, tall: number): { bars: number; tooLong: number } {
  const { stock: bar } = rodStock(stock);
  if (tall > bar) return { bars: 0, tooLong: number };
  return { bars: cutFrom(new Array<number>(number).fill(tall), bar).bars.length, tooLong: 0 };
}

/** The threaded rod, its nuts and washers, and feet that let a nut hang under the board. */
function mastNeeds(build: Build, bones: BonesReport): Need[] {
  const { mast, board } = build;
  const feet: Need[] =
    board.feet > 0
      ? [
          {
            id: 'feet',
            name: `Feet ${formatLength(board.feet)} high`,
            kind: 'other',
            amount: given('Feet', FEET, 'pieces', 'common practice'),
            for: ['under the board'],
          },
        ]
      : [];
  const { hardware } = bones;
  if (!mast || !hardware) return feet;
  const bar = rodStock(`m${mast.thread}`);
  const steel = (kind: 'nut' | 'washer' | 'large', name: string): Need[] => {
    const of = hardware.lines.filter((l) => l.kind === kind);
    return of.length === 0
      ? []
      : [
          {
            id: kind,
            name: `${name} M${mast.thread}`,
            kind: 'other',
            amount: given(name, of.length, 'pieces'),
            for: of.map((l) => l.name.replace(/^.*? (?=on|under)/, '')),
          },
        ];
  };
  return [
    {
      id: `rod-m${mast.thread}`,
      name: capital(bar.name),
      kind: 'rod',
      amount: given('Whole rods', Math.ceil(hardware.rod.value / bar.stock), 'pieces'),
      for: [formatLength(hardware.rod.value)],
    },
    ...steel('nut', 'Nuts'),
    ...steel('washer', 'Washers'),
    ...steel('large', 'Large washers'),
    ...feet,
  ];
}

/** Under a board stand so many feet. Common practice. */
const FEET = 4;
/** Boards under tiers, and the figure's own. */
const cardNeeds = (build: Build): Need[] =>
  groundOf(build).layers.flatMap((l): Need[] =>
    l.kind === 'card'
      ? [
          {
            id: 'board',
            name: `${l.shape === 'round' ? 'Round' : 'Square'} board ${formatLength(l.width)}, ${l.board!.name}`,
            kind: 'board',
            amount: given('Board', 1, 'pieces'),
            size: { shape: l.shape, sizes: [l.width], made: l.of! },
            for: [
              l.tier === undefined && l.id === 'card'
                ? 'under the figure'
                : `under the ${l.name.replace(/^Board of the /, '')}`,
            ],
          },
        ]
      : [],
  );

/** The ribbon round the board. */
function ribbonNeeds(build: Build): Need[] {
  const { ribbon } = build.board;
  const band = ribbonOf(build);
  if (!ribbon || !band) return [];
  return [
    {
      id: 'ribbon',
      name: `Ribbon ${formatLength(ribbon.width)} wide`,
      kind: 'other',
      amount: band.length,
      for: ['round the board'],
    },
  ];
}

/** Everything a build takes from the shelf or the shop, in the order one buys. */
export function needsOf(
  build: Build,
  batches: readonly Batch[],
  bones: BonesReport,
  cake: CakeReport,
): Need[] {
  const creams = (
    [
      [build.cake.filling, cake.filling],
      [build.cake.coat, cake.coat],
    ] as const
  ).filter(([, amount]) => amount.value > 0);
  const cream = [...new Set(creams.map(([id]) => id))].map((id): Need => {
    const parts = creams.filter(([x]) => x === id).map(([, amount]) => amount);
    const name = ingredientOf(id)!.name;
    return { id, name, kind: 'cream', amount: total(name, 'g', parts), for: cake.parts.map((p) => p.name) };
  });
  const rods = cutList(bones.rods).map((c): Need => ({
    id: `rod-${c.stock.id}`,
    name: capital(c.stock.name),
    kind: 'rod',
    amount: given('Whole rods', c.bars.length + c.tooLong.length, 'pieces'),
    for: c.pieces.map((p) => formatLength(p.length)),
  }));
  const posts = build.cake.tiers.flatMap((t): Need[] => {
    if (!t.posts) return [];
    const { stock, number } = t.posts;
    const { bars, tooLong } = cutPosts(stock, number, t.height);
    return [
      {
        id: `rod-${stock}`,
        name: `Posts, ${rodStock(stock).name}`,
        kind: 'rod',
        amount: given('Whole rods', bars + tooLong, 'pieces'),
        for: [`${number} of ${formatLength(t.height)} in the ${t.name.toLowerCase()}`],
      },
    ];
  });
  const keepers = build.cake.tiers.flatMap((t): Need[] =>
    t.keepers
      ? [
          {
            id: `rod-${t.keepers.stock}`,
            name: `Against turning, ${rodStock(t.keepers.stock).name}`,
            kind: 'rod',
            amount: given('Sticks', t.keepers.number, 'pieces'),
            for: [`up through the board of the ${t.name.toLowerCase()}`],
          },
        ]
      : [],
  );
  const discs = bones.discs.map((d): Need => ({
    id: 'board',
    name: d.words,
    kind: 'board',
    amount: given('Discs', d.number, 'pieces'),
    size: { shape: 'disc', sizes: [d.disc.width], made: d.disc.of },
    for: [`under the ${d.piece.name.toLowerCase()}`],
  }));
  const { board } = build;
  return [
    ...pasteNeeds(batches),
    ...cream,
    ...coreNeeds(build),
    ...rods,
    ...posts,
    ...keepers,
    ...mastNeeds(build, bones),
    ...discs,
    ...cardNeeds(build),
    {
      id: 'board',
      name: `${board.shape === 'round' ? 'Round' : 'Square'} board ${formatLength(board.width)}, ${board.material}`,
      kind: 'board',
      amount: given('Board', 1, 'pieces'),
      size: { shape: board.shape, sizes: [board.width], made: board.material },
      for: [build.cake.tiers.length > 0 ? 'all of it stands on it' : 'the figure stands on it'],
    },
    ...ribbonNeeds(build),
  ];
}
