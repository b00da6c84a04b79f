import { sayFirm } from './edits/index.ts';
import { lookAt, note, SAW, type PieceFirming, type Question } from './firming/index.ts';
import type { Build, Saw } from './record/index.ts';

/** What somebody found of a piece. */
export interface FoundByTouch {
  readonly id: string;
  readonly at: string;
  readonly question: Question;
  readonly saw: Saw;
  /** Since it was shaped. */
  readonly minutes: number;
  readonly note?: string;
  readonly picture?: string;
}

/** What is seen of a piece that is firm enough. */
const FIRM: ReadonlySet<Saw> = new Set(['just', 'yes', 'cracked']);

/**
 * What a finger finds counts at once; what is learned from it is another matter: too soon to learn from is not too soon to be believed.
 * @returns the build with both, and whether there was anything to learn
 */
export function toldByTouch(
  build: Build,
  firming: PieceFirming,
  told: FoundByTouch,
): { readonly build: Build; readonly learned: boolean } {
  const question = SAW.find((s) => s.id === told.saw)?.question ?? told.question;
  const said = sayFirm(build, { piece: firming.piece, question, firm: FIRM.has(told.saw), at: told.at });
  const seen = lookAt(said, firming, told);
  const noted = seen && note(said, seen);
  return noted?.ok ? { build: noted.value, learned: true } : { build: said, learned: false };
}
