import { apartBy, hexOfSpectrum, kneaded, labOf, spectrumOf } from './colour/index.ts';
import { overCore, scaleSeveral, setCoat, setPiece } from './edits/index.ts';
import { measureOf, place } from './figure/index.ts';
import { finishNamed, planFinish, usualAmount } from './finish/index.ts';
import { baseHex, pasteList, type Batch, type PasteLine } from './paste-list/index.ts';
import {
  fail,
  given,
  ok,
  reckon,
  roundTo,
  type Day,
  type Grams,
  type Mm,
  type Reckoned,
} from './quantity/index.ts';
import { reachOf } from './reach/index.ts';
import { pieceOf, type Build, type Change, type Piece } from './record/index.ts';
import { shapeOf, toLocal } from './solids/index.ts';
import { offcutsFor, reserved, type OffcutUse, type StockItem } from './stores/index.ts';

/** One thing that can be done when a colour runs short, with what it costs. */
export interface ShortOption {
  readonly id: string;
  /** At most one of a group. */
  readonly group: string;
  readonly does: string;
  readonly mind?: string;
  readonly frees: Grams;
  readonly minutes: number;
  readonly wait?: number;
  /** How much of it is seen in the end, and how likely it goes wrong, 0–1. */
  readonly seen: number;
  readonly risk: number;
  /** What it changes of the build; nothing where it is done at the bench alone. */
  readonly change?: (build: Build) => Change;
}

/** Minutes that a minute of waiting, something seen, and a thing that may go wrong are worth. Estimates. */
const [WAIT, SEEN, RISK] = [0.3, 25, 60];
/** Skin over a core is no thinner, mm: it tears. Common practice. */
const SKIN = 3;
/** Smaller by a twentieth is hardly seen. Common practice. */
const SMALLER = 0.95;
/** Paint covers a paste that is no more than so much darker, L*. Estimate. */
const DARKER = 5;
/** A smaller core is not worth it, mm. Estimate. */
const LEAST_CORE = 12;
/** Under this it does nothing, g. A step of the method; estimate. */
export const LEAST = 0.3;
/** So far from its colour paste may be stretched with plain, CIEDE2000: seen only side by side. Common practice. */
const STRETCHED = 2.3;
/** Mixed again: least that can be judged, g, and its step. Common practice. */
const [AGAIN, STEP] = [20, 5];
/** What an option costs in minutes, with what is seen of it and what may go wrong. */
export const worthOf = (o: ShortOption): Reckoned =>
  reckon(
    'Worth',
    'min',
    'hands + 0.3 × wait + 25 × seen + 60 × risk',
    [
      given('Hands', o.minutes, 'min', 'estimate'),
      given('Wait', o.wait ?? 0, 'min', 'estimate'),
      given('Seen in the end', o.seen, '', 'estimate'),
      given('May go wrong', o.risk, '', 'estimate'),
    ],
    (hands, wait, seen, risk) => hands + WAIT * wait + SEEN * seen + RISK * risk,
  );

/** The coat of a piece over a core, mm; nothing where it has none. */
const coatOf = ({ form }: Piece): number | undefined =>
  form.coat?.thickness ?? (shapeOf(form.kind).core ? form.sizes.coat : undefined);

