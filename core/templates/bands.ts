import { framesOf, girthAt } from '../figure/index.ts';
import { formatLength, given, reckon, type Mm, type Reckoned, lower } from '../quantity/index.ts';
import { BOARD, fromBuild, pieceOf, type Build, type Piece } from '../record/index.ts';
import { formBody, toWorld } from '../solids/index.ts';

/** A strip that goes round something. */
export interface GirthBand {
  readonly piece: string;
  readonly name: string;
  readonly round: string;
  /** The way round for it: the skin where it lies, and its own thickness. */
  readonly way: Reckoned;
  /** Too long, or too short where it is less than nothing; mm. */
  readonly over: Reckoned;
  /** It is meant to meet itself. */
  readonly meets: boolean;
  /** As it has to be cut to meet, each of its halves where it has two. */
  readonly cut: Reckoned;
  readonly halves: boolean;
  /** Ends lie over each other by this, mm. */
  readonly lap: Mm;
  /** The band whose line it carries on. */
  readonly continues: string | undefined;
  /** How it lies, in words. */
  readonly says: readonly { readonly text: string; readonly wrong: boolean }[];
}

/** A strip this far off the way round, as a share of it, is not meant to meet. Estimate. */
const MEETS = 0.2;
/** Cut ends that are seen lie over each other by this; common practice, mm. */
const LAP = 3;
/** Bands whose edges are no further apart carry each other on; estimate, mm. */
const IN_LINE = 1;

type Of = Pick<Build, 'pieces'>;

/** Height of the lower edge of a band over the board, on the axis of what it lies round. */
function heightOf(build: Of, piece: Piece): Mm | undefined {
  const frames = framesOf(build, piece.id);
  return frames && toWorld(frames.carrier, [0, 0, piece.seat.at[2]])[2];
}

/** Does a band carry on the line of another? */
function lineSays(build: Of, piece: Piece, other: Piece): string[] {
  const [own, its] = [heightOf(build, piece), heightOf(build, other)];
  const [wide, broad] = [piece.form.sizes.width ?? 0, other.form.sizes.width ?? 0];
  const says: string[] = [];
  if (Math.abs(wide - broad) > 0.05)
    says.push(`It is ${formatLength(wide)} wide, the ${lower(other.name)} ${formatLength(broad)}.`);
  if (own !== undefined && its !== undefined && Math.abs(own - its) > IN_LINE)
    says.push(
      `It lies about ${formatLength(Math.abs(own - its))} ${own > its ? 'above' : 'below'} the ${lower(other.name)}: ${own > its ? 'lower' : 'lift'} it by that.`,
    );
  return says;
}

/** What is said of how a band meets itself; nothing of one that only lies part of the way. */
function meetSays(over: Mm, way: Mm, long: Mm, cut: Mm, around: string): { says: string; holds: boolean } {
  if (Math.abs(over) > MEETS * way)
    return {
      says: `It lies ${formatLength(long)} of the ${formatLength(way)} round the ${around}.`,
      holds: true,
    };
  if (over < 0)
    return {
      says: `It is ${formatLength(-over)} short of meeting round the ${around}: cut it ${formatLength(cut)} for ends that lie over each other.`,
      holds: false,
    };
  return { says: `It meets round the ${around} with ${formatLength(over)} over.`, holds: true };
}

function bandOf(build: Of, piece: Piece): GirthBand | undefined {
  const carrier = pieceOf(build, piece.seat.on);
  if (piece.seat.how !== 'wraps' || piece.seat.on === BOARD || !carrier) return undefined;
  const { length, thickness = 0 } = piece.form.sizes as { length?: Mm; thickness?: Mm };
  const skin = girthAt(formBody(carrier.form), piece.seat.at[2]);
  if (skin === undefined || length === undefined) return undefined;
  const way = reckon(
    'The way round for it',
    'mm',
    'round the skin where it lies + π × its thickness',
    [given('Round the skin where it lies', skin, 'mm', 'derived'), given('Thickness', thickness, 'mm')],
    (g, t) => g + Math.PI * t,
  );
  const halves = piece.halves === true;
  const lap = given('Ends lie over each other by', LAP, 'mm', 'common practice');
  const cut = reckon(
    halves ? 'Cut each half' : 'Cut it',
    'mm',
    'the way round ÷ how many + ends that lie over each other',
    [way, given('How many', halves ? 2 : 1, 'pieces'), lap],
    (g, n, l) => g / n + l,
  );
  const long = given('Cut so long', length, 'mm');
  const over = reckon('Over', 'mm', 'length − the way round', [long, way], (l, g) => l - g);
  const meets = Math.abs(over.value) <= MEETS * way.value;
  const whole = halves ? 2 * cut.value - LAP : cut.value;
  const met = meetSays(over.value, way.value, length, whole, lower(carrier.name));
  const other = piece.continues === undefined ? undefined : pieceOf(build, piece.continues);
  const line = other ? lineSays(build, piece, other) : [];
  return {
    piece: piece.id,
    name: piece.name,
    round: carrier.name,
    way,
    over,
    meets,
    cut,
    halves,
    lap: LAP,
    continues: other?.id,
    says: [{ text: met.says, wrong: !met.holds }, ...line.map((text) => ({ text, wrong: true }))],
  };
}

/** Every strip of a build that goes round something, in building order. */
export const bandsOf = fromBuild(['pieces'], (build): readonly GirthBand[] =>
  build.pieces.flatMap((p) => bandOf(build, p) ?? []),
);
