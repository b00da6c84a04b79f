import { loadBand, loadSum, type BonesReport, type SeatFacts } from './bones/index.ts';
import { clearanceOf } from './contacts/index.ts';
import { drivenInto, groundOf } from './ground/index.ts';
import { setSeat } from './edits/index.ts';
import type { PieceFirming } from './firming/index.ts';
import { measureOf, place, type Instance } from './figure/index.ts';
import { formatLength, formatMass, given, once, reckon, solved, type Reckoned } from './quantity/index.ts';
import { BOARD, type Build, type Piece } from './record/index.ts';
import { add, sub, toLocal, unit, type Vec } from './solids/index.ts';
import { stickThrough } from './stick-through.ts';
import { softMends, whenBears, type SoftCarrier, type StandsMend } from './soft-mends.ts';

export type { StandsMend };

/** One piece that carries others, and what it is asked. */
export interface Carries {
  readonly piece: string;
  readonly name: string;
  /** All that rests on it, and what of that presses on its paste. */
  readonly load: Reckoned;
  readonly onPaste: Reckoned;
  /** Least and most of it, where how soft each is decides; undefined where statics alone do. Worked out when first read. */
  readonly between: readonly [least: Reckoned, most: Reckoned] | undefined;
  /** When it carries that for as long as the work takes, and when it may be left standing under it. */
  readonly bears: Reckoned | undefined;
  readonly stands: Reckoned | undefined;
}

/** Something that does not stand as it is drawn. */
export interface Unheld {
  readonly piece: string;
  readonly text: string;
  /** How far off the nearest thing under it is. */
  readonly gap?: Reckoned;
  /** Tried when first read. */
  readonly mends: readonly StandsMend[];
}

/** Who carries whom, and what is not carried. */
export interface StandsReport {
  readonly hovers: readonly Unheld[];
  /** What only lies against others: whether it stays cannot be told. */
  readonly untold: readonly Unheld[];
  /** Slender carriers that do not bear what rests on them from the first. */
  readonly soft: readonly Unheld[];
  readonly carries: readonly Carries[];
  /** A stick up through a piece into what rests on it, in each of a pair; undefined where nothing does, or it is too slim. */
  readonly stick: (piece: string) => { readonly build: Build; readonly id: string } | undefined;
}

/** Reckons a build that is tried. */
type Again = (build: Build) => {
  readonly bones: BonesReport;
  readonly stands: StandsReport;
  readonly firming: ReadonlyMap<string, PieceFirming>;
};

const lower = (p: Piece): string => p.name.toLowerCase();
/** One of a pair is asked for both. */
const are = (p: Piece, one: string, two: string): string => (p.pair ? two : one);

/** Lowered so much more than the gap, it beds in, mm; tried so often. Estimate. */
const BEDS = 0.6;
/** A step of the method; estimate. */
const LOOKS = 6;

/** The piece lowered until it touches what is under it, where a straight drop does that. */
function lowered(build: Build, i: Instance, index: number, again: Again): StandsMend[] {
  const under = i.carrier < 0 ? undefined : place(build)[i.carrier]!.frame;
  let drop = 0;
  let now = build;
  for (let look = 0; look < LOOKS; look++) {
    const clear = clearanceOf(now, index);
    if (!clear) return [];
    drop += clear.gap + BEDS;
    const at = i.piece.seat.at;
    const step: Vec = under ? sub(toLocal(under, [0, 0, -drop]), toLocal(under, [0, 0, 0])) : [0, 0, -drop];
    const moved = setSeat(build, i.piece.id, { at: add(at, step) });
    if (!moved.ok) return [];
    now = moved.value;
    if (!again(now).stands.hovers.some((h) => h.piece === i.piece.id))
      return [{ text: `Lower it ${formatLength(drop)}`, build: now }];
  }
  return [];
}

function hoverOf(build: Build, i: Instance, index: number, again: Again): Unheld {
  const clear = clearanceOf(build, index);
  const over = clear && (clear.over < 0 ? 'the board' : `the ${lower(place(build)[clear.over]!.piece)}`);
  const { piece } = i;
  let mends: readonly StandsMend[] | undefined;
  return {
    piece: piece.id,
    text: clear
      ? `${piece.name} ${are(piece, 'hovers', 'hover')} ${formatLength(clear.gap)} over ${over}: nothing carries ${are(piece, 'it', 'them')}.`
      : `${piece.name} ${are(piece, 'hangs', 'hang')} in the air: nothing carries ${are(piece, 'it', 'them')}.`,
    ...(clear
      ? {
          gap: solved(
            `Gap under the ${lower(piece)}`,
            clear.gap,
            'mm',
            'nearest places of the two skins, each found by its depth in the other',
            [given(`Foot of the ${lower(piece)}, over the board`, i.frame.origin[2], 'mm')],
            'derived',
          ),
        }
      : {}),
    get mends() {
      return (mends ??= lowered(build, i, index, again));
    },
  };
}

/** It reaches up through two thirds of what rests on it; common practice. */
const UP = 2 / 3;
/** Down into another piece that carries it, mm. Estimate. */
const DOWN = 40;