/** What the pieces still to be made can do without, each as a change of the model. */
export function modelOptions(
  build: Build,
  batch: Batch,
  pieces: readonly Piece[],
): Omit<ShortOption, 'frees'>[] {
  const others = pasteList(build).filter((b) => b.blend.id === batch.blend.id && b.id !== batch.id);
  const lab = labOf(batch.colour.hex);
  const off = (b: Batch) => {
    const at = labOf(b.colour.hex);
    return at && lab ? apartBy(at, lab) : 0;
  };
  // paint covers what is lighter, not what is darker
  const lighter = others.filter((b) => (labOf(b.colour.hex)?.L ?? 0) > (lab?.L ?? 0) - DARKER);
  const [near] = lighter.sort((a, b) => off(a) - off(b));
  const paint = finishNamed('paint');
  return pieces.flatMap((piece): Omit<ShortOption, 'frees'>[] => {
    const { id, form, name } = piece;
    const lower = name.toLowerCase();
    const number = piece.pair ? 2 : piece.count;
    const shape = shapeOf(form.kind);
    const coat = coatOf(piece);
    const out: Omit<ShortOption, 'frees'>[] = [];
    const { width, depth, height } = measureOf(piece);
    const room = Math.min(width, depth, height) - 2 * SKIN;
    if (coat === undefined && room >= LEAST_CORE && (shape.coats || shape.core))
      out.push({
        id: `core ${id}`,
        group: id,
        does: `build the ${lower} over foam with ${SKIN} mm of paste`,
        mind: 'The foam is not food: tell whoever serves it, and count it out.',
        minutes: 4 * number,
        seen: 0,
        risk: 0.05,
        change: (b) => {
          const cored = overCore(b, pieceOf(b, id)!, 'foam', SKIN);
          return cored ? ok(cored) : fail('There is no room for a core.');
        },
      });
    if (form.coat && form.coat.thickness > SKIN) {
      const thickness = Math.max(SKIN, form.coat.thickness - 1);
      out.push({
        id: `thin ${id}`,
        group: id,
        does: `make the coat of the ${lower} ${thickness} mm thick`,
        minutes: 0,
        seen: 0,
        risk: thickness <= SKIN ? 0.15 : 0.08,
        change: (b) => setCoat(b, id, { ...form.coat!, thickness }),
      });
    }
    out.push({
      id: `smaller ${id}`,
      group: id,
      does: `make the ${lower} a twentieth smaller`,
      minutes: 0,
      seen: 0.3,
      risk: 0.02,
      change: (b) => scaleSeveral(b, new Set([id]), SMALLER),
    });
    if (near) {
      const amount = usualAmount(piece, paint, 'all').value;
      out.push({
        id: `painted ${id}`,
        group: id,
        does: `make the ${lower} of ${near.colour.name} and paint it ${batch.colour.name}`,
        mind: `It takes as much more of ${near.colour.name}, and the paint has to be dry before it is touched.`,
        minutes: 14 + 2 * number,
        seen: 0.4,
        risk: 0.1,
        change: (b) => {
          const other = setPiece(b, id, { colour: near.colour.id });
          return other.ok
            ? planFinish(other.value, {
                piece: id,
                technique: paint,
                amount,
                coats: paint.coats,
                side: 'all',
                colour: batch.colour.hex,
              })
            : other;
        },
      });
    }
    return out;
  });
}

/** A rod is longer than so many times its width. Estimate. */
const ROD_LIKE = 2;
/** The part that hides a seam covers it by so much, mm. Common practice. */
const OVER_SEAM = 3;

/** How far from one end of a long piece nothing is seen of it in the finished figure, mm; the longer of both ends. */
function hiddenEnd(build: Build, piece: Piece, long: Mm): Mm {
  const { width, height } = measureOf(piece);
  const here = place(build).find((i) => i.piece.id === piece.id && i.first);
  if (!here) return 0;
  const [axis, from] = long === height ? [2, 0] : [long === width ? 0 : 1, -long / 2];
  const seen = reachOf(build, { piece: piece.id, work: 'paint', side: 'all' }, []).map(
    (s) => toLocal(here.frame, s.at)[axis]! - from,
  );
  if (seen.length === 0) return 0;
  return Math.max(0, Math.min(...seen), long - Math.max(...seen));
}

