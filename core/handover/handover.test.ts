import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { removeTopper, setApart, setCounted, setTopper, setWay } from '../edits/index.ts';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { svgOf } from '../templates/index.ts';
import type { Build } from '../record/index.ts';
import { cardPages } from './index.ts';

const DEMO_IDS = readdirSync(join(import.meta.dirname, '../../demo')).flatMap((f) =>
  f.endsWith('.spindle.json') ? [f.slice(0, -'.spindle.json'.length)] : [],
);
const otter = demoBuild('ferryman-otter');
const cabbage = demoBuild('savoy-cabbage');
const lettersOf = (build: Build) => new Map(plan(build).bones.rods.map((r) => [r.rod.id, r.letter]));

describe('what travels apart', () => {
  it('weighs together what the whole weighs, less the sticks that stay out', () => {
    const whole = plan(otter).ground.whole.value;
    const { parcels } = plan(value(setApart(otter, 'lantern', true))).travel;
    expect(parcels.map((p) => p.name)).toEqual(['The board, with what stays on it', 'Lantern']);
    expect(parcels.reduce((sum, p) => sum + p.weighs.value, 0)).toBeCloseTo(whole, 1);
    for (const p of parcels) p.box.forEach((b, i) => expect(b.value).toBeGreaterThan(p.size[i]!.value));
    // 210 mm of figure over its board
    expect(parcels[0]!.size[2].value).toBeGreaterThan(205);
  });

  it('a piece goes with what carries it: of arm and lantern the arm alone is a parcel, and both are fitted as one', () => {
    const arm = otter.pieces.find((p) => p.id === 'lantern')!.seat.on;
    const both = value(setApart(value(setApart(otter, 'lantern', true)), arm, true));
    expect(both.handover?.apart).toEqual([arm]);
    const { parcels, fitted, onSite } = plan(both).travel;
    expect(parcels[1]!.pieces).toContain('lantern');
    expect(fitted.map((f) => f.piece)).toEqual([arm]);
    expect(fitted[0]!.does).toMatch(/ the lantern arm .*the body$/);
    expect(onSite.value).toBeGreaterThan(0);
    expect(value(setApart(both, arm, false)).handover).toBeUndefined();
    expect(refusal(setApart(otter, 'nobody', true))).toMatch(/no longer there/);
  });

  it('a harder stop never uses less; what is said to be better apart is better when it is driven so', () => {
    for (const id of DEMO_IDS) {
      const { travel } = plan(demoBuild(id));
      const uses = travel.brakes.map((b) => b.hardest?.check.use.value ?? 0);
      uses.slice(1).forEach((u, i) => expect(u, id).toBeGreaterThanOrEqual(uses[i]! - 1e-9));
      const bad = (asked: typeof travel.asked) =>
        asked.filter((a) => a.check.verdict === 'fails').length * 1000 +
        asked.filter((a) => a.check.verdict === 'tight').length;
      for (const b of travel.better) {
        const apart = plan(value(setApart(demoBuild(id), b.piece, true))).travel;
        expect(bad(apart.asked), `${id}: ${b.says}`).toBeLessThan(bad(travel.asked));
        if (/everything holds/.test(b.says)) expect(bad(apart.asked)).toBe(0);
      }
    }
  });

  it('nothing brakes that is not driven', () => {
    const carried = { ...otter, brief: { ...otter.brief, journey: 'carry' as const } };
    expect(plan(carried).travel.brakes).toEqual([]);
  });
});

describe('the cold', () => {
  const line = (build: Build, id: string) => plan(build).travel.cold.find((c) => c.id === id)!;
  it('cake with cream: two hours and it may go back, four and it is thrown away (food hygiene, common practice)', () => {
    const out = (minutes: number, stands: number, cooled?: true) =>
      line(value(setWay(cabbage, { minutes, stands, cooled })), 'cake').verdict;
    expect([out(30, 60), out(60, 120), out(120, 180)]).toEqual(['holds', 'tight', 'fails']);
    // the way does not count where it is cooled
    expect(out(120, 110, true)).toBe('holds');
  });

  it('chocolate leans in a hot car and not in a cool one', () => {
    const at = (air: number) => line(value(setWay(cabbage, { air })), 'chocolate').verdict;
    expect([at(17), at(30)]).toEqual(['holds', 'fails']);
  });

  it('a figure of dry sugar asks for nothing; figures that nobody means are refused', () => {
    expect(plan(otter).travel.cold).toEqual([]);
    expect(refusal(setWay(otter, { minutes: -5 }))).toMatch(/two days/);
    expect(refusal(setWay(otter, { air: 90 }))).toMatch(/°C/);
  });
});

