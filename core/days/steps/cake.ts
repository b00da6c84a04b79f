import type { CakePart } from '../../cutting/index.ts';
import { writeStepId, type Task } from '../../record/index.ts';
import { coatFirmIn, type Band } from '../../firming/index.ts';
import { BATTERS, FILLINGS } from '../../pastes/index.ts';
import { formatMass, formatTime } from '../../quantity/index.ts';
import type { Hold, Link, Step } from '../types.ts';
import { coverId, lower, paced, shapeId, type Bench, type StepMaker } from './types.ts';

/** Minutes of the kitchen. Common practice; oven and chilling go with the recipe, a person's own times replace them. */
const BATTER_FIRST = 20;
const BATTER_NEXT = 5;
const OVEN: { readonly load: number; readonly layers: number } = { load: 45, layers: 2 };
/** Loads baked from one bowl: batter does not wait. */
const LOADS_AT_ONCE = 2;
const BATTER_WAITS: Band = { fast: 15, likely: 20, slow: 30 };
const WRAP = 10;
const COOLS: Band = { fast: 60, likely: 90, slow: 150 };
const LEVELS: Band = { fast: 240, likely: 420, slow: 600 };
/** Unwrapped on the rack, minutes. Common practice. */
const LAYERS_KEEP = 4 * 60;
const CREAM = 30;
const CREAM_KEEPS = 24 * 60;
const STACK_FIRST = 15;
const STACK_NEXT = 8;
const CARVE_PER_DM2 = 12;
const CARVE_LEAST = 30;
/** How long a carved cake stays cold enough to be coated. */
const STAYS_COLD: Band = { fast: 30, likely: 45, slow: 60 };
const COAT_PER_DM2 = 4;
const COAT_LEAST = 15;
/** Coated and chilled it waits so long for its cover before it dries or sweats. */
const COAT_WAITS: Band = { fast: 14 * 60, likely: 18 * 60, slow: 24 * 60 };
/** A cake is fresh for a day and a half, and not served older than four days. */
const FRESH = { hours: 36, most: 96, weight: 0.6 };

const wait = (from: string, to: string, band: Band, why: string, hold?: Hold): Link => ({
  from,
  to,
  kind: 'wait',
  band,
  why,
  ...(hold ? { hold } : {}),
});
const window = (from: string, to: string, band: Band, why: string): Link => ({
  from,
  to,
  kind: 'window',
  band,
  why,
});
const same = (m: number): Band => ({ fast: m, likely: m, slow: m });

/** The rounds of the oven are told apart by their number, from the second on. */
const round = (task: Task, k: number): string =>
  writeStepId(k === 0 ? { task } : { task, of: String(k + 1) });
const batterId = (k: number): string => round('batter', k);
const ovenId = (k: number): string => round('oven', k);
const stackId = ({ id }: CakePart): string => writeStepId({ task: 'stack', of: id });
const carveId = ({ id }: CakePart): string => writeStepId({ task: 'carve', of: id });
const coatId = ({ id }: CakePart): string => writeStepId({ task: 'coat', of: id });
/** Shelf that something round takes, with a finger round it, cm². */
const shelf = (across: number): number => ((across + 20) / 10) ** 2;

/** How long a filled cake chills until it is cold in the middle, as the carving gate says. */
function chillBand(bench: Bench): Band {
  const takes = bench.cake.gate?.takes;
  const likely = takes !== undefined && Number.isFinite(takes) ? Math.max(60, Math.round(takes)) : 120;
  return { fast: Math.round(likely * 0.8), likely, slow: Math.round(likely * 1.5) };
}

/** How long a coat needs in the cold before it may be covered. */
function coatBand(bench: Bench, across: number): Band {
  const { coat, coatThickness } = bench.build.cake;
  const firm = coatFirmIn(coat, coatThickness, bench.build.room.temperature, 'fridge', across);
  const likely = firm !== undefined && Number.isFinite(firm) ? Math.max(30, Math.round(firm)) : 45;
  return { fast: Math.round(likely * 0.8), likely, slow: Math.round(likely * 1.6) };
}

/** Batter and oven, in as many rounds as the oven needs. */
function baking(bench: Bench, layers: number): { steps: Step[]; links: Link[]; ends: string[] } {
  const perRound = OVEN.layers * LOADS_AT_ONCE * Math.max(1, bench.build.workshop.tools.oven ?? 1);
  const rounds = Math.ceil(layers / perRound);
  const steps: Step[] = [];
  const links: Link[] = [];
  for (let k = 0; k < rounds; k++) {
    const n = Math.min(perRound, layers - k * perRound);
    const each = bench.cake.batter.value / layers;
    const loads = Math.ceil(n / (OVEN.layers * Math.max(1, bench.build.workshop.tools.oven ?? 1)));
    steps.push(
      {
        id: batterId(k),
        kind: 'bake',
        title: `Stir the batter for ${n === 1 ? 'a layer' : `${n} layers`}`,
        notes: [
          `${formatMass(each * n)} of ${BATTERS[bench.build.cake.batter].name}.`,
          ...bench.cake.bakes.map(
            (b) =>
              `Tin of ${b.tin} mm, ${b.layers === 1 ? 'once' : `${b.layers} times`}: ${formatMass(b.batter.value)} in each.`,
          ),
          'The oven is hot before the batter is ready.',
        ],
        minutes: paced(bench, 'bake', BATTER_FIRST + BATTER_NEXT * (n - 1)),
        fresh: FRESH,
      },
      {
        id: ovenId(k),
        kind: 'bake',
        title: `Bake ${n === 1 ? 'the layer' : `${n} layers`}`,
        notes: ['Hands are free, but stay there. Hot tins: a dry cloth.'],
        minutes: OVEN.load * loads,
        hands: 0,
        tools: ['oven'],
        fresh: FRESH,
      },
    );
    links.push(window(batterId(k), ovenId(k), BATTER_WAITS, 'batter does not wait'));
  }
  return { steps, links, ends: Array.from({ length: rounds }, (_, k) => ovenId(k)) };
}

