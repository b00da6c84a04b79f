import { fail, ok, parseQuantity, type Result } from '../quantity/index.ts';
import type { Room } from '../record/index.ts';
import { plainly, says } from './matching.ts';
import type { Blank } from './types.ts';

/** Kitchens by word: °C, relative humidity, air in m/s. Estimates. */
const KITCHENS: readonly {
  readonly words: readonly string[];
  readonly name: string;
  readonly air: Partial<Room>;
}[] = [
  {
    words: ['damp', 'humid', 'wet', 'rainy'],
    name: 'a damp kitchen',
    air: { temperature: 19, humidity: 65 },
  },
  { words: ['dry', 'heated'], name: 'a dry kitchen', air: { temperature: 21, humidity: 35 } },
  { words: ['hot', 'summer', 'warm'], name: 'a hot kitchen', air: { temperature: 28, humidity: 60 } },
  { words: ['cold', 'cool', 'winter'], name: 'a cold kitchen', air: { temperature: 16, humidity: 55 } },
  {
    words: ['air-conditioned', 'air conditioned', 'aircon', 'ac'],
    name: 'an air-conditioned kitchen',
    air: { temperature: 22, humidity: 40 },
  },
  {
    words: ['usual', 'ordinary', 'normal', 'my kitchen'],
    name: 'an ordinary kitchen',
    air: { temperature: 21, humidity: 50 },
  },
];
const USUAL: Room = { temperature: 21, humidity: 50, air: 0.1 };
/** Before a fan, m/s. Estimate. */
const FAN = 0.5;

/** A kitchen by word, by its degrees, by its humidity, or by more than one of them. */
export function readRoom(text: string): Result<Room> {
  const clean = plainly(text);
  const kitchen = KITCHENS.find((k) => k.words.some((w) => says(clean, w)));
  const fan = says(clean, 'fan');
  const humid = /(\d+(?:[.,]\d+)?)\s*(%|per ?cent)/.exec(clean);
  const warm = /(-?\d+(?:[.,]\d+)?)\s*(?:°\s*)?(c|f)(?![a-z])|(-?\d+(?:[.,]\d+)?)\s*°/.exec(clean);
  if (!kitchen && !fan && !humid && !warm)
    return fail(
      `“${text.trim()}” is no kitchen that is known here. Try damp, dry, hot, with a fan, or 22 °C 60 %.`,
    );
  const room: Room = { ...USUAL, ...kitchen?.air, ...(fan ? { air: FAN } : {}) };
  const temperature = warm
    ? parseQuantity('temperature', warm[1] ? `${warm[1]} ${warm[2]}` : warm[3]!)
    : ok(room.temperature);
  if (!temperature.ok) return temperature;
  const said = {
    ...room,
    temperature: Math.round(temperature.value * 10) / 10,
    humidity: humid ? Number(humid[1]!.replace(',', '.')) : room.humidity,
  };
  if (said.temperature < 5 || said.temperature > 40)
    return fail('A room to work in lies between 5 and 40 °C.');
  if (said.humidity < 5 || said.humidity > 95) return fail('Humidity has to lie between 5 and 95 %.');
  return ok(said);
}

/** The room as it is said. */
export function tellRoom({ temperature, humidity, air }: Room): string {
  const known = KITCHENS.find((k) => k.air.temperature === temperature && k.air.humidity === humidity);
  const name = known?.name ?? `a kitchen of ${temperature} °C and ${humidity} %`;
  return air >= 0.3 ? `${name} with a fan` : name;
}

/** The air it is made in. */
export const roomBlank: Blank<Room> = {
  key: 'room',
  label: 'The kitchen',
  example: 'damp, dry, hot, with a fan, or 22 °C 60 %',
  words: (room) => tellRoom(room),
  read: (text) => readRoom(text),
  choices: () => [
    ...KITCHENS.map((k) => ({ words: k.name, value: { ...USUAL, ...k.air } })),
    { words: 'a damp kitchen with a fan', value: { temperature: 19, humidity: 65, air: FAN } },
  ],
  usual: () => USUAL,
};
