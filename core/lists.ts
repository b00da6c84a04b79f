import Papa from 'papaparse';
import { clockTime, dateName, type DaysReport } from './days/index.ts';
import { BESIDE_KINDS, type Beside, type LogEntry } from './log-report.ts';
import type { Batch } from './paste-list/index.ts';
import { formatSpoons } from './quantity/index.ts';
import { packWords, type ShoppingLine } from './stores/index.ts';

/** Cells that a spreadsheet would take for a formula are quoted off. */
const write = (fields: readonly string[], rows: readonly (readonly (string | number)[])[]): string =>
  `${Papa.unparse({ fields: [...fields], data: rows.map((r) => [...r]) }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;

/** The paste list as a table (RFC 4180): one row for each thing weighed, grams to a tenth. */
export const pasteCsv = (batches: readonly Batch[]): string =>
  write(
    ['batch', 'colour', 'blend', 'weigh', 'grams', 'spoons', 'goes into', 'rest min', 'allergens'],
    batches.flatMap((b) =>
      b.parts.map((p) => [
        b.id,
        b.colour.name,
        b.blend.name,
        p.name,
        p.weigh,
        p.spoons ? formatSpoons(p.spoons.value, 1) : '',
        b.lines.map((l) => l.name).join(', '),
        Math.round(b.rest),
        b.allergens.join(', '),
      ]),
    ),
  );

/** The shopping list as a table. */
export const shoppingCsv = (lines: readonly ShoppingLine[]): string =>
  write(
    ['what', 'needed', 'unit', 'on the shelf', 'short', 'packs', 'buy', 'for'],
    lines.map((l) => [
      l.need.name,
      Number(l.need.amount.value.toFixed(1)),
      l.need.amount.unit,
      Number(l.have.value.toFixed(1)),
      Number(l.short.value.toFixed(1)),
      packWords(l),
      l.short.value > 0 ? Number(l.bought.toFixed(1)) : 0,
      l.need.for.join(', '),
    ]),
  );

/** The plan of days as a table: one row for each step; undefined where there is no plan. */
export function planCsv({ plan, origin, people }: DaysReport): string | undefined {
  if (!plan || !origin) return undefined;
  return write(
    ['session', 'day', 'from', 'to', 'who', 'minutes', 'step', 'grams each', 'number'],
    plan.sessions.flatMap((s, i) =>
      s.steps.map((p) => [
        i + 1,
        dateName(origin, p.from),
        clockTime(origin, p.from),
        clockTime(origin, p.to),
        people[s.person] ?? '',
        p.step.minutes,
        p.step.title,
        p.step.weigh ? Number(p.step.weigh.grams.toFixed(2)) : '',
        p.step.weigh?.number ?? '',
      ]),
    ),
  );
}

/** The plan against what happened, and everything that was noted, as one table: rows of the first kind have no instant. */
export const logCsv = (rows: readonly Beside[], entries: readonly LogEntry[]): string =>
  write(
    ['at', 'kind', 'what', 'planned', 'real', 'unit', 'of', 'noted'],
    [
      ...rows.map((r) => [
        '',
        BESIDE_KINDS[r.kind].name,
        r.what,
        Number(r.planned.toFixed(2)),
        Number(r.real.toFixed(2)),
        BESIDE_KINDS[r.kind].unit,
        r.of,
        '',
      ]),
      ...entries.map((e) => [e.at, e.kind, e.what, '', '', '', '', e.more]),
    ],
  );
