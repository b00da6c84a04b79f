import type { ScanBody } from '../bodies/index.ts';
import { measureMesh, type Mesh } from '../mesh/index.ts';
import type { Art, Shape, Sizes } from '../types.ts';
import { grows, lump } from './parts.ts';
import { shaped } from './shaped.ts';

type Key = 'width' | 'depth' | 'height';
/** Corners are kept as whole shares of the box. */
export const CORNER_STEPS = 10_000;

const NONE: Mesh = { points: new Float64Array(), faces: new Uint32Array() };
const memo = new WeakMap<object, Map<string, ScanBody>>();

function scanOf({ width, depth, height }: Sizes<Key>, art: Art): ScanBody {
  const { solid } = art;
  if (!solid) return { type: 'scan', mesh: NONE };
  const key = `${width}/${depth}/${height}`;
  let bySize = memo.get(solid);
  if (!bySize) memo.set(solid, (bySize = new Map()));
  const known = bySize.get(key);
  if (known) return known;
  const size = [width, depth, height];
  const points = Float64Array.from(solid.corners, (share, i) => {
    const k = i % 3;
    return (share / CORNER_STEPS - (k === 2 ? 0 : 0.5)) * size[k]!;
  });
  const made: ScanBody = { type: 'scan', mesh: { points, faces: Uint32Array.from(solid.faces) } };
  if (bySize.size > 20) bySize.clear();
  bySize.set(key, made);
  return made;
}

export const imported: Shape<Key> = {
  kind: 'imported',
  name: 'Solid from a file',
  family: 'drawn',
  hint: 'read from a file of triangles; sized here',
  sizes: [
    grows('width', 'wide', 60, [1, 2000]),
    grows('depth', 'deep', 60, [1, 2000]),
    grows('height', 'tall', 60, [1, 2000]),
  ],
  volumeRule: 'wide × deep × tall × share of the box that is filled (all triangles of the file)',
  fromFile: true,
  refuse: (_, art) =>
    !art.solid
      ? 'This piece has no solid: read it from its file again.'
      : art.solid.faces.some((f) => f * 3 + 2 >= art.solid!.corners.length)
        ? 'The solid names a corner that is not there: read it from its file again.'
        : undefined,
  warn: (_, art) =>
    art.solid && !art.solid.watertight
      ? 'Its surface has holes, so its grams are not known. Type them, or mend the file.'
      : undefined,
  measure: (s, art) => {
    const { area, volume } = measureMesh(scanOf(s, art).mesh);
    const { solid } = art;
    const box = s.width * s.depth * s.height;
    const c = solid?.centre ?? [0.5, 0.5, 0.5];
    return {
      volume: Math.max(1e-6, solid && solid.fills > 0 ? solid.fills * box : Math.abs(volume)),
      area,
      centre: c[2] * s.height,
      aside: [(c[0] - 0.5) * s.width, (c[1] - 0.5) * s.depth],
      width: s.width,
      depth: s.depth,
      height: s.height,
    };
  },
  drying: (s, art) => lump(imported.measure(s, art), Math.min(s.width, s.depth, s.height) * 0.8),
  body: scanOf,
  handles: ({ width, height }) => [
    { size: 'width', at: [width / 2, height / 2], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, height], along: [0, 1], gain: 1 },
  ],
  technique: 'byHand',
  labour: shaped(29),
};
