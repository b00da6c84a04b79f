// npm run bench:browser: what the hand feels in a real browser, as processor time of the page's main thread.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Build } from '../core/record/index.ts';
import { readBuild } from '../core/files/index.ts';
import { firstViews } from './first-view.mjs';
import { startTrace, type TraceEvent } from './trace.ts';
import { By, choose, openBrowser, openBuild, serve, type Browser } from '../tests/browser/driver.ts';

/** How often each act is done; the middle one is told. */
const TIMES = 20;
/** Time for what an act set off to come to rest, ms. */
const REST = 120;
/** A page is there to be used after this long, ms. */
const SEEN_BY = 1500;
/** A hand that moves is read thirty times a second, ms. */
const MOVES = 30;

const read = (name: string): Build => {
  const file = readBuild(readFileSync(join(import.meta.dirname, `../demo/${name}.spindle.json`), 'utf8'));
  if (!file.ok) throw new Error(file.problem.text);
  return file.value;
};

/** Five otters in a row on one board: a hundred kinds of piece, with their rods. */
function fiveOtters(): Build {
  const otter = read('ferryman-otter');
  const board = (on: string, k: number): string => (on === 'board' ? on : `${on}-${k}`);
  const aside = (on: string, at: readonly [number, number, number], k: number) =>
    on === 'board' ? ([at[0] + 230 * (k - 2), at[1], at[2]] as const) : at;
  const each = [0, 1, 2, 3, 4];
  return {
    ...otter,
    id: 'five-otters',
    name: 'Five otters',
    board: { ...otter.board, width: 1150 },
    pieces: each.flatMap((k) =>
      otter.pieces.map((p) => ({
        ...p,
        id: `${p.id}-${k}`,
        seat: { ...p.seat, on: board(p.seat.on, k), at: aside(p.seat.on, p.seat.at, k) },
      })),
    ),
    rods: each.flatMap((k) =>
      otter.rods.map((r) => ({
        ...r,
        id: `${r.id}-${k}`,
        from: { ...r.from, on: board(r.from.on, k), at: aside(r.from.on, r.from.at, k) },
        to: { ...r.to, on: board(r.to.on, k), at: aside(r.to.on, r.to.at, k) },
      })),
    ),
    steps: { ...otter.steps, own: [] },
  };
}

/** Put a build on the shelf of the page, as the page itself would keep it. */
const shelve = (b: Browser, build: Build) =>
  b.driver.executeAsyncScript(
    `const [build, done] = arguments; const asked = indexedDB.open('elm-spindle');
     asked.onsuccess = () => { const t = asked.result.transaction('builds', 'readwrite');
       t.objectStore('builds').put({ id: build.id, name: build.name, savedAt: Date.now(), revision: 1, build });
       t.oncomplete = () => { asked.result.close(); done(); }; };`,
    build,
  );

const middle = (xs: readonly number[]): number => [...xs].sort((p, q) => p - q)[Math.floor(xs.length / 2)]!;

interface Cost {
  /** Processor time of all tasks, the middle of so many times, ms. */
  readonly all: number;
  /** The longest task of any time, ms. */
  readonly longest: number;
}

const rest = (b: Browser, ms = REST) => b.driver.sleep(ms);
const mark = (b: Browser, name: string) => b.driver.executeScript('performance.mark(arguments[0])', name);

/** Tasks of the main thread between two marks; the one that sets the second mark is the measuring itself. */
function between(events: readonly TraceEvent[], from: string, to: string): number[] {
  const [start, end] = [from, to].map((name) => events.find((e) => e.name === name));
  if (!start || !end) throw new Error(`No mark ${from} in the trace.`);
  return events
    .filter(
      (e) =>
        e.name === 'RunTask' &&
        e.ph === 'X' &&
        e.pid === start.pid &&
        e.tid === start.tid &&
        e.ts > start.ts &&
        e.ts + (e.dur ?? 0) < end.ts,
    )
    .map((e) => (e.tdur ?? e.dur ?? 0) / 1000);
}

