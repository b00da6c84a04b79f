import { seeded } from '../quantity/index.ts';
import { alone, order, step, wait, window } from './work.testing.ts';
import type { Link, Step, Work } from './types.ts';

/**
 * Random figures of about so many steps, as work: units with a base, details in their windows and a surface that is begun before it
 * cracks, then joined firm. One pair of hands, six evenings.
 */
export function figureWork(most: number, seed: number, evening = 150): Work {
  const u = seeded(seed * 104_729 + most);
  const pick = (a: number, b: number) => a + Math.floor(u() * (b - a + 1));
  const steps: Step[] = [];
  const links: Link[] = [];
  const add = (minutes: number): string => {
    const made = step(`s${steps.length}`, minutes);
    steps.push(made);
    return made.id;
  };
  const within = (from: string, to: string, least: number, open: number): void => {
    links.push(least > 0 ? wait(from, to, least) : order(from, to), window(from, to, open));
  };
  const units: { base: string; ends: string[] }[] = [];
  while (steps.length < most - 2) {
    const left = most - 2 - steps.length;
    const details = Math.min(pick(1, 3), Math.max(0, Math.floor((left - 3) / 2)));
    const base = add(pick(6, 16));
    const presses: string[] = [];
    const open = pick(20, 45) + 6 * details;
    for (let k = 0; k < details; k++) {
      const detail = add(pick(2, 5));
      const press = add(pick(1, 2));
      const posed = u() < 0.3;
      within(detail, press, posed ? 6 : 0, posed ? pick(11, 16) : pick(6, 12));
      within(base, press, 0, open);
      presses.push(press);
    }
    let last = base;
    if (steps.length < most - 3 && u() < 0.6) {
      const surface = add(pick(5, 14));
      // half the hands cut the surface before the details are on, half after
      if (u() < 0.5) {
        within(base, surface, 0, pick(4, 10));
        for (const p of presses) links.push(order(surface, p));
      } else {
        for (const p of presses) links.push(order(p, surface));
        within(base, surface, 0, open + 12);
      }
      last = surface;
    }
    units.push({ base, ends: [...presses, last] });
  }
  for (let k = 1; k < units.length && steps.length < most; k++) {
    const join = add(pick(2, 5));
    const firm = () => (u() < 0.25 ? pick(400, 700) : pick(45, 110));
    for (const e of [...units[k]!.ends, ...units[k - 1]!.ends]) links.push(order(e, join));
    links.push(wait(units[k]!.base, join, firm()), wait(units[k - 1]!.base, join, firm()));
  }
  const stretches = Array.from({ length: 6 }, (_, d) => ({
    from: d * 1440 + 1140,
    to: d * 1440 + 1140 + evening,
  }));
  return { steps, links, people: alone(stretches), pools: [], due: 6 * 1440 };
}
