import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../files/demo.testing.ts';
import { coverOver } from '../../covers/index.ts';
import { blendOf } from '../../figure/index.ts';
import { formatLength, formatMass } from '../../quantity/index.ts';
import { pieceOf, type Change, type Build } from '../../record/index.ts';
import { setBall, setCoat, setPiece, setSeat } from '../../edits/index.ts';
import { plan } from '../../plan.ts';

const otter = demoBuild('ferryman-otter');
const value = (c: Change): Build => {
  if (!c.ok) throw new Error(c.problem.text);
  return c.value;
};
const step = (b: Build, id: string) =>
  plan(b, { runs: 40 })
    .days()
    .steps.find((s) => s.id.split('#')[0] === id)!;
const notes = (b: Build, id: string) => step(b, id).notes.join(' ');

describe('how a piece is joined is said in the words of its seat', () => {
  it('laid round, hung, pressed on', () => {
    expect(step(otter, 'join:scarf').title).toBe('Lay the scarf round the body');
    expect(notes(otter, 'join:scarf')).toMatch(/Begin on the hidden side/);
    expect(step(otter, 'join:lantern').title).toBe('Hang the lantern on the lantern arm');
    expect(step(otter, 'join:eyes').title).toMatch(/^Press the eyes on to the head/);
  });

  it('set into a socket, pressed or cut', () => {
    const pressed = value(setSeat(otter, 'eyes', { how: 'set', sink: 3 }));
    expect(step(pressed, 'join:eyes').title).toMatch(/^Set the eyes into the head/);
    expect(notes(pressed, 'join:eyes')).toMatch(/Press a socket 3 mm deep first/);
    const cut = value(setSeat(pressed, 'eyes', { overlap: 'trimmed' }));
    expect(notes(cut, 'join:eyes')).toMatch(/Cut a socket 3 mm deep in the head; keep what comes out/);
  });

  it('trimmed to fit', () => {
    const trimmed = value(setSeat(otter, 'belly', { overlap: 'trimmed' }));
    expect(notes(trimmed, 'join:belly')).toMatch(/Trim its foot to fit/);
  });
});

describe('how a piece is weighed and shaped', () => {
  it('as closely as its makes have to be alike', () => {
    expect(notes(otter, 'shape:feet')).toMatch(/2 times, both within 5 % of each other/);
    const acorns = demoBuild('sixty-acorn-sweets');
    expect(notes(acorns, 'shape:nut')).toMatch(/60 times, all alike to a fiftieth/);
    const hidden = value(setPiece(otter, 'tail', { tolerance: 'hidden' }));
    expect(notes(hidden, 'shape:tail')).toMatch(/by eye will do/);
  });

  it('small ones many together, with the ball of each', () => {
    const heron = demoBuild('one-legged-heron');
    expect(notes(heron, 'shape:near-wing')).toMatch(/\d+ of them; weigh \d+ together: [\d.]+ g/);
  });

  it('ropes that are bent or joined are rolled to their length first', () => {
    expect(notes(otter, 'shape:lantern-ring')).toMatch(/Before it is bent or gathered it is 44 mm long/);
  });

  it('a skin gathers its seam where nobody sees it, a coat says how thick', () => {
    expect(notes(otter, 'shape:head')).toMatch(
      /for the foam core, 8 mm all round.*The seam goes underneath/s,
    );
    const coated = value(setCoat(otter, 'body', { thickness: 4, under: true }));
    const { sheet } = coverOver(pieceOf(coated, 'body')!, blendOf(coated, pieceOf(coated, 'body')!))!;
    const told = notes(coated, 'shape:body');
    expect(told).toContain(`Roll a round of ${formatLength(sheet!.round.value)}, 4 mm thick`);
    // the whole round is weighed, not what stays of it
    expect(step(coated, 'shape:body').weigh!.grams).toBeCloseTo(sheet!.rolled.value, 6);
    expect(told).toContain(`About ${formatMass(sheet!.off.value)} come off again`);
  });

  it('straight sides are cut to fit: each panel with its size', () => {
    const wheel = demoBuild('mill-wheel');
    expect(notes(wheel, 'shape:wheel')).toMatch(/top: a round of .*; side: .*; foot: a round of/);
  });

  it('the weight to put on the scale is the one before trimming', () => {
    const trimmed = value(setSeat(otter, 'belly', { overlap: 'trimmed' }));
    expect(step(trimmed, 'shape:belly').weigh!.grams).toBeCloseTo(step(otter, 'shape:belly').weigh!.grams, 6);
  });

  it('a bigger ball takes longer', () => {
    const bigger = value(setBall(otter, 'tail', 90));
    expect(step(bigger, 'shape:tail').minutes).toBeGreaterThan(step(otter, 'shape:tail').minutes);
  });
});
