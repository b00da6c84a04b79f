import { fail, ok } from '../quantity/index.ts';
import type { Journey } from '../record/index.ts';
import { entriesSaid } from './matching.ts';
import type { Blank } from './types.ts';

/** How it gets there, as the sentence says it, and what else people say. */
const SAID: Readonly<Record<Journey, { readonly words: string; readonly also: readonly string[] }>> = {
  table: { words: 'nowhere', also: ['no journey', 'stays', 'table', 'at home', 'not at all'] },
  carry: { words: 'in my hands', also: ['carried', 'walk', 'on foot', 'hands'] },
  carFlat: { words: 'in a car, on a flat floor', also: ['car', 'van', 'drive', 'boot', 'flat'] },
  carSeat: { words: 'in a car, on the seat', also: ['seat', 'lap', 'car seat'] },
  carHard: {
    words: 'far, or on bumpy roads',
    also: ['far', 'bumpy', 'rough', 'long drive', 'motorway', 'post'],
  },
};
const ALL = Object.keys(SAID) as Journey[];

/** How it travels. */
export const journeyBlank: Blank<Journey> = {
  key: 'journey',
  label: 'Travels',
  example: 'car, car seat, carried, far or nowhere',
  words: (journey) => SAID[journey].words,
  read: (text) => {
    const [found] = entriesSaid(text, ALL, (j) => [SAID[j].words, ...SAID[j].also]);
    return found
      ? ok(found)
      : fail(
          `“${text.trim()}” is no journey that is known here. Try car, car seat, carried, far or nowhere.`,
        );
  },
  choices: () => ALL.map((value) => ({ value, words: SAID[value].words })),
  usual: () => 'carFlat',
};
