import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shapedBy, shapeId } from '../days/index.ts';
import { removalCard } from '../bones/index.ts';
import { pasteList } from '../paste-list/index.ts';
import { plan } from '../plan.ts';
import { REMADE, type Build, type TroubleNote } from '../record/index.ts';
import { begunAgain, forgetTrouble, tick } from '../edits/index.ts';
import { demoBuild } from '../files/demo.testing.ts';
import {
  askNext,
  CAUSES,
  causeNamed,
  causesOf,
  factsOf,
  learnedOfTrouble,
  mended,
  mendNamed,
  MENDS,
  troubleMends,
  remakeMinutes,
  SIGNS,
  type Facts,
  type Trouble,
  troubleNamed,
  TROUBLES,
  troublesFor,
} from './index.ts';

const named = (id: string): Trouble => troubleNamed(id)!;
const shareOf = (trouble: string, facts: Facts, cause: string, said = {}) =>
  causesOf(named(trouble), facts, said).find((c) => c.cause.id === cause)!.share.value / 100;

describe('the tables', () => {
  it('name only what is there, and use all of it', () => {
    const used = new Set(TROUBLES.flatMap((t) => Object.keys(t.causes)));
    for (const id of used) expect(causeNamed(id), id).toBeDefined();
    expect(CAUSES.filter((c) => !used.has(c.id)).map((c) => c.id)).toEqual([]);
    const mends = new Set(TROUBLES.flatMap((t) => t.mends));
    for (const id of mends) expect(mendNamed(id), id).toBeDefined();
    expect(MENDS.filter((m) => !mends.has(m.id)).map((m) => m.id)).toEqual([]);
    for (const m of MENDS)
      for (const id of Object.keys(m.weak ?? {})) expect(causeNamed(id), `${m.id}: ${id}`).toBeDefined();
    for (const c of CAUSES) for (const s of Object.keys(c.signs)) expect(SIGNS).toHaveProperty(s);
    for (const list of [CAUSES, MENDS, TROUBLES])
      expect(new Set(list.map((x) => x.id)).size).toBe(list.length);
  });

  it('have a mend or making it again for every trouble, and a way to keep every cause from happening', () => {
    for (const t of TROUBLES) expect(t.mends.length, t.id).toBeGreaterThan(0);
    for (const c of CAUSES) expect(c.prevent.length, c.id).toBeGreaterThan(5);
  });
});

// Worked examples of the finish paper, section 5.
describe('likely causes', () => {
  it('cracked six minutes late with half a per cent of powder: worked after its skin', () => {
    const facts = { late: 6, powder: 0.5, humidity: 0.5, rest: 15 };
    const [first] = causesOf(named('cracked'), facts);
    expect(first!.cause.id).toBe('crustWorked');
    expect(first!.share.value / 100).toBeCloseTo(0.68, 1);
    expect(first!.speaksFor).toEqual(['6 min past its window']);
    const ask = askNext(named('cracked'), facts)!;
    expect(ask.sign).toBe('fresh');
    expect(ask.bits).toBeCloseTo(0.22, 1);
    expect(first!.speaksAgainst).toEqual([]);
  });

  it('popped off a dusted seat under a strong glue: dust, until the glue is said to be wet', () => {
    const facts = { dustedSeat: true, glue: 3 };
    expect(shareOf('popped', facts, 'dustedSeat')).toBeCloseTo(0.58, 1);
    expect(shareOf('popped', facts, 'wetGlue')).toBeCloseTo(0.21, 1);
    const ask = askNext(named('popped'), facts)!;
    expect(ask.sign).toBe('wet');
    expect(ask.bits).toBeCloseTo(0.41, 1);
    expect(shareOf('popped', facts, 'wetGlue', { wet: true })).toBeCloseTo(0.7, 1);
  });

  it('sagged at 70 %, not early: damp, and a stick before a prop', () => {
    const facts = { humidity: 0.7, early: -30, powder: 0.5, temperature: 21 };
    const causes = causesOf(named('sagged'), facts);
    expect(causes[0]!.cause.id).toBe('damp');
    expect(causes[0]!.share.value / 100).toBeCloseTo(0.55, 1);
    const ways = troubleMends(named('sagged'), { causes, remake: 60, state: 'skinned' });
    expect(ways[0]!.id).toBe('addRod');
    expect(ways[0]!.cost.value).toBeLessThan(ways.find((w) => w.id === 'propUp')!.cost.value / 2);
  });

  it('add up to one whatever is known and said, and each opens to its sum', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...TROUBLES),
        fc.record(
          {
            humidity: fc.double({ min: 0.1, max: 0.95, noNaN: true }),
            late: fc.integer({ min: -100, max: 300 }),
            load: fc.double({ min: 0, max: 20, noNaN: true }),
            rods: fc.integer({ min: 0, max: 4 }),
            dustedSeat: fc.boolean(),
            powder: fc.double({ min: 0, max: 3, noNaN: true }),
          },
          { requiredKeys: [] },
        ),
        fc.dictionary(fc.constantFrom(...Object.keys(SIGNS)), fc.boolean(), { maxKeys: 3 }),
        (trouble, facts, said) => {
          const causes = causesOf(trouble, facts as Facts, said);
          expect(causes.reduce((sum, c) => sum + c.share.value, 0)).toBeCloseTo(100, 7);
          for (const c of causes) expect(c.share.from?.length).toBe(2);
          for (let k = 1; k < causes.length; k++)
            expect(causes[k - 1]!.share.value).toBeGreaterThanOrEqual(causes[k]!.share.value);
        },
      ),
    );
  });

  it('what held before outweighs the table after some looks, and what was answered is not asked again', () => {
    const cold = causesOf(named('cracked'))[0]!.cause.id;
    expect(cold).toBe('crustWorked');
    expect(causesOf(named('cracked'), {}, {}, { oldPaste: 6 })[0]!.cause.id).toBe('oldPaste');
    const ask = askNext(named('popped'))!;
    expect(askNext(named('popped'), {}, { [ask.sign]: true })?.sign).not.toBe(ask.sign);
    expect(askNext(named('popped'), {}, { wet: true, clean: false })).toBeUndefined();
  });
});

