import { describe, expect, it } from 'vitest';
import { benchStep } from './bench-step.ts';
import { joinId, mixId, shapeId } from './days/index.ts';
import { demoBuild } from './files/demo.testing.ts';
import { plan } from './plan.ts';

const otter = demoBuild('ferryman-otter');
const { paste, bones, made } = plan(otter);
const about = (id: string) =>
  benchStep(
    otter,
    made.steps.find((s) => s.id === id)!,
    { batches: paste, bones },
  );

describe('what a step needs to hand', () => {
  it('of mixing: the pieces the batch is for, and no rod', () => {
    const batch = paste.find((b) => b.lines.length > 1)!;
    const mix = made.steps.find((s) => s.id.startsWith(mixId(batch.id)))!;
    const found = benchStep(otter, mix, { batches: paste, bones });
    expect([...found.pieces].sort()).toEqual(
      batch.lines
        .map((l) => l.piece)
        .filter((id) => otter.pieces.some((p) => p.id === id))
        .sort(),
    );
    expect(found.rods).toEqual([]);
    expect(found.batch?.id).toBe(batch.id);
  });

  it('of shaping: its batch, the rods that run through it, and its paper where it is cut from a sheet', () => {
    const head = about(shapeId('head'));
    expect([...head.pieces]).toEqual(['head']);
    expect(head.rods.length).toBe(
      bones.rods.filter((r) => r.passes.some((p) => 'piece' in p && p.piece === 'head')).length,
    );
    expect(head.rods[0]).toMatch(/^[A-Z], .+ mm: .+ deep in the /);
    expect(head.paper).toBe(false);
    expect(about(shapeId('scarf-end')).paper).toBe(true);
  });

  it('of joining: a seat for each that is set on, where it touches what carries it', () => {
    const ears = otter.pieces.find((p) => p.pair && p.seat.on !== 'board')!;
    const { seats } = about(joinId(ears.id));
    expect(seats).toHaveLength(2);
    // mirrored left and right
    expect(seats[0]![0] + seats[1]![0]).toBeCloseTo(0, 0);
    expect(about(shapeId('head')).seats).toEqual([]);
  });
});
