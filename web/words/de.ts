import catalogue from './de.json';
import { tongueOf } from './tongue.ts';

/** German as it is spoken at the bench. */
export const GERMAN = tongueOf('de', catalogue, {
  days: ['Mo', 'Di', 'Mi', 'Do', 'Fr', 'Sa', 'So'],
  months: ['Jan.', 'Feb.', 'März', 'Apr.', 'Mai', 'Juni', 'Juli', 'Aug.', 'Sept.', 'Okt.', 'Nov.', 'Dez.'],
  today: 'heute',
  ordinal: '.',
  decimal: ',',
});
