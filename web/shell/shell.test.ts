import { expect, it } from 'vitest';
import { FOUND } from '@core/found.ts';
import { plan } from '@core/plan.ts';
import { tick } from '@core/edits/index.ts';
import { shapedBy } from '@core/days/index.ts';
import { demoBuilds } from '../storage/demo-builds.ts';
import { blankBuild } from '../shelf/blank.ts';
import { readRecord } from '@core/files/index.ts';
import { stageCaption } from './caption.ts';
import { statesAt, statesDone } from './playhead.ts';
import { keyName } from './shortcuts.ts';

const otter = demoBuilds()[0]!;
const report = plan(otter);
const firmness = FOUND.firmness(report);

it('shows at the start nothing made, at the due time everything at least skinned', () => {
  const days = report.days();
  const first = statesAt(otter, firmness, days, days.plan!.startBy);
  expect([...first.values()].every((s) => s === 'unmade')).toBe(true);
  const last = statesAt(otter, firmness, days, days.due!);
  expect([...last.values()].every((s) => s !== 'unmade' && s !== 'soft')).toBe(true);
});

it('shows what was really ticked off', () => {
  const shaped = tick(
    tick(otter, 'shape:nose', '2026-12-01T10:00:00Z'),
    'shape:body',
    '2026-12-01T10:00:00Z',
  );
  const states = statesDone(shaped, firmness, new Date('2026-12-01T18:00:00Z'));
  expect(states.get('nose')).not.toBe('unmade');
  expect(states.get('body')).toBe('soft');
  expect(shapedBy(otter.pieces.find((p) => p.id === 'body')!)).toBe('texture:body');
  expect(states.get('head')).toBe('unmade');
});

it('a new build can be saved and opened, and plans nothing yet', () => {
  const blank = blankBuild(['New figure']);
  expect(blank.name).toBe('New figure 2');
  expect(readRecord(blank).ok).toBe(true);
  expect(plan(blank).days().trouble[0]).toMatch(/nothing to plan/);
});

it('names keys as the list does', () => {
  const key = (k: string, mods: Partial<KeyboardEvent> = {}) =>
    keyName({
      key: k,
      ctrlKey: false,
      metaKey: false,
      altKey: false,
      shiftKey: false,
      ...mods,
    } as KeyboardEvent);
  expect(key('z', { ctrlKey: true })).toBe('Ctrl Z');
  expect(key('Z', { metaKey: true, shiftKey: true })).toBe('Ctrl Shift Z');
  expect(key('?', { shiftKey: true })).toBe('?');
  expect(key('ArrowLeft', { shiftKey: true })).toBe('Shift ArrowLeft');
  expect(key('[')).toBe('[');
});

it('says over the stage how far the figure leans before it tips', () => {
  expect(stageCaption(otter, FOUND.bones(report), 'bones', false, false)).toMatch(/leans to \d+°/);
  expect(stageCaption(otter, undefined, 'paste', true, false)).toMatch(/hatched/);
  expect(stageCaption(otter, undefined, 'shape', false, true)).toContain('ruler in inches');
});
