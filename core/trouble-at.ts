import { joinId, tickedAt } from './days/index.ts';
import type { Reckonings } from './reckon.ts';
import { formatMass } from './quantity/index.ts';
import { carriedBy, pieceOf, type Build } from './record/index.ts';
import {
  askNext,
  batchOf,
  causesOf,
  comeOf,
  factsOf,
  learnedOfTrouble,
  remakeMinutes,
  troubleMends,
  type Answers,
  type LikelyCause,
  type NextQuestion,
  type RankedMend,
  type Trouble,
  type TroubleReads,
} from './trouble/index.ts';

/** What is asked about. */
export interface TroubleAsk {
  readonly trouble: Trouble;
  readonly piece: string | undefined;
  readonly answers: Answers;
  /** Builds whose mends are learned from. */
  readonly builds: readonly Build[];
  /** ms */
  readonly now: number;
}

/** What is likely behind it, what tells most, and what can still be done. */
export interface TroubleFound {
  readonly causes: readonly LikelyCause[];
  readonly ask: NextQuestion | undefined;
  readonly mends: readonly RankedMend[];
  /** What making it again takes of its paste, in words. */
  readonly again: string | undefined;
}

/** What trouble reads of a reckoning. */
export const troubleReads = ({
  firming,
  bones,
  paste,
  made,
}: Pick<Reckonings, 'firming' | 'bones' | 'paste' | 'made'>): TroubleReads => ({
  firming,
  bones,
  paste,
  steps: made.steps,
  links: made.links,
});

/** Grams it takes to make a piece again, against the spare of its batch. */
function againWords(build: Build, reads: TroubleReads, id: string): string | undefined {
  const batch = batchOf(reads.paste, id);
  const line = batch?.lines.find((l) => l.piece === id);
  const piece = pieceOf(build, id);
  if (!batch || !line || !piece || line.make === 0) return undefined;
  const one = (line.start.value / line.make) * (piece.pair ? 2 : 1);
  const spare = Math.max(0, batch.mix.value - batch.net.value);
  const of = `${formatMass(one)} of ${batch.colour.name}`;
  return spare >= one
    ? `It takes ${of}; ${formatMass(spare)} of spare were planned.`
    : `It takes ${of}, and only ${formatMass(spare)} of spare were planned: mix more.`;
}

/** All there is to say about a trouble in a build as it stands. */
export function troubleAt(
  build: Build,
  reckoned: Parameters<typeof troubleReads>[0],
  { trouble, piece, answers, builds, now }: TroubleAsk,
): TroubleFound {
  const reads = troubleReads(reckoned);
  const facts = factsOf(build, reads, piece, now);
  const { confirmed, tried } = learnedOfTrouble(builds, trouble.id);
  const causes = causesOf(trouble, facts, answers, confirmed);
  const done = tickedAt(build);
  const carries =
    piece !== undefined && carriedBy(build, piece).some((p) => p.id !== piece && done.has(joinId(p.id)));
  return {
    causes,
    ask: askNext(trouble, facts, answers, confirmed),
    mends: troubleMends(trouble, {
      causes,
      remake: piece === undefined ? 0 : remakeMinutes(build, reads.steps, piece),
      state: comeOf(build, reads.firming, piece, now),
      carries,
      tried,
    }),
    again: piece === undefined ? undefined : againWords(build, reads, piece),
  };
}

/** How likely, in the words of the bench. Estimates. */
const LIKELY: readonly (readonly [number, string])[] = [
  [90, 'almost surely'],
  [60, 'most likely'],
  [35, 'likely'],
  [15, 'perhaps'],
  [0, 'hardly'],
];

/** A chance as a word. @param chance per cent */
export const likelyWord = (chance: number): string => LIKELY.find(([from]) => chance >= from)![1];
