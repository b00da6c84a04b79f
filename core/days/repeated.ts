import { given, reckon, type Reckoned } from '../quantity/index.ts';
import { wholeOf } from '../record/index.ts';
import type { Step } from './types.ts';

/** Repeated small work: strands, scales, stitches, sweets. */
export interface Repeated {
  readonly id: string;
  readonly title: string;
  readonly number: number;
  readonly hours: Reckoned;
  /** Shared by two pairs of hands. */
  readonly shared: Reckoned;
  /** With a cutter or a mould in place of the knife; absent where that makes no difference. */
  readonly cutter?: Reckoned;
  /** Whether either is worth the trouble. */
  readonly pays: boolean;
}

/** A cutter or mould leaves this share of the time of shaping by hand; estimate. */
const CUTTER = 0.45;
/** Finding a cutter, or showing somebody how, takes this long, minutes; estimate. */
const TROUBLE = 20;
const FEW = 6;

/** Work that is done many times over, the longest first. */
export function repeatedOf(steps: readonly Step[]): Repeated[] {
  const groups = new Map<string, { title: string; minutes: number; number: number; kind: Step['kind'] }>();
  for (const s of steps) {
    const many = s.part ?? (s.weigh && s.weigh.number > 1 ? { number: s.weigh.number, of: s.id } : undefined);
    if (!many) continue;
    const id = wholeOf(s.id);
    const g = groups.get(id) ?? {
      title: s.title.replace(/: \d+ of \d+$/, '').replace(/ × \d+$/, ''),
      minutes: 0,
      number: 0,
      kind: s.kind,
    };
    groups.set(id, { ...g, minutes: g.minutes + s.minutes, number: g.number + many.number });
  }
  return [...groups]
    .filter(([, g]) => g.number >= FEW && g.minutes >= 15)
    .map(([id, g]): Repeated => {
      const minutes = given(g.title, g.minutes, 'min');
      const hours = reckon('At the bench', 'h', 'minutes ÷ 60', [minutes], (m) => m / 60);
      const shared = reckon(
        'With two at it',
        'h',
        '(minutes + showing how) ÷ 2 ÷ 60',
        [minutes, given('Showing how', TROUBLE, 'min', 'estimate')],
        (m, t) => (m + t) / 120,
      );
      const cutter =
        g.kind === 'shape'
          ? reckon(
              'With a cutter or mould',
              'h',
              '(minutes × share left + finding one) ÷ 60',
              [
                minutes,
                given('Share left', CUTTER, '', 'estimate'),
                given('Finding one', TROUBLE, 'min', 'estimate'),
              ],
              (m, k, t) => (m * k + t) / 60,
            )
          : undefined;
      const best = Math.min(shared.value, cutter?.value ?? Infinity);
      return {
        id,
        title: g.title,
        number: g.number,
        hours,
        shared,
        ...(cutter ? { cutter } : {}),
        pays: hours.value - best > 0.5,
      };
    })
    .sort((a, b) => b.hours.value - a.hours.value);
}
