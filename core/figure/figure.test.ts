import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { measure, toLocal, toWorld } from '../solids/index.ts';
import { BOWL_LOSS, materialOf } from '../pastes/index.ts';
import { anyBuild } from './arbitrary.testing.ts';
import {
  addPiece,
  duplicatePiece,
  nudge,
  removePiece,
  reorder,
  reseat,
  resize,
  setGrams,
  setHours,
  setRoom,
  setPiece,
  togglePair,
  inBuildingOrder,
  setForm,
} from '../edits/index.ts';
import {
  BOARD,
  UPRIGHT,
  carriedBy,
  freshId,
  multiplicity,
  pieceOf,
  type Build,
  type Piece,
  type Seat,
} from '../record/index.ts';
import {
  elevation,
  standingOutlines,
  extent,
  factorForHeight,
  height,
  place,
  placeRods,
  reach,
  scaleFigure,
  weighIn,
  blendOf,
} from './index.ts';
import { pasteList } from '../paste-list/index.ts';
import { seatFrame } from './place.ts';
import { weigh } from './weigh.ts';

const otter = demoBuild('ferryman-otter');
describe('placing', () => {
  it('keeps lengths and right angles, and comes back from world to own frame', () => {
    fc.assert(
      fc.property(
        anyBuild(),
        fc.tuple(
          fc.integer({ min: -50, max: 50 }),
          fc.integer({ min: -50, max: 50 }),
          fc.integer({ min: -50, max: 50 }),
        ),
        (build, p) => {
          for (const { frame } of place(build)) {
            for (const axis of [frame.x, frame.y, frame.z]) expect(Math.hypot(...axis)).toBeCloseTo(1, 9);
            const back = toLocal(frame, toWorld(frame, p));
            p.forEach((x, k) => expect(back[k]).toBeCloseTo(x, 6));
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  it('has as many bodies as the pieces say', () => {
    fc.assert(
      fc.property(anyBuild(), (build) => {
        for (const piece of build.pieces)
          expect(place(build).filter((i) => i.piece === piece)).toHaveLength(multiplicity(build, piece));
      }),
      { numRuns: 40 },
    );
  });

  it('tips towards the viewer and leans to the right', () => {
    const seat: Seat = { ...UPRIGHT, on: BOARD };
    expect(seatFrame({ ...seat, tip: 90 }).z[1]).toBeCloseTo(-1);
    expect(seatFrame({ ...seat, lean: 90 }).z[0]).toBeCloseTo(1);
    expect(seatFrame({ ...seat, sink: 3 }).origin[2]).toBe(-3);
  });

  it('mirrors a pair left and right', () => {
    const feet = place(otter).filter((i) => i.piece.id === 'feet');
    expect(feet[0]!.frame.origin[0]).toBeCloseTo(-feet[1]!.frame.origin[0]);
    const legs = placeRods(otter).filter((r) => r.rod.id === 'legs');
    expect(legs[0]!.to[0]).toBeCloseTo(-legs[1]!.to[0]);
  });

  it('draws every body inside its own reach', () => {
    for (const view of ['front', 'side'] as const)
      for (const s of elevation(otter, view)) {
        const k = view === 'front' ? 0 : 1;
        const right = reach(s.instance, k === 0 ? [1, 0, 0] : [0, 1, 0]);
        const top = reach(s.instance, [0, 0, 1]);
        for (const [x, z] of standingOutlines(s).flat()) {
          expect(x).toBeLessThanOrEqual(right + 0.01);
          expect(z).toBeLessThanOrEqual(top + 0.01);
        }
      }
  });
});

describe('size', () => {
  it('stands 210 mm high, and is brought to any other height', () => {
    expect(height(otter)).toBeCloseTo(210, 1);
    for (const wanted of [90, 180, 260, 400]) {
      const k = value(factorForHeight(otter, wanted));
      expect(height(scaleFigure(otter, k))).toBeCloseTo(wanted, 1);
      // a case that takes just that height takes it
      expect(height(scaleFigure(otter, k))).toBeLessThanOrEqual(wanted);
    }
    expect(refusal(factorForHeight({ ...otter, pieces: [] }, 200))).toMatch(/nothing on the board/);
    expect(refusal(factorForHeight(otter, 5))).toMatch(/between 10 and 2000/);
  });

  it('is as high as was asked for where a thick coat, low before, comes to be the highest', () => {
    const [one] = otter.pieces;
    const on = (id: string, x: number, form: Piece['form']): Piece => ({
      ...one!,
      id,
      form,
      pair: false,
      count: 1,
      seat: { ...UPRIGHT, on: BOARD, at: [x, 0, 0] },
    });
    const build = {
      ...otter,
      pieces: [
        on('ball', 0, { kind: 'ball', sizes: { diameter: 110, press: 0 } }),
        on('skin', 200, { kind: 'skinOverBall', sizes: { core: 10, coat: 30 } }),
      ],
      rods: [],
    };
    expect(height(build)).toBe(110);
    const scaled = scaleFigure(build, value(factorForHeight(build, 62)));
    expect(height(scaled)).toBeCloseTo(62, 2);
    expect(height(scaled)).toBeLessThanOrEqual(62);
  });

  it('brings any figure to a height', () => {
    fc.assert(
      fc.property(anyBuild(), fc.double({ min: 0.6, max: 1.8, noNaN: true }), (build, by) => {
        const wanted = height(build) * by;
        const k = factorForHeight(build, wanted);
        if (!k.ok) return;
        const high = height(scaleFigure(build, k.value));
        expect(high).toBeLessThanOrEqual(wanted);
        expect(high).toBeGreaterThan(wanted - 0.01);
      }),
      { numRuns: 60 },
    );
  });

  it('is laid out once: what was tried on the way to a height is what is shown at it', () => {
    const k = value(factorForHeight(otter, 237));
    const shown = scaleFigure(otter, k);
    expect(scaleFigure(otter, k)).toBe(shown);
    const renamed = { ...shown, name: 'Other' };
    expect(place(renamed)).toBe(place(shown));
  });

  it('grows solids by the cube and sheets by the square', () => {
    const k = 1.5;
    const grown = scaleFigure(otter, k);
    const grams = (b: Build, id: string) => weigh(pieceOf(b, id)!, blendOf(b, pieceOf(b, id)!)).paste.value;
    expect(grams(grown, 'body') / grams(otter, 'body')).toBeCloseTo(k ** 3, 3);
    expect(grams(grown, 'belly') / grams(otter, 'belly')).toBeCloseTo(k ** 3, 2);
    expect(grams(grown, 'scarf') / grams(otter, 'scarf')).toBeCloseTo(k ** 2, 3);
    const head = grams(grown, 'head') / grams(otter, 'head');
    expect(head).toBeGreaterThan(k ** 1.5);
    expect(head).toBeLessThan(k ** 2.2);
  });

  it('holds the whole figure in its extent', () => {
    const e = extent(otter);
    expect(e.left).toBeLessThan(-80);
    expect(e.right).toBeGreaterThan(80);
    expect(e.back).toBeGreaterThan(e.front);
  });
});

describe('weighing', () => {
  it('types grams and gets those grams, whatever the shape', () => {
    fc.assert(
      fc.property(anyBuild(4), fc.double({ min: 1, max: 400, noNaN: true }), (build, g) => {
        const piece = build.pieces[0]!;
        const done = setGrams(build, piece.id, g);
        if (!done.ok) return;
        const now = pieceOf(done.value, piece.id)!;
        const { paste } = weigh(now, blendOf(done.value, now));
        const { alike } = measure(now.form);
        // what is counted comes to the nearest one; nobody weighs a tenth of a pearl
        expect(Math.abs(paste.value - g), JSON.stringify(now.form)).toBeLessThan(
          alike !== undefined ? (3 * g) / alike + 0.1 : 0.05,
        );
      }),
      { numRuns: 60 },
    );
  });

  it('opens to a sum whose parts give the figure', () => {
    const body = weigh(pieceOf(otter, 'body')!, blendOf(otter, pieceOf(otter, 'body')!));
    const [volume, density] = body.paste.from!;
    expect(volume!.value * density!.value).toBeCloseTo(body.paste.value, 9);
    expect(body.ball.from).toContain(body.paste);
  });
});

describe('the paste list', () => {
  it('sums to the pieces and their stated waste, to 0.1 g, for any build', () => {
    fc.assert(
      fc.property(anyBuild(), (build) => {
        const list = pasteList(build);
        const covers = list
          .flatMap((b) => b.lines.filter((l) => l.cover))
          .reduce((g, l) => g + l.net.value, 0);
        const net = list.reduce((g, b) => g + b.net.value, 0) - covers;
        const pieces = build.pieces.reduce(
          (g, p) => g + weighIn(build, p).paste.value * multiplicity(build, p),
          0,
        );
        expect(Math.abs(net - pieces)).toBeLessThan(0.1);
        for (const b of list) {
          const bench = b.lines.reduce((g, l) => g + l.start.value, 0);
          for (const l of b.lines) {
            const { net, breakage, offcut, rolling, start } = l;
            expect(net.value + breakage.value + offcut.value + rolling.value).toBeCloseTo(start.value, 6);
            for (const part of [breakage, offcut, rolling]) expect(part.value).toBeGreaterThanOrEqual(-1e-9);
            expect(l.make).toBeGreaterThanOrEqual(l.number);
            if (l.cover) continue;
            const piece = pieceOf(build, l.piece)!;
            const shaped = weigh(piece, blendOf(build, piece)).paste.value * l.make;
            expect(net.value + breakage.value + offcut.value).toBeCloseTo(shaped, 6);
          }
          // as much as is used up and spare, or what the largest sheet is rolled from in one go
          const usedUp = bench * (1 + build.practice.spare / 100);
          const atOnce = b.lines.some((l) => l.sheet && l.sheet.rolled.value > usedUp - l.start.value);
          if (b.need.value > usedUp + 1e-6) expect(atOnce).toBe(true);
          else expect(b.need.value).toBeCloseTo(usedUp, 6);
          expect(b.mix.value).toBeGreaterThanOrEqual(b.need.value - 1e-9);
          const weighed = b.parts.filter((p) => !p.onTop);
          const lost = materialOf(b.blend.base).chocolate ? 1 - BOWL_LOSS / 100 : 1;
          expect(weighed.reduce((g, p) => g + p.grams.value, 0) * lost).toBeCloseTo(b.mix.value, 6);
          // as weighed out the parts still add up, to the step of the scale
          const whole = b.mix.value / lost;
          expect(Math.abs(weighed.reduce((g, p) => g + p.weigh, 0) - whole)).toBeLessThanOrEqual(0.5 + 1e-9);
          expect(b.ledger.reduce((g, l) => g + l.value, 0)).toBeCloseTo(b.mix.value, 6);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('moves exactly a piece’s grams when its colour changes', () => {
    const before = new Map(pasteList(otter).map((b) => [b.id, b.net.value]));
    const changed = value(setPiece(otter, 'scarf', { colour: 'cream' }));
    const after = new Map(pasteList(changed).map((b) => [b.id, b.net.value]));
    const grams = weigh(pieceOf(otter, 'scarf')!, blendOf(otter, pieceOf(otter, 'scarf')!)).paste.value;
    expect(before.get('thin-paste/scarf-red')! - after.get('thin-paste/scarf-red')!).toBeCloseTo(grams, 9);
    expect(after.get('thin-paste/cream')! - before.get('thin-paste/cream')!).toBeCloseTo(grams, 9);
  });
});

describe('changing a build', () => {
  it('never changes the build it was given', () => {
    const frozen = JSON.stringify(otter);
    addPiece(otter, 'ball', 'Button', 'body');
    setGrams(otter, 'body', 500);
    togglePair(otter, 'tail');
    removePiece(otter, 'body');
    reseat(otter, 'head', BOARD);
    expect(JSON.stringify(otter)).toBe(frozen);
  });

  it('adds, copies with what it carries, and removes with what stands on it', () => {
    const { build, id } = addPiece(otter, 'ball', 'Button', 'belly');
    expect(pieceOf(build, id)!.seat.on).toBe('belly');
    const copy = value(duplicatePiece(otter, 'head'));
    expect(carriedBy(copy.build, copy.id)).toHaveLength(carriedBy(otter, 'head').length);
    const { build: without, removed } = removePiece(otter, 'lantern-arm');
    expect(removed.map((p) => p.id)).toEqual([
      'lantern-arm',
      'lantern-paw',
      'lantern',
      'lantern-cap',
      'lantern-ring',
    ]);
    expect(without.rods.some((r) => r.from.on === 'lantern-arm' || r.to.on === 'lantern-arm')).toBe(false);
  });

  it('carries along what stands on a piece and the rods in it when it grows', () => {
    const grown = value(resize(otter, 'body', { height: pieceOf(otter, 'body')!.form.sizes.height! * 2 }));
    expect(pieceOf(grown, 'head')!.seat.at[2]).toBeCloseTo(pieceOf(otter, 'head')!.seat.at[2] * 2, 1);
    expect(grown.rods.find((r) => r.id === 'spine')!.from.at[2]).toBeCloseTo(
      otter.rods.find((r) => r.id === 'spine')!.from.at[2] * 2,
      1,
    );
  });

  it('re-seats a piece where it is, and refuses loops', () => {
    const where = (b: Build) => place(b).find((i) => i.piece.id === 'ears')!.frame.origin;
    const moved = value(reseat(otter, 'ears', 'body'));
    where(moved).forEach((x, k) => expect(x).toBeCloseTo(where(otter)[k]!, 0));
    expect(refusal(reseat(otter, 'body', 'nose'))).toMatch(/something that it carries/);
    expect(refusal(reseat(otter, 'body', 'body'))).toMatch(/itself/);
    expect(refusal(reseat(otter, 'body', 'gone'))).toMatch(/no such piece/);
  });

  it('nudges in the picture’s directions, whatever the carrier’s own', () => {
    const moved = value(nudge(otter, 'lantern', [4, 0, 0]));
    const at = (b: Build) => place(b).find((i) => i.piece.id === 'lantern')!.frame.origin;
    expect(at(moved)[0] - at(otter)[0]).toBeCloseTo(4, 1);
    expect(at(moved)[2] - at(otter)[2]).toBeCloseTo(0, 1);
  });

  it('orders pieces only so that carriers come first', () => {
    expect(refusal(reorder(otter, 'head', 'feet'))).toMatch(/Head cannot be built before Body/);
    const later = value(reorder(otter, 'feet', undefined));
    expect(later.pieces.at(-1)!.id).toBe('feet');
    fc.assert(
      fc.property(anyBuild(), (build) => {
        const ordered = inBuildingOrder([...build.pieces].reverse());
        ordered.forEach((p, i) => {
          if (p.seat.on !== BOARD) expect(ordered.findIndex((q) => q.id === p.seat.on)).toBeLessThan(i);
        });
      }),
      { numRuns: 30 },
    );
  });

  it('refuses what makes no sense, in a sentence', () => {
    expect(refusal(setForm(otter, 'body', { kind: 'ball', sizes: { diameter: -3 } }))).toMatch(/between/);
    expect(refusal(setGrams(otter, 'body', -5))).toMatch(/more than nothing/);
    expect(refusal(setPiece(otter, 'body', { count: 2.5 }))).toMatch(/whole number/);
    expect(refusal(setRoom(otter, { humidity: 140 }))).toMatch(/Humidity/);
    expect(refusal(setHours(otter, [{ day: 1, from: '20:00', to: '19:00' }]))).toMatch(
      /end after they begin/,
    );
  });

  it('makes readable names that are not taken', () => {
    expect(freshId('Left arm', [])).toBe('left-arm');
    expect(freshId('Left arm', [{ id: 'left-arm' }])).toBe('left-arm-2');
    expect(freshId('…', [])).toBe('piece');
    expect(freshId('Board', [])).toBe('board-2');
  });
});
