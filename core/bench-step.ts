import { everyRod, type SeenBones } from './bones/index.ts';
import { contactsOf, GROUND } from './contacts/index.ts';
import type { Step } from './days/index.ts';
import { place } from './figure/index.ts';
import { finishNamed } from './finish/index.ts';
import type { Batch } from './paste-list/index.ts';
import { formatLength, type Shown } from './quantity/index.ts';
import { pieceOf, readStepId, type Build } from './record/index.ts';
import { hasPaper } from './templates/index.ts';
import type { Vec } from './solids/index.ts';

/** What a step needs to hand. */
export interface BenchStep {
  /** Pieces it is about. */
  readonly pieces: ReadonlySet<string>;
  /** Where they touch what they stand on, mm on the board. */
  readonly seats: readonly Vec[];
  readonly batch?: {
    readonly id: string;
    readonly name: string;
    readonly hex: string;
    readonly blend: string;
  };
  /** `A, bamboo skewer 3 mm: 45 mm deep in the body`. */
  readonly rods: readonly string[];
  readonly tools: readonly string[];
  /** It is cut by a paper template. */
  readonly paper: boolean;
}

const TOOL_WORDS = { oven: 'the oven', turntable: 'the turntable', airbrush: 'the airbrush' } as const;

function piecesOf(build: Build, step: Step, batches: readonly Batch[]): ReadonlySet<string> {
  if (step.piece !== undefined) return new Set([step.piece]);
  const ref = readStepId(step.id);
  const batch = ref?.task === 'mix' ? batches.find((b) => b.id === ref.of) : undefined;
  return new Set(batch?.lines.map((l) => l.piece).filter((id) => pieceOf(build, id)));
}

/** Where pieces lie on what carries them, by the contacts that were found. */
function seatsOf(build: Build, pieces: ReadonlySet<string>): Vec[] {
  const all = place(build);
  return contactsOf(build).flatMap((c) => {
    const [a, b] = [all[c.a]!.piece, c.b === GROUND ? undefined : all[c.b]!.piece];
    if (pieces.has(a.id) && (b === undefined ? a.seat.on === 'board' : a.seat.on === b.id)) return [c.at];
    return b && pieces.has(b.id) && b.seat.on === a.id ? [c.at] : [];
  });
}

/** What a step at the bench is about, and what it takes: pieces, seat, batch, rods, tools, paper. */
export function benchStep(
  build: Build,
  step: Step,
  {
    batches,
    bones,
    shown,
  }: { readonly batches: readonly Batch[]; readonly bones?: SeenBones | undefined; readonly shown?: Shown },
): BenchStep {
  const pieces = piecesOf(build, step, batches);
  const [only] = step.piece === undefined ? [] : [pieceOf(build, step.piece)];
  const of = step.kind === 'mix' || step.kind === 'shape' ? [...pieces][0] : undefined;
  const batch =
    of === undefined ? undefined : batches.find((b) => b.lines.some((l) => l.piece === of && !l.cover));
  const own = build.steps.own.find((o) => o.id === step.id);
  const technique = own?.finish && finishNamed(own.finish.technique);
  const rods =
    bones && only && (step.kind === 'join' || step.kind === 'shape')
      ? everyRod(bones).filter((r) => r.passes.some((p) => 'piece' in p && p.piece === only.id))
      : [];
  return {
    pieces,
    seats: step.kind === 'join' ? seatsOf(build, pieces) : [],
    ...(batch
      ? { batch: { id: batch.id, name: batch.colour.name, hex: batch.colour.hex, blend: batch.blend.name } }
      : {}),
    rods: rods.map(
      (r) =>
        `${r.letter}, ${r.stock.name}, ${formatLength(r.length.value, shown)}${
          r.depth > 0 ? `: ${formatLength(r.depth, shown)} deep in the ${r.depthIn.toLowerCase()}` : ''
        }`,
    ),
    tools: [...(step.tools ?? []).map((t) => TOOL_WORDS[t]), ...(technique ? [technique.tool] : [])],
    paper: step.kind === 'shape' && !!only && hasPaper(only),
  };
}
