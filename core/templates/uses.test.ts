import { describe, expect, it } from 'vitest';
import { setTemplate, setWidth } from '../edits/index.ts';
import { refusal, value } from '../files/demo.testing.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import type { Build, Piece, TemplateUse } from '../record/index.ts';
import { measure } from '../solids/index.ts';
import { templatesOf } from './index.ts';

const cake: Piece = {
  ...plainPiece('head', {
    kind: 'ball',
    sizes: { diameter: 150, press: 0 },
    coat: { thickness: 4, under: true },
  }),
  core: 'cake',
};
const mouth = (width: number, thickness = 3): Piece => ({
  ...plainPiece('mouth', { kind: 'sheet', sizes: { width, height: 12, thickness }, outline: 'rectangle' }),
  seat: { ...cake.seat, on: 'head', at: [0, -70, 60] },
});
const build = (piece: Piece): Build => ({
  ...blank,
  cake: { ...blank.cake, coatThickness: 3 },
  pieces: [cake, piece],
});
const paper = (b: Build, use: TemplateUse) =>
  templatesOf(setTemplate(b, 'mouth', use)).find((t) => t.pieces.includes('mouth'))!;

describe('a recess under two coats', () => {
  it('of 12 mm is carved 26 under 3 mm of cream and 4 of paste: its sides close, its depth stays', () => {
    const { wide, tall, says } = paper(build(mouth(40)), 'recess');
    expect([wide, tall].map(Math.round)).toEqual([54, 26]);
    expect(says).toBe('cut it 7 mm wider all round: the coats close it by that');
  });

  it('that would close up as drawn says so, and one that would not does not', () => {
    expect(paper(build(mouth(40)), 'recess').notes.join()).toMatch(/would close up altogether/);
    const tall = {
      ...mouth(40),
      form: { ...mouth(40).form, sizes: { width: 40, height: 30, thickness: 3 } },
    };
    expect(paper(build(tall), 'recess').notes).toEqual([]);
  });
});

describe('an inlay', () => {
  it('narrower than twice its sheet is cut with a point: common practice', () => {
    expect(paper(build(mouth(5)), 'drawn').notes.join()).toMatch(/narrower than twice the 3 mm of the sheet/);
    expect(paper(build(mouth(40)), 'drawn').notes).toEqual([]);
  });
});

describe('a piece made as wide as something', () => {
  it('keeps its proportions and the thickness of its sheet', () => {
    const wider = value(setWidth(build(mouth(40)), 'mouth', 100)).pieces[1]!.form;
    expect(wider.sizes).toMatchObject({ width: 100, height: 30, thickness: 3 });
    expect(measure(wider).width).toBeCloseTo(100, 6);
    expect(refusal(setWidth(build(mouth(40)), 'mouth', 0))).toMatch(/more than nothing/);
    expect(refusal(setWidth(build(mouth(40)), 'nobody', 10))).toMatch(/no longer/);
  });
});
