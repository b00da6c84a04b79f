import type { PieceFirming } from '../firming/index.ts';
import { wetAfter } from '../finish/index.ts';
import { pieceOf, wholeOf, type OwnStep, type Piece, type StepEdits, type Build } from '../record/index.ts';
import { formatTime, lower } from '../quantity/index.ts';
import type { Stages } from '../reach/index.ts';
import { joinsBefore, orderOf, reachWhy } from './reaching.ts';
import { FINISH_ID, joinId, PACK_ID, shapedBy, shapeId, textureId } from './steps/index.ts';
import { faceLink, finishedStep, finishOrder } from './finishing.ts';
import type { Link, Step } from './types.ts';

/** Steps and links with what somebody should know of them. */
export interface Edited {
  readonly steps: Step[];
  readonly links: Link[];
  readonly says: readonly string[];
}

/** What came before a step that is left out comes before what followed it, with the longer of the waits between. */
function without(id: string, links: readonly Link[]): Link[] {
  const into = links.filter((l) => l.to === id);
  const out = links.filter((l) => l.from === id);
  const rest = links.filter((l) => l.to !== id && l.from !== id);
  for (const a of into)
    for (const b of out) {
      // a window was about the step itself and goes with it
      if (a.kind === 'window' || b.kind === 'window') continue;
      const longer = b.band.likely >= a.band.likely ? b : a;
      rest.push({ ...longer, from: a.from, to: b.to });
    }
  return rest;
}

const same = (minutes: number) => ({ fast: minutes, likely: minutes, slow: minutes });
const link = (from: string, to: string, wait: number, why: string): Link => ({
  from,
  to,
  kind: wait > 0 ? 'wait' : 'order',
  band: same(wait),
  why,
});

/** What the links of somebody's own steps are made from. */
interface Round {
  readonly there: ReadonlySet<string>;
  readonly links: readonly Link[];
  readonly stages: Stages;
  readonly firming: ReadonlyMap<string, PieceFirming>;
  /** Told what is lost where a step comes late and may. */
  readonly tell: (text: string) => void;
}

/** Links of a step of somebody's own: after, before, and before what puts its face out of reach. */
function ownLinks(build: Build, o: OwnStep, round: Round): Link[] {
  const { there } = round;
  const out: Link[] = [];
  const after = o.after === undefined ? undefined : wholeOf(o.after);
  const before = o.before === undefined ? undefined : wholeOf(o.before);
  if (after !== undefined && there.has(after))
    out.push(link(after, o.id, o.wait ?? 0, o.wait ? `waiting before “${o.title}”` : 'in this order'));
  const piece = o.piece === undefined ? undefined : pieceOf(build, o.piece);
  if (before !== undefined && there.has(before)) {
    const wet = piece && before === joinId(piece.id) ? wetLink(build, o, piece, before, 'touch') : undefined;
    out.push(wet ?? link(o.id, before, 0, 'in this order'));
  }
  if (!piece) return out;
  out.push(...onPiece(build, o, piece, round));
  return out;
}

/** What its piece asks of it: to be there, to be dry before it is packed, and within reach. */
function onPiece(build: Build, o: OwnStep, piece: Piece, round: Round): Link[] {
  const out: Link[] = [];
  const { there } = round;
  const before = o.before === undefined ? undefined : wholeOf(o.before);
  // nothing is done on a piece that is not there: after its texture, unless that is what it comes before
  if (o.after === undefined) {
    const made = before === textureId(piece.id) ? shapeId(piece.id) : shapedBy(piece);
    if (there.has(made) && before !== made)
      out.push(
        link(made, o.id, 0, `the ${piece.name.toLowerCase()} is shaped before anything is done on it`),
      );
  }
  if (there.has(PACK_ID)) {
    const wet = wetLink(build, o, piece, PACK_ID, 'lift');
    if (wet) out.push(wet);
    else if (before === undefined) out.push(link(o.id, PACK_ID, 0, 'everything is done before it is packed'));
  }
  if (o.finish && there.has(FINISH_ID) && o.after !== FINISH_ID)
    out.push(link(o.id, FINISH_ID, 0, 'the last look is at what is finished'));
  const face = faceLink(o, piece, round.firming);
  if (face && there.has(face.from)) out.push(face);
  const reach = reachLink(build, o, piece.id, round);
  return reach ? [...out, reach] : out;
}

/** Before what puts its face out of reach, unless it comes later by its own wish and enough is left. */
function reachLink(build: Build, o: OwnStep, piece: string, round: Round): Link | undefined {
  const face = { piece, work: o.work ?? 'paint', side: o.side ?? 'all' } as const;
  const after = o.after === undefined ? undefined : joinsBefore(build, wholeOf(o.after), round.links);
  const { closing, lost } = orderOf(build, face, round.stages, after);
  if (lost !== undefined) round.tell(`“${o.title}”: ${lost}.`);
  if (!closing || !round.there.has(joinId(closing.piece))) return undefined;
  const to = joinId(closing.piece);
  // what is joined then is held where it is wet
  const held = closing.piece === piece ? pieceOf(build, piece) : undefined;
  return (held && wetLink(build, o, held, to, 'touch')) ?? link(o.id, to, 0, reachWhy(build, face, closing));
}

/** The wait for a wet film; undefined where the work leaves none. */
function wetLink(
  build: Build,
  o: OwnStep,
  piece: Piece,
  to: string,
  state: 'touch' | 'lift',
): Link | undefined {
  const band = wetAfter(build, piece, o, state);
  if (!band) return undefined;
  const until = state === 'touch' ? 'is touched' : 'is packed';
  return {
    from: o.id,
    to,
    kind: 'wait',
    band,
    why: `“${o.title}” dries on the ${piece.name.toLowerCase()} before it ${until}`,
    piece: piece.id,
  };
}

