import type { Router } from 'vue-router';
import { SMALL_QUESTIONS } from '@core/reckoner/index.ts';
import { lower } from '@core/quantity/index.ts';
import type { Build } from '@core/record/index.ts';
import type { Report } from '@core/plan.ts';
import type { DaysReport } from '@core/days/index.ts';
import { anchorOf, HANDBOOK } from '../handbook/pages.ts';
import { SHEETS } from '../print/sheets.ts';
import { LENSES } from '../lenses/lenses.ts';
import type { useStage } from '../state/on-stage.ts';
import { db } from '../storage/db.ts';
import { adjusting } from '../words/adjusting.ts';
import type { Find } from './finding.ts';

/** What can be found: a source more is a function more. */

/** Views, small questions and the handbook: there wherever one stands. */
export function ofApp(router: Router): Find[] {
  const to = (text: string, kind: string, path: string): Find => ({
    text,
    kind,
    go: () => void router.push(path),
  });
  return [
    to('The shelf', 'view', '/'),
    to('New build', 'view', '/start'),
    to('Stores', 'view', '/stores'),
    { text: 'Units, clock and language', kind: 'setting', go: () => void (adjusting.value = true) },
    ...SMALL_QUESTIONS.map((q) => to(q.name, 'reckoner', `/reckoner/${q.id}`)),
    ...HANDBOOK.flatMap((p) => [
      to(p.name, 'handbook', `/handbook/${p.id}`),
      ...(p.words ?? []).map((w) => to(w, 'word of the trade', `/handbook/${p.id}#${anchorOf(w)}`)),
    ]),
  ];
}

/** Builds on the shelf and what lies in the stores. */
export async function ofShelf(router: Router): Promise<Find[]> {
  const [builds, stock, book] = await Promise.all([
    db.builds.toArray(),
    db.stock.toArray(),
    db.book.toArray(),
  ]).catch(() => [[], [], []] as const);
  return [
    ...builds.map((b): Find => ({
      text: b.name,
      kind: 'build',
      go: () => void router.push(`/build/${encodeURIComponent(b.id)}/shape`),
    })),
    ...stock.map((s): Find => ({
      text: s.name,
      kind: 'in the stores',
      go: () => void router.push('/stores'),
    })),
    ...book.map((b): Find => ({
      text: `Batch ${b.number}`,
      kind: 'book',
      go: () => void router.push('/stores'),
    })),
  ];
}

/** Everything of the build that is open. */
export function ofBuild(
  router: Router,
  stage: ReturnType<typeof useStage>,
  { build, report, days }: { build: Build; report: Report; days: DaysReport | undefined },
): Find[] {
  const to = (lens: string) => void router.push(`/build/${build.id}/${lens}`);
  const steps = days?.plan?.sessions.flatMap((s) => s.steps) ?? [];
  return [
    ...LENSES.map((l): Find => ({ text: l.name, kind: 'lens', go: () => to(l.id) })),
    ...build.pieces.map((p): Find => ({
      text: p.name,
      kind: 'piece',
      go: () => ((stage.selection = { kind: 'piece', id: p.id }), to('shape')),
    })),
    ...build.rods.map((r): Find => ({
      text: r.name,
      kind: 'rod',
      go: () => ((stage.selection = { kind: 'rod', id: r.id }), to('bones')),
    })),
    ...report.paste.map((b): Find => ({
      text: `${b.colour.name}, ${b.blend.name}`,
      kind: 'batch',
      go: () => ((stage.selection = { kind: 'batch', id: b.id }), to('paste')),
    })),
    ...steps.map((p): Find => ({
      text: p.step.title,
      kind: 'step',
      go: () => ((stage.playhead = p.from), to('days')),
    })),
    ...SHEETS.map((s): Find => ({
      text: `Sheet to print: ${lower(s.name)}`,
      kind: 'sheet',
      go: () => void router.push(`/build/${build.id}/sheet/${s.id}`),
    })),
  ];
}

/** Those that have every word that was typed, the best first: whole names, then beginnings, then the rest as they come. */
export function sought(all: readonly Find[], words: string, most: number): Find[] {
  const parts = words.toLowerCase().split(/\s+/).filter(Boolean);
  const typed = parts.join(' ');
  const rank = ({ text }: Find): number => {
    const name = text.toLowerCase();
    if (name === typed) return 0;
    if (name.startsWith(typed)) return 1;
    return name.split(/[\s,]+/).some((w) => parts.some((p) => w.startsWith(p))) ? 2 : 3;
  };
  return all
    .filter((f) => parts.every((w) => `${f.text} ${f.kind}`.toLowerCase().includes(w)))
    .map((f, i) => ({ f, i, r: rank(f) }))
    .sort((a, b) => a.r - b.r || a.i - b.i)
    .slice(0, most)
    .map(({ f }) => f);
}
