import { LOAD_CASES, type BonesReport, type SeatFacts } from './bones/index.ts';
import { overCore, resize, USUAL_COAT } from './edits/index.ts';
import { measureOf, weighIn } from './figure/index.ts';
import type { Band, PieceFirming } from './firming/index.ts';
import { formatDuration, formatLength, formatMass, type Reckoned } from './quantity/index.ts';
import { carriedBy, pieceOf, type Build, type Piece } from './record/index.ts';
import { shapeOf } from './solids/index.ts';

/** Mends of a slender piece that is too soft for what rests on it: each tried, and reckoned again before it is offered. */

/** A change that was tried and helps. */
export interface StandsMend {
  readonly text: string;
  readonly build: Build;
}

/** Reckons a build that is tried: as much of it as is read here. */
type Again = (build: Build) => {
  readonly bones: BonesReport;
  readonly stands: {
    readonly hovers: readonly unknown[];
    readonly soft: readonly { readonly piece: string }[];
    readonly carries: readonly {
      readonly piece: string;
      readonly load: Reckoned;
      readonly onPaste: Reckoned;
    }[];
  };
  readonly firming: ReadonlyMap<string, PieceFirming>;
};

/** When a piece bears what rests on it, in words. */
export const whenBears = ({ likely, slow }: Band): string =>
  Number.isFinite(slow)
    ? `after ${formatDuration(likely)}`
    : Number.isFinite(likely)
      ? `after ${formatDuration(likely)} at best`
      : 'never in this room';

/** A stick takes nearly all: what is left asks nothing of soft paste, share. Estimate. */
const NEARLY = 0.8;
/** Legs are tried so many times as thick; no thicker, or it is another figure. Estimates. */
const THICKER = [1.15, 1.3, 1.5] as const;
/** What helps halves the wait at least, or lets it go on in the same sitting, minutes. Estimates. */
const HALVES = 0.5;
const SAME_SITTING = 20;

/** A stick in it, in each of a pair: what it takes of the load at once. */
function withStick(piece: Piece, tried: Build | undefined, again: Again): StandsMend[] {
  if (!tried) return [];
  const { bones, stands } = again(tried);
  const own = bones.rods.at(-1)!;
  const carries = stands.carries.find((c) => c.piece === piece.id);
  const fails = own.checks.some((c) => c.situation === LOAD_CASES.table.name && c.verdict === 'fails');
  if (fails || !carries || stands.soft.some((s) => s.piece === piece.id)) return [];
  const takes = carries.load.value - carries.onPaste.value;
  if (takes < NEARLY * carries.load.value) return [];
  const words = piece.pair ? 'A stick in each' : 'A stick in it';
  return [
    {
      text: `${words}: takes ${formatMass(takes)} of ${formatMass(carries.load.value)} at once`,
      build: tried,
    },
  ];
}

/** Sizes of a piece that make it wider and no taller. */
function acrossKeys(build: Build, piece: Piece): string[] {
  const now = measureOf(piece);
  return shapeOf(piece.form.kind)
    .sizes.filter((s) => s.role === 'length' || s.role === 'thickness')
    .flatMap(({ key }) => {
      const size = piece.form.sizes[key];
      const more = size === undefined ? undefined : resize(build, piece.id, { [key]: size * THICKER[0] });
      if (!more?.ok) return [];
      const then = measureOf(pieceOf(more.value, piece.id)!);
      const wider = then.width > now.width || then.depth > now.depth;
      return wider && Math.abs(then.height - now.height) < 1e-6 ? [key] : [];
    });
}

/** The piece thicker at its own height, the least that helps. */
function thicker(build: Build, piece: Piece, helps: Helps): StandsMend[] {
  const keys = acrossKeys(build, piece);
  if (keys.length === 0) return [];
  for (const k of THICKER) {
    const sizes = Object.fromEntries(keys.map((key) => [key, piece.form.sizes[key]! * k]));
    const made = resize(build, piece.id, sizes);
    if (!made.ok) return [];
    const { width, depth } = measureOf(pieceOf(made.value, piece.id)!);
    const found = helps(
      `Make ${piece.pair ? 'them' : 'it'} ${formatLength(Math.min(width, depth))} thick`,
      made.value,
    );
    if (found.length > 0) return found;
  }
  return [];
}

/** The heaviest of what rests on it, or on that, over a foam core. */
function lighter({ build, piece, facts }: SoftCarrier, helps: Helps): StandsMend[] {
  const on = build.pieces.filter((p) => facts.get(p.id)?.restsOn.some((r) => r.on === piece.id));
  const [heaviest] = [...new Set(on.flatMap((p) => carriedBy(build, p.id)))]
    .filter((p) => p.id !== piece.id && shapeOf(p.form.kind).coats && !p.form.coat)
    .sort((p, q) => weighIn(build, q).whole.value - weighIn(build, p).whole.value);
  const made = heaviest && overCore(build, heaviest, 'foam', USUAL_COAT.foam);
  return made ? helps(`Build the ${heaviest.name.toLowerCase()} over foam`, made) : [];
}

/** A change, where it helps; told with when the piece bears its load then. */
type Helps = (text: string, tried: Build) => StandsMend[];

/** A piece that does not bear its load from the first. */
export interface SoftCarrier {
  readonly build: Build;
  readonly piece: Piece;
  readonly facts: ReadonlyMap<string, SeatFacts>;
  readonly firm: PieceFirming;
  readonly again: Again;
  /** The build with a stick up through it, where there can be one. */
  readonly stick: Build | undefined;
}

/** What helps it: a stick, a thicker piece, a lighter load. */
export function softMends(soft: SoftCarrier): StandsMend[] {
  const { build, piece, firm, again, stick } = soft;
  const now = firm.bands.bear!.likely;
  const hovering = again(build).stands.hovers.length;
  const helps: Helps = (text, tried) => {
    const { stands, firming } = again(tried);
    const bear = firming.get(piece.id)?.bands.bear;
    const enough = Math.max(SAME_SITTING, HALVES * now);
    if (!bear || stands.hovers.length > hovering || !(bear.likely <= enough && bear.likely < now)) return [];
    const words = piece.pair ? 'they carry it' : 'it carries it';
    return [{ text: `${text}: ${words} ${whenBears(bear)}`, build: tried }];
  };
  return [...withStick(piece, stick, again), ...thicker(build, piece, helps), ...lighter(soft, helps)];
}
