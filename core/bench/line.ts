import type { Grams } from '../quantity/index.ts';

/**
 * What scale and room sensor say, one thing a line, in plain text that any program can write:
 * `scale 32.6 g steady`, `scale 32.4 g moving`, `scale over`, `room 21.4 C 52 %`, `from simulated`, `from attached`.
 */
export type InstrumentLine =
  | { readonly kind: 'scale'; readonly grams: Grams; readonly steady: boolean }
  | { readonly kind: 'over' }
  | { readonly kind: 'room'; readonly temperature: number; readonly humidity: number }
  | { readonly kind: 'from'; readonly source: 'simulated' | 'attached' };

/** Longer than this is no line, letters. A limit; estimate. */
export const LONGEST_LINE = 80;
/** What scales of a kitchen and rooms to work in can say. Limits; estimates. */
const MOST_GRAMS: Grams = 50_000;
const [COLDEST, HOTTEST] = [-30, 60];

const NUMBER = '(-?\\d{1,6}(?:\\.\\d{1,4})?)';
const SCALE = new RegExp(`^scale ${NUMBER} g (steady|moving)$`);
const ROOM = new RegExp(`^room ${NUMBER} C ${NUMBER} %$`);

/** Read a line; undefined for anything that is not one, or says what cannot be. */
export function readLine(text: string): InstrumentLine | undefined {
  if (text.length > LONGEST_LINE) return undefined;
  const line = text.trim();
  if (line === 'scale over') return { kind: 'over' };
  if (line === 'from simulated' || line === 'from attached')
    return { kind: 'from', source: line === 'from simulated' ? 'simulated' : 'attached' };
  const scale = SCALE.exec(line);
  if (scale) {
    const grams = Number(scale[1]);
    return Math.abs(grams) <= MOST_GRAMS
      ? { kind: 'scale', grams, steady: scale[2] === 'steady' }
      : undefined;
  }
  const room = ROOM.exec(line);
  if (!room) return undefined;
  const [temperature, humidity] = [Number(room[1]), Number(room[2])];
  return temperature >= COLDEST && temperature <= HOTTEST && humidity >= 0 && humidity <= 100
    ? { kind: 'room', temperature, humidity }
    : undefined;
}

const told = (x: number, digits: number): string => String(Number(x.toFixed(digits)));

/** Write a line, as `readLine` reads it. */
export function writeLine(line: InstrumentLine): string {
  switch (line.kind) {
    case 'scale':
      return `scale ${told(line.grams, 3)} g ${line.steady ? 'steady' : 'moving'}`;
    case 'over':
      return 'scale over';
    case 'room':
      return `room ${told(line.temperature, 2)} C ${told(line.humidity, 1)} %`;
    case 'from':
      return `from ${line.source}`;
  }
}
