import type { PieceFirming, Question } from '../firming/index.ts';
import { pieceOf, type Build, type Saw } from '../record/index.ts';
import type { Minutes } from '../quantity/index.ts';
import { givenOf, looksAgainAfter, saidFirm } from './given.ts';
import { minuteOf } from './calendar.ts';
import { tickedAt } from './progress.ts';
import type { DaysReport } from './report.ts';

/** What is asked of a hand, and its three answers: not yet so, only just, and well past it. */
export interface TouchWords {
  readonly asks: string;
  readonly not: string;
  readonly just: string;
  readonly past: string;
}

const firm = (asks: string, not = 'Not yet', just = 'Just now', past = 'Long since'): TouchWords => ({
  asks,
  not,
  just,
  past,
});

/** How each question of firming is put to a finger. Common practice. */
export const FELT: Readonly<Record<Question, TouchWords>> = {
  tack: firm('Touch it with a dry finger: does it still stick?', 'It sticks', 'Hardly any more'),
  skin: firm('Stroke it: does the face stay as it is?', 'It smears', 'It just stays'),
  touch: firm('Touch it: does a finger leave a mark?', 'It leaves a mark', 'Hardly one'),
  pose: firm('Let go of it for a moment: does it stay as it was bent?', 'It sinks', 'It just stays'),
  handle: firm('Pick it up: do your fingers leave a mark?', 'They do', 'Hardly one'),
  bear: firm('Press down where the next one goes: does it give?', 'It gives', 'Hardly'),
  stand: firm('Press down hard where the next one stands: does it give?', 'It gives', 'Hardly'),
  hard: firm('Knock on it: is it hard right through?', 'Not yet', 'Only just'),
  dry: firm('Feel its foot: is it dry and light?', 'Still cool', 'Only just'),
  stick: firm('Press a crumb to it: does it hold by itself?', 'It holds', 'Only just', 'No more'),
  texture: firm(
    'Press your tool into the hidden side: does it take the mark?',
    'Clean',
    'It begins to crack',
    'It cracks',
  ),
  bend: firm('Bend its edge a little: does it crack?', 'It bends', 'It begins to', 'It cracks'),
};

/** A question that is due. */
export interface TouchTest {
  readonly piece: string;
  readonly name: string;
  readonly question: Question;
  readonly words: TouchWords;
  readonly firming: PieceFirming;
  /** Since it was shaped, minutes. */
  readonly minutes: Minutes;
  /** The step that waits for it. */
  readonly before: string;
}

/** It was looked at since and was not so yet, and the plan waits as long before it is looked at again. */
function lookedLately(
  { bench }: Build,
  { piece, asks, since }: { readonly piece: string; readonly asks: Question; readonly since: number },
  now: number,
): boolean {
  const not = bench.said?.filter((s) => s.piece === piece && !s.firm && s.question === asks).at(-1);
  const at = not === undefined ? -Infinity : Date.parse(not.at);
  return at > since && (now - at) / 60_000 < looksAgainAfter((at - since) / 60_000);
}

/**
 * What to feel for now: pieces a step waits for, as soon as some of them are likely so, until a finger has said it.
 * @param now the present instant, ms
 */
export function touchTests(
  build: Build,
  days: DaysReport | undefined,
  firming: ReadonlyMap<string, PieceFirming>,
  now: number,
): TouchTest[] {
  const origin = days?.origin;
  if (!days || !origin) return [];
  const done = tickedAt(build);
  const titles = new Map(days.steps.map((s) => [s.id, s.title]));
  const { said } = givenOf(build, origin, now);
  const out = new Map<string, TouchTest>();
  for (const l of days.links) {
    const since = done.get(l.from);
    if (l.kind !== 'wait' || since === undefined || done.has(l.to)) continue;
    const { piece: id, asks } = l;
    const piece = id === undefined ? undefined : pieceOf(build, id);
    const f = id === undefined ? undefined : firming.get(id);
    const before = titles.get(l.to);
    if (!piece || !f || asks === undefined || before === undefined) continue;
    const minutes = (now - since) / 60_000;
    if (minutes < l.band.fast || saidFirm(l, Math.floor(minuteOf(origin, since)), said)) continue;
    if (lookedLately(build, { piece: piece.id, asks, since }, now)) continue;
    const key = `${piece.id} ${asks}`;
    if (!out.has(key))
      out.set(key, {
        piece: piece.id,
        name: piece.name,
        question: asks,
        words: FELT[asks],
        firming: f,
        minutes,
        before,
      });
  }
  return [...out.values()].sort((a, b) => b.minutes - a.minutes);
}

/** What an answer says in the terms of a look. */
export const ANSWERS: Readonly<Record<'not' | 'just' | 'past', Saw>> = {
  not: 'not',
  just: 'just',
  past: 'yes',
};
