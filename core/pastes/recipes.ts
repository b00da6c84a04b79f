import { given, reckon, type Grams, type Provenance, type Reckoned } from '../quantity/index.ts';

/** Something mixed at the bench, in parts by mass. */
export interface Recipe {
  readonly id: string;
  readonly name: string;
  readonly parts: readonly { readonly name: string; readonly parts: number }[];
  /** Per cent that stays in the bowl. */
  readonly loss: number;
  readonly how: string;
  readonly keepsDays: number;
  readonly source: Provenance;
}

const recipe = (
  id: string,
  name: string,
  parts: Record<string, number>,
  loss: number,
  keepsDays: number,
  how: string,
): Recipe => ({
  id,
  name,
  parts: Object.entries(parts).map(([part, n]) => ({ name: part, parts: n })),
  loss,
  how,
  keepsDays,
  source: 'common practice',
});

/** Glues, icings and paints of the bench; proportions common practice. */
export const RECIPES = [
  recipe(
    'gumGlue',
    'Gum glue',
    { water: 97.5, 'stiffening powder': 2.5 },
    5,
    14,
    'Sprinkle the powder on warm water, leave it an hour, shake. Chilled.',
  ),
  recipe(
    'sugarGlue',
    'Sugar glue',
    { 'covering paste': 25, water: 75 },
    5,
    7,
    'Crumble the paste into hot water, stir until it is gone. Chilled.',
  ),
  recipe(
    'thickPasteGlue',
    'Thick paste glue',
    { 'the same paste': 80, water: 20 },
    5,
    2,
    'Mash offcuts of the same colour with a few drops of water until stringy.',
  ),
  recipe(
    'gumArabicGlue',
    'Gum arabic glue',
    { water: 75, 'gum arabic': 25 },
    5,
    7,
    'Stir into warm water and leave overnight. Dries with a shine.',
  ),
  recipe(
    'royalIcing',
    'Royal icing, fresh white',
    { 'icing sugar': 500, 'egg white': 80, 'lemon juice': 3 },
    5,
    2,
    'Beat slowly until it stands in soft peaks; cover it with a damp cloth.',
  ),
  recipe(
    'royalIcingPowder',
    'Royal icing, dried white',
    { 'icing sugar': 500, 'dried egg white': 18, water: 75 },
    5,
    7,
    'Dissolve the white in the water first, then beat in the sugar.',
  ),
  recipe(
    'cocoaPaint',
    'Cocoa paint',
    { cocoa: 1, 'cocoa butter': 1.5 },
    5,
    30,
    'Melt the butter, stir the cocoa in. Sets in a cool room; keep it warm while painting.',
  ),
  recipe(
    'dustPaint',
    'Dust paint',
    { 'edible dust': 1, 'clear spirit': 3 },
    5,
    1,
    'Mix a few drops at a time: the spirit is gone in minutes. No flame near it.',
  ),
] as const;

/** The recipe with this id; undefined for one that is not there. */
export const recipeOf = (id: string): Recipe | undefined => RECIPES.find((r) => r.id === id);

/** Parts of a recipe for so much in the end, the share that stays in the bowl added. */
export function scaled(recipe: Recipe, wanted: Grams): { made: Reckoned; parts: readonly Reckoned[] } {
  const made = reckon(
    'Into the bowl',
    'g',
    'wanted ÷ (1 − what stays)',
    [given('Wanted', wanted, 'g'), given('Stays in the bowl', recipe.loss, '%', 'common practice')],
    (g, loss) => g / (1 - loss / 100),
  );
  const whole = recipe.parts.reduce((n, p) => n + p.parts, 0);
  return {
    made,
    parts: recipe.parts.map((p) =>
      reckon(
        p.name,
        'g',
        'bowl × part ÷ all parts',
        [made, given('Part', p.parts, '', recipe.source), given('All parts', whole, '')],
        (g, part, all) => (g * part) / all,
      ),
    ),
  };
}

/** Softening one paste with another: grams of B (b %) to add to m of A (a %) for a share c of gum; undefined when c is not between. */
export function addToReach(m: Grams, a: number, b: number, c: number): Grams | undefined {
  if (a === b || (c - a) * (b - c) < 0 || c === b) return undefined;
  return (m * (c - a)) / (b - c);
}
