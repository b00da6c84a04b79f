import { beforeAll, describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { leaveStep, sayFirm, takePlan, tick } from '../edits/index.ts';
import { pieceOf, type Build } from '../record/index.ts';
import { plan } from '../plan.ts';
import { firmingNow, lastSaid, progressOf, startsOf, type DaysReport } from './index.ts';
import { shapeId, shapedBy } from './steps/types.ts';

let acorns: Build;
let days: DaysReport;
let start: number;
const iso = (ms: number) => new Date(ms).toISOString();
const minute = 60_000;

beforeAll(() => {
  acorns = demoBuild('sixty-acorn-sweets');
  const now = Date.parse(`${acorns.brief.due}:00Z`) - 10 * 864e5;
  days = plan(acorns, { runs: 20, now }).days();
  start = days.origin!.millis;
});

/** The build with the first so many steps of the plan ticked off, each when the plan has it end. */
const ticked = (count: number): Build =>
  progressOf(acorns, days, start)
    .all.slice(0, count)
    .reduce(
      (b, p) => tick(b, p.step.id, iso(start + p.to * minute)),
      takePlan(acorns, startsOf(days.plan!, days.origin!)),
    );

describe('progress at the bench', () => {
  it('begins with the first step of the plan and goes through each of them once, in order of time', () => {
    const { all, current, next, finished, ahead, over } = progressOf(acorns, days, start);
    expect(new Set(all.map((p) => p.step.id)).size).toBe(all.length);
    expect(all.map((p) => p.from)).toEqual(all.map((p) => p.from).toSorted((a, b) => a - b));
    expect(current).toBe(all[0]);
    expect(next).toEqual(all.slice(1, 5));
    expect({ finished, ahead, over }).toEqual({ finished: 0, ahead: all.length, over: false });
  });

  it('goes on with whatever comes first of what is not ticked off, and counts both', () => {
    const { all } = progressOf(acorns, days, start);
    const build = tick(ticked(2), all[4]!.step.id, iso(start));
    const now = progressOf(build, days, start);
    expect(now.current).toBe(all[2]);
    expect([now.finished, now.ahead]).toEqual([3, all.length - 3]);
    expect(now.session!.steps).toContain(all[2]);
  });

  it('is over once all is ticked off, and not before', () => {
    const { all } = progressOf(acorns, days, start);
    expect(progressOf(ticked(all.length - 1), days, start).over).toBe(false);
    const end = progressOf(ticked(all.length), days, start);
    expect(end).toMatchObject({ over: true, ahead: 0, next: [], holding: [] });
    expect(end.current).toBeUndefined();
  });

  it('has nothing in hand without a plan, and is not over for that', () => {
    expect(progressOf(acorns, undefined, start)).toMatchObject({ all: [], ahead: 0, over: false });
    const none = { ...days, plan: undefined } as DaysReport;
    expect(progressOf(ticked(1), none, start).over).toBe(false);
  });

  it('says who does it where that is not one pair of hands', () => {
    const first = progressOf(acorns, days, start).current!;
    const withWho = (who: readonly number[], people: readonly string[]) => {
      const p = { ...first, who };
      const { plan: was } = days;
      const sessions = [{ ...was!.sessions[0]!, steps: [p] }];
      return progressOf(acorns, { ...days, people, plan: { ...was!, sessions } }, start).doneBy;
    };
    expect(withWho([0], ['you', 'Bea'])).toBeUndefined();
    expect(withWho([1], ['you', 'Bea'])).toBe('Bea');
    expect(withWho([0, 1], ['you', 'Bea'])).toBe('you and Bea');
    expect(withWho([], ['you', 'Bea'])).toBe('it goes on by itself');
    expect(withWho([], ['you'])).toBeUndefined();
  });

  it('waits for what was really done late, as long as its clock still runs', () => {
    const { all } = progressOf(acorns, days, start);
    // the first step that waits for another to firm
    const at = all.findIndex((p) =>
      days.links.some((l) => l.kind === 'wait' && l.to === p.step.id && l.band.likely >= 30),
    );
    const link = days.links.find(
      (l) => l.kind === 'wait' && l.to === all[at]!.step.id && l.band.likely >= 30,
    )!;
    const done = start + 3 * 864e5;
    const build = tick(ticked(at), link.from, iso(done));
    const soon = progressOf(build, days, done + 10 * minute);
    expect(soon.current).toBe(all[at]);
    // of a lot each part has a wait of its own
    const held = (p: typeof soon) => p.holding.filter((h) => h.why === link.why).map((h) => h.left);
    expect(held(soon).some((left) => Math.abs(left - (link.band.likely - 10)) < 1e-6)).toBe(true);
    const late = progressOf(build, days, done + (link.band.likely + 1) * minute);
    expect(held(late).length).toBeLessThan(held(soon).length);
  });
});

describe('what firms now', () => {
  it('lists what was shaped, with its own minutes, until a fifth past the slow time of handling', () => {
    const piece = acorns.pieces[0]!;
    const { firming } = plan(acorns);
    expect(firmingNow(acorns, firming, start)).toEqual([]);
    const build = tick(acorns, shapedBy(piece), iso(start));
    const slow = Math.max(firming.get(piece.id)!.bands.handle!.slow, 60);
    const [row] = firmingNow(build, firming, start + 30 * minute);
    expect(row).toMatchObject({ piece: { id: piece.id }, minutes: 30, since: start });
    expect(firmingNow(build, firming, start + slow * 1.19 * minute)).toHaveLength(1);
    expect(firmingNow(build, firming, start + slow * 1.21 * minute)).toEqual([]);
  });

  it('takes the last word said of a piece, and none from before it was worked on again', () => {
    const piece = acorns.pieces[0]!;
    expect(lastSaid(acorns, piece)).toBeUndefined();
    const say = (b: Build, firm: boolean, at: number) =>
      sayFirm(b, { piece: piece.id, question: 'handle', firm, at: iso(at) });
    const twice = say(say(acorns, true, start), false, start + minute);
    expect(lastSaid(twice, piece)).toEqual({ firm: false, at: start + minute });
    const again = tick(say(acorns, true, start), shapedBy(piece), iso(start + minute));
    expect(lastSaid(again, piece)!.firm).toBe(false);
    expect(lastSaid(say(again, true, start + 2 * minute), pieceOf(again, piece.id)!)!.firm).toBe(true);
  });

  it('leaves out what is left out of the plan', () => {
    const id = shapeId(acorns.pieces[0]!.id);
    const gone = plan(leaveStep(acorns, id, true), { runs: 20, now: start }).days();
    expect(progressOf(acorns, gone, start).all.some((p) => p.step.id === id)).toBe(false);
  });
});
