import { fail, ok, solveLinear, type Mm, type Result } from '../quantity/index.ts';

/** A known length on a picture: so many millimetres, so many picture points, and how sure of each. */
export interface KnownLength {
  readonly mm: Mm;
  readonly px: number;
  readonly mmError?: Mm;
  readonly pxError?: number;
}

export interface Measured {
  readonly mm: Mm;
  /** One standard error. */
  readonly error: Mm;
}

/** How well an end is hit by eye, picture points; estimate. */
const BY_EYE = 1.5;

/**
 * Another length on the picture, in the same plane facing the camera: k = known mm ÷ known px. The relative error is
 * √((σ mm ÷ mm)² + (σ px ÷ px known)² + (σ px ÷ px)²).
 * @param behind how far behind the plane of the known length it lies, with the camera's distance from that plane
 * @param tilt degrees it is turned out of the picture; not over 80
 */
export function lengthOnPhoto(
  known: KnownLength,
  px: number,
  { behind = 0, camera, tilt = 0 }: { behind?: Mm; camera?: Mm; tilt?: number } = {},
): Result<Measured> {
  if (!(known.mm > 0 && known.px > 0)) return fail('Mark a length that you know first.', 'known');
  if (!(tilt >= 0 && tilt < 80))
    return fail('Turned over 80° out of the picture nothing can be measured.', 'tilt');
  const deeper = camera === undefined ? 1 : (camera + behind) / camera;
  if (!(deeper > 0)) return fail('That would lie behind the camera.', 'camera');
  const mm = ((px * known.mm) / known.px) * (deeper / Math.cos((tilt * Math.PI) / 180));
  const own = Math.hypot((known.mmError ?? 0) / known.mm, (known.pxError ?? BY_EYE) / known.px);
  return ok({ mm, error: px > 0 ? mm * Math.hypot(own, BY_EYE / px) : 0 });
}

export type Spot = readonly [number, number];

const inLine = (a: Spot, b: Spot, c: Spot): boolean => {
  const cross = (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
  return (
    Math.abs(cross) < 1e-6 * (1 + Math.hypot(b[0] - a[0], b[1] - a[1]) * Math.hypot(c[0] - a[0], c[1] - a[1]))
  );
};

/**
 * Straighten a picture of a flat thing: its four corners as they appear, and where they lie in millimetres.
 * @returns a way from a spot of the picture to millimetres on the thing
 */
export function straighten(seen: readonly Spot[], flat: readonly Spot[]): Result<(at: Spot) => Spot> {
  if (seen.length !== 4 || flat.length !== 4) return fail('Four corners are needed.', 'corners');
  for (let i = 0; i < 4; i++) {
    const [a, b, c] = [seen[i]!, seen[(i + 1) % 4]!, seen[(i + 2) % 4]!];
    if (inLine(a, b, c))
      return fail('Three of the corners lie on one line: mark the four corners of the thing.', 'corners');
  }
  const rows: number[][] = [];
  const right: number[] = [];
  seen.forEach(([x, y], i) => {
    const [u, v] = flat[i]!;
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y]);
    right.push(u, v);
  });
  const h = solveLinear(rows, right);
  if (!h) return fail('Those four corners cannot be made straight: mark them once more.', 'corners');
  return ok(([x, y]) => {
    const w = h[6]! * x + h[7]! * y + 1;
    return [(h[0]! * x + h[1]! * y + h[2]!) / w, (h[3]! * x + h[4]! * y + h[5]!) / w];
  });
}

/** A flat thing seen aslant, made straight: a picture so many points wide and tall, and where each point of it is seen. */
export interface Straightened {
  readonly width: number;
  readonly height: number;
  readonly seenAt: (at: Spot) => Spot;
}

/**
 * Straighten a flat thing of a known size.
 * @param corners its four corners as they are seen, from the top left round
 * @param wide its true width and height, mm
 * @param longest points along the longer side of the straight picture
 */
export function straightened(
  corners: readonly Spot[],
  wide: Mm,
  tall: Mm,
  longest = 1400,
): Result<Straightened> {
  if (!(wide > 0 && tall > 0)) return fail('Type the true size of the thing first.', 'size');
  const k = longest / Math.max(wide, tall);
  const [width, height] = [Math.round(wide * k), Math.round(tall * k)];
  const box: Spot[] = [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
  ];
  // the other way round says whether the corners can be made straight at all
  const there = straighten(corners, box);
  if (!there.ok) return there;
  const back = straighten(box, corners);
  return back.ok ? ok({ width, height, seenAt: back.value }) : back;
}
