import { apartBy, hexOfSpectrum, kneaded, labOf, spectrumOf } from './colour/index.ts';
import { shapeId } from './days/index.ts';
import { overCore, scaleSeveral, setCoat, setPiece } from './edits/index.ts';
import { measureOf } from './figure/index.ts';
import { planFinish, usualAmount, finishNamed } from './finish/index.ts';
import { baseHex, pasteList, type Batch, type PasteLine } from './paste-list/index.ts';
import { plan } from './plan.ts';
import { given, ok, reckon, roundTo, total, type Day, type Grams, type Reckoned } from './quantity/index.ts';
import { pieceOf, wholeOf, type Build, type Change, type Piece } from './record/index.ts';
import { shapeOf } from './solids/index.ts';
import { offcutsFor, reserved, type StockItem } from './stores/index.ts';
import { doesToPlan, plannedAs, type PlannedBuild } from './tried-plans.ts';

/** One thing that can be done when a colour runs short. */
export interface ShortWay {
  readonly does: string;
  /** What has to be minded with it. */
  readonly mind?: string;
  /** It changes the build; else it is done at the bench alone. */
  readonly changes: boolean;
  readonly frees: Reckoned;
  readonly worth: Reckoned;
}

/** A few of them that are enough together, tried against bones and time. */
export interface ShortSet {
  readonly ways: readonly ShortWay[];
  readonly frees: Reckoned;
  /** What it costs in minutes, with what is seen and risked. */
  readonly worth: Reckoned;
  /** What it does to the plan, in words. */
  readonly does: string;
  readonly build: Build;
}

/** What is missing, and what would help. */
export interface ShortOf {
  /** For what is still to be made, with its spare. */
  readonly need: Reckoned;
  readonly short: Reckoned;
  readonly sets: readonly ShortSet[];
}

interface Option {
  readonly id: string;
  /** At most one of a group. */
  readonly group: string;
  readonly does: string;
  readonly mind?: string;
  readonly frees: Grams;
  readonly minutes: number;
  readonly wait?: number;
  /** How much of it is seen in the end, and how likely it goes wrong, 0–1. */
  readonly seen: number;
  readonly risk: number;
  /** What it changes of the build; nothing where it is done at the bench alone. */
  readonly change?: (build: Build) => Change;
}

/** Minutes that a minute of waiting, something seen, and a thing that may go wrong are worth. Estimates. */
const [WAIT, SEEN, RISK] = [0.3, 25, 60];
/** Minutes that a gram freed beyond the need costs. Estimate. */
const GRAM = 0.2;
/** Skin over a core is no thinner, mm: it tears. Common practice. */
const SKIN = 3;
/** Smaller by a twentieth is hardly seen. Common practice. */
const SMALLER = 0.95;
/** Paint covers a paste that is no more than so much darker, L*. Estimate. */
const DARKER = 5;
/** A smaller core is not worth it, mm. Estimate. */
const LEAST_CORE = 12;
/** Under this it does nothing, g. A step of the method; estimate. */
const LEAST = 0.3;
/** So far from its colour paste may be stretched with plain, CIEDE2000: seen only side by side. Common practice. */
const STRETCHED = 2.3;
/** Mixed again: least that can be judged, g, and its step. Common practice. */
const [AGAIN, STEP] = [20, 5];
/** Ways together at most, sets told at most, and tried at most. Steps of the method; estimates. */
const [TOGETHER, TOLD, TRIED] = [3, 5, 24];

const worthOf = (o: Option): Reckoned =>
  reckon(
    'Worth',
    'min',
    'hands + 0.3 × wait + 25 × seen + 60 × risk',
    [
      given('Hands', o.minutes, 'min', 'estimate'),
      given('Wait', o.wait ?? 0, 'min', 'estimate'),
      given('Seen in the end', o.seen, '', 'estimate'),
      given('May go wrong', o.risk, '', 'estimate'),
    ],
    (hands, wait, seen, risk) => hands + WAIT * wait + SEEN * seen + RISK * risk,
  );

