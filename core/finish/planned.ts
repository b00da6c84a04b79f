import { deeper } from '../colour/index.ts';
import { addOwnStep } from '../edits/index.ts';
import { blendOf, measureOf } from '../figure/index.ts';
import { filmBandOf, type Band, type FilmRoom, type FilmState, type WetFilm } from '../firming/index.ts';
import { firmingOf } from '../pastes/index.ts';
import { capital, fail, given, reckon, type Reckoned } from '../quantity/index.ts';
import {
  MOST_COATS,
  pieceOf,
  type Build,
  type Change,
  type OwnStep,
  type PartsOf,
  type Piece,
  type PieceSide,
  type WorkKind,
} from '../record/index.ts';
import { finishOf, type Finished } from './finished.ts';
import { finishesOn, type PlannedFinish } from './on-piece.ts';
import { finishNamed, type FinishTechnique } from './techniques.ts';

/** A finish that is wanted on a piece. */
export interface WantedFinish {
  readonly piece: string;
  readonly technique: FinishTechnique;
  readonly side: PieceSide;
  /** cm², marks, or cm of line. */
  readonly amount: number;
  readonly coats: number;
  /** As it looks, `#rrggbb`; nothing where it has none of its own. */
  readonly colour?: string;
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
export function usualAmount(piece: Piece, { by }: FinishTechnique, side: PieceSide): Reckoned {
  if (by !== 'area') return given(by === 'mark' ? 'Marks' : 'Line, cm', USUAL[by], '', 'estimate');
  return reckon(
    'To cover',
    'cm²',
    'skin ÷ 100 × share of it',
    [
      given('Skin', measureOf(piece).area, 'mm²', 'derived'),
      given('Share', side === 'all' ? 1 : SIDE, '', 'estimate'),
    ],
    (a, k) => (a / 100) * k,
  );
}

/** Chocolate gives a film nothing but its own colour: it dries further. Estimate. */
const ON_CHOCOLATE = 0.9;
/** Faces are no smaller and no larger than this for the air that goes over them, mm. Estimates. */
const ACROSS = [4, 200] as const;

/** Air over the face of a piece, and what a film on it comes to rest at. */
export function airOver(build: Build, piece: Piece): FilmRoom {
  const { room } = build;
  const firming = firmingOf(blendOf(build, piece));
  const { width, height } = measureOf(piece);
  return {
    temperature: room.temperature,
    humidity: room.humidity / 100,
    speed: room.air,
    across: Math.min(ACROSS[1], Math.max(ACROSS[0], Math.min(width, height))),
    rests: firming.by === 'drying' ? firming.constants.balance : ON_CHOCOLATE,
  };
}

/** What a kind of work leaves wet on a face where no finish is named, with water as it is mostly used; g/m², estimates. */
const LEAVES: Partial<Record<WorkKind, WetFilm>> = {
  paint: { laid: 35, spirit: 0 },
  line: { laid: 12, spirit: 0 },
  sponge: { laid: 20, spirit: 0 },
  spray: { laid: 10, spirit: 0 },
};
/** States of a film in the order of its minutes. */
const SET_IN_ORDER = ['next', 'touch', 'lift'] as const;
const same = (minutes: number): Band => ({ fast: minutes, likely: minutes, slow: minutes });

/** When what a step leaves on a piece takes the next coat, may be touched, or lifted and packed; undefined where nothing is wet. */
export function wetAfter(
  build: Build,
  piece: Piece,
  { finish, work }: Pick<OwnStep, 'finish' | 'work'>,
  state: FilmState,
): Band | undefined {
  const { sets, film } = finish
    ? finishNamed(finish.technique)
    : { sets: undefined, film: LEAVES[work ?? 'press'] };
  if (sets) return same(sets[SET_IN_ORDER.indexOf(state)]!);
  return film && filmBandOf(film, state, airOver(build, piece));
}

/** Minutes of the table at this person's pace, and at their own time for finishing where that is known. */
function atPace({ practice, workshop }: Build, minutes: Reckoned<'min'>): Reckoned<'min'> {
  const pace = practice.pace * (workshop.paces?.finish ?? 1);
  if (pace === 1) return minutes;
  return reckon(
    'Hands-on',
    'min',
    'minutes of the table × your pace',
    [minutes, given('Your pace', pace, '×', 'yours')],
    (table, yours) => table * yours,
  );
}

/** What a wanted finish takes, in the room of the build and at the pace of this person. */
export function finishHere(
  build: Build,
  { piece, technique, amount, coats }: Omit<WantedFinish, 'side'>,
): Finished | undefined {
  const on = pieceOf(build, piece);
  if (!on) return undefined;
  const found = finishOf(technique, amount, Math.max(1, Math.round(coats)), airOver(build, on));
  return { ...found, minutes: atPace(build, found.minutes) };
}

/** The tool there is only one of. */
const airbrushed = ({ tool }: FinishTechnique): Pick<OwnStep, 'tool'> =>
  tool === 'the airbrush' ? { tool: 'airbrush' } : {};

/** To a tenth: what is asked for is not known better. */
const tenth = (amount: number): number => Math.max(0.1, Math.round(amount * 10) / 10);

/**
 * Put a finish into the plan as a step of one's own. Its place among the others, what it waits for and what waits for it follow
 * from what it is.
 */
export function planFinish(build: Build, wanted: WantedFinish): Change {
  const { technique, coats, amount, side, colour } = wanted;
  const piece = pieceOf(build, wanted.piece);
  const finished = finishHere(build, wanted);
  if (!piece || !finished) return fail('That piece is not there any more.');
  if (!(amount > 0)) return fail('Say how much of it there is to do.', 'amount');
  if (coats > MOST_COATS)
    return fail(`More than ${MOST_COATS} coats clog: thin them, or mix it stronger.`, 'coats');
  return addOwnStep(build, {
    title: `${capital(technique.name)}: ${piece.name.toLowerCase()}`,
    minutes: Math.max(1, Math.round(finished.minutes.value)),
    piece: piece.id,
    work: WORK[technique.tool] ?? 'paint',
    side,
    ...airbrushed(technique),
    finish: {
      technique: technique.id,
      amount: tenth(amount),
      coats: Math.max(1, Math.round(coats)),
      ...(colour === undefined ? {} : { colour }),
    },
  });
}

/** Darker than its paste where no colour is said, in L*. Estimate. */
const DEEPER = 18;
/** What is not known to have a colour. */
const GREY = '#808080';

/** The colour a finish has unless another is said; undefined where it has none of its own. */
export function usualColour(
  build: PartsOf<'colours'>,
  piece: Piece,
  { shows }: FinishTechnique,
): string | undefined {
  if (!shows) return undefined;
  const paste = build.colours.find((c) => c.id === piece.colour)?.hex ?? GREY;
  return shows.colour ?? deeper(paste, DEEPER);
}

/** A planned finish of a piece with what it takes in the room of the build. */
export interface FinishLine extends PlannedFinish {
  readonly piece: Piece;
  readonly colour: string | undefined;
  readonly found: Finished;
}

/** Every planned finish, piece by piece and in the order in which it is done there. */
export const finishLines = (build: Build): FinishLine[] =>
  build.pieces.flatMap((piece) =>
    finishesOn(build, piece.id).flatMap((planned) => {
      const { technique, step } = planned;
      const { amount, coats, colour } = step.finish;
      const found = finishHere(build, { piece: piece.id, technique, amount, coats });
      return found
        ? [{ ...planned, piece, found, colour: colour ?? usualColour(build, piece, technique) }]
        : [];
    }),
  );
