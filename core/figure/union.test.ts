import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { blank } from '../record/blank.testing.ts';
import { unionFigures, type UnionMeasure } from './union.ts';

const found: UnionMeasure = {
  apart: 100_000,
  together: 92_000,
  surface: 30_000,
  centreApart: [0, 0, 50],
  centre: [3, 0, 46],
};

describe('the difference it makes that pieces lie in each other', () => {
  it('what is shared, how much of the whole, and how far the balance moves', () => {
    const f = unionFigures(found, demoBuild('ferryman-otter'));
    expect(f.shared.value).toBeCloseTo(8, 9);
    expect(f.share.value).toBeCloseTo(8, 9);
    expect(f.moves.value).toBeCloseTo(5, 9);
    expect(f.surface.value).toBe(300);
    expect(f.shared.from).toEqual([f.apart, f.together]);
  });
  it('trimming all of it gives back its grams in the figure’s own pastes', () => {
    const f = unionFigures(found, demoBuild('ferryman-otter'));
    // pastes of the otter lie between 1.33 and 1.49 g/cm³
    expect(f.trim.value).toBeGreaterThan(8 * 1.33);
    expect(f.trim.value).toBeLessThan(8 * 1.49);
  });
  it('never less than nothing, nor anything of an empty board', () => {
    const f = unionFigures({ ...found, together: 100_500 }, demoBuild('ferryman-otter'));
    expect(f.shared.value).toBe(0);
    const empty = unionFigures({ ...found, apart: 0, together: 0 }, blank);
    expect(empty.share.value).toBe(0);
    expect(Number.isFinite(empty.trim.value)).toBe(true);
  });
});