/** Lines of a batch whose pieces are not shaped yet. */
function stillToMake(build: Build, batch: Batch): PasteLine[] {
  const done = new Set(build.bench.done.map((d) => d.step));
  const { steps } = plan(build).made;
  return batch.lines.filter((l) => {
    const mine = steps.filter((s) => wholeOf(s.id) === shapeId(l.piece));
    return mine.length === 0 || !mine.every((s) => done.has(s.id));
  });
}

/** What lines of a batch need on the bench, by a build as it might be. */
function needIn(build: Build, batch: string, pieces: ReadonlySet<string>): Grams {
  const found = pasteList(build).find((b) => b.id === batch);
  return (found?.lines ?? []).reduce((g, l) => g + (pieces.has(l.piece) ? l.start.value : 0), 0);
}

/** The coat of a piece over a core, mm; nothing where it has none. */
const coatOf = ({ form }: Piece): number | undefined =>
  form.coat?.thickness ?? (shapeOf(form.kind).core ? form.sizes.coat : undefined);

/** What the pieces still to be made can do without, each as a change of the model. */
function modelOptions(build: Build, batch: Batch, pieces: readonly Piece[]): Omit<Option, 'frees'>[] {
  const others = pasteList(build).filter((b) => b.blend.id === batch.blend.id && b.id !== batch.id);
  const lab = labOf(batch.colour.hex);
  const off = (b: Batch) => {
    const at = labOf(b.colour.hex);
    return at && lab ? apartBy(at, lab) : 0;
  };
  // paint covers what is lighter, not what is darker
  const lighter = others.filter((b) => (labOf(b.colour.hex)?.L ?? 0) > (lab?.L ?? 0) - DARKER);
  const [near] = lighter.sort((a, b) => off(a) - off(b));
  const paint = finishNamed('paint');
  return pieces.flatMap((piece): Omit<Option, 'frees'>[] => {
    const { id, form, name } = piece;
    const lower = name.toLowerCase();
    const number = piece.pair ? 2 : piece.count;
    const shape = shapeOf(form.kind);
    const coat = coatOf(piece);
    const out: Omit<Option, 'frees'>[] = [];
    const { width, depth, height } = measureOf(piece);
    const room = Math.min(width, depth, height) - 2 * SKIN;
    if (coat === undefined && room >= LEAST_CORE && (shape.coats || shape.core))
      out.push({
        id: `core ${id}`,
        group: id,
        does: `build the ${lower} over foam with ${SKIN} mm of paste`,
        mind: 'The foam is not food: tell whoever serves it, and count it out.',
        minutes: 4 * number,
        seen: 0,
        risk: 0.05,
        change: (b) => {
          const cored = overCore(b, pieceOf(b, id)!, 'foam', SKIN);
          return cored ? ok(cored) : { ok: false, problem: { text: 'There is no room for a core.' } };
        },
      });
    if (form.coat && form.coat.thickness > SKIN) {
      const thickness = Math.max(SKIN, form.coat.thickness - 1);
      out.push({
        id: `thin ${id}`,
        group: id,
        does: `make the coat of the ${lower} ${thickness} mm thick`,
        minutes: 0,
        seen: 0,
        risk: thickness <= SKIN ? 0.15 : 0.08,
        change: (b) => setCoat(b, id, { ...form.coat!, thickness }),
      });
    }
    out.push({
      id: `smaller ${id}`,
      group: id,
      does: `make the ${lower} a twentieth smaller`,
      minutes: 0,
      seen: 0.3,
      risk: 0.02,
      change: (b) => scaleSeveral(b, new Set([id]), SMALLER),
    });
    if (near) {
      const amount = usualAmount(piece, paint, 'all').value;
      out.push({
        id: `painted ${id}`,
        group: id,
        does: `make the ${lower} of ${near.colour.name} and paint it ${batch.colour.name}`,
        mind: `It takes as much more of ${near.colour.name}, and the paint has to be dry before it is touched.`,
        minutes: 14 + 2 * number,
        seen: 0.4,
        risk: 0.1,
        change: (b) => {
          const other = setPiece(b, id, { colour: near.colour.id });
          return other.ok
            ? planFinish(other.value, {
                piece: id,
                technique: paint,
                amount,
                coats: paint.coats,
                side: 'all',
                colour: batch.colour.hex,
              })
            : other;
        },
      });
    }
    return out;
  });
}

