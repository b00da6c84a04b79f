import { groundOf } from '../ground/index.ts';
import { place } from '../figure/index.ts';
import { type Build } from '../record/index.ts';
import { coreVolume } from '../solids/index.ts';
import { discsOf } from './paths/discs.ts';
import { jointsOf } from './paths/joints.ts';
import { throughWords, type SeenRod } from './mends/rod-report.ts';
import { rodStock, type RodStock } from './stock/rods/registry.ts';

export type HazardLevel = 'must' | 'should' | 'note';

/** A rule of food contact or of handing over: which rods it is for, why, and what to do. */
interface Rule {
  readonly id: string;
  readonly level: HazardLevel;
  readonly about: (r: SeenRod, eaten: boolean) => boolean;
  readonly why: string;
  readonly what: string;
}

const madeOf =
  (...materials: readonly RodStock['material'][]) =>
  (r: SeenRod) =>
    materials.includes(r.stock.material);

/** Food-contact and child rules as data; food codes from memory, the rest common practice. Local rules come first. */
const RULES: readonly Rule[] = [
  {
    id: 'copper',
    level: 'must',
    about: (r) => madeOf('copper')(r) && !r.rod.sleeved,
    why: 'Copper goes into acid food: fruit, cream cheese, ganache with cream.',
    what: 'Sleeve it end to end in food-grade tube, sealed at both ends.',
  },
  {
    id: 'thread',
    level: 'must',
    about: (r) => madeOf('steel')(r) && !r.rod.sleeved,
    why: 'Threaded rod is zinc plated and oily, and its thread traps crumbs.',
    what: 'Degrease it, then sleeve it through the whole height that is eaten.',
  },
  {
    id: 'aluminium',
    level: 'must',
    about: (r) => madeOf('aluminium')(r) && !r.rod.sleeved,
    why: 'Soft aluminium dissolves slowly in acid and salty food and marks paste grey.',
    what: 'Wrap it in film, or in floral tape and film.',
  },
  {
    id: 'wire',
    level: 'must',
    about: (r) => madeOf('florist')(r) && !r.rod.sleeved,
    why: 'Covered wire is not food grade, and a loose end is sharp.',
    what: 'Into a pick, a sealed straw or a plug of paste that is not eaten; bend the end over.',
  },
  {
    id: 'stainless',
    level: 'should',
    about: (r) => madeOf('stainless')(r) && !r.rod.sleeved,
    why: 'Stainless is not food-contact material unless it is rated for it.',
    what: 'Sleeve it, or use one that is rated.',
  },
  {
    id: 'wood',
    level: 'should',
    about: (r) => madeOf('birch')(r) && !r.rod.sleeved,
    why: 'Hardware-shop dowels may be treated or dusty; wood takes up water and swells.',
    what: 'Food-grade dowels only, or sleeve them in a straw; round off splinters.',
  },
  {
    id: 'paper',
    level: 'note',
    about: madeOf('paper'),
    why: 'Paper sticks go soft in wet cake within hours.',
    what: 'Dip the buried end in chocolate, or use plastic.',
  },
  {
    id: 'pasta',
    level: 'note',
    about: madeOf('spaghetti'),
    why: 'Raw pasta is hard to bite and contains gluten.',
    what: 'Name it to whoever serves.',
  },
  {
    id: 'small',
    level: 'should',
    about: (r, eaten) => eaten && (r.stock.section.diameter <= 3 || r.length.value < 80),
    why: 'A thin or short stick in a part that is eaten is bitten on.',
    what: 'For children replace it with dry spaghetti or a candy stick, or mark the part as not for eating.',
  },
  {
    id: 'points',
    level: 'should',
    about: (r, eaten) => eaten && madeOf('bamboo')(r),
    why: 'Skewers and cocktail sticks are pointed.',
    what: 'Cut the point off after pushing in; leave none within 10 mm of the skin.',
  },
];

/** A rule that a build meets, with the letters of the rods it is about. */
export interface Hazard {
  readonly id: string;
  readonly level: HazardLevel;
  readonly letters: readonly string[];
  readonly why: string;
  readonly what: string;
}

const ORDER: readonly HazardLevel[] = ['must', 'should', 'note'];

