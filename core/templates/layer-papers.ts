import type { Carving, LayerHole } from './carving.ts';
import { boxOf, shifted, type PaperPoint, type Rings } from './rings.ts';
import type { Template } from './template.ts';

/** A hole is drawn with so many corners. A step of the method; estimate. */
const HOLE_CORNERS = 36;
const holeRing = ({ at: [x, y], across }: LayerHole): PaperPoint[] =>
  Array.from({ length: HOLE_CORNERS }, (_, k): PaperPoint => {
    const a = (-2 * Math.PI * k) / HOLE_CORNERS;
    return [x + (across / 2) * Math.cos(a), y + (across / 2) * Math.sin(a)];
  });
/** Arm of the cross where the middle of the tin lies, mm. Estimate. */
const CROSS = 4;
const crossAt = ([x, y]: PaperPoint): PaperPoint[] => [
  [x - CROSS, y],
  [x + CROSS, y],
  [x, y],
  [x, y + CROSS],
  [x, y - CROSS],
  [x, y],
];

/** Papers for the layers of a cake that is carved: the widest of the layer, and dashed its edges below and above. */
export function layerTemplates({ piece, name, layers }: Carving): Template[] {
  return layers.map((l): Template => {
    const { left, low, wide, tall } = boxOf(l.outline);
    const put = (r: Rings) => shifted(r, -left, -low);
    return {
      id: `${piece}/layer-${l.number}`,
      pieces: [piece],
      name: `${name}, layer ${l.number}`,
      use: 'carve',
      says: `layer ${l.number} of ${layers.length} from below; dashed: its lower and upper edge; cross: middle of the tin`,
      rings: put([...l.outline, ...l.holes.map(holeRing)]),
      line: put([...l.foot, ...l.top, crossAt(l.middle)]),
      wide,
      tall,
      number: 1,
      hidden: 'none',
      steps: [...l.says, ...l.drills],
      notes: l.warns,
    };
  });
}
