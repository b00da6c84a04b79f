/**
 * The reckoner: small questions without a figure of one's own. Each makes a build of one piece and reads its report, so that the
 * answer is the very sum a build would have, and the piece can go on a board.
 */
export { answered, saidTo } from './ask.ts';
export { SMALL_QUESTIONS } from './registry.ts';
export { type SmallQuestion } from './types.ts';
