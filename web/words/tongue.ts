import { toDisplayString } from 'vue';
import { createI18n } from 'vue-i18n';

/** A catalogue: what is written in English, and how it is said; what is put in stands by number, `{0}`. */
export type Phrases = Readonly<Record<string, string>>;

/** A tongue that has a catalogue. */
export interface Tongue {
  readonly locale: string;
  /** A message with what is put into it, as far as the catalogue has it; else as it is written. */
  readonly tell: (parts: readonly string[], values: readonly unknown[]) => string;
  /** Numbers and dates as this tongue writes them. */
  readonly numbers: (text: string) => string;
}

/** Days and months as the core writes them, and the words round them. */
export interface Dates {
  readonly days: readonly string[];
  readonly months: readonly string[];
  readonly today: string;
  /** After the number of a day: `2. Dez`. */
  readonly ordinal: string;
  readonly decimal: string;
}

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const DATE = new RegExp(String.raw`\b(\d{1,2}) (${MONTHS.join('|')})\b`, 'g');
const DAY = new RegExp(String.raw`\b(${DAYS.join('|')})(?= \d)`, 'g');
const TODAY = /\btoday(?= \d)/g;
const DECIMAL = /(?<![\d.])(\d+)\.(\d+)(?![\d.])/g;

/** A message that holds something: its literal parts as a pattern, and where it puts them. */
interface Pattern {
  readonly key: string;
  readonly fits: RegExp;
  /** In the order of the holes in the text, the numbers they have in the key. */
  readonly holes: readonly number[];
  /** How many letters are written out, and more for those it begins with. */
  readonly letters: number;
}

const HOLE = /\{(\d+)\}/g;
const lettersOf = (text: string): number => text.match(/\p{L}/gu)?.length ?? 0;
/** Share of a text. A step of the method; estimate. */
const LEAST_EXPLAINED = 0.4;
/** Letters that a beginning counts for besides its own. A step of the method; estimate. */
const BEGINS = 3;
const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
function patternOf(key: string): Pattern {
  const holes = [...key.matchAll(HOLE)].map((m) => Number(m[1]));
  const fits = key
    .split(/\{\d+\}/)
    .map(escaped)
    .join('(.*?)');
  // what a text begins with tells more of what it is than what is somewhere in it
  const letters = lettersOf(key.replace(HOLE, '')) + (key.startsWith('{') ? 0 : BEGINS);
  return { key, fits: new RegExp(`^${fits}$`, 's'), holes, letters };
}

/** The first word that is written out: patterns are looked for among those that have it. */
const WORD = /\p{L}{3,}/gu;
const wordsOf = (text: string): string[] => text.match(WORD) ?? [];
const KEPT = 5000;
const DEEPEST = 4;

/**
 * A tongue by its catalogue. What templates say is found by its key; what the core has put together already is found whole,
 * sentence by sentence, or by the message it was made from.
 */
