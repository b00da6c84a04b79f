import { describe, expect, it } from 'vitest';
import { plan } from '../plan.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import { pasteList } from '../paste-list/index.ts';
import { coveredTier, coverOf } from './index.ts';
import { multiplicity, type Build, type Tier } from '../record/index.ts';
import { setPiece } from '../edits/index.ts';
import { refusal, value } from '../files/demo.testing.ts';

const tier: Tier = {
  id: 'lower',
  name: 'Lower tier',
  shape: 'round',
  width: 200,
  height: 100,
  cover: { thickness: 4, blend: 'plain', colour: 'white' },
  stuck: false,
};
const ball = plainPiece('ball', { kind: 'ball', sizes: { diameter: 40, press: 0 } });
const build: Build = { ...blank, pieces: [ball], cake: { ...blank.cake, tiers: [tier] } };

describe('a tier under the figure', () => {
  it('takes a disc of d + 2 h + 2 tucks, and top and sides of it stay', () => {
    const c = coverOf(coveredTier(tier)!);
    expect(c.roll.value).toBe(440);
    expect(c.area.value).toBeCloseTo(942.4778, 3);
    const square = coverOf({ ...coveredTier(tier)!, shape: 'square' });
    expect(square.area.value).toBeCloseTo(1200, 9);
  });

  it('its cover is in the batch of its colour, and in the ledger', () => {
    const [batch] = pasteList(build);
    const line = batch!.lines.find((l) => l.cover)!;
    expect(line.net.value).toBeCloseTo(94247.78 * 4 * 1.38e-3, 1);
    expect(batch!.lines).toHaveLength(2);
    expect(batch!.ledger.reduce((g, l) => g + l.value, 0)).toBeCloseTo(batch!.mix.value, 6);
  });

  it('is covered before the figure goes on it', () => {
    const { steps, links } = plan(build).days();
    expect(steps.find((s) => s.id === 'cover:lower')!.notes.join(' ')).toMatch(
      /Roll a disc 440 mm across, 4 mm thick/,
    );
    expect(links.some((l) => l.from === 'cover:lower' && l.to === 'join:ball')).toBe(true);
    expect(links.some((l) => l.from.startsWith('mix:') && l.to === 'cover:lower')).toBe(true);
  });

  it('is cake that is baked, filled and coated', () => {
    const part = plan(build).cake.parts[0]!;
    expect(part.kind).toBe('tier');
    expect(part.layers.every((l) => l.tin === 200)).toBe(true);
    expect(part.batter.value).toBeGreaterThan(part.weighs.value * 0.5);
  });
});

describe('some break', () => {
  it('more are made, their paste is told apart, and the number wanted stays', () => {
    const twenty: Build = { ...blank, pieces: [{ ...ball, count: 20, breaks: 10 }] };
    const line = pasteList(twenty)[0]!.lines[0]!;
    expect([line.number, line.make]).toEqual([20, 25]);
    expect(line.breakage.value).toBeCloseTo((line.net.value / 20) * 5, 9);
    expect(multiplicity(twenty, twenty.pieces[0]!)).toBe(20);
    expect(refusal(setPiece(twenty, 'ball', { breaks: 95 }))).toMatch(/between 0 and 60/);
    expect(pasteList(value(setPiece(twenty, 'ball', { breaks: 0 })))[0]!.lines[0]!.breakage.value).toBe(0);
  });

  it('trimmings thrown away cost more paste than trimmings kneaded back', () => {
    const cut = plainPiece('leaf', {
      kind: 'sheet',
      sizes: { width: 60, height: 60, thickness: 3 },
      outline: 'rectangle',
    });
    const saved: Build = { ...blank, pieces: [{ ...cut, count: 10 }] };
    const start = (b: Build) => pasteList(b)[0]!.lines[0]!.start.value;
    const thrown = start({ ...saved, practice: { ...saved.practice, saves: false } });
    expect(thrown / start(saved)).toBeCloseTo(1 / 0.6 / (1 / 0.6 - 0.8 * (1 / 0.6 - 1)), 6);
  });
});
