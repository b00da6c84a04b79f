import { describe, expect, it } from 'vitest';
import { addOwnStep, setJoin } from './edits/index.ts';
import { demoBuild, value } from './files/demo.testing.ts';
import { joinMends } from './join-mends.ts';
import { plan } from './plan.ts';
import { pieceOf, type Build } from './record/index.ts';
import { schoolsOf } from './schools.ts';
import { doesToPlan, plannedAs } from './tried-plans.ts';

const otter = demoBuild('ferryman-otter');
const figure = demoBuild('one-legged-heron');
const heron: Build = { ...figure, steps: { ...figure.steps, own: [] } };
const hands = (b: Build) => plan(b, { runs: 25 }).days().plan!.handsOn;

describe('the schools of a figure', () => {
  const schools = schoolsOf(otter);
  const bare = schoolsOf(heron);
  it('are choices of which exactly one side is followed, and the other is told before it is taken', () => {
    expect(schools.map((s) => s.id)).toEqual(expect.arrayContaining(['details', 'units', 'sittings']));
    for (const s of schools) {
      expect(s.sides.filter((x) => x.does === undefined)).toHaveLength(1);
      for (const side of s.sides) if (side.does !== undefined) expect(side.does.length).toBeGreaterThan(6);
    }
  });

  it('what is told of a side is what its plan does', () => {
    const firm = schools.find((s) => s.id === 'details')!.sides.find((x) => x.id === 'firm')!;
    const more = hands(firm.build) - hands(otter);
    expect(more).toBeGreaterThan(5);
    expect(firm.does).toContain(`${more} min more of hands`);
    // glued firm, a detail has no window on its own face any more
    for (const j of plan(firm.build).joinings.filter((x) => x.kind.id === 'firm'))
      expect([...j.up.closes, ...j.down.closes]).toEqual([]);
  });

  it('taken, a side is the one that is followed, and the way back leads to what was there', () => {
    const firm = schools.find((s) => s.id === 'details')!.sides.find((x) => x.id === 'firm')!.build;
    const again = schoolsOf(firm).find((s) => s.id === 'details')!;
    expect(again.sides.find((x) => x.does === undefined)!.id).toBe('firm');
    const back = again.sides.find((x) => x.id === 'soft')!.build;
    expect(plan(back).joinings.map((j) => j.kind.id)).toEqual(plan(otter).joinings.map((j) => j.kind.id));
  });

  it('painting is a choice where somebody paints', () => {
    expect(bare.some((s) => s.id === 'painting')).toBe(false);
    expect(schools.some((s) => s.id === 'painting')).toBe(true);
    const painted = value(
      addOwnStep(heron, { title: 'Shade the neck', minutes: 20, piece: 'neck', work: 'dust' }),
    );
    const choice = schoolsOf(painted).find((s) => s.id === 'painting')!;
    const last = choice.sides.find((s) => s.id === 'last')!;
    expect(last.build.steps.own[0]!.after).toBe('finish');
    expect(choice.sides.find((s) => s.id === 'before')!.build.steps.own[0]!.before).toBe('join:neck');
  });

  it('a change that changes nothing is said to change nothing, and one without a plan why', () => {
    const was = plannedAs(otter, undefined);
    expect(doesToPlan(was, plannedAs({ ...otter }, undefined))).toBe('in time, nothing else changes');
    const none = plannedAs({ ...otter, hours: [] }, undefined);
    expect(doesToPlan(was, none)).toMatch(/^no plan: .{10}/);
  });
});

describe('other ways to make a join', () => {
  it('are each in time, and do what they say to that join', () => {
    for (const id of ['belly', 'nose', 'head', 'eyes']) {
      for (const m of joinMends(otter, id)) {
        expect(plan(m.build, { runs: 25 }).days().plan!.lateBy, m.text).toBe(0);
        const j = plan(m.build).joinings.find((x) => x.piece.id === id)!;
        if (/glue it$/.test(m.text)) expect(j.kind.id).toBe('firm');
        if (/^Prop/.test(m.text)) expect(pieceOf(m.build, id)!.propped).toBe(true);
        if (/stick/.test(m.text)) {
          const rod = plan(m.build).bones.rods.at(-1)!;
          expect(rod.verdict).toBe('holds');
          expect(j.letters).toContain(rod.letter);
          expect(j.up.closes).toEqual([]);
        }
      }
    }
  });

  it('offer what was proposed where somebody chose another way, and nothing for nobody', () => {
    const glued = setJoin(otter, 'nose', 'firm');
    const texts = joinMends(glued, 'nose').map((m) => m.text);
    expect(texts).toContain('As proposed: pressed on soft');
    expect(joinMends(otter, 'nobody')).toEqual([]);
  });

  it('one that comes too late for its face is offered what keeps its window first', () => {
    const posed = setJoin(heron, 'tail', 'posed');
    const found = joinMends(posed, 'tail');
    expect(found.length).toBeGreaterThan(0);
    const late = found.map((m) => plannedAs(m.build, undefined).lateOnes.size);
    expect(late).toEqual([...late].sort((a, b) => a - b));
  });
});
