// How much script the first view of the built app needs: what the page names, what those name in turn, down to the shelf.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

/** Most that may be, kB compressed: a phone on a slow line shows the shelf in about two seconds. */
const BUDGET = { shelf: 150, build: 260 };

/** Script that a view needs before anything is seen, kB compressed, and in how many files. @param views chunks of the view */
function scriptOf(dist, views) {
  const assets = join(dist, 'assets');
  const named = (text, pattern) => [...text.matchAll(pattern)].map((m) => m[1]);
  const wanted = new Set(named(readFileSync(join(dist, 'index.html'), 'utf8'), /assets\/([\w.-]+\.js)/g));
  const all = readdirSync(assets);
  for (const view of views) {
    const chunk = all.find((f) => f.startsWith(`${view}-`) && f.endsWith('.js'));
    if (chunk) wanted.add(chunk);
  }
  for (const file of wanted)
    for (const next of named(
      readFileSync(join(assets, file), 'utf8'),
      /(?:from|import)\s*["']\.\/([\w.-]+\.js)["']/g,
    ))
      wanted.add(next);
  const bytes = [...wanted].reduce(
    (s, f) => s + gzipSync(readFileSync(join(assets, f)), { level: 9 }).length,
    0,
  );
  return { kB: bytes / 1000, files: wanted.size };
}

/** The shelf, until its builds can be read and opened. */
const firstView = (dist) => scriptOf(dist, ['ShelfView']);

/** The same with the figures, which are fetched beside it. */
const drawnShelf = (dist) => scriptOf(dist, ['ShelfView', 'ShelfFigure']);

/** A build, opened at its pieces, until the figure is seen; what reckons is fetched beside it. */
const buildView = (dist) => scriptOf(dist, ['BuildView', 'ShapeLens']);

/** Whether both first views are within their budget, and the sentence that says so. */
export function firstViews(dist) {
  const views = [
    ['shelf', firstView(dist).kB, BUDGET.shelf],
    ['a build', buildView(dist).kB, BUDGET.build],
  ];
  return {
    within: views.every(([, kB, most]) => kB <= most),
    says: `first view, script (gzip): ${views
      .map(
        ([name, kB, most]) =>
          `${name} ${kB.toFixed(0)} kB of ${most} at most${kB > most ? ', too much' : ''}`,
      )
      .join('; ')}; shelf with its figures ${drawnShelf(dist).kB.toFixed(0)} kB`,
  };
}
