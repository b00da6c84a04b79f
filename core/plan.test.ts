import fc from 'fast-check';
import { execFileSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { shapeId } from './days/index.ts';
import { validate } from './days/validate.ts';
import { demoBuild, value } from './files/demo.testing.ts';
import { readBuild } from './files/index.ts';
import { anyBuild } from './figure/arbitrary.testing.ts';
import { replaceBlend, resize, setRoom } from './edits/index.ts';
import { toHeight } from './bones/index.ts';
import { stateAt } from './firming/index.ts';
import { STATES } from './firming/state.ts';
import { plan, type Report } from './plan.ts';
import { tellAllergens } from './pastes/index.ts';
import { localInstant } from './quantity/index.ts';
import { figures, notNumbers } from './walk.testing.ts';

const root = join(import.meta.dirname, '..');
const demos = readdirSync(join(root, 'demo')).flatMap((f) =>
  f.endsWith('.spindle.json') ? [f.replace('.spindle.json', '')] : [],
);
/** Variations that wait in a demonstration build are looked at as well. */
const all = [...demos, 'heron-on-a-skewer', 'heron-gilded-wet'];
const otter = demoBuild('ferryman-otter');

/** All that a report tells, without writing it as JSON. */
const told = (report: Report): unknown => report.toJSON();

/** A build that ships to show a contradiction and the ways out of it. */
const CANNOT_BE = new Set(['heron-gilded-wet']);

describe.each(all)('%s', (file) => {
  const build = demoBuild(file);
  const report = plan(build);

  it('has grams, batches, firming and a plan that can be done', () => {
    expect(report.figure.paste.value).toBeGreaterThan(8);
    expect(report.figure.warnings).toEqual([]);
    expect(report.paste.length).toBeGreaterThan(0);
    for (const p of build.pieces) expect(report.firming.get(p.id)!.never, p.name).toBeUndefined();
    const days = report.days();
    if (CANNOT_BE.has(file)) return expect(days.conflict).toBeDefined();
    expect(days.trouble).toEqual([]);
    expect(days.plan!.chance).toBeGreaterThanOrEqual(0.9);
    const { work } = report;
    const at = new Map(days.plan!.sessions.flatMap((s) => s.steps).map((p) => [p.step.id, p]));
    const table = work!.steps.map((s) => at.get(s.id)!);
    expect(validate(work!, table, days.plan!.caution)).toEqual([]);
  });

  it('every figure with a rule has the parts it was made from, and no number is none', () => {
    expect(notNumbers(told(report))).toEqual([]);
    for (const f of figures(JSON.parse(JSON.stringify(report.toJSON()), (_, v: unknown) => v))) {
      if (f.rule) expect(f.from!.length, f.name).toBeGreaterThan(0);
    }
    for (const f of [...figures(report.figure), ...figures(report.paste), ...figures(report.bones.balance)])
      expect(Number.isFinite(f.value), f.name).toBe(true);
  });
});

describe('plan', () => {
  it('is pure: the same build gives the same report, and nothing in the build changes', () => {
    const text = JSON.stringify(otter);
    expect(plan(otter)).toBe(plan(otter));
    const again = value(readBuild(text));
    expect(JSON.stringify(plan(again))).toBe(JSON.stringify(plan(otter)));
    expect(JSON.stringify(otter)).toBe(text);
  });

  it('follows a change of height, room or blend', () => {
    const tall = plan(value(toHeight(otter, 300)).build);
    expect(tall.figure.paste.value).toBeGreaterThan(2 * plan(otter).figure.paste.value);
    const damp = plan(value(setRoom(otter, { humidity: 62 })));
    const handle = (r: ReturnType<typeof plan>) => r.firming.get('body')!.bands.handle!;
    expect(handle(damp).likely).toBeGreaterThan(1.5 * handle(plan(otter)).likely);
    const stiff = plan(
      value(replaceBlend(otter, { ...otter.blends.find((b) => b.id === 'figure-paste')!, gumPaste: 60 })),
    );
    expect(handle(stiff).likely).toBeLessThan(handle(plan(otter)).likely);
    expect(stiff.bones.rods.find((r) => r.rod.id === 'lantern-stick')!.worst!.use.value).toBeLessThan(
      plan(otter).bones.rods.find((r) => r.rod.id === 'lantern-stick')!.worst!.use.value,
    );
  });

  it('reckons again only the piece that changed', () => {
    const fresh = demoBuild('ferryman-otter');
    const before = plan(fresh);
    expect(before.figure.pieces.length).toBeGreaterThan(0);
    const after = plan(value(resize(fresh, 'nose', { width: 15 })));
    const same = (id: string) =>
      before.figure.pieces.find((p) => p.id === id) === after.figure.pieces.find((p) => p.id === id);
    expect(same('body')).toBe(true);
    expect(same('nose')).toBe(false);
  });

  it('says so when a room never lets it firm, and plans nothing false', () => {
    const swamp = plan(value(setRoom(otter, { humidity: 80 })));
    expect([...swamp.firming.values()].some((f) => f.never)).toBe(true);
    expect(swamp.days().plan).toBeUndefined();
    expect(swamp.days().trouble.join(' ')).toMatch(/Never in this room/);
  });

  it('what is laid round its carrier is held by it, and need not stand like a post under what is set on it', () => {
    const tall = toHeight(otter, 300);
    if (!tall.ok) throw new Error(tall.problem.text);
    const report = plan(tall.value.build);
    const { firming } = report;
    const days = report.days();
    expect(firming.get('scarf')!.bands.bear).toBeUndefined();
    expect(Number.isFinite(firming.get('scarf')!.bands.handle!.slow)).toBe(true);
    expect(days.trouble).toEqual([]);
  });

  it('firmness only ever grows with time', () => {
    for (const f of plan(otter).firming.values()) {
      let last = 0;
      for (const minutes of [0, 5, 15, 45, 120, 600, 3000, 20000]) {
        const now = STATES.indexOf(stateAt(f, minutes));
        expect(now).toBeGreaterThanOrEqual(last);
        last = now;
      }
    }
  });

  it('makes a step for every piece and burial cannot happen: nothing is set on what is not shaped', () => {
    const days = plan(otter).days();
    const at = new Map(days.plan!.sessions.flatMap((s) => s.steps).map((p) => [p.step.id, p]));
    for (const piece of otter.pieces) {
      expect(at.has(shapeId(piece.id))).toBe(true);
      if (piece.seat.on !== 'board')
        expect(at.get(`join:${piece.id}`)!.from).toBeGreaterThanOrEqual(at.get(shapeId(piece.seat.on))!.to);
    }
  });

  it('stands up to any build', () => {
    fc.assert(
      fc.property(anyBuild(5), (build) => {
        const report = plan(build, { runs: 40 });
        expect(report.figure.height).toBeGreaterThanOrEqual(0);
        expect(notNumbers(told(report))).toEqual([]);
      }),
      { numRuns: 12 },
    );
  });

  it('tells the allergens of paste, cake and glue, and never that there are none', () => {
    const almond = plan(demoBuild('sixty-acorn-sweets')).pasteSums.allergens;
    expect(almond).toContain('almond');
    expect(tellAllergens(almond)).toMatch(/^almond.*read every label$/);
    expect(tellAllergens([])).toBe('not entered: read every label');
    // what it is stuck on with is eaten as well
    const glued = otter.pieces.map((p) => (p.seat.on === 'board' ? p : { ...p, glue: 'royalIcing' }));
    expect(plan({ ...otter, pieces: glued }).pasteSums.allergens).toContain('egg');
  });

  const commandLine = (...asked: string[]) =>
    execFileSync(process.execPath, ['--import', 'tsx', join(root, 'tools/plan.ts'), ...asked], {
      cwd: root,
      encoding: 'utf8',
      stdio: ['ignore', 'pipe', 'pipe'],
      maxBuffer: 64 << 20,
    });
  const printed = (...asked: string[]) => JSON.parse(commandLine(...asked)) as unknown;
  const file = 'demo/ferryman-otter.spindle.json';

  it('the command line prints the same report', () => {
    expect(printed(file)).toEqual(JSON.parse(JSON.stringify(plan(otter))));
  });

  it('the command line is given the time: the core has no clock of its own', () => {
    const now = localInstant('2026-12-03T12:00', otter.brief.zone);
    expect(printed(file, '--now=2026-12-03T12:00')).toEqual(JSON.parse(JSON.stringify(plan(otter, { now }))));
  });

  it('the command line refuses a wrong file and what it does not understand', () => {
    expect(() => commandLine('package.json')).toThrow(/not saved by Elm Spindle/);
    expect(() => commandLine(file, '--now=soon')).toThrow(/no time: write it as/);
    expect(() => commandLine(file, '--when=now')).toThrow(/not understood/);
  });
});
