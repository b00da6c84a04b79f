import { formatTime, listed, capital } from '../quantity/index.ts';
import { merged } from './calendar.ts';
import { components } from './search/order.ts';
import type { Work } from './types.ts';

/** Waits that are never over in this room, in one sentence. */
export function neverTrouble(work: Work): string[] {
  const never = work.links.filter((l) => l.kind === 'wait' && !Number.isFinite(l.band.likely));
  const told = [...new Set(never.map((l) => l.why))];
  if (told.length === 0) return [];
  const more = told.length > MOST_TOLD ? `, and ${told.length - MOST_TOLD} more` : '';
  return [
    `Never in this room: ${told.slice(0, MOST_TOLD).join('; ')}${more}. It needs a drier room, another blend or a core.`,
  ];
}
const MOST_TOLD = 3;

/** Space that can never be enough, and tools there are none of: all that has to lie there at one moment is more than there is. A proof. */
export function spaceTrouble(work: Work): string[] {
  const out: string[] = [];
  for (const pool of work.pools) {
    const asks = work.steps.find((s) => s.tools?.some((t) => t === pool.id));
    if (asks && pool.capacity < 1)
      out.push(
        `There is no ${pool.name}, and “${asks.title}” takes one. Add it in the room and hours drawer, or leave the step out.`,
      );
    const ends = new Map<string, number>();
    for (const l of work.links)
      if (l.hold?.space === pool.id)
        for (const key of [`before|${l.to}`, `after|${l.from}`])
          ends.set(key, (ends.get(key) ?? 0) + l.hold.takes);
    for (const [key, takes] of ends) {
      if (takes <= pool.capacity + 1e-6) continue;
      const [side, id] = key.split('|') as [string, string];
      const title = work.steps.find((s) => s.id === id)?.title ?? id;
      out.push(
        `${capital(pool.name)}: ${amount(takes)} is needed at once ${side === 'before' ? 'just before' : 'right after'} “${title}”, there is ${amount(pool.capacity)}. Make room, or let a piece rest elsewhere.`,
      );
    }
  }
  return [...new Set(out)].slice(0, 3);
}

const amount = (cm2: number): string => `${Math.round(cm2)} cm²`;

/** Steps that nobody there can do: too few hands, or hands that do other things. */
export function handsTrouble(work: Work): string[] {
  return work.steps.flatMap((s) => {
    const able = work.people.filter((p) => !p.does || p.does.includes(s.kind)).length;
    return (s.hands ?? 1) > able
      ? [
          `“${s.title}” takes ${s.hands} people; ${able === 1 ? 'there is one' : `there are ${able}`} who can. Add a helper in the room and hours drawer.`,
        ]
      : [];
  });
}

/** Why no plan was found, in words that name what to change. Only the first two are proofs. */
export function whyNot(work: Work): string[] {
  const longest = Math.max(
    0,
    ...work.people.flatMap((p) => merged(p.stretches).map((s) => Math.min(s.to, work.due) - s.from)),
  );
  const tooLong = work.steps.find((s) => s.minutes > longest);
  if (tooLong)
    return [
      `“${tooLong.title}” takes ${formatTime(tooLong.minutes)} in one go; the longest working stretch is ${formatTime(longest)}. Cut it in parts or work longer.`,
    ];
  const index = new Map(work.steps.map((s, i) => [s.id, i]));
  const next: number[][] = work.steps.map(() => []);
  for (const l of work.links) {
    next[index.get(l.from)!]!.push(index.get(l.to)!);
    if (l.kind === 'window' && l.band.fast < 1440) next[index.get(l.to)!]!.push(index.get(l.from)!);
  }
  for (const group of components(next).members) {
    if (group.length < 2) continue;
    const ids = new Set(group.map((i) => work.steps[i]!.id));
    const inner = work.links.filter((l) => ids.has(l.from) && ids.has(l.to) && l.kind === 'wait');
    const minutes =
      group.reduce((sum, i) => sum + ((work.steps[i]!.hands ?? 1) > 0 ? work.steps[i]!.minutes : 0), 0) +
      // waits inside a window cannot be used for anything else that hangs in it
      Math.max(0, ...inner.filter((l) => l.band.likely < longest).map((l) => l.band.likely));
    if (minutes > longest)
      return [
        `${listed(group.map((i) => `“${work.steps[i]!.title}”`).reverse())} hang together by short windows and need ${formatTime(minutes)} in one go; the longest working stretch is ${formatTime(longest)}.`,
      ];
  }
  const hands = work.steps.reduce((sum, s) => sum + s.minutes * (s.hands ?? 1), 0);
  const open = work.people.reduce(
    (sum, p) => sum + p.stretches.reduce((x, s) => x + Math.max(0, Math.min(s.to, work.due) - s.from), 0),
    0,
  );
  return [
    `No plan fits before the due time: ${formatTime(hands)} of work in ${Math.round(open / 60)} working hours, with the waits between. Move the due time or add hours.`,
  ];
}
