import { describe, expect, it } from 'vitest';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import { addRod } from '../../edits/index.ts';
import { place, rodEndAt } from '../../figure/index.ts';
import { demoBuild } from '../../files/demo.testing.ts';
import { BOARD, type Build, type Rod } from '../../record/index.ts';
import { add, bodyInside, length, sub, times, toLocal, type Vec } from '../../solids/index.ts';
import { braceAttempts } from './mends-brace.ts';

const otter = demoBuild('ferryman-otter');
const column = plainPiece('column', { kind: 'truncatedCone', sizes: { foot: 80, top: 80, height: 100 } });
const head = plainPiece(
  'head',
  { kind: 'ball', sizes: { diameter: 60, press: 0 } },
  {
    on: 'column',
    at: [0, 0, 100],
    sink: 6,
  },
);
const mast: Omit<Rod, 'id'> = {
  name: 'Mast',
  stock: 'skewer3',
  from: { on: 'column', at: [0, 0, 40] },
  to: { on: 'head', at: [0, 0, 40] },
  pair: false,
  sleeved: false,
};
/** A head on a mast in a column, which is the first piece of its build. */
const first = addRod({ ...blank, pieces: [column, head] }, mast).build;

/** The rod each attempt adds, with what is said of it. */
const tried = (build: Build, rod: string) =>
  braceAttempts(build, rod).map((a) => ({ ...a, brace: a.build.rods.at(-1)! }));
const inside = (build: Build, piece: string, at: Vec): boolean =>
  place(build).some((i) => i.piece.id === piece && bodyInside(i.body, toLocal(i.frame, at)) !== undefined);
/** How much of a rod lies in neither of two things, walked along in steps of a fifth of a millimetre. */
function bareLength(build: Build, rod: Rod): number {
  const [a, b] = [rodEndAt(build, rod.from), rodEndAt(build, rod.to)];
  const whole = length(sub(b, a));
  const steps = Math.ceil(whole * 5);
  let bare = 0;
  for (let k = 0; k <= steps; k++) {
    const at = add(a, times(sub(b, a), k / steps));
    const held = [rod.from.on, rod.to.on].some((on) => (on === BOARD ? at[2] < 0 : inside(build, on, at)));
    if (!held) bare += whole / steps;
  }
  return bare;
}

describe('a brace that is tried', () => {
  it('is meant to be seen where some of it is, by as much as is said, and by nobody where it is all hidden', () => {
    let [hidden, seen] = [0, 0];
    for (const [build, rods] of [
      [otter, ['spine', 'lantern-stick', 'oar-stick']],
      [first, ['mast']],
    ] as const)
      for (const rod of rods)
        for (const { text, brace, build: with_ } of tried(build, rod)) {
          const said = /, (\d+) mm of it seen$/.exec(text);
          const bare = bareLength(with_, brace);
          if (said) {
            seen++;
            expect(brace.shown, text).toBe(true);
            expect(Math.abs(bare - Number(said[1])), text).toBeLessThan(3);
          } else {
            hidden++;
            expect(text).toMatch(/, all of it hidden$/);
            expect(brace.shown, text).toBeUndefined();
            expect(bare, text).toBeLessThan(5);
          }
        }
    expect(hidden).toBeGreaterThan(5);
    expect(seen).toBeGreaterThan(5);
  });

  it('stands as deep as rods are set in the first piece too, which is not the board', () => {
    const inColumn = tried(first, 'mast').filter((t) => t.brace.from.on === 'column');
    expect(inColumn.length).toBeGreaterThan(0);
    for (const { text, brace, build } of inColumn) {
      expect(text).toContain('from the column');
      // 40, 25 or 15 mm beyond where it comes in
      const way = sub(rodEndAt(build, brace.from), rodEndAt(build, brace.to));
      const tip = rodEndAt(build, brace.from);
      let deep = 0;
      while (inside(build, 'column', sub(tip, times(way, deep / length(way))))) deep += 0.25;
      expect(
        [15, 25, 40].some((d) => Math.abs(d - deep) <= 1.25),
        `${text}: ${deep} mm deep`,
      ).toBe(true);
    }
  });

  it('is not tried for a rod that is bent, nor for one that carries nothing', () => {
    const bent = {
      ...first,
      rods: [{ ...first.rods[0]!, bends: [{ on: 'column', at: [0, 0, 70] as Vec }] }],
    };
    expect(braceAttempts(bent, 'mast')).toEqual([]);
    const idle = { ...first, rods: [{ ...first.rods[0]!, to: { on: 'column', at: [0, 0, 80] as Vec } }] };
    expect(braceAttempts(idle, 'mast')).toEqual([]);
  });
});
