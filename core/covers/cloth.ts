import { given, reckon, type Mm, type Reckoned } from '../quantity/index.ts';

/** Something cut from a sheet and laid round: how large it is cut, and its outline in the flat. */
export interface Cloth {
  readonly figures: readonly { readonly says: string; readonly figure: Reckoned }[];
  /** Closed, anticlockwise, from the foot up, mm. */
  readonly outline: readonly (readonly [Mm, Mm])[];
  /** What cannot be made, or is asking for trouble. */
  readonly says?: string;
}

const yours = (name: string, x: number, unit: 'mm' | '°' = 'mm') => given(name, x, unit, 'yours');

/** Points along a curved edge. A step of the method; estimate. */
const POINTS = 24;
const along = <T>(of: (share: number) => T): T[] =>
  Array.from({ length: POINTS + 1 }, (_, k) => of(k / POINTS));

/**
 * A sleeve round an arm, its upper edge cut to where the arm leaves the shoulder slanting: a wave as high as a slanting cut
 * through a tube. Derived; its area is the way round times its length.
 * @param slant of the shoulder's cut, degrees; nothing for one that is cut straight
 */
export function sleeveOf(arm: Mm, length: Mm, slant: number, thick: Mm, lap: Mm): Cloth {
  const round = reckon(
    'Round the arm, with the lap',
    'mm',
    'π × (arm + thickness) + lap',
    [yours('Arm, across', arm), yours('Rolled to', thick), yours('Lapped over', lap)],
    (d, t, l) => Math.PI * (d + t) + l,
  );
  const girth = round.value - lap;
  const crown = reckon(
    'Wave of its upper edge',
    'mm',
    '(arm + thickness) × tan(slant)',
    [yours('Arm, across', arm), yours('Rolled to', thick), yours('Slant of the shoulder', slant, '°')],
    (d, t, a) => (d + t) * Math.tan((a * Math.PI) / 180),
  );
  const half = crown.value / 2;
  // longest in the middle of the paper, so that its seam lies inside, where the arm is shortest
  const top = along((f): readonly [Mm, Mm] => {
    const x = f * round.value;
    return [x, length - half * Math.cos((2 * Math.PI * Math.min(x, girth)) / girth)];
  });
  return {
    figures: [
      { says: 'to cut across', figure: round },
      { says: 'from its lowest to its highest at the shoulder', figure: crown },
    ],
    outline: [[0, 0], [round.value, 0], ...top.reverse()],
    ...(half < length ? {} : { says: 'The slant takes more than the sleeve is long: make it longer.' }),
  };
}

const FULL = 2 * Math.PI;

/**
 * A collar, cape or jacket round something that widens or narrows: part of a ring, by the cone it lies on. Derived; handbook,
 * from memory.
 * @param above across where it begins, below across at its hem, tall upright between them
 * @param gap left open in front, at the hem; less than nothing laps
 */
export function jacketOf(above: Mm, below: Mm, tall: Mm, thick: Mm, gap: Mm): Cloth {
  const sizes = [
    yours('Across, above', above),
    yours('Across, at the hem', below),
    yours('Tall', tall),
  ] as const;
  const slant = reckon('Over its slope', 'mm', '√(tall² + ((hem − above) ÷ 2)²)', sizes, (a, b, h) =>
    Math.hypot(h, (b - a) / 2),
  );
  const round = (name: string, across: Mm) =>
    reckon(
      name,
      'mm',
      'π × (across + thickness)',
      [yours('Across', across), yours('Rolled to', thick)],
      (d, t) => Math.PI * (d + t),
    );
  const hem = round('Way round at the hem', below);
  const neck = round('Way round above', above);
  const open = given('Left open in front, at the hem', gap, 'mm', 'yours');
  const cut = reckon('Hem to cut', 'mm', 'way round − what stays open', [hem, open], (g, o) => g - o);
  const share = cut.value / hem.value;
  const figures = [
    { says: 'along the hem', figure: cut },
    { says: 'along the upper edge', figure: reckon('Upper edge to cut', 'mm', 'way round × share of the hem that is cut', [neck, cut, hem], (n, c, h) => (n * c) / h) }, // prettier-ignore
    { says: 'from edge to edge', figure: slant },
  ];
  if (share <= 0)
    return { figures, outline: [], says: 'Nothing is left of it: it is open all the way round.' };
  const s = slant.value;
  const [r1, r2] = [neck.value / FULL, hem.value / FULL];
  // as wide above as below it is a strip
  if (Math.abs(r2 - r1) * 1000 < s) {
    const wide = cut.value;
    return { figures, outline: [[0, 0], [wide, 0], [wide, s], [0, s]] }; // prettier-ignore
  }
  const wider = Math.max(r1, r2);
  const outer = (wider * s) / Math.abs(r2 - r1);
  const turn = ((FULL * wider) / outer) * share;
  const bend = reckon(
    'Radius of its outer edge',
    'mm',
    'radius of the wider end × slope ÷ difference of the radii',
    [given('Radius of the wider end, with the paste', wider, 'mm', 'derived'), slant, given('Difference of the radii', Math.abs(r2 - r1), 'mm', 'derived')], // prettier-ignore
    (r, l, d) => (r * l) / d,
  );
  const at = (r: Mm, f: number): readonly [Mm, Mm] => {
    const angle = -Math.PI / 2 + turn * (f - 0.5);
    return [r * Math.cos(angle), r * Math.sin(angle)];
  };
  return {
    figures: [...figures, { says: 'is the radius its outer edge is cut with', figure: bend }],
    outline: [...along((f) => at(outer, f)), ...along((f) => at(outer - s, 1 - f))],
  };
}

/** A tassel is cut in to so much of its length before it is rolled up. Common practice. */
const CUT_IN = 2 / 3;

/** A tassel: a strip, cut in like a comb and rolled up to its width. Derived: the strip's face fills the roll's. */
export function tasselOf(length: Mm, across: Mm, thick: Mm): Cloth {
  const strip = reckon(
    'Strip to roll up',
    'mm',
    'π × across² ÷ (4 × thickness)',
    [yours('Across', across), yours('Rolled to', thick)],
    (d, t) => (Math.PI * d * d) / (4 * t),
  );
  const cut = reckon(
    'Cut in',
    'mm',
    'length × two thirds',
    [yours('Long', length), given('Share', CUT_IN, '', 'common practice')],
    (l, k) => l * k,
  );
  const wide = strip.value;
  return {
    figures: [
      { says: 'to cut across, before it is rolled up', figure: strip },
      { says: 'deep are the cuts of its fringe', figure: cut },
    ],
    outline: [[0, 0], [wide, 0], [wide, length], [0, length]], // prettier-ignore
    ...(thick * 4 > across ? { says: 'It is hardly rolled round once: roll the sheet thinner.' } : {}),
  };
}
