import { glueOf, RECIPES } from '../../pastes/index.ts';
import type { Band } from '../../firming/index.ts';
import type { Link, Step } from '../types.ts';
import { glueId, joinId, paced, type StepMaker } from './types.ts';

/** How long a glue has to stand before it is used, minutes. Common practice. */
const STANDS: Readonly<Record<string, Band>> = {
  gumGlue: { fast: 60, likely: 240, slow: 720 },
  gumArabicGlue: { fast: 60, likely: 240, slow: 720 },
  sugarGlue: { fast: 20, likely: 40, slow: 90 },
};
const MAKING = 10;

/** Stir the glues that are mixed at the bench; each keeps only so long. */
export const glue: StepMaker = {
  kind: 'glue',
  make: (bench) => {
    const used = new Map<string, string[]>();
    for (const p of bench.build.pieces) {
      const recipe = p.glue && glueOf(p.glue)?.recipe;
      if (recipe) used.set(recipe, [...(used.get(recipe) ?? []), p.id]);
    }
    const steps: Step[] = [];
    const links: Link[] = [];
    for (const [id, pieces] of used) {
      const recipe = RECIPES.find((r) => r.id === id);
      if (!recipe) continue;
      const name = recipe.name.toLowerCase();
      steps.push({
        id: glueId(id),
        kind: 'glue',
        title: `Stir the ${name}`,
        notes: [recipe.how, `Keeps ${recipe.keepsDays} days.`],
        minutes: paced(bench, 'glue', MAKING),
      });
      const keeps = recipe.keepsDays * 1440;
      for (const piece of pieces) {
        const link = { from: glueId(id), to: joinId(piece) };
        const stands = STANDS[id];
        if (stands) links.push({ ...link, kind: 'wait', band: stands, why: `the ${name} stands` });
        links.push({
          ...link,
          kind: 'window',
          band: { fast: keeps, likely: keeps, slow: keeps },
          why: `the ${name} keeps ${recipe.keepsDays} days`,
        });
      }
    }
    return { steps, links };
  },
};
