import { coveredTier, coverOf, type Cover } from '../covers/index.ts';
import { fromBuild, type CakeWork, type Piece, type Tier } from '../record/index.ts';
import { BATTERS, FILLINGS } from '../pastes/index.ts';
import { given, reckon, total, type Mm, type Reckoned } from '../quantity/index.ts';
import { bodyMesh, coreVolume, formBody, measure, type Mesh } from '../solids/index.ts';
import { coreForm, densityOfCake, gateOf, type CarveGate } from './gate.ts';
import { drawnIn, layersFor, layersOf, type CakeLayer } from './layers.ts';

/** One cake: the core of a piece, or a tier under the figure. */
export interface CakePart {
  readonly id: string;
  readonly name: string;
  readonly kind: 'core' | 'tier';
  readonly cover: Cover | undefined;
  readonly layers: readonly CakeLayer[];
  readonly baked: Reckoned;
  /** Per cent of the bake that is carved away. */
  readonly away: Reckoned;
  readonly batter: Reckoned;
  readonly filling: Reckoned;
  readonly coat: Reckoned;
  /** As it stands, filled and coated, without paste. */
  readonly weighs: Reckoned;
}

export interface TinBake {
  readonly tin: Mm;
  readonly layers: number;
  /** Into each tin. */
  readonly batter: Reckoned;
  /** Depth of batter in the tin. */
  readonly deep: Mm;
}

export interface CakeReport {
  readonly parts: readonly CakePart[];
  readonly bakes: readonly TinBake[];
  readonly batter: Reckoned;
  readonly filling: Reckoned;
  readonly coat: Reckoned;
  readonly gate: CarveGate | undefined;
  readonly allergens: readonly string[];
  readonly says: readonly string[];
}

/** Spare of a cream: bowl, bag and palette knife; common practice. */
const CREAM_SPARE = 20;
/** Batter that bakes to a volume. */
const batterFor = (work: CakeWork, volume: Reckoned, name: string): Reckoned =>
  reckon(
    name,
    'g',
    'baked × density ÷ (1 − lost in oven and bowl)',
    [
      volume,
      densityOfCake(work),
      given('Lost in oven and bowl', BATTERS[work.batter].bakingLoss, '%', 'common practice'),
    ],
    (v, rho, l) => (v * rho) / (1 - l / 100),
  );

const creamFor = (name: string, of: 'filling' | 'coat', work: CakeWork, volume: Reckoned): Reckoned =>
  reckon(
    name,
    'g',
    'volume × density × (1 + spare)',
    [
      volume,
      given(FILLINGS[work[of]].name, FILLINGS[work[of]].density, 'g/cm³', 'derived'),
      given('Stays in bowl and bag', CREAM_SPARE, '%', 'common practice'),
    ],
    (v, rho, s) => v * rho * (1 + s / 100),
  );

function partOf(
  work: CakeWork,
  at: Pick<CakePart, 'id' | 'name' | 'kind' | 'cover'>,
  layers: readonly CakeLayer[],
  coated: Reckoned,
): CakePart {
  const baked = total(
    'Baked',
    'cm³',
    layers.map((l, i) => given(`Layer ${i + 1}, tin ${l.tin ?? '?'}`, l.baked, 'cm³')),
  );
  const kept = total(
    'Kept',
    'cm³',
    layers.map((l, i) => given(`Layer ${i + 1}`, l.kept, 'cm³')),
  );
  const away = reckon('Carved away', '%', '(baked − kept) ÷ baked', [baked, kept], (b, k) =>
    b > 0 ? (100 * (b - k)) / b : 0,
  );
  const batter = batterFor(work, baked, `Batter for the ${at.name.toLowerCase()}`);
  // filled before it is carved: across the smaller of the two tins it lies between
  const between = layers.slice(1).map((l, i) => {
    const tin = Math.min(l.tin ?? l.circle, layers[i]!.tin ?? layers[i]!.circle);
    return reckon(
      `Filling ${i + 1}`,
      'cm³',
      'π d² ÷ 4 × thickness',
      [given('Tin', tin, 'mm'), given('Thickness', work.fillingThickness, 'mm')],
      (d, t) => ((Math.PI * d * d) / 4) * (t / 1000),
    );
  });
  const filling = creamFor(
    `Filling of the ${at.name.toLowerCase()}`,
    'filling',
    work,
    total('Between the layers', 'cm³', between),
  );
  const coat = creamFor(`Coat of the ${at.name.toLowerCase()}`, 'coat', work, coated);
  const weighs = reckon(
    `${at.name}, filled and coated`,
    'g',
    'kept × density + filling + coat, spare left in the bowl',
    [kept, densityOfCake(work), filling, coat],
    (v, rho, f, c) => v * rho + (f + c) / (1 + CREAM_SPARE / 100),
  );
  return { ...at, layers, baked, away, batter, filling, coat, weighs };
}

