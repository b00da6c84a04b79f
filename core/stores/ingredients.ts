import { capital } from '../quantity/index.ts';
import { RODS } from '../bones/index.ts';
import {
  FILLINGS,
  MATERIALS,
  MATERIAL_IDS,
  materialOf,
  RECIPES,
  type Keeping,
  type OwnPaste,
} from '../pastes/index.ts';

export type IngredientKind =
  'paste' | 'stiffener' | 'chocolate' | 'syrup' | 'icing' | 'cream' | 'core' | 'rod' | 'board' | 'other';

/** Something one keeps and buys. */
export interface Ingredient {
  readonly id: string;
  readonly name: string;
  readonly kind: IngredientKind;
  readonly unit: 'g' | 'pieces';
  readonly keeps?: Keeping;
  /** Sizes it is commonly sold in; common practice, to be replaced by what the person buys. */
  readonly packs: readonly number[];
}

const DRY: Keeping = { days: 365, how: 'closed and dry' };

const pastes: Ingredient[] = MATERIAL_IDS.filter(
  (id) => !('chocolate' in MATERIALS[id]) && id !== 'royalIcing',
).map((id) => ({
  id,
  name: MATERIALS[id].name,
  kind: 'paste',
  unit: 'g',
  keeps: MATERIALS[id].keeps,
  packs: [250, 500, 1000, 2500],
}));

const chocolates: Ingredient[] = MATERIAL_IDS.flatMap((id): Ingredient[] => {
  const { chocolate, name, keeps } = materialOf(id);
  if (!chocolate) return [];
  const raw = chocolate.rawName;
  return [
    {
      id: `raw-${id}`,
      name: capital(raw),
      kind: 'chocolate',
      unit: 'g',
      keeps: { days: 270, how: 'closed, cool and dark' },
      packs: [200, 500, 1000, 2500],
    },
    { id, name: `${name}, made up`, kind: 'paste', unit: 'g', keeps, packs: [500, 1000] },
  ];
});

const PARTS_KEEP: Readonly<Record<string, Keeping>> = {
  'egg white': { days: 3, how: 'covered and chilled' },
};
/** Made or run at the bench, not bought. */
const NOT_BOUGHT = new Set(['water', 'covering paste', 'the same paste', 'stiffening powder']);

const recipeParts: Ingredient[] = [...new Set(RECIPES.flatMap((r) => r.parts.map((p) => p.name)))]
  .filter((name) => !NOT_BOUGHT.has(name))
  .map((name) => ({
    id: name.replace(/\s+/g, '-'),
    name: capital(name),
    kind: 'icing',
    unit: 'g',
    keeps: PARTS_KEEP[name] ?? DRY,
    packs: name === 'icing sugar' ? [500, 1000] : [],
  }));

const creams: Ingredient[] = Object.entries(FILLINGS).map(([id, f]) => ({
  id,
  name: capital(f.name),
  kind: 'cream',
  unit: 'g',
  keeps: { days: f.keepsDays, how: 'covered and chilled' },
  packs: [],
}));

const rods: Ingredient[] = RODS.map((r) => ({
  id: `rod-${r.id}`,
  name: capital(r.name),
  kind: 'rod',
  unit: 'pieces',
  packs: r.family === 'stick' ? [20, 100] : [],
}));

/** Everything the stores know by name, in the order it is offered. */
export const INGREDIENTS: readonly Ingredient[] = [
  ...pastes,
  {
    id: 'powder',
    name: 'Stiffening powder',
    kind: 'stiffener',
    unit: 'g',
    keeps: DRY,
    packs: [50, 100, 500],
  },
  ...chocolates,
  {
    id: 'syrup',
    name: 'Glucose syrup',
    kind: 'syrup',
    unit: 'g',
    keeps: { days: 180, how: 'closed, at room temperature' },
    packs: [250, 500, 1000],
  },
  ...recipeParts,
  ...creams,
  { id: 'foam', name: 'Foam core', kind: 'core', unit: 'pieces', packs: [] },
  {
    id: 'cereal',
    name: 'Cereal treat',
    kind: 'core',
    unit: 'g',
    keeps: { days: 7, how: 'wrapped, at room temperature' },
    packs: [],
  },
  ...rods,
  { id: 'board', name: 'Board', kind: 'board', unit: 'pieces', packs: [] },
];

const byId = new Map(INGREDIENTS.map((i) => [i.id, i]));

/** The record of an ingredient; a paste of the person's own is found among theirs. */
export function ingredientOf(id: string, own: readonly OwnPaste[] = []): Ingredient | undefined {
  const mine = own.find((p) => p.id === id);
  if (mine) {
    const like = byId.get(mine.like);
    return like && { ...like, id, name: mine.name };
  }
  return byId.get(id);
}
