import { everyRod, type BonesReport } from '../bones/index.ts';
import { labOf } from '../colour/index.ts';
import {
  plannedWindow,
  tickedAt,
  shapedBy,
  shapeId,
  joinId,
  mixId,
  type Link,
  type Step,
} from '../days/index.ts';
import { blendOf, place } from '../figure/index.ts';
import { plannedFinish } from '../finish/index.ts';
import { airNow, stateAt, type PieceFirming } from '../firming/index.ts';
import type { Batch } from '../paste-list/index.ts';
import { carriedBy, pieceOf, wholeOf, type Build, type Piece } from '../record/index.ts';
import { coreVolume, dryingOf } from '../solids/index.ts';
import { type Minutes } from '../quantity/index.ts';
import type { Facts } from './facts.ts';

/** What is read of the reckoning and of the plan. */
export interface TroubleReads {
  readonly firming: ReadonlyMap<string, PieceFirming>;
  readonly bones: Pick<BonesReport, 'glued'> & Parameters<typeof everyRod>[0];
  readonly paste: readonly Batch[];
  readonly steps: readonly Step[];
  readonly links: readonly Link[];
}

/** A piece with what is read of it. */
interface About {
  readonly build: Build;
  readonly piece: Piece;
  readonly reads: TroubleReads;
  readonly firming: PieceFirming | undefined;
  /** When each step was ticked off, ms. */
  readonly done: ReadonlyMap<string, number>;
  readonly now: number;
  /** Since it was shaped, minutes; undefined before that. */
  readonly age: Minutes | undefined;
}

/** Lighter or darker than what it touches by more than this shows when it bleeds, CIE L*. Estimate. */
const DARKER = 35;
/** What stood in the cold is told of so long after it was shaped, minutes. Estimate. */
const COLD_TOLD: Minutes = 24 * 60;
/** Pastes that are yellow by themselves. Common practice. */
const YELLOW: ReadonlySet<string> = new Set(['marzipan', 'chocolateWhite']);

/** How far past its windows, or before its waits were over, what was done to a piece was; the worst of each. */
function timing({ reads: { links, steps }, piece, done, now }: About): Facts {
  const mine = new Map(steps.filter((s) => s.piece === piece.id).map((s) => [s.id, s]));
  const late: number[] = [];
  const early: number[] = [];
  for (const l of links) {
    const from = done.get(l.from);
    if (from === undefined || !(mine.has(l.to) || l.piece === piece.id)) continue;
    const ended = done.get(l.to);
    // what is ticked off was begun before
    const begun = ended === undefined ? now : ended - (mine.get(l.to)?.minutes ?? 0) * 60_000;
    const age = (begun - from) / 60_000;
    if (l.kind === 'window') late.push(age - plannedWindow(l));
    else if (l.kind === 'wait' && ended !== undefined && Number.isFinite(l.band.likely))
      early.push(l.band.likely - age);
  }
  return {
    ...(late.length > 0 ? { late: Math.max(...late) } : {}),
    ...(early.length > 0 ? { early: Math.max(...early) } : {}),
  };
}

/** Whether dust lay on its seat, or a film was gone over too soon. */
function finishes({ build, piece, reads, done }: About): Facts {
  const joined = done.get(joinId(piece.id)) ?? Infinity;
  const mine = build.steps.own.flatMap((o) => {
    const planned = plannedFinish(o);
    const at = done.get(o.id);
    return planned && at !== undefined && (o.piece === piece.id || o.piece === piece.seat.on)
      ? [{ id: o.id, at, rank: planned.technique.rank }]
      : [];
  });
  const tooSoon = (id: string, at: number): boolean =>
    reads.links.some((l) => {
      const next = done.get(l.to);
      return l.from === id && l.kind === 'wait' && next !== undefined && (next - at) / 60_000 < l.band.fast;
    });
  return {
    dustedSeat: mine.some((f) => f.rank === 'blush' && f.at < joined),
    ...(mine.length > 0 ? { filmWet: mine.some((f) => tooSoon(f.id, f.at)) } : {}),
  };
}

