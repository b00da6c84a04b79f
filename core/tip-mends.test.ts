import { describe, expect, it } from 'vitest';
import { setSeat } from './edits/index.ts';
import { value } from './files/demo.testing.ts';
import { plan } from './plan.ts';
import { blank, plainPiece } from './record/blank.testing.ts';
import type { Build } from './record/index.ts';

/** A body with a tall hat that hangs out behind. */
const hatted = (back: number): Build => ({
  ...blank,
  brief: { ...blank.brief, journey: 'carry' },
  board: { ...blank.board, width: 300 },
  pieces: [
    plainPiece('body', { kind: 'roundedBlock', sizes: { width: 60, depth: 46, height: 70, edge: 3 } }),
    plainPiece(
      'hat',
      { kind: 'roundedBlock', sizes: { width: 36, depth: 36, height: 90, edge: 2 } },
      { on: 'body', at: [0, back, 70], sink: 1 },
    ),
  ],
});
const fails = (b: Build) => plan(b).bones.figureTips.check.verdict === 'fails';
/** The first place at which it goes over. */
const over = hatted([...Array(20).keys()].find((back) => fails(hatted(back)))! + 1);

describe('what keeps a figure from going over', () => {
  const { figure } = plan(over).tips;
  const lean = figure.find((m) => m.text.startsWith('Lean the hat'))!;
  const move = figure.find((m) => m.text.startsWith('Move the hat'))!;

  it('leans or moves the hat by the least that is enough, each tried', () => {
    expect(fails(over)).toBe(true);
    for (const m of [lean, move]) {
      expect(fails(m.build)).toBe(false);
      expect(plan(m.build).stands.hovers).toEqual([]);
    }
    expect(move.text).toMatch(/forward$/);
    // four fifths of it are not enough
    const was = over.pieces[1]!.seat;
    const part = (b: Build): Build => {
      const now = b.pieces[1]!.seat;
      const mix = (from: number, to: number) => from + 0.8 * (to - from);
      return value(
        setSeat(over, 'hat', {
          lean: mix(was.lean, now.lean),
          tip: mix(was.tip, now.tip),
          at: [mix(was.at[0], now.at[0]), mix(was.at[1], now.at[1]), was.at[2]],
        }),
      );
    };
    for (const m of [lean, move]) expect(plan(part(m.build)).bones.figureTips.missing).toBeGreaterThan(0);
  });

  it('offers nothing where it stands, or where a rod holds it to its board', () => {
    expect(plan(hatted(0)).tips.figure).toEqual([]);
    const pinned = figure.find((m) => m.text.startsWith('A stick from the body'));
    if (pinned) expect(plan(pinned.build).tips.figure).toEqual([]);
  });

  it('finds the narrowest board on which all of it stays, in steps of a centimetre', () => {
    const narrow: Build = {
      ...hatted(0),
      brief: { ...blank.brief, journey: 'carHard' },
      board: { ...blank.board, width: 70 },
    };
    const [board] = plan(narrow).tips.board;
    expect(board!.text).toMatch(/^A board \d+ mm wide$/);
    const { width } = board!.build.board;
    expect(plan(board!.build).bones.boardTips.check.verdict).not.toBe('fails');
    expect(
      plan({ ...narrow, board: { ...narrow.board, width: width - 10 } }).bones.boardTips.check.verdict,
    ).toBe('fails');
    expect(plan(board!.build).tips.board).toEqual([]);
  });
});
