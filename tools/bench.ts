// npm run bench: how long reckoning and planning take, and how much script the first view needs.
import { readFileSync, existsSync } from 'node:fs';
import { join } from 'node:path';
import highsLoader from 'highs';
import { generated, program, work as smallWork } from '../core/checks/exact-plans.testing.ts';
import { schedule, type Link, type Step } from '../core/days/index.ts';
import { cutList, rodInto, seatFacts } from '../core/bones/index.ts';
import { contactsOf } from '../core/contacts/index.ts';
import { addPiece, addRod, resize, setPiece, setRod, setSeat } from '../core/edits/index.ts';
import { elevation, place } from '../core/figure/index.ts';
import { type Build } from '../core/record/index.ts';
import { plan } from '../core/plan.ts';
import { startAnswers } from '../core/start-answers.ts';
import { startBuild, STARTS, usuallyWanted } from '../core/starts/index.ts';
import { seeded } from '../core/quantity/index.ts';
import { keepable, readBuild, readRecord } from '../core/files/index.ts';
import { seenBeside } from '../core/firming/index.ts';
import { cardReader } from '../web/shelf/cards.ts';
import { firstViews } from './first-view.mjs';
import { SHAPE_KINDS, shapeOf, type ShapeKind } from '../core/solids/index.ts';

const root = process.cwd();
function load(name: string): Build {
  const read = readBuild(readFileSync(join(root, `demo/${name}.spindle.json`), 'utf8'));
  if (!read.ok) throw new Error(read.problem.text);
  return read.value;
}
const base: Build = { ...load('ferryman-otter'), pieces: [], rods: [] };

const KINDS = SHAPE_KINDS.filter((k) => !shapeOf(k).fromFile);

/** A figure of n different pieces: a tenth of them stacked large ones with a rod through each, the rest details. */
function figure(n: number, seed: number): Build {
  const random = seeded(seed);
  const large = Math.max(2, Math.round(n / 10));
  let build = base;
  const turned: ShapeKind[] = ['egg', 'ball', 'skinOverBall', 'rope'];
  for (let i = 0; i < n; i++) {
    const isLarge = i < large;
    const kind = isLarge ? turned[i % turned.length]! : KINDS[i % KINDS.length]!;
    const on =
      i === 0 ? 'board' : isLarge ? build.pieces[i - 1]!.id : build.pieces[Math.floor(random() * large)]!.id;
    const made = addPiece(build, kind, `Piece ${i}`, on);
    const piece = made.build.pieces.at(-1)!;
    const k = (isLarge ? 1 : 0.4) * (0.8 + 0.4 * random());
    const sizes = Object.fromEntries(
      Object.entries(piece.form.sizes).map(([key, x]) => [key, Math.max(key === 'core' ? 10 : 1, x * k)]),
    );
    const sized = resize(made.build, made.id, sizes);
    build = sized.ok ? sized.value : made.build;
    const [, , up] = build.pieces.at(-1)!.seat.at;
    const around = random() * 6.28;
    if (!isLarge) {
      const seated = setSeat(build, made.id, {
        at: [18 * Math.cos(around), 18 * Math.sin(around), up * random()],
        lean: 60 * Math.cos(around),
        tip: -60 * Math.sin(around),
      });
      if (seated.ok) build = seated.value;
    }
    const named = setPiece(build, made.id, { texture: i % 3 ? 'none' : 'fur' });
    if (named.ok) build = named.value;
    if (isLarge)
      build = addRod(build, {
        name: `Rod ${i}`,
        stock: 'dowel10',
        from: i === 0 ? { on: 'board', at: [0, 0, -12] } : { on, at: [0, 0, 6] },
        to: { on: made.id, at: [0, 0, 20] },
        pair: false,
        sleeved: false,
      }).build;
  }
  return build;
}

const median = (xs: number[]) => [...xs].sort((a, b) => a - b)[Math.floor(xs.length / 2)]!;
const time = (f: () => unknown): number => {
  const t = performance.now();
  f();
  return performance.now() - t;
};
/** Everything the screens read at once: figure, paste, bones, firming. The days are planned in a worker. */
const reckonAll = (b: Build) => {
  const r = plan(b);
  return [r.figure, r.paste, r.firming, r.bones];
};

