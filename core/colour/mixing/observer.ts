/**
 * The standard eye and daylight at 36 bands from 380 to 730 nm: CIE 1931 2° observer and CIE illuminant D65 (CIE 015:2018, tables
 * typed from memory; checked by the white point).
 */
const X = [
  0.0014, 0.0042, 0.0143, 0.0435, 0.1344, 0.2839, 0.3483, 0.3362, 0.2908, 0.1954, 0.0956, 0.032, 0.0049,
  0.0093, 0.0633, 0.1655, 0.2904, 0.4334, 0.5945, 0.7621, 0.9163, 1.0263, 1.0622, 1.0026, 0.8544, 0.6424,
  0.4479, 0.2835, 0.1649, 0.0874, 0.0468, 0.0227, 0.0114, 0.0058, 0.0029, 0.0014,
];
/** Handbook, from memory: the same tables, ȳ. */
const Y = [
  0, 0.0001, 0.0004, 0.0012, 0.004, 0.0116, 0.023, 0.038, 0.06, 0.091, 0.139, 0.208, 0.323, 0.503, 0.71,
  0.862, 0.954, 0.995, 0.995, 0.952, 0.87, 0.757, 0.631, 0.503, 0.381, 0.265, 0.175, 0.107, 0.061, 0.032,
  0.017, 0.0082, 0.0041, 0.0021, 0.001, 0.0005,
];
/** Handbook, from memory: the same tables, z̄. */
const Z = [
  0.0065, 0.0201, 0.0679, 0.2074, 0.6456, 1.3856, 1.7471, 1.7721, 1.6692, 1.2876, 0.813, 0.4652, 0.272,
  0.1582, 0.0782, 0.0422, 0.0203, 0.0087, 0.0039, 0.0021, 0.0017, 0.0011, 0.0008, 0.0003, 0.0002, 0, 0, 0, 0,
  0, 0, 0, 0, 0, 0, 0,
];
/** Handbook, from memory: CIE illuminant D65. */
const DAYLIGHT = [
  49.9755, 54.6482, 82.7549, 91.486, 93.4318, 86.6823, 104.865, 117.008, 117.812, 114.861, 115.923, 108.811,
  109.354, 107.802, 104.79, 107.689, 104.405, 104.046, 100, 96.3342, 95.788, 88.6856, 90.0062, 89.5991,
  87.6987, 83.2886, 83.6992, 80.0268, 80.2146, 82.2778, 78.2842, 69.7213, 71.6091, 74.349, 61.604, 69.8856,
];
/** From XYZ to linear sRGB, D65 (IEC 61966-2-1). Handbook. */
const TO_RGB = [
  [3.2404542, -1.5371385, -0.4985314],
  [-0.969266, 1.8760108, 0.041556],
  [0.0556434, -0.2040259, 1.0572252],
] as const;

/** Bands of a spectrum. */
export const BANDS = DAYLIGHT.length;
const sum = (xs: readonly number[]): number => xs.reduce((a, b) => a + b, 0);
const lit = (eye: readonly number[]): number => sum(eye.map((e, i) => e * DAYLIGHT[i]!));

/** Chromaticity of daylight by these tables: 0.3127, 0.3290 by the standard. */
export const daylightXy = (): readonly [number, number] => {
  const all = lit(X) + lit(Y) + lit(Z);
  return [lit(X) / all, lit(Y) / all];
};

/** How much of each band makes red, green and blue, linear; each adds up to one, so that a perfect white is exactly white. */
export const RGB_WEIGHTS: readonly (readonly number[])[] = TO_RGB.map(([x, y, z]) => {
  const row = DAYLIGHT.map((d, i) => (x * X[i]! + y * Y[i]! + z * Z[i]!) * d);
  const whole = sum(row);
  return row.map((w) => w / whole);
});
