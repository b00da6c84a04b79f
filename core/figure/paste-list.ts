import {
  allergensOf,
  batchFor,
  blendDensity,
  BOWL_LOSS,
  makeCount,
  materialOf,
  pasteName,
  powderFor,
  recipeOf,
  restAfterMixing,
  startMass,
  techniqueOf,
  type Blend,
} from '../pastes/index.ts';
import {
  given,
  reckon,
  roundParts,
  total,
  type Grams,
  type Minutes,
  type Reckoned,
} from '../quantity/index.ts';
import { shapeOf } from '../solids/index.ts';
import { multiplicity, type Build, type Colour, type Piece, type Reserve } from './build.ts';
import { coverOf, type Cover } from './covers.ts';
import { blendOf, weighIn, type Weight } from './weigh.ts';

/** What one piece, or the cover of one tier, takes from a batch. */
export interface PasteLine {
  /** Id of the piece; of the tier where `cover` is set. */
  readonly piece: string;
  readonly name: string;
  readonly number: number;
  /** Made in all: more than the number where some are expected to break. */
  readonly make: number;
  readonly cover?: Cover;
  /** Paste that ends in these pieces. */
  readonly net: Reckoned;
  /** Paste in those made in reserve. */
  readonly breakage: Reckoned;
  /** Cut away from them: offcut that can be kneaded back. */
  readonly offcut: Reckoned;
  /** Rim and trimmings of the last rolling. */
  readonly rolling: Reckoned;
  /** Paste that has to be on the bench for them: the four together. */
  readonly start: Reckoned;
}

/** One thing that goes into a batch, weighed on its own. */
export interface BatchPart {
  /** Ingredient of the stores. */
  readonly id: string;
  readonly name: string;
  readonly grams: Reckoned;
  /** As weighed out: rounded so that the parts still add up to the batch. */
  readonly weigh: Grams;
  /** Level spoons, for powder. */
  readonly spoons?: Reckoned;
  /** Sprinkled on top of the batch's own weight. */
  readonly onTop?: boolean;
}

/** One blend in one colour: a lump to mix. */
export interface Batch {
  readonly id: string;
  readonly blend: Blend;
  readonly colour: Colour;
  readonly lines: readonly PasteLine[];
  readonly net: Reckoned;
  /** With trimmings and spare. */
  readonly need: Reckoned;
  /** What to have: the need up to the next 5 g, never less than can be kneaded. */
  readonly mix: Reckoned;
  /** Offcuts kept for it. */
  readonly reserves: readonly Reserve[];
  /** To mix fresh: the batch less the offcuts. */
  readonly fresh: Reckoned;
  readonly parts: readonly BatchPart[];
  /** Where all of it goes; adds up to `mix`. */
  readonly ledger: readonly Reckoned[];
  /** Left over when all goes to plan: spare, rounding and what had to be kneaded at least. */
  readonly spare: Reckoned;
  readonly rest: Minutes;
  readonly allergens: readonly string[];
}

/** Paste for `make` of something, each `gross` before trimming, `net` of it staying, rolled with a yield. */
function lineOf(
  at: { piece: string; name: string; cover?: Cover },
  n: number,
  breaks: number,
  net1: Reckoned,
  gross1: Reckoned,
  used: Reckoned,
  back: Reckoned,
): PasteLine {
  const name = at.name;
  const number = given('How many', n, 'pieces');
  const make = reckon(
    'Made in all',
    'pieces',
    'enough that 19 times in 20 as many as needed stay whole',
    [number, given('Breaks', breaks, '%', 'yours')],
    (k, p) => makeCount(k, p / 100),
  );
  const net = reckon(`${name}, in the piece`, 'g', 'one × how many', [net1, number], (g, k) => g * k);
  const breakage = reckon(
    `${name}, in case some break`,
    'g',
    'one × (made − how many)',
    [net1, make, number],
    (g, m, k) => g * (m - k),
  );
  const shaped = reckon(
    `${name}, shaped`,
    'g',
    'one before trimming × made',
    [gross1, make],
    (g, k) => g * k,
  );
  const offcut = reckon(
    `${name}, cut away`,
    'g',
    'shaped − in the pieces',
    [shaped, net, breakage],
    (a, b, c) => a - b - c,
  );
  const start = reckon(
    `${name}, on the bench`,
    'g',
    'shaped × (1 − (1 − u) q) ÷ u, trimmings kneaded back',
    [shaped, used, back],
    startMass,
    'common practice',
  );
  const rolling = reckon(
    `${name}, rim and trimmings`,
    'g',
    'on the bench − shaped',
    [start, shaped],
    (a, b) => a - b,
  );
  return { ...at, number: n, make: make.value, net, breakage, offcut, rolling, start };
}

