const PI = Math.PI;

/** Curved area of half a spheroid of revolution: equatorial radius r, semi-axis c along the axis. Handbook. */
export function halfSpheroidArea(r: number, c: number): number {
  const off = (c - r) / r;
  if (Math.abs(off) < 1e-6) return 2 * PI * r * r * (1 + (2 * off) / 3);
  if (c > r) {
    const e = Math.sqrt(1 - (r * r) / (c * c));
    return PI * r * r * (1 + (c / (r * e)) * Math.asin(e));
  }
  const e = Math.sqrt(1 - (c * c) / (r * r));
  return PI * r * r * (1 + ((1 - e * e) / e) * Math.atanh(e));
}

/** The part of a ball of radius R below height t over its centre: volume, curved area, moment about the centre. */
export function ballBelow(R: number, t: number): { volume: number; area: number; moment: number } {
  const h = R + t;
  return {
    volume: (PI * h * h * (3 * R - h)) / 3,
    area: 2 * PI * R * h,
    moment: (-PI / 4) * (R * R - t * t) ** 2,
  };
}

/** Heights from 0 to h, denser near the ends where a turned outline curves most. */
export const levels = (h: number, n = 20): number[] =>
  Array.from({ length: n + 1 }, (_, i) => (h * (1 - Math.cos((PI * i) / n))) / 2);