for (let i = 0; i < 6; i++) reckonAll(figure(30, 900 + i));
console.log('plan(build): figure, paste, firming, bones; median of 15, milliseconds');
for (const n of [10, 30, 100]) {
  const cold: number[] = [];
  const edit: number[] = [];
  const days: number[] = [];
  for (let run = 0; run < 15; run++) {
    const b = figure(n, 17 * run + n);
    cold.push(time(() => reckonAll(b)));
    const last = b.pieces.at(-1)!;
    const [key, size] = Object.entries(last.form.sizes)[0]!;
    const changed = resize(b, last.id, { [key]: size * 1.05 });
    if (changed.ok) edit.push(time(() => reckonAll(changed.value)));
    if (run < 3) days.push(time(() => plan(b).days()));
  }
  console.log(
    `  ${String(n).padStart(3)} pieces: never seen before ${median(cold).toFixed(1)}, after a change of one piece ${median(edit).toFixed(1)}, days ${median(days).toFixed(0)}`,
  );
}

/** A start said anew: made as tall as it was asked for, and everything the start page answers but its days. */
const startTimes = STARTS.flatMap((start) =>
  (start.size.kind === 'mass' ? [14] : [80, 150, 250, 400]).map((size) => {
    const told = { ...usuallyWanted(start), size };
    const day = { due: '2026-12-05T15:00', zone: 'Europe/London' };
    let build: Build | undefined;
    const made = time(() => (build = startBuild(start, told, day)));
    return { made, answers: time(() => startAnswers(build!, start.id, told)) };
  }),
);
const worst = (of: readonly number[]): number => Math.max(...of);
const [made, answers] = [startTimes.map((t) => t.made), startTimes.map((t) => t.answers)];
console.log(
  `starts: made ${median(made).toFixed(0)} ms, at most ${worst(made).toFixed(0)}; answers ${median(answers).toFixed(0)} ms, at most ${worst(answers).toFixed(0)}`,
);

/** What moving one piece costs: contacts found again, and everything in balance. */
function carriedTimes(name: string, b: Build): void {
  place(b);
  contactsOf(b);
  const found: number[] = [];
  const balanced: number[] = [];
  for (const p of b.pieces) {
    const [x, y, z] = p.seat.at;
    const moved = {
      ...b,
      pieces: b.pieces.map((q) =>
        q === p ? { ...q, seat: { ...q.seat, at: [x + 0.37, y, z] as const } } : q,
      ),
    };
    place(moved);
    found.push(time(() => contactsOf(moved)));
    balanced.push(time(() => seatFacts(moved, () => 12)));
  }
  const sorted = [...found].sort((p, q) => p - q);
  console.log(
    `  ${name}: contacts median ${median(found).toFixed(1)}, nine in ten ${sorted[Math.floor(0.9 * sorted.length)]!.toFixed(1)}; loads and seats ${median(balanced).toFixed(1)}`,
  );
}
console.log('who carries whom after one piece was moved, milliseconds');
for (const name of ['ferryman-otter', 'one-legged-heron', 'savoy-cabbage']) carriedTimes(name, load(name));
carriedTimes('100 pieces at random', figure(100, 100));

console.log('firming alone; median of 15, milliseconds');
for (const n of [1, 100]) {
  const cold: number[] = [];
  for (let run = 0; run < 15; run++) {
    const r = plan(figure(n, 5000 + 37 * run + n));
    // what rests on what belongs to the bones
    void r.bones.rods;
    cold.push(time(() => [...r.firming.values()].map((f) => f.bands)));
  }
  console.log(`  ${String(n).padStart(3)} pieces never seen before: ${median(cold).toFixed(1)}`);
}

/** The figure with a rod from each of its first pieces into what carries it. */
const rodded = (b: Build, rods: number): Build =>
  b.pieces.slice(0, rods).reduce((now, p) => rodInto(now, p.id)?.build ?? now, b);
