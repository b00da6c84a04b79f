import { describe, expect, it } from 'vitest';
import { addOwnStep, setRoom } from '../edits/index.ts';
import { demoBuild, value } from '../files/demo.testing.ts';
import { wetAfter } from '../finish/index.ts';
import { plan } from '../plan.ts';
import { pieceOf, type Build, type WorkKind } from '../record/index.ts';
import { joinId } from './index.ts';

const heron = demoBuild('one-legged-heron');
const neck = (b: Build) => pieceOf(b, 'neck')!;
const painted = (work: WorkKind, more: object = {}, of = heron): Build =>
  value(addOwnStep(of, { title: 'Shade it', minutes: 20, piece: 'neck', work, ...more }));
const waits = (b: Build) => plan(b).made.links.filter((l) => l.kind === 'wait' && l.from === 'own:shade-it');

describe('what is wet', () => {
  it('is waited for before it is packed, and before its piece is joined where it comes before that', () => {
    const [packed, ...more] = waits(painted('paint'));
    expect(packed).toMatchObject({ to: 'pack' });
    expect(packed!.why).toMatch(/dries on the neck before it is packed/);
    expect(more).toEqual([]);
    const before = waits(painted('paint', { before: joinId('neck') }));
    expect(before.map((l) => l.to).sort()).toEqual([joinId('neck'), 'pack']);
    const [join, pack] = [before.find((l) => l.to !== 'pack')!, before.find((l) => l.to === 'pack')!];
    expect(pack.band.likely).toBeGreaterThan(join.band.likely);
  });

  it('is nothing after dusting, little after spraying, most after a brush', () => {
    expect(waits(painted('dust'))).toEqual([]);
    const touch = (work: WorkKind) => wetAfter(heron, neck(heron), { work }, 'touch')!.likely;
    expect(wetAfter(heron, neck(heron), { work: 'dust' }, 'touch')).toBeUndefined();
    expect(touch('spray')).toBeLessThan(touch('sponge'));
    expect(touch('sponge')).toBeLessThan(touch('paint'));
  });

  it('never dries enough to be packed in a room as damp as the paste, and says so', () => {
    const damp = value(setRoom(painted('paint'), { humidity: 78 }));
    const days = plan(damp, { runs: 1 }).days();
    expect(days.plan).toBeUndefined();
    expect(days.trouble.join(' ')).toMatch(/Never in this room:/);
    expect(waits(damp)[0]!.band.likely).toBe(Infinity);
  });

  it('is kept by the plan', () => {
    const days = plan(painted('paint', { before: joinId('neck') }), { runs: 25 }).days();
    const at = (id: string) => days.plan!.sessions.flatMap((s) => s.steps).find((p) => p.step.id === id)!;
    const wet = days.links.find((l) => l.from === 'own:shade-it' && l.to === joinId('neck'))!;
    expect(at(joinId('neck')).from - at('own:shade-it').to).toBeGreaterThanOrEqual(wet.band.likely - 1);
  });
});