/** Ends of long pieces that nobody sees in the end, made in another colour. Done at the bench alone. */
export function hiddenOptions(build: Build, lines: readonly PasteLine[]): ShortOption[] {
  return lines.flatMap((line): ShortOption[] => {
    const piece = line.cover || line.sleeve ? undefined : pieceOf(build, line.piece);
    // what is laid round something has no end that is hidden
    if (!piece || piece.seat.how === 'wraps' || coatOf(piece) !== undefined) return [];
    const { width, depth, height } = measureOf(piece);
    const [long, wide] = [width, depth, height].sort((p, q) => q - p) as [number, number, number];
    if (long < ROD_LIKE * wide) return [];
    const end = Math.floor(hiddenEnd(build, piece, long) - OVER_SEAM);
    if (end < OVER_SEAM) return [];
    const lower = piece.name.toLowerCase();
    return [
      {
        id: `hidden ${piece.id}`,
        group: piece.id,
        does: `make the hidden ${end} mm of the ${lower} in another colour`,
        mind: `What covers it has to reach ${OVER_SEAM} mm over the seam.`,
        frees: (line.start.value * end) / long,
        minutes: 2 * line.make,
        seen: 0,
        risk: 0.03,
      },
    ];
  });
}

/** How much plain paste may be kneaded into what is left before the eye sees it beside the other. @param most g that are wanted */
export function stretchBy(
  batch: Pick<Batch, 'blend' | 'colour'>,
  left: Grams,
  most: Grams = left,
): { readonly grams: Grams; readonly off: number } {
  const plain = spectrumOf(baseHex(batch.blend.base));
  const own = spectrumOf(batch.colour.hex);
  const wanted = labOf(batch.colour.hex)!;
  const off = (grams: number) =>
    apartBy(labOf(hexOfSpectrum(kneaded(own, plain, grams / (left + grams))))!, wanted);
  let grams = 0;
  while (grams + 1 <= Math.min(left, most) && off(grams + 1) <= STRETCHED) grams++;
  return { grams, off: grams > 0 ? off(grams) : 0 };
}

/** An offcut more for a batch, beside those that are kept for it. */
const alsoKept = (build: Build, batch: Batch, use: OffcutUse): Build => ({
  ...build,
  reserves: [...build.reserves, ...reserved({ ...build, reserves: [] }, batch, [use]).reserves],
});

/** What is done at the bench alone, and offcuts of the stores. */
export function benchOptions(
  batch: Batch,
  { left, short, spare }: { readonly left: Grams; readonly short: Grams; readonly spare: Grams },
  items: readonly StockItem[],
  today: Day,
): ShortOption[] {
  const stretch = stretchBy(batch, left, Math.ceil(short));
  const again = Math.max(AGAIN, Math.ceil(short / STEP) * STEP);
  const lighter = offcutsFor(items, batch, today).use.filter((u) => u.recolour);
  return [
    {
      id: 'spare',
      group: 'spare',
      does: 'go without the spare',
      mind: 'Nothing may fall or tear.',
      frees: spare,
      minutes: 0,
      seen: 0,
      risk: 0.1,
    },
    {
      id: 'stretch',
      group: 'stretch',
      does: `knead ${stretch.grams} g of plain paste into all that is left`,
      mind: 'Before more is shaped: what is made already is a little deeper.',
      frees: stretch.grams,
      minutes: 5,
      seen: stretch.off / 5,
      risk: 0.05,
    },
    {
      id: 'again',
      group: 'again',
      does: `mix ${again} g again and match it`,
      mind: 'In whole drops, matched a day later, and not beside the first.',
      frees: again,
      minutes: 16,
      wait: 15,
      seen: 0.5,
      risk: 0.12,
    },
    ...lighter.map((use): ShortOption => {
      const grams = roundTo(Math.min(use.grams, left), 0.1);
      return {
        id: `offcut ${use.item.id}`,
        group: `offcut ${use.item.id}`,
        does: `colour ${grams} g of ${use.item.name} over`,
        frees: grams,
        minutes: 6,
        seen: 0.1,
        risk: 0.1,
        change: (b) => ok(alsoKept(b, batch, { ...use, grams })),
      };
    }),
  ];
}
