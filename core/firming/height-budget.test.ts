import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { blank } from '../record/blank.testing.ts';
import { height, layOut, schemeOf } from '../figure/index.ts';
import { setRoom } from '../edits/index.ts';
import { plan } from '../plan.ts';
import { squashShare } from './height-budget.ts';

describe('shoes to hat', () => {
  it('adds up to the modelled height, and what soft stages lose is taken off', () => {
    for (const name of ['ferryman-otter', 'one-legged-heron', 'savoy-cabbage', 'sixty-acorn-sweets']) {
      const build = demoBuild(name);
      const { height: budget } = plan(build);
      expect(budget.modelled.value).toBeCloseTo(height(build), 6);
      expect(budget.finished.value).toBeLessThanOrEqual(budget.modelled.value + 1e-9);
      expect(budget.finishedSoft.value).toBeLessThanOrEqual(budget.finished.value + 1e-9);
      for (const s of budget.stages) {
        expect(s.rise.value).toBeGreaterThanOrEqual(0);
        expect(s.loss.value).toBeGreaterThanOrEqual(0);
      }
    }
  });
  it('goes on through what a body stands on without being seated there', () => {
    const laid = layOut(blank, schemeOf('adult-8')!, 200, 'standing');
    if (!laid.ok) throw new Error(laid.problem.text);
    const { stages, modelled } = plan(laid.value).height;
    expect(stages.map((s) => s.name)).toEqual(['Foot', 'Leg', 'Torso', 'Neck', 'Head']);
    expect(modelled.value).toBeCloseTo(height(laid.value), 6);
  });
  it('the top of the stack carries nothing and loses nothing', () => {
    expect(plan(demoBuild('sixty-acorn-sweets')).height.stages.at(-1)!.loss.value).toBe(0);
  });
  it('a drier room loses no more', () => {
    const otter = demoBuild('ferryman-otter');
    const dry = setRoom(otter, { humidity: 35 });
    if (!dry.ok) throw new Error();
    expect(plan(dry.value).height.finishedSoft.value).toBeGreaterThanOrEqual(
      plan(otter).height.finishedSoft.value - 0.2,
    );
  });
  it('springy below yield, spreading above it, and steady where they meet', () => {
    expect(squashShare(0, 10)).toBe(0);
    expect(squashShare(2, 10)).toBeCloseTo(0.023 / 5, 9);
    expect(squashShare(10, 10)).toBeCloseTo(squashShare(10.0001, 10), 4);
    // paste that yields at half the pressure spreads to twice its face and half its height
    expect(squashShare(20, 10)).toBeCloseTo(0.5 + 0.023, 9);
    let last = 0;
    for (let p = 0; p < 60; p++) {
      const now = squashShare(p, 10);
      expect(now).toBeGreaterThanOrEqual(last);
      last = now;
    }
  });
});
