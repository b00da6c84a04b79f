import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noteAir } from '../edits/index.ts';
import { demoBuild, value } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import type { Build, Saw, Seen } from '../record/index.ts';
import { airNow, coldFrom, effectsOf, lookAt, note, roomDiffers, seenBeside, spellsRead } from './index.ts';

const savoy = demoBuild('savoy-cabbage');
const leaf = savoy.pieces.find((p) => plan(savoy).firming.get(p.id)?.setting)!;
const T0 = Date.parse('2026-11-28T18:00:00Z');
const at = (minutes: number) => new Date(T0 + minutes * 60_000).toISOString();

function look(build: Build, saw: Saw, times: number, id = 'a'): Seen {
  const f = plan(savoy).firming.get(leaf.id)!;
  const minutes = f.setting!.table('handle')! * times;
  return lookAt(build, f, { id, at: at(minutes), question: 'handle', saw, minutes })!;
}
const handleOf = (build: Build) => plan(build).firming.get(leaf.id)!.bands.handle!;

describe('chocolate in this kitchen', () => {
  it('a look at it is kept, and moves every time it is asked for', () => {
    const before = handleOf(savoy);
    const build = value(note(savoy, look(savoy, 'just', 2)));
    const after = handleOf(build);
    expect(after.likely).toBeGreaterThan(before.likely * 1.2);
    expect(after.likely).toBeLessThan(before.likely * 2);
    expect(after.fast / before.fast).toBeCloseTo(after.slow / before.slow, 9);
    const [seen] = seenBeside(build);
    expect(seen!.reckoned).toBeCloseTo(before.likely, 0);
    expect(seen!.now!).toBeCloseTo(after.likely, 0);
    expect(effectsOf(build, plan(build).firming)[0]!.before.likely).toBeCloseTo(before.likely, 6);
    const soon = value(note(savoy, look(savoy, 'just', 0.5)));
    expect(handleOf(soon).likely).toBeLessThan(before.likely);
  });

  it('learns less from not yet than from just so, and nothing of a piece that dries', () => {
    const just = coldFrom([{ ...look(savoy, 'just', 1.5), table: 20 }]);
    const not = coldFrom([{ ...look(savoy, 'not', 1.5), table: 20 }]);
    expect(Math.abs(just.theta)).toBeGreaterThan(0);
    expect(not.theta).toBeGreaterThan(0);
    const drying = [...plan(savoy).firming.values()].find((f) => f.drying);
    if (drying)
      expect(
        lookAt(savoy, drying, { id: 'x', at: at(1), question: 'handle', saw: 'just', minutes: 60 })!.table,
      ).toBeUndefined();
  });

  it('never runs away, whatever is said', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            minutes: fc.oneof(
              fc.constant(0.1),
              fc.constant(40_000),
              fc.double({ min: 0.1, max: 2000, noNaN: true }),
            ),
            saw: fc.constantFrom<Saw>('just', 'yes', 'not', 'squashed', 'cracked'),
          }),
          { maxLength: 40 },
        ),
        (entries) => {
          const base = look(savoy, 'just', 1);
          const { theta } = coldFrom(entries.map((e) => ({ ...base, ...e, table: 25 })));
          expect(Number.isFinite(theta)).toBe(true);
          expect(Math.abs(theta)).toBeLessThan(0.9);
        },
      ),
    );
    // one slip of the thumb among looks that agree moves next to nothing
    const looks = [1, 1.05, 0.95, 1].map((x) => ({ ...look(savoy, 'just', x), table: 25, minutes: 25 * x }));
    const slip = { ...look(savoy, 'just', 1), table: 25, minutes: 0.1 };
    expect(Math.abs(coldFrom([...looks, slip]).theta - coldFrom(looks).theta)).toBeLessThan(0.05);
  });
});

describe('the air as it was read', () => {
  it('is that of the last reading for three hours, then as it was said', () => {
    const build = noteAir(savoy, { at: at(0), temperature: 26, humidity: 61 });
    expect(airNow(build, T0 + 3_600_000)).toEqual({ temperature: 26, humidity: 61, read: T0 });
    expect(airNow(build, T0 + 4 * 3_600_000)).toEqual({
      temperature: savoy.room.temperature,
      humidity: savoy.room.humidity,
    });
    expect(roomDiffers(build, T0)).toEqual({ temperature: 26, humidity: 61 });
    const near = noteAir(savoy, {
      at: at(0),
      temperature: savoy.room.temperature + 0.5,
      humidity: savoy.room.humidity,
    });
    expect(roomDiffers(near, T0)).toBeUndefined();
  });

  it('keeps what is news, and refuses what no air can be', () => {
    const once = noteAir(savoy, { at: at(0), temperature: 21, humidity: 50 });
    expect(noteAir(once, { at: at(1), temperature: 21.2, humidity: 50.5 })).toBe(once);
    expect(noteAir(once, { at: at(1), temperature: 22, humidity: 50 }).bench.air).toHaveLength(2);
    expect(noteAir(once, { at: at(16), temperature: 21, humidity: 50 }).bench.air).toHaveLength(2);
    expect(noteAir(once, { at: at(-60), temperature: 30, humidity: 50 })).toBe(once);
    for (const bad of [NaN, -200, 900]) {
      expect(noteAir(savoy, { at: at(0), temperature: bad, humidity: 50 })).toBe(savoy);
      expect(noteAir(savoy, { at: at(0), temperature: 20, humidity: bad === 900 ? 101 : bad })).toBe(savoy);
    }
  });

  it('is told in stretches whose means are those of the readings, and stays as it was last read between them', () => {
    const readings = Array.from({ length: 9 }, (_, k) => ({
      at: at(k * 10),
      temperature: 20 + k,
      humidity: 40 + k,
    }));
    const spells = spellsRead(readings, T0, T0 + 80 * 60_000, 0.1)!;
    expect(spells).toHaveLength(8);
    expect(spells.map((s) => s.air.temperature)).toEqual([20, 21, 22, 23, 24, 25, 26, 27]);
    expect(spells[0]!.until).toBe(600);
    expect(spells.at(-1)!.until).toBe(Infinity);
    const one = spellsRead([readings[0]!], T0, T0 + 60 * 60_000, 0.1)!;
    expect(new Set(one.map((s) => s.air.humidity))).toEqual(new Set([0.4]));
    expect(spellsRead(readings, T0 + 2 * 86_400_000, T0 + 3 * 86_400_000, 0.1)).toBeUndefined();
  });

  it('is what a look is learned from', () => {
    const read = noteAir(savoy, { at: at(0), temperature: 27, humidity: 70 });
    expect(look(read, 'just', 1).spells.every((s) => s.temperature === 27)).toBe(true);
    expect(look(savoy, 'just', 1).spells[0]!.temperature).toBe(savoy.room.temperature);
  });
});
