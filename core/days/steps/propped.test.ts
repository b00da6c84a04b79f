import { describe, expect, it } from 'vitest';
import { demoBuild, value } from '../../files/demo.testing.ts';
import { setBuilt, setDisc, setPropped } from '../../edits/index.ts';
import { type Build } from '../../record/index.ts';
import { plan } from '../../plan.ts';
import { FINISH_ID, freeId, joinId } from './index.ts';

const otter = demoBuild('ferryman-otter');
const heron = demoBuild('one-legged-heron');
const workOf = (b: Build) => plan(b, { runs: 1 }).work!;
const linksTo = (b: Build, id: string) => workOf(b).links.filter((l) => l.to === id);
const notesOf = (b: Build, id: string) =>
  workOf(b)
    .steps.find((s) => s.id === id)!
    .notes.join(' ');

describe('a piece that is propped', () => {
  it('on a rod waits under its prop for its pose alone, no glue being asked', () => {
    const propped = setPropped(otter, 'lantern-arm', true);
    const links = linksTo(propped, freeId('lantern-arm'));
    expect(links.map((l) => l.kind).sort()).toEqual(['order', 'wait']);
    expect(links.find((l) => l.kind === 'order')!.from).toBe(joinId('lantern-arm'));
    expect(links.find((l) => l.kind === 'wait')!.from).toBe('texture:lantern-arm');
  });

  it('carries nothing and is not looked over before the prop is away', () => {
    const propped = setPropped(otter, 'lantern-arm', true);
    expect(linksTo(propped, joinId('lantern')).map((l) => l.from)).toContain(freeId('lantern-arm'));
    expect(linksTo(otter, joinId('lantern')).map((l) => l.from)).toContain(joinId('lantern-arm'));
    expect(linksTo(propped, FINISH_ID).map((l) => l.from)).toContain(freeId('lantern-arm'));
  });

  it('says how to prop it where it is set, and nothing where it is not', () => {
    expect(notesOf(heron, joinId('head'))).toMatch(/Prop it at once/);
    expect(notesOf(heron, joinId('neck'))).not.toMatch(/Prop/);
  });

  it('built on a dummy, is freed once it stands where it goes', () => {
    const dummy = setBuilt(setPropped(heron, 'neck', true), 'neck', 'dummy');
    const plan0 = plan(dummy, { runs: 25 }).days().plan!;
    const at = new Map(plan0.sessions.flatMap((s) => s.steps).map((p) => [p.step.id, p]));
    expect(at.get(freeId('neck'))!.from).toBeGreaterThanOrEqual(at.get(joinId('neck'))!.to);
    expect(at.get(joinId('neck'))!.from).toBeGreaterThanOrEqual(at.get(joinId('head'))!.to);
  });
});

describe('a piece on a disc', () => {
  it('waits for the disc to be cut, and says to lay it first', () => {
    const laid = value(setDisc(heron, 'body', { of: 'foam', width: 16 }));
    expect(notesOf(laid, joinId('body'))).toMatch(/First the disc, 16 mm, let in flush/);
    expect(notesOf(laid, 'bones')).toMatch(/Disc of 5 mm foam board, 16 mm across, for the body/);
    expect(workOf(laid).steps.find((s) => s.id === 'bones')!.minutes).toBeGreaterThan(
      workOf(heron).steps.find((s) => s.id === 'bones')!.minutes,
    );
    expect(linksTo(laid, joinId('body')).map((l) => l.from)).toContain('bones');
  });
});
