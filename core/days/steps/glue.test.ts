import { describe, expect, it } from 'vitest';
import { demoBuild, value } from '../../files/demo.testing.ts';
import { setPiece } from '../../edits/index.ts';
import { type Build } from '../../record/index.ts';
import { recipeOf } from '../../pastes/index.ts';
import { plan } from '../../plan.ts';
import { joinId } from '../index.ts';
import { glueId } from './types.ts';

const otter = demoBuild('ferryman-otter');
const glued = (pieces: string[], glue: string): Build =>
  pieces.reduce((b, id) => value(setPiece(b, id, { glue })), otter);
const workOf = (b: Build) => plan(b, { runs: 1 }).work!;

describe('a glue that is mixed at the bench', () => {
  const work = workOf(glued(['head', 'tail'], 'gumGlue'));
  it('is stirred once, however many pieces it holds', () => {
    const made = work.steps.filter((s) => s.kind === 'glue');
    expect(made.map((s) => s.id)).toEqual([glueId('gumGlue')]);
    expect(made[0]!.notes.join(' ')).toMatch(/Keeps \d+ days/);
  });
  it('stands before each joint, and is used while it keeps', () => {
    for (const piece of ['head', 'tail']) {
      const links = work.links.filter((l) => l.from === glueId('gumGlue') && l.to === joinId(piece));
      expect(links.map((l) => l.kind).sort()).toEqual(['wait', 'window']);
      expect(links.find((l) => l.kind === 'wait')!.band.likely).toBeGreaterThanOrEqual(60);
      expect(links.find((l) => l.kind === 'window')!.band.fast).toBe(recipeOf('gumGlue')!.keepsDays * 1440);
    }
  });
  it('is planned in time', () => {
    const days = plan(glued(['head'], 'gumGlue'), { runs: 40 }).days();
    const at = (id: string) => days.plan!.sessions.flatMap((s) => s.steps).find((p) => p.step.id === id)!;
    expect(at(joinId('head')).from - at(glueId('gumGlue')).to).toBeGreaterThanOrEqual(240);
  });
});

it('water and melted chocolate are not stirred ahead', () => {
  expect(workOf(glued(['head'], 'water')).steps.some((s) => s.kind === 'glue')).toBe(false);
  expect(workOf(otter).steps.some((s) => s.kind === 'glue')).toBe(false);
});
