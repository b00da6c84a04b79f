/**
 * The brief as a sentence with blanks: how each reads, how typed words are understood, and the build that was said. The start
 * page and the brief of a build are both this sentence. A new blank is one file and one line.
 */
export { type BlankKey, type Choice, type ReadingAt, type FigureSaid } from './types.ts';
export { BLANKS, notSaid, sayBlank, sayPhrase, sentenceSaid, withBlank } from './sentence.ts';
export { boardSaid, buildSaid, wantedBy } from './put-up.ts';
export { briefOf, notConfirmed, sayInBrief } from './of-build.ts';