/** Its paste: what is in it, how much was mixed, and when. */
function paste({ build, piece, reads, done, now, age }: About): Facts {
  const blend = blendOf(build, piece);
  const batch = batchOf(reads.paste, piece.id);
  const mixed = batch && done.get(mixId(batch.id));
  const weighed = build.bench.weighed?.filter((w) => wholeOf(w.step) === shapeId(piece.id)).at(-1);
  return {
    powder: blend.powder,
    gumPaste: blend.gumPaste,
    yellowBase: YELLOW.has(blend.base),
    weighed: weighed !== undefined,
    ...(weighed ? { off: Math.abs(weighed.grams - weighed.wanted) / weighed.wanted } : {}),
    ...(batch ? { batch: batch.need.value } : {}),
    ...(mixed === undefined ? {} : { hoursSinceMix: (now - mixed) / 3_600_000 }),
    ...(mixed === undefined || age === undefined ? {} : { rest: Math.max(0, (now - mixed) / 60_000 - age) }),
  };
}

/** Its body: how thick, over what, beside what. */
function body({ build, piece, age }: About): Facts {
  const cored = coreVolume(piece.form) > 0;
  const coat = piece.form.coat?.thickness ?? piece.form.sizes.coat;
  const carrier = pieceOf(build, piece.seat.on);
  const lightness = (p: Piece | undefined) =>
    labOf(build.colours.find((c) => c.id === p?.colour)?.hex ?? '')?.L;
  const [own, other] = [lightness(piece), lightness(carrier)];
  const overCake = cored && piece.core === 'cake';
  const cold = piece.rests?.some((r) => r.place === 'fridge' || r.place === 'freezer') ?? false;
  return {
    ...(cored && coat !== undefined ? { coat } : { thick: dryingOf(piece.form).thickness }),
    ...(overCake ? { cream: build.cake.coatThickness } : {}),
    overCake,
    outOfCold: cold && (age ?? 0) < COLD_TOLD,
    ...(own === undefined || other === undefined ? {} : { darkBeside: Math.abs(own - other) > DARKER }),
    inCake: build.cake.tiers.length > 0 && !carrier,
    gathered: piece.cover === 'gathered',
  };
}

/** What holds it up, and what it carries. */
function carrying({ build, piece, reads, firming, done, age }: About): Facts {
  const rods = rodsIn(reads.bones, piece.id).length;
  const glued = reads.bones.glued.find((g) => g.piece.id === piece.id);
  const up = place(build).find((i) => i.piece.id === piece.id)?.frame.z[2];
  const bears = firming?.bands.bear?.likely;
  const loaded = carriedBy(build, piece.id).some((p) => p.id !== piece.id && done.has(joinId(p.id)));
  return {
    rods,
    ...(up === undefined ? {} : { lean: (Math.acos(Math.min(1, Math.abs(up))) * 180) / Math.PI }),
    ...(glued?.worst.times === undefined ? {} : { glue: glued.worst.times }),
    ...(firming && loaded && age !== undefined && bears !== undefined && Number.isFinite(bears)
      ? { load: firming.yieldAfter(bears) / Math.max(1e-6, firming.yieldAfter(age)) }
      : {}),
  };
}

/** How far it has firmed, and how it lay meanwhile. */
function firmness({ piece, reads, firming, done, age }: About): Facts {
  if (!firming || age === undefined) return {};
  const stands =
    rodsIn(reads.bones, piece.id).length > 0 || piece.built !== undefined || done.has(joinId(piece.id));
  return {
    dry: ['set', 'dry'].includes(stateAt(firming, age)),
    ...(age > 0 && !stands ? { layOn: Math.min(age, firming.bands.handle?.likely ?? age) } : {}),
  };
}

/** Everything that is known of a piece and speaks for one cause or another; of no piece only the room. */
export function factsOf(build: Build, reads: TroubleReads, id: string | undefined, now: number): Facts {
  const { humidity, temperature } = airNow(build, now);
  const room: Facts = { humidity: humidity / 100, temperature, spare: build.practice.spare };
  const piece = id === undefined ? undefined : pieceOf(build, id);
  if (!piece) return room;
  const done = tickedAt(build);
  const shaped = done.get(shapedBy(piece)) ?? done.get(shapeId(piece.id));
  const age = shaped === undefined ? undefined : (now - shaped) / 60_000;
  const about: About = { build, piece, reads, firming: reads.firming.get(piece.id), done, now, age };
  return {
    ...room,
    ...timing(about),
    ...finishes(about),
    ...paste(about),
    ...body(about),
    ...carrying(about),
    ...firmness(about),
  };
}

/** The batch a piece is made from. */
export const batchOf = (paste: readonly Batch[], piece: string): Batch | undefined =>
  paste.find((b) => b.lines.some((l) => l.piece === piece && !l.cover));

/** Rods that run through the paste of a piece. */
export const rodsIn = (bones: TroubleReads['bones'], piece: string) =>
  everyRod(bones).filter((rod) => rod.passes.some((p) => 'piece' in p && p.piece === piece));