describe('the card', () => {
  const withToppers = value(
    setTopper(value(setTopper(otter, { id: 'flag', name: 'Paper flag', number: 2, food: false, where: 'on the board' })), {
      id: 'rose', name: 'Sugar rose', number: 3, food: true, where: 'at its feet',
    }),
  ); // prettier-ignore

  it.each(DEMO_IDS)('%s: taken apart in order, every line of it comes out exactly once', (id) => {
    const { handover } = plan(demoBuild(id));
    const out = handover.apart.flatMap((s) => s.out.map((l) => l.id));
    expect([...out].sort()).toEqual(handover.lines.map((l) => l.id).sort());
    expect(new Set(out).size).toBe(out.length);
    expect(handover.number.value).toBe(handover.lines.reduce((n, l) => n + l.number, 0));
    for (const s of handover.apart) expect(s.says).toMatch(/^[A-Z].*[.]$/);
  });

  it('what comes off later was set on earlier: the head before the body that carries it', () => {
    const says = plan(otter)
      .handover.apart.map((s) => s.says)
      .join('\n');
    expect(says.indexOf('the head')).toBeLessThan(says.indexOf('the body'));
  });

  it('things bought in are on it, food apart from what is none; counted ones are no longer open', () => {
    const card = plan(withToppers).handover;
    expect(card.lines.find((l) => l.what === 'Paper flag')?.number).toBe(2);
    expect(card.eaten.map((t) => t.what)).toEqual(['Sugar rose']);
    const counted = card.lines.reduce((b, l) => setCounted(b, l.id, l.number), withToppers);
    expect(plan(counted).handover.open).toEqual([]);
    expect(plan(setCounted(counted, 'topper:flag', 1)).handover.open.map((l) => l.what)).toEqual([
      'Paper flag',
    ]);
    expect(removeTopper(removeTopper(withToppers, 'flag'), 'rose').handover).toBeUndefined();
    expect(refusal(setTopper(otter, { id: 'x', name: ' ', number: 1, food: true, where: '' }))).toMatch(
      /name/,
    );
    expect(refusal(setTopper(otter, { id: 'x', name: 'Sign', number: 0, food: true, where: '' }))).toMatch(
      /whole number/,
    );
  });

  it('what is not eaten is not cut, and says so', () => {
    const shown = { ...cabbage, brief: { ...cabbage.brief, eaters: { who: 'adults' as const, avoid: [], fate: 'notEaten' as const } } }; // prettier-ignore
    const { apart, cutting, notes } = plan(shown).handover;
    expect([apart, cutting]).toEqual([[], []]);
    expect(notes.some((n) => /not eaten/.test(n.why))).toBe(true);
  });

  it('says every line, allergens and keeping on its pages, and nothing runs off the paper', () => {
    for (const id of DEMO_IDS) {
      const build = demoBuild(id);
      const card = plan(build).handover;
      for (const paper of ['A4', 'Letter'] as const) {
        const pages = cardPages(build, card, lettersOf(build), paper);
        const words = pages
          .map(svgOf)
          .join('')
          .replace(/<[^>]+>/g, ' ')
          .replace(/\s+/g, ' ');
        for (const l of card.lines) expect(words, id).toContain(l.what.split(' ')[0]);
        expect(words).toContain('Allergens');
        for (const page of pages)
          for (const m of page.marks)
            for (const [x, y] of m.kind === 'line'
              ? m.points
              : [m.at, [m.at[0] + 0.5 * m.size * m.text.length, m.at[1]] as const]) {
              expect(x, `${id} ${m.kind === 'words' ? m.text : ''}`).toBeGreaterThanOrEqual(8);
              expect(x).toBeLessThanOrEqual(page.wide - 8);
              expect(y).toBeGreaterThanOrEqual(8);
              expect(y).toBeLessThanOrEqual(page.tall - 5);
            }
      }
    }
  });

  it('whatever is written for those who serve it, it is broken into lines that fit', () => {
    const card = plan(otter).handover;
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (note) => {
        const pages = cardPages(otter, { ...card, note }, new Map(), 'A4');
        for (const page of pages)
          for (const m of page.marks)
            if (m.kind === 'words') expect(m.at[0] + 0.45 * m.size * m.text.length).toBeLessThan(page.wide);
      }),
      { numRuns: 40 },
    );
  });
});
