import { formatTemperature, type Custom } from './custom.ts';
import { formatLength, formatMass, formatSpoons } from './format.ts';
import { roundTo } from './round.ts';
import { VOLUME_IN_ML } from './units.ts';

/** One number or several that share a unit: `45`, `16 to 20`, `120 × 80 × 45`. */
const NUMBER = String.raw`[−-]?\d+(?:\.\d+)?`;
const SEVERAL = String.raw`(?<![\d.:,/])${NUMBER}(?:(?: (?:to|and|or|by|×) |–| ?× ?)${NUMBER})*`;
/** A unit of its own, not a part of another: `g` but neither `g/m²` nor `grams`. */
const unit = (u: string): RegExp => new RegExp(`(${SEVERAL})( |\\u00a0|(?=°))${u}(?![\\w/·²³⁴])`, 'g');

const MM = unit('mm');
const CM = unit('cm');
const G = unit('g');
const KG = unit('kg');
const ML = unit('mL');
const WARM = unit('°C');
const LESS = new RegExp(`(${NUMBER}) °C (less|apart|warmer|cooler|colder|more)`, 'g');
const CLOCK = /(?<![\d:.])([01]?\d|2[0-3]):([0-5]\d)(?![\d:]|\s[ap]m\b)/g;
/** Whoever says both leaves the choice to the reader. */
const BOTH = { length: /\d ?in(?=[\s,.;)]|$)(?! [a-z])|\d ft\b/, mass: /\d oz\b/, temperature: /°F/ };

const READ = new RegExp(NUMBER, 'g');
const UNIT_AT_END = / (?:in|oz|°F|tsp|tbsp|cups?)$/;

/** Several numbers told each by itself, with the unit they share once. */
function each(numbers: string, tell: (x: number) => string): string {
  const told = [...numbers.matchAll(READ)].map((n) => tell(Number(n[0].replace('−', '-'))));
  const shared = told.map((t) => UNIT_AT_END.exec(t)?.[0]);
  const same = shared.every((u) => u === shared[0]);
  let k = 0;
  return numbers.replace(READ, () => {
    const t = told[k++]!;
    return same && k < told.length ? t.replace(UNIT_AT_END, '') : t;
  });
}

/** Millilitres as spoons and cups of the US kitchen: to the eighth of a teaspoon, of a tablespoon from three, of a cup from four. */
export function formatKitchen(ml: number): string {
  if (ml < VOLUME_IN_ML.tbsp) return formatSpoons(ml);
  const eighths = (of: number) => formatSpoons(ml, of).replace(/ tsp$/, '');
  if (ml < VOLUME_IN_ML.cup / 4) return `${eighths(VOLUME_IN_ML.tbsp)} tbsp`;
  const cups = eighths(VOLUME_IN_ML.cup);
  return `${cups} ${/^\d\d|^[2-9]|^1./.test(cups) ? 'cups' : 'cup'}`;
}

/** A time of day by the clock of twelve hours: `19:10` → `7:10 pm`, which no line parts. */
export const formatTwelve = (hours: number, minutes: string): string =>
  `${hours % 12 || 12}:${minutes}\u00a0${hours < 12 ? 'am' : 'pm'}`;

/**
 * A sentence of the core, which is written in metric and by the clock of twenty-four hours, as somebody of other customs
 * says it: `Let it reach 45 mm further in` → `Let it reach 1.77 in further in`. What is in their units already stays.
 */
export function retell(text: string, custom: Custom): string {
  if (!/\d/.test(text)) return text;
  let out = text;
  if (custom.temperature === 'F' && !BOTH.temperature.test(out))
    out = out
      .replace(LESS, (_, n: string, how: string) => `${roundTo((Number(n) * 9) / 5, 1)} °F ${how}`)
      .replace(WARM, (_, n: string) => each(n, (c) => formatTemperature(c, custom)));
  if (custom.length === 'in' && !BOTH.length.test(out))
    out = out
      .replace(MM, (_, n: string) => each(n, (mm) => formatLength(mm, custom)))
      .replace(CM, (_, n: string) => each(n, (cm) => formatLength(cm * 10, custom)));
  if (custom.mass === 'oz' && !BOTH.mass.test(out))
    out = out
      .replace(G, (_, n: string) => each(n, (g) => formatMass(g, custom)))
      .replace(KG, (_, n: string) => each(n, (kg) => formatMass(kg * 1000, custom)));
  if (custom.volume === 'spoons') out = out.replace(ML, (_, n: string) => each(n, formatKitchen));
  if (custom.clock === 12) out = out.replace(CLOCK, (_, h: string, m: string) => formatTwelve(Number(h), m));
  return out;
}
