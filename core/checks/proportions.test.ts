// Proportions against the usual drawing canons and typical bodies (sizes from memory), straightening of pictures
// against worked homographies, and the powers by which things grow (Galileo: volume by the cube).
import { describe, expect, it } from 'vitest';
import { blank, plainPiece } from '../record/blank.testing.ts';
import {
  heightInPose,
  landmarks,
  layOut,
  height,
  lengthOnPhoto,
  SCHEMES,
  schemeOf,
  straighten,
  scaleFigure,
  blendOf,
  checkScheme,
  JOINTS,
  LIMBS,
  figureParts,
  weigh,
} from '../figure/index.ts';
import { readRatios, splitByDiameter, weighTogether, chopLength, ballWindow } from '../paste-list/index.ts';
import { type Build } from '../record/index.ts';
import { checkForm, measure, type Form } from '../solids/index.ts';

const volumeOf = (id: string, H: number) =>
  figureParts(schemeOf(id)!, H, 'standing').reduce(
    (v, p) => v + measure(p.form).volume * (p.pair || p.name === 'Leg' || p.name === 'Hand' ? 2 : 1),
    0,
  ) / 1000;

describe('schemes', () => {
  it('legs two thirds of what is below the head, or of the whole; never of a three-heads figure', () => {
    expect(schemeOf('stylised-3-long-legs')!.legs).toBeCloseTo(0.44444444, 7);
    expect(schemeOf('stylised-3-long-legs')!.torso).toBeCloseTo(0.22222222, 7);
    expect(schemeOf('long-legs-two-thirds')!.torso).toBeCloseTo(0.14666667, 7);
    const impossible = { ...schemeOf('stylised-3-long-legs')!, legs: 2 / 3, torso: 0 };
    expect(checkScheme(impossible).ok).toBe(false);
    for (const s of SCHEMES) expect(checkScheme(s).ok, s.id).toBe(true);
  });

  // cm³ at 150 mm: component models by hand, egg head, prismoidal torso
  it.each([
    ['stylised-2', 277.1],
    ['stylised-2.5', 172.5],
    ['stylised-3-long-legs', 101.3],
    ['long-legs-two-thirds', 28.6],
    ['toddler-4', 69.5],
    ['child-5.5', 45.9],
    ['child-6.5', 39.8],
    ['adult-7.5', 43.9],
    ['adult-8', 43.2],
  ])('%s holds %f cm³ at 150 mm', (id, cm3) => {
    // hands are never made smaller than can be cut, and a neck is let in: a few hundredths more
    expect(Math.abs(volumeOf(id, 150) / cm3 - 1)).toBeLessThan(0.03);
  });

  // body mass over height cubed, density 1.0; typical sizes from memory
  it.each([
    ['adult-7.5', 1750, 70],
    ['child-6.5', 1380, 32],
    ['child-5.5', 1160, 20.7],
    ['toddler-4', 820, 10.9],
  ])('%s of %f mm is as heavy as a person of %f kg, within a twentieth', (id, mm, kg) => {
    expect(Math.abs(volumeOf(id, mm) / 1000 / kg - 1)).toBeLessThan(0.06);
  });

  it('eight heads: the crotch is half way', () => {
    expect(landmarks(schemeOf('adult-8')!, 200)[4]).toEqual({ name: 'crotch', z: 100 });
  });

  it('joints of a grown person fit together: thigh, shank and ankle make the hip, arm and hand reach the fingertip', () => {
    expect(LIMBS.thigh + LIMBS.shank + JOINTS.ankle).toBeCloseTo(JOINTS.hip, 6);
    expect(JOINTS.shoulder - LIMBS.upperArm - LIMBS.forearm).toBeCloseTo(JOINTS.wrist, 2);
    expect(JOINTS.wrist - LIMBS.hand).toBeCloseTo(JOINTS.fingertip, 6);
    const marks = landmarks(schemeOf('adult-7.5')!, 1000);
    expect(marks.find((m) => m.name === 'knee')!.z).toBeCloseTo(285, 6);
    // levels fall from crown to sole
    for (const s of SCHEMES) {
      const z = landmarks(s, 200).map((m) => m.z);
      expect([...z].sort((a, b) => b - a)).toEqual(z);
    }
  });

  // the ball of each in mm, whatever the paste: the same component model by hand
  it.each([
    ['stylised-3-long-legs', 150, 'Head', 46.6],
    ['stylised-3-long-legs', 150, 'Torso', 35.7],
    ['stylised-3-long-legs', 150, 'Leg', 25.0],
    ['stylised-3-long-legs', 150, 'Foot', 13.2],
    ['stylised-3-long-legs', 150, 'Arm', 17.3],
    ['stylised-3-long-legs', 150, 'Hand', 5.4],
    ['adult-7.5', 200, 'Head', 20.5],
    ['adult-7.5', 200, 'Torso', 48.0],
    ['adult-7.5', 200, 'Leg', 29.2],
    ['adult-7.5', 200, 'Foot', 17.9],
    ['adult-7.5', 200, 'Arm', 20.1],
    ['adult-7.5', 200, 'Hand', 9.7],
  ] as const)('%s of %f mm: the %s starts from a ball of %f mm', (id, H, name, ball) => {
    const part = figureParts(schemeOf(id)!, H, 'standing').find((p) => p.name === name)!;
    expect(Math.abs(Math.cbrt((6 * measure(part.form).volume) / Math.PI) - ball)).toBeLessThan(0.12);
  });

  it.each(['standing', 'sitting', 'kneeling'] as const)(
    'lays out a whole figure %s, as tall as it should be',
    (pose) => {
      for (const s of SCHEMES) {
        const laid = layOut(blank, s, 200, pose);
        expect(laid.ok).toBe(true);
        if (!laid.ok) return;
        for (const p of laid.value.pieces)
          expect(checkForm(p.form), `${s.id} ${p.name}`).toMatchObject({ ok: true });
        expect(Math.abs(height(laid.value) / heightInPose(s, 200, pose) - 1), `${s.id} ${pose}`).toBeLessThan(
          0.05,
        );
      }
    },
  );
});

