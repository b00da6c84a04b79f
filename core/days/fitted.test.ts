import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { setApart, setWay } from '../edits/index.ts';
import { demoBuild, value } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { readStepId, type Build } from '../record/index.ts';
import type { Link, Step } from './types.ts';

const otter = demoBuild('ferryman-otter');
const madeOf = (b: Build) => plan(b).made;

/** Steps in an order in which every link is kept; fewer than all where links run in a circle. */
function ordered({ steps, links }: { steps: readonly Step[]; links: readonly Link[] }): string[] {
  const left = new Map(steps.map((s) => [s.id, links.filter((l) => l.to === s.id).length]));
  const out: string[] = [];
  for (let ready = [...left].filter(([, n]) => n === 0); ready.length > 0;) {
    const [id] = ready.pop()!;
    out.push(id);
    for (const l of links.filter((x) => x.from === id)) {
      left.set(l.to, left.get(l.to)! - 1);
      if (left.get(l.to) === 0) ready.push([l.to, 0]);
    }
  }
  return out;
}

describe('what is fitted where it is handed over', () => {
  it('is packed by itself, travels as long as was said, and is set in its place after that', () => {
    const apart = value(setWay(value(setApart(otter, 'lantern', true)), { minutes: 90 }));
    const { plan: days, steps } = plan(apart).days();
    expect(days).toBeDefined();
    const all = days!.sessions.flatMap((s) => s.steps);
    const at = (id: string) => all.find((p) => p.step.id === id)!;
    const [packed, fitted] = [at('pack'), at('join:lantern')];
    expect(fitted.from).toBeGreaterThanOrEqual(packed.from + packed.step.minutes + 90);
    expect(fitted.step.title).toMatch(/where it is handed over/);
    expect(steps.filter((s) => s.id === 'join:lantern').length).toBe(1);
    // what it carries is on it before
    for (const p of otter.pieces.filter((x) => x.seat.on === 'lantern'))
      expect(at(`join:${p.id}`).from).toBeLessThan(packed.from);
    expect(days!.lateBy).toBe(0);
  });

  it('whatever travels apart: nothing runs in a circle, every step is still there, nothing else waits for the fitting', () => {
    const ids = otter.pieces.map((p) => p.id);
    const before = madeOf(otter).steps.length;
    fc.assert(
      fc.property(fc.subarray(ids, { minLength: 1, maxLength: 4 }), (some) => {
        const apart = some.reduce((b, id) => value(setApart(b, id, true)), otter);
        const made = madeOf(apart);
        expect(made.steps.length).toBe(before);
        expect(ordered(made).length).toBe(before);
        const there = new Set(made.links.flatMap((l) => (l.from === 'pack' ? [l.to] : [])));
        expect(there.size).toBeGreaterThan(0);
        for (const id of there) expect(['join', 'free']).toContain(readStepId(id)!.task);
        for (const l of made.links) if (there.has(l.from)) expect(there.has(l.to)).toBe(true);
      }),
      { numRuns: 25 },
    );
  });

  it('nothing is pressed on soft after the way: it is glued firm, and says so', () => {
    for (const build of [otter, demoBuild('savoy-cabbage'), demoBuild('two-millers')])
      for (const { piece, kind } of plan(build).joinings) {
        if (!['pressed', 'posed'].includes(kind.id)) continue;
        const travels = plan(value(setApart(build, piece.id, true))).joinings;
        const there = travels.find((j) => j.piece.id === piece.id)!;
        expect(there.kind.id, piece.id).toBe('firm');
        expect(there.up.closes.filter((c) => typeof c.ask !== 'string')).toEqual([]);
        // said by hand it comes too late just the same, and is told
        const said = {
          ...build,
          pieces: build.pieces.map((p) => (p.id === piece.id ? { ...p, join: kind.id } : p)),
        };
        const wished = plan(value(setApart(said, piece.id, true))).joinings.find(
          (j) => j.piece.id === piece.id,
        )!;
        expect(wished.kind.id).toBe('firm');
        expect(wished.says).toMatch(/firm by then: glued on, not /);
      }
  });

  it('nothing apart, nothing changed', () => {
    const { links } = madeOf(otter);
    expect(links.some((l) => l.from === 'pack')).toBe(false);
    expect(links.some((l) => l.from === 'join:lantern')).toBe(true);
  });
});
