import { rodStock } from './bones/index.ts';
import type { Step } from './days/index.ts';
import { CAUTIONS, finishNamed } from './finish/index.ts';
import { GLUES, materialOf } from './pastes/index.ts';
import { pieceOf, readStepId, type Build } from './record/index.ts';
import { formBody } from './solids/index.ts';

/** What is looked at to tell whether a hazard arises. */
export interface CautionAt {
  readonly build: Build;
  readonly step: Step;
  /** Minutes at the bench since the last long pause. */
  readonly worked: number;
  /** Hour of the day, 0 to 24. */
  readonly hour: number;
}

/** A hazard of the bench: where it arises, and what to do about it. Common practice; local rules and licensed practice come first. */
interface Caution {
  readonly id: string;
  readonly arises: (at: CautionAt) => boolean;
  readonly advice: string;
}

const taskOf = (step: Step) => readStepId(step.id)?.task;
const mixedBlend = ({ build, step }: CautionAt) => {
  const ref = readStepId(step.id);
  return ref?.task === 'mix' ? build.blends.find((b) => ref.of?.startsWith(`${b.id}/`)) : undefined;
};
/** Blades are in the hand: something is cut out, carved or sawn. */
function withBlades({ build, step }: CautionAt): boolean {
  const piece = pieceOf(build, step.piece ?? '');
  const cut = step.kind === 'shape' && piece !== undefined && formBody(piece.form).type === 'flat';
  return cut || step.kind === 'bones' || taskOf(step) === 'carve' || taskOf(step) === 'mast';
}

/** Longer at it than this, minutes, later than this hour or earlier than that, hands are not what they were. Estimates. */
const [LONG, LATE, EARLY] = [240, 22, 6];

/** A hazard more is an entry more. */
const ROWS: readonly Caution[] = [
  {
    id: 'syrup',
    arises: (at) => {
      const blend = mixedBlend(at);
      return blend !== undefined && materialOf(blend.base).chocolate !== undefined;
    },
    advice:
      'Syrup and chocolate from a microwave are hotter inside than they look, and stick where they burn: stir, wait, then test.',
  },
  {
    id: 'powder',
    arises: (at) => (mixedBlend(at)?.powder ?? 0) > 0,
    advice: 'Powder hangs in the air: sprinkle it low and keep it from your face.',
  },
  {
    id: 'blade',
    arises: withBlades,
    advice:
      'Cut away from yourself and count the blades back into their box; a tool that did other work does not touch food.',
  },
  {
    id: 'tired',
    arises: (at) => withBlades(at) && (at.worked >= LONG || at.hour >= LATE || at.hour < EARLY),
    advice:
      'It is late, or you have been at it for hours: leave blades and saws for tomorrow if the plan lets you.',
  },
  {
    id: 'egg',
    arises: ({ step }) => {
      const ref = readStepId(step.id);
      const glue = ref?.task === 'glue' ? GLUES.find((g) => g.id === ref.of) : undefined;
      return glue?.allergens.includes('egg') ?? false;
    },
    advice:
      'Raw egg white is not for anybody pregnant, very young, old or ill: use dried or pasteurised, and say that there is egg in it.',
  },
  {
    id: 'cold',
    arises: ({ step }) => ['cream', 'coat', 'stack'].includes(taskOf(step) ?? ''),
    advice:
      'Cake with cream is out of the fridge only as long as your local food rules allow: work in short spells, back into the cold between.',
  },
  {
    id: 'wire',
    arises: ({ build, step }) =>
      step.kind === 'bones' && build.rods.some((r) => rodStock(r.stock).material === 'florist'),
    advice:
      'Wire never goes bare into cake: into a pick or a sealed straw, its end bent over, and on the list of what is taken out.',
  },
  {
    id: 'foil',
    arises: ({ step }) => ['ribbon', 'mast'].includes(taskOf(step) ?? ''),
    advice: 'Tape, foil tape and ribbon are no food: keep them off the paste.',
  },
  {
    id: 'lift',
    arises: ({ build, step }) => step.kind === 'pack' && build.cake.tiers.length > 0,
    advice:
      'A tiered cake is heavier than it looks: two lift it, by its board, and the way is cleared first.',
  },
];

/** Hazards of a step with what to do about each, in words; those of a finish among them. */
export function cautionsAt(at: CautionAt): string[] {
  const own = at.build.steps.own.find((o) => o.id === at.step.id);
  const finish = own?.finish && finishNamed(own.finish.technique)?.caution;
  return [...ROWS.filter((c) => c.arises(at)).map((c) => c.advice), ...(finish ? [CAUTIONS[finish]] : [])];
}