/** What the rods, cores and board of a build ask for before it is eaten, the musts first. */
export function hazardsOf(build: Build, rods: readonly SeenRod[]): Hazard[] {
  const { paths } = jointsOf(build);
  const eaten = new Set(paths.filter((p) => [...p.passes].some((i) => i >= 0)).map((p) => p.placed.rod.id));
  const found = RULES.flatMap((rule): Hazard[] => {
    const mine = rods.filter((r) => rule.about(r, eaten.has(r.rod.id)));
    return mine.length
      ? [
          {
            id: rule.id,
            level: rule.level,
            letters: mine.map((r) => r.letter),
            why: rule.why,
            what: rule.what,
          },
        ]
      : [];
  });
  const foam = place(build).some((i) => i.piece.core === 'foam' && coreVolume(i.piece.form) > 0);
  if (foam)
    found.push({
      id: 'foam',
      level: 'must',
      letters: [],
      why: 'Foam looks like cake and is not; crumbs of it are swallowed.',
      what: 'Cover it with film or a thin coat you do not serve, mark the cutting line, and list it.',
    });
  if (discsOf(build).length > 0)
    found.push({
      id: 'disc',
      level: 'should',
      letters: [],
      why: 'Card and foam board drink fat and damp, go soft, and are cut through with the cake unseen.',
      what: 'Cover the disc with film or foil on both faces, glue it down, and list it.',
    });
  if (build.board.material === 'mdf')
    found.push({
      id: 'mdf',
      level: 'must',
      letters: [],
      why: 'MDF has resin and loose dust and swells with damp.',
      what: 'Seal it with foil or film on all faces and inside every hole.',
    });
  return found.sort((a, b) => ORDER.indexOf(a.level) - ORDER.indexOf(b.level));
}

/** One thing to be taken out before it is eaten. */
export interface RemovalLine {
  /** The same each time, whatever it is called. */
  readonly id: string;
  readonly what: string;
  readonly number: number;
  readonly where: string;
  /** The piece, the rod or the tier it goes with. */
  readonly of: { readonly piece?: string; readonly rod?: string; readonly tier?: string };
}

/** Everything in the figure that is not food, with its number and where it is. */
export function removalCard(build: Build, rods: readonly SeenRod[]): RemovalLine[] {
  const lines: RemovalLine[] = rods.map((r) => ({
    id: `rod:${r.rod.id}`,
    of: { rod: r.rod.id },
    what: `${r.letter}: ${r.stock.name}, ${Math.round(r.length.value)} mm${r.rod.sleeved ? ', in a sleeve' : ''}`,
    number: r.rod.pair ? 2 : 1,
    where: throughWords(build, r.passes),
  }));
  const cores = new Map<string, { name: string; number: number }>();
  for (const i of place(build))
    if (i.piece.core === 'foam' && coreVolume(i.piece.form) > 0)
      cores.set(i.piece.id, { name: i.piece.name, number: (cores.get(i.piece.id)?.number ?? 0) + 1 });
  for (const t of build.cake.tiers)
    if (t.posts)
      lines.push({
        id: `posts:${t.id}`,
        of: { tier: t.id },
        what: `Posts, ${rodStock(t.posts.stock).name}, ${Math.round(t.height)} mm`,
        number: t.posts.number,
        where: t.name.toLowerCase(),
      });
  for (const d of discsOf(build))
    lines.push({
      id: `disc:${d.piece.id}`,
      of: { piece: d.piece.id },
      what: d.words,
      number: d.number,
      where: `in the top of the ${d.on.name.toLowerCase()}, under the ${d.piece.name.toLowerCase()}`,
    });
  for (const t of build.cake.tiers)
    if (t.keepers)
      lines.push({
        id: `keepers:${t.id}`,
        of: { tier: t.id },
        what: `Sticks against turning, ${rodStock(t.keepers.stock).name}`,
        number: t.keepers.number,
        where: `up through the board of the ${t.name.toLowerCase()}`,
      });
  for (const l of groundOf(build).layers)
    if (l.kind === 'card')
      lines.push({
        id: `card:${l.id}`,
        of: {},
        what: `${l.name}, ${l.board!.name}, ${Math.round(l.width)} mm`,
        number: 1,
        where: 'under it',
      });
  if (build.mast)
    lines.push({
      id: 'mast',
      of: {},
      what: `M${build.mast.thread} rod with its nuts and washers`,
      number: 1,
      where: 'through board and tiers',
    });
  for (const [piece, { name, number }] of cores)
    lines.push({ id: `core:${piece}`, of: { piece }, what: 'Foam core', number, where: name });
  for (const t of build.bench.trouble ?? [])
    if (t.leaves !== undefined) {
      const piece = build.pieces.find((p) => p.id === t.piece);
      lines.push({
        id: `left:${t.id}`,
        of: t.piece === undefined ? {} : { piece: t.piece },
        what: t.leaves,
        number: 1,
        where: piece ? `in the ${piece.name.toLowerCase()}` : 'in the figure',
      });
    }
  return lines;
}
