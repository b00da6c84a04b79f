import { type Link, type Work } from '../days/index.ts';
import { validate } from '../days/validate.ts';
import { evenings, forwards, order, step, wait, window, workOf } from '../days/work.testing.ts';
import { seeded } from '../quantity/index.ts';

/**
 * Small pieces of work solved exactly as a mixed-integer program (HiGHS, an open solver): steps start on quarter hours
 * inside evenings, one pair of hands, waits and windows. The earliest end is then known, and what the generator finds
 * may never be better and should not be much worse.
 */
const SLOT = 15;
const EVENINGS = evenings(4);

export function work(seed: number): Work {
  const random = seeded(seed);
  const pick = (most: number) => Math.floor(random() * most);
  const steps = Array.from({ length: 6 }, (_, i) => step(`s${i}`, SLOT * (1 + pick(3))));
  const links: Link[] = [];
  for (let k = 0; k < 6; k++) {
    const a = pick(5);
    const b = a + 1 + pick(5 - a);
    const kind = pick(4);
    if (kind === 0) links.push(order(`s${a}`, `s${b}`));
    else if (kind === 1 && b === a + 1) links.push(window(`s${a}`, `s${b}`, SLOT * (1 + pick(4))));
    else links.push(wait(`s${a}`, `s${b}`, SLOT * (1 + pick(90))));
  }
  return workOf(steps, links, EVENINGS, 4 * 1440);
}

/** A base with details that are pressed on inside windows of both faces, then joined to another once both are firm. */
export function joined(seed: number): Work {
  const random = seeded(seed * 31);
  const pick = (most: number) => Math.floor(random() * most);
  const steps = ['base', 'detail', 'press', 'detail', 'press', 'other', 'join'].map((_, i) =>
    step(`s${i}`, SLOT * (1 + (i === 0 || i === 5 ? pick(3) : 0))),
  );
  const links: Link[] = [1, 3].flatMap((k): Link[] => [
    order(`s${k}`, `s${k + 1}`),
    window(`s${k}`, `s${k + 1}`, SLOT * pick(2)),
    order('s0', `s${k + 1}`),
    window('s0', `s${k + 1}`, SLOT * (2 + pick(4))),
    order(`s${k + 1}`, 's6'),
  ]);
  links.push(wait('s0', 's6', SLOT * (3 + pick(8))), wait('s5', 's6', SLOT * (1 + pick(40))));
  return workOf(steps, links, EVENINGS, 4 * 1440);
}

/** The mixed-integer program in the format of linear programs: when everything can be done at the earliest. */
export function program({ steps, links, people }: Work): string {
  const { stretches } = people[0]!;
  const starts = steps.map((s) =>
    stretches.flatMap((e) => {
      const out: number[] = [];
      for (let t = e.from; t + s.minutes <= e.to; t += SLOT) out.push(t);
      return out;
    }),
  );
  const x = (i: number, t: number) => `x${i}_${t}`;
  const startOf = (i: number, sign = '+') => starts[i]!.map((t) => `${sign} ${t} ${x(i, t)}`).join(' ');
  const rows: string[] = [];
  steps.forEach((s, i) => {
    rows.push(`${starts[i]!.map((t) => `+ ${x(i, t)}`).join(' ')} = 1`);
    rows.push(`last ${startOf(i, '-')} >= ${s.minutes}`);
  });
  for (const e of stretches)
    for (let t = e.from; t < e.to; t += SLOT) {
      const busy = steps.flatMap((s, i) =>
        starts[i]!.filter((from) => from <= t && t < from + s.minutes).map((from) => `+ ${x(i, from)}`),
      );
      if (busy.length > 1) rows.push(`${busy.join(' ')} <= 1`);
    }
  for (const l of links) {
    const [a, b] = [l.from, l.to].map((id) => Number(id.slice(1)));
    const gap = `${startOf(b!)} ${startOf(a!, '-')}`;
    const d = steps[a!]!.minutes;
    rows.push(`${gap} >= ${d + (l.kind === 'wait' ? l.band.likely : 0)}`);
    if (l.kind === 'window') rows.push(`${gap} <= ${d + l.band.fast}`);
  }
  const all = steps.flatMap((_, i) => starts[i]!.map((t) => x(i, t)));
  return `Minimize\n obj: last\nSubject To\n${rows.map((r, k) => ` r${k}: ${r}`).join('\n')}\nBounds\n last >= 0\nBinary\n ${all.join('\n ')}\nEnd\n`;
}

/** The best of many random orders: when it ends, and whether it can be done. */
export function generated(w: Work, tries: number): number {
  const random = seeded(3);
  let best = Infinity;
  for (let k = 0; k < tries; k++) {
    const start = forwards(
      w,
      w.steps.map((_, i) => (k === 0 ? i : random())),
    );
    if (!start) continue;
    const table = start.map((from, i) => ({ from, to: from + w.steps[i]!.minutes, who: [0] }));
    const wrong = validate(w, table, 0);
    if (wrong.length > 0) throw new Error(wrong[0]);
    best = Math.min(best, Math.max(...table.map((s) => s.to)));
  }
  return best;
}
