const PI = Math.PI;

/** Area of the pointed oval made of two equal arcs: R² (φ − sin φ), R = (l² + w²) ÷ 4 w, φ = 2 asin(l ÷ 2 R). */
export function ovalArea(long: number, wide: number): number {
  const [l, w] = wide > long ? [wide, long] : [long, wide];
  const R = (l * l + w * w) / (4 * w);
  const turn = 2 * Math.asin(Math.min(1, l / (2 * R)));
  return R * R * (turn - Math.sin(turn));
}

/** How many pearls make a row: a closed ring is filled to the nearest, an open row only as far as it reaches. */
export const pearlsInRow = (length: number, diameter: number, gap: number, closed = false): number =>
  closed
    ? Math.max(0, Math.round(length / (diameter + gap)))
    : Math.floor((length + gap) / (diameter + gap) + 1e-9);

/** How many pearls cover an area; 0.9069 is the densest there is, 0.80 what a hand lays (common practice). */
export const pearlsOnArea = (area: number, diameter: number, packing = PI / (2 * Math.sqrt(3))): number =>
  Math.floor((packing * area) / ((PI * diameter * diameter) / 4) + 1e-9);

/** Stitches that come out even: an open line has a mark at both ends, a closed one meets itself. */
export function evenStitches(length: number, pitch: number, closed: boolean) {
  if (pitch > length) return { marks: closed ? 0 : 1, pitch: length };
  const k = Math.max(1, Math.round(length / pitch));
  return { marks: closed ? k : k + 1, pitch: length / k };
}

/** Scales, feathers, petals: how many cover an area when so much of each shows. */
export function scalesOnArea(
  area: number,
  width: number,
  long: number,
  visible: number,
  sideOverlap: number,
): { number: number; layers: number } {
  const shown = width * (1 - sideOverlap) * visible;
  return { number: Math.ceil(area / shown - 1e-9), layers: (width * long) / shown };
}

/** Strands that cover an area in so many layers; a cone covers half its length by its width, a rope all of it. */
export const strandsOnArea = (
  area: number,
  width: number,
  long: number,
  cover: number,
  layers: number,
): number => Math.ceil((area * layers) / (width * long * cover) - 1e-9);

/** Two balls, so far apart: the lens they share, mm³. */
export function ballOverlap(d1: number, d2: number, apart: number): number {
  const [R, r] = [d1 / 2, d2 / 2];
  if (apart >= R + r) return 0;
  if (apart <= Math.abs(R - r)) return (4 / 3) * PI * Math.min(R, r) ** 3;
  return (
    (PI * (R + r - apart) ** 2 * (apart * apart + 2 * apart * (R + r) - 3 * (R - r) ** 2)) / (12 * apart)
  );
}

/** The hole a stick leaves, mm³. */
export const stickHole = (d: number, depth: number): number => (PI * d * d * depth) / 4;

/** The strip on which a lying rope rests when it is pressed by a depth: 2 √(p (d − p)) × length, mm². */
export const lyingContact = (d: number, length: number, press: number): number =>
  2 * Math.sqrt(Math.max(0, press * (d - press))) * length;
