import { shallowRef, toDisplayString } from 'vue';

/** How what is said is told again: in another tongue, in other units, by another clock. */
export interface Voice {
  /** A message as it is written, `['About ', ' pieces']`, with what is put into it. */
  readonly say: (parts: readonly string[], values: readonly unknown[]) => string;
}

/** None: English, metric, the clock of twenty-four hours, as everything is written. */
const voice = shallowRef<Voice>();
export const speakWith = (next: Voice | undefined): void => void (voice.value = next);

/** A message of the catalogue. Templates are compiled to it; where a script speaks, it is the tag of what it says. */
export function say(parts: TemplateStringsArray, ...values: readonly unknown[]): string {
  if (voice.value) return voice.value.say(parts, values);
  let out = parts[0]!;
  for (let k = 0; k < values.length; k++) out += toDisplayString(values[k]) + parts[k + 1]!;
  return out;
}

const WHOLE = ['', ''];
/** What was written elsewhere, told again; what is no text stays as it is. */
export const retold = <T>(value: T): T | string =>
  voice.value && typeof value === 'string' ? voice.value.say(WHOLE, [value]) : value;
