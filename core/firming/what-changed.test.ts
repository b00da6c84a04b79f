import { describe, expect, it } from 'vitest';
import { demoBuild, value } from '../files/demo.testing.ts';
import { type Build } from '../record/index.ts';
import { plan } from '../plan.ts';
import { effectsOf, learnedOf, lookAt, note, seenBeside, type Question } from './index.ts';

const otter = demoBuild('ferryman-otter');
const look = (b: Build, piece: string, minutes: number, id: string, question: Question = 'handle') =>
  value(
    note(
      b,
      lookAt(b, plan(b).firming.get(piece)!, {
        id,
        at: `2026-12-0${id.length}T20:00:00Z`,
        question,
        saw: 'just',
        minutes,
      })!,
    ),
  );
const likely = (piece: string) => plan(otter).firming.get(piece)!.bands.handle!.likely;

describe('a look beside what was reckoned', () => {
  it('stands beside the table’s minutes, and what is reckoned now lies between the two', () => {
    const b = look(otter, 'body', likely('body') * 2, 'a');
    const [row] = seenBeside(b);
    // the middle of a band looks at drier and damper air too
    expect(Math.abs(row!.reckoned! / likely('body') - 1)).toBeLessThan(0.02);
    expect(row!.now!).toBeGreaterThan(row!.reckoned!);
    expect(row!.now!).toBeLessThan(likely('body') * 2);
  });
  it('the newest first', () => {
    const b = look(look(otter, 'body', 60, 'a'), 'head', 50, 'bb');
    expect(seenBeside(b).map((r) => r.seen.piece)).toEqual(['Head', 'Body']);
  });
  it('that fits nothing else is called so', () => {
    let b = otter;
    for (const [k, piece] of ['body', 'head', 'tail', 'belly'].entries())
      b = look(b, piece, likely(piece), 'x'.repeat(k + 1));
    const odd = look(b, 'feet', likely('feet') * 60, 'xxxxxx');
    expect(
      seenBeside(odd)
        .filter((r) => r.odd)
        .map((r) => r.seen.piece),
    ).toEqual(['Feet']);
    expect(seenBeside(b).every((r) => !r.odd)).toBe(true);
  });
  it('of what sets by cold is kept and teaches nothing', () => {
    const kept = look(otter, 'body', 60, 'a').log[0]!;
    const cold: Build = { ...otter, log: [{ ...kept, paste: { ...kept.paste, base: 'chocolateDark' } }] };
    expect(seenBeside(cold)).toEqual([
      { seen: cold.log[0], reckoned: undefined, now: undefined, odd: false },
    ]);
  });
});

describe('what learning changes', () => {
  it('nothing before anything was seen', () => {
    expect(effectsOf(otter, plan(otter).firming)).toEqual([]);
  });
  it('every piece that dries, the most changed first, all in the direction of what was seen', () => {
    const b = look(otter, 'body', likely('body') * 2, 'a');
    const effects = effectsOf(b, plan(b).firming);
    expect(effects.length).toBeGreaterThan(5);
    const change = effects.map((e) => Math.abs(Math.log(e.after.likely / e.before.likely)));
    expect(change).toEqual([...change].sort((x, y) => y - x));
    for (const e of effects) expect(e.after.likely).toBeGreaterThan(e.before.likely);
    expect(learnedOf(b).theta).toBeGreaterThan(0);
  });
});
