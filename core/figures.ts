import { contactsOf } from './contacts/index.ts';
import { place, reach, weighIn } from './figure/index.ts';
import { byFormula, formula, given, named, total, type Mm, type Reckoned } from './quantity/index.ts';
import { multiplicity, type Build } from './record/index.ts';

/** One of several figures on one board. */
export interface OneFigure {
  readonly name: string;
  readonly pieces: readonly string[];
  readonly tall: Reckoned;
  readonly weighs: Reckoned;
  /** Its left and right edge, from the middle of the board. */
  readonly left: Mm;
  readonly right: Mm;
  /** Where it stands: halfway between them. */
  readonly middle: Mm;
}

/** Where two figures touch: what one does there, the other feels. */
export interface FigureJoint {
  readonly figures: readonly [string, string];
  readonly pieces: readonly [string, string];
  readonly says: string;
}

export interface FiguresReport {
  /** From left to right; none where there is only one. */
  readonly figures: readonly OneFigure[];
  readonly joints: readonly FigureJoint[];
  /** Open board between neighbours, from left to right. */
  readonly between: readonly Reckoned[];
}

const TALL = formula({
  name: 'Tall',
  takes: ['mm', 'mm'],
  unit: 'mm',
  rule: 'its highest point − its lowest',
  f: (top, foot) => top - foot,
});
const ALL_OF = formula({
  name: 'All of them',
  takes: ['g', 'pieces'],
  unit: 'g',
  rule: 'one × how many',
  f: (g, n) => g * n,
});
const BETWEEN = formula({
  name: 'Between them',
  takes: ['mm', 'mm'],
  unit: 'mm',
  rule: 'left edge of the right one − right edge of the left one',
  f: (left, right) => left - right,
});

/** Several figures on one board: each with its own height, place and weight, and where they touch. */
export function figuresReport(build: Build): FiguresReport {
  const names = [...new Set(build.pieces.flatMap((p) => (p.of === undefined ? [] : [p.of])))];
  if (names.length < 2) return { figures: [], joints: [], between: [] };
  const all = place(build);
  const figures = names
    .map((name): OneFigure => {
      const own = all.filter((i) => i.piece.of === name);
      const far = (x: number, y: number, z: number) => Math.max(...own.map((i) => reach(i, [x, y, z])));
      const pieces = build.pieces.filter((p) => p.of === name);
      const [left, right] = [-far(-1, 0, 0), far(1, 0, 0)];
      return {
        name,
        pieces: pieces.map((p) => p.id),
        tall: byFormula(TALL, [
          given('Its highest point', far(0, 0, 1), 'mm'),
          given('Its lowest', Math.max(0, -far(0, 0, -1)), 'mm'),
        ]),
        weighs: total(
          name,
          'g',
          pieces.map((p) => {
            const n = multiplicity(build, p);
            const { whole } = weighIn(build, p);
            return n === 1
              ? named(p.name, whole)
              : byFormula(ALL_OF, [named(p.name, whole), given('How many', n, 'pieces')]);
          }),
        ),
        left,
        right,
        middle: (left + right) / 2,
      };
    })
    .sort((a, b) => a.left - b.left);
  const joints = new Map<string, FigureJoint>();
  for (const { a, b } of contactsOf(build)) {
    const [p, q] = [all[a]?.piece, all[b]?.piece];
    if (!p?.of || !q?.of || p.of === q.of) continue;
    joints.set(`${p.id} ${q.id}`, {
      figures: [p.of, q.of],
      pieces: [p.id, q.id],
      says: `The ${p.name.toLowerCase()} of the ${p.of.toLowerCase()} and the ${q.name.toLowerCase()} of the ${q.of.toLowerCase()} are joined: glue them last, when both figures stand on their own sticks; neither carries the other.`,
    });
  }
  const between = figures
    .slice(1)
    .map((f, k) =>
      byFormula(BETWEEN, [
        given(`Left edge of ${f.name}`, f.left, 'mm'),
        given(`Right edge of ${figures[k]!.name}`, figures[k]!.right, 'mm'),
      ]),
    );
  return { figures, joints: [...joints.values()], between };
}