/** What is carved for a piece: its core less the coat of cream, its foot at height nought, in the piece's own directions. */
export function carvedBody(work: CakeWork, piece: Piece): { readonly mesh: Mesh; readonly height: Mm } {
  const core = coreForm(piece.form);
  const m = measure(core);
  const under = piece.form.coat?.under ?? true;
  const coat = work.coatThickness;
  return {
    mesh: drawnIn(bodyMesh(formBody(core), 64), m.width, m.depth, m.height, coat, under),
    height: m.height - (under ? 2 : 1) * coat,
  };
}

function coreCake(work: CakeWork, piece: Piece): CakePart {
  const m = measure(coreForm(piece.form));
  const coat = work.coatThickness;
  const { mesh, height } = carvedBody(work, piece);
  const coated = reckon(
    'Coat',
    'cm³',
    'surface × thickness',
    [given('Surface of the core', m.area / 100, 'cm²'), given('Coat', coat, 'mm')],
    (a, t) => (a * t) / 10,
  );
  return partOf(
    work,
    { id: piece.id, name: piece.name, kind: 'core', cover: undefined },
    layersOf(mesh, height, work),
    coated,
  );
}

/** A plain tier is baked as wide as it stands, less coat and cover, and trimmed only on top. */
function tierCake(work: CakeWork, tier: Tier): CakePart {
  const off = work.coatThickness + (tier.cover?.thickness ?? 0);
  const width = tier.width - 2 * off;
  const height = tier.height - off;
  const round = tier.shape === 'round';
  const step = work.layer + work.fillingThickness;
  const n = layersFor(height, work);
  const area = round ? (Math.PI * width * width) / 4 : width * width;
  const tins = [...work.tins].sort((a, b) => a - b);
  const circle = round ? width : width * Math.SQRT2;
  const tin = tins.find((d) => d + 0.05 >= circle);
  const layers = Array.from({ length: n }, (_, k): CakeLayer => {
    const foot = k * step;
    const thick = Math.max(0, Math.min(work.layer, height - foot));
    return {
      foot,
      circle,
      tin,
      kept: (area * thick) / 1000,
      baked: tin === undefined ? 0 : ((Math.PI * tin * tin) / 4) * (work.layer / 1000),
    };
  });
  const covered = coveredTier(tier);
  const draped = coverOf(covered ?? { ...tier, cover: { thickness: 0, blend: '', colour: '' } });
  const coated = reckon(
    'Coat',
    'cm³',
    'top and sides × thickness',
    [draped.area, given('Coat', work.coatThickness, 'mm')],
    (a, t) => (a * t) / 10,
  );
  return partOf(
    work,
    { id: tier.id, name: tier.name, kind: 'tier', cover: covered && draped },
    layers,
    coated,
  );
}

/** Reckon the cake inside the figure and under it. */
export const reckonCake = fromBuild(['pieces', 'cake', 'room'], (build): CakeReport => {
  const work = build.cake;
  const cores = build.pieces.filter((p) => p.core === 'cake' && coreVolume(p.form) > 0);
  const parts = [...cores.map((p) => coreCake(work, p)), ...work.tiers.map((t) => tierCake(work, t))];
  const tins = new Map<Mm, number>();
  for (const l of parts.flatMap((p) => p.layers))
    if (l.tin !== undefined) tins.set(l.tin, (tins.get(l.tin) ?? 0) + 1);
  const bakes = [...tins.entries()]
    .sort(([a], [b]) => a - b)
    .map(([tin, layers]): TinBake => {
      const volume = reckon(
        'A layer of this tin',
        'cm³',
        'π d² ÷ 4 × height',
        [given('Tin', tin, 'mm'), given('Layer', work.layer, 'mm')],
        (d, h) => ((Math.PI * d * d) / 4) * (h / 1000),
      );
      const batter = batterFor(work, volume, `Batter for a ${tin} mm tin`);
      return { tin, layers, batter, deep: work.layer * BATTERS[work.batter].fillTo };
    });
  const largest = cores.reduce<Piece | undefined>(
    (a, p) => (!a || coreVolume(p.form) > coreVolume(a.form) ? p : a),
    undefined,
  );
  const used = parts.length > 0;
  const says = parts.flatMap((p) =>
    p.layers.some((l) => l.tin === undefined)
      ? [
          `${p.name}: no tin in the kitchen is wide enough for a layer of ${Math.ceil(Math.max(...p.layers.map((l) => l.circle)))} mm; bake it in pieces or add a tin.`,
        ]
      : [],
  );
  return {
    parts,
    bakes,
    batter: total(
      'Batter',
      'g',
      parts.map((p) => p.batter),
    ),
    filling: total(
      `Filling, ${FILLINGS[work.filling].name}`,
      'g',
      parts.map((p) => p.filling),
    ),
    coat: total(
      `Coat, ${FILLINGS[work.coat].name}`,
      'g',
      parts.map((p) => p.coat),
    ),
    gate: largest && gateOf(build, work, largest),
    allergens: used
      ? [
          ...new Set([
            ...BATTERS[work.batter].allergens,
            ...FILLINGS[work.filling].allergens,
            ...FILLINGS[work.coat].allergens,
          ]),
        ]
      : [],
    says,
  };
});