const usedShare = (share: number, by: string) =>
  given(`Used of each rolling, u: ${by}`, share, '', 'common practice');
const backShare = (build: Build, share: number) =>
  given(
    'Kneaded back, q',
    build.practice.saves ? share : 0,
    '',
    build.practice.saves ? 'common practice' : 'yours',
  );

const lines = new WeakMap<Piece, { weight: Weight; n: number; saves: boolean; line: PasteLine }>();

/** The line of a piece; remembered as long as its weight and its number do not change. */
function pieceLine(build: Build, piece: Piece): PasteLine {
  const weight = weighIn(build, piece);
  const n = multiplicity(build, piece);
  const { saves } = build.practice;
  const known = lines.get(piece);
  if (known && known.weight === weight && known.n === n && known.saves === saves) return known.line;
  const technique = techniqueOf(shapeOf(piece.form.kind).technique);
  const line = lineOf(
    { piece: piece.id, name: piece.name },
    n,
    piece.breaks,
    weight.paste,
    weight.gross,
    usedShare(technique.used, technique.name),
    backShare(build, technique.kneadedBack),
  );
  lines.set(piece, { weight, n, saves, line });
  return line;
}

function coverLine(build: Build, cover: Cover, blend: Blend): PasteLine {
  const grams = reckon(
    `${cover.tier.name}, covered`,
    'g',
    'area × thickness × density',
    [cover.area, given('Thickness', cover.tier.cover.thickness, 'mm'), blendDensity(blend)],
    (a, t, rho) => ((a * t) / 10) * rho,
  );
  const used = reckon(
    'Used of each rolling, u',
    '',
    'share that stays on the tier',
    [cover.used],
    (p) => p / 100,
  );
  return lineOf(
    { piece: cover.tier.id, name: `Cover of the ${cover.tier.name.toLowerCase()}`, cover },
    1,
    0,
    grams,
    grams,
    used,
    backShare(build, 0.8),
  );
}

/** What a batch is weighed out from; parts shown in whole steps of the scale that still add up. */
function partsOf(build: Build, blend: Blend, fresh: Reckoned): BatchPart[] {
  const material = materialOf(blend.base);
  const share = (id: string, name: string, grams: Reckoned): BatchPart => ({ id, name, grams, weigh: 0 });
  let parts: BatchPart[];
  let whole = fresh;
  const recipe = recipeOf(material.id);
  if (material.chocolate) {
    const ratio = given('Chocolate to syrup', blend.ratio ?? material.chocolate.ratio, '', 'common practice');
    whole = reckon(
      'Into the bowl',
      'g',
      'fresh ÷ (1 − what stays in the bowl)',
      [fresh, given('Stays in the bowl', BOWL_LOSS, '%', 'common practice')],
      (g, l) => g / (1 - l / 100),
    );
    const { rawName } = material.chocolate;
    parts = [
      share(
        `raw-${material.id}`,
        rawName,
        reckon(rawName, 'g', 'bowl × r ÷ (r + 1)', [whole, ratio], (g, r) => (g * r) / (r + 1)),
      ),
      share(
        'syrup',
        'glucose syrup',
        reckon('Glucose syrup', 'g', 'bowl ÷ (r + 1)', [whole, ratio], (g, r) => g / (r + 1)),
      ),
    ];
  } else if (recipe) {
    const all = recipe.parts.reduce((n, p) => n + p.parts, 0);
    parts = recipe.parts.map((p) =>
      share(
        p.name.replace(/\s+/g, '-'),
        p.name,
        reckon(
          p.name,
          'g',
          'fresh × part ÷ all parts',
          [fresh, given('Part', p.parts, '', recipe.source), given('All parts', all, '')],
          (g, n, sum) => (g * n) / sum,
        ),
      ),
    );
  } else {
    const gumShare = given('Gum paste share', blend.gumPaste, '%');
    const gum = reckon('Gum paste', 'g', 'fresh × share', [fresh, gumShare], (g, s) => (g * s) / 100);
    const base = reckon(pasteName(blend), 'g', 'fresh − gum paste', [fresh, gum], (g, s) => g - s);
    parts = [share(blend.own?.id ?? material.id, pasteName(blend).toLowerCase(), base)];
    if (blend.gumPaste > 0) parts.push(share('gumPaste', 'gum paste', gum));
  }
  const step = whole.value < 20 ? 0.1 : 1;
  const weighed = roundParts(
    parts.map((p) => p.grams.value),
    step,
  );
  const out = parts.map((p, i) => ({ ...p, weigh: weighed[i]! }));
  if (blend.powder > 0) {
    const { grams, spoons } = powderFor(fresh, blend.powder, build.practice.powderBulk, build.practice.spoon);
    out.push({
      id: 'powder',
      name: 'stiffening powder',
      grams,
      weigh: Number(grams.value.toFixed(1)),
      spoons,
      onTop: true,
    });
  }
  return out;
}

