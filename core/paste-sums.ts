import type { CakeReport } from './cutting/index.ts';
import type { Batch } from './paste-list/index.ts';
import type { Glue } from './pastes/index.ts';
import { given, named, total, type Reckoned } from './quantity/index.ts';

/** The batches of a build taken together. */
export interface PasteSums {
  readonly mix: Reckoned;
  readonly batches: number;
  readonly powder: Reckoned;
  readonly offcuts: Reckoned;
  readonly allergens: readonly string[];
}

/** All batches together, with the cake’s and the glues’ allergens. */
export function sumsOf(batches: readonly Batch[], cake: CakeReport, glues: readonly Glue[]): PasteSums {
  return {
    mix: total(
      'To mix in all',
      'g',
      batches.map((b) => named(`${b.colour.name}, ${b.blend.name}`, b.mix)),
    ),
    batches: batches.length,
    powder: total(
      'Stiffening powder',
      'g',
      batches.flatMap((b) =>
        b.parts.filter((p) => p.id === 'powder').map((p) => named(b.colour.name, p.grams)),
      ),
    ),
    offcuts: total(
      'Offcuts kept for it',
      'g',
      batches.flatMap((b) => b.reserves.map((r) => given(r.name, r.grams, 'g', 'yours'))),
    ),
    allergens: [...new Set([...batches, cake, ...glues].flatMap((part) => part.allergens))],
  };
}
