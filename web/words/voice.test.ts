import { describe, expect, it } from 'vitest';
import { AS_WRITTEN } from '@core/quantity/index.ts';
import { say, retold, speakWith } from './say.ts';
import { tongueOf } from './tongue.ts';
import { voiceOf } from './voice.ts';

const GERMAN = tongueOf(
  'de',
  {
    Paste: 'Masse',
    'the head': 'der Kopf',
    'About {0} pieces of {1}': 'Von {1} etwa {0} Teile',
    'Set the {0} on {1}': '{0} auf {1} setzen',
    '{0} on {1}': '{0} an {1}',
    'See {0}': 'Siehe {0}',
    'It holds.': 'Es hält.',
    'mail @ {0} | {1}': "{1} {'|'} {0} {'@'} Post",
  },
  {
    days: ['Mo', 'Di', 'Mi', 'Do', 'Fr', 'Sa', 'So'],
    months: 'Jan Feb März Apr Mai Juni Juli Aug Sept Okt Nov Dez'.split(' '),
    today: 'heute',
    ordinal: '.',
    decimal: ',',
  },
);
const told = (text: string): string => voiceOf(AS_WRITTEN, GERMAN).say(['', ''], [text]);

describe('what is said', () => {
  it('in English is what is written, with what is put in as Vue shows it', () => {
    expect(say`About ${3} pieces of ${undefined}${null}${'x'}`).toBe('About 3 pieces of x');
    expect([retold('as it is'), retold(3), retold(undefined)]).toEqual(['as it is', 3, undefined]);
  });
  it('in another voice is told again, what was passed on too', () => {
    speakWith(voiceOf({ ...AS_WRITTEN, length: 'in' }, undefined));
    expect(say`It is ${45} mm wide`).toBe('It is 1.77 in wide');
    expect([retold('20 mm'), retold(3)]).toEqual(['0.79 in', 3]);
    speakWith(undefined);
    expect(say`It is ${45} mm wide`).toBe('It is 45 mm wide');
  });
});

describe('another tongue', () => {
  const voice = voiceOf(AS_WRITTEN, GERMAN);
  it('orders what is put in its own way, and says that too', () => {
    expect(voice.say([' About ', ' pieces of ', ' '], [1.5, 'Paste'])).toBe(' Von Masse etwa 1,5 Teile ');
  });
  it('finds what the core put together by the message it was made from, the one that explains most', () => {
    expect(told('Set the head on Paste')).toBe('head auf Masse setzen');
    // little is explained, but all that is put in is known
    expect(told('See About 3 pieces of Paste')).toBe('Siehe Von Masse etwa 3 Teile');
    expect(told('See some more of the other words')).toBe('See some more of the other words');
  });
  it('sentence by sentence', () =>
    expect(told('It holds. Nobody knows. It holds.')).toBe('Es hält. Nobody knows. Es hält.'));
  it('a name is found as a sentence begins with it', () => {
    expect([told('paste'), told('Paste:'), told('The head')]).toEqual(['Masse', 'Masse:', 'der Kopf']);
  });
  it('leaves what it does not know rather than mix two tongues', () =>
    expect(told('Snip the fur on the long left arm of it')).toBe('Snip the fur on the long left arm of it'));
  it('writes numbers and dates as they are written there', () => {
    expect(told('today 19:10')).toBe('heute 19:10');
    expect(told('Wed 2 Dec, 15:00')).toBe('Mi 2. Dez, 15:00');
    expect(told('12.5 g, 1.2.3')).toBe('12,5 g, 1.2.3');
  });
  it('signs of the catalogue’s own are no more than signs', () =>
    expect(told('mail @ Paste | 2')).toBe('2 | Masse @ Post'));
});
