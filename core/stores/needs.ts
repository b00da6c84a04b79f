import { cutFrom, cutList, rodStock, type BonesReport } from '../bones/index.ts';
import type { CakeReport } from '../cutting/index.ts';
import { CORE_DENSITY } from '../figure/index.ts';
import { multiplicity, type Build } from '../record/index.ts';
import { type Batch } from '../paste-list/index.ts';
import { formatLength, given, named, total, type Reckoned } from '../quantity/index.ts';
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
      name: e.name.charAt(0).toUpperCase() + e.name.slice(1),
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
    name: c.stock.name.charAt(0).toUpperCase() + c.stock.name.slice(1),
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
    ...discs,
    {
      id: 'board',
      name: `${board.shape === 'round' ? 'Round' : 'Square'} board ${formatLength(board.width)}, ${board.material}`,
      kind: 'board',
      amount: given('Board', 1, 'pieces'),
      size: { shape: board.shape, sizes: [board.width], made: board.material },
      for: ['the figure stands on it'],
    },
  ];
}
