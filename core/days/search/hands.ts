import type { Minutes } from '../../quantity/index.ts';
import { FAR } from './problem.ts';

/** Open working time of one person, in order, touching stretches made one. */
export interface OpenHours {
  readonly from: Int32Array;
  readonly to: Int32Array;
}

/** First stretch that ends after t. */
export function stretchAfter({ to }: OpenHours, t: Minutes): number {
  let low = 0;
  let high = to.length;
  while (low < high) {
    const mid = (low + high) >> 1;
    if (to[mid]! > t) high = mid;
    else low = mid + 1;
  }
  return low;
}

/** One pair of hands: what it is busy with, in order of time, and the paste on it. */
export class Hands {
  from = new Int32Array(64);
  to = new Int32Array(64);
  colour = new Uint8Array(64);
  step = new Int32Array(64);
  count = 0;

  clear(): void {
    this.count = 0;
  }

  /** First busy stretch that ends after t. */
  private after(t: Minutes): number {
    let low = 0;
    let high = this.count;
    while (low < high) {
      const mid = (low + high) >> 1;
      if (this.to[mid]! > t) high = mid;
      else low = mid + 1;
    }
    return low;
  }

  /**
   * Earliest start ≥ t with so many free minutes inside one working stretch, washing before and after included; FAR
   * where there is none.
   * @param wash minutes between colours, a square table of `colours`
   */
  fit(
    hours: OpenHours,
    t: Minutes,
    minutes: Minutes,
    colour: number,
    wash: Int16Array,
    colours: number,
  ): Minutes {
    let least = t;
    let s = stretchAfter(hours, least);
    let k = this.after(least);
    while (s < hours.to.length) {
      let at = Math.max(least, hours.from[s]!);
      while (k < this.count && this.to[k]! <= at) k++;
      if (k > 0) at = Math.max(at, this.to[k - 1]! + wash[this.colour[k - 1]! * colours + colour]!);
      if (at + minutes > hours.to[s]!) {
        s++;
        if (s < hours.to.length) least = Math.max(least, hours.from[s]!);
        continue;
      }
      if (k < this.count && at + minutes + wash[colour * colours + this.colour[k]!]! > this.from[k]!) {
        least = this.to[k]!;
        k++;
        while (s < hours.to.length && hours.to[s]! <= least) s++;
        continue;
      }
      return at;
    }
    return FAR;
  }

  take(from: Minutes, to: Minutes, colour: number, step: number): void {
    if (this.count === this.from.length) this.grow();
    const k = this.after(from);
    const n = this.count++;
    for (const a of [this.from, this.to, this.colour, this.step]) a.copyWithin(k + 1, k, n);
    this.from[k] = from;
    this.to[k] = to;
    this.colour[k] = colour;
    this.step[k] = step;
  }

  release(from: Minutes, step: number): void {
    let k = this.after(from);
    while (k < this.count && this.step[k] !== step) k++;
    if (k >= this.count) return;
    const n = this.count--;
    for (const a of [this.from, this.to, this.colour, this.step]) a.copyWithin(k, k + 1, n);
  }

  private grow(): void {
    const longer = <T extends Int32Array | Uint8Array>(a: T): T => {
      const b = new (a.constructor as new (n: number) => T)(a.length * 2);
      b.set(a);
      return b;
    };
    this.from = longer(this.from);
    this.to = longer(this.to);
    this.colour = longer(this.colour);
    this.step = longer(this.step);
  }
}
