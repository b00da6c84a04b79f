import type { Link, Step } from '../types.ts';
import { bones } from './bones.ts';
import { cover } from './cover.ts';
import { finish, pack } from './finish.ts';
import { join } from './join.ts';
import { mix } from './mix.ts';
import { shape } from './shape.ts';
import { texture } from './texture.ts';
import { order, type Bench, type StepMaker } from './types.ts';

export { joinId, mixId, shapedBy, shapeId, textureId, type Bench } from './types.ts';

/** Every kind of step, in the order they are told. */
export const STEP_MAKERS: readonly StepMaker[] = [mix, cover, bones, shape, texture, join, finish, pack];

/** All steps of a build and what lies between them. */
export function stepsOf(bench: Bench): { steps: Step[]; links: Link[] } {
  if (bench.build.pieces.length === 0) return { steps: [], links: [] };
  const made = STEP_MAKERS.map((m) => m.make(bench));
  return inParts(
    made.flatMap((m) => m.steps),
    made.flatMap((m) => m.links),
  );
}

/** Nobody does one thing for longer than this without a break; longer steps come in parts. Common practice, minutes. */
const LONGEST_STEP = 60;

const partId = (id: string, k: number): string => (k === 0 ? id : `${id}#${k + 1}`);

/** Cut long steps into parts in order: what came before comes before the first, what follows waits for the last. */
export function inParts(steps: readonly Step[], links: readonly Link[]): { steps: Step[]; links: Link[] } {
  const parts = new Map(steps.map((s) => [s.id, Math.ceil(s.minutes / LONGEST_STEP)]));
  const out: Step[] = [];
  const between: Link[] = [];
  for (const step of steps) {
    const n = Math.max(1, parts.get(step.id)!);
    for (let k = 0; k < n; k++) {
      const minutes = Math.round(((k + 1) * step.minutes) / n) - Math.round((k * step.minutes) / n);
      out.push(
        n === 1
          ? step
          : { ...step, id: partId(step.id, k), title: `${step.title}, part ${k + 1} of ${n}`, minutes },
      );
      if (k > 0) between.push(order(partId(step.id, k - 1), partId(step.id, k)));
    }
  }
  const lastOf = (id: string) => partId(id, Math.max(1, parts.get(id)!) - 1);
  return { steps: out, links: [...links.map((l) => ({ ...l, from: lastOf(l.from) })), ...between] };
}
