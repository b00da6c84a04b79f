import { colouringOf, colouringWords, type Batch, type BatchPart } from '../../paste-list/index.ts';
import { materialOf } from '../../pastes/index.ts';
import { formatMass, formatSpoons, formatWeighed, listed, roundTo } from '../../quantity/index.ts';
import { coverId, mixId, paced, shapeId, type StepMaker } from './types.ts';

const spoonsOf = (part: BatchPart): string => (part.spoons ? `, ${formatSpoons(part.spoons.value, 1)}` : '');

/** What is weighed out, and what is sprinkled on top. */
function weighing(batch: Batch): string[] {
  const parts = batch.parts.filter((p) => !p.onTop).map((p) => `${formatWeighed(p.weigh)} ${p.name}`);
  const offcuts = batch.reserves.map(
    (r) => `${formatMass(r.grams)} of the ${r.name} kept for it${r.recolour ? ', coloured again' : ''}`,
  );
  const said = [...parts, ...offcuts];
  return [
    `${listed(said)}.`,
    ...batch.parts
      .filter((p) => p.onTop)
      .map((p) => `${formatWeighed(p.weigh)} ${p.name}${spoonsOf(p)}, sprinkled and kneaded in.`),
  ];
}

function after(batch: Batch): string {
  const { chocolate } = materialOf(batch.blend.base);
  if (chocolate)
    return `Warm the chocolate to ${chocolate.warmTo[0]}–${chocolate.warmTo[1]} °C, fold the warm syrup in until it just comes together, wrap it flat.`;
  return batch.rest > 0
    ? `Wrap it and let it rest ${Math.round(batch.rest)} min.`
    : 'Wrap it until it is used.';
}

/** Cool right through before it can be kneaded; common practice, minutes. */
const CHOCOLATE_REST = { fast: 120, likely: 240, slow: 720 };

/** Knead blend and colour together, then let the gum take hold. Minutes common practice: six, and one per 60 g. */
export const mix: StepMaker = {
  kind: 'mix',
  make: (bench) => ({
    steps: bench.batches.map((b) => ({
      id: mixId(b.id),
      kind: 'mix',
      title: `Mix ${formatMass(b.mix.value)} of ${b.colour.name}`,
      notes: [...weighing(b), ...colouringWords(colouringOf(b)), after(b)],
      colour: b.colour.hex,
      minutes: paced(bench, 'mix', 6 + roundTo(b.mix.value / 60, 0.01)),
    })),
    links: bench.batches.flatMap((b) =>
      b.lines.map((line) => ({
        from: mixId(b.id),
        to: line.cover || line.sleeve ? coverId(line.piece) : shapeId(line.piece),
        kind: 'wait' as const,
        band: materialOf(b.blend.base).chocolate
          ? CHOCOLATE_REST
          : { fast: Math.round(b.rest * 0.8), likely: Math.round(b.rest), slow: Math.round(b.rest * 1.3) },
        why: `the ${b.colour.name} rests`,
      })),
    ),
  }),
};
