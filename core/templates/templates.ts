import { girthAt } from '../figure/index.ts';
import { formatLength, type Mm } from '../quantity/index.ts';
import {
  fromBuild,
  multiplicity,
  pieceOf,
  type Build,
  type HiddenFace,
  type Piece,
  type TemplateUse,
} from '../record/index.ts';
import { bodyOutlines, formBody, type Body, type Vec } from '../solids/index.ts';
import { areaOf, boxOf, healed, leftForRight, offset, separateParts, shifted, type Rings } from './rings.ts';
import { USES } from './uses.ts';

/** One paper template at true size: its lower left corner is the origin. */
export interface Template {
  readonly id: string;
  /** Pieces it is for: alike ones share a paper. */
  readonly pieces: readonly string[];
  readonly name: string;
  readonly use: TemplateUse;
  /** What the line is, for the page. */
  readonly says: string;
  readonly rings: Rings;
  /** The line as drawn, where the template is another one. */
  readonly line: Rings;
  readonly wide: Mm;
  readonly tall: Mm;
  /** How many are cut by it. */
  readonly number: number;
  /** Where its face is that nobody sees. */
  readonly hidden: HiddenFace;
  /** What has to be known before it is cut. */
  readonly notes: readonly string[];
}

type Of = Pick<Build, 'pieces' | 'cake'>;

/** Sides a figure is carved from, and how they drop a point into the picture. */
const SIDES: readonly (readonly [name: string, drop: (p: Vec) => readonly [Mm, Mm]])[] = [
  ['front', (p) => [p[0], p[2]]],
  ['side', (p) => [p[1], p[2]]],
  ['top', (p) => [p[0], p[1]]],
];

/** Paste on the cake of a piece, mm; nothing where it has none. */
function pasteOver({ form }: Piece): Mm {
  return form.coat?.thickness ?? (form.kind === 'skinOverBall' ? (form.sizes.coat ?? 0) : 0);
}

const hasCake = (piece: Piece): boolean => piece.core === 'cake' && pasteOver(piece) > 0;

/** What its shape asks: a knife line for what is cut, a carving line for a cake, else nothing. */
const usualUse = (piece: Piece, body: Body = formBody(piece.form)): TemplateUse =>
  hasCake(piece) ? 'carve' : body.type === 'flat' ? 'cut' : 'none';

/** What of a line a knife, or paste that fills corners, loses, in words. Less than so much of the area is nobody's loss. Estimate. */
const LOST = 0.004;
function lossOf(line: Rings, rings: Rings, by: Mm): string[] {
  if (rings.length === 0) return ['Nothing is left of it: it is thinner than what lies over it.'];
  if (by >= 0) return [];
  const notes: string[] = [];
  if (separateParts(rings) > separateParts(line))
    notes.push(
      `It falls into ${separateParts(rings)} parts: a neck is thinner than what lies over it on both sides.`,
    );
  const back = areaOf(offset(rings, -by));
  if (areaOf(line) - back > LOST * areaOf(line))
    notes.push(
      `Points and necks under ${formatLength(-2 * by)} are lost below the coats: cut them deeper, or set them on in paste.`,
    );
  return notes;
}

/** Lines of one side of a piece with what is drawn of them for a use. */
function drawn(
  piece: Piece,
  { id, name, line, number }: { id: string; name: string; line: Rings; number: number },
  use: TemplateUse,
  of: { over: Mm; thick: Mm },
): Template {
  const by = USES[use].by(of);
  const rings = offset(line, by);
  const turned = use === 'transfer';
  const kept = rings.length ? rings : line;
  const { left, low, wide, tall } = boxOf(by > 0 ? kept : line);
  const put = (r: Rings) => {
    const at = shifted(r, -left, -low);
    return turned ? shifted(leftForRight(at), wide, 0) : at;
  };
  return {
    id,
    pieces: [piece.id],
    name,
    use,
    says: USES[use].says(of),
    rings: put(rings),
    line: by === 0 ? [] : put(line),
    wide,
    tall,
    number,
    hidden: piece.hidden,
    notes: lossOf(line, rings, by),
  };
}

