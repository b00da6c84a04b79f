import { describe, expect, it } from 'vitest';
import { tick } from '../edits/index.ts';
import { demoBuild } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { joinCharts, progressOf, shapeId } from './index.ts';
import { plannedWindow } from './network.ts';

const heron = demoBuild('one-legged-heron');
const report = plan(heron, { runs: 40 });
const days = report.days();
const at = (minute: number) => days.origin!.millis + minute * 60_000;
const steps = days.plan!.sessions.flatMap((s) => s.steps);
const eye = steps.find((p) => p.step.id === shapeId('eyes'))!;
const iso = (ms: number) => new Date(ms).toISOString();

describe('windows at the bench', () => {
  const shaped = steps
    .filter((p) => p.to <= eye.to)
    .reduce((b, p) => tick(b, p.step.id, iso(at(p.to))), heron);
  const own = (minutes: number) =>
    progressOf(shaped, days, at(eye.to + minutes)).closing.filter((c) => c.step.step.id === 'join:eyes');
  const [link] = days.links.filter(
    (l) => l.kind === 'window' && l.from === eye.step.id && l.to === 'join:eyes',
  );

  it('count down from when the piece was really shaped, with what has to be done and by when', () => {
    const [one] = own(1);
    expect(one!.left).toBeCloseTo(plannedWindow(link!) - 1, 6);
    expect(one!.text).toMatch(/^Press the near eye on to the head before \d\d:\d\d, in \d+ min/);
    expect(own(2)[0]!.left).toBeCloseTo(one!.left - 1, 6);
  });

  it('that have closed say what to do, and after a while nothing', () => {
    expect(own(plannedWindow(link!) + 5)[0]!.text).toMatch(/was to be done before .* make it again/);
    expect(own(plannedWindow(link!) + 500)).toEqual([]);
  });

  it('are over when the step is done', () => {
    const joined = tick(shaped, 'join:eyes', iso(at(eye.to + 2)));
    expect(progressOf(joined, days, at(eye.to + 3)).closing.some((c) => c.step.step.id === 'join:eyes')).toBe(
      false,
    );
  });
});

describe('the joins of a plan, drawn', () => {
  const { joinings, firming } = report;
  const charts = joinCharts({ joinings, firming, plan: days.plan!, origin: days.origin! });

  it('has every join to another piece once, none of them late', () => {
    const ties = charts.flatMap((c) => c.ties.map((t) => t.piece));
    expect([...ties].sort()).toEqual(joinings.flatMap((j) => (j.carrier ? [j.piece.id] : [])).sort());
    for (const c of charts) expect(c.late).toBe(0);
  });

  it('draws every line inside its sitting, in the order in which the pieces are shaped, tied to what it is joined to', () => {
    for (const c of charts) {
      for (const r of c.rows)
        for (const bar of [r.shaped, r.soft, r.firm])
          if (bar) {
            expect(bar.left).toBeGreaterThanOrEqual(0);
            expect(bar.left + bar.width).toBeLessThanOrEqual(100.7);
          }
      for (const t of c.ties) {
        expect(c.rows[t.row]!.piece).toBe(t.piece);
        expect(c.rows[t.onRow!]!.piece).toBe(joinings.find((j) => j.piece.id === t.piece)!.carrier!.id);
        // it is joined after it was shaped, where both lie in one sitting
        const { shaped } = c.rows[t.row]!;
        if (shaped) expect(t.left).toBeGreaterThanOrEqual(shaped.left + shaped.width - 0.7);
      }
    }
  });

  it('tells a join that comes after its face has closed, and by how much', () => {
    const late = days.plan!.sessions.map((s) => ({
      ...s,
      to: s.to + 60,
      steps: s.steps.map((p) => (p.step.id === 'join:eyes' ? { ...p, from: p.from + 40, to: p.to + 40 } : p)),
    }));
    const told = joinCharts({ joinings, firming, plan: { sessions: late }, origin: days.origin! });
    const tie = told.flatMap((c) => c.ties).find((t) => t.piece === 'eyes')!;
    expect(tie.late).toBeGreaterThan(20);
  });
});
