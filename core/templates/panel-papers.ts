import { coverOver, type Panel } from '../covers/index.ts';
import { blendOf } from '../figure/index.ts';
import type { Mm } from '../quantity/index.ts';
import { multiplicity, type Build, type Piece } from '../record/index.ts';
import { boxOf, shifted, type PaperPoint, type Ring } from './rings.ts';
import type { Template } from './template.ts';

/** A chord may be this far from its arc, mm; a step of the method, estimate. */
const ARC_OFF = 0.05;

/** Points of an arc round nought, from one angle to another, radians. */
function arc(r: Mm, from: number, to: number): PaperPoint[] {
  if (r <= 0) return [[0, 0]];
  const step = 2 * Math.acos(Math.max(0, 1 - ARC_OFF / r));
  const n = Math.max(2, Math.ceil(Math.abs(to - from) / Math.max(step, 0.01)));
  return Array.from({ length: n + 1 }, (_, k): PaperPoint => {
    const a = from + ((to - from) * k) / n;
    return [r * Math.cos(a), r * Math.sin(a)];
  });
}

/** The line of a panel, its lower left corner at nought. */
export function panelRing({ kind, sizes }: Panel): Ring {
  const [a = 0, b = 0, angle = 0] = sizes.map((s) => s.value);
  if (kind === 'strip')
    return [
      [0, 0],
      [a, 0],
      [a, b],
      [0, b],
    ];
  const half = (angle * Math.PI) / 360;
  const ring =
    kind === 'round'
      ? arc(a / 2, 0, 2 * Math.PI).slice(0, -1)
      : [...arc(a, -half, half), ...arc(b, half, -half)];
  const { left, low } = boxOf([ring]);
  return shifted([ring], -left, -low)[0]!;
}

/** Papers for a core that is covered with panels, edge to edge. */
export function panelTemplates(build: Pick<Build, 'pieces' | 'blends'>, piece: Piece): Template[] {
  if (piece.template === 'none') return [];
  const { panels = [] } = coverOver(piece, blendOf(build, piece)) ?? {};
  return panels.map((panel): Template => {
    const ring = panelRing(panel);
    const { wide, tall } = boxOf([ring]);
    return {
      id: `${piece.id}/panel-${panel.name.toLowerCase()}`,
      pieces: [piece.id],
      name: `${piece.name}, ${panel.name.toLowerCase()} panel`,
      use: 'drawn',
      says: 'panel of the cover, cut as drawn, edge to edge',
      rings: [ring],
      line: [],
      wide,
      tall,
      number: multiplicity(build as Build, piece),
      hidden: piece.hidden,
      notes: [],
    };
  });
}
