import type { Board, Build, HardwareStack, StackItem, ThreadSize } from '../../record/index.ts';
import { byFormula, formula, given, reckon, total, type Mm, type Reckoned } from '../../quantity/index.ts';

/** Sizes of the hardware of a thread, mm: ISO 4032 nuts (greatest height), ISO 7089 and 7093 washers, ISO 273 medium holes; from memory. */
export const THREADS: Readonly<
  Record<ThreadSize, { nut: Mm; washer: Mm; washerWide: Mm; large: Mm; largeWide: Mm; hole: Mm; spanner: Mm }>
> = {
  6: { nut: 5.2, washer: 1.6, washerWide: 12, large: 1.6, largeWide: 18, hole: 6.6, spanner: 10 },
  8: { nut: 6.8, washer: 1.6, washerWide: 16, large: 2, largeWide: 24, hole: 9, spanner: 13 },
  10: { nut: 8.4, washer: 2, washerWide: 20, large: 2.5, largeWide: 30, hole: 11, spanner: 16 },
  12: { nut: 10.8, washer: 2.5, washerWide: 24, large: 3, largeWide: 37, hole: 13.5, spanner: 18 },
};

/** Length of rod that ends inside what is on it, and of one that stands out over its last nut. */
const HIDDEN_ROD = formula({
  name: 'Rod to cut',
  takes: ['mm', 'mm'],
  unit: 'mm',
  rule: 'all that is on it − hidden under the top of the tier',
  f: (all, hidden) => Math.max(0, all - hidden),
});
const PROUD_ROD = formula({
  name: 'Rod to cut',
  takes: ['mm', 'mm'],
  unit: 'mm',
  rule: 'all that is on it + stands out over the last nut',
  f: (all, proud) => Math.max(0, all + proud),
});

/** What can stand on a rod, and what it closes off. */
export const STACK_KINDS: Readonly<
  Record<StackItem['kind'], { name: string; sized: boolean; closes: string; onRod: boolean }>
> = {
  feet: { name: 'feet under the board', sized: true, closes: '', onRod: false },
  nut: { name: 'nut', sized: false, closes: '', onRod: true },
  washer: { name: 'washer', sized: false, closes: '', onRod: true },
  large: { name: 'large washer', sized: false, closes: '', onRod: true },
  base: {
    name: 'base board',
    sized: true,
    closes: 'cover its top before the rod stands in it; its underside is closed once the feet are on',
    onRod: true,
  },
  board: {
    name: 'board under a tier',
    sized: true,
    closes: 'its underside and the nut below are out of reach once a tier stands on it',
    onRod: true,
  },
  gap: { name: 'open gap', sized: true, closes: 'sleeve and finish this stretch first', onRod: true },
  tier: {
    name: 'tier the rod goes up into',
    sized: true,
    closes: 'what is under it can no longer be painted',
    onRod: true,
  },
};

/** The thread stands out this far over the last nut, two turns at least; common practice. */
const PROUD: Mm = 3;
/** A rod ends this far under the top of what it is hidden in; common practice. */
const HIDDEN: Mm = 15;
/** Sawn this much longer and filed back; common practice. */
const FILED: Mm = 1;

/** One item with where it lies. */
export interface StackLine {
  readonly item: StackItem;
  readonly thick: Mm;
  /** Underside and top over the table. */
  readonly from: Mm;
  readonly to: Mm;
  /** Tape mark on the rod: the underside, measured from the rod's lower end; undefined for what is not on it. */
  readonly mark: Mm | undefined;
  /** Hole to drill through it, across. */
  readonly hole: Mm | undefined;
}

export interface HardwareReport {
  /** From the table up. */
  readonly lines: readonly StackLine[];
  readonly rod: Reckoned;
  /** Lower end of the rod over the table. */
  readonly rodFrom: Mm;
  readonly steps: readonly { readonly do: string; readonly closes: string }[];
  readonly says: readonly string[];
  /** Was cut to another length than is wanted now. */
  readonly stale: Reckoned | undefined;
}

/** Thickness of an item: typed, or that of the thread’s hardware. */
const thickOf = (item: StackItem, thread: ThreadSize): Mm =>
  item.kind === 'nut'
    ? THREADS[thread].nut
    : item.kind === 'washer'
      ? THREADS[thread].washer
      : item.kind === 'large'
        ? THREADS[thread].large
        : item.thick;

const DRILLED = new Set<StackItem['kind']>(['base', 'board']);

/**
 * A raised tier or one-legged figure on a threaded rod: what lies over what, the length to cut, where the tape marks go
 * and which holes are drilled. The lowest nut hangs under the base, inside the height of the feet.
 * @returns undefined when the build has no such stack
 */
export function hardwareOf(build: Build): HardwareReport | undefined {
  const { stack } = build;
  return stack && reckonStack(stack);
}

