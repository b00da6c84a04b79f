/**
 * The brief as a sentence with blanks: how each reads, how typed words are understood, and the build that was said. The start
 * page and the brief of a build are both this sentence. A new blank is one file and one line.
 */
export { type Base, type BlankKey, type Choice, type Reading, type Said } from './types.ts';
export {
  BLANKS,
  notSaid,
  sayBlank,
  sayPhrase,
  sentenceOf,
  stretchOf,
  withBlank,
  type Stretch,
} from './sentence.ts';
export { boardSaid, buildSaid, wantedBy } from './put-up.ts';
