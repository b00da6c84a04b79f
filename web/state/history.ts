import type { Build } from '@core/record/index.ts';

/** What undo goes back over: whole builds, which share everything that did not change. */
export interface History {
  readonly past: readonly { readonly build: Build; readonly label: string }[];
  readonly now: Build;
  readonly future: readonly { readonly build: Build; readonly label: string }[];
}

const MOST = 300;

export const startHistory = (build: Build): History => ({ past: [], now: build, future: [] });

/** A change: what was before goes on the pile under the words for what was done. */
export const recorded = (h: History, build: Build, label: string): History =>
  build === h.now ? h : { past: [...h.past, { build: h.now, label }].slice(-MOST), now: build, future: [] };

export function undo(h: History): History {
  const last = h.past.at(-1);
  if (!last) return h;
  return {
    past: h.past.slice(0, -1),
    now: last.build,
    future: [{ build: h.now, label: last.label }, ...h.future],
  };
}

export function redo(h: History): History {
  const next = h.future[0];
  if (!next) return h;
  return {
    past: [...h.past, { build: h.now, label: next.label }],
    now: next.build,
    future: h.future.slice(1),
  };
}