/** Everything the bones can say: checks, clashes, glued faces, how rods bend, cake carved under, the cut list. */
function checkAll(b: Build): unknown[] {
  const { bones } = plan(b);
  return [
    bones.clashes,
    bones.glued,
    bones.carved,
    bones.hardware,
    bones.rods.map((r) => r.droop),
    cutList(bones.rods),
  ];
}

console.log('bones of 40 pieces on 40 rods, all checks; median of 9, milliseconds');
{
  const cold: number[] = [];
  const edit: number[] = [];
  for (let run = 0; run < 9; run++) {
    const b = rodded(figure(40, 31 * run + 7), 40);
    cold.push(time(() => checkAll(b)));
    const first = b.rods[0]!;
    const moved = setRod(b, first.id, { to: { ...first.to, at: [0, 0, first.to.at[2] + 2] } });
    if (moved.ok) edit.push(time(() => checkAll(moved.value)));
  }
  console.log(
    `  never seen before ${median(cold).toFixed(0)}, after one rod was moved ${median(edit).toFixed(0)}`,
  );
}

/** Work like a figure's: mix, shape, texture in a window, join after a wait. */
function work(n: number): { steps: Step[]; links: Link[] } {
  const random = seeded(n);
  const steps: Step[] = [];
  const links: Link[] = [];
  const band = (m: number) => ({ fast: m * 0.6, likely: m, slow: m * 2 });
  for (let i = 0; steps.length + 3 <= n; i++) {
    const of = (k: string) => `${k}${i}`;
    for (const [k, minutes] of [
      ['shape', 5 + 20 * random()],
      ['texture', 4 + 10 * random()],
      ['join', 3 + 5 * random()],
    ] as const)
      steps.push({ id: of(k), kind: 'shape', title: of(k), notes: [], minutes: Math.round(minutes) });
    links.push({ from: of('shape'), to: of('texture'), kind: 'window', band: band(8), why: 'window' });
    links.push({
      from: of('texture'),
      to: of('join'),
      kind: 'wait',
      band: band(30 + 600 * random()),
      why: 'wait',
    });
    if (i > 0) {
      const carrier = Math.floor(random() * i);
      links.push({
        from: `texture${carrier}`,
        to: of('join'),
        kind: 'wait',
        band: band(60 + 400 * random()),
        why: 'carries',
      });
    }
  }
  return { steps, links };
}

console.log('schedule, first answer and long search, milliseconds');
for (const n of [30, 60, 100, 400]) {
  const { steps, links } = work(n);
  const stretches = Array.from({ length: 60 }, (_, d) => ({ from: d * 1440 + 1020, to: d * 1440 + 1320 }));
  const calendar = {
    origin: { millis: 0, zone: 'UTC' },
    due: 60 * 1440,
    people: [{ id: 'me', name: 'you', pace: 1, stretches }],
    says: [],
  };
  let found: ReturnType<typeof schedule> | undefined;
  const times = (['first', 'long'] as const).map((effort) =>
    time(() => (found = schedule(steps, links, calendar, { effort }))).toFixed(0),
  );
  console.log(
    `  ${String(steps.length).padStart(3)} steps: ${times.join(' and ')}${found?.plan ? '' : ` (${found?.trouble[0]})`}`,
  );
}

