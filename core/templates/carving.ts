import { framesOf, placeRods, type PlacedRod } from '../figure/index.ts';
import { rodStock } from '../bones/index.ts';
import { carvedBody, densityOfCake, reckonCake, type CakeLayer, type CakePart } from '../cutting/index.ts';
import {
  between,
  formatLength,
  given,
  GRAVITY,
  inWords,
  reckon,
  type Mm,
  type Reckoned,
  capital,
} from '../quantity/index.ts';
import { fromBuild, pieceOf, type Build, type Piece } from '../record/index.ts';
import { slice, toLocal, type Mesh, type Vec } from '../solids/index.ts';
import { healed, type PaperPoint, type Rings } from './rings.ts';

/** A stick that goes down through a layer. */
export interface LayerHole {
  readonly name: string;
  readonly at: PaperPoint;
  readonly across: Mm;
}

/** One layer of a cake that is carved, with what the knife does to it. */
export interface CarvedLayer {
  readonly layer: CakeLayer;
  /** From below, beginning with one. */
  readonly number: number;
  /** Everything the layer has to reach, and its outlines at its foot and at its top; in the piece's own place, mm. */
  readonly outline: Rings;
  readonly foot: Rings;
  readonly top: Rings;
  /** Where the middle of the tin lies. */
  readonly middle: PaperPoint;
  /** Comes off the side of the tin's round: the least and the most; absent where no tin is wide enough. */
  readonly off: Reckoned | undefined;
  /** Its upper edge goes in so far, and its lower one, at the most. */
  readonly slope: Mm;
  readonly undercut: Mm;
  readonly waste: Reckoned;
  readonly holes: readonly LayerHole[];
  /** The same in words. */
  readonly drills: readonly string[];
  /** What the knife does, in order, and what is wrong with that. */
  readonly says: readonly string[];
  readonly warns: readonly string[];
}

/** How one cake is carved: the layers, from the lowest up. */
export interface Carving {
  readonly piece: string;
  readonly name: string;
  readonly layers: readonly CarvedLayer[];
  /** Furthest that what is above may hang out over what is below it, mm. */
  readonly overhang: Reckoned;
  readonly says: readonly string[];
}

/** Level cuts through each layer. A step of the method; estimate. */
const CUTS = 9;
/** Directions in which it is looked at. A step of the method; estimate. */
const RAYS = 72;
/** What a cold firm cake bears in bending before it cracks, kPa. Estimate: an inch or so hangs out and stays, common practice. */
const CAKE_BENDS = 1;
/** Half of that is used. Estimate. */
const SAFE = 0.5;
/** A top layer whose edge goes in by more than this is as round as its dome, mm. Estimate; leaving the dome on is common practice. */
const ROUND_TOP = 10;
/** Less than this is no cut, mm. Estimate. */
const NO_CUT = 3;

/** How far outlines reach from a place in each of some directions. */
function reachFrom(rings: Rings, [x, y]: PaperPoint): Float64Array {
  const out = new Float64Array(RAYS);
  for (let k = 0; k < RAYS; k++) {
    const [u, v] = [Math.cos((2 * Math.PI * k) / RAYS), Math.sin((2 * Math.PI * k) / RAYS)];
    for (const ring of rings)
      for (let i = 0; i < ring.length; i++) {
        const [a, b] = [ring[i]!, ring[(i + 1) % ring.length]!];
        const [ax, ay, dx, dy] = [a[0] - x, a[1] - y, b[0] - a[0], b[1] - a[1]];
        const det = u * dy - v * dx;
        if (Math.abs(det) < 1e-12) continue;
        const along = (ax * dy - ay * dx) / det;
        const on = (ax * v - ay * u) / det;
        if (on >= 0 && on <= 1 && along > out[k]!) out[k] = along;
      }
  }
  return out;
}

const most = (wide: Float64Array, narrow: Float64Array): Mm =>
  wide.reduce((far, w, k) => Math.max(far, w - narrow[k]!), 0);

/** Where a stick goes through a height, in the piece's own place. */
function crossing(line: readonly Vec[], z: Mm): PaperPoint | undefined {
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1]!, line[i]!];
    if ((a[2] - z) * (b[2] - z) > 0 || a[2] === b[2]) continue;
    const k = (z - a[2]) / (b[2] - a[2]);
    return [a[0] + (b[0] - a[0]) * k, a[1] + (b[1] - a[1]) * k];
  }
  return undefined;
}

