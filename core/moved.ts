import { rodStock } from './bones/index.ts';
import { figureReport } from './figure-report.ts';
import { formatLength, inWords, METRIC, type Shown } from './quantity/index.ts';
import type { Build } from './record/index.ts';

/** What one change moved all over the figure, told until the next change. */
export interface HeightMoved {
  readonly says: string;
  /** One by one. */
  readonly lines: readonly string[];
}

/** A weight that changes by less is the same on a kitchen scale, share. */
const SAME = 0.02;

const count = (n: number, one: string): string => (n === 1 ? `one ${one}` : `${inWords(n)} ${one}s`);

/**
 * What a change of the finished height moved: rods that became others, and weights.
 * @param notes what else is to be known of it
 */
export function movedByHeight(
  before: Build,
  after: Build,
  notes: readonly string[],
  shown: Shown = METRIC,
): HeightMoved {
  const [was, is] = [figureReport(before), figureReport(after)];
  const stock = new Map(before.rods.map((r) => [r.id, r.stock]));
  const rods = after.rods.filter((r) => stock.get(r.id) !== r.stock);
  const weight = new Map(was.pieces.map((p) => [p.id, p.weight.paste.value]));
  const weights = is.pieces.filter((p) => {
    const old = weight.get(p.id) ?? 0;
    return Math.abs(p.weight.paste.value - old) > SAME * old;
  });
  const changed = [
    ...(rods.length > 0 ? [count(rods.length, 'rod')] : []),
    ...(weights.length > 0 ? [count(weights.length, 'weight')] : []),
  ];
  const high = (mm: number) => formatLength(Math.round(mm), shown);
  const tail = changed.length > 0 ? `; ${changed.join(' and ')} changed` : '';
  return {
    says: `Finished height ${high(was.height)} → ${high(is.height)}${tail}.`,
    lines: [
      ...notes,
      ...rods
        .filter((r) => !notes.some((n) => n.startsWith(`${r.name}:`)))
        .map((r) => `${r.name}: ${rodStock(stock.get(r.id)!).name} became ${rodStock(r.stock).name}.`),
    ],
  };
}
