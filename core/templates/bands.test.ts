import { describe, expect, it } from 'vitest';
import { ribbonOf } from '../covers/index.ts';
import {
  asPart,
  duplicatePiece,
  fitToGirth,
  putIn,
  removePiece,
  resize,
  setContinues,
  setHalves,
  setTemplate,
} from '../edits/index.ts';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import { pieceOf, type Build, type Piece } from '../record/index.ts';
import { bandsOf, templatesOf } from './index.ts';

const neck = plainPiece('neck', { kind: 'disc', sizes: { diameter: 60, thickness: 40 } });
const strip = (id: string, length: number, up = 20, width = 12): Piece => ({
  ...plainPiece(id, { kind: 'strip', sizes: { length, width, thickness: 3 } }),
  seat: { ...neck.seat, on: 'neck', how: 'wraps', at: [0, 0, up] },
});
const wearing = (...bands: Piece[]): Build => ({ ...blank, pieces: [neck, ...bands] });
const ROUND = Math.PI * (60 + 3);

describe('a band', () => {
  it('tells whether it meets round what it lies on: round + π × its thickness, common practice', () => {
    const say = (length: number) =>
      bandsOf(wearing(strip('band', length)))[0]!
        .says.map((s) => s.text)
        .join(' ');
    expect(say(ROUND - 9)).toMatch(/^It is 9 mm short of meeting round the neck: cut it 201 mm/);
    expect(say(ROUND + 4)).toMatch(/meets round the neck with 4 mm over/);
    expect(say(60)).toMatch(/lies 60 mm of the 198 mm/);
    // and its paper says the same
    expect(templatesOf(wearing(strip('band', ROUND - 9))).at(-1)!.notes[0]).toBe(say(ROUND - 9));
  });

  it('a girth taken before a cover of 3 mm is 18.8 mm short: it is reckoned over the coat', () => {
    const bare: Piece = { ...neck, form: { kind: 'rope', sizes: { diameter: 60, length: 40 } } };
    const coated: Piece = { ...bare, form: { ...bare.form, coat: { thickness: 3, under: false } } };
    const way = (on: Piece) => bandsOf({ ...blank, pieces: [on, strip('band', 190)] })[0]!.way.value;
    expect(way(coated) - way(bare)).toBeCloseTo(2 * Math.PI * 3, 0);
  });

  it('cut to meet it meets, and in halves each has half the way and its lap', () => {
    const build = wearing(strip('band', 150));
    const [band] = bandsOf(build);
    const met = value(fitToGirth(build, 'band', band!.lap));
    expect(bandsOf(met)[0]!.over.value).toBeCloseTo(3, 1);
    expect(bandsOf(met)[0]!.says.some((s) => s.wrong)).toBe(false);
    const halves = bandsOf(setHalves(met, 'band', true))[0]!;
    expect(halves.cut.value).toBeCloseTo(ROUND / 2 + 3, 1);
    expect(bandsOf(setHalves(setHalves(met, 'band', true), 'band', false))[0]!.halves).toBe(false);
  });

  it('its paper is a half where it has two, and as long as the way round where it is wrapped', () => {
    const build = wearing(strip('band', 150));
    const paper = (b: Build) => templatesOf(b).at(-1)!;
    const half = paper(setHalves(build, 'band', true));
    expect([half.name, half.number]).toEqual(['band, half', 2]);
    // a knife follows 1 mm outside
    expect(half.tall).toBeCloseTo(ROUND / 2 + 3 + 2, 0);
    const wrapped = paper(setTemplate(build, 'band', 'wrap'));
    expect([wrapped.wide, wrapped.tall].map(Math.round)).toEqual([12, Math.round(ROUND)]);
    expect(paper(setTemplate(build, 'band', 'prick')).says).toMatch(/prick along the line/);
  });

  it('that carries on another is as wide, stays so, and says how far it is out of line', () => {
    const build = wearing(strip('one', ROUND, 20, 12), strip('two', ROUND, 24, 9));
    const joined = value(setContinues(build, 'two', 'one'));
    expect(pieceOf(joined, 'two')!.form.sizes.width).toBe(12);
    const wider = value(resize(joined, 'one', { width: 15 }));
    expect(pieceOf(wider, 'two')!.form.sizes.width).toBe(15);
    const two = bandsOf(wider)[1]!;
    expect(two.says.at(-1)!.text).toMatch(/about 4 mm above the one: lower it by that/);
    expect(two.says.at(-1)!.wrong).toBe(true);
    // alone again, it keeps its width
    const alone = value(resize(value(setContinues(wider, 'two', undefined)), 'one', { width: 20 }));
    expect(pieceOf(alone, 'two')!.form.sizes.width).toBe(15);
    expect(refusal(setContinues(build, 'two', 'neck'))).toMatch(/no band/);
    // one that is gone is nobody's line
    const orphan = { ...wider, pieces: wider.pieces.filter((p) => p.id !== 'one') };
    expect(bandsOf(orphan)[0]!.continues).toBeUndefined();
  });

  it('a line goes along with a copy, is let go with what it carried on, and never takes up a stranger', () => {
    const build = value(setContinues(wearing(strip('one', ROUND), strip('two', ROUND)), 'two', 'one'));
    const copied = value(duplicatePiece(build, 'neck')).build;
    const copies = copied.pieces.slice(3);
    expect(copies.map((p) => p.continues)).toEqual([undefined, undefined, copies[1]!.id]);
    const { build: less } = removePiece(build, 'one');
    expect('continues' in pieceOf(less, 'two')!).toBe(false);
    // a part that is put where another piece has the name of the line
    const part = value(asPart(build, 'two'));
    const put = value(putIn(wearing(strip('one', ROUND)), part, { on: 'neck', at: [0, 0, 0] }));
    expect(put.build.pieces.filter((p) => p.continues !== undefined)).toEqual([]);
  });

  it('the scarf of the otter does not meet, and its end goes round nothing', () => {
    const bands = bandsOf(demoBuild('ferryman-otter'));
    expect(bands.map((x) => x.piece)).toContain('scarf');
    expect(bands.find((x) => x.piece === 'scarf')!.says[0]!.wrong).toBe(true);
  });
});

describe('the ribbon of a board', () => {
  it('a 12 mm drum under 3 mm of paste takes a 15 mm ribbon, 962 mm round 300 with its lap: common practice', () => {
    const board = {
      ...blank.board,
      shape: 'round' as const,
      width: 300,
      thickness: 12,
      cover: { thickness: 3, blend: 'plain', colour: 'white' },
    };
    const say = (width: number) =>
      ribbonOf({ ...blank, board: { ...board, ribbon: { width, colour: 'white' } } })!;
    expect(say(15).length.value).toBeCloseTo(962.5, 1);
    expect([say(15).says, say(15).holds]).toEqual(['It is as wide as the edge.', true]);
    expect(say(25).says).toMatch(/stands 10 mm over the edge: take one of 15 mm/);
    expect(say(10).says).toMatch(/leaves 5 mm of the edge bare/);
    expect(ribbonOf(blank)).toBeUndefined();
  });
});
