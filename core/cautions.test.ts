import { describe, expect, it } from 'vitest';
import { cautionsAt, cautionsIn, workedSince } from './cautions.ts';
import type { Step } from './days/index.ts';
import { tick } from './edits/index.ts';
import { CAUTIONS, finishNamed } from './finish/index.ts';
import { demoBuild } from './files/demo.testing.ts';
import { plan } from './plan.ts';
import type { Build } from './record/index.ts';

const otter = demoBuild('ferryman-otter');
const savoy = demoBuild('savoy-cabbage');
const heron = demoBuild('one-legged-heron');
const stepOf = (build: Build, fits: (s: Step) => boolean): Step => plan(build).made.steps.find(fits)!;
const told = (build: Build, step: Step, worked = 0, hour = 15) =>
  cautionsAt({ build, step, worked, hour }).join(' ');

describe('cautions stand where the hazard is', () => {
  it('hot syrup where chocolate is mixed, powder where powder is', () => {
    const chocolate = savoy.blends.find((b) => b.base.startsWith('chocolate'))!;
    const mix = stepOf(savoy, (s) => s.id.startsWith(`mix:${chocolate.id}/`));
    expect(told(savoy, mix)).toMatch(/microwave/);
    const powdered = otter.blends.find((b) => b.powder > 0)!;
    const other = stepOf(otter, (s) => s.id.startsWith(`mix:${powdered.id}/`));
    expect(told(otter, other)).toMatch(/Powder hangs/);
    expect(told(otter, other)).not.toMatch(/microwave/);
  });

  it('blades where something is cut, sawn or carved, and a word more when hands are tired', () => {
    const saw = stepOf(otter, (s) => s.kind === 'bones');
    expect(told(otter, saw)).toMatch(/Cut away from yourself/);
    expect(told(otter, saw)).not.toMatch(/leave blades/);
    for (const [worked, hour] of [
      [300, 15],
      [0, 23],
      [0, 3],
    ] as const)
      expect(told(otter, saw, worked, hour)).toMatch(/leave blades and saws/);
    const ball = stepOf(otter, (s) => s.id === 'shape:head');
    expect(told(otter, ball, 300, 23)).toBe('');
  });

  it('raw egg with royal icing, lifting and cold with a cake', () => {
    const glue = {
      id: 'glue:royalIcing',
      kind: 'glue',
      title: 'Mix the icing',
      notes: [],
      minutes: 5,
    } as const;
    expect(told(otter, glue)).toMatch(/Raw egg/);
    expect(told(otter, { ...glue, id: 'glue:gumGlue' })).toBe('');
    const pack = stepOf(otter, (s) => s.kind === 'pack');
    expect(told(otter, pack)).toBe('');
    const tiered = { ...otter, cake: { ...otter.cake, tiers: [{}] } } as unknown as Build;
    expect(told(tiered, pack)).toMatch(/two lift it/);
    expect(told(otter, { ...glue, id: 'coat:head', kind: 'cake' })).toMatch(/fridge/);
  });

  it('what a finish asks for is said with it', () => {
    const all = [otter, heron, savoy].flatMap((build) => build.steps.own.map((own) => ({ build, own })));
    const minded = all.flatMap(({ build, own }) => {
      const caution = own.finish && finishNamed(own.finish.technique)?.caution;
      return caution ? [{ build, own, caution }] : [];
    });
    expect(minded.length).toBeGreaterThan(0);
    for (const { build, own, caution } of minded)
      expect(
        told(
          build,
          stepOf(build, (s) => s.id === own.id),
        ),
      ).toContain(CAUTIONS[caution]);
  });
});

describe('how long one has been at it', () => {
  it('is since the last rest, by what was ticked off', () => {
    const T = Date.parse('2026-11-30T20:00:00Z');
    const at = (m: number) => new Date(T - m * 60_000).toISOString();
    const build = tick(tick(tick(otter, 'a', at(300)), 'b', at(50)), 'c', at(20));
    expect(workedSince(build, T)).toBe(50);
    expect(workedSince(otter, T)).toBe(0);
    expect(workedSince(tick(otter, 'a', at(-30)), T)).toBe(0);
  });
});

describe('cautions stand in every room before the bench', () => {
  it('where the hazard is, and nowhere else', () => {
    const words = (build: Build, place: Parameters<typeof cautionsIn>[1]) =>
      cautionsIn(build, place).join(' ');
    expect(words(otter, 'bones')).toMatch(/Saw and drill/);
    expect(words({ ...otter, rods: [] }, 'bones')).toBe('');
    expect(words(otter, 'handover')).toMatch(/sticks are out/);
    expect(words(savoy, 'paste')).toMatch(/microwave/);
    expect(words(otter, 'paste')).not.toMatch(/microwave/);
    expect(words(otter, 'cut')).toMatch(/Pencil.*paper/);
    expect(words(savoy, 'handover')).toMatch(/out of the fridge/);
    const working = (to: string): Build => ({ ...otter, hours: [{ day: 1, from: '19:00', to }] });
    expect(words(working('23:30'), 'days')).toMatch(/late into the evening/);
    expect(words(working('21:00'), 'days')).not.toMatch(/late/);
    const plain = { ...otter, pieces: otter.pieces.map((p) => ({ ...p, texture: 'none' as const })) };
    expect([words(otter, 'shape') === '', words(plain, 'shape')]).toEqual([false, '']);
  });
});