/** How much plain paste may be kneaded into what is left before the eye sees it beside the other. @param most g that are wanted */
export function stretchBy(
  batch: Pick<Batch, 'blend' | 'colour'>,
  left: Grams,
  most: Grams = left,
): { readonly grams: Grams; readonly off: number } {
  const plain = spectrumOf(baseHex(batch.blend.base));
  const own = spectrumOf(batch.colour.hex);
  const wanted = labOf(batch.colour.hex)!;
  const off = (grams: number) =>
    apartBy(labOf(hexOfSpectrum(kneaded(own, plain, grams / (left + grams))))!, wanted);
  let grams = 0;
  while (grams + 1 <= Math.min(left, most) && off(grams + 1) <= STRETCHED) grams++;
  return { grams, off: grams > 0 ? off(grams) : 0 };
}

/** What is done at the bench alone, and offcuts of the stores. */
function benchOptions(
  batch: Batch,
  { left, short, spare }: { readonly left: Grams; readonly short: Grams; readonly spare: Grams },
  items: readonly StockItem[],
  today: Day,
): Option[] {
  const stretch = stretchBy(batch, left, Math.ceil(short));
  const again = Math.max(AGAIN, Math.ceil(short / STEP) * STEP);
  const lighter = offcutsFor(items, batch, today).use.filter((u) => u.recolour);
  return [
    {
      id: 'spare',
      group: 'spare',
      does: 'go without the spare',
      mind: 'Nothing may fall or tear.',
      frees: spare,
      minutes: 0,
      seen: 0,
      risk: 0.1,
    },
    {
      id: 'stretch',
      group: 'stretch',
      does: `knead ${stretch.grams} g of plain paste into all that is left`,
      mind: 'Before more is shaped: what is made already is a little deeper.',
      frees: stretch.grams,
      minutes: 5,
      seen: stretch.off / 5,
      risk: 0.05,
    },
    {
      id: 'again',
      group: 'again',
      does: `mix ${again} g again and match it`,
      mind: 'In whole drops, matched a day later, and not beside the first.',
      frees: again,
      minutes: 16,
      wait: 15,
      seen: 0.5,
      risk: 0.12,
    },
    ...lighter.map((use): Option => {
      const grams = roundTo(Math.min(use.grams, left), 0.1);
      return {
        id: `offcut ${use.item.id}`,
        group: `offcut ${use.item.id}`,
        does: `colour ${grams} g of ${use.item.name} over`,
        frees: grams,
        minutes: 6,
        seen: 0.1,
        risk: 0.1,
        change: (b) => ok(reserved(b, batch, [{ ...use, grams }])),
      };
    }),
  ];
}

/** Sets of up to three that free enough, none of which does without one of its own; cheapest first. */
export function enoughOf(options: readonly Option[], short: Grams): (readonly Option[])[] {
  const found: { set: readonly Option[]; cost: number }[] = [];
  const from = (start: number, set: readonly Option[], grams: Grams): void => {
    if (grams >= short - 1e-9) {
      // one that is enough without another is told by itself
      if (set.some((o) => grams - o.frees >= short - 1e-9)) return;
      const cost = set.reduce((c, o) => c + worthOf(o).value, GRAM * (grams - short));
      found.push({ set, cost });
      return;
    }
    if (set.length === TOGETHER) return;
    for (let i = start; i < options.length; i++) {
      const o = options[i]!;
      if (!set.some((s) => s.group === o.group)) from(i + 1, [...set, o], grams + o.frees);
    }
  };
  from(0, [], 0);
  return found.sort((a, b) => a.cost - b.cost || a.set.length - b.set.length).map((f) => f.set);
}