/** Key of a batch: one blend in one colour. */
export const batchKey = (blend: string, colour: string): string => `${blend}/${colour}`;

/** Reckon the paste of the whole build by blend and colour, in the order the pieces are built, covers after them. */
export function pasteList(build: Build): Batch[] {
  const groups = new Map<string, { blend: Blend; colour: Colour; lines: PasteLine[] }>();
  const into = (blend: Blend, colour: string, line: PasteLine) => {
    const key = batchKey(blend.id, colour);
    const group = groups.get(key) ?? {
      blend,
      colour: build.colours.find((c) => c.id === colour)!,
      lines: [],
    };
    group.lines.push(line);
    groups.set(key, group);
  };
  for (const piece of build.pieces) into(blendOf(build, piece), piece.colour, pieceLine(build, piece));
  for (const tier of build.cake.tiers) {
    const blend = build.blends.find((b) => b.id === tier.cover.blend)!;
    into(blend, tier.cover.colour, coverLine(build, coverOf(tier), blend));
  }
  return [...groups.entries()].map(([id, { blend, colour, lines }]) =>
    batchOf(build, id, blend, colour, lines),
  );
}

function batchOf(build: Build, id: string, blend: Blend, colour: Colour, lines: readonly PasteLine[]): Batch {
  const sum = (name: string, of: (l: PasteLine) => Reckoned) => total(name, 'g', lines.map(of));
  const net = sum('In the pieces', (l) => l.net);
  const bench = sum('On the bench', (l) => l.start);
  const need = reckon(
    'Needed',
    'g',
    'on the bench × (1 + spare)',
    [bench, given('Spare', build.practice.spare, '%', 'common practice')],
    (g, s) => g * (1 + s / 100),
  );
  const mix = reckon(
    'Mix',
    'g',
    'up to the next 5 g, at least what can be kneaded',
    [need, given('Least to knead', build.practice.smallestBatch, 'g', 'common practice')],
    batchFor,
    'common practice',
  );
  const reserves = build.reserves.filter((r) => r.batch === id);
  const fresh = reserves.length
    ? reckon(
        'To mix fresh',
        'g',
        'batch − offcuts kept for it',
        [mix, ...reserves.map((r) => given(r.name, r.grams, 'g', 'yours'))],
        (g, ...used) => Math.max(0, g - used.reduce((a, b) => a + b, 0)),
      )
    : mix;
  const spare = reckon('Left over', 'g', 'mixed − on the bench', [mix, bench], (a, b) => a - b);
  const ledger = [
    net,
    sum('In case some break', (l) => l.breakage),
    sum('Cut away', (l) => l.offcut),
    sum('Rim and trimmings', (l) => l.rolling),
    spare,
  ].filter((r, i) => i === 0 || r.value > 1e-9);
  return {
    id,
    blend,
    colour,
    lines,
    net,
    need,
    mix,
    reserves,
    fresh,
    parts: partsOf(build, blend, fresh),
    ledger,
    spare,
    rest: restAfterMixing(blend),
    allergens: [...new Set([...allergensOf(blend), ...reserves.flatMap((r) => r.allergens)])],
  };
}
