import { formatMass, formatSpoons } from '../../quantity/index.ts';
import { VOLUME_IN_ML } from '../../quantity/index.ts';
import { mixId, paced, shapeId, type StepMaker } from './types.ts';

/** Knead blend and colour together, then let the gum take hold. Minutes common practice: six, and one per 60 g. */
export const mix: StepMaker = {
  kind: 'mix',
  name: 'mix',
  make: (bench) => ({
    steps: bench.batches.map((b) => ({
      id: mixId(b.id),
      kind: 'mix',
      title: `Mix ${formatMass(b.mix.value)} of ${b.colour.name}`,
      notes: [
        `${formatMass(b.base.value)} ${b.baseName.toLowerCase()}${b.gumPaste.value > 0 ? ` and ${formatMass(b.gumPaste.value)} gum paste` : ''}.`,
        ...(b.powder.value > 0
          ? [
              `${formatMass(b.powder.value)} stiffening powder, ${formatSpoons(b.powderSpoons.value * VOLUME_IN_ML.tsp)}, sprinkled and kneaded in.`,
            ]
          : []),
        b.rest > 0 ? `Wrap it and let it rest ${Math.round(b.rest)} min.` : 'Wrap it until it is used.',
      ],
      minutes: paced(bench, 6 + b.mix.value / 60),
    })),
    links: bench.batches.flatMap((b) =>
      b.lines.map((line) => ({
        from: mixId(b.id),
        to: shapeId(line.piece),
        kind: 'wait' as const,
        band: { fast: Math.round(b.rest * 0.8), likely: Math.round(b.rest), slow: Math.round(b.rest * 1.3) },
        why: `the ${b.colour.name} rests`,
      })),
    ),
  }),
};
