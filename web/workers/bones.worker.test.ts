import { describe, expect, it, vi } from 'vitest';
import { arm } from '@core/bones/joints/glued.testing.ts';
import { setRod } from '@core/edits/index.ts';
import { demoBuild, value } from '@core/files/demo.testing.ts';
import { type Build } from '@core/record/index.ts';
import { plan } from '@core/plan.ts';
import type { BonesApi, Changed } from './bones.worker.ts';

let api!: BonesApi;
vi.mock('comlink', () => ({ expose: (given: BonesApi) => (api = given) }));
await import('./bones.worker.ts');

const otter = demoBuild('ferryman-otter');
/** As the screen puts a change in: rods as they are with it, the changed pieces in the place of the old. */
const put = (build: Build, { rods, pieces }: Changed): Build => ({
  ...build,
  rods,
  pieces: build.pieces.map((p) => pieces.find((x) => x.id === p.id) ?? p),
});
const verdict = (build: Build, id: string) => plan(build).bones.rods.find((r) => r.rod.id === id)!.verdict;

describe('mends over the wire', () => {
  it('survive being copied, and what is put in on this side is what was tried on the other', () => {
    const found = structuredClone(api.mends(otter, 'lantern-stick'));
    const tried = plan(otter).bones.rods.find((r) => r.rod.id === 'lantern-stick')!.mends;
    expect(found.map((m) => m.text)).toEqual(tried.map((m) => m.text));
    found.forEach((m, i) => {
      expect(put(otter, m.changed)).toEqual(tried[i]!.apply());
      expect(verdict(put(otter, m.changed), 'lantern-stick'), m.text).toBe('holds');
    });
  });

  it('carry a piece that changes, and no piece that does not', () => {
    const thin = value(setRod(otter, 'legs', { stock: 'skewer4' }));
    const legs = structuredClone(api.mends(thin, 'legs'));
    const foam = legs.find((m) => /over foam/.test(m.text))!;
    const ids = foam.changed.pieces.map((p) => p.id);
    expect(ids).toContain('body');
    for (const id of ['feet', 'tail', 'oar-blade']) expect(ids).not.toContain(id);
    const dowel = legs.find((m) => /dowel/.test(m.text))!;
    expect(dowel.changed.pieces).toEqual([]);
  });

  it('are none for a rod that holds, or that is not there', () => {
    expect(api.mends(otter, 'oar')).toEqual([]);
    expect(api.mends(otter, 'nobody')).toEqual([]);
    expect(api.choose(otter, 'nobody')).toBeUndefined();
  });

  it('a choice survives being copied too, with its reasons', () => {
    const skewer = demoBuild('heron-on-a-skewer');
    const found = structuredClone(api.choose(skewer, 'leg-rod'))!;
    expect(found.passedOver.length).toBeGreaterThan(2);
    expect(verdict(put(skewer, found.changed!), 'leg-rod')).toBe('holds');
  });

  it('of glued pieces too: a prop changes that piece alone', () => {
    const figure = arm(30, 12);
    const prop = structuredClone(api.gluedMends(figure, 'arm')).find((m) => /^Prop it/.test(m.text))!;
    expect(prop.text).toMatch(/^Prop it for \d/);
    expect(prop.changed.pieces.map((p) => p.id)).toEqual(['arm']);
    const report = plan(put(figure, prop.changed)).bones.glued.find((g) => g.piece.id === 'arm')!;
    expect(report.worst.verdict).not.toBe('fails');
    expect(api.gluedMends(otter, 'head')).toEqual([]);
    expect(api.gluedMends(otter, 'nobody')).toEqual([]);
  });
});
