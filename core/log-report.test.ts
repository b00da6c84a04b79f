import { describe, expect, it } from 'vitest';
import { shapeId, tickedAt } from './days/index.ts';
import { noteAir, noteTrouble, setPots, tick, weighedStep } from './edits/index.ts';
import { demoBuild, value } from './files/demo.testing.ts';
import { logCsv } from './lists.ts';
import { besideWords, entriesOf, logReport, overTime, searched } from './log-report.ts';
import { plan } from './plan.ts';
import { REMADE, type Build } from './record/index.ts';

const otter = demoBuild('ferryman-otter');
const T = Date.parse('2026-11-28T10:00:00Z');
const iso = (minutes: number) => new Date(T + minutes * 60_000).toISOString();
const of = (build: Build, kind: string) => logReport(build).rows.filter((r) => r.kind === kind);
const piece = otter.pieces[0]!;
const shape = shapeId(piece.id);

describe('planned against real', () => {
  it('is empty where nothing was done', () => {
    expect(
      logReport({ ...otter, colours: otter.colours.map(({ pots: _p, ...c }) => c) }).rows.filter(
        (r) => r.kind !== 'breakage',
      ),
    ).toEqual([]);
  });

  it('weights are the mean of what was weighed against what was wanted', () => {
    const build = value(weighedStep(value(weighedStep(otter, shape, 22, 20, iso(0))), shape, 24, 20, iso(1)));
    expect(of(build, 'grams')).toEqual([
      {
        kind: 'grams',
        what: plan(otter).made.steps.find((s) => s.id === shape)!.title,
        planned: 20,
        real: 23,
        of: 2,
      },
    ]);
    const sum = logReport(build).sums.find((s) => s.kind === 'grams')!;
    expect(sum.planned.value).toBe(40);
    expect(sum.real.value).toBe(46);
    expect(besideWords(sum)).toBe('15 % more than planned');
  });

  it('minutes are from tick to tick; a pause over night is none', () => {
    const { steps } = plan(otter).work!;
    const [a, b, c] = steps.filter((s) => s.minutes >= 3);
    let build = tick(tick(otter, a!.id, iso(0)), b!.id, iso(b!.minutes * 1.5));
    build = tick(build, c!.id, iso(b!.minutes * 1.5 + 24 * 60));
    expect(of(build, 'minutes')).toEqual([
      { kind: 'minutes', what: b!.title, planned: b!.minutes, real: b!.minutes * 1.5, of: 1 },
    ]);
  });

  it('waits are from the end of one step to the start of the next', () => {
    const { links, steps } = plan(otter).work!;
    const wait = links.find(
      (l) => l.kind === 'wait' && l.band.likely >= 30 && Number.isFinite(l.band.likely),
    )!;
    const next = steps.find((s) => s.id === wait.to)!;
    const build = tick(tick(otter, wait.from, iso(0)), wait.to, iso(100 + next.minutes));
    const mine = of(build, 'waits').filter((r) => r.what.includes(wait.why));
    expect(mine[0]).toMatchObject({ planned: wait.band.likely, real: 100 });
    expect(tickedAt(build).size).toBe(2);
  });

  it('drops are those it took against those reckoned, and pieces made again against those expected', () => {
    const colour = otter.colours[0]!;
    const build = value(
      setPots(otter, colour.id, [
        {
          name: 'Brown',
          kind: 'gel',
          depth: 'middle',
          per100: 4,
          took: { amount: 10, grams: 200, base: 'fondant' },
        },
      ]),
    );
    expect(of(build, 'drops').find((r) => r.what === `Brown in ${colour.name}`)).toMatchObject({
      planned: 8,
      real: 10,
    });
    const broke = noteTrouble(otter, {
      id: 'a',
      at: iso(0),
      trouble: 'broke',
      piece: piece.id,
      mend: REMADE,
    });
    expect(of(broke, 'breakage').find((r) => r.what === piece.name)).toMatchObject({ real: 1 });
  });

  it('each sum opens to its rows', () => {
    const build = value(weighedStep(otter, shape, 22, 20, iso(0)));
    for (const s of logReport(build).sums) expect(s.real.from?.length).toBeGreaterThan(0);
  });

  it('over time, builds stand in the order they were due; those not begun are left out', () => {
    const later = {
      ...value(weighedStep(otter, shape, 22, 20, iso(0))),
      id: 'b',
      brief: { ...otter.brief, due: '2027-01-01T10:00' },
    };
    const first = { ...value(weighedStep(otter, shape, 18, 20, iso(0))), id: 'a' };
    const untouched = { ...otter, bench: { done: [] } };
    const rows = overTime([later, untouched, first]);
    expect(rows.map((r) => r.id)).toEqual(['a', 'b']);
    expect(rows.map((r) => r.ratios.grams)).toEqual([0.9, 1.1]);
  });
});

describe('what was noted', () => {
  const build = noteAir(
    noteTrouble(value(weighedStep(tick(otter, shape, iso(0)), shape, 22, 20, iso(1))), {
      id: 't',
      at: iso(2),
      trouble: 'cracked',
      piece: piece.id,
      mend: 'rubFat',
      held: true,
      note: '=HYPERLINK("x")',
    }),
    { at: iso(3), temperature: 22, humidity: 55 },
  );

  it('is told newest first, and found by its words', () => {
    const all = entriesOf(build).slice(0, 4);
    expect(all.map((e) => e.kind)).toEqual(['room', 'trouble', 'weight', 'step']);
    expect(searched(all, 'CRACKED held')).toHaveLength(1);
    expect(searched(all, 'cracked nothing')).toHaveLength(0);
    expect(searched(all, '  ')).toHaveLength(4);
  });

  it('is written as a table that no spreadsheet runs', () => {
    const csv = logCsv(logReport(build).rows, entriesOf(build));
    expect(csv.split('\r\n')[0]).toBe('at,kind,what,planned,real,unit,of,noted');
    expect(csv).not.toMatch(/(^|,)=/m);
    expect(csv.split('\r\n').filter(Boolean).length).toBe(
      1 + logReport(build).rows.length + entriesOf(build).length,
    );
  });
});
