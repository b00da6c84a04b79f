import { blendDensity, makeCount, startMass, techniqueOf, type Blend } from '../pastes/index.ts';
import { given, reckon, remembered, type Reckoned } from '../quantity/index.ts';
import { shapeOf } from '../solids/index.ts';
import { multiplicity, REMADE, type Mast, type PartsOf, type Piece } from '../record/index.ts';
import { coverOver, type Cover } from '../covers/index.ts';
import { sleeveWeighs, type Fitting } from '../ground/index.ts';
import { blendOf, weighIn, type Weight } from '../figure/index.ts';

/** What one piece, or the cover of one tier, takes from a batch. */
export interface PasteLine {
  /** Id of the piece; of the tier where `cover` is set. */
  readonly piece: string;
  readonly name: string;
  readonly number: number;
  /** Made in all: more than the number where some are expected to break. */
  readonly make: number;
  readonly cover?: Cover;
  /** It is round a threaded rod; its id is that of the sleeve. */
  readonly sleeve?: true;
  /** Paste that ends in these pieces. */
  readonly net: Reckoned;
  /** Paste in those made in reserve. */
  readonly breakage: Reckoned;
  /** Cut away from them: offcut that can be kneaded back. */
  readonly offcut: Reckoned;
  /** Rim and trimmings of the last rolling. */
  readonly rolling: Reckoned;
  /** Paste that has to be on the bench for them: the four together. */
  readonly start: Reckoned;
  /** One sheet that is rolled in one go, g, and what of it is not there any more for the next one. */
  readonly sheet?: { readonly rolled: Reckoned; readonly gone: Reckoned };
}

/** What is made so often: one of it as it stays and before trimming, and how it is rolled. */
interface Made {
  readonly at: Pick<PasteLine, 'piece' | 'name' | 'cover' | 'sleeve'>;
  readonly number: number;
  /** Chance that one of them breaks, per cent. */
  readonly breaks: number;
  /** So many had to be made again. */
  readonly again?: number;
  readonly net: Reckoned;
  readonly gross: Reckoned;
  /** Share of what is rolled that stays, and share of the trimmings that is kneaded back. */
  readonly used: Reckoned;
  readonly back: Reckoned;
  /** It is cut from one sheet that has to be rolled in one go. */
  readonly rolled?: Reckoned;
}

const ENOUGH = 'enough that 19 times in 20 as many as needed stay whole';

/** Paste that has to be on the bench for all that is made. */
function lineOf({
  at,
  number: n,
  breaks,
  again = 0,
  net: net1,
  gross: gross1,
  used,
  back,
  rolled,
}: Made): PasteLine {
  const { name } = at;
  const number = given('How many', n, 'pieces');
  const chance = given('Breaks', breaks, '%', 'yours');
  const make =
    again === 0
      ? reckon('Made in all', 'pieces', ENOUGH, [number, chance], (k, p) => makeCount(k, p / 100))
      : reckon(
          'Made in all',
          'pieces',
          `${ENOUGH}, and no fewer than with those made again`,
          [number, chance, given('Made again', again, 'pieces', 'yours')],
          (k, p, more) => Math.max(makeCount(k, p / 100), k + more),
        );
  const net = reckon(`${name}, in the piece`, 'g', 'one × how many', [net1, number], (g, k) => g * k);
  const breakage = reckon(
    `${name}, in case some break`,
    'g',
    'one × (made − how many)',
    [net1, make, number],
    (g, m, k) => g * (m - k),
  );
  const shaped = reckon(
    `${name}, shaped`,
    'g',
    'one before trimming × made',
    [gross1, make],
    (g, k) => g * k,
  );
  const offcut = reckon(
    `${name}, cut away`,
    'g',
    'shaped − in the pieces',
    [shaped, net, breakage],
    (a, b, c) => a - b - c,
  );
  const start = reckon(
    `${name}, on the bench`,
    'g',
    'shaped × (1 − (1 − u) q) ÷ u, trimmings kneaded back',
    [shaped, used, back],
    startMass,
    'common practice',
  );
  const rolling = reckon(
    `${name}, rim and trimmings`,
    'g',
    'on the bench − shaped',
    [start, shaped],
    (a, b) => a - b,
  );
  const gone =
    rolled &&
    reckon(`${name}, used up by one`, 'g', 'on the bench ÷ made', [start, make], (g, k) =>
      k > 0 ? g / k : 0,
    );
  return {
    ...at,
    number: n,
    make: make.value,
    net,
    breakage,
    offcut,
    rolling,
    start,
    ...(rolled && gone ? { sheet: { rolled, gone } } : {}),
  };
}

