import { given, reckon, type Mm, type Reckoned } from '../quantity/index.ts';
import { lengthDown, radiusAt, skinOf, type Profile } from './profile.ts';

/** Marks along a line that come out even. */
export interface Marks {
  readonly number: Reckoned;
  /** From one to the next, as it comes out, mm. */
  readonly pitch: Reckoned;
}

const nearest = (x: number, step: number): number => Math.max(step, Math.round(x / step) * step);

/**
 * Stitches, pearls or holes along a line, as near to a wished pitch as comes out even. Derived.
 * @param closed the last meets the first; an open line has a mark at both ends
 * @param alike in so many stretches that are the same: 2 for halves, 4 for quarters
 */
export function evenMarks(
  length: Reckoned,
  wished: Mm,
  { closed, alike }: { closed: boolean; alike: number },
): Marks {
  const pitch = given('Wished from one to the next', wished, 'mm');
  const parts = given('Stretches that are alike', alike, '');
  const gaps = reckon(
    'Stretches between marks',
    'pieces',
    'length ÷ pitch, to the nearest that can be shared out alike',
    [length, pitch, parts],
    (l, p, m) => nearest(l / p, m),
  );
  return {
    number: closed ? gaps : reckon('Marks', 'pieces', 'stretches + 1, one at each end', [gaps], (n) => n + 1),
    pitch: reckon('From one to the next', 'mm', 'length ÷ stretches', [length, gaps], (l, n) => l / n),
  };
}

/** One row round a body. */
export interface Row {
  /** Over the skin from the top to its middle, mm. */
  readonly down: Mm;
  readonly number: number;
  /** Of each that shows across, mm. */
  readonly across: Mm;
}

/** Whole rows of whole numbers over a body. */
export interface Rows {
  readonly rows: readonly Row[];
  readonly number: Reckoned;
  /** Of each that shows lengthwise, as it comes out, mm. */
  readonly shows: Reckoned;
}

/**
 * Scales, feathers or shingles in rows from the lowest up: whole rows, whole numbers in each.
 * @param across of each that shows across, mm @param shows of each that shows lengthwise, mm
 */
export function evenRows(profile: Profile, across: Mm, shows: Mm): Rows {
  const to = lengthDown(profile);
  const reach = given('Over the skin, from the top to the lowest edge', to, 'mm', 'derived');
  const wished = given('Wished to show lengthwise', shows, 'mm');
  const k = Math.max(1, Math.round(to / shows));
  const step = to / k;
  const rows: Row[] = [];
  for (let i = 0; i < k; i++) {
    const down = to - (i + 0.5) * step;
    const round = 2 * Math.PI * radiusAt(profile, down);
    const n = Math.max(1, Math.round(round / across));
    rows.push({ down, number: n, across: round / n });
  }
  return {
    rows,
    number: reckon(
      'In all',
      'pieces',
      'row for row: girth ÷ what shows across, in whole numbers',
      rows.map((r, i) => given(`Row ${i + 1} from below`, r.number, 'pieces', 'derived')),
      (...all) => all.reduce((a, b) => a + b, 0),
    ),
    shows: reckon(
      'Shows lengthwise',
      'mm',
      'over the skin ÷ whole rows',
      [reach, wished],
      (l, e) => l / Math.max(1, Math.round(l / e)),
    ),
  };
}

/** Dots an area takes: in hexagons, the closest there is, and thrown: then 0.547 of it is covered (random sequential packing, from memory). */
export function dotsOver(
  profile: Profile,
  dot: Mm,
  gap: Mm,
): { readonly close: Reckoned; readonly thrown: Reckoned } {
  const area = given('Skin', skinOf(profile) / 100, 'cm²', 'derived');
  const across = given('Dot, across', dot, 'mm');
  const between = given('Gap', gap, 'mm');
  return {
    close: reckon(
      'As close as they go',
      'pieces',
      '2 × skin ÷ (√3 × (across + gap)²)',
      [area, across, between],
      (a, d, g) => Math.floor((200 * a) / (Math.sqrt(3) * (d + g) ** 2)),
    ),
    thrown: reckon(
      'Scattered, none touching',
      'pieces',
      '0.547 × skin ÷ (π ÷ 4 × (across + gap)²)',
      [area, across, between],
      (a, d, g) => Math.floor((54.7 * a) / ((Math.PI / 4) * (d + g) ** 2)),
      'from memory',
    ),
  };
}

/** A strip wound round a body from the foot up, each round over the one before. */
export interface Wound {
  readonly length: Reckoned;
  readonly rounds: Reckoned;
}

/**
 * Strips for bark, fur or a bandage. Derived: the skin of the side over what shows of each round. Undefined where nothing shows.
 * @param wide of the strip, mm @param lap of each round over the one before, mm
 */
export function woundStrip(profile: Profile, wide: Mm, lap: Mm): Wound | undefined {
  if (!(wide > lap)) return undefined;
  const shows = reckon(
    'Shows of each round',
    'mm',
    'wide − lap',
    [given('Strip, wide', wide, 'mm'), given('Lap', lap, 'mm')],
    (w, o) => w - o,
  );
  return {
    length: reckon(
      'Strip, in all',
      'mm',
      'skin ÷ what shows',
      [given('Skin', skinOf(profile), 'mm²', 'derived'), shows],
      (a, w) => a / w,
    ),
    rounds: reckon(
      'Rounds',
      'pieces',
      'over the skin ÷ what shows, rounded up',
      [given('Over the skin', lengthDown(profile), 'mm', 'derived'), shows],
      (s, w) => Math.ceil(s / w - 1e-9),
    ),
  };
}
