import { addOwnStep, setOwnStep } from '../edits/index.ts';
import { blendOf } from '../figure/index.ts';
import type { FilmRoom } from '../firming/index.ts';
import { materialOf } from '../pastes/index.ts';
import { fail, given, reckon, type Reckoned, capital } from '../quantity/index.ts';
import {
  pieceOf,
  writeStepId,
  type Build,
  type Change,
  type OwnStep,
  type Piece,
  type PieceSide,
  type WorkKind,
} from '../record/index.ts';
import { measure } from '../solids/index.ts';
import { comesBefore, finishOf, inFinishOrder, type Finished } from './finished.ts';
import { FINISHES, type FinishTechnique } from './techniques.ts';

/** A finish that is wanted on a piece. */
export interface WantedFinish {
  readonly piece: string;
  readonly technique: FinishTechnique;
  readonly side: PieceSide;
  /** cm², marks, or cm of line. */
  readonly amount: number;
  readonly coats: number;
}

/** What a tool is to the reach of a face. */
const WORK: Readonly<Record<string, WorkKind>> = {
  'a finger': 'press',
  fingers: 'press',
  'the airbrush': 'spray',
  'a dusting brush': 'dust',
  'a small soft brush': 'dust',
  'a sponge': 'sponge',
  'a fine brush': 'line',
  'an edible pen': 'line',
  'a piping bag': 'line',
};

/** One side of a piece is about so much of its skin. Estimate. */
const SIDE = 0.4;
/** Marks and centimetres of line to begin with. Estimate. */
const USUAL = { mark: 2, line: 10 } as const;

/** How much there is to do: the skin of a side, or a usual number of marks or centimetres. */
export function usualAmount({ form }: Piece, { by }: FinishTechnique, side: PieceSide): Reckoned {
  if (by !== 'area') return given(by === 'mark' ? 'Marks' : 'Line, cm', USUAL[by], '', 'estimate');
  return reckon(
    'To cover',
    'cm²',
    'skin ÷ 100 × share of it',
    [
      given('Skin', measure(form).area, 'mm²', 'derived'),
      given('Share', side === 'all' ? 1 : SIDE, '', 'estimate'),
    ],
    (a, k) => (a / 100) * k,
  );
}

/** Air over the face of a piece, where it rests. */
function roomOver(build: Build, piece: Piece): FilmRoom {
  const { firming } = materialOf(blendOf(build, piece).base);
  const { width, height } = measure(piece.form);
  return {
    temperature: build.room.temperature,
    humidity: build.room.humidity / 100,
    speed: build.room.air,
    across: Math.min(width, height),
    rests: firming.by === 'drying' ? firming.constants.balance : CHOCOLATE_RESTS,
  };
}
/** What is brushed on chocolate takes up no sugar to speak of. Estimate. */
const CHOCOLATE_RESTS = 0.9;

/** What a wanted finish takes, in the room of the build. */
export function finishHere(
  build: Build,
  { piece, technique, amount, coats }: WantedFinish,
): Finished | undefined {
  const on = pieceOf(build, piece);
  return on && finishOf(technique, amount, Math.max(1, Math.round(coats)), roomOver(build, on));
}

/** The technique a step of one's own is of, by the words its name begins with. */
const techniqueIn = ({ title }: OwnStep): FinishTechnique | undefined =>
  FINISHES.find((t) => title.toLowerCase().startsWith(`${t.name}:`));

/** Finishes of a piece that are in the plan, in their order. */
export const finishesOn = (
  build: Build,
  piece: string,
): { readonly step: OwnStep; readonly technique: FinishTechnique }[] =>
  inFinishOrder(
    build.steps.own.flatMap((step) => {
      const technique = step.piece === piece ? techniqueIn(step) : undefined;
      return technique ? [{ step, technique }] : [];
    }),
  );

/** The tool there is only one of. */
const airbrushed = ({ tool }: FinishTechnique): Pick<OwnStep, 'tool'> =>
  tool === 'the airbrush' ? { tool: 'airbrush' } : {};

/** Until a finish is dry enough to be gone over; nothing where it does not dry at all. */
const dryIn = (build: Build, wanted: WantedFinish): number =>
  Math.ceil(finishHere(build, wanted)?.waits?.touch.value ?? 0);

/**
 * Put a finish into the plan as a step of one's own: after the piece is shaped and after what comes before it over the same
 * place is dry to the touch; what comes after it is put behind it. What closes its face off comes later, as for any such step.
 */
export function planFinish(build: Build, wanted: WantedFinish): Change {
  const { technique, coats } = wanted;
  const piece = pieceOf(build, wanted.piece);
  const finished = finishHere(build, wanted);
  if (!piece || !finished) return fail('That piece is not there any more.');
  if (!(wanted.amount > 0)) return fail('Say how much of it there is to do.', 'amount');
  const there = finishesOn(build, piece.id);
  const earlier = there.filter((f) => comesBefore(f.technique, technique)).at(-1);
  const later = there.find((f) => comesBefore(technique, f.technique));
  const under = earlier ? dryIn(build, { ...wanted, technique: earlier.technique }) : 0;
  const wet = later ? dryIn(build, wanted) : 0;
  const coating = coats > 1 ? (finished.waits?.next.value ?? 0) * (coats - 1) : 0;
  if (!Number.isFinite(under + wet + coating)) {
    const wets = Number.isFinite(under) ? technique : earlier!.technique;
    return fail(`In this room the ${wets.name} never dries: nothing can be laid over it.`);
  }
  const after = earlier?.step.id ?? writeStepId({ task: 'shape', of: piece.id });
  const added = addOwnStep(build, {
    title: `${capital(technique.name)}: ${piece.name.toLowerCase()}`,
    // coats of one finish are waited for beside it
    minutes: Math.max(1, Math.round(finished.minutes.value + coating)),
    after,
    ...(under > 0 ? { wait: under } : {}),
    piece: piece.id,
    work: WORK[technique.tool] ?? 'paint',
    side: wanted.side,
    ...airbrushed(technique),
  });
  if (!added.ok || !later) return added;
  const mine = added.value.steps.own.at(-1)!.id;
  return setOwnStep(added.value, later.step.id, { after: mine, wait: wet > 0 ? wet : undefined });
}
