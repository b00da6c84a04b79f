import { labOf } from '../colour/index.ts';
import type { FilmState } from '../firming/index.ts';
import type { FinishWork, OwnStep, PieceSide } from '../record/index.ts';
import { EYE_ORDER } from './on-piece.ts';
import { RANK_WHY, RANKS, type FinishTechnique } from './techniques.ts';

/** A finish on a face: what the order reads of it. */
export interface OnFace {
  readonly technique: FinishTechnique;
  readonly step: Pick<OwnStep, 'side'> & { readonly finish: Pick<FinishWork, 'colour'> };
}

/** Why one finish comes before another, and how dry it has to be by then; as soon as it is done where nothing is said. */
export interface FinishRule {
  readonly why: string;
  readonly dry?: FilmState;
}

/** So much lighter is lighter, in L*. Estimate. */
const LIGHTER = 2;
/** What is transparent: only a darker one shows over a lighter one. Common practice. */
const TRANSPARENT: ReadonlySet<string> = new Set(['base', 'wash']);

/** Why one technique comes before another over the same place; undefined where it need not. */
export function comesBefore(a: FinishTechnique, b: FinishTechnique): string | undefined {
  const [eyeA, eyeB] = [EYE_ORDER.indexOf(a.id), EYE_ORDER.indexOf(b.id)];
  if (eyeA >= 0 && eyeB >= 0) return eyeA < eyeB ? 'an eye: white, colour, pupil, light' : undefined;
  return RANKS.indexOf(a.rank) < RANKS.indexOf(b.rank) ? RANK_WHY[a.rank] : undefined;
}

const OPPOSITE: Readonly<Partial<Record<PieceSide, PieceSide>>> = {
  front: 'back',
  back: 'front',
  left: 'right',
  right: 'left',
  top: 'under',
  under: 'top',
};
/** Sides meet unless they are opposite ones. */
const meet = (a: PieceSide = 'all', b: PieceSide = 'all'): boolean => OPPOSITE[a] !== b;

/** How dry what is there has to be: to be rubbed or wiped, to be dusted or glazed, or only gone over. Common practice. */
function dryFor({ tool, rank }: FinishTechnique): FilmState {
  if (rank === 'wash' || rank === 'sponge' || tool === 'an edible pen') return 'lift';
  return isDust({ tool }) || rank === 'wet' || rank === 'dirt' ? 'touch' : 'next';
}
const isDust = ({ tool }: Pick<FinishTechnique, 'tool'>): boolean =>
  tool === 'a dusting brush' || tool === 'a small soft brush';

/** Of two finishes on one piece: whether the first has to be there before the second. */
export function orderOver(a: OnFace, b: OnFace): FinishRule | undefined {
  if (!meet(a.step.side, b.step.side)) return undefined;
  const why = comesBefore(a.technique, b.technique) ?? lightFirst(a, b);
  return why === undefined ? undefined : { why, dry: dryFor(b.technique) };
}

/** Light before dark, where both let show through what is under them. */
function lightFirst(a: OnFace, b: OnFace): string | undefined {
  if (a.technique.rank !== b.technique.rank || !TRANSPARENT.has(a.technique.rank)) return undefined;
  const [p, q] = [a, b].map((f) => labOf(f.step.finish.colour ?? ''));
  return p && q && p.L > q.L + LIGHTER ? 'light before dark: only what is darker shows over it' : undefined;
}

/** So far the fog of an airbrush lies on what stands about, mm. Common practice. */
const FOGS = 15;

/** Of two finishes on different pieces of one figure. @param apart between the pieces, mm */
export function orderBeside(a: OnFace, b: OnFace, apart: number): FinishRule | undefined {
  const [p, q] = [a.technique, b.technique];
  if (p.tool === 'the airbrush' && RANKS.indexOf(q.rank) > RANKS.indexOf('wash') && apart <= FOGS)
    return { why: `the airbrush fogs what stands within ${FOGS} mm` };
  if (isDust(p) && p.rank !== 'dirt' && q.rank === 'wet')
    return { why: 'dust in the air settles on what is still wet' };
  if (p.rank === 'wet' && q.rank === 'dirt') return { why: 'dirt sticks to whatever is wet', dry: 'touch' };
  return undefined;
}
