import { tickedAt, tickedSteps, type Link, type Step } from './days/index.ts';
import { SAW } from './firming/index.ts';
import type { Batch } from './paste-list/index.ts';
import { plan } from './plan.ts';
import { formatMass, formatTime, given, reckon, total, type Reckoned, type Unit } from './quantity/index.ts';
import { multiplicity, REMADE, wholeOf, type Build } from './record/index.ts';
import type { Stores } from './stores/index.ts';
import { mendNamed, troubleNamed } from './trouble/index.ts';

/** What is held against the plan. */
export const BESIDE_KINDS = {
  grams: { name: 'Weights', unit: 'g' },
  minutes: { name: 'Time at the bench', unit: 'min' },
  waits: { name: 'Waits', unit: 'min' },
  drops: { name: 'Drops of colour', unit: 'pieces' },
  breakage: { name: 'Made again', unit: 'pieces' },
  left: { name: 'Left over', unit: 'g' },
} as const satisfies Readonly<Record<string, { readonly name: string; readonly unit: Unit }>>;
export type BesideKind = keyof typeof BESIDE_KINDS;

/** One thing as it was planned and as it was. */
export interface Beside {
  readonly kind: BesideKind;
  readonly what: string;
  readonly planned: number;
  readonly real: number;
  /** Of how many it is the mean. */
  readonly of: number;
}

/** All of a kind together. */
export interface BesideSum {
  readonly kind: BesideKind;
  readonly planned: Reckoned;
  readonly real: Reckoned;
  /** Real ÷ planned; undefined where nothing was planned. */
  readonly ratio: Reckoned<'×'> | undefined;
}

/** The plan of a build against what happened. */
export interface LogReport {
  readonly rows: readonly Beside[];
  readonly sums: readonly BesideSum[];
}

const mean = (x: readonly number[]): number => x.reduce((a, b) => a + b, 0) / x.length;

function weights(build: Build, steps: ReadonlyMap<string, Step>): Beside[] {
  const by = new Map<string, { grams: number[]; wanted: number[] }>();
  for (const w of build.bench.weighed ?? []) {
    const of = by.get(wholeOf(w.step)) ?? { grams: [], wanted: [] };
    of.grams.push(w.grams);
    of.wanted.push(w.wanted);
    by.set(wholeOf(w.step), of);
  }
  return [...by].map(([id, { grams, wanted }]) => ({
    kind: 'grams',
    what: steps.get(id)?.title ?? id,
    planned: mean(wanted),
    real: mean(grams),
    of: grams.length,
  }));
}

/** A wait shorter than this is no wait. Estimate. */
const LEAST_WAIT = 10;

function waits(
  links: readonly Link[],
  steps: ReadonlyMap<string, Step>,
  done: ReadonlyMap<string, number>,
): Beside[] {
  return links.flatMap((l): Beside[] => {
    const [from, to] = [done.get(l.from), done.get(l.to)];
    const next = steps.get(l.to);
    const { likely } = l.band;
    if (l.kind !== 'wait' || from === undefined || to === undefined || !next) return [];
    if (!(likely >= LEAST_WAIT && Number.isFinite(likely))) return [];
    const real = (to - from) / 60_000 - next.minutes;
    return real > 0
      ? [{ kind: 'waits', what: `Before “${next.title}”: ${l.why}`, planned: likely, real, of: 1 }]
      : [];
  });
}

const drops = (build: Build): Beside[] =>
  build.colours.flatMap((c) =>
    (c.pots ?? []).flatMap((p): Beside[] =>
      p.took && p.per100 !== undefined && p.kind !== 'powder'
        ? [
            {
              kind: 'drops',
              what: `${p.name} in ${c.name}`,
              planned: (p.per100 * p.took.grams) / 100,
              real: p.took.amount,
              of: 1,
            },
          ]
        : [],
    ),
  );

function breakage(build: Build): Beside[] {
  const again = (id: string) =>
    (build.bench.trouble ?? []).filter((t) => t.mend === REMADE && t.piece === id).length;
  return build.pieces.flatMap((p): Beside[] =>
    p.breaks > 0 || again(p.id) > 0
      ? [
          {
            kind: 'breakage',
            what: p.name,
            planned: (multiplicity(build, p) * p.breaks) / 100,
            real: again(p.id),
            of: 1,
          },
        ]
      : [],
  );
}

/** What was left of a batch, by the bag it went into, against what was mixed on top. */
const leftOver = (
  build: Build,
  batches: readonly Batch[],
  stores: Pick<Stores, 'book' | 'items'>,
): Beside[] =>
  stores.book.flatMap((b): Beside[] => {
    const kept = stores.items.find((i) => i.id === b.offcut);
    const batch = batches.find((x) => x.colour.name === b.name && x.blend.base === b.blend.base);
    return b.from === build.name && kept && batch
      ? [
          {
            kind: 'left',
            what: `Batch ${b.number}, ${b.name}`,
            planned: Math.max(0, batch.mix.value - batch.net.value),
            real: kept.amount,
            of: 1,
          },
        ]
      : [];
  });

const NO_STORES: Pick<Stores, 'book' | 'items'> = { book: [], items: [] };

/** Everything that is known of how a build went against how it was planned. */
export function logReport(build: Build, stores: Pick<Stores, 'book' | 'items'> = NO_STORES): LogReport {
  const { work, made, paste } = plan(build);
  const steps = work?.steps ?? made.steps;
  const byId = new Map(steps.map((s) => [s.id, s]));
  const done = tickedAt(build);
  const took = tickedSteps(build.bench.done, steps).map(({ step, minutes }): Beside => ({
    kind: 'minutes',
    what: step.title,
    planned: step.minutes,
    real: minutes,
    of: 1,
  }));
  const rows = [
    ...weights(build, byId),
    ...took,
    ...waits(work?.links ?? made.links, byId, done),
    ...drops(build),
    ...breakage(build),
    ...leftOver(build, paste, stores),
  ];
  return { rows, sums: sumsOfRows(rows) };
}