/** Sticks in a layer, each where it is highest in it. */
function holesIn(
  rods: readonly PlacedRod[],
  through: (p: Vec) => Vec,
  heights: readonly Mm[],
  outline: Rings,
): LayerHole[] {
  const inside = (at: PaperPoint): boolean => reachFrom(outline, at).every((far) => far > 0);
  return rods.flatMap(({ rod, line }) => {
    const own = line.map(through);
    const at = heights.map((z) => crossing(own, z)).find((p) => p !== undefined);
    return at && inside(at) ? [{ name: rod.name, at, across: rodStock(rod.stock).section.diameter }] : [];
  });
}

/** Holes of one stick and size, told together. */
function drillWords(holes: readonly LayerHole[]): string[] {
  const kinds = new Map<string, number>();
  for (const h of holes) {
    const what = `${formatLength(h.across)} for the ${h.name.toLowerCase()}`;
    kinds.set(what, (kinds.get(what) ?? 0) + 1);
  }
  return [...kinds].map(([what, n]) =>
    n === 1 ? `A hole of ${what}.` : `${capitalWords(n)} holes of ${what}.`,
  );
}
const capitalWords = (n: number): string => {
  const word = inWords(n);
  return capital(word);
};

/** A stretch told from its least to its most. */
const fromTo = (least: Mm, far: Mm): string =>
  far - least < 1 ? formatLength(far) : `${Math.round(least)} to ${formatLength(far)}`;

interface Cut {
  readonly mesh: Mesh;
  readonly height: Mm;
  readonly layer: CakeLayer;
  readonly number: number;
  readonly thick: Mm;
  readonly density: Reckoned;
  readonly overhang: Mm;
}

