import { fail, ok, takes, type Grams } from '../quantity/index.ts';
import {
  airReading,
  MOST_READINGS,
  MOST_TROUBLES,
  MOST_WEIGHED,
  weighingField,
  type AirReading,
  type Build,
  type Change,
  type TroubleNote,
} from '../record/index.ts';

const withBench = (build: Build, patch: Partial<Build['bench']>): Build => ({
  ...build,
  bench: { ...build.bench, ...patch },
});

/** What the scale said of something that is weighed for a step. @param wanted g, as it is asked now */
export function weighedStep(build: Build, step: string, grams: Grams, wanted: Grams, at: string): Change {
  if (!takes(weighingField, grams))
    return fail('A weight lies between a milligram and ten kilograms.', 'grams');
  const all = [...(build.bench.weighed ?? []), { step, grams, wanted, at }];
  return ok(withBench(build, { weighed: all.slice(-MOST_WEIGHED) }));
}

/** Take the last weighing of a step back. */
export function unweighStep(build: Build, step: string): Build {
  const all = build.bench.weighed ?? [];
  const last = all.map((w) => w.step).lastIndexOf(step);
  if (last < 0) return build;
  const { weighed: _weighed, ...bench } = build.bench;
  const kept = all.filter((_, k) => k !== last);
  return { ...build, bench: kept.length > 0 ? { ...bench, weighed: kept } : bench };
}

/** A reading is kept when so many minutes have passed, or the room has changed by so much, °C and per cent. Estimates. */
const KEEPS = { minutes: 15, temperature: 0.5, humidity: 2 };

/** Keep what the room was read to be, where that is news; the same build where it is not, or it cannot be. */
export function noteAir(build: Build, reading: AirReading): Build {
  const { temperature, humidity } = airReading.properties;
  if (!takes(temperature, reading.temperature) || !takes(humidity, reading.humidity)) return build;
  const all = build.bench.air ?? [];
  const last = all.at(-1);
  if (last) {
    const since = (Date.parse(reading.at) - Date.parse(last.at)) / 60_000;
    const same =
      Math.abs(reading.temperature - last.temperature) < KEEPS.temperature &&
      Math.abs(reading.humidity - last.humidity) < KEEPS.humidity;
    if (since < 0 || (since < KEEPS.minutes && same)) return build;
  }
  return withBench(build, { air: [...all, reading].slice(-MOST_READINGS) });
}

/** Note that something went wrong. */
export function noteTrouble(build: Build, note: TroubleNote): Build {
  const all = (build.bench.trouble ?? []).filter((t) => t.id !== note.id);
  return withBench(build, { trouble: [...all, note].slice(-MOST_TROUBLES) });
}

/** Say whether a mend did what it should. */
export const sayMended = (build: Build, id: string, held: boolean): Build =>
  withBench(build, {
    trouble: (build.bench.trouble ?? []).map((t) => (t.id === id ? { ...t, held } : t)),
  });

/** Forget a trouble again: nothing is learned from it, what it left inside is not told and its mend not waited for any more. */
export function forgetTrouble(build: Build, id: string): Build {
  const { trouble = [], ...bench } = build.bench;
  const kept = trouble.filter((t) => t.id !== id);
  const step = trouble.find((t) => t.id === id)?.step;
  return {
    ...build,
    bench: kept.length > 0 ? { ...bench, trouble: kept } : bench,
    steps:
      step === undefined
        ? build.steps
        : { ...build.steps, own: build.steps.own.filter((o) => o.id !== step) },
  };
}
