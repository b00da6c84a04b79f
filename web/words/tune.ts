import { AS_WRITTEN, type Custom } from '@core/quantity/index.ts';
import { speakWith } from './say.ts';
import { TONGUES, type TongueId } from './tongues.ts';

/** The latest wish counts, however long the one before takes to come. */
let wish = 0;

/**
 * Say everything in these customs and this tongue from now on; who has the customs it is written in loads nothing.
 * @throws when a catalogue or what tells it does not come: what is said stays as it was
 */
export async function tune(custom: Custom, id: TongueId): Promise<void> {
  const mine = ++wish;
  document.documentElement.lang = id;
  // columns of times are as wide as times are
  document.documentElement.dataset.clock = String(custom.clock);
  const asWritten = (Object.keys(AS_WRITTEN) as (keyof Custom)[]).every((k) => custom[k] === AS_WRITTEN[k]);
  const { load } = TONGUES[id];
  if (asWritten && !load) return speakWith(undefined);
  const [{ voiceOf }, tongue] = await Promise.all([import('./voice.ts'), load?.()]);
  if (mine === wish) speakWith(voiceOf({ ...custom }, tongue));
}