describe('from a picture', () => {
  const mm = (px: number, more: object = {}, known: object = {}) => {
    const r = lengthOnPhoto({ mm: 250, px: 500, ...known }, px, more);
    return r.ok ? r.value : { mm: NaN, error: NaN };
  };
  it('measures in the plane of the known length, behind it and turned from it', () => {
    expect(mm(300).mm).toBe(150);
    expect(mm(300, { camera: 1000, behind: 100 }).mm).toBeCloseTo(165, 9);
    expect(mm(300, { tilt: 60 }).mm).toBeCloseTo(300, 9);
    expect(lengthOnPhoto({ mm: 250, px: 500 }, 300, { tilt: 85 }).ok).toBe(false);
  });
  it('says how sure it is', () => {
    const r = mm(300, {}, { mmError: 1, pxError: 2 });
    expect(r.error).toBeCloseTo(150 * Math.hypot(1 / 250, 2 / 500, 1.5 / 300), 9);
  });
  it('straightens four corners', () => {
    const flat = [
      [0, 0],
      [297, 0],
      [297, 210],
      [0, 210],
    ] as const;
    const found = straighten(
      [
        [100, 100],
        [500, 120],
        [480, 420],
        [90, 400],
      ],
      flat,
    );
    expect(found.ok).toBe(true);
    if (!found.ok) return;
    const [x, y] = found.value([300, 260]);
    expect(x).toBeCloseTo(154.2497, 3);
    expect(y).toBeCloseTo(103.4091, 3);
    for (const [i, corner] of [
      [100, 100],
      [500, 120],
      [480, 420],
      [90, 400],
    ].entries())
      expect(found.value(corner as [number, number])[0]).toBeCloseTo(flat[i]![0], 6);
    expect(
      straighten(
        [
          [0, 0],
          [1, 1],
          [2, 2],
          [0, 5],
        ],
        [
          [0, 0],
          [1, 0],
          [1, 1],
          [0, 1],
        ],
      ).ok,
    ).toBe(false);
  });
});