/** Where somebody stands who looks at a build. */
export type CautionPlace = 'shape' | 'bones' | 'paste' | 'cut' | 'days' | 'handover';

/** A hazard that is seen before anybody is at the bench. Common practice; local rules and licensed practice come first. */
interface PlacedCaution {
  readonly id: string;
  readonly at: readonly CautionPlace[];
  readonly arises: (build: Build) => boolean;
  readonly advice: string;
}

const someBlend = (is: (b: Build['blends'][number]) => boolean) => (build: Build) => build.blends.some(is);
const cutsFlat = (build: Build): boolean => build.pieces.some((p) => formBody(p.form).type === 'flat');
const isCarved = (build: Build): boolean =>
  build.pieces.some((p) => p.core === 'cake' && p.form.kind !== 'ball');
const adviceOf = (id: string): string => ROWS.find((r) => r.id === id)!.advice;

/** A hazard more is an entry more. */
const PLACED: readonly PlacedCaution[] = [
  {
    id: 'tools',
    at: ['shape'],
    arises: (build) => build.pieces.some((p) => p.texture !== 'none'),
    advice:
      'Texture with tools kept for food: craft tools, make-up brushes and pencils shed what nobody should eat.',
  },
  {
    id: 'saw',
    at: ['bones'],
    arises: (build) => build.rods.length > 0 || build.mast !== undefined,
    advice:
      'Saw and drill away from the bench, round off splinters, wash and dry every rod: dust of wood and metal is no food.',
  },
  {
    id: 'wire',
    at: ['bones'],
    arises: (build) => build.rods.some((r) => rodStock(r.stock).material === 'florist'),
    advice: adviceOf('wire'),
  },
  {
    id: 'foil',
    at: ['bones'],
    arises: (build) => build.mast !== undefined,
    advice: adviceOf('foil'),
  },
  {
    id: 'syrup',
    at: ['paste'],
    arises: someBlend((b) => materialOf(b.base).chocolate !== undefined),
    advice: adviceOf('syrup'),
  },
  { id: 'powder', at: ['paste'], arises: someBlend((b) => b.powder > 0), advice: adviceOf('powder') },
  {
    id: 'egg',
    at: ['paste'],
    arises: (build) =>
      build.pieces.some((p) => GLUES.find((g) => g.id === p.glue)?.allergens.includes('egg')),
    advice: adviceOf('egg'),
  },
  {
    id: 'dust',
    at: ['paste'],
    arises: (build) => build.steps.own.some((o) => o.finish !== undefined),
    advice:
      'Dusts, metallics and sprays: only those sold for eating where it is eaten, a mask where they hang in the air, a window open.',
  },
  {
    id: 'blade',
    at: ['cut'],
    arises: (build) => cutsFlat(build) || isCarved(build),
    advice: adviceOf('blade'),
  },
  {
    id: 'pencil',
    at: ['cut'],
    arises: cutsFlat,
    advice:
      'Pencil and printer’s ink stay on the paper: the drawn side is turned away from paste that is eaten.',
  },
  {
    id: 'late',
    at: ['days'],
    arises: (build) => build.hours.some((h) => Number.parseInt(h.to, 10) >= LATE),
    advice: 'Your hours run late into the evening: plan blades, saws and hot syrup for the day.',
  },
  {
    id: 'cold',
    at: ['days', 'handover'],
    arises: (build) => build.cake.tiers.length > 0 || isCarved(build),
    advice: adviceOf('cold'),
  },
  {
    id: 'lift',
    at: ['handover'],
    arises: (build) => build.cake.tiers.length > 0,
    advice: adviceOf('lift'),
  },
  {
    id: 'wired',
    at: ['handover'],
    arises: (build) => build.rods.length > 0 || build.mast !== undefined,
    advice:
      'Nobody cuts into it before the sticks are out: the card goes with it, and is read aloud to whoever serves.',
  },
];

/** Hazards that are to be known where somebody stands, before they are at the bench. */
export const cautionsIn = (build: Build, place: CautionPlace): string[] =>
  PLACED.filter((c) => c.at.includes(place) && c.arises(build)).map((c) => c.advice);

/** A pause longer than this is a rest, minutes. Estimate. */
const REST = 60;

/** Minutes at the bench since the last rest, from what was ticked off. @param now ms */
export function workedSince({ bench }: Pick<Build, 'bench'>, now: number): number {
  const ticks = bench.done
    .map((d) => Date.parse(d.at))
    .filter((t) => t <= now)
    .sort((a, b) => b - a);
  let from = now;
  for (const t of ticks) {
    if (from - t > REST * 60_000) break;
    from = t;
  }
  return (now - from) / 60_000;
}