describe('mends', () => {
  const causes = causesOf(named('cracked'), { late: 6 });
  it('are those that can still be done, in the time there is', () => {
    const soft = troubleMends(named('cracked'), { causes, remake: 30, state: 'soft' }).map((m) => m.id);
    expect(soft).toContain('kneadBack');
    const dry = troubleMends(named('cracked'), { causes, remake: 30, state: 'dry' }).map((m) => m.id);
    expect(dry).not.toContain('kneadBack');
    expect(dry).toContain('spackle');
    const hurry = troubleMends(named('cracked'), { causes, remake: 30, state: 'soft', left: 5 });
    expect(hurry.every((m) => m.minutes + m.wait <= 5)).toBe(true);
    expect(hurry.map((m) => m.id)).not.toContain(REMADE);
  });

  it('a mend that failed before comes later than one that held', () => {
    const usual = troubleMends(named('cracked'), { causes, remake: 120, state: 'dry' });
    const spackle = usual.find((m) => m.id === 'spackle')!;
    const tried = { spackle: { held: 0, not: 6 } };
    const now = troubleMends(named('cracked'), { causes, remake: 120, state: 'dry', tried });
    expect(now.find((m) => m.id === 'spackle')!.holds.value).toBeLessThan(spackle.holds.value / 2);
  });

  it('what carries something is not glued where it broke', () => {
    const broke = causesOf(named('broke'));
    const of = (carries: boolean) =>
      troubleMends(named('broke'), { causes: broke, remake: 600, state: 'dry', carries }).map((m) => m.id);
    expect(of(false)).toContain('glueBreak');
    expect(of(true)).not.toContain('glueBreak');
  });
});

const otter = demoBuild('ferryman-otter');
const T0 = Date.parse('2026-11-28T18:00:00Z');
const at = (minutes: number) => new Date(T0 + minutes * 60_000).toISOString();
const piece = otter.pieces.find((p) => p.seat.on !== 'board' && p.texture === 'none' && !p.pair)!;

const readsOf = (build: Build) => {
  const report = plan(build);
  return {
    firming: report.firming,
    bones: report.bones,
    paste: report.paste,
    steps: report.made.steps,
    links: report.made.links,
  };
};

