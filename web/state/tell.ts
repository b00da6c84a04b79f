import { defineStore } from 'pinia';
import { shallowRef } from 'vue';

/** Something said for a moment. */
export interface Telling {
  readonly id: number;
  readonly text: string;
  readonly kind: 'info' | 'error';
}

/** Something that is asked before it is done. */
export interface ToAnswer {
  readonly title: string;
  readonly content: string;
  readonly yes: string;
  readonly no: string;
}

/** A sentence is read in about so long, ms a letter; and never faster than this. */
const READING = { letter: 55, least: 3500, error: 2000 };

/** What is said for a moment, and what is asked, from anywhere in the app. */
export const useTell = defineStore('tell', () => {
  const said = shallowRef<readonly Telling[]>([]);
  const asked = shallowRef<ToAnswer>();
  let next = 1;
  let answer: ((yes: boolean) => void) | undefined;

  function say(text: string, kind: Telling['kind']): void {
    const id = next++;
    // the same again is one sentence that stays longer
    said.value = [...said.value.filter((s) => s.text !== text), { id, text, kind }].slice(-3);
    const long =
      Math.max(READING.least, text.length * READING.letter) + (kind === 'error' ? READING.error : 0);
    setTimeout(() => hush(id), long);
  }
  const hush = (id: number): void => void (said.value = said.value.filter((s) => s.id !== id));

  function ask(question: ToAnswer): Promise<boolean> {
    answer?.(false);
    asked.value = question;
    return new Promise((resolve) => (answer = resolve));
  }
  function reply(yes: boolean): void {
    asked.value = undefined;
    answer?.(yes);
    answer = undefined;
  }
  return {
    said,
    asked,
    hush,
    ask,
    reply,
    info: (text: string) => say(text, 'info'),
    error: (text: string) => say(text, 'error'),
  };
});
