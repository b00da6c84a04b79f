import { describe, expect, it } from 'vitest';
import { faceLaidOn, lobesOf, roundHead } from '../covers/index.ts';
import { reckonCake } from '../cutting/index.ts';
import { demoBuild, value } from '../files/demo.testing.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import type { Build, Piece } from '../record/index.ts';
import {
  areaOf,
  boxOf,
  carvingsOf,
  coversPainted,
  facePaper,
  layersPainted,
  lobePaper,
  pagesOf,
  templatesOf,
} from './index.ts';

const cakeOf = (form: Piece['form'], cake: Partial<Build['cake']> = {}): Build => ({
  ...blank,
  cake: { ...blank.cake, coatThickness: 3, layer: 50, fillingThickness: 0, ...cake },
  pieces: [{ ...plainPiece('head', form), core: 'cake' }],
});
/** A ball of cake, 142 across before its crumb coat, 136 carved. */
const ball = cakeOf({
  kind: 'ball',
  sizes: { diameter: 142, press: 0 },
  coat: { thickness: 4, under: true },
});
const [carving] = carvingsOf(ball);

describe('a cake that is carved', () => {
  it('a ball of 136: three layers of 50, tins 150, 150 and 125, two in five of it carved away', () => {
    expect(carving!.layers.map((l) => l.layer.tin)).toEqual([150, 150, 125]);
    // widest circle of each layer, by hand: a chord of the ball
    expect(carving!.layers.map((l) => Math.round(l.layer.circle))).toEqual([131, 136, 120]);
    const { baked, kept } = carving!.layers.reduce(
      (sum, { layer }) => ({ baked: sum.baked + layer.baked, kept: sum.kept + layer.kept }),
      { baked: 0, kept: 0 },
    );
    expect(Math.abs(1 - kept / baked - 0.446)).toBeLessThan(0.01);
    // what comes off in grams is that volume at the density of the cake
    const grams = carving!.layers.reduce((sum, l) => sum + l.waste.value, 0);
    const { density } = reckonCake(ball).gate!;
    expect(grams).toBeCloseTo((baked - kept) * density.value, 6);
  });

  it('each layer says what comes off its side: half the tin less the ball there', () => {
    const [low, middle, high] = carving!.layers;
    expect(middle!.off!.value).toBeCloseTo(75 - 68, 0);
    expect(low!.off!.value).toBeCloseTo(75 - 65.6, 0);
    expect(high!.off!.value).toBeCloseTo(62.5 - 60, 0);
    // the lowest goes in below, the highest above, the middle hardly
    expect(low!.undercut).toBeGreaterThan(high!.undercut);
    expect(high!.slope).toBeGreaterThan(low!.slope);
    expect(areaOf(middle!.outline) / ((Math.PI / 4) * 136 ** 2)).toBeCloseTo(1, 1);
  });

  it('the dome is left on a top that is carved round, and taken off a flat one: common practice', () => {
    expect(carving!.says.join()).toMatch(/Leave the dome on the top layer/);
    const flat = cakeOf({
      kind: 'rope',
      sizes: { diameter: 100, length: 96 },
      coat: { thickness: 4, under: false },
    });
    expect(carvingsOf(flat)[0]!.says.join()).not.toMatch(/dome/);
  });

  it('a shelf of cake an inch wide carries itself, and one of three does not: common practice', () => {
    expect(carving!.overhang.value).toBeGreaterThan(25.4);
    expect(carving!.overhang.value).toBeLessThan(3 * 25.4);
    const foot = cakeOf({
      kind: 'truncatedCone',
      sizes: { foot: 60, top: 300, height: 100 },
      coat: { thickness: 4, under: false },
    });
    expect(carvingsOf(foot)[0]!.layers[0]!.warns.join()).toMatch(/hangs free and cracks/);
    expect(carving!.layers.flatMap((l) => l.warns)).toEqual([]);
  });

  it('what is missing at the top and no more than a filling is made up in cream', () => {
    const tall = (height: number) =>
      carvingsOf(
        cakeOf(
          { kind: 'rope', sizes: { diameter: 100, length: height }, coat: { thickness: 4, under: false } },
          { layer: 40, fillingThickness: 4 },
        ),
      )[0]!;
    // three layers and two fillings stand 128 mm; carved it is 3 mm less than its core
    expect(tall(131).layers).toHaveLength(3);
    expect(tall(134).layers).toHaveLength(3);
    expect(tall(134).says.join()).toMatch(/last 3 mm at the top are made up in cream/);
    expect(tall(137).layers).toHaveLength(4);
  });

  it('a stick goes through the layers it stands in, where it stands', () => {
    const build: Build = {
      ...ball,
      rods: [
        {
          id: 'pole',
          name: 'Pole',
          stock: 'dowel6',
          from: { on: 'board', at: [10, -5, 0] },
          to: { on: 'head', at: [10, -5, 90] },
          bends: [],
          pair: false,
        } as never,
      ],
    };
    const holes = carvingsOf(build)[0]!.layers.map((l) => l.holes.map((h) => [h.name, ...h.at]));
    expect(holes[0]).toEqual([['Pole', 10, -5]]);
    expect(holes[1]).toHaveLength(1);
    expect(holes[2]).toEqual([]);
    const paper = templatesOf(build).find((t) => t.name === 'head, layer 1')!;
    // the hole is on the paper, as large as the stick
    const box = boxOf([paper.rings.at(-1)!]);
    expect([box.wide, box.tall].map(Math.round)).toEqual([6, 6]);
    expect(paper.steps!.join(' ')).toMatch(/A hole of 6 mm for the pole/);
  });

  it('has a paper for each layer, and the papers have room for what is said', () => {
    const names = templatesOf(demoBuild('savoy-cabbage')).map((t) => t.name);
    expect(names.filter((n) => /^Heart, layer/.test(n))).toHaveLength(4);
    const pages = value(pagesOf(templatesOf(ball), 'Ball', { paper: 'A4', measured: 100 }));
    const said = pages.flatMap((p) => p.marks.flatMap((m) => (m.kind === 'words' ? [m.text] : [])));
    expect(said.join(' ')).toMatch(/off its side/);
  });
});