describe('in a build', () => {
  it('facts are those of the piece, its paste and the room as it was read', () => {
    const build: Build = {
      ...tick(otter, shapedBy(piece), at(0)),
      bench: {
        done: [{ step: shapedBy(piece), at: at(0) }],
        air: [{ at: at(20), temperature: 24, humidity: 68 }],
        weighed: [{ step: shapeId(piece.id), grams: 24, wanted: 20, at: at(1) }],
      },
    };
    const facts = factsOf(build, readsOf(build), piece.id, T0 + 30 * 60_000);
    expect(facts.humidity).toBe(0.68);
    expect(facts.temperature).toBe(24);
    expect(facts.off).toBeCloseTo(0.2, 9);
    expect(facts.weighed).toBe(true);
    // a reading of yesterday does not speak for today
    expect(factsOf(build, readsOf(build), piece.id, T0 + 86_400_000).humidity).toBe(
      otter.room.humidity / 100,
    );
    expect(factsOf(otter, readsOf(otter), undefined, T0)).toEqual({
      humidity: otter.room.humidity / 100,
      temperature: otter.room.temperature,
      spare: otter.practice.spare,
    });
  });

  it('how late it was worked is told against the windows of the plan', () => {
    const build = tick(otter, shapedBy(piece), at(0));
    const reads = readsOf(build);
    const soon = factsOf(build, reads, piece.id, T0 + 60_000).late;
    const later = factsOf(build, reads, piece.id, T0 + 24 * 3_600_000).late;
    if (soon !== undefined) {
      expect(later! - soon).toBeCloseTo(24 * 60 - 1, 6);
      expect(later!).toBeGreaterThan(0);
    } else expect(later).toBeUndefined();
  });

  it('only troubles that can befall a piece are offered', () => {
    const reads = readsOf(otter);
    const ids = troublesFor(otter, reads, piece.id).map((t) => t.id);
    expect(ids).toContain('cracked');
    expect(ids).not.toContain('greasy');
    expect(troublesFor(otter, reads, undefined).every((t) => t.of === undefined)).toBe(true);
  });
});

describe('what is done about it', () => {
  const noteOf = (patch: Partial<TroubleNote>): TroubleNote => ({
    id: 't1',
    at: at(60),
    trouble: 'cracked',
    piece: piece.id,
    cause: 'crustWorked',
    ...patch,
  });
  const begun = tick(otter, shapedBy(piece), at(0));

  it('making it again undoes its steps, and its paste is reckoned anew', () => {
    const done = mended(begun, { note: noteOf({ mend: REMADE }) }, at(60));
    if (!done.ok) throw new Error(done.problem.text);
    expect(done.value.bench.done.some((d) => d.step === shapedBy(piece))).toBe(false);
    const grams = (b: Build) =>
      pasteList(b)
        .flatMap((x) => x.lines)
        .find((l) => l.piece === piece.id)!;
    expect(grams(done.value).make).toBe(Math.max(grams(begun).make, grams(begun).number + 1));
    expect(grams(done.value).start.value).toBeGreaterThan(grams(begun).start.value);
    expect(remakeMinutes(begun, plan(begun).made.steps, piece.id)).toBeGreaterThan(0);
  });

  it('a strand that stays inside is on the list of what is taken out, until it is forgotten', () => {
    const done = mended(begun, { note: noteOf({ trouble: 'popped', mend: 'pin' }) }, at(60));
    if (!done.ok) throw new Error(done.problem.text);
    const lines = removalCard(done.value, plan(done.value).bones.rods);
    expect(lines.some((l) => /pasta/i.test(l.what) && l.where.includes(piece.name.toLowerCase()))).toBe(true);
    expect(removalCard(begun, plan(begun).bones.rods).some((l) => /pasta/i.test(l.what))).toBe(false);
    // it goes with the piece when that is made again
    const again = mended(done.value, { note: noteOf({ id: 't2', mend: REMADE }) }, at(90));
    if (!again.ok) throw new Error(again.problem.text);
    expect(removalCard(again.value, plan(again.value).bones.rods).some((l) => /pasta/i.test(l.what))).toBe(
      false,
    );
  });

  it('a mend that takes hours is waited for in the plan', () => {
    const done = mended(begun, { note: noteOf({ trouble: 'broke', mend: 'glueBreak' }) }, at(60));
    if (!done.ok) throw new Error(done.problem.text);
    const own = done.value.steps.own.at(-1)!;
    expect(own.after).toBe(shapedBy(piece));
    // an hour since it was shaped, eight minutes of hands, eight hours of glue
    expect(own.wait).toBe(60 + 8 + 480);
    // and is no part of the next one, nor once it is forgotten
    expect(begunAgain(done.value).steps.own).toEqual(begun.steps.own);
    expect(forgetTrouble(done.value, 't1').steps.own).toEqual(begun.steps.own);
  });

  it('what was said afterwards is learned from, whatever build it was in', () => {
    const other: Build = {
      ...otter,
      bench: {
        done: [],
        trouble: [
          { id: 'a', at: at(0), trouble: 'cracked', cause: 'dryAir', mend: 'bag', held: true },
          { id: 'b', at: at(0), trouble: 'cracked', cause: 'dryAir', mend: 'bag', held: false },
          { id: 'c', at: at(0), trouble: 'torn', cause: 'tooThin', mend: 'patch', held: true },
          { id: 'd', at: at(0), trouble: 'cracked', cause: 'dryAir', mend: 'bag' },
        ],
      },
    };
    expect(learnedOfTrouble([otter, other], 'cracked')).toEqual({
      confirmed: { dryAir: 1 },
      tried: { bag: { held: 1, not: 1 }, patch: { held: 1, not: 0 } },
    });
  });
});