const usedShare = (share: number, by: string) =>
  given(`Used of each rolling, u: ${by}`, share, '', 'common practice');
const backShare = (saves: boolean, share: number) =>
  given('Kneaded back, q', saves ? share : 0, '', saves ? 'common practice' : 'yours');

/** The line of a piece; remembered as long as its weight and its number do not change. */
export const pieceLine = (
  build: PartsOf<'pieces' | 'blends' | 'cake' | 'practice' | 'bench'>,
  piece: Piece,
): PasteLine =>
  lineOfPiece(
    piece,
    weighIn(build, piece),
    blendOf(build, piece),
    howMany(piece, multiplicity(build, piece), madeAgain(build, piece)),
    build.practice.saves,
  );

/** The same pair for the same numbers, so that a line is not reckoned again. */
const howMany = remembered((_: Piece, n: number, again: number): readonly [number, number] => [n, again]);

/** How many of a piece were made again: one of a pair is made again with the other, or they would not match. Common practice. */
const madeAgain = ({ bench: { trouble = [] } }: PartsOf<'bench'>, piece: Piece): number =>
  trouble.filter((t) => t.mend === REMADE && t.piece === piece.id).length * (piece.pair ? 2 : 1);

/** Nothing is rolled that is less than what stays of it. */
const shareOf = (kept: number, rolled: number): number => (rolled > kept ? kept / rolled : 1);

const lineOfPiece = remembered(
  (
    piece: Piece,
    weight: Weight,
    blend: Blend,
    [n, again]: readonly [number, number],
    saves: boolean,
  ): PasteLine => {
    const technique = techniqueOf(shapeOf(piece.form.kind).technique);
    const back = backShare(saves, technique.kneadedBack);
    const at = {
      at: { piece: piece.id, name: piece.name },
      number: n,
      breaks: piece.breaks,
      again,
      net: weight.paste,
      gross: weight.gross,
    };
    const { sheet, panels } = coverOver(piece, blend) ?? {};
    const how = panels ? techniqueOf('fromStrips') : technique;
    if (!sheet) return lineOf({ ...at, used: usedShare(how.used, how.name), back });
    return lineOf({
      ...at,
      used: reckon(
        'Used of each rolling, u',
        '',
        'in the piece ÷ rolled out',
        [weight.gross, sheet.rolled],
        shareOf,
      ),
      // what is folded below stays on it and does not come back
      back: reckon(
        'Kneaded back, q',
        '',
        'comes off × kneaded back ÷ (rolled out − in the piece)',
        [sheet.off, back, sheet.rolled, weight.gross],
        (off, q, whole, kept) => (whole > kept ? Math.min(1, (off * q) / (whole - kept)) : 0),
      ),
      rolled: sheet.rolled,
    });
  },
);

/** The cover of a tier or of the board: what stays on it, and the sheet it is cut from. */
export function coverLine(build: PartsOf<'practice'>, cover: Cover, blend: Blend): PasteLine {
  const grams = reckon(
    `${cover.of.name}, covered`,
    'g',
    'area × thickness × density',
    [cover.area, given('Thickness', cover.of.cover.thickness, 'mm'), blendDensity(blend)],
    (a, t, rho) => ((a * t) / 10) * rho,
  );
  const used = reckon('Used of each rolling, u', '', 'share that stays on it', [cover.used], (p) => p / 100);
  const rolled = reckon(
    `${cover.of.name}, rolled out`,
    'g',
    'covered ÷ share that stays on it',
    [grams, used],
    (g, u) => g / u,
  );
  return lineOf({
    at: { piece: cover.of.id, name: `Cover of the ${cover.of.name.toLowerCase()}`, cover },
    number: 1,
    breaks: 0,
    net: grams,
    gross: grams,
    used,
    back: backShare(build.practice.saves, 0.8),
    rolled,
  });
}

/** A sleeve rolled round a rod is rolled as a strip: so much of it stays on. Common practice. */
const STRIP_STAYS = 0.8;

/** Paste round a threaded rod, rolled out as a strip and closed on the hidden side. */
export function sleeveLine(
  build: PartsOf<'practice'>,
  { thread }: Mast,
  fitting: Fitting,
  blend: Blend,
): PasteLine {
  const grams = sleeveWeighs(fitting, thread, blend);
  return lineOf({
    at: { piece: fitting.id, name: fitting.name, sleeve: true },
    number: 1,
    breaks: 0,
    net: grams,
    gross: grams,
    used: usedShare(STRIP_STAYS, 'strip'),
    back: backShare(build.practice.saves, STRIP_STAYS),
  });
}
