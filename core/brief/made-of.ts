import { fail, listed, ok } from '../quantity/index.ts';
import {
  PASTE_SCHOOLS,
  PASTE_WAYS,
  startOf,
  STARTS,
  STUFFINGS,
  type PasteSchool,
  type Start,
  type Stuffing,
} from '../starts/index.ts';
import { entriesSaid } from './matching.ts';
import type { Blank } from './types.ts';

/** What several words may mean is asked back; what none means is told. */
const oneOf = <T>(text: string, found: readonly T[], name: (x: T) => string, known: readonly string[]) =>
  found.length === 1
    ? ok(found[0]!)
    : found.length > 1
      ? fail(`“${text.trim()}” may be ${listed(found.map(name)).replace(' and ', ' or ')}: say which.`)
      : fail(`“${text.trim()}” is not known here. Try ${known.slice(0, 4).join(', ')}.`);

/** What is made. */
export const startBlank: Blank<string> = {
  key: 'start',
  label: 'What you are making',
  example: 'otter, donkey, sign or sweets',
  words: (id) => startOf(id).name,
  read: (text) => {
    const found = entriesSaid(text, STARTS, (s: Start) => [s.name, s.title, ...s.words]);
    const one = oneOf(
      text,
      found,
      (s) => s.name,
      STARTS.map((s) => s.name),
    );
    return one.ok ? ok(one.value.id) : one;
  },
  choices: () => STARTS.map((s) => ({ value: s.id, words: s.name })),
  usual: () => STARTS[0]!.id,
};

/** What it is made of. */
export const pasteBlank: Blank<PasteSchool> = {
  key: 'paste',
  label: 'Paste',
  example: 'powder, gum paste, chocolate or marzipan',
  words: (paste) => PASTE_WAYS[paste].name,
  read: (text) =>
    oneOf(
      text,
      entriesSaid(text, PASTE_SCHOOLS, (p) => [PASTE_WAYS[p].name, ...PASTE_WAYS[p].words]),
      (p) => PASTE_WAYS[p].name,
      PASTE_SCHOOLS.map((p) => PASTE_WAYS[p].name),
    ),
  choices: () => PASTE_SCHOOLS.map((value) => ({ value, words: PASTE_WAYS[value].name })),
  usual: (said) => startOf(said.start).paste ?? 'powder',
};

const INSIDE_WORDS: Readonly<Record<Stuffing, string>> = {
  usual: 'light inside where it is thick',
  solid: 'solid all through',
  foam: 'over foam',
  cake: 'over cake',
};

/** What is inside it. */
export const insideBlank: Blank<Stuffing> = {
  key: 'inside',
  label: 'Inside',
  example: 'solid, foam or cake',
  words: (inside) => INSIDE_WORDS[inside],
  read: (text, said) => {
    const may = mayBe(said.start);
    return oneOf(
      text,
      entriesSaid(text, may, (i) => [INSIDE_WORDS[i], i, ...(i === 'usual' ? ['light', 'as usual'] : [])]),
      (i) => INSIDE_WORDS[i],
      may.map((i) => INSIDE_WORDS[i]),
    );
  },
  choices: (said) => mayBe(said.start).map((value) => ({ value, words: INSIDE_WORDS[value] })),
  usual: () => 'usual',
};

/** Only what stands by itself is cake inside. */
const mayBe = (start: string): Stuffing[] => STUFFINGS.filter((i) => i !== 'cake' || startOf(start).cake);
