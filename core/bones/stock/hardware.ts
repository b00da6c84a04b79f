import {
  byFormula,
  formatLength,
  formula,
  given,
  reckon,
  total,
  type Mm,
  type Reckoned,
} from '../../quantity/index.ts';
import {
  groundOf,
  HIDDEN,
  nutWithWasher,
  PROUD,
  type Fitting,
  type Ground,
  type Layer,
  type OnGround,
} from '../../ground/index.ts';
import type { Mast } from '../../record/index.ts';

/** Length of rod that ends inside what is on it, and of one that stands out over its last nut, or up into the figure. */
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
  rule: 'all that is on it + what stands out over that',
  f: (all, proud) => Math.max(0, all + proud),
});

/** What each of the things on a rod closes off once it is there. */
const CLOSES: Readonly<Record<Layer['kind'] | Fitting['kind'], string>> = {
  feet: 'the underside',
  nut: '',
  washer: '',
  large: '',
  board: 'cover its top before the rod stands in it; its underside is closed once the feet are on',
  card: 'its underside and the nut below are out of reach once a tier stands on it',
  gap: 'sleeve and finish this stretch first',
  sleeve: 'the rod and the nut under it are out of reach once it is on',
  tier: 'what is under it can no longer be painted',
};

/** Sawn this much longer and filed back; common practice. */
const FILED: Mm = 1;

/** One thing on or under the rod, with where it lies. */
export interface StackLine {
  readonly id: string;
  readonly kind: Layer['kind'] | Fitting['kind'];
  readonly name: string;
  readonly thick: Mm;
  readonly wide: Mm;
  /** Underside and top over the table. */
  readonly from: Mm;
  readonly to: Mm;
  /** Tape mark on the rod: the underside, measured from the rod's lower end; undefined for what is not on it. */
  readonly mark: Mm | undefined;
  /** Hole to drill through it, and pocket in its underside that clears a nut. */
  readonly hole: Mm | undefined;
  readonly pocket: Layer['pocket'];
}

/** A threaded rod with everything on it: marks, holes, the length to cut, and the order of work. */
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

/** What needs no mark on the rod. */
const OFF_ROD: ReadonlySet<StackLine['kind']> = new Set(['feet', 'sleeve']);

/** Everything on the rod, from the table up. */
function linesOf(ground: Ground, rodFrom: Mm): StackLine[] {
  const line = (x: Layer | Fitting, more: Pick<StackLine, 'wide' | 'hole' | 'pocket'>): StackLine => ({
    id: x.id,
    kind: x.kind,
    name: x.name,
    thick: x.to - x.from,
    from: x.from - ground.table,
    to: x.to - ground.table,
    mark: OFF_ROD.has(x.kind) ? undefined : x.from - ground.table - rodFrom,
    ...more,
  });
  return [
    ...ground.fittings.map((f) => line(f, { wide: f.wide, hole: undefined, pocket: undefined })),
    ...ground.layers.map((l) =>
      line(l, { wide: l.width, hole: l.kind === 'tier' ? undefined : l.hole, pocket: l.pocket }),
    ),
  ].sort((a, b) => a.from - b.from || a.to - b.to);
}

/** The rod to cut: what is on it, from the nut under the board up. */
function rodOf(ground: Ground, mast: Mast): Reckoned {
  const last = ground.top;
  const all = total('Along the rod', 'mm', [
    given('Stands out below the nut', PROUD, 'mm', 'common practice'),
    given('Nut and washer under the board', nutWithWasher(mast.thread, mast.base), 'mm'),
    ...ground.layers.map((l) => given(l.name, l.to - l.from, 'mm')),
    ...ground.fittings.filter((f) => f.kind === 'gap').map((f) => given(f.name, f.to - f.from, 'mm')),
  ]);
  if (mast.up > 0) return byFormula(PROUD_ROD, [all, given('Up into the figure', mast.up, 'mm')]);
  if (last.kind === 'tier')
    return byFormula(HIDDEN_ROD, [
      all,
      given('Ends under the top of the tier', HIDDEN, 'mm', 'common practice'),
    ]);
  const nut = nutWithWasher(mast.thread, last.kind === 'board' ? mast.base : mast.raised);
  return byFormula(PROUD_ROD, [
    all,
    given('Last nut and its washer, and two turns', nut + PROUD, 'mm', 'common practice'),
  ]);
}

/**
 * A raised tier or one-legged figure on a threaded rod: what lies over what, the length to cut, where the tape marks go
 * and which holes and pockets are cut. The lowest nut hangs under the board, inside the height of the feet.
 * @returns undefined when the build has no such rod
 */
export function hardwareOf(build: OnGround): HardwareReport | undefined {
  const ground = groundOf(build);
  const { mast } = build;
  if (!mast || !ground.rod) return undefined;
  const rodFrom = ground.rod.from - ground.table;
  const lines = linesOf(ground, rodFrom);
  const rod = rodOf(ground, mast);
  const off = mast.cutAt === undefined ? 0 : rod.value - mast.cutAt;
  return {
    lines,
    rod,
    rodFrom,
    steps: stepsOf(lines, rod, mast),
    says: ground.says,
    stale:
      Math.abs(off) > FILED && mast.cutAt !== undefined
        ? reckon(
            off > 0 ? 'Cut too short by' : 'Cut too long by',
            'mm',
            'wanted now − was cut to',
            [rod, given('Was cut to', mast.cutAt, 'mm', 'yours')],
            (a, b) => Math.abs(a - b),
          )
        : undefined,
  };
}

function stepsOf(lines: readonly StackLine[], rod: Reckoned, { thread }: Mast): HardwareReport['steps'] {
  const mm = (x: number) => `${x.toFixed(x < 10 ? 1 : 0)} mm`;
  return [
    {
      do: `Cut the M${thread} rod to ${mm(rod.value)}, file the ends, degrease it. Run a nut over the cut before you file: it mends the thread.`,
      closes: '',
    },
    ...lines
      .filter((l) => l.hole !== undefined)
      .map((l) => ({
        do: `Drill ${mm(l.hole!)} in the middle of the ${l.name.toLowerCase()}; sand and seal the hole.`,
        closes: '',
      })),
    ...lines
      .filter((l) => l.pocket !== undefined)
      .map((l) => ({
        do:
          l.pocket!.deep < l.thick
            ? `Cut a pocket ${mm(l.pocket!.wide)} across and ${formatLength(l.pocket!.deep)} deep into the underside of the ${l.name.toLowerCase()}: it clears the nut, and lies flat.`
            : `Cut a hole ${mm(l.pocket!.wide)} across right through the ${l.name.toLowerCase()}, and hollow what is on it ${formatLength(l.pocket!.deep - l.thick)} deep: the nut goes in, and it lies flat.`,
        closes: '',
      })),
    ...lines
      .filter((l) => l.mark !== undefined && l.kind !== 'gap')
      .map((l) => ({
        do: `${l.name}: underside at ${mm(l.mark!)} from the lower end.`,
        closes: CLOSES[l.kind],
      })),
    ...lines
      .filter((l) => l.kind === 'feet')
      .map((l) => ({ do: `${l.name} on, ${mm(l.thick)} high.`, closes: CLOSES.feet })),
  ];
}

/** A rod as most raised tiers begin. */
export const USUAL_MAST: Mast = { thread: 10, base: 'large', raised: 'large', up: 0 };
