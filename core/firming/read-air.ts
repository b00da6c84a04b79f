import type { AirReading, PartsOf } from '../record/index.ts';
import type { Minutes } from '../quantity/index.ts';
import type { Spell } from './sweep.ts';

/** A reading speaks for the room so long, minutes. Estimate. */
const SPEAKS: Minutes = 180;
/** A past is told in so many stretches at most: the air of a room changes slowly. A step of the method; estimate. */
const STRETCHES = 8;

/** The room as it is now: as it was read lately, else as it was said. @param now ms */
export function airNow(
  { room, bench }: PartsOf<'room' | 'bench'>,
  now: number,
): Pick<AirReading, 'temperature' | 'humidity'> & { readonly read?: number } {
  const last = bench.air?.at(-1);
  const at = last === undefined ? -Infinity : Date.parse(last.at);
  return last && Math.abs(now - at) <= SPEAKS * 60_000
    ? { temperature: last.temperature, humidity: last.humidity, read: at }
    : { temperature: room.temperature, humidity: room.humidity };
}

const mean = (x: readonly number[]): number => x.reduce((a, b) => a + b, 0) / x.length;

/**
 * The air between two instants as it was read, in stretches; the last goes on.
 * @param from, to ms @param speed of the air, m/s, which no hygrometer tells
 * @returns undefined where nothing was read then
 */
export function spellsRead(
  readings: readonly AirReading[],
  from: number,
  to: number,
  speed: number,
): Spell[] | undefined {
  const then = readings
    .map((r) => ({ ...r, ms: Date.parse(r.at) }))
    .filter((r) => r.ms >= from - SPEAKS * 60_000 && r.ms <= to)
    .sort((a, b) => a.ms - b.ms);
  if (then.length === 0 || !(to > from)) return undefined;
  const spells: Spell[] = [];
  for (let k = 0; k < STRETCHES; k++) {
    const [begins, ends] = [from + ((to - from) * k) / STRETCHES, from + ((to - from) * (k + 1)) / STRETCHES];
    const inside = then.filter((r) => r.ms >= begins && r.ms < ends);
    // between readings the room stays as it was last read
    const told = inside.length > 0 ? inside : [[...then].reverse().find((r) => r.ms < begins) ?? then[0]!];
    spells.push({
      until: k === STRETCHES - 1 ? Infinity : (ends - from) / 1000,
      air: {
        temperature: mean(told.map((r) => r.temperature)),
        humidity: mean(told.map((r) => r.humidity)) / 100,
        speed,
      },
    });
  }
  return spells;
}

/** The room differs from what is reckoned with by so much before it is told, °C and per cent. Estimates. */
const TELLS = { temperature: 2, humidity: 5 };

/** What the room is read to be, where that is not what is reckoned with. */
export function roomDiffers(
  build: PartsOf<'room' | 'bench'>,
  now: number,
): { readonly temperature: number; readonly humidity: number } | undefined {
  const { temperature, humidity, read } = airNow(build, now);
  if (read === undefined) return undefined;
  const near =
    Math.abs(temperature - build.room.temperature) < TELLS.temperature &&
    Math.abs(humidity - build.room.humidity) < TELLS.humidity;
  return near ? undefined : { temperature: Math.round(temperature), humidity: Math.round(humidity) };
}