function sumsOfRows(rows: readonly Beside[]): BesideSum[] {
  return (Object.keys(BESIDE_KINDS) as BesideKind[]).flatMap((kind): BesideSum[] => {
    const mine = rows.filter((r) => r.kind === kind);
    if (mine.length === 0) return [];
    const { unit } = BESIDE_KINDS[kind];
    const all = (name: string, of: (r: Beside) => number, source?: 'yours') =>
      total(
        name,
        unit,
        mine.map((r) => given(r.what, of(r) * (kind === 'grams' ? r.of : 1), unit, source)),
      );
    const planned = all('As planned', (r) => r.planned);
    const real = all('As it was', (r) => r.real, 'yours');
    const ratio =
      planned.value > 0
        ? reckon('Against the plan', '×', 'as it was ÷ as planned', [real, planned], (a, b) => a / b)
        : undefined;
    return [{ kind, planned, real, ratio }];
  });
}

/** A sum in words: `4 % more than planned`. */
export function besideWords({ ratio }: BesideSum): string {
  if (!ratio) return 'none was planned';
  const by = Math.round(100 * (ratio.value - 1));
  return by === 0 ? 'as planned' : `${Math.abs(by)} % ${by > 0 ? 'more' : 'less'} than planned`;
}

/** One build among others, over time. */
export interface BuildOverTime {
  readonly id: string;
  readonly name: string;
  readonly due: string;
  readonly ratios: Readonly<Partial<Record<BesideKind, number>>>;
  /** Things that went wrong. */
  readonly troubles: number;
}

/** Builds in the order they were due, each with how it went against its plan; those nothing was ticked off in are left out. */
export const overTime = (
  builds: readonly Build[],
  stores?: Pick<Stores, 'book' | 'items'>,
): BuildOverTime[] =>
  builds
    .filter((b) => b.bench.done.length > 0 || b.bench.weighed || b.bench.trouble)
    .map((b) => ({
      id: b.id,
      name: b.name,
      due: b.brief.due,
      ratios: Object.fromEntries(
        logReport(b, stores).sums.flatMap((s) => (s.ratio ? [[s.kind, s.ratio.value]] : [])),
      ),
      troubles: b.bench.trouble?.length ?? 0,
    }))
    .sort((a, b) => a.due.localeCompare(b.due));

/** Something that was noted at the bench. */
export interface LogEntry {
  readonly at: string;
  readonly kind: 'step' | 'weight' | 'look' | 'trouble' | 'room';
  readonly what: string;
  readonly more: string;
  /** What it is forgotten by. */
  readonly id?: string;
  readonly picture?: string;
}

/** Everything that was noted of a build, the newest first. */
export function entriesOf(build: Build): LogEntry[] {
  const { made } = plan(build);
  const titles = new Map(made.steps.map((s) => [s.id, s.title]));
  const titleOf = (step: string) => titles.get(step) ?? titles.get(wholeOf(step)) ?? step;
  const nameOf = (id: string | undefined) => build.pieces.find((p) => p.id === id)?.name;
  const { done, weighed = [], trouble = [], air = [] } = build.bench;
  const entries: LogEntry[] = [
    ...done.map((d): LogEntry => ({ at: d.at, kind: 'step', what: titleOf(d.step), more: 'done' })),
    ...weighed.map((w): LogEntry => ({
      at: w.at,
      kind: 'weight',
      what: titleOf(w.step),
      more: `${formatMass(w.grams)}, wanted ${formatMass(w.wanted)}`,
    })),
    ...build.log.map((s): LogEntry => ({
      at: s.at,
      kind: 'look',
      what: s.piece,
      more: `${SAW.find((x) => x.id === s.saw)?.words ?? s.saw}, ${formatTime(s.minutes)} after shaping${s.note ? `: ${s.note}` : ''}`,
      id: s.id,
      ...(s.picture ? { picture: s.picture } : {}),
    })),
    ...trouble.map((t): LogEntry => {
      const mend =
        t.mend === REMADE ? 'made again' : t.mend ? mendNamed(t.mend)?.does.toLowerCase() : 'left as it is';
      const held = t.held === undefined ? '' : t.held ? ', which held' : ', which did not hold';
      return {
        at: t.at,
        kind: 'trouble',
        what: nameOf(t.piece) ?? 'The figure',
        more: `${troubleNamed(t.trouble)?.name.toLowerCase() ?? t.trouble}: ${mend ?? ''}${held}${t.note ? `. ${t.note}` : ''}`,
        id: t.id,
        ...(t.picture ? { picture: t.picture } : {}),
      };
    }),
    ...air.map((a): LogEntry => ({
      at: a.at,
      kind: 'room',
      what: 'The room',
      more: `${a.temperature.toFixed(1)} °C, ${Math.round(a.humidity)} %`,
    })),
  ];
  return entries.sort((a, b) => b.at.localeCompare(a.at));
}

/** Entries in which every word of a search is found, whatever its case. */
export function searched(entries: readonly LogEntry[], words: string): LogEntry[] {
  const all = words.toLowerCase().split(/\s+/).filter(Boolean);
  return entries.filter((e) => {
    const text = `${e.what} ${e.more} ${e.kind} ${e.at}`.toLowerCase();
    return all.every((w) => text.includes(w));
  });
}
