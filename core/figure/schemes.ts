import { fail, ok, type Mm, type Provenance, type Result } from '../quantity/index.ts';

/** Shares of standing height. Head, neck, torso and legs make the whole; feet lie inside the legs, hair is on top. */
export interface Scheme {
  readonly id: string;
  readonly name: string;
  readonly heads: number;
  readonly head: number;
  readonly neck: number;
  readonly torso: number;
  readonly legs: number;
  readonly arm: number;
  readonly hand: number;
  readonly foot: number;
  readonly headWide: number;
  readonly shoulders: number;
  readonly hips: number;
  readonly deep: number;
  readonly armThick: readonly [number, number];
  readonly legThick: readonly [number, number];
  readonly source: Provenance;
}

type Widths = Pick<
  Scheme,
  'arm' | 'hand' | 'foot' | 'headWide' | 'shoulders' | 'hips' | 'deep' | 'armThick' | 'legThick'
>;

/** @param legs share of the whole, or of what is below the head */
function scheme(
  id: string,
  name: string,
  heads: number,
  neck: number,
  legs: { ofAll: number } | { belowHead: number },
  source: Provenance,
  widths: Widths,
): Scheme {
  const head = 1 / heads;
  const leg = 'ofAll' in legs ? legs.ofAll : legs.belowHead * (1 - head);
  return { id, name, heads, head, neck, torso: 1 - head - neck - leg, legs: leg, source, ...widths };
}

const widths = (
  headWide: number,
  shoulders: number,
  hips: number,
  deep: number,
  arm: number,
  hand: number,
  foot: number,
  armThick: readonly [number, number],
  legThick: readonly [number, number],
): Widths => ({ headWide, shoulders, hips, deep, arm, hand, foot, armThick, legThick });

/** Proportions: stylised ones common practice, natural ones the usual drawing canons from memory; widths estimates. */
export const SCHEMES: readonly Scheme[] = [
  scheme(
    'stylised-2',
    'Stylised, two heads',
    2,
    0,
    { belowHead: 0.4 },
    'common practice',
    widths(0.46, 0.34, 0.34, 0.28, 0.27, 0.09, 0.18, [0.1, 0.08], [0.13, 0.12]),
  ),
  scheme(
    'stylised-2.5',
    'Stylised, two and a half',
    2.5,
    0,
    { belowHead: 0.5 },
    'common practice',
    widths(0.37, 0.3, 0.3, 0.24, 0.3, 0.085, 0.16, [0.085, 0.07], [0.115, 0.1]),
  ),
  scheme(
    'stylised-3-long-legs',
    'Stylised, three heads',
    3,
    0,
    { belowHead: 2 / 3 },
    'common practice',
    widths(0.3, 0.25, 0.24, 0.18, 0.36, 0.08, 0.15, [0.07, 0.055], [0.1, 0.08]),
  ),
  scheme(
    'long-legs-two-thirds',
    'Long legs, two thirds',
    6,
    0.02,
    { ofAll: 2 / 3 },
    'common practice',
    widths(0.14, 0.17, 0.15, 0.1, 0.36, 0.09, 0.13, [0.045, 0.033], [0.075, 0.05]),
  ),
  scheme(
    'toddler-4',
    'Toddler, four heads',
    4,
    0.02,
    { ofAll: 0.37 },
    'from memory',
    widths(0.21, 0.25, 0.2, 0.16, 0.34, 0.1, 0.15, [0.07, 0.05], [0.1, 0.06]),
  ),
  scheme(
    'child-5.5',
    'Child, five and a half',
    5.5,
    0.025,
    { ofAll: 0.43 },
    'from memory',
    widths(0.15, 0.23, 0.17, 0.13, 0.38, 0.105, 0.15, [0.055, 0.04], [0.085, 0.05]),
  ),
  scheme(
    'child-6.5',
    'Child, six and a half',
    6.5,
    0.03,
    { ofAll: 0.46 },
    'from memory',
    widths(0.125, 0.23, 0.17, 0.12, 0.4, 0.105, 0.15, [0.05, 0.036], [0.08, 0.046]),
  ),
  scheme(
    'adult-7.5',
    'Adult, seven and a half',
    7.5,
    0.04,
    { ofAll: 0.485 },
    'from memory',
    widths(0.09, 0.259, 0.191, 0.13, 0.44, 0.108, 0.152, [0.055, 0.036], [0.09, 0.045]),
  ),
  scheme(
    'adult-8',
    'Adult, eight heads',
    8,
    0.04,
    { ofAll: 0.5 },
    'from memory',
    widths(0.083, 0.27, 0.18, 0.13, 0.44, 0.105, 0.15, [0.054, 0.035], [0.09, 0.045]),
  ),
];

/** The scheme of proportion with this id; undefined for one that is not there. */
export const schemeOf = (id: string): Scheme | undefined => SCHEMES.find((s) => s.id === id);

/** Does a scheme leave a body between head and legs? */
export function checkScheme(s: Scheme): Result<Scheme> {
  if (!(s.torso > 0))
    return fail(
      'Head, neck and legs leave nothing for the body: make the head smaller or the legs shorter.',
      'legs',
    );
  return Math.abs(s.head + s.neck + s.torso + s.legs - 1) < 1e-9
    ? ok(s)
    : fail('Head, neck, body and legs have to make the whole.', 'legs');
}

/** Levels to lay over the stage, in steps of an eighth of the height; the usual drawing canon, from memory. */
const EIGHTHS = [
  'crown',
  'chin',
  'chest line',
  'navel',
  'crotch',
  'mid thigh',
  'below the knee',
  'mid shin',
  'sole',
];

/** Heights of a grown person's joints as shares of stature; Drillis & Contini 1966 as printed in handbooks, from memory. */
export const JOINTS = {
  chin: 0.87,
  shoulder: 0.818,
  elbow: 0.63,
  hip: 0.53,
  wrist: 0.485,
  fingertip: 0.377,
  knee: 0.285,
  ankle: 0.039,
} as const;

/** Lengths of a grown person's limbs as shares of stature; the same source. */
export const LIMBS = {
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
  thigh: 0.245,
  shank: 0.246,
  foot: 0.152,
} as const;

/** From so many heads up a figure is built like a grown person. */
const GROWN = 7;

/**
 * Landmarks of a figure: every eighth for eight heads, the joints of a grown person for other grown ones, else chin,
 * hips, knee and sole by its own shares.
 */
export function landmarks(s: Scheme, height: Mm): { name: string; z: Mm }[] {
  if (s.heads === 8) return EIGHTHS.map((name, i) => ({ name, z: height * (1 - i / 8) }));
  if (s.heads >= GROWN)
    return [
      { name: 'crown', z: height },
      ...Object.entries(JOINTS).map(([name, share]) => ({ name, z: height * share })),
      { name: 'sole', z: 0 },
    ];
  return [
    { name: 'crown', z: height },
    { name: 'chin', z: height * (1 - s.head) },
    ...(s.neck > 0 ? [{ name: 'shoulders', z: height * (1 - s.head - s.neck) }] : []),
    { name: 'hips', z: height * s.legs },
    { name: 'knee', z: (height * s.legs) / 2 },
    { name: 'sole', z: 0 },
  ];
}
