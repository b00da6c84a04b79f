import { partOf } from '../../record/index.ts';
import type { Link, Step } from '../types.ts';
import { order } from './types.ts';

/** Nobody does one thing for longer than this without a break; longer steps come in parts. Common practice, minutes. */
const LONGEST_STEP = 60;
/** Parts of repeated work are kept shorter, so that they fill gaps and can be shared. */
const LONGEST_REPEATED = 40;

const partId = (id: string, k: number): string => partOf(id, k + 1);

/** How many parts a step comes in: as somebody said, else as long as one stands at one thing. */
function partsOf(step: Step, wanted: Readonly<Record<string, number>>): number {
  if (step.hands === 0) return 1;
  if (step.coats) return step.coats.number;
  const said = wanted[step.id];
  const most = step.part ? Math.min(step.part.all, 24) : 12;
  const usual = Math.ceil(step.minutes / (step.part ? LONGEST_REPEATED : LONGEST_STEP));
  return Math.max(1, Math.min(said ?? (step.minutes > LONGEST_STEP ? usual : 1), most, step.minutes));
}

/** One part after the other; a coat once the one before it takes it. */
const after = ({ coats, title }: Step, from: string, to: string): Link =>
  coats
    ? {
        from,
        to,
        kind: 'wait',
        band: coats.next,
        why: `the last coat of “${title}” dries until it takes the next`,
        looked: true,
      }
    : order(from, to);

/**
 * Cut long steps into parts. Parts of one thing follow each other: what came before comes before the first, what follows
 * waits for the last. Parts of repeated work are free of each other and may be shared, and where many are shaped and
 * then textured each part of the one has its part of the other.
 * @param wanted numbers of parts by step, where somebody said
 */
export function inParts(
  steps: readonly Step[],
  links: readonly Link[],
  wanted: Readonly<Record<string, number>> = {},
): { steps: Step[]; links: Link[] } {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const parts = new Map(steps.map((s) => [s.id, partsOf(s, wanted)]));
  const paired = (l: Link): boolean => {
    const [a, b] = [byId.get(l.from)!, byId.get(l.to)!];
    return a.part !== undefined && b.part !== undefined && a.part.all === b.part.all;
  };
  // what is made of the same so many is cut alike: each part of the one hangs on its part of the other
  const alike = links.filter((l) => byId.has(l.from) && byId.has(l.to) && paired(l));
  for (let moved = true; moved;) {
    moved = false;
    for (const l of alike) {
      const n = Math.max(parts.get(l.from)!, parts.get(l.to)!);
      for (const id of [l.from, l.to])
        if (parts.get(id) !== n) {
          parts.set(id, n);
          moved = true;
        }
    }
  }
  const out: Step[] = [];
  const between: Link[] = [];
  for (const step of steps) {
    const n = parts.get(step.id)!;
    for (let k = 0; k < n; k++) {
      const share = (of: number) => Math.round(((k + 1) * of) / n) - Math.round((k * of) / n);
      const minutes = Math.max(1, share(step.minutes));
      const { part } = step;
      if (n === 1) {
        const { part: _whole, ...plain } = step;
        out.push(plain);
      } else if (part)
        out.push({
          ...step,
          id: partId(step.id, k),
          minutes,
          title: `${step.title}: ${share(part.all)} of ${part.all}`,
          part: { ...part, of: step.id, number: share(part.all), from: Math.round((k * part.all) / n) },
        });
      else
        out.push({
          ...step,
          id: partId(step.id, k),
          title: `${step.title}, ${step.coats ? 'coat' : 'part'} ${k + 1} of ${n}`,
          minutes,
        });
      if (k > 0 && !part) between.push(after(step, partId(step.id, k - 1), partId(step.id, k)));
    }
  }
  const all = (id: string): string[] => Array.from({ length: parts.get(id)! }, (_, k) => partId(id, k));
  const cut = links.flatMap((l): Link[] => {
    const [from, to] = [all(l.from), all(l.to)];
    if (paired(l)) return from.map((f, k) => ({ ...l, from: f, to: to[k]! }));
    const froms = byId.get(l.from)!.part ? from : from.slice(-1);
    const tos = byId.get(l.to)!.part ? to : to.slice(0, 1);
    // the shelf is taken once, by the last part
    return froms.flatMap((f, k) =>
      tos.map((t, q) => {
        const { hold, ...rest } = l;
        return { ...rest, from: f, to: t, ...(hold && k === froms.length - 1 && q === 0 ? { hold } : {}) };
      }),
    );
  });
  return { steps: out, links: [...cut, ...between] };
}
