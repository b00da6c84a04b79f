import { blank, plainPiece } from '../../record/blank.testing.ts';
import { type Build } from '../../record/index.ts';

const body = plainPiece('body', { kind: 'ball', sizes: { diameter: 90, press: 0 } });

/** An arm stuck on the side of a ball by its end, for tests. */
export const arm = (long: number, across = 12): Build => ({
  ...blank,
  pieces: [
    body,
    plainPiece(
      'arm',
      { kind: 'rope', sizes: { diameter: across, length: long } },
      { on: 'body', at: [45, 0, 45], lean: 90, sink: 2 },
    ),
  ],
});