describe('on the stage', () => {
  it('each layer is drawn as its tin bakes it, over the one below', () => {
    const marked = layersPainted(ball, carvingsOf(ball), 'front');
    expect(marked.map((m) => m.says)).toEqual(['layer 1', 'layer 2', 'layer 3']);
    const boxes = marked.map((m) => boxOf(m.outlines as never));
    expect(boxes.map((x) => Math.round(x.wide))).toEqual([150, 150, 125]);
    // paste and cream lie under the foot
    expect(boxes.map((x) => Math.round(x.low))).toEqual([7, 57, 107]);
    expect(layersPainted(ball, carvingsOf(ball), 'side')).toHaveLength(3);
  });

  it('a cover is painted where it is pushed together, below that where it folds, and on top where it shows', () => {
    const skin = (coat: number): Build => ({
      ...blank,
      pieces: [plainPiece('head', { kind: 'skinOverBall', sizes: { core: 100, coat } })],
    });
    const zones = coversPainted(skin(4), 'front');
    expect(zones.map((z) => z.kind)).toEqual(['gathers', 'folds']);
    const [gathers, folds] = zones.map((z) => boxOf(z.outlines as never));
    expect(gathers!.low).toBeCloseTo(folds!.low + folds!.tall, 0);
    // too thin to hide what is under it: the top of it
    const thin = coversPainted(skin(2), 'front').find((z) => z.kind === 'shows')!;
    const box = boxOf(thin.outlines as never);
    expect(box.low + box.tall).toBeCloseTo(104, 0);
  });
});

describe('papers made on the side', () => {
  const head = plainPiece('head', { kind: 'ball', sizes: { diameter: 100, press: 0 } });

  it('a lobe is cut twice; a face is pricked through where it was reckoned', () => {
    const lobe = lobePaper(head, lobesOf(100, 34));
    expect([lobe.number, Math.round(lobe.wide)]).toEqual([2, Math.round(Math.PI * 100 - 34)]);
    const face = faceLaidOn(roundHead(50, 50, 50), 1);
    const paper = facePaper(head, face);
    const eyes = face.places.filter((p) => / eye$/.test(p.name));
    const middles = paper.rings.slice(-2).map((r) => {
      const { left, wide } = boxOf([r]);
      return left + wide / 2;
    });
    expect(middles[1]! - middles[0]!).toBeCloseTo(eyes[1]!.on[0] - eyes[0]!.on[0], 1);
    expect(value(pagesOf([lobe, paper], 'Head', { paper: 'A4', measured: 100 })).length).toBeGreaterThan(0);
  });
});
