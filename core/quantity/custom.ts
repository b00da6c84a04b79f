import { METRIC, type Shown } from './format.ts';
import { roundTo } from './round.ts';

/** What a person is used to, beside the units of weight and length. */
export interface Custom extends Shown {
  readonly temperature: 'C' | 'F';
  readonly volume: 'mL' | 'spoons';
  readonly clock: 24 | 12;
}

/** As the core writes. */
export const AS_WRITTEN: Custom = { ...METRIC, temperature: 'C', volume: 'mL', clock: 24 };

const fahrenheit = (c: number): number => (c * 9) / 5 + 32;

/** A temperature in the degrees a person is used to: to half a degree, or to a degree of Fahrenheit. */
export const formatTemperature = (c: number, told: Pick<Custom, 'temperature'> = AS_WRITTEN): string =>
  told.temperature === 'F' ? `${roundTo(fahrenheit(c), 1)} °F` : `${roundTo(c, 0.5)} °C`;