/** Do something so many times and see what it costs. */
async function cost(
  b: Browser,
  act: (k: number) => Promise<unknown>,
  times = TIMES,
  pause = REST,
): Promise<Cost> {
  const trace = await startTrace(b);
  for (let k = 0; k < times; k++) {
    await mark(b, `from-${k}`);
    await act(k);
    await rest(b, pause);
    await mark(b, `to-${k}`);
  }
  const events = await trace.end();
  const each = Array.from({ length: times }, (_, k) => between(events, `from-${k}`, `to-${k}`));
  return {
    all: middle(each.map((tasks) => tasks.reduce((s, t) => s + t, 0))),
    longest: Math.max(...each.flat()),
  };
}

const mouse = (b: Browser, type: string, x: number, y: number, buttons = 1) =>
  b.driver.sendDevToolsCommand('Input.dispatchMouseEvent', {
    type,
    x,
    y,
    button: buttons ? 'left' : 'none',
    buttons,
    clickCount: type === 'mouseMoved' ? 0 : 1,
  });

const middleOf = async (b: Browser, css: string): Promise<[number, number]> => {
  const box = await (await b.find(css)).getRect();
  return [box.x + box.width / 2, box.y + box.height / 2];
};

/** Until the plan is there and nothing goes on any more. */
async function settled(b: Browser): Promise<void> {
  await b.driver.wait(
    async () => (await b.driver.findElements(By.css('.chip.due .stale, .clock .busy'))).length === 0,
    60_000,
  );
  await rest(b, 1500);
}

async function handle(b: Browser): Promise<Cost> {
  await (
    await b.driver.findElement(By.xpath(`(//button[contains(@class,"bead")][contains(., "Head")])[1]`))
  ).click();
  await b.find('.stage .grip');
  await settled(b);
  const [x, y] = await middleOf(b, '.stage .grip');
  await mouse(b, 'mousePressed', x, y);
  await mouse(b, 'mouseMoved', x + 12, y - 8);
  await rest(b);
  const found = await cost(b, (k) => mouse(b, 'mouseMoved', x + 12 + (k % 2 ? 3 : -3) + k * 0.2, y - 8));
  await mouse(b, 'mouseMoved', x, y);
  await mouse(b, 'mouseReleased', x, y, 0);
  await settled(b);
  return found;
}

async function height(b: Browser): Promise<Cost> {
  await choose(b, 'Height');
  const field = await b.find('.height-field input, label.quantity input');
  const from = Number.parseFloat((await field.getAttribute('value')) ?? '');
  const found = await cost(
    b,
    async (k) => {
      await b.driver.executeScript(
        `const [field, value] = arguments; field.focus(); field.value = value;
         field.dispatchEvent(new Event('input', { bubbles: true }));
         field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
         field.dispatchEvent(new Event('change', { bubbles: true })); field.blur();`,
        field,
        `${from + (k % 2 ? 0 : 6)} mm`,
      );
    },
    8,
    170,
  );
  await choose(b, 'Pieces');
  await settled(b);
  return found;
}

async function playhead(b: Browser): Promise<Cost> {
  await b.find('.strip');
  await settled(b);
  const box = await (await b.find('.strip')).getRect();
  const y = box.y + box.height / 2;
  const at = (share: number) => box.x + box.width * share;
  await mouse(b, 'mousePressed', at(0.3), y);
  await rest(b, 400);
  const found = await cost(b, (k) => mouse(b, 'mouseMoved', at(0.3 + 0.02 * k), y), TIMES, MOVES);
  await mouse(b, 'mouseReleased', at(0.7), y, 0);
  await b.press('\uE00C');
  return found;
}

/** A lens that was seen before, opened again. */
async function lens(b: Browser): Promise<Cost> {
  const tabs = ['Paste', 'Bones', 'Shape', 'Days'];
  const press = (name: string) =>
    b.driver.executeScript(
      `[...document.querySelectorAll('.rail nav button')].find((x) => x.textContent.includes(arguments[0])).click()`,
      name,
    );
  for (const t of tabs) {
    await press(t);
    await rest(b, 2500);
  }
  return cost(b, (k) => press(tabs[k % tabs.length]!), TIMES, 260);
}

