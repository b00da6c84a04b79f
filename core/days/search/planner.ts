import type { Rather } from '../../record/index.ts';
import type { Minutes } from '../../quantity/index.ts';
import type { Timetable, Work } from '../types.ts';
import { Scale } from './cost.ts';
import { Decoder } from './decode.ts';
import { blocksOf, hoursMirrored, openHours, type Blocks, type Genome } from './genome.ts';
import { FAR, mirroredProblem, write, type Limits, type SchedulingProblem } from './problem.ts';

/** A genome with the timetable it stands for. */
export interface FoundPlan {
  readonly genome: Genome;
  readonly points: number;
  readonly table: Timetable;
}

export interface SearchAsked {
  readonly caution: number;
  readonly limits?: Limits;
  readonly rather?: Rather;
  /** To be done by then, where that is before the due time. */
  readonly by?: Minutes;
  /** Forwards from the start of time instead of backwards from the due time. */
  readonly forwards?: boolean;
  readonly waits?: (link: number) => Minutes;
}

/** One piece of work with one caution: turns genomes into timetables and weighs them. */
export class Planner {
  readonly problem: SchedulingProblem;
  readonly decoder: Decoder;
  readonly blocks: Blocks;
  readonly due: Minutes;
  readonly done: ReadonlySet<number>;
  private readonly scale: Scale;
  private opened: Uint8Array | undefined;
  private readonly target: Int32Array;

  constructor(
    readonly work: Work,
    readonly asked: SearchAsked,
  ) {
    const { caution, limits, rather, forwards = false, waits } = asked;
    this.due = asked.by ?? work.due;
    const far = work.people.reduce((m, p) => p.stretches.reduce((x, s) => Math.max(x, s.to), m), this.due);
    const straight = write(work, {
      caution,
      due: forwards ? far : this.due,
      ...(limits ? { limits } : {}),
      ...(waits ? { waits } : {}),
    });
    this.problem = forwards ? straight : mirroredProblem(straight);
    this.blocks = blocksOf(work);
    this.decoder = new Decoder(this.problem, []);
    this.done = new Set([...(limits?.fixed ?? [])].filter(([, f]) => !f.busy).map(([i]) => i));
    this.scale = new Scale(work, rather, work.due, this.done);
    this.target = new Int32Array(work.steps.length);
  }

  /** How many timetables have been made. */
  get runs(): number {
    return this.decoder.runs;
  }

  /** Every regular stretch open, steps by how much hangs on them. */
  first(ifNeeded: boolean): Genome {
    const n = this.work.steps.length;
    return {
      keys: this.tails(),
      open: Uint8Array.from(this.blocks.all, (b) => (b.ifNeeded && !ifNeeded ? 0 : 1)),
      finish: new Int32Array(n).fill(FAR),
      free: false,
    };
  }

  /** Minus the longest chain that follows each step in the direction of planning. */
  private tails(): Float64Array {
    const p = this.problem;
    const tail = Float64Array.from(p.base);
    for (let round = 0; round < p.steps; round++) {
      let moved = false;
      for (let k = 0; k < p.before.length; k++) {
        const a = p.before[k]!;
        const t = p.base[a]! + p.gap[k]! + tail[p.after[k]!]!;
        if (t > tail[a]!) {
          tail[a] = t;
          moved = true;
        }
      }
      if (!moved) break;
    }
    return tail.map((x) => -x);
  }

  /** Points of a genome; Infinity where it leaves a step without a time. */
  weigh(g: Genome, starts?: Int32Array): number {
    const d = this.decoder;
    const p = this.problem;
    if (!this.opened || !same(this.opened, g.open)) {
      const hours = openHours(this.blocks, g.open);
      d.hours = p.mirrored ? hoursMirrored(hours, p.horizon) : hours;
      this.opened = g.open.slice();
    }
    let target: Int32Array | undefined = starts;
    if (!target && p.mirrored) {
      for (let i = 0; i < p.steps; i++) {
        const finish = g.finish[i]!;
        this.target[i] = finish < FAR ? Math.max(0, p.horizon - finish) : 0;
        if (finish < FAR) target = this.target;
      }
    }
    return d.run(g.keys, { free: g.free, ...(target ? { target } : {}) }) ? this.scale.of(d) : Infinity;
  }

  /** The timetable of the genome that was weighed last. */
  table(): Timetable {
    return this.decoder.slots();
  }

  /** Keys that give the order of the last timetable again. */
  rank(): Float64Array {
    const { start, end } = this.decoder;
    const order = Array.from(start, (_, i) => i).sort((a, b) => start[a]! - start[b]! || end[a]! - end[b]!);
    const keys = new Float64Array(order.length);
    order.forEach((i, k) => (keys[i] = k));
    return keys;
  }
}

function same(a: Uint8Array, b: Uint8Array): boolean {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false;
  return true;
}