/** Whether links run in a circle. */
function circular(steps: readonly Step[], links: readonly Link[]): boolean {
  const waiting = new Map(steps.map((s) => [s.id, 0]));
  const next = new Map<string, string[]>();
  for (const l of links) {
    waiting.set(l.to, (waiting.get(l.to) ?? 0) + 1);
    next.set(l.from, [...(next.get(l.from) ?? []), l.to]);
  }
  const ready = [...waiting].filter(([, n]) => n === 0).map(([id]) => id);
  let seen = 0;
  while (ready.length > 0) {
    seen++;
    for (const to of next.get(ready.pop()!) ?? []) {
      waiting.set(to, waiting.get(to)! - 1);
      if (waiting.get(to) === 0) ready.push(to);
    }
  }
  return seen < waiting.size;
}

/** Several steps made one: minutes added up, links to and from any of them its own. */
function inOne(ids: readonly string[], from: Edited): Edited {
  const group = ids.flatMap((id) => from.steps.filter((s) => s.id === id));
  const first = group[0];
  if (!first || group.length < 2) return from;
  const members = new Set(group.map((s) => s.id));
  const inner = from.links.filter((l) => members.has(l.from) && members.has(l.to));
  const title = group.map((s, i) => (i === 0 ? s.title : lower(s.title))).join(', then ');
  const waits = inner.find((l) => l.kind === 'wait' && l.band.likely >= 1);
  if (waits)
    return {
      ...from,
      says: [...from.says, `“${title}” cannot be one step: ${waits.why}, ${formatTime(waits.band.likely)}.`],
    };
  const { part: _part, ...rest } = first;
  const tools = [...new Set(group.flatMap((s) => s.tools ?? []))];
  const one: Step = {
    ...rest,
    title,
    notes: group.flatMap((s) => s.notes),
    minutes: group.reduce((sum, s) => sum + s.minutes, 0),
    also: group.slice(1).flatMap((s) => [s.id, ...(s.also ?? [])]),
    ...(tools.length > 0 ? { tools } : {}),
    ...(group.some((s) => s.hands === 2) ? { hands: 2 as const } : {}),
  };
  const moved = (id: string): string => (members.has(id) ? first.id : id);
  const steps = from.steps.flatMap((s) => (s.id === first.id ? [one] : members.has(s.id) ? [] : [s]));
  const links = from.links
    .filter((l) => !inner.includes(l))
    .map((l) => ({ ...l, from: moved(l.from), to: moved(l.to) }));
  if (circular(steps, links))
    return {
      ...from,
      says: [...from.says, `“${title}” cannot be one step: something else has to be done between them.`],
    };
  return { steps, links, says: from.says };
}

/** What finishes ask of each other; one that would run in a circle beside another gives way, and that is told. */
function inFinishOrder(build: Build, steps: readonly Step[], links: readonly Link[], says: string[]): Link[] {
  const { over, beside } = finishOrder(build);
  const out: Link[] = [];
  const titleOf = (id: string) => steps.find((s) => s.id === id)?.title ?? id;
  for (const l of [...over, ...beside]) {
    const before = `“${titleOf(l.link.from)}” cannot come before “${titleOf(l.link.to)}” here, although ${l.says}`;
    if (!circular(steps, [...links, ...out, l.link])) out.push(l.link);
    else says.push(beside.includes(l) ? `${before}: cover what is finished.` : `${before}.`);
  }
  return out;
}

/**
 * The steps a figure makes, as this person changed them: their own minutes, steps left out, steps of their own, steps done
 * in one. A step on a piece comes before whatever puts that face out of reach; what names a step that is no longer made
 * is let go.
 */
export function edited(
  build: Build,
  made: { readonly steps: readonly Step[]; readonly links: readonly Link[] },
  known: { readonly stages: () => Stages; readonly firming: () => ReadonlyMap<string, PieceFirming> },
): Edited {
  const { own, minutes, left, joined = [] }: StepEdits = build.steps;
  let links: Link[] = [...made.links];
  const gone = new Set(left);
  for (const id of gone) links = without(id, links);
  const steps: Step[] = made.steps
    .filter((s) => !gone.has(s.id))
    .map((s) => (minutes[s.id] === undefined ? s : { ...s, minutes: minutes[s.id]! }));
  const there = new Set([...steps.map((s) => s.id), ...own.map((s) => s.id)]);
  const says: string[] = [];
  const round: Round | undefined =
    own.length > 0
      ? {
          there,
          links,
          stages: known.stages(),
          firming: known.firming(),
          tell: (text) => void says.push(text),
        }
      : undefined;
  for (const o of own) {
    const piece = o.piece === undefined ? undefined : pieceOf(build, o.piece);
    steps.push({
      id: o.id,
      kind: 'finish',
      title: o.title,
      notes: piece ? [`On the ${piece.name.toLowerCase()}.`] : [],
      minutes: o.minutes,
      ...(piece ? { piece: piece.id } : {}),
      ...(o.tool ? { tools: [o.tool] } : {}),
      ...finishedStep(build, o, piece),
    });
    if (round) links.push(...ownLinks(build, o, { ...round, links }));
  }
  links.push(...inFinishOrder(build, steps, links, says));
  return joined.reduce<Edited>((now, ids) => inOne(ids.map(wholeOf), now), { steps, links, says });
}