/** Where the ends of a strip come to lie, with what is short or over, mm. A strip this much off is not meant to meet. Estimate. */
const MEETS = 0.2;
/** Cut ends that lie over each other do not open at the back; common practice, mm. */
const LAP = 3;
function meetingNotes(build: Of, piece: Piece): string[] {
  const carrier = pieceOf(build, piece.seat.on);
  if (piece.seat.how !== 'wraps' || !carrier) return [];
  const { length, thickness = 0 } = piece.form.sizes as { length?: Mm; thickness?: Mm };
  const skin = girthAt(formBody(carrier.form), piece.seat.at[2]);
  if (skin === undefined || length === undefined) return [];
  // the middle of the strip lies half a thickness off the skin
  const round = skin + Math.PI * thickness;
  const over = length - round;
  if (Math.abs(over) > MEETS * round)
    return [`It lies ${formatLength(length)} of the ${formatLength(round)} round the ${lower(carrier)}.`];
  if (over < 0)
    return [
      `It is ${formatLength(-over)} short of meeting round the ${lower(carrier)}: cut it ${formatLength(round + LAP)} for ends that lie over each other.`,
    ];
  return [`It meets round the ${lower(carrier)} with ${formatLength(over)} over.`];
}
const lower = (p: Piece): string => p.name.toLowerCase();

function flatTemplates(build: Of, piece: Piece, body: Body & { type: 'flat' }, use: TemplateUse): Template[] {
  const line = healed([body.outline, ...body.holes], 'drawn');
  const n = multiplicity(build as Build, piece);
  // laid on a cake, it lies on its coat
  const of = {
    over: use === 'carve' || use === 'recess' ? build.cake.coatThickness : 0,
    thick: body.thickness,
  };
  const notes = meetingNotes(build, piece);
  const one = (id: string, name: string, rings: Rings, number: number): Template => {
    const t = drawn(piece, { id, name, line: rings, number }, use, of);
    return notes.length ? { ...t, notes: [...notes, ...t.notes] } : t;
  };
  // a line that is its own mirror needs one paper
  const other = leftForRight(line);
  if (!piece.pair || isAlike(line, other)) return [one(piece.id, piece.name, line, n)];
  return [
    one(`${piece.id}/left`, `${piece.name}, left`, line, n / 2),
    one(`${piece.id}/right`, `${piece.name}, right`, other, n / 2),
  ];
}

/** Two lines that cover the same, to a hundredth of their area. */
function isAlike(a: Rings, b: Rings): boolean {
  const [p, q] = [a, b].map((r) => {
    const { left, low } = boxOf(r);
    return shifted(r, -left, -low);
  });
  const both = areaOf(healed([...p!, ...q!], 'seen'));
  return both - areaOf(a) < 0.01 * areaOf(a);
}

function templatesOfPiece(build: Of, piece: Piece): Template[] {
  const body = formBody(piece.form);
  const use = piece.template ?? usualUse(piece, body);
  if (use === 'none') return [];
  if (body.type === 'flat') return flatTemplates(build, piece, body, use);
  const paste = pasteOver(piece);
  const thick = paste || 4;
  const over = hasCake(piece) ? paste + build.cake.coatThickness : 0;
  return SIDES.map(([side, drop]) =>
    drawn(
      piece,
      {
        id: `${piece.id}/${side}`,
        name: `${piece.name}, ${side}`,
        line: healed(bodyOutlines(body, drop), 'seen'),
        number: 1,
      },
      use,
      { over, thick },
    ),
  );
}

/** The name of several alike: `Petal 1` and `Petal 4` are petals. */
const commonName = (a: string, b: string): string => {
  const bare = a.replace(/\s*\d+$/, '');
  return bare !== a && b.startsWith(bare) ? bare : a;
};

/** Templates that are the same line for the same use, on one paper for all of them. */
function together(all: readonly Template[]): Template[] {
  const out = new Map<string, Template>();
  for (const t of all) {
    const line = t.rings.map((r) => r.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join()).join(';');
    const key = `${t.use} ${t.hidden} ${t.notes.join()} ${line}`;
    const known = out.get(key);
    out.set(
      key,
      known
        ? {
            ...known,
            ...(known.pieces.includes(t.pieces[0]!)
              ? // another side of the same
                { name: `${known.name} and ${t.name.split(', ').at(-1)!}` }
              : { name: commonName(known.name, t.name), number: known.number + t.number }),
            pieces: [...new Set([...known.pieces, ...t.pieces])],
          }
        : t,
    );
  }
  return [...out.values()];
}

/** Every paper template of a build, in building order. */
export const templatesOf = fromBuild(['pieces', 'cake'], (build): readonly Template[] =>
  together(build.pieces.flatMap((p) => templatesOfPiece(build, p))),
);