describe('ball first', () => {
  const grams = (ratios: number[]) => {
    const r = splitByDiameter(14, ratios, 1.3);
    return r.ok ? r.value : [];
  };
  it('splits one total: a pair, a cluster two to one to one, seven equal', () => {
    expect(grams([1, 1])[0]).toMatchObject({ grams: 7 });
    expect(grams([1, 1])[0]!.ball).toBeCloseTo(21.7463, 4);
    expect(grams([2, 1, 1]).map((p) => Number(p.grams.toFixed(4)))).toEqual([11.2, 1.4, 1.4]);
    expect(grams([2, 1, 1])[0]!.ball).toBeCloseTo(25.43463, 4);
    expect(grams([1, 1, 1, 1, 1, 1, 1])[0]!.ball).toBeCloseTo(14.32285, 4);
    expect(splitByDiameter(0, [1], 1.3).ok).toBe(false);
    expect(splitByDiameter(14, [], 1.3).ok).toBe(false);
  });
  it('reads ratios as people write them', () => {
    expect(readRatios('3 equal')).toEqual({ ok: true, value: [1, 1, 1] });
    expect(readRatios('2 : 1 : 1')).toEqual({ ok: true, value: [2, 1, 1] });
    expect(readRatios('some').ok).toBe(false);
  });
  it('weighs small ones together, chops a rope, knows the window of a ball', () => {
    expect(weighTogether(0.018, 0.1)).toBe(112);
    expect(weighTogether(14, 0.1)).toBe(1);
    expect(chopLength(14, 20, 1.3)).toBeCloseTo(34.279526, 5);
    expect(ballWindow(14, 0.5, 1.3).map((x) => Number(x.toFixed(5)))).toEqual([27.06848, 27.72099]);
  });
});

describe('twice as tall', () => {
  const piece = (form: Form): Build => ({ ...blank, pieces: [plainPiece('p', form)] });
  const grown = (form: Form) => {
    const one = piece(form);
    const two = scaleFigure(one, 2);
    const g = (b: Build) => weigh(b.pieces[0]!, blendOf(b, b.pieces[0]!)).paste.value;
    return { grams: g(two) / g(one), form: two.pieces[0]!.form };
  };
  it('solid grams by eight, a thin coat by four, a sheet by four with its thickness by one', () => {
    expect(grown({ kind: 'egg', sizes: { diameter: 40, height: 60 } }).grams).toBeCloseTo(8, 6);
    const coat = grown({
      kind: 'ball',
      sizes: { diameter: 200, press: 0 },
      coat: { thickness: 1, under: true },
    });
    expect(coat.grams).toBeCloseTo(4, 1);
    expect(coat.form.coat!.thickness).toBe(1);
    const sheet = grown({ kind: 'sheet', sizes: { width: 40, height: 50, thickness: 2 }, outline: 'oval' });
    expect(sheet.grams).toBeCloseTo(4, 6);
    expect(sheet.form.sizes.thickness).toBe(2);
  });
  it('pearls along a line by two, scales over an area by four: the small ones keep their size', () => {
    expect(grown({ kind: 'pearls', sizes: { length: 400, pearl: 4, gap: 0, rows: 1 } }).grams).toBeCloseTo(
      2,
      1,
    );
    const scales = {
      width: 60,
      height: 80,
      wide: 12,
      long: 18,
      visible: 8,
      overlap: 20,
      thickness: 1,
      lift: 10,
    };
    expect(grown({ kind: 'scales', sizes: scales }).grams).toBeCloseTo(4, 1);
  });
});
