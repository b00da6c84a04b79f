import { describe, expect, it } from 'vitest';
import { toHeight } from './bones/index.ts';
import { demoBuild, value } from './files/demo.testing.ts';
import { movedByHeight } from './moved.ts';

const otter = demoBuild('ferryman-otter');

describe('what a change of height moved', () => {
  it('tells the two heights, how many rods and weights are others now, and every rod once', () => {
    const taller = value(toHeight(otter, 300));
    const moved = movedByHeight(otter, taller.build, taller.notes);
    const others = taller.build.rods.filter((r, i) => r.stock !== otter.rods[i]!.stock);
    expect(others.length).toBeGreaterThan(1);
    expect(moved.says).toMatch(/^Finished height 210 mm → 300 mm; \w+ rods and \w+ weights changed\.$/);
    expect(moved.lines).toHaveLength(others.length);
    for (const r of others) expect(moved.lines.filter((l) => l.startsWith(`${r.name}:`))).toHaveLength(1);
  });

  it('says nothing of rods that stayed, nor of weights no scale tells apart', () => {
    expect(movedByHeight(otter, otter, [])).toEqual({ says: 'Finished height 210 mm → 210 mm.', lines: [] });
    expect(movedByHeight(otter, otter, ['Is that in inches?']).lines).toEqual(['Is that in inches?']);
  });
});