/** What lies over what on a threaded rod from the table up: marks, holes, the length to cut, and the order of work. */
export function reckonStack(stack: HardwareStack): HardwareReport {
  const { thread, items } = stack;
  const size = THREADS[thread];
  const base = items.findIndex((i) => i.kind === 'base');
  const feet = items.filter((i) => i.kind === 'feet').reduce((h, i) => h + i.thick, 0);
  // what is listed under the base hangs from it, inside the feet
  const under = (base < 0 ? [] : items.slice(0, base)).filter((i) => STACK_KINDS[i.kind].onRod);
  const over = base < 0 ? items.filter((i) => STACK_KINDS[i.kind].onRod) : items.slice(base);
  const hang = under.reduce((h, i) => h + thickOf(i, thread), 0);
  const rodFrom = feet - hang - (under.length ? PROUD : 0);
  const lines: StackLine[] = [];
  const put = (item: StackItem, from: Mm) => {
    const thick = thickOf(item, thread);
    const { onRod } = STACK_KINDS[item.kind];
    lines.push({
      item,
      thick,
      from,
      to: from + thick,
      mark: onRod ? from - rodFrom : undefined,
      hole: DRILLED.has(item.kind) ? size.hole : undefined,
    });
    return from + thick;
  };
  for (const i of items) if (i.kind === 'feet') put(i, 0);
  let at = feet - hang;
  for (const i of under) at = put(i, at);
  for (const i of over) if (STACK_KINDS[i.kind].onRod) at = put(i, at);
  const last = lines.at(-1);
  const parts: Reckoned<'mm'>[] = lines
    .filter((l) => l.mark !== undefined)
    .map((l) => given(STACK_KINDS[l.item.kind].name, l.thick, 'mm'));
  if (under.length) parts.unshift(given('Stands out below the nut', PROUD, 'mm', 'common practice'));
  const inTier = last?.item.kind === 'tier';
  const all = total('Along the rod', 'mm', parts);
  const rod = inTier
    ? byFormula(HIDDEN_ROD, [all, given('Ends under the top of the tier', HIDDEN, 'mm', 'common practice')])
    : byFormula(PROUD_ROD, [all, given('Stands out above', PROUD, 'mm', 'common practice')]);
  const says: string[] = [];
  if (base < 0) says.push('There is no base board yet: what does the rod stand in?');
  if (under.length && rodFrom < 0)
    says.push(
      `The rod stands ${(-rodFrom).toFixed(1)} mm below the feet and the board rocks on it: higher feet, or a thinner nut.`,
    );
  if (base >= 0 && !under.some((i) => i.kind === 'nut'))
    says.push('No nut under the base holds the rod down.');
  if (
    base >= 0 &&
    items[base + 1]?.kind !== 'nut' &&
    !['washer', 'large'].includes(items[base + 1]?.kind ?? '')
  )
    says.push('No nut on top of the base: the rod is held from one side only and leans.');
  items.forEach((i, k) => {
    if (i.kind !== 'board') return;
    const below = items[k - 1]?.kind;
    if (below !== 'washer' && below !== 'large' && below !== 'nut')
      says.push('A board under a tier has no nut and washer below it: it would slide down the rod.');
  });
  const off = stack.cutAt === undefined ? 0 : rod.value - stack.cutAt;
  return {
    lines,
    rod,
    rodFrom,
    steps: stepsOf(lines, rod, thread),
    says: [...new Set(says)],
    stale:
      Math.abs(off) > FILED && stack.cutAt !== undefined
        ? reckon(
            off > 0 ? 'Cut too short by' : 'Cut too long by',
            'mm',
            'wanted now − was cut to',
            [rod, given('Was cut to', stack.cutAt, 'mm', 'yours')],
            (a, b) => Math.abs(a - b),
          )
        : undefined,
  };
}

function stepsOf(lines: readonly StackLine[], rod: Reckoned, thread: ThreadSize): HardwareReport['steps'] {
  const mm = (x: number) => `${x.toFixed(x < 10 ? 1 : 0)} mm`;
  return [
    {
      do: `Cut the M${thread} rod to ${mm(rod.value)}, file the ends, degrease it. Run a nut over the cut before you file: it mends the thread.`,
      closes: '',
    },
    ...lines
      .filter((l) => l.hole !== undefined)
      .map((l) => ({
        do: `Drill ${mm(l.hole!)} in the middle of the ${l.item.name.toLowerCase()}; sand and seal the hole.`,
        closes: '',
      })),
    ...lines
      .filter((l) => l.mark !== undefined)
      .map((l) => ({
        do: `${l.item.name}: underside at ${mm(l.mark!)} from the lower end.`,
        closes: STACK_KINDS[l.item.kind].closes,
      })),
    ...lines
      .filter((l) => l.item.kind === 'feet')
      .map((l) => ({ do: `${l.item.name} on, ${mm(l.thick)} high.`, closes: 'the underside' })),
  ];
}

const WIDEST: Mm = 900;

/** A stack as most raised tiers begin. */
export const usualStack = ({ thickness, width }: Pick<Board, 'thickness' | 'width'>): HardwareStack => ({
  thread: 10,
  items: [
    { id: 'feet', kind: 'feet', name: 'Feet', thick: 20 },
    { id: 'nut-1', kind: 'nut', name: 'Nut under the base', thick: 0 },
    { id: 'large-1', kind: 'large', name: 'Large washer', thick: 0 },
    {
      id: 'base',
      kind: 'base',
      name: 'Base board',
      thick: thickness,
      width: Math.min(WIDEST, width),
      made: 'mdf',
    },
    { id: 'large-2', kind: 'large', name: 'Large washer', thick: 0 },
    { id: 'nut-2', kind: 'nut', name: 'Nut on the base', thick: 0 },
    { id: 'gap', kind: 'gap', name: 'Gap', thick: 120 },
    { id: 'nut-3', kind: 'nut', name: 'Nut under the tier board', thick: 0 },
    { id: 'washer-3', kind: 'washer', name: 'Washer', thick: 0 },
    { id: 'board', kind: 'board', name: 'Tier board', thick: 6, width: 150, made: 'plywood' },
    { id: 'tier', kind: 'tier', name: 'Tier', thick: 140, width: 180 },
  ],
});
