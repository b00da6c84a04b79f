import { toDisplayString } from 'vue';
import { retell, type Custom } from '@core/quantity/index.ts';
import type { Voice } from './say.ts';
import type { Tongue } from './tongue.ts';

/** What is said over and over is told again once. A step of the method; estimate. */
const KEPT = 5000;

/** Somebody who says what is written in a tongue, in units and by a clock of their own. */
export function voiceOf(custom: Custom, tongue?: Tongue): Voice {
  const told = new Map<string, string>();
  const again = (text: string): string => {
    let known = told.get(text);
    if (known === undefined) {
      if (told.size >= KEPT) told.clear();
      known = retell(text, custom);
      if (tongue) known = tongue.numbers(known);
      told.set(text, known);
    }
    return known;
  };
  return {
    say(parts, values) {
      if (tongue) return again(tongue.tell(parts, values));
      let out = parts[0]!;
      for (let k = 0; k < values.length; k++) out += toDisplayString(values[k]) + parts[k + 1]!;
      return again(out);
    },
  };
}