/** What is seen first: names on the shelf, the figure of a build. */
const OPENINGS: readonly (readonly [string, string, string])[] = [
  ['the shelf', '/', '.shelf li strong'],
  ['a build', '/build/demo-ferryman-otter/shape', 'svg.stage > .body, svg.stage > g > path'],
];
/** A page opened cold, nothing cached by the browser: when what it is about is seen, the middle of five, ms. */
async function opening(url: string, [name, path, css]: (typeof OPENINGS)[number]): Promise<number> {
  const seen: number[] = [];
  const b = await openBrowser(1280, 800, { asIs: true });
  await b.driver.get(url);
  await b.find('.shelf li');
  await rest(b, 9000);
  await b.driver.sendDevToolsCommand('Network.setCacheDisabled', { cacheDisabled: true });
  await b.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
    source: `{ const look = () => document.querySelector(${JSON.stringify(css)})
      ? (window.seenAt = performance.now()) : requestAnimationFrame(look); look(); }`,
  });
  for (let k = 0; k < 5; k++) {
    await b.driver.get(url + path);
    await rest(b, 3500);
    seen.push(await b.driver.executeScript<number>('return window.seenAt'));
  }
  await b.close();
  console.log(`${name} opened: seen after ${middle(seen).toFixed(0)} ms (limit ${SEEN_BY})`);
  return middle(seen);
}

/**
 * What the same piece of work costs the page's main thread each time, measured as all else is, ms: on a machine that is busy with
 * something else it costs more, as does all that is timed beside it.
 */
const yardstick = async (b: Browser): Promise<number> =>
  (
    await cost(
      b,
      (k) =>
        b.driver.executeScript(
          `let x = arguments[0] + 1;
           const all = Array.from({ length: 40000 }, () => (x = (x * 16807 + 11) % 2147483647));
           return new Map(all.sort((a, b) => a - b).map((n) => [String(n), Math.sqrt(n)])).size;`,
          k,
        ),
      9,
      10,
    )
  ).all;

/** What is timed: what it is called, the lens it begins in, and how it is done. */
const ACTS: readonly (readonly [string, string, (b: Browser) => Promise<Cost>])[] = [
  ['a handle moved', 'shape', handle],
  ['the height typed', 'shape', height],
  ['the playhead moved', 'days', playhead],
  ['a lens seen before', 'shape', lens],
];

/** Only acts that are called so. */
const only = process.argv[2];
const served = await serve();
const rows: Record<string, Record<string, string>> = {};
const tell = (act: string, build: string, limit: number, { all, longest }: Cost, same: number) => {
  rows[`${act}, ${build}`] = {
    'ms, middle': all.toFixed(1),
    limit: String(limit),
    'longest task': longest.toFixed(0),
    yardstick: same.toFixed(0),
    met: all <= limit ? 'yes' : 'NO',
  };
  console.log(
    `${act}, ${build}: ${all.toFixed(1)} ms (limit ${limit}), longest task ${longest.toFixed(0)}, yardstick ${same.toFixed(0)}`,
  );
};

for (const [name, id, limits] of [
  ['20 pieces', 'demo-ferryman-otter', [8, 60, 8, 40]],
  ['100 pieces', 'five-otters', [16, 150, 16, 80]],
] as const) {
  const b = await openBrowser(1280, 800, { asIs: true });
  await b.driver.get(served.url);
  await b.find('.shelf li');
  if (id === 'five-otters') await shelve(b, fiveOtters());
  for (const [k, [act, at, run]] of ACTS.entries()) {
    if (only && !act.includes(only)) continue;
    await openBuild(b, served.url, at, id);
    await settled(b);
    const before = await yardstick(b);
    const found = await run(b);
    tell(act, name, limits[k]!, found, (before + (await yardstick(b))) / 2);
  }
  await b.close();
}
if (!only || 'opened'.includes(only))
  for (const o of OPENINGS) {
    const ms = await opening(served.url, o);
    rows[`${o[0]} opened`] = {
      'ms, middle': ms.toFixed(0),
      limit: String(SEEN_BY),
      'longest task': '–',
      yardstick: '–',
      met: ms <= SEEN_BY ? 'yes' : 'NO',
    };
  }
console.table(rows);
const dist = join(import.meta.dirname, '../dist');
console.log(firstViews(dist).says);
await served.close();
