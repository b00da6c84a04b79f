import { contradiction, networkOf, type Contradiction } from './network.ts';
import type { Link, Work } from './types.ts';

/** A contradiction with the steps and links that make it. */
export interface Conflict extends Contradiction {
  readonly steps: readonly string[];
  readonly links: readonly Link[];
}

/** The first contradiction among some steps, with waits at their likely length. */
export function conflictOf(work: Work): Conflict | undefined {
  const found = contradiction(work, networkOf(work, 0));
  return (
    found && {
      ...found,
      steps: [...new Set(found.cycle.map((e) => work.steps[e.from]!.id))],
      links: found.cycle.map((e) => work.links[e.link]!),
    }
  );
}