export function tongueOf(locale: string, catalogue: Phrases, dates: Dates): Tongue {
  const i18n = createI18n({
    legacy: false,
    locale,
    fallbackLocale: false,
    missingWarn: false,
    fallbackWarn: false,
    messages: { [locale]: catalogue },
    // keys are sentences: a full stop in them is no path
    messageResolver: (messages, key) => (messages as unknown as Phrases)[key] ?? null,
  });
  const has = (key: string): boolean => Object.hasOwn(catalogue, key);
  const put = (key: string, values: readonly string[]): string => i18n.global.t(key, [...values]);

  const byWord = new Map<string, Pattern[]>();
  for (const key of Object.keys(catalogue)) {
    if (!/\{\d+\}/.test(key)) continue;
    // a message of hardly anything but holes would fit everything
    const longest = wordsOf(key.replace(HOLE, ' ')).sort((a, b) => b.length - a.length)[0];
    if (longest === undefined) continue;
    byWord.set(longest, [...(byWord.get(longest) ?? []), patternOf(key)]);
  }
  for (const list of byWord.values()) list.sort((a, b) => b.letters - a.letters);

  /** The message that explains most of a text; where it explains little, and what is put in is not known, it would be a mixture. */
  function byPattern(text: string, depth: number): string | undefined {
    let best: { pattern: Pattern; found: RegExpExecArray; explains: number } | undefined;
    for (const word of new Set(wordsOf(text)))
      for (const pattern of byWord.get(word) ?? []) {
        if (best && pattern.letters <= best.explains) break;
        const found = pattern.fits.exec(text);
        if (found) best = { pattern, found, explains: pattern.letters };
      }
    if (!best) return undefined;
    const values: string[] = [];
    let allKnown = true;
    best.pattern.holes.forEach((n, k) => {
      const found = best.found[k + 1]!;
      values[n] = whole(found, depth + 1);
      allKnown &&= values[n] !== found || lettersOf(found) === 0;
    });
    if (!allKnown && best.explains < LEAST_EXPLAINED * lettersOf(text)) return undefined;
    return put(best.pattern.key, values);
  }

  const known = new Map<string, string>();
  function whole(text: string, depth = 0): string {
    const [, before, core, after] = /^(\s*)(.*?)(\s*)$/s.exec(text)! as unknown as [
      string,
      string,
      string,
      string,
    ];
    if (depth > DEEPEST || !/\p{L}/u.test(core)) return text;
    let said = known.get(core);
    if (said === undefined) {
      if (known.size >= KEPT) known.clear();
      known.set(core, (said = wordsFor(core, depth)));
    }
    return before + said + after;
  }

  function wordsFor(core: string, depth: number): string {
    if (has(core)) return put(core, []);
    const found = byPattern(core, depth);
    if (found !== undefined) return found;
    const sentences = core.split(/(?<=[.!?:;]) (?=\S)/);
    if (sentences.length > 1) return sentences.map((s) => whole(s, depth + 1)).join(' ');
    const bare = /^(.*\S)([.!?:;,])$/s.exec(core);
    if (bare) return whole(bare[1]!, depth + 1) + bare[2]!;
    // a name as a sentence begins with it, or as it stands inside one
    const [first, rest] = [core.charAt(0), core.slice(1)];
    const other = (first === first.toUpperCase() ? first.toLowerCase() : first.toUpperCase()) + rest;
    return has(other) ? put(other, []) : core;
  }

  const keys = new WeakMap<readonly string[], { key: string; before: string; after: string }>();
  function keyOf(parts: readonly string[]) {
    let made = keys.get(parts);
    if (!made) {
      const written = parts
        .reduce((s, part, k) => (k ? `${s}{${k - 1}}${part}` : part), '')
        .replace(/\s+/g, ' ');
      const key = written.trim();
      const at = written.indexOf(key);
      keys.set(parts, (made = { key, before: written.slice(0, at), after: written.slice(at + key.length) }));
    }
    return made;
  }

  return {
    locale,
    tell(parts, values) {
      const said = values.map((v) => (typeof v === 'string' ? whole(v) : toDisplayString(v)));
      const { key, before, after } = keyOf(parts);
      if (has(key)) return before + put(key, said) + after;
      let plain = parts[0]!;
      for (let k = 0; k < said.length; k++) plain += toDisplayString(values[k]) + parts[k + 1]!;
      return whole(plain);
    },
    numbers: (text) =>
      /\d/.test(text)
        ? text
            .replace(DAY, (d) => dates.days[DAYS.indexOf(d)]!)
            .replace(
              DATE,
              (_, n: string, m: string) => `${n}${dates.ordinal} ${dates.months[MONTHS.indexOf(m)]!}`,
            )
            .replace(TODAY, dates.today)
            .replace(DECIMAL, (_, whole_: string, part: string) => whole_ + dates.decimal + part)
        : text,
  };
}
