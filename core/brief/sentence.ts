import { fail, ok, type Result } from '../quantity/index.ts';
import { BRIEF_KEYS, type BriefKey } from '../record/index.ts';
import { startOf, STARTS } from '../starts/index.ts';
import { baseBlank } from './base.ts';
import { dueBlank } from './due.ts';
import { eatersBlank } from './eaters.ts';
import { hoursBlank } from './hours.ts';
import { journeyBlank } from './journey.ts';
import { insideBlank, pasteBlank, startBlank } from './made-of.ts';
import { plainly, says } from './matching.ts';
import { roomBlank } from './room.ts';
import { sizeBlank } from './size.ts';
import type { Blank, BlankKey, ReadingAt, FigureSaid } from './types.ts';

/** The blanks, each under the name of what it says. */
export const BLANKS = {
  start: startBlank,
  size: sizeBlank,
  paste: pasteBlank,
  inside: insideBlank,
  base: baseBlank,
  due: dueBlank,
  journey: journeyBlank,
  eaters: eatersBlank,
  hours: hoursBlank,
  room: roomBlank,
} as const;

/** A blank whose value is not looked into: what is common to all of them. */
const anyBlank = (key: BlankKey): Blank<unknown> => BLANKS[key] as unknown as Blank<unknown>;

/** A stretch of the sentence: words that stand there, or a blank as it reads now. */
export type SentencePart =
  | { readonly text: string }
  | {
      readonly key: BlankKey;
      readonly label: string;
      readonly words: string;
      /** FigureSaid, taken as usual, or open: nothing can be taken for it. */
      readonly state: 'said' | 'usual' | 'open';
    };

const OPEN: Partial<Record<BlankKey, string>> = { due: 'which day?', eaters: 'whom?' };

/** One blank as it reads now. */
export function stretchOf(
  said: FigureSaid,
  key: BlankKey,
  at: ReadingAt,
): Exclude<SentencePart, { text: string }> {
  const blank = anyBlank(key);
  const value = said[key] ?? blank.usual(said);
  const state = value === undefined ? 'open' : said[key] === undefined ? 'usual' : 'said';
  return {
    key,
    label: blank.label,
    words: value === undefined ? OPEN[key]! : blank.words(value, said, at),
    state,
  };
}

/** The sentence with its blanks, in the order in which it is read. */
export function sentenceSaid(said: FigureSaid, at: ReadingAt): SentencePart[] {
  const start = startOf(said.start);
  const blank = (key: BlankKey) => stretchOf(said, key, at);
  const text = (words: string): SentencePart => ({ text: words });
  const first = start.article === '' ? '' : `${start.article[0]!.toUpperCase()}${start.article.slice(1)} `;
  return [
    text(first),
    blank('start'),
    text(', '),
    blank('size'),
    text(start.size.kind === 'mass' ? ', in ' : ' tall, in '),
    blank('paste'),
    text(', '),
    blank('inside'),
    text(', standing on '),
    blank('base'),
    text('. Ready by '),
    blank('due'),
    text(', travels '),
    blank('journey'),
    text(', for '),
    blank('eaters'),
    text(', and I work '),
    blank('hours'),
    text(' in '),
    blank('room'),
    text('.'),
  ];
}

/** What is taken as usual and matters: counted where it is put on the board, shown in the brief afterwards. */
export const notSaid = (said: FigureSaid): BriefKey[] =>
  BRIEF_KEYS.filter((key) => key !== 'paste' && said[key] === undefined);

/**
 * One blank typed: what was said with it, or why it is not understood; nothing else changes. A phrase that says more than one
 * thing, or that can only belong to other blanks, is taken apart.
 */
export function sayBlank(said: FigureSaid, key: BlankKey, text: string, at: ReadingAt): Result<FigureSaid> {
  const phrase = phraseIn(said, text, at);
  if (phrase.ok && phrase.value.filled > 1) return ok(phrase.value.said);
  const read = anyBlank(key).read(text, said, at);
  if (read.ok) return ok(withBlank(said, key, read.value));
  return phrase.ok ? ok(phrase.value.said) : read;
}

/** A blank set, or taken back to usual; another start takes back what was moved of the one before. */
export function withBlank(said: FigureSaid, key: BlankKey, value: unknown): FigureSaid {
  const { [key]: _, ...rest } = said;
  if (value === undefined) return rest as FigureSaid;
  if (key !== 'start') return { ...rest, [key]: value } as FigureSaid;
  const kind = startOf(value as string);
  const { size, base, inside, ...kept } = rest as FigureSaid;
  const sameKind = size !== undefined && kind.size.kind === startOf(said.start).size.kind;
  return {
    ...kept,
    ...(sameKind && size >= kind.size.least && size <= kind.size.most ? { size } : {}),
    ...(base && (kind.onCake || base.kind === 'board') ? { base } : {}),
    ...(inside && (inside !== 'cake' || kind.cake) ? { inside } : {}),
    start: kind.id,
    varied: {},
  };
}

