import { describe, expect, it } from 'vitest';
import { demoBuild, value } from './files/demo.testing.ts';
import { addOwnStep } from './edits/index.ts';
import { plan } from './plan.ts';
import { waysOut } from './ways-out.ts';

describe('the heron that was to be gilded too late', () => {
  const heron = demoBuild('heron-gilded-wet');
  const days = plan(heron, { runs: 20 }).days();
  const ways = waysOut(heron, days);

  it('is explained: which window, which wait, by how much', () => {
    expect(days.plan).toBeUndefined();
    expect(days.conflict!.steps).toContain('own:brush-gold-into-the-wet-feathers');
    const said = days.trouble.join('\n');
    expect(said).toMatch(/cannot be done: .* takes 1 h 4\d longer than it stays open/);
    expect(said).toMatch(/textured before its skin cracks: at most \d+ min/);
    expect(said).toMatch(/at least 1 h 30 after “Shape the body”/);
  });

  it('has at least three ways out, each of which really gives a plan', () => {
    expect(ways.length).toBeGreaterThanOrEqual(3);
    for (const w of ways) {
      const then = plan(w.build, { runs: 40 }).days();
      expect(then.plan, w.text).toBeDefined();
      expect(then.conflict, w.text).toBeUndefined();
    }
  });

  it('tells alike ways once, the longer bag not after the shorter one helped', () => {
    const bagged = ways.filter((w) => /in a bag/.test(w.text));
    expect(bagged).toHaveLength(1);
    // what is said is what was done
    const [, name, hours] = /keep the (.+) in a bag for (an|\d+) hours?/.exec(bagged[0]!.text)!;
    const piece = bagged[0]!.build.pieces.find((p) => p.name.toLowerCase() === name)!;
    const was = heron.pieces.find((p) => p.id === piece.id)!;
    expect(piece.rests![0]).toEqual({ place: 'bag', hours: hours === 'an' ? 1 : Number(hours) });
    expect(piece.rests!.slice(1)).toEqual(was.rests ?? []);
    expect(new Set(ways.map((w) => w.text)).size).toBe(ways.length);
  });

  it('are none where nothing contradicts itself', () => {
    const plain = demoBuild('one-legged-heron');
    expect(waysOut(plain, plan(plain, { runs: 20 }).days())).toEqual([]);
  });
});

it('a step that has to come before and after the same one is let go of one of them', () => {
  const otter = demoBuild('ferryman-otter');
  const circle = value(
    addOwnStep(otter, { title: 'Varnish', minutes: 10, after: 'join:head', before: 'shape:head' }),
  );
  const days = plan(circle, { runs: 20 }).days();
  expect(days.plan).toBeUndefined();
  const ways = waysOut(circle, days);
  expect(ways.length).toBeGreaterThan(0);
  for (const w of ways) expect(plan(w.build, { runs: 20 }).days().plan, w.text).toBeDefined();
});
