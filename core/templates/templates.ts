import { formatLength, type Mm } from '../quantity/index.ts';
import { fromBuild, multiplicity, type Build, type Piece, type TemplateUse } from '../record/index.ts';
import { bodyOutlines, formBody, type Body, type Vec } from '../solids/index.ts';
import { bandsOf } from './bands.ts';
import { carvingsOf } from './carving.ts';
import { layerTemplates } from './layer-papers.ts';
import { panelTemplates } from './panel-papers.ts';
import { templateSizes, type Template } from './template.ts';
import {
  areaOf,
  boxOf,
  healed,
  leftForRight,
  lengthened,
  offset,
  separateParts,
  shifted,
  type Rings,
} from './rings.ts';
import { USES } from './uses.ts';

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

/** Whether a piece has paper to be cut by. */
export const hasPaper = (piece: Piece): boolean => (piece.template ?? usualUse(piece)) !== 'none';

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
  const drawnAs = boxOf(line);
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
    from: { wide: drawnAs.wide, tall: drawnAs.tall, out: by },
    number,
    hidden: piece.hidden,
    notes: lossOf(line, rings, by),
  };
}

/** What is too narrow for what is done with it. */
function narrowNotes(line: Rings, use: TemplateUse, { over, thick }: { over: Mm; thick: Mm }): string[] {
  if (use === 'recess' && over > 0 && offset(line, -over).length === 0)
    return ['Cut as drawn it would close up altogether under the coats.'];
  if (use === 'drawn' && offset(line, -thick).length === 0)
    return [
      `It is narrower than twice the ${formatLength(thick)} of the sheet: cut it through with a point, or lay it on top.`,
    ];
  return [];
}

function flatTemplates(build: Of, piece: Piece, body: Body & { type: 'flat' }, use: TemplateUse): Template[] {
  const asDrawn = healed([body.outline, ...body.holes], 'drawn');
  const count = multiplicity(build as Build, piece);
  // laid on a cake, it lies on its coat
  const carrier = build.pieces.find((p) => p.id === piece.seat.on);
  const of = {
    over:
      use === 'carve' || use === 'recess'
        ? build.cake.coatThickness + (carrier && hasCake(carrier) ? pasteOver(carrier) : 0)
        : 0,
    thick: body.thickness,
  };
  const band = bandsOf(build).find((b) => b.piece === piece.id);
  const halves = band?.halves === true;
  const long = halves ? band.cut.value : use === 'wrap' && band ? band.way.value : undefined;
  const line = long === undefined ? asDrawn : lengthened(asDrawn, long);
  const n = halves ? 2 * count : count;
  const notes = [...(band?.says ?? []).map((s) => s.text), ...narrowNotes(line, use, of)];
  const one = (id: string, name: string, rings: Rings, number: number): Template => {
    const t = drawn(piece, { id, name, line: rings, number }, use, of);
    return notes.length ? { ...t, notes: [...notes, ...t.notes] } : t;
  };
  // a line that is its own mirror needs one paper
  const other = leftForRight(line);
  if (!piece.pair || isAlike(line, other))
    return [one(piece.id, halves ? `${piece.name}, half` : piece.name, line, n)];
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

/** Every paper template of a build, in building order; a cake that is carved has one for each layer after its sides. */
export const templatesOf = fromBuild(
  ['pieces', 'blends', 'rods', 'cake', 'room', 'board', 'card', 'mast'],
  (build): readonly Template[] => {
    const carvings = new Map(carvingsOf(build as Build).map((c) => [c.piece, c]));
    return together(
      build.pieces.flatMap((p) => {
        const carving = (p.template ?? 'carve') === 'carve' ? carvings.get(p.id) : undefined;
        return [
          ...templatesOfPiece(build, p),
          ...panelTemplates(build, p),
          ...(carving ? layerTemplates(carving) : []),
        ];
      }),
    );
  },
);

/** Every paper of a build in words and sizes, without its lines. */
export const papersTold = (build: Build) =>
  templatesOf(build).map((t) => {
    const [wide, tall] = templateSizes(t);
    const { id, pieces, name, use, says, number, notes } = t;
    return { id, pieces, name, use, says, number, notes, wide, tall };
  });