/** Blanks in the order in which a phrase is tried: the most particular first. */
const TRIED: readonly BlankKey[] = [
  'base',
  'size',
  'paste',
  'inside',
  'eaters',
  'room',
  'journey',
  'hours',
  'due',
  'start',
];
/** Words no phrase needs. */
const DRESSING = /^(a|an|the|in|on|by|for|with|and|of|ready|tall|high|standing|travels?|i|work|it|is|to|be)$/;
/** In a phrase a length alone is the figure’s, and a number alone is nobody’s. */
const NEEDS: Partial<Record<BlankKey, RegExp>> = {
  base: /board|cake|tier|drum/,
  hours: /evening|weekend|day|morning|night|afternoon|after|[-–]|\bto\b|until/,
  size: /[a-z"″]/,
};
/** A unit belongs to the number before it. */
const UNIT = /^(am|pm|mm|cm|in|inch(es)?|ft|g|oz|°?[cf]|%)$/;
const INCHES = /^[\d/.,½¼¾⅓⅔⅛⅜⅝⅞]+ in$/;
/** A phrase has so many words at most. */
const LONGEST = 8;

/**
 * A whole phrase, taken apart into blanks: `180 mm sitting animal tomorrow week 3pm evenings damp`. From each place the longest
 * run of words that one blank understands is taken; a blank is filled once.
 */
export function sayPhrase(said: FigureSaid, text: string, at: ReadingAt): Result<FigureSaid> {
  const phrase = phraseIn(said, text, at);
  return phrase.ok ? ok(phrase.value.said) : phrase;
}

function phraseIn(
  said: FigureSaid,
  text: string,
  at: ReadingAt,
): Result<{ readonly said: FigureSaid; readonly filled: number }> {
  const words = plainly(text)
    .split(/[\s,]+/)
    .filter(Boolean);
  let now = startIn(said, text, at);
  const filled = new Set<BlankKey>();
  let i = 0;
  while (i < words.length) {
    const took = longestFrom(now, words, i, { at, filled });
    if (took) {
      now = withBlank(now, took.key, took.value);
      filled.add(took.key);
      i += took.words;
    } else if (DRESSING.test(words[i]!)) i++;
    else return fail(`“${words[i]}” is not understood here. Nothing was changed.`);
  }
  return filled.size > 0 ? ok({ said: now, filled: filled.size }) : fail('Nothing was said.');
}

/** What is made decides how the rest is read: grams of sweets, millimetres of a figure. */
function startIn(said: FigureSaid, text: string, at: ReadingAt): FigureSaid {
  const known = STARTS.filter((s) =>
    [s.name, s.title, ...s.words].some((w) => says(plainly(text), w.toLowerCase())),
  );
  const read = known.length > 0 ? BLANKS.start.read(text, said, at) : undefined;
  return read?.ok ? withBlank(said, 'start', read.value) : said;
}

interface Taken {
  readonly key: BlankKey;
  readonly value: unknown;
  readonly words: number;
}

/** The longest run of words from a place that some blank understands whole. */
function longestFrom(
  said: FigureSaid,
  words: readonly string[],
  from: number,
  { at, filled }: { readonly at: ReadingAt; readonly filled: ReadonlySet<BlankKey> },
): Taken | undefined {
  for (let n = Math.min(LONGEST, words.length - from); n > 0; n--) {
    const run = words.slice(from, from + n);
    if (
      (DRESSING.test(run[0]!) && run[0] !== 'in') ||
      (DRESSING.test(run.at(-1)!) && !INCHES.test(run.slice(-2).join(' ')))
    )
      continue;
    for (const key of TRIED) {
      if (filled.has(key)) continue;
      const value = understands(said, key, run, at);
      if (value !== undefined) return { key, value, words: n };
    }
  }
  return undefined;
}

/** What a blank makes of a run of words, where every word of it counts: taking any away would leave something else, or nothing. */
function understands(said: FigureSaid, key: BlankKey, run: readonly string[], at: ReadingAt): unknown {
  if (run[0] === 'in' && key !== 'due') return undefined;
  const needs = NEEDS[key];
  if (needs && !needs.test(run.join(' '))) return undefined;
  const blank = anyBlank(key);
  const read = (ws: readonly string[]) => {
    const found = blank.read(ws.join(' '), said, at);
    return found.ok ? JSON.stringify(found.value) : undefined;
  };
  const whole = blank.read(run.join(' '), said, at);
  if (!whole.ok) return undefined;
  if (run.length === 1) return whole.value;
  const same = JSON.stringify(whole.value);
  const own = new Set(plainly(blank.words(whole.value, said, at)).split(/[\s,]+/));
  const idle = run.some(
    (w, i) =>
      !own.has(w) && !DRESSING.test(w) && !UNIT.test(w) && read(run.filter((_, k) => k !== i)) === same,
  );
  return idle ? undefined : whole.value;
}