/** Builds as large as anybody makes them: opened for the first time, and changed once. */
const acorns = load('sixty-acorn-sweets');
const crowd: Build = {
  ...acorns,
  pieces: acorns.pieces.map((p, i) => (i === acorns.pieces.length - 1 ? { ...p, count: 250 } : p)),
};
const otter = load('ferryman-otter');
const flock: Build = {
  ...otter,
  rods: [],
  pieces: Array.from({ length: 20 }, (_, k) =>
    otter.pieces.map((p) => ({
      ...p,
      id: `${p.id}-${k}`,
      form: { ...p.form, sizes: { ...p.form.sizes } },
      seat: {
        ...p.seat,
        on: p.seat.on === 'board' ? 'board' : `${p.seat.on}-${k}`,
        at:
          p.seat.on === 'board'
            ? ([p.seat.at[0] + 150 * (k % 5), p.seat.at[1] + 150 * Math.floor(k / 5), 0] as const)
            : p.seat.at,
      },
    })),
  ).flat(),
};
const looked: Build = {
  ...otter,
  log: Array.from({ length: 2000 }, (_, k) => ({
    id: `look-${k}`,
    at: new Date(Date.UTC(2026, 0, 1) + k * 3_600_000).toISOString(),
    build: 'Another build',
    piece: 'Body',
    question: 'handle',
    saw: (['just', 'not', 'yes'] as const)[k % 3]!,
    minutes: 20 + (k % 90),
    note: '',
    paste: { base: 'fondant', gumPaste: 10 * (k % 6), powder: 0.5 * (k % 3) },
    body: { volume: 4e4 + k, area: 6000, depth: 15, facing: 30, thickness: 30, kind: 'rod', coat: false },
    spells: [{ temperature: 21, humidity: 0.5, air: 0.1 }],
    duty: {},
  })),
};
/** What the page reckons before anything is seen: gate, figure, drawing, firming. */
const shown = (b: Build): void => {
  if (!keepable(b).ok) throw new Error('not kept');
  const report = plan(b);
  void [report.figure, report.paste, report.firming, elevation(b, 'front')];
};
for (const [name, b] of [
  ['400 pieces', flock],
  ['250 × 60 small parts', crowd],
  ['2,000 looks', looked],
] as const) {
  const first = time(() => shown(b));
  // one after the other, as a hand makes them: the first, and the middle one
  let now = b;
  const edits = Array.from({ length: 5 }, () => {
    const piece = now.pieces[1]!;
    const [key, x] = Object.entries(piece.form.sizes)[0]!;
    const edited = resize(now, piece.id, { [key]: x * 1.01 });
    if (!edited.ok) throw new Error(edited.problem.text);
    now = edited.value;
    return time(() => shown(now));
  });
  const middle = edits.toSorted((p, q) => p - q)[2]!;
  console.log(
    `${name}: opened in ${first.toFixed(0)} ms, the first edit ${edits[0]!.toFixed(0)} ms, of five the middle one ${middle.toFixed(0)} ms`,
  );
}
const log = time(() => seenBeside({ log: structuredClone(looked.log) }, 40));
console.log(`log of 2,000 looks: its first page in ${log.toFixed(0)} ms`);
const shelf = Array.from({ length: 200 }, (_, k) => ({
  id: `b-${k}`,
  name: otter.name,
  savedAt: k,
  revision: 1,
  build: JSON.parse(JSON.stringify({ ...otter, id: `b-${k}` })) as Build,
}));
const cards = time(() =>
  cardReader()(shelf, readRecord)
    .toSorted((p, q) => p.due.localeCompare(q.due))
    .slice(0, 24)
    .map((c) => c.read())
    // as many as are seen at 1280 by 800 and just below: a figure is drawn when its card comes near
    .slice(0, 12)
    .forEach((c) => 'build' in c && elevation(c.build, 'front')),
);
console.log(
  `shelf of 200 builds: its first page read, and what is seen of it drawn, in ${cards.toFixed(0)} ms`,
);

const highs = await highsLoader();
const gaps: number[] = [];
for (let seed = 1; seed <= 20; seed++) {
  const exact = highs.solve(program(smallWork(seed)), { output_flag: false, time_limit: 8 });
  const found = generated(smallWork(seed), 60);
  if (exact.Status === 'Optimal' && Number.isFinite(found)) gaps.push(found / exact.ObjectiveValue - 1);
}
const percent = (x: number) => `${(100 * x).toFixed(2)} %`;
console.log(
  `gap to the exact earliest end (HiGHS), ${gaps.length} small cases: mean ${percent(gaps.reduce((a, b) => a + b, 0) / gaps.length)}, worst ${percent(Math.max(...gaps))}`,
);

const dist = join(root, 'dist');
if (!existsSync(join(dist, 'index.html'))) console.log('first view: not built, run npm run build first');
else console.log(firstViews(dist).says);
