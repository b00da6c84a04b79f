import { LENGTH_IN_MM, MASS_IN_G, VOLUME_IN_ML, type LengthUnit, type MassUnit } from './units.ts';
import { massStep, roundTo } from './round.ts';
import type { Reckoned } from './reckoned.ts';

/** The units a person has chosen to see. */
export interface Shown {
  readonly mass: Extract<MassUnit, 'g' | 'oz'>;
  readonly length: Extract<LengthUnit, 'mm' | 'in'>;
}

export const METRIC: Shown = { mass: 'g', length: 'mm' };

const plain = (x: number): string => (Object.is(x, -0) ? '0' : String(x));

/** Grams as shown on a scale: 0.01 g below one, 0.1 g below 20 g, 1 g below 500 g, 5 g above; ounces to 0.05. */
export function formatMass(g: number, shown: Shown = METRIC): string {
  if (shown.mass === 'oz') return `${plain(roundTo(g / MASS_IN_G.oz, 0.05))} oz`;
  return `${plain(roundTo(g, massStep(Math.abs(g))))} g`;
}

/** Lighter than this no kitchen scale tells one from the next, g: such a piece is made by its ball. Common practice. */
const LEAST_WEIGHED: number = 0.5;

/** Whether a kitchen scale can weigh it out. */
export const isWeighed = (g: number): boolean => g >= LEAST_WEIGHED;

/** Grams of a piece; one too small to weigh is told so, and made by the size of its ball. */
export const formatPiece = (g: number, shown: Shown = METRIC): string =>
  isWeighed(g) ? formatMass(g, shown) : `under ${formatMass(LEAST_WEIGHED, shown)}`;

/** Grams to weigh out: parts of a batch, to the gram however large, so that they are seen to add up. */
export const formatWeighed = (g: number, shown: Shown = METRIC): string =>
  g >= 500 && shown.mass === 'g' ? `${roundTo(g, 1)} g` : formatMass(g, shown);

/** Millimetres to 1 mm from 10 mm up and 0.5 mm below; inches to 1/100. */
export function formatLength(mm: number, shown: Shown = METRIC): string {
  if (shown.length === 'in') return `${plain(roundTo(mm / LENGTH_IN_MM.in, 0.01))} in`;
  return `${plain(roundTo(mm, Math.abs(mm) < 10 ? 0.1 : Math.abs(mm) < 60 ? 0.5 : 1))} mm`;
}

/** Minutes as people say them: `35 min`, `1 h 20`, `14 h`, `2 d 6 h`. Coarser as it gets longer. */
export function formatTime(minutes: number): string {
  if (!Number.isFinite(minutes)) return 'never';
  const sign = minutes < 0 ? '−' : '';
  const m = Math.abs(minutes);
  if (m > 0 && m < 0.5) return 'at once';
  if (m < 90) return `${sign}${Math.round(m)} min`;
  if (m < 600) {
    const r = Math.round(m / 5) * 5;
    const rest = r % 60;
    return `${sign}${Math.floor(r / 60)} h${rest ? ` ${String(rest).padStart(2, '0')}` : ''}`;
  }
  if (m < 2880) return `${sign}${Math.round(m / 60)} h`;
  const h = Math.round(m / 60);
  return `${sign}${Math.floor(h / 24)} d${h % 24 ? ` ${h % 24} h` : ''}`;
}

/** Bands wider than this are told in words: a minute would be a pretence. */
const TOO_WIDE = 8;
const ABOUT = [
  [4, 'a few minutes'],
  [15, 'some minutes'],
  [50, 'part of an hour'],
  [150, 'an hour or so'],
  [400, 'some hours'],
  [900, 'half a day'],
  [2000, 'a day'],
] as const;
const about = (minutes: number): string => ABOUT.find(([most]) => minutes <= most)?.[1] ?? 'days';

