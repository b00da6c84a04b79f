import { describe, expect, it } from 'vitest';
import { setPiece, setPropped } from '../../edits/index.ts';
import { type Build } from '../../record/index.ts';
import { demoBuild, value } from '../../files/demo.testing.ts';
import { plan } from '../../plan.ts';
import { joinId } from '../../days/index.ts';
import { freeId } from '../../days/steps/types.ts';
import { gluedMends, IN_HAND } from '../index.ts';
import { propFor } from './let-go.ts';
import { arm } from './glued.testing.ts';

const gluedIn = (b: Build, id: string) => plan(b).bones.glued.find((g) => g.piece.id === id)!;
const stuck = (b: Build) => gluedIn(b, 'arm');
const yieldIn = (b: Build) => plan(b).firming;

describe('letting go of what is glued', () => {
  it('a prop is taken away no sooner than it holds: halved against a step by step search', () => {
    for (const from of [0, 0.3, 1.7, 6.25, 11.9]) {
      const holds = (h: number) => h >= from;
      let slow = 0;
      while (!holds(slow)) slow += 0.001;
      expect(Math.abs(propFor(holds, 12) / 60 - slow)).toBeLessThan(0.002);
    }
    expect(propFor(() => false, 12)).toBe(Infinity);
  });

  it('a stub stays, an arm of a few grams does not: at once a 12 mm face bears about 3 g, common practice', () => {
    expect(stuck(arm(12, 12)).letGo!.verdict).not.toBe('fails');
    const long = stuck(arm(30, 12));
    expect(long.check.verdict).not.toBe('fails');
    expect(long.letGo!.verdict).toBe('fails');
    expect(long.worst).toBe(long.letGo);
    expect(long.prop).toBeGreaterThan(IN_HAND);
    expect(long.letGo!.text).toMatch(/prop it for about \d/);
  });

  it('a prop is offered, and with it the piece is not asked to stay by itself', () => {
    const build = arm(30, 12);
    const prop = gluedMends(build, stuck(build), yieldIn(build)).find((m) => m.text.startsWith('Prop it'))!;
    const propped = prop.apply();
    expect(propped.pieces[1]!.propped).toBe(true);
    expect(stuck(propped).letGo).toBeUndefined();
    expect(stuck(propped).worst.verdict).not.toBe('fails');
    expect(setPropped(propped, 'arm', false)).toEqual(build);
  });

  it('no prop helps what does not hold once it is set', () => {
    const build = arm(110, 16);
    const report = stuck(build);
    expect(report.check.verdict).toBe('fails');
    expect(gluedMends(build, report, yieldIn(build)).some((m) => m.text.startsWith('Prop'))).toBe(false);
  });

  it('a stronger glue is propped for less, and its band holds what is likely', () => {
    const build = arm(30, 12);
    const royal = value(setPiece(build, 'arm', { glue: 'royalIcing' }));
    expect(stuck(royal).prop).toBeLessThan(stuck(build).prop);
    for (const b of [build, royal]) {
      const { fast, likely, slow } = stuck(b).propBand;
      expect(fast).toBeLessThanOrEqual(likely);
      expect(likely).toBeLessThanOrEqual(slow);
    }
  });
});

describe('a prop in the plan of days', () => {
  const heron = demoBuild('one-legged-heron');
  const report = plan(heron, { runs: 40 });
  const days = report.days();
  const at = new Map(days.plan!.sessions.flatMap((s) => s.steps).map((p) => [p.step.id, p]));

  it('stays until the glue holds: the heron’s head for over an hour, with its beak pressed on before', () => {
    const head = gluedIn(heron, 'head');
    const set = at.get(joinId('head'))!;
    const free = at.get(freeId('head'))!;
    expect(head.prop).toBeGreaterThan(50);
    expect(free.from - set.to).toBeGreaterThanOrEqual(head.prop);
    // a head that is slid on is finished before that
    expect(at.get(joinId('beak'))!.to).toBeLessThanOrEqual(set.from);
    expect(free.step.title).toBe('Take the prop from the head');
  });

  it('lets a piece be set as soon as it can be picked up, and waits for its pose under the prop', () => {
    const waits = (b: Build, to: string) =>
      plan(b, { runs: 1 }).work!.links.filter((l) => l.to === to && l.piece === 'beak' && l.kind === 'wait');
    const propped = setPropped(heron, 'beak', true);
    expect(waits(propped, joinId('beak'))).toEqual([]);
    expect(
      waits(propped, freeId('beak'))
        .map((l) => l.why)
        .join(),
    ).toMatch(/stays without its prop/);
    const bare = plan(setPropped(heron, 'beak', false), { runs: 1 }).work!;
    expect(bare.steps.some((s) => s.id === freeId('beak'))).toBe(false);
  });
});
