import { BOWL_LOSS, materialOf, pasteName, powderFor, recipeOf, type Blend } from '../pastes/index.ts';
import { given, reckon, roundParts, type Grams, type Reckoned } from '../quantity/index.ts';
import type { Build } from '../record/index.ts';

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

/** What a batch is weighed out from; parts shown in whole steps of the scale that still add up. */
export function partsOf(build: Build, blend: Blend, fresh: Reckoned): BatchPart[] {
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
