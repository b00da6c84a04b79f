import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evaporatesDry, FILM_LEFT, filmBandOf, filmTime, SPIRIT, type FilmRoom } from './films.ts';

const room = (humidity: number, more: Partial<FilmRoom> = {}): FilmRoom => ({
  temperature: 21,
  humidity,
  speed: 0.1,
  across: 40,
  rests: 0.7,
  ...more,
});
const brushed = { laid: 35, spirit: 0 };
/** Alcohol by volume as mass: densities 0.789 and 0.998 g/cm³. Handbook. */
const byMass = (v: number) => (v * 0.789) / (v * 0.789 + (1 - v) * 0.998);
const touch = (film: typeof brushed, humidity: number) => filmTime(film, 'touch', room(humidity)).value;

describe('wet films', () => {
  it('a wet face of 40 mm gives 177 g/m² an hour to dry air at 21 °C, spirit four times that', () => {
    expect(evaporatesDry(21, 0.1, 40)).toBeCloseTo(177.1, 0);
    expect(SPIRIT).toBeCloseTo(3.995, 2);
    expect(byMass(0.4)).toBeCloseTo(0.345, 3);
  });

  it('water is touch-dry in the times of the paper, spirit of 40 % hardly sooner, strong alcohol in four minutes', () => {
    const table: [number, number, number, number][] = [
      [0.35, 15, 11, 3.7],
      [0.5, 22, 15, 4.1],
      [0.65, 36, 25, 5.0],
      [0.7, 48, 32, 5.8],
      [0.75, 72, 48, 7.3],
    ];
    for (const [rh, water, weak, strong] of table) {
      expect(Math.abs(touch(brushed, rh) - water) / water).toBeLessThan(0.05);
      expect(Math.abs(touch({ laid: 35, spirit: byMass(0.4) }, rh) - weak) / weak).toBeLessThan(0.06);
      expect(Math.abs(touch({ laid: 35, spirit: byMass(0.95) }, rh) - strong) / strong).toBeLessThan(0.06);
    }
  });

  it('is what stepping through the minutes gives', () => {
    // water goes at k (h − room) where h falls with what is left, hour by hour in steps of a second
    const k = evaporatesDry(21, 0.1, 40) / 3600;
    let left = 1;
    let seconds = 0;
    while (left > FILM_LEFT.touch) {
      const h = 0.7 + 0.3 * left;
      left -= (k * (h - 0.5)) / 35;
      seconds++;
    }
    expect(Math.abs(seconds / 60 - touch(brushed, 0.5))).toBeLessThan(0.05);
  });

  it('may never be lifted where the room is as damp as the paste; a film twice as thick takes twice as long', () => {
    expect(filmTime(brushed, 'lift', room(0.75)).value).toBe(Infinity);
    expect(filmTime({ laid: 70, spirit: 0 }, 'touch', room(0.5)).value).toBeCloseTo(
      2 * touch(brushed, 0.5),
      9,
    );
    const { fast, likely, slow } = filmBandOf(brushed, 'touch', room(0.5));
    expect(Math.abs(fast - 12)).toBeLessThan(1);
    expect(Math.abs(likely - 22)).toBeLessThan(1);
    expect(Math.abs(slow - 40)).toBeLessThan(2);
  });

  it('damper is never sooner, and the next coat comes before touch before lift', () => {
    const h = fc.double({ min: 0.1, max: 0.95, noNaN: true });
    fc.assert(
      fc.property(h, h, fc.double({ min: 2, max: 80, noNaN: true }), (a, b, laid) => {
        const [dry, damp] = [Math.min(a, b), Math.max(a, b)];
        const film = { laid, spirit: 0 };
        for (const state of ['next', 'touch', 'lift'] as const)
          expect(filmTime(film, state, room(dry)).value).toBeLessThanOrEqual(
            filmTime(film, state, room(damp)).value * (1 + 1e-9),
          );
        const [next, finger, lift] = (['next', 'touch', 'lift'] as const).map(
          (s) => filmTime(film, s, room(dry)).value,
        );
        expect(next!).toBeLessThanOrEqual(finger!);
        expect(finger!).toBeLessThanOrEqual(lift!);
      }),
    );
  });
});