/** A band as it can honestly be told: in minutes and hours, or in words where the ends lie too far apart. */
export function tellBand(fast: number, likely: number, slow: number): string {
  if (!Number.isFinite(likely))
    return Number.isFinite(fast) ? 'may never, in this room' : 'never in this room';
  if (likely < 0.5) return 'at once';
  if (Number.isFinite(slow) && slow <= TOO_WIDE * Math.max(fast, 0.5)) return formatBand(fast, slow);
  const [a, b] = [about(Math.max(fast, 1)), Number.isFinite(slow) ? about(slow) : 'never'];
  return a === b ? a : b === 'never' ? `${a}, or not at all` : `${a}, or ${b}`;
}

/** A band of times: `9 to 14 h`, `35 to 50 min`, `3 h or longer` when the slow end is never. */
export function formatBand(fast: number, slow: number): string {
  if (!Number.isFinite(fast)) return 'never in this room';
  if (!Number.isFinite(slow)) return `${formatTime(fast)} or much longer`;
  const a = formatTime(fast);
  const b = formatTime(slow);
  if (a === b) return a;
  const unit = / (min|h)$/;
  const ua = unit.exec(a)?.[1];
  return ua !== undefined && ua === unit.exec(b)?.[1] ? `${a.replace(unit, '')} to ${b}` : `${a} to ${b}`;
}

/** Minutes as a length to type again: exact, `1 h 30 min`. */
export const formatDuration = (minutes: number): string => {
  const m = Math.round(minutes);
  if (m < 60) return `${m} min`;
  return m % 60 ? `${Math.floor(m / 60)} h ${m % 60} min` : `${m / 60} h`;
};

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

/** Volume of a powder in level spoons: tablespoons above three teaspoons, to the eighth. */
export function formatSpoons(ml: number, spoonMl: number = VOLUME_IN_ML.tsp): string {
  const tsp = ml / spoonMl;
  const eighths = Math.round(tsp * 8);
  if (eighths === 0) return ml > 0 ? 'a pinch' : 'none';
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8]!;
  return `${whole || ''}${part} tsp`;
}

const round3 = (x: number): string => {
  const a = Math.abs(x);
  if (a === 0) return '0';
  if (a >= 1000) return String(Math.round(x));
  return String(Number(x.toPrecision(a >= 100 ? 4 : 3)));
};

/** Any reckoned figure with its unit, in the units the person sees. */
export function formatReckoned(figure: Reckoned, shown: Shown = METRIC): string {
  const { value, unit } = figure;
  if (Number.isNaN(value)) return 'not known';
  if (!Number.isFinite(value)) return unit === 'min' ? 'never' : 'no limit';
  switch (unit) {
    case 'g':
      return formatMass(value, shown);
    case 'mm':
      return formatLength(value, shown);
    case 'min':
      return formatTime(value);
    case '°':
      return `${roundTo(value, Math.abs(value) < 10 ? 0.1 : 1)}°`;
    case '×':
      return `${round3(value)}×`;
    case '':
    case 'pieces':
      return round3(value);
    default:
      return `${round3(value)} ${unit}`;
  }
}

/** Bytes as people say them: `0.4 MB`, `38 MB`, `2.1 GB`. */
export function formatBytes(bytes: number): string {
  const mb = bytes / 1e6;
  if (mb >= 1000) return `${(mb / 1000).toFixed(1)} GB`;
  return mb < 10 ? `${mb.toFixed(1)} MB` : `${Math.round(mb)} MB`;
}

/** As a sentence begins: its first letter large. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** As it stands inside a sentence: its first letter small. */
export const lower = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);

/** `a`, `a and b`, `a, b and c`. */
export const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)!}`;

const CARDINALS = 'no one two three four five six seven eight nine ten eleven twelve'.split(' ');

/** A number as a sentence has it: in words to twelve, in figures where it is larger or not whole. `4` → `four`. */
export const inWords = (n: number): string => CARDINALS[n] ?? String(n);
