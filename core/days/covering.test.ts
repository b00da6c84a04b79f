import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyBuild } from '../figure/arbitrary.testing.ts';
import { demoBuild } from '../files/demo.testing.ts';
import { ENOUGH, reachedAfter, reachOf } from '../reach/index.ts';
import { reachedSlowly } from '../reach/reach.testing.ts';
import { TEXTURES, type Build, type OwnStep, wholeOf } from '../record/index.ts';
import { plan } from '../plan.ts';
import { burials, closesOff, joinId, joinsBefore, orderOf, stagesOf, type DaysReport } from './index.ts';
import { contacts } from './burial.ts';
import { shapeId, textureId } from './steps/index.ts';

const DEMOS = ['ferryman-otter', 'one-legged-heron', 'savoy-cabbage'];

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

/** Joins as the plan makes them, and how many are made before a step begins. */
function madeBy(build: Build, at: ReturnType<typeof times>, step: string) {
  const joins = build.pieces
    .flatMap((p) => (at.has(joinId(p.id)) ? [{ id: p.id, to: at.get(joinId(p.id))!.to }] : []))
    .sort((a, b) => a.to - b.to);
  const from = at.get(step)!.from;
  return { stages: joins.map((j) => j.id), passed: joins.filter((j) => j.to <= from).length };
}

/** What goes over a piece comes after that is in its place, and no surface is worked where the tool no longer gets. */
function expectNothingBuried(build: Build): number {
  const days = plan(build, { runs: 25 }).days();
  if (!days.plan || days.plan.lateBy > 0) return 0;
  const at = times(days);
  let checked = 0;
  const parts = (id: string) => days.steps.filter((s) => wholeOf(s.id) === id).length;
  for (const c of contacts(build)) {
    const placed = at.get(joinId(c.piece));
    const over = at.get(joinId(c.by));
    if (!placed || !over || parts(joinId(c.by)) > 1 || parts(joinId(c.piece)) > 1) continue;
    const told = days.links.some((l) => l.from === joinId(c.piece) && l.to === joinId(c.by));
    if (!told) continue;
    checked++;
    expect(over.from, `${c.byName} over ${c.name}`).toBeGreaterThanOrEqual(placed.to);
  }
  for (const p of build.pieces) {
    if (p.texture === 'none' || parts(textureId(p.id)) > 1) continue;
    // what has to be joined while it gives is textured where it stands
    if (days.links.some((l) => l.from === joinId(p.id) && l.to === textureId(p.id))) continue;
    const { stages, passed } = madeBy(build, at, textureId(p.id));
    const spots = reachOf(build, { piece: p.id, work: TEXTURES[p.texture].work, side: 'all' }, stages);
    const soft = days.links.some(
      (l) => l.kind === 'window' && l.from === shapeId(p.id) && /^join/.test(l.to),
    );
    if (soft) continue;
    checked++;
    expect(reachedAfter(spots, passed), `the texture of ${p.name}`).toBeGreaterThanOrEqual(
      ENOUGH * reachedAfter(spots, 0) - 1e-9,
    );
  }
  return checked;
}

describe('what goes over something', () => {
  it.each(DEMOS)(
    'comes after what it covers is in its place, and while tools reach what is seen: %s',
    (name) => {
      expect(expectNothingBuried(demoBuild(name))).toBeGreaterThan(0);
    },
  );

  it('in any figure', () => {
    let checked = 0;
    fc.assert(
      fc.property(anyBuild(6), (build) => {
        checked += expectNothingBuried(build);
      }),
      { numRuns: 8 },
    );
    expect(checked).toBeGreaterThan(4);
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

describe('a step of one’s own on a face', () => {
  const otter = demoBuild('ferryman-otter');
  const own = { id: 'own:dust', title: 'Dust it', minutes: 10 };
  const withOwn = (piece: string, more: Partial<OwnStep> = {}): Build => ({
    ...otter,
    steps: { ...otter.steps, own: [{ ...own, piece, ...more }] },
  });
  const linksOf = (build: Build) => plan(build).made.links;
  const stages = stagesOf(otter, linksOf(otter));

  it('comes before the join that takes the face out of reach of its tool, and of no other', () => {
    let closed = 0;
    for (const piece of ['body', 'head', 'lantern-arm', 'feet'])
      for (const work of ['paint', 'dust', 'sponge'] as const)
        for (const side of ['all', 'front', 'back'] as const) {
          const { closing } = orderOf(otter, { piece, work, side }, stages);
          const before = linksOf(withOwn(piece, { work, side })).filter(
            (l) => l.from === own.id && l.to !== 'pack',
          );
          expect(
            before.map((l) => l.to),
            `${work} ${piece} ${side}`,
          ).toEqual(closing ? [joinId(closing.piece)] : []);
          if (closing) closed++;
        }
    expect(closed).toBeGreaterThan(4);
    expect(closed).toBeLessThan(30);
  });

  it('a cheek is painted after the ears are on: they only touch the head', () => {
    const late = plan(withOwn('head', { work: 'paint', side: 'front', after: joinId('ears') }), {
      runs: 25,
    }).days();
    const at = times(late);
    expect(at.get(own.id)!.from).toBeGreaterThanOrEqual(at.get(joinId('ears'))!.to);
  });

  it('is told what is lost where it comes late and may, and refused where too little is left', () => {
    let [lost, refused] = [0, 0];
    for (const piece of ['body', 'head', 'feet', 'lantern-cap', 'lantern-paw'])
      for (const work of ['dust', 'press', 'sponge'] as const) {
        const last = stages.at(-1)!;
        const build = withOwn(piece, { work, after: joinId(last) });
        const before = joinsBefore(otter, joinId(last), plan(otter).made.links);
        const order = orderOf(otter, { piece, work, side: 'all' }, stages, before);
        const days = plan(build, { runs: 1 }).days();
        if (order.lost) {
          lost++;
          expect(days.trouble.join(' ')).toContain(order.lost);
        } else if (order.refused) {
          refused++;
          expect(linksOf(build).some((l) => l.from === own.id && l.to === joinId(order.closing!.piece))).toBe(
            true,
          );
        }
      }
    expect(lost).toBeGreaterThan(1);
    expect(refused).toBeGreaterThan(0);
  });

  it('what the otter’s plan textures is within reach of the scissors by then, looked at the slow way', () => {
    const at = times(plan(otter, { runs: 25 }).days());
    const furred = otter.pieces.filter((p) => p.texture !== 'none' && at.has(textureId(p.id)));
    expect(furred.length).toBeGreaterThan(0);
    for (const p of furred.slice(0, 2)) {
      const { stages: made, passed } = madeBy(otter, at, textureId(p.id));
      const { now, alone } = reachedSlowly(otter, p.id, new Set(made.slice(0, passed)), {
        half: 3,
        length: 70,
        cone: 55,
      });
      expect(now / alone, p.name).toBeGreaterThan(0.85);
    }
  });

  it('is within reach when the plan does it, looked at the slow way', () => {
    const build = withOwn('body', { work: 'snip', side: 'all' });
    const at = times(plan(build, { runs: 25 }).days());
    const { stages: made, passed } = madeBy(build, at, own.id);
    const { now, alone } = reachedSlowly(build, 'body', new Set(made.slice(0, passed)), {
      half: 3,
      length: 70,
      cone: 55,
    });
    expect(now / alone).toBeGreaterThan(0.85);
  });
});