function carvedLayer(
  cut: Cut,
  holesAt: (heights: readonly Mm[], outline: Rings) => readonly LayerHole[],
): CarvedLayer | undefined {
  const { layer, number, mesh, height, thick } = cut;
  const sliver = height * 1e-6;
  const at = (z: Mm): Rings => slice(mesh, Math.min(height - sliver, Math.max(sliver, z))).loops;
  const upper = Math.min(height, layer.foot + thick);
  const all = Array.from({ length: CUTS }, (_, i) =>
    at(layer.foot + ((upper - layer.foot) * i) / (CUTS - 1)),
  );
  // the very edge is rounded: what hangs free is as thick as an eighth of the layer
  const [foot, top] = [healed(all[1]!, 'seen'), healed(all.at(-2)!, 'seen')];
  const outline = healed(all.flat(), 'seen');
  // thinner than its coats: nothing is left to carve
  if (outline.length === 0) return undefined;
  const xs = outline.flat().map((p) => p[0]);
  const ys = outline.flat().map((p) => p[1]);
  const mid = (v: readonly number[]) =>
    (v.reduce((a, b) => Math.min(a, b)) + v.reduce((a, b) => Math.max(a, b))) / 2;
  const middle: PaperPoint = [mid(xs), mid(ys)];
  const [wide, low, high] = [outline, foot, top].map((r) => reachFrom(r, middle)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const [slope, undercut] = [most(wide, high), most(wide, low)];
  // a hollow that runs out carries itself better than a shelf: the mean over the lower half of the layer counts
  const lower = all.slice(1, 1 + CUTS / 2).map((r) => reachFrom(healed(r, 'seen'), middle));
  const hangs = wide.reduce(
    (far, w, k) => Math.max(far, lower.reduce((sum, r) => sum + w - r[k]!, 0) / lower.length),
    0,
  );
  const { tin } = layer;
  const least = wide.reduce((a, b) => Math.max(a, b), 0);
  const narrowest = wide.reduce((a, b) => Math.min(a, b), Infinity);
  const off =
    tin === undefined
      ? undefined
      : between(
          reckon(
            'Comes off the side at the most',
            'mm',
            'tin ÷ 2 − the narrowest place from the middle',
            [given('Tin', tin, 'mm'), given('Narrowest from the middle', narrowest, 'mm', 'derived')],
            (d, r) => d / 2 - r,
          ),
          Math.max(0, tin / 2 - least),
          tin / 2 - narrowest,
        );
  const waste = reckon(
    `Carved off layer ${number}`,
    'g',
    '(baked − kept) × density',
    [given('Baked', layer.baked, 'cm³', 'derived'), given('Kept', layer.kept, 'cm³', 'derived'), cut.density],
    (b, k, rho) => Math.max(0, b - k) * rho,
  );
  const holes = holesAt(
    [0.9, 0.5, 0.1].map((k) => layer.foot + (upper - layer.foot) * k),
    outline,
  );
  const says: string[] = [];
  if (off) says.push(`Take ${fromTo(off.range?.[0] ?? off.value, off.value)} off its side.`);
  if (slope > NO_CUT) says.push(`Its upper edge goes in by up to ${formatLength(slope)}.`);
  if (undercut > NO_CUT)
    says.push(`Its lower edge goes in by up to ${formatLength(undercut)}: cut that last, from below.`);
  const warns =
    hangs > cut.overhang
      ? [
          `More than ${formatLength(cut.overhang)} hangs free and cracks, and ${formatLength(hangs)} would: leave some on below and let paste make the hollow.`,
        ]
      : [];
  return {
    layer,
    number,
    outline,
    foot,
    top,
    middle,
    off,
    slope,
    undercut,
    waste,
    holes,
    drills: drillWords(holes),
    says,
    warns,
  };
}

/** What the carved body of a piece stands on inside its coats: paste and cream under its foot, mm. */
export const underFoot = ({ form }: Piece, cream: Mm): Mm =>
  form.coat?.under === false ? 0 : (form.coat?.thickness ?? form.sizes.coat ?? 0) + cream;

/** What the layers above the first hang out on, and the stack as it stands before the knife. */
function oneCarving(build: CarvedOf, part: CakePart, piece: Piece): Carving {
  const work = build.cake;
  const { mesh, height } = carvedBody(work, piece);
  const density = densityOfCake(work);
  const overhang = reckon(
    'May hang out over what is below it',
    'mm',
    '√(what it bears × share used × height ÷ (3 × density × g)), a shelf of its own weight',
    [
      given('A cold firm cake bears', CAKE_BENDS, 'kPa', 'estimate'),
      given('Share used', SAFE, '', 'estimate'),
      given('Height of a layer', work.layer, 'mm'),
      density,
    ],
    (kPa, k, h, rho) => 1000 * Math.sqrt((kPa * 1000 * k * (h / 1000)) / (3 * rho * 1000 * GRAVITY)),
  );
  const frame = framesOf(build, piece.id)?.own;
  const foot = underFoot(piece, work.coatThickness);
  const through = (p: Vec): Vec => {
    const [x, y, z] = frame ? toLocal(frame, p) : p;
    return [x, y, z - foot];
  };
  const rods = placeRods(build);
  const layers = part.layers.flatMap(
    (layer, k) =>
      carvedLayer(
        { mesh, height, layer, number: k + 1, thick: work.layer, density, overhang: overhang.value },
        (heights, outline) => holesIn(rods, through, heights, outline),
      ) ?? [],
  );
  const tins = part.layers.map((l) => l.tin ?? l.circle);
  const stands = layers.length * work.layer + (layers.length - 1) * work.fillingThickness;
  return {
    piece: piece.id,
    name: piece.name,
    layers,
    overhang,
    says: [
      `Stacked from below in tins of ${tins.map((t) => Math.round(t)).join(', ')} mm it stands ${formatLength(stands)}; carve it to ${formatLength(height)}, from the top down, a steep rough shape first.`,
      ...((layers.at(-1)?.slope ?? 0) > ROUND_TOP
        ? ['Leave the dome on the top layer: it is carved round anyway.']
        : []),
      ...(stands < height
        ? [`The last ${formatLength(height - stands)} at the top are made up in cream.`]
        : []),
    ],
  };
}

type CarvedOf = Pick<Build, 'pieces' | 'rods' | 'cake' | 'room' | 'board' | 'card' | 'mast'>;

/** How every cake inside a figure is carved; those of plain tiers are only trimmed. */
export const carvingsOf = fromBuild(
  ['pieces', 'rods', 'cake', 'room', 'board', 'card', 'mast'],
  (build): readonly Carving[] =>
    reckonCake(build as Build).parts.flatMap((part) => {
      const piece = part.kind === 'core' ? pieceOf(build, part.id) : undefined;
      return piece ? [oneCarving(build, part, piece)] : [];
    }),
);