/** One cake from its layers to its coat, and what is then put over it. */
function building(bench: Bench, part: CakePart): { steps: Step[]; links: Link[] } {
  const name = lower(part.name);
  const widest = Math.max(...part.layers.map((l) => l.tin ?? l.circle));
  const fridge: Hold = { space: 'fridge', takes: shelf(widest) };
  const area = part.layers.reduce((sum, l) => sum + (Math.PI * l.circle * bench.build.cake.layer) / 1e4, 0);
  const carved = part.kind === 'core';
  // a bare tier is done with its coat
  const covered = carved ? shapeId(part.id) : part.cover && coverId(part.id);
  const steps: Step[] = [
    {
      id: stackId(part),
      kind: 'cake',
      title: `Level, fill and stack the ${name}`,
      notes: [
        `${part.layers.length} layers; ${formatMass(part.filling.value)} of ${FILLINGS[bench.build.cake.filling].name} between them.`,
        'Wrap it and chill it before the knife.',
      ],
      minutes: paced(bench, 'cake', STACK_FIRST + STACK_NEXT * part.layers.length),
      tools: ['turntable'],
      fresh: FRESH,
    },
  ];
  const links: Link[] = [
    wait('wrap', stackId(part), LEVELS, 'wrapped layers settle until they can be levelled', fridge),
    wait('cream', stackId(part), same(0), 'the filling is ready', { space: 'fridge', takes: 200 }),
    window('cream', stackId(part), same(CREAM_KEEPS), 'the filling is used within a day'),
  ];
  const piece = part.id;
  if (carved) {
    steps.push({
      id: carveId(part),
      kind: 'cake',
      title: `Carve the ${name}`,
      notes: [
        'Cold from the fridge, a long serrated knife, little at a time; templates pinned on.',
        `About ${Math.round(part.away.value)} % comes away.`,
      ],
      minutes: Math.min(90, paced(bench, 'cake', Math.max(CARVE_LEAST, CARVE_PER_DM2 * area))),
      tools: ['turntable'],
      piece,
      fresh: FRESH,
    });
    links.push(
      wait(
        stackId(part),
        carveId(part),
        chillBand(bench),
        `the ${name} chills until it can be carved`,
        fridge,
      ),
      window(
        carveId(part),
        coatId(part),
        STAYS_COLD,
        `the carved ${name} must not warm up before it is coated`,
      ),
    );
  } else
    links.push(wait(stackId(part), coatId(part), same(30), `the filling of the ${name} settles`, fridge));
  steps.push({
    id: coatId(part),
    kind: 'cake',
    title: `Coat the ${name}`,
    notes: [
      `${formatMass(part.coat.value)} of ${FILLINGS[bench.build.cake.coat].name}, ${bench.build.cake.coatThickness} mm.`,
    ],
    minutes: paced(bench, 'cake', Math.max(COAT_LEAST, COAT_PER_DM2 * area)),
    tools: ['turntable'],
    ...(carved ? { piece } : {}),
    fresh: FRESH,
  });
  if (covered !== undefined)
    links.push(
      wait(coatId(part), covered, coatBand(bench, widest), `the coat of the ${name} sets hard`, fridge),
      window(coatId(part), covered, COAT_WAITS, `the ${name} is covered while its coat is cold`),
    );
  return { steps, links };
}

/** Bake, fill, stack, carve and coat the cakes inside the figure and under it. */
export const cake: StepMaker = {
  kind: 'cake',
  make: (bench) => {
    const { parts } = bench.cake;
    if (parts.length === 0) return { steps: [], links: [] };
    const layers = parts.reduce((n, p) => n + p.layers.length, 0);
    const baked = baking(bench, layers);
    const built = parts.map((p) => building(bench, p));
    return {
      steps: [
        ...baked.steps,
        {
          id: 'wrap',
          kind: 'bake',
          title: `Turn out and wrap ${layers === 1 ? 'the layer' : `${layers} layers`}`,
          notes: [
            `Cooled through; wrapped tight. ${formatTime(paced(bench, 'bake', WRAP))}, as soon as they are cool: it needs no sitting.`,
          ],
          // nobody waits at the bench for it, nor leaves it until the next evening
          minutes: 0,
          hands: 0,
          fresh: FRESH,
        },
        {
          id: 'cream',
          kind: 'cake',
          title: 'Beat the filling and the coat',
          notes: [
            `${formatMass(bench.cake.filling.value)} of ${FILLINGS[bench.build.cake.filling].name}, ${formatMass(bench.cake.coat.value)} of ${FILLINGS[bench.build.cake.coat].name}.`,
          ],
          minutes: paced(bench, 'cake', CREAM),
          fresh: FRESH,
        },
        ...built.flatMap((b) => b.steps),
      ],
      links: [
        ...baked.links,
        ...baked.ends.flatMap((id) => [
          wait(id, 'wrap', COOLS, 'the layers cool'),
          window(id, 'wrap', same(LAYERS_KEEP), 'baked layers dry out unwrapped'),
        ]),
        ...built.flatMap((b) => b.links),
      ],
    };
  },
};
