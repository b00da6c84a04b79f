/** A number that remembers its unit at compile time; plain numbers may flow in, other units may not. */
declare const unit: unique symbol;
type In<U extends string> = number & { readonly [unit]?: U };

export type Mm = In<'mm'>;
export type Grams = In<'g'>;
export type Minutes = In<'min'>;
export type Celsius = In<'C'>;
export type Degrees = In<'deg'>;
/** Grams per cubic centimetre. */
export type Density = In<'g/cm3'>;
/** Cubic millimetres; 1000 make a cubic centimetre, which is a millilitre. */
export type Mm3 = In<'mm3'>;
export type Mm2 = In<'mm2'>;

/** Units a reckoned figure may be shown in. */
export type Unit =
  | 'mm'
  | 'mm²'
  | 'cm²'
  | 'cm³'
  | 'g'
  | 'g/cm³'
  | 'g/m²'
  | 'min'
  | 'h'
  | '°C'
  | '°C less'
  | 'N'
  | 'N·mm'
  | 'N/mm'
  | 'MPa'
  | 'kPa'
  | 'mm³'
  | 'mm⁴'
  | '%'
  | '°'
  | 'tsp'
  | 'mL'
  | 'kg/m³'
  | 'm/s'
  | 'pieces'
  | 'drops'
  | '×'
  | '';

/** Standard gravity, m/s² (exact by definition, 3rd CGPM 1901). */
export const GRAVITY = 9.80665;

/** Grams in each mass unit. Exact: international avoirdupois pound, 1959. */
export const MASS_IN_G = { g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 } as const;

/** Millimetres in each length unit. Exact: international inch, 1959. */
export const LENGTH_IN_MM = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 } as const;

/** Millilitres in each measure. Exact: US gallon of 231 cubic inches; imperial gallon of 4.54609 L; metric kitchen measures by definition. */
export const VOLUME_IN_ML = {
  ml: 1,
  l: 1000,
  tsp: 4.92892159375,
  tbsp: 14.78676478125,
  cup: 236.5882365,
  floz: 29.5735295625,
  metricTsp: 5,
  metricTbsp: 15,
  metricCup: 250,
  australianTbsp: 20,
  imperialFloz: 28.4130625,
} as const;

/** Minutes in each time unit. */
export const TIME_IN_MIN = { min: 1, h: 60, d: 1440 } as const;

export type MassUnit = keyof typeof MASS_IN_G;
export type LengthUnit = keyof typeof LENGTH_IN_MM;
