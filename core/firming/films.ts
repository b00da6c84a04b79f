import {
  byFormula,
  formula,
  given,
  NINE_IN_TEN,
  reckon,
  type Minutes,
  type Reckoned,
} from '../quantity/index.ts';
import { massTransfer, saturationDensity } from './air.ts';
import type { Band } from './band.ts';

/** What is laid on a face wet: g/m², and its share of alcohol by mass. Estimates. */
export interface WetFilm {
  readonly laid: number;
  readonly spirit: number;
}

/** Share of its water that is still in a film when it takes the next coat, when a finger no longer smudges it, and when it may be lifted, stacked or carried. Estimates. */
export const FILM_LEFT = { next: 0.45, touch: 0.3, lift: 0.1 } as const;
export type FilmState = keyof typeof FILM_LEFT;

/** Times as fast as water into dry air: vapour pressures 5.9 and 2.34 kPa, molar masses 46 and 18, diffusivities 0.62. Handbook, derived. */
export const SPIRIT = (5.9 / 2.34) * (46 / 18) * 0.62;
/** Kitchen 0.30 and film 0.35 together, in the logarithm of time. Estimate. */
const FILM_SPREAD = 0.46;
/** The room may be so much damper or drier. Estimate. */
const AIR_SPREAD = 0.05;

/** Air over a face, and what the film rests in balance with: the humidity of the paste under it, which gives it sugar. */
export interface FilmRoom {
  /** °C. */
  readonly temperature: number;
  /** 0–1. */
  readonly humidity: number;
  /** m/s. */
  readonly speed: number;
  /** Across the face, mm. */
  readonly across: number;
  /** 0–1. */
  readonly rests: number;
}

/** Water leaves a wet face into dry air, g/m² each hour. */
export const evaporatesDry = (temperature: number, speed: number, across: number): number =>
  massTransfer(across / 1000, speed, temperature, 1) * saturationDensity(temperature) * 3600 * 1000;

/**
 * How the room slows the water: the film's humidity falls on a straight line from 1 to what it rests at while its water goes. Mass
 * balance of a thin film over a face that gives sugar; derived.
 */
const SLOWED = formula({
  name: 'Slowed by the room',
  takes: ['%', '%', '%'],
  unit: '×',
  rule: 'ln((1 − room) ÷ (rests + (1 − rests) × left − room)) ÷ (1 − rests); never, where that is no number',
  f: (room, rests, left) => {
    const a = rests / 100;
    const open = a + (1 - a) * (left / 100) - room / 100;
    return open <= 1e-6 ? Infinity : Math.log(Math.max(1, (1 - room / 100) / open)) / (1 - a);
  },
});

const DRIES = formula({
  name: 'The film has dried so far',
  takes: ['g/m²', '%', 'g/m²', '×'],
  unit: 'min',
  rule: 'film × alcohol ÷ (4 × evaporates) + film × water ÷ evaporates × slowed by the room: alcohol leaves first, whatever the damp',
  source: 'estimate',
  f: (film, spirit, hour, slowed) => {
    const water = film * (1 - spirit / 100);
    return (60 * film * spirit) / 100 / (SPIRIT * hour) + (water < 1e-9 ? 0 : ((60 * water) / hour) * slowed);
  },
});

/** Minutes until so much of a film's water is left, with its sum. */
export function filmTime(film: WetFilm, state: FilmState, room: FilmRoom): Reckoned<'min'> {
  return byFormula(DRIES, [
    given('Wet film', film.laid, 'g/m²', 'estimate'),
    given('Alcohol in it, by mass', 100 * film.spirit, '%'),
    reckon(
      'Evaporates in an hour into dry air',
      'g/m²',
      'transfer to the air × vapour at the face',
      [
        given('Room', room.temperature, '°C'),
        given('Air moves at', room.speed, 'm/s'),
        given('Across the face', room.across, 'mm'),
      ],
      (t, speed, across) => evaporatesDry(t, speed, across),
      'handbook',
    ),
    byFormula(SLOWED, [
      given('Humidity', 100 * room.humidity, '%'),
      given('It rests at the humidity of its paste', 100 * room.rests, '%', 'fitted'),
      given('Water still in it', 100 * FILM_LEFT[state], '%', 'estimate'),
    ]),
  ]);
}

/** Fast, likely and slow minutes of the same: the kitchen and the film themselves, and a room a little damper or drier. */
export function filmBandOf(film: WetFilm, state: FilmState, room: FilmRoom): Band {
  const at = (by: number): Minutes =>
    filmTime(film, state, { ...room, humidity: Math.min(0.98, Math.max(0.05, room.humidity + by)) }).value;
  const likely = at(0);
  const spread = (other: Minutes): number =>
    Number.isFinite(other) && likely > 0 ? Math.hypot(FILM_SPREAD, Math.log(other / likely)) : Infinity;
  if (!Number.isFinite(likely)) {
    const dry = at(-AIR_SPREAD);
    return { fast: Number.isFinite(dry) ? dry : Infinity, likely, slow: Infinity };
  }
  return {
    fast: likely * Math.exp(-NINE_IN_TEN * spread(at(-AIR_SPREAD))),
    likely,
    slow: likely * Math.exp(NINE_IN_TEN * spread(at(AIR_SPREAD))),
  };
}
