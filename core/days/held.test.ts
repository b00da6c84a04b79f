import { describe, expect, it } from 'vitest';

import { demoBuild } from '../files/demo.testing.ts';
import { sayFirm } from '../edits/index.ts';
import { plan } from '../plan.ts';
import { givenOf, heldBy, type Link } from './index.ts';

const otter = demoBuild('ferryman-otter');
const days = plan(otter, { runs: 5 }).days();
const origin = days.origin!;
const start = origin.millis + 86_400_000;
const after = (minutes: number) => start + minutes * 60_000;
const touched = days.links.filter((l) => l.kind === 'wait' && l.piece && l.asks && l.band.likely > 20);
const held = (l: Link, minutes: number, build = otter) =>
  heldBy(days.links, l.to, new Map([[l.from, start]]), {
    origin,
    now: after(minutes),
    said: givenOf(build, origin, after(minutes)).said,
  });

describe('what keeps a step from beginning', () => {
  it('is each wait that is not over: its likely length less what has passed since the work before it', () => {
    expect(touched.length).toBeGreaterThan(2);
    for (const l of touched) {
      const soon = held(l, 10).find((h) => h.why === l.why)!;
      expect(soon.left).toBeCloseTo(l.band.likely - 10, 9);
      expect(held(l, l.band.likely + 1)).toEqual([]);
    }
  });

  it('is nothing while the work before it is not done, and no order or window', () => {
    for (const l of touched)
      expect(heldBy(days.links, l.to, new Map(), { origin, now: start, said: undefined }), l.why).toEqual([]);
    const others = days.links.filter((l) => l.kind !== 'wait').map((l): Link => ({ ...l, to: 'here' }));
    const done = new Map(others.map((l) => [l.from, start]));
    expect(heldBy(others, 'here', done, { origin, now: start, said: undefined })).toEqual([]);
  });

  it('is over once a finger has found the piece firm enough for it, and not by a look before the wait began', () => {
    const [l] = touched;
    const say = (minutes: number) =>
      sayFirm(otter, {
        piece: l!.piece!,
        question: l!.asks!,
        firm: true,
        at: new Date(after(minutes)).toISOString(),
      });
    const why = (minutes: number) => held(l!, 10, say(minutes)).map((h) => h.why);
    expect(why(5)).not.toContain(l!.why);
    expect(why(-30)).toContain(l!.why);
  });
});