/** The build with all of a set done; undefined where one of them cannot be. */
function withAll(build: Build, set: readonly Option[]): Build | undefined {
  let now: Build | undefined = build;
  for (const o of set) {
    const next: Change | undefined = o.change?.(now);
    if (next && !next.ok) return undefined;
    now = next?.value ?? now;
  }
  return now;
}

const failsOf = (build: Build): number => plan(build).bones.counts.fails;

/** Whether a build as it might be is in time and stands as well as before. */
const holds = (was: PlannedBuild, fails: number, as: PlannedBuild): boolean =>
  as.days.plan !== undefined &&
  as.days.plan.lateBy <= (was.days.plan?.lateBy ?? 0) &&
  as.lateOnes.size <= was.lateOnes.size &&
  failsOf(as.build) <= fails;

/**
 * What to do when a colour runs short: foam inside, a thinner coat, smaller, of another colour and painted, an offcut coloured over,
 * stretched with plain paste, mixed again; up to three of them together, each set tried against bones and time.
 * @param left g of it that are there @param items of the stores
 * @returns only what holds and is in time, the least trouble first; nothing where the batch is not there or enough is left
 */
export function shortOf(
  build: Build,
  batchId: string,
  left: Grams,
  items: readonly StockItem[] = [],
  now?: number,
): ShortOf | undefined {
  const batch = pasteList(build).find((b) => b.id === batchId);
  if (!batch || !(left >= 0)) return undefined;
  const lines = stillToMake(build, batch);
  const bench = total(
    'On the bench',
    'g',
    lines.map((l) => l.start),
  );
  const need = reckon(
    'Needed for what is still to be made',
    'g',
    'on the bench × (1 + spare)',
    [bench, given('Spare', build.practice.spare, '%', 'yours')],
    (g, s) => g * (1 + s / 100),
  );
  const short = reckon(
    'Short',
    'g',
    'needed − left',
    [need, given('Left of it', left, 'g', 'yours')],
    (g, l) => Math.max(0, g - l),
  );
  if (short.value < LEAST) return { need, short, sets: [] };
  const pieces = lines.flatMap((l) => (l.cover || l.sleeve ? [] : (pieceOf(build, l.piece) ?? [])));
  const ids = new Set(lines.map((l) => l.piece));
  const before = needIn(build, batchId, ids);
  const freed = (o: Omit<Option, 'frees'>): Option[] => {
    const changed = o.change!(build);
    const frees = changed.ok ? before - needIn(changed.value, batchId, ids) : 0;
    return frees > LEAST ? [{ ...o, frees }] : [];
  };
  const day = build.brief.due.slice(0, 10);
  const options = [
    ...modelOptions(build, batch, pieces).flatMap(freed),
    ...benchOptions(batch, { left, short: short.value, spare: need.value - bench.value }, items, day).filter(
      (o) => o.frees > LEAST,
    ),
  ].sort((a, b) => worthOf(a).value - worthOf(b).value);
  const was = plannedAs(build, now);
  const fails = failsOf(build);
  const sets: ShortSet[] = [];
  for (const set of enoughOf(options, short.value).slice(0, TRIED)) {
    if (sets.length >= TOLD) break;
    const changed = withAll(build, set);
    if (!changed) continue;
    const as = changed === build ? was : plannedAs(changed, now);
    if (changed !== build && !holds(was, fails, as)) continue;
    sets.push(toldSet(set, changed === build ? 'the plan stays as it is' : doesToPlan(was, as), changed));
  }
  return { need, short, sets };
}

function toldSet(set: readonly Option[], does: string, build: Build): ShortSet {
  const ways = set.map((o): ShortWay => ({
    does: o.does,
    changes: o.change !== undefined,
    ...(o.mind === undefined ? {} : { mind: o.mind }),
    frees: given(`Frees: ${o.does}`, o.frees, 'g', 'derived'),
    worth: { ...worthOf(o), name: o.does },
  }));
  return {
    ways,
    frees: total(
      'Frees',
      'g',
      ways.map((w) => w.frees),
    ),
    worth: total(
      'Worth',
      'min',
      ways.map((w) => w.worth),
    ),
    does,
    build,
  };
}
