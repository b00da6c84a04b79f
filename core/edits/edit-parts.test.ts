import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { pieceOf, type Build, type Change } from '../record/index.ts';
import { setArt, setBall, setCoat, setKind } from './edit-form.ts';
import { addSolid, splitPiece, unitDoubt } from './edit-parts.ts';
import { cutsAway, blendOf, weigh, weighIn } from '../figure/index.ts';
import { pasteList } from '../paste-list/index.ts';
import { setSeat } from './edit-pieces.ts';
import { bodyMesh, formBody, keptSolid, startingForm } from '../solids/index.ts';

const otter = demoBuild('ferryman-otter');
const value = (c: Change): Build => {
  if (!c.ok) throw new Error(c.problem.text);
  return c.value;
};
const paste = (b: Build, id: string) => weigh(pieceOf(b, id)!, blendOf(b, pieceOf(b, id)!)).paste.value;

describe('splitting one total', () => {
  it('into equal balls side by side that weigh the same together', () => {
    const split = splitPiece(otter, 'tail', [1, 1, 1]);
    if (!split.ok) throw new Error(split.problem.text);
    const { build, ids } = split.value;
    expect(ids).toHaveLength(3);
    expect(ids.reduce((g, id) => g + paste(build, id), 0)).toBeCloseTo(paste(otter, 'tail'), 2);
    expect(new Set(ids.map((id) => pieceOf(build, id)!.seat.on))).toEqual(new Set(['board']));
    expect(pieceOf(build, ids[1]!)!.tolerance).toBe('equal');
  });
  it('into a stacked cluster, largest at the foot, in its place in the order', () => {
    const split = splitPiece(otter, 'tail', [2, 1]);
    if (!split.ok) throw new Error(split.problem.text);
    const { build, ids } = split.value;
    expect(pieceOf(build, ids[1]!)!.seat.on).toBe(ids[0]);
    expect(paste(build, ids[0]!) / paste(build, ids[1]!)).toBeCloseTo(8, 2);
    expect(build.pieces.findIndex((p) => p.id === ids[1])).toBe(
      otter.pieces.findIndex((p) => p.id === 'tail') + 1,
    );
  });
});

describe('another shape, a coat, drawn lines', () => {
  it('keeps the grams when the shape changes', () => {
    const now = value(setKind(otter, 'tail', 'teardrop'));
    expect(pieceOf(now, 'tail')!.form.kind).toBe('teardrop');
    expect(paste(now, 'tail')).toBeCloseTo(paste(otter, 'tail'), 1);
  });
  it('takes the ball it starts from as well as grams, for each of many small ones', () => {
    const bigger = value(setBall(otter, 'tail', 50));
    expect(weigh(pieceOf(bigger, 'tail')!, blendOf(bigger, pieceOf(bigger, 'tail')!)).ball.value).toBeCloseTo(
      50,
      2,
    );
  });
  it('lets go of what it was laid round when the new shape cannot be', () => {
    expect(pieceOf(value(setKind(otter, 'scarf', 'ball')), 'scarf')!.seat.how).toBe('sits');
    expect(pieceOf(value(setKind(otter, 'scarf', 'ruffle')), 'scarf')!.seat.how).toBe('wraps');
  });
  it('makes a piece the core under a coat and back again', () => {
    const coated = value(setCoat(otter, 'body', { thickness: 5, under: true }));
    expect(
      weigh(pieceOf(coated, 'body')!, blendOf(coated, pieceOf(coated, 'body')!)).core.value,
    ).toBeGreaterThan(5);
    expect(paste(coated, 'body')).toBeLessThan(paste(otter, 'body') / 2);
    expect(paste(value(setCoat(coated, 'body', undefined)), 'body')).toBeCloseTo(paste(otter, 'body'), 9);
    const thin = setCoat(otter, 'body', { thickness: 0, under: true });
    expect(thin.ok).toBe(false);
  });
  it('refuses lines that cross, and changes nothing', () => {
    const cabbage = demoBuild('savoy-cabbage');
    const bow = [[-0.5, 0, 1], [0.5, 1, 1], [0.5, 0, 1], [-0.5, 1, 1]] as const; // prettier-ignore
    const tried = setArt(cabbage, 'heart', { curves: { front: bow, side: bow } });
    expect(!tried.ok && tried.problem.text).toMatch(/front outline crosses itself/);
  });
});

describe('where two pieces would be in one place', () => {
  it('pressed loses nothing; trimmed takes it off the piece and puts it among the offcuts', () => {
    expect(cutsAway(otter).size).toBe(0);
    const trimmed = value(setSeat(otter, 'belly', { overlap: 'trimmed' }));
    const belly = pieceOf(trimmed, 'belly')!;
    const { paste: left, gross } = weighIn(trimmed, belly);
    expect(left.value).toBeLessThan(gross.value * 0.9);
    const line = pasteList(trimmed)
      .flatMap((b) => b.lines)
      .find((l) => l.piece === 'belly')!;
    expect(line.offcut.value).toBeCloseTo(gross.value - left.value, 6);
    expect(line.net.value).toBeCloseTo(left.value, 6);
  });
  it('set into a cut socket takes it off the carrier, once for each of a pair', () => {
    const set = value(setSeat(otter, 'eyes', { how: 'set', overlap: 'trimmed', sink: 3 }));
    const cuts = cutsAway(set).get('head')!;
    expect(cuts[0]).toMatchObject({ what: 'socket' });
    expect(cuts[0]!.by.id).toBe('eyes');
    expect(cutsAway(set).has('eyes')).toBe(false);
  });
});

it('a solid from a file becomes a piece of its own size', () => {
  const mesh = bodyMesh(formBody(startingForm('egg')));
  const { solid, size } = keptSolid('Egg', mesh, mesh);
  const { build, id } = addSolid(otter, solid, size, 'board');
  expect(pieceOf(build, id)!.form.sizes).toMatchObject({ width: 40, height: 55 });
  expect(paste(build, id)).toBeGreaterThan(50);
});

it('asks softly after ten or twenty-five times as much', () => {
  expect(unitDoubt(40, 400)).toMatch(/centimetres or millimetres/);
  expect(unitDoubt(254, 10)).toMatch(/inches or millimetres/);
  expect(unitDoubt(40, 90)).toBeUndefined();
});
