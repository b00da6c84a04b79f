import {
  boardWeighs,
  groundOf,
  nutWeighs,
  rodWeighs,
  sleeveWeighs,
  washerWeighs,
  type Fitting,
  type Layer,
} from './ground/index.ts';
import { given, total, type Mm, type Reckoned } from './quantity/index.ts';
import type { Build, Mast } from './record/index.ts';

/** One thing under the figure. */
export interface GroundLine {
  readonly id: string;
  readonly kind: Layer['kind'] | Fitting['kind'];
  readonly name: string;
  /** Underside and top over the table. */
  readonly from: Mm;
  readonly to: Mm;
  readonly width: Mm;
  /** Nothing of a gap and of feet. */
  readonly weighs: Reckoned | undefined;
}

/** What stands under the figure, from the table up, with what all of it weighs and how high it is. */
export interface GroundReport {
  readonly lines: readonly GroundLine[];
  /** Figure, tiers, boards and steel. */
  readonly whole: Reckoned;
  /** From the table to where the figure stands. */
  readonly rise: Reckoned;
  readonly says: readonly string[];
}

/** What lies over each other; nuts and washers lie in gaps, pockets and the height of the feet. */
const UPWARDS: ReadonlySet<GroundLine['kind']> = new Set(['feet', 'board', 'card', 'tier', 'gap']);

/** What is on a rod: nuts and washers by their own sizes, paste by its blend. */
function fittingWeighs(build: Build, f: Fitting, { thread }: Mast): Reckoned | undefined {
  const blend = build.blends.find((b) => b.id === f.sleeve?.blend);
  if (blend) return sleeveWeighs(f, thread, blend);
  if (f.kind === 'nut') return nutWeighs(thread, f.name);
  return f.kind === 'washer' || f.kind === 'large' ? washerWeighs(thread, f.kind, f.name) : undefined;
}

/**
 * Everything from the table up.
 * @param figure what stands on top, g
 * @param weights of the tiers, by id
 */
export function groundReport(
  build: Build,
  figure: Reckoned<'g'>,
  weights: ReadonlyMap<string, Reckoned>,
): GroundReport {
  const { layers, fittings, table, rod, says } = groundOf(build);
  const over = (x: Layer | Fitting) => ({
    id: x.id,
    kind: x.kind,
    name: x.name,
    from: x.from - table,
    to: x.to - table,
  });
  const lines: GroundLine[] = [
    ...layers.map((l) => ({
      ...over(l),
      width: l.width,
      weighs: boardWeighs(l) ?? weights.get(l.id),
    })),
    ...fittings.map((f) => ({ ...over(f), width: f.wide, weighs: rod && fittingWeighs(build, f, rod.mast) })),
  ].sort((a, b) => a.from - b.from || a.to - b.to);
  return {
    lines,
    whole: total('All that is carried', 'g', [
      figure,
      ...lines.flatMap((l) => l.weighs ?? []),
      ...(rod ? [rodWeighs(rod.mast.thread, rod.to - rod.from)] : []),
    ]),
    rise: total(
      'Rises over the table',
      'mm',
      lines.filter((l) => UPWARDS.has(l.kind)).map((l) => given(l.name, l.to - l.from, 'mm')),
    ),
    says,
  };
}
