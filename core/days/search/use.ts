import type { Minutes } from '../../quantity/index.ts';
import { FAR } from './problem.ts';

/** How much of something is in use over time: a step function. */
export class Use {
  private at = new Int32Array(64);
  private used = new Float64Array(64);
  private count = 1;

  constructor() {
    this.clear();
  }

  clear(): void {
    this.count = 1;
    this.at[0] = -FAR;
    this.used[0] = 0;
  }

  /** Piece of the function that a moment lies in. */
  private find(t: Minutes): number {
    let low = 0;
    let high = this.count - 1;
    while (low < high) {
      const mid = (low + high + 1) >> 1;
      if (this.at[mid]! <= t) low = mid;
      else high = mid - 1;
    }
    return low;
  }

  private split(t: Minutes): number {
    const k = this.find(t);
    if (this.at[k] === t) return k;
    if (this.count + 1 > this.at.length) {
      const at = new Int32Array(this.at.length * 2);
      const used = new Float64Array(this.at.length * 2);
      at.set(this.at);
      used.set(this.used);
      this.at = at;
      this.used = used;
    }
    this.at.copyWithin(k + 2, k + 1, this.count);
    this.used.copyWithin(k + 2, k + 1, this.count);
    this.at[k + 1] = t;
    this.used[k + 1] = this.used[k]!;
    this.count++;
    return k + 1;
  }

  /** Take so much over a stretch; give it back with a minus. */
  add(from: Minutes, to: Minutes, quantity: number): void {
    if (to <= from || quantity === 0) return;
    const first = this.split(from);
    const last = this.split(to);
    for (let k = first; k < last; k++) this.used[k]! += quantity;
  }

  /** End of the first piece of a stretch that is fuller than `most`; −1 when none is. */
  fullUntil(from: Minutes, to: Minutes, most: number): Minutes {
    if (to <= from) return -1;
    for (let k = this.find(from); k < this.count && this.at[k]! < to; k++)
      if (this.used[k]! > most + 1e-9) return k + 1 < this.count ? this.at[k + 1]! : FAR;
    return -1;
  }

  /** End of the last such piece. */
  lastFull(from: Minutes, to: Minutes, most: number): Minutes {
    if (to <= from) return -1;
    let found = -1;
    for (let k = this.find(from); k < this.count && this.at[k]! < to; k++)
      if (this.used[k]! > most + 1e-9) found = k + 1 < this.count ? this.at[k + 1]! : FAR;
    return found;
  }
}
