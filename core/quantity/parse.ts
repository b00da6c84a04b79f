import { LENGTH_IN_MM, MASS_IN_G, TIME_IN_MIN, VOLUME_IN_ML } from './units.ts';
import { fail, ok, type Result } from './result.ts';

/** The kinds of number a person types. Each turns into the one unit the core uses. */
export type QuantityKind =
  'length' | 'mass' | 'volume' | 'time' | 'temperature' | 'percent' | 'angle' | 'count';

interface Reader {
  readonly units: Readonly<Record<string, number>>;
  readonly bare: string;
  readonly example: string;
}

const READERS: Record<Exclude<QuantityKind, 'temperature'>, Reader> = {
  length: {
    units: {
      ...LENGTH_IN_MM,
      '"': 25.4,
      '″': 25.4,
      inch: 25.4,
      inches: 25.4,
      "'": 304.8,
      feet: 304.8,
      foot: 304.8,
    },
    bare: 'mm',
    example: '35 mm, 3.5 cm or 1 3/8 in',
  },
  mass: {
    units: {
      ...MASS_IN_G,
      gram: 1,
      grams: 1,
      gr: 1,
      ounce: MASS_IN_G.oz,
      ounces: MASS_IN_G.oz,
      lbs: MASS_IN_G.lb,
    },
    bare: 'g',
    example: '35 g or 1 1/4 oz',
  },
  volume: {
    units: {
      ...VOLUME_IN_ML,
      teaspoon: VOLUME_IN_ML.tsp,
      teaspoons: VOLUME_IN_ML.tsp,
      tablespoon: VOLUME_IN_ML.tbsp,
      cups: VOLUME_IN_ML.cup,
      'fl oz': VOLUME_IN_ML.floz,
      'imperial oz': VOLUME_IN_ML.imperialFloz,
    },
    bare: 'ml',
    example: '20 ml or 1/2 tsp',
  },
  time: {
    units: {
      ...TIME_IN_MIN,
      m: 1,
      mins: 1,
      minutes: 1,
      minute: 1,
      hour: 60,
      hours: 60,
      hr: 60,
      day: 1440,
      days: 1440,
    },
    bare: 'min',
    example: '45 min, 1h30 or 2 days',
  },
  percent: { units: { '%': 1, percent: 1 }, bare: '%', example: '58 %' },
  angle: { units: { '°': 1, deg: 1, degrees: 1 }, bare: '°', example: '15°' },
  count: { units: { '×': 1, pieces: 1, pcs: 1 }, bare: '×', example: '12' },
};

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** `1 1/4`, `3/8`, `2.5`, `2,5`: a number as people write it; undefined when it is none. */
function readNumber(text: string): number | undefined {
  const t = text.trim();
  const mixed = /^([-−]?)(?:(\d+)\s+)?(\d+)\s*[/⁄]\s*(\d+)$/.exec(t);
  if (mixed) {
    const below = Number(mixed[4]);
    if (below === 0) return undefined;
    const size = Number(mixed[2] ?? 0) + Number(mixed[3]) / below;
    return mixed[1] ? -size : size;
  }
  if (!/^[-−]?(\d+([.,]\d*)?|[.,]\d+)$/.test(t)) return undefined;
  return Number(t.replace('−', '-').replace(',', '.'));
}

const NUMBER = String.raw`[-−]?(?:\d+\s+\d+\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|\d+(?:[.,]\d*)?|[.,]\d+)`;

/** Several amounts in a row, as in `1 h 30 min` or `1 lb 4 oz`; a trailing bare number takes the next smaller unit. */
function readAmounts(text: string, reader: Reader): number | undefined {
  const part = new RegExp(String.raw`\s*(${NUMBER})\s*([^\d\s.,/−-]*(?:\s+oz)?)`, 'y');
  let sum = 0;
  let at = 0;
  let last: number | undefined;
  while (at < text.length) {
    part.lastIndex = at;
    const found = part.exec(text);
    if (!found || found[0].length === 0)
      return text.slice(at).trim() === '' && last !== undefined ? sum : undefined;
    const n = readNumber(found[1]!);
    const word = found[2]!;
    let size = word === '' ? undefined : reader.units[word];
    if (word !== '' && size === undefined) return undefined;
    if (size === undefined) size = last === TIME_IN_MIN.h ? TIME_IN_MIN.min : reader.units[reader.bare]!;
    if (n === undefined || (last !== undefined && size >= last)) return undefined;
    sum += n * size;
    last = size;
    at = part.lastIndex;
  }
  return last === undefined ? undefined : sum;
}

/**
 * Read a quantity as a person says it.
 * @param text for example `1 1/4 oz`, `2.5 in`, `½ tsp`, `1h30`, `35`
 * @param bareUnit the unit a bare number is in (what the person sees); the core's own when absent
 * @returns the amount in mm, g, mL, minutes, °C, per cent, degrees or pieces; or a sentence saying what is understood
 */
export function parseQuantity(kind: QuantityKind, text: string, bareUnit?: string): Result<number> {
  let clean = text
    .trim()
    .toLowerCase()
    .replace(/(\d)\s*([½¼¾⅓⅔⅛⅜⅝⅞])/g, '$1 $2');
  for (const [sign, plain] of Object.entries(VULGAR)) clean = clean.replaceAll(sign, plain);
  if (clean === '') return fail('Type an amount.');
  if (kind === 'temperature') {
    const found = new RegExp(String.raw`^(${NUMBER})\s*°?\s*(c|f)?$`).exec(clean);
    const n = found ? readNumber(found[1]!) : undefined;
    if (n === undefined) return fail(`“${text.trim()}” is not a temperature. Try 21 °C or 70 °F.`);
    const fahrenheit = (found![2] ?? bareUnit ?? 'c') === 'f';
    return ok(fahrenheit ? ((n - 32) * 5) / 9 : n);
  }
  const reader = READERS[kind];
  const value = readAmounts(clean, bareUnit === undefined ? reader : { ...reader, bare: bareUnit });
  if (value === undefined || !Number.isFinite(value))
    return fail(`“${text.trim()}” is not understood. Try ${reader.example}.`);
  return ok(value);
}
