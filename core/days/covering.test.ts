import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyBuild } from '../figure/arbitrary.testing.ts';
import { demoBuild } from '../files/demo.testing.ts';
import { setOwnStep } from '../edits/index.ts';
import { type Build, wholeOf } from '../record/index.ts';
import { plan } from '../plan.ts';
import { burials, closesOff, joinId, shapedBy, type DaysReport } from './index.ts';
import { contacts } from './burial.ts';
import { shapeId } from './steps/index.ts';

const DEMOS = ['ferryman-otter', 'one-legged-heron', 'savoy-cabbage', 'sixty-acorn-sweets'];

/** Last end and first start of every whole step. */
function times(days: DaysReport): Map<string, { from: number; to: number }> {
  const found = new Map<string, { from: number; to: number }>();
  for (const p of days.plan!.sessions.flatMap((s) => s.steps)) {
    const id = wholeOf(p.step.id);
    const was = found.get(id);
    found.set(id, {
      from: Math.min(p.from, was?.from ?? Infinity),
      to: Math.max(p.to, was?.to ?? -Infinity),
    });
  }
  return found;
}

/** Whatever goes over a piece comes after the piece is shaped and textured, unless the figure asks for the opposite. */
function expectNothingBuried(build: Build): number {
  const days = plan(build, { runs: 25 }).days();
  if (!days.plan || days.plan.lateBy > 0) return 0;
  const at = times(days);
  let checked = 0;
  for (const c of contacts(build)) {
    const piece = build.pieces.find((p) => p.id === c.piece)!;
    const done = at.get(shapedBy(piece));
    const over = at.get(joinId(c.by));
    // of a lot each part is covered in its turn, and what is set in while a face gives may come before its texture
    const lot = (id: string) => days.steps.filter((s) => wholeOf(s.id) === id).length > 1;
    if (lot(shapedBy(piece)) && lot(joinId(c.by))) {
      expect(over!.from).toBeGreaterThan(done!.from);
      checked++;
      continue;
    }
    if (days.links.some((l) => l.kind === 'window' && l.from === shapeId(c.piece) && l.to === joinId(c.by)))
      continue;
    if (!done || !over) continue;
    checked++;
    expect(over.from, `${c.byName} over ${c.name}`).toBeGreaterThanOrEqual(done.to);
  }
  return checked;
}

describe('what goes over something', () => {
  it.each(DEMOS)('comes after what it covers is shaped and textured: %s', (name) => {
    expect(expectNothingBuried(demoBuild(name))).toBeGreaterThan(0);
  });

  it('in any figure', () => {
    let checked = 0;
    fc.assert(
      fc.property(anyBuild(6), (build) => {
        checked += expectNothingBuried(build);
      }),
      { numRuns: 16 },
    );
    expect(checked).toBeGreaterThan(8);
  });

  it('is told: what covers what, by how much, the most first', () => {
    const otter = demoBuild('ferryman-otter');
    const all = burials(otter);
    expect(all.map((b) => b.share)).toEqual([...all.map((b) => b.share)].sort((a, b) => b - a));
    for (const b of all) {
      expect(b.share).toBeGreaterThan(0);
      expect(b.share).toBeLessThanOrEqual(1);
      expect(b.piece).not.toBe(b.by);
    }
    expect(closesOff(otter, 'body').join()).toMatch(/the board under the body/);
    expect(closesOff(otter, 'nobody')).toEqual([]);
  });
});

it('a step of one’s own on a piece comes before whatever covers it, wherever it is told to come', () => {
  const otter = demoBuild('ferryman-otter');
  const own = { id: 'own:dust', title: 'Dust it', minutes: 10 };
  for (const b of burials(otter).slice(0, 4)) {
    const build: Build = { ...otter, steps: { ...otter.steps, own: [{ ...own, piece: b.piece }] } };
    const days = plan(build, { runs: 25 }).days();
    const at = times(days);
    expect(at.get('own:dust')!.to, b.byName).toBeLessThanOrEqual(at.get(joinId(b.by))!.from);
    const late = setOwnStep(build, 'own:dust', { after: joinId(b.by) });
    if (!late.ok) throw new Error(late.problem.text);
    const refused = plan(late.value, { runs: 1 }).days();
    expect(refused.plan).toBeUndefined();
    expect(refused.trouble.join('\n')).toContain(b.byName.toLowerCase());
  }
});