/** A stick along the middle of a carrier, from what it stands on up into what rests on it; in each of a pair. */
function sticked(
  build: Build,
  i: Instance,
  facts: ReadonlyMap<string, SeatFacts>,
): { readonly build: Build; readonly id: string } | undefined {
  const above = place(build).find((u) => facts.get(u.piece.id)?.restsOn.some((r) => r.on === i.piece.id));
  if (!above) return undefined;
  const { thin, height } = slimness(i.piece);
  const on = facts.get(i.piece.id)!.restsOn[0]?.on ?? BOARD;
  const leans = Math.max(0.2, unit(i.frame.z)[2]);
  return stickThrough(build, i, {
    name: `${i.piece.name}, stick`,
    thin,
    on,
    down: on === BOARD ? drivenInto(groundOf(build)) / leans : DOWN,
    into: above,
    up: height + UP * measureOf(above.piece).height,
    least: height,
  });
}

const slimness = (p: Piece) => {
  const { width, depth, height } = measureOf(p);
  return { thin: Math.min(width, depth), height };
};
/** Taller than so many times its thickness a piece folds before it is squashed. Estimate. */
const SLENDER = 1.8;
function softOf(fact: SeatFacts, soft: Omit<SoftCarrier, 'stick'>, stick: () => Build | undefined): Unheld {
  const { piece, firm } = soft;
  const mends = once(() => softMends({ ...soft, stick: stick() }));
  return {
    piece: piece.id,
    text: `${formatMass(fact.load)} ${are(piece, 'rests', 'rest')} on ${are(piece, `the ${lower(piece)}`, `each of the ${lower(piece)}`)}, which ${are(piece, 'carries', 'carry')} that ${whenBears(firm.bands.bear!)}.`,
    get mends() {
      return mends();
    },
  };
}

/** The load as a sum of what stands on it; where rods bring more down into its paste, that. */
function loadOn(build: Build, index: number, fact: SeatFacts): Reckoned {
  const sum = loadSum(build, index);
  if (fact.load <= sum.value + LEAST_TOLD / 2) return sum;
  return reckon(
    sum.name,
    'g',
    'the greater of what stands on it, and what presses on its paste with its rods',
    [sum, given('Presses on its paste, rods with it', fact.load, 'g')],
    Math.max,
  );
}

/** A spread of loads worth telling, as a share. Estimate. */
const TELLS = 0.06;
function bandOn(build: Build, index: number): Carries['between'] {
  const [least, most] = loadBand(build, index);
  if (most - least <= TELLS * most) return undefined;
  const name = place(build)[index]!.piece.name.toLowerCase();
  const found = (words: string, g: number) =>
    solved(
      `${words} rests on the ${name}`,
      g,
      'g',
      'balance of bodies on patches that only push, its paste half as stiff as the others’ and twice',
      [given('Stiffness, least', 0.5, '×'), given('Stiffness, most', 2, '×')],
      'estimate',
    );
  return [found('Least that', least), found('Most that', most)];
}

/** Shortest wait that is worth a word, min. Estimate. */
const WORTH = 5;

/** Lighter than this is no load worth a line, g. Estimate. */
const LEAST_TOLD = 1;

/** What rests on what, what hovers, and which legs are too soft as they leave the hands. */
export function standsOf(
  build: Build,
  facts: ReadonlyMap<string, SeatFacts>,
  firming: ReadonlyMap<string, PieceFirming>,
  again: Again,
): StandsReport {
  const instances = place(build);
  const firsts = build.pieces.flatMap((p) => {
    const index = instances.findIndex((i) => i.piece.id === p.id);
    const fact = facts.get(p.id);
    return index >= 0 && fact ? [{ i: instances[index]!, index, fact }] : [];
  });
  const upright = (i: Instance) =>
    Math.abs(i.frame.z[2]) > 0.85 && slimness(i.piece).height > SLENDER * slimness(i.piece).thin;
  return {
    stick: (id) => {
      const found = firsts.find((f) => f.i.piece.id === id);
      return found && sticked(build, found.i, facts);
    },
    hovers: firsts.filter((f) => f.fact.hovers).map((f) => hoverOf(build, f.i, f.index, again)),
    untold: firsts
      .filter((f) => f.fact.untold)
      .map(({ i: { piece } }) => ({
        piece: piece.id,
        text: `Whether the ${lower(piece)} ${are(piece, 'stays', 'stay')} cannot be told: ${are(piece, 'it only lies', 'they only lie')} against what ${are(piece, 'it touches', 'they touch')}. Press ${are(piece, 'it', 'them')} in, or give ${are(piece, 'it', 'them')} a stick.`,
        mends: [],
      })),
    soft: firsts.flatMap(({ i, fact }) => {
      const firm = firming.get(i.piece.id);
      const waits = (firm?.bands.bear?.likely ?? 0) > WORTH;
      return waits && upright(i) && !fact.stiffened
        ? [
            softOf(
              fact,
              { build, piece: i.piece, facts, firm: firm!, again },
              () => sticked(build, i, facts)?.build,
            ),
          ]
        : [];
    }),
    carries: firsts
      .filter((f) => f.fact.load > LEAST_TOLD)
      .map(({ i, index, fact }): Carries => {
        const { piece } = i;
        const load = loadOn(build, index, fact);
        const between = once(() => bandOn(build, index));
        const firm = firming.get(piece.id);
        return {
          piece: piece.id,
          name: piece.name,
          load,
          onPaste: reckon(
            'Presses on its paste',
            'g',
            'rests on it × (1 − taken by rods)',
            [load, given('Taken by rods', 100 * fact.loadOnRods, '%')],
            (g, r) => g * (1 - r / 100),
          ),
          get between() {
            return between();
          },
          bears: firm?.figure('bear'),
          stands: firm?.figure('stand'),
        };
      })
      .sort((a, b) => b.load.value - a.load.value),
  };
}
