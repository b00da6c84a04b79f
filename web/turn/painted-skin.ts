import { BufferAttribute, BufferGeometry, Color, Vector3 } from 'three';
import { deeper } from '@core/colour/index.ts';
import type { PaintedCoat, PaintedFace } from '@core/finish/index.ts';
import type { PieceSide } from '@core/record/index.ts';
import { rotated, type Frame, type Vec } from '@core/solids/index.ts';

/** Where no colour is said it is deeper than the paste, L*. */
const DEEPER = 18;
/** From so far off the middle a rim begins, as a share of half the piece. Looked at. */
const RIM = 0.55;

/** Thinner than this beside its depth a piece is a sheet that way: its broad faces are no rim. */
const FLATTER = 0.8;

/** How far a face turns to a side, 0–1, as it lies in the figure. */
const SIDE: Readonly<Record<PieceSide, (n: Vec) => number>> = {
  all: () => 1,
  front: (n) => -n[1],
  back: (n) => n[1],
  left: (n) => -n[0],
  right: (n) => n[0],
  top: (n) => n[2],
  under: (n) => -n[2],
};

const smooth = (x: number): number => {
  const t = Math.min(1, Math.max(0, x));
  return t * t * (3 - 2 * t);
};

/** How much of a coat lies on a spot, 0–1: of its side, and toward the rim where it is laid there. @param off from the middle, shares of half the piece */
export function coatAt({ as, strength, side }: PaintedCoat, faces: Vec, off: Vec): number {
  // marks and lines are smaller than the corners of a body: they are drawn in the elevation alone
  if (as === 'marks' || as === 'line') return 0;
  const toward = side === 'all' ? 1 : smooth(SIDE[side](faces) + 0.5);
  const rim = as === 'rim' ? smooth((Math.max(...off.map(Math.abs)) - RIM) / (1 - RIM)) : 1;
  return strength * toward * rim;
}

/** A skin with the colours finishes give it, corner by corner; shares its shape with the plain one. */
export function paintedSkin(
  plain: BufferGeometry,
  frame: Frame,
  fill: string,
  { coats }: PaintedFace,
): BufferGeometry {
  plain.computeBoundingBox();
  const middle = plain.boundingBox!.getCenter(new Vector3());
  const half = plain.boundingBox!.getSize(new Vector3()).multiplyScalar(0.5);
  const at = plain.getAttribute('position');
  const normal = plain.getAttribute('normal');
  const laid = coats.map((coat) => ({ coat, colour: new Color(coat.colour ?? deeper(fill, DEEPER)) }));
  const paste = new Color(fill);
  const colours = new Float32Array(3 * at.count);
  // the way a piece is looked through: its rim lies across it
  const [x, y, z] = [half.x, half.y * FLATTER, half.z];
  const through = y <= x && y <= z ? 1 : x <= z ? 0 : 2;
  for (let k = 0; k < at.count; k++) {
    const faces = rotated(frame, [normal.getX(k), normal.getY(k), normal.getZ(k)]);
    const off: [number, number, number] = [
      (at.getX(k) - middle.x) / (half.x || 1),
      (at.getY(k) - middle.y) / (half.y || 1),
      (at.getZ(k) - middle.z) / (half.z || 1),
    ];
    off[through] = 0;
    const seen = paste.clone();
    for (const { coat, colour } of laid) seen.lerp(colour, coatAt(coat, faces, off));
    seen.toArray(colours, 3 * k);
  }
  const painted = new BufferGeometry();
  for (const name of ['position', 'normal']) painted.setAttribute(name, plain.getAttribute(name));
  if (plain.index) painted.setIndex(plain.index);
  painted.setAttribute('color', new BufferAttribute(colours, 3));
  return painted;
}
