// Worked values of solids: mensuration formulas of any handbook (Bronshtein & Semendyayev), surface of the triaxial
// ellipsoid (DLMF 19.33.1), Pappus for bent ropes and rings, Steiner for rounded blocks and coats. The numbers were
// worked out apart from this project and agree with the integration of triangles.
import { describe, expect, it } from 'vitest';
import {
  amplitudeFor,
  ballFromMass,
  ballOverlap,
  bentLengths,
  bodyMesh,
  checkForm,
  coatOnTier,
  coatVolume,
  evenStitches,
  flounceCut,
  formBody,
  formOfVolume,
  lyingContact,
  massOfBall,
  measure,
  measureMesh,
  ovalArea,
  pearlsInRow,
  pearlsOnArea,
  pressedFace,
  scalesOnArea,
  sineFullness,
  stickHole,
  strandsOnArea,
  thinnedFullness,
  type Form,
  type ShapeKind,
} from '../solids/index.ts';
import { halfSpheroidArea } from '../solids/spheroid.ts';

const form = (kind: ShapeKind, sizes: Record<string, number>, more: Partial<Form> = {}): Form => ({
  kind,
  sizes,
  ...more,
});
const refusal = (f: Form) => {
  const r = checkForm(f);
  return r.ok ? '' : r.problem.text;
};

describe('volume, surface, balance point', () => {
  it.each<[Form, number, number, number]>([
    [form('ball', { diameter: 38, press: 0 }), 28730.912, 4536.46, 19],
    [form('ellipsoid', { width: 40, depth: 30, height: 60 }), 37699.112, 5781.205, 30],
    [form('dome', { diameter: 40, height: 20 }), 16755.161, 3769.911, 7.5],
    [form('dome', { diameter: 40, height: 10 }), 6806.784, 2827.433, 3.4615],
    [form('teardrop', { diameter: 30, length: 60 }), 18849.556, 3769.911, 20],
    [form('cone', { diameter: 40, height: 50 }), 20943.951, 4640.236, 12.5],
    [form('truncatedCone', { foot: 40, top: 24, height: 50 }), 41050.144, 6799.508, 20.9184],
    [form('rope', { diameter: 12, length: 80 }), 9047.787, 3242.124, 40],
    [form('taperedRope', { foot: 20, tip: 8, length: 90 }), 14721.393, 4092.338, 33.7389],
    [
      form('bentRope', { diameter: 12, first: 40, second: 55, bend: 15, angle: 180 }),
      16073.833,
      5584.139,
      42.0219,
    ],
    [form('disc', { diameter: 40, thickness: 10 }), 11293.284, 3208.317, 5],
    [form('roundedBlock', { width: 50, depth: 30, height: 12, edge: 4 }), 16822.135, 4270.088, 6],
    [form('ring', { across: 60, rope: 14 }), 29016.637, 8290.468, 7],
  ])('%j', (f, volume, area, centre) => {
    const m = measure(f);
    expect(m.volume).toBeCloseTo(volume, 2);
    expect(m.area).toBeCloseTo(area, 2);
    expect(m.centre).toBeCloseTo(centre, 3);
  });

  it('an ellipsoid of semi-axes 1, 2, 3 has a surface of 48.8822 (published)', () => {
    expect(measure(form('ellipsoid', { width: 2, depth: 4, height: 6 })).area).toBeCloseTo(48.882146, 5);
  });

  it('an egg with its widest circle at 0.4 has the surface of two half spheroids', () => {
    expect(halfSpheroidArea(20, 24) + halfSpheroidArea(20, 36)).toBeCloseTo(6781.813, 2);
  });

  it('paste kept when a ball is pressed flat, and the face it stands on', () => {
    const pressed = form('ball', { diameter: 38, press: 3 });
    expect(measure(pressed).volume).toBeCloseTo(28730.912, 2);
    expect(measure(pressed).height).toBe(35);
    expect(pressedFace(38, 3)).toBeCloseTo(329.86723, 4);
    expect(measureMesh(bodyMesh(formBody(pressed), 128)).volume / 28730.912).toBeCloseTo(1, 2);
  });

  it('sheets: 40 × 30 × 3 with a hole of 10 × 10, strips, ruffles', () => {
    const square = (x: number, z: number, w: number, h: number) =>
      [
        [x, z, 1],
        [x + w, z, 1],
        [x + w, z + h, 1],
        [x, z + h, 1],
      ] as const;
    const holed = form(
      'sheet',
      { width: 40, height: 30, thickness: 3 },
      { curves: { edge: square(0, 0, 4, 3), hole1: square(1, 1, 1, 1) } },
    );
    expect(measure(holed).volume).toBeCloseTo(3300, 6);
    expect(measure(holed).area).toBeCloseTo(2740, 6);
    expect(measureMesh(bodyMesh(formBody(holed))).volume).toBeCloseTo(3300, 6);
    expect(measure(form('strip', { length: 120, width: 15, thickness: 2 })).volume).toBe(3600);
    expect(measure(form('ruffle', { length: 200, width: 30, thickness: 1.5, fullness: 2.5 })).cutLength).toBe(
      500,
    );
  });

  it('gathers: a sine wave and the arch of a flounce', () => {
    expect(sineFullness(5, 20)).toBeCloseTo(1.4636955, 6);
    expect(amplitudeFor(2.5, 20)).toBeCloseTo(11.075516, 5);
    const cut = flounceCut(200, 40, 1.8);
    expect(cut).toMatchObject({ pieces: 1 });
    expect([cut.inner, cut.outer, cut.angle, cut.area].map((x) => Number(x.toFixed(4)))).toEqual([
      50, 90, 229.1831, 11200,
    ]);
    expect(thinnedFullness(2, 0.8)).toBe(2.5);
  });

  it('a hand of 40 mm', () => {
    const m = measure(form('paddleHand', { length: 40 }));
    expect(m.volume).toBeCloseTo(3011.9397, 0);
    expect(Math.cbrt((6 * m.volume) / Math.PI)).toBeCloseTo(17.917712, 2);
  });

  it('a bent rope is rolled as long as its middle line', () => {
    const l = bentLengths({ diameter: 12, first: 40, second: 55, bend: 15, angle: 180 });
    expect(l.roll).toBeCloseTo(142.1239, 3);
    expect(l.outer).toBeCloseTo(160.9734, 3);
    expect(l.inner).toBeCloseTo(123.2743, 3);
    expect(measure(form('ring', { across: 60, rope: 14 })).cutLength).toBeCloseTo(188.49556, 4);
  });
});

describe('coats', () => {
  it('Steiner over a cone, a cylinder and a box', () => {
    const over = (f: Form) => measure({ ...f, coat: { thickness: 5, under: true } }).volume;
    expect(over(form('cone', { diameter: 50, height: 60 }))).toBeCloseTo(44438.327, 1);
    expect(over(form('rope', { diameter: 50, length: 60 }))).toBeCloseTo(78163.334, 1);
    expect(coatVolume(2 * (40 * 30 + 30 * 20 + 40 * 20), Math.PI * 90, 5)).toBeCloseTo(33592.182, 2);
    // the same box with its curvature found from triangles
    expect(over(form('roundedBlock', { width: 40, depth: 30, height: 20, edge: 0 })) / 33592.182).toBeCloseTo(
      1,
      3,
    );
  });

  it('over a ball it is the skin over a ball, and over a tier with a square edge nothing lies underneath', () => {
    const skin = measure(form('skinOverBall', { core: 50, coat: 4 })).volume;
    expect(skin).toBeCloseTo(36710.557, 2);
    const coat = measure(
      form('ball', { diameter: 50, press: 0 }, { coat: { thickness: 4, under: true } }),
    ).volume;
    expect(coat).toBeCloseTo(skin, 4);
    expect(coatOnTier(150, 100, 5)).toBeCloseTo(344004.4, 1);
    // with the edge rounded, less by its corner: (1 − π ÷ 4) t² round the rim, to a hundredth
    const tier = measure(
      form('rope', { diameter: 150, length: 100 }, { coat: { thickness: 5, under: false } }),
    );
    const corner = (1 - Math.PI / 4) * 25 * Math.PI * 158;
    expect(tier.volume / (coatOnTier(150, 100, 5) - corner)).toBeCloseTo(1, 2);
  });

  it('equal balls of paste and foam give a coat of 0.13 of the diameter (common practice)', () => {
    const found = formOfVolume(form('skinOverBall', { core: 100, coat: 5 }), (Math.PI * 100 ** 3) / 6);
    expect(found.ok && found.value.sizes.coat).toBeCloseTo(12.99605, 3);
  });
});

describe('many small ones', () => {
  it('counts', () => {
    expect(ovalArea(40, 15)).toBeCloseTo(411.03396, 4);
    expect(pearlsInRow(300, 5, 0.5)).toBe(54);
    expect(pearlsInRow(300, 5, 0.5, true)).toBe(55);
    expect(pearlsOnArea(10000, 5)).toBe(461);
    expect(evenStitches(200, 7, false)).toEqual({ marks: 30, pitch: 200 / 29 });
    expect(evenStitches(200, 7, true)).toEqual({ marks: 29, pitch: 200 / 29 });
    const scales = scalesOnArea(20000, 12, 18, 8, 0.2);
    expect(scales.number).toBe(261);
    expect(scales.layers).toBeCloseTo(2.8125, 9);
    expect(strandsOnArea(12000, 3, 60, 0.5, 1.5)).toBe(200);
  });

  it('volumes of one strand: cone, rope, pointed leaf', () => {
    const one = (tip: number) => {
      const m = measure(
        form('strands', { width: 2, height: 2, strand: 4, tip, long: 40, layers: 0.1, lift: 0 }),
      );
      return m.volume / m.alike!;
    };
    expect(one(0)).toBeCloseTo(167.55161, 4);
    expect(one(4)).toBeCloseTo(502.65482, 4);
    const pearls = measure(form('pearls', { length: 500, pearl: 5, gap: 0, rows: 1 }));
    expect(pearls.alike).toBe(100);
    expect(pearls.volume).toBeCloseTo(6544.9847, 3);
  });

  it('two balls overlap in a lens, a stick leaves its hole', () => {
    expect(ballOverlap(40, 30, 23)).toBeCloseTo(3383.0855, 3);
    expect(ballOverlap(10, 10, 10)).toBe(0);
    expect(ballOverlap(30, 10, 5)).toBeCloseTo(523.59878, 4);
    expect(stickHole(4, 40)).toBeCloseTo(502.65482, 4);
    expect(lyingContact(12, 80, 1)).toBeCloseTo(530.65997, 4);
  });
});

describe('what a ball of 38 mm becomes', () => {
  const ball = massOfBall(38, 1) * 1000;
  const becomes = (f: Form, key: string) => {
    const found = formOfVolume(f, ball);
    return found.ok ? found.value.sizes[key] : found.problem.text;
  };
  it.each<[string, Form, string, number]>([
    ['rope of 10 mm', form('rope', { diameter: 10, length: 50 }), 'length', 365.81333],
    [
      'sheet 3 mm thick',
      form('sheet', { width: 50, height: 50, thickness: 3 }, { outline: 'rectangle' }),
      'width',
      97.861998,
    ],
    ['half ball', form('dome', { diameter: 40, height: 20 }), 'diameter', 47.877],
  ])('%s', (_, f, key, value) => {
    expect(becomes(f, key)).toBeCloseTo(value, 2);
  });

  it('cone, egg and ring by their closed formulas', () => {
    expect(measure(form('cone', { diameter: 20, height: 274.36 })).volume).toBeCloseTo(ball, 0);
    expect(measure(form('egg', { diameter: 30, height: 60.968889 })).volume).toBeCloseTo(ball, 2);
    expect(measure(form('ring', { across: 60, rope: 13.930901 })).volume).toBeCloseTo(ball, 2);
    // half of a ball, and a ball with two small ones kneaded in
    expect(ballFromMass(massOfBall(38, 1.3) / 2, 1.3)).toBeCloseTo(30.16062, 5);
    expect(ballFromMass(massOfBall(38, 1.3) + 2 * massOfBall(20, 1.3), 1.3)).toBeCloseTo(41.383279, 5);
  });

  it('35 g: 38 mm only at 1.218 g/cm³, 37.2 mm at 1.30', () => {
    expect(ballFromMass(35, 1.3)).toBeCloseTo(37.185648, 5);
    expect(ballFromMass(35, 1.218)).toBeCloseTo(38.002081, 5);
    expect(massOfBall(38, 1.3)).toBeCloseTo(37.350186, 5);
  });

  it.each([
    [0.1, [5.4, 5.3, 5.3, 5.2, 5.1, 5.1]],
    [1, [11.7, 11.5, 11.4, 11.2, 11.1, 11]],
    [14, [28.1, 27.8, 27.4, 27.1, 26.7, 26.4]],
    [100, [54.2, 53.5, 52.8, 52.1, 51.5, 50.9]],
    [1000, [116.8, 115.2, 113.7, 112.3, 110.9, 109.6]],
  ] as const)('%f g as a ball, by density', (g, balls) => {
    [1.2, 1.25, 1.3, 1.35, 1.4, 1.45].forEach((rho, i) => {
      expect(ballFromMass(g, rho).toFixed(1)).toBe(balls[i]!.toFixed(1));
    });
  });
});

describe('what cannot be made is refused by name', () => {
  it.each<[string, Form, RegExp]>([
    ['nothing', form('ball', { diameter: 0, press: 0 }), /has to be between/],
    ['no number', form('ball', { diameter: NaN, press: 0 }), /has no size/],
    [
      'a teardrop as long as wide',
      form('teardrop', { diameter: 30, length: 30 }),
      /longer than it is across/,
    ],
    ['a ring without a hole', form('ring', { across: 10, rope: 12 }), /no hole left/],
    [
      'a bend too tight',
      form('bentRope', { diameter: 12, first: 10, second: 10, bend: 5, angle: 180 }),
      /fold over itself/,
    ],
    [
      'a block too round',
      form('roundedBlock', { width: 10, depth: 10, height: 4, edge: 3 }),
      /half the smallest side/,
    ],
    ['a rope too short', form('taperedRope', { foot: 10, tip: 5, length: 9 }), /longer than its thicker end/],
    [
      'fullness under one',
      form('ruffle', { length: 10, width: 5, thickness: 1, fullness: 0.9 }),
      /“fullness” has to be between 1 and 6, not/,
    ],
    [
      'an outline that crosses itself',
      form(
        'sheet',
        { width: 9, height: 9, thickness: 2 },
        {
          curves: {
            edge: [
              [0, 0, 1],
              [10, 10, 1],
              [10, 0, 1],
              [0, 10, 1],
            ],
          },
        },
      ),
      /crosses itself/,
    ],
    [
      'an outline without area',
      form(
        'sheet',
        { width: 9, height: 9, thickness: 2 },
        {
          curves: {
            edge: [
              [0, 0, 1],
              [1, 1, 1],
              [2, 2, 1],
            ],
          },
        },
      ),
      /no area/,
    ],
    [
      'a hole over the edge',
      form(
        'sheet',
        { width: 9, height: 9, thickness: 2 },
        {
          curves: {
            edge: [
              [0, 0, 1],
              [4, 0, 1],
              [4, 4, 1],
              [0, 4, 1],
            ],
            hole1: [
              [3, 3, 1],
              [6, 3, 1],
              [6, 6, 1],
            ],
          },
        },
      ),
      /reaches over the edge/,
    ],
    [
      'a profile that turns back',
      form(
        'lathe',
        { diameter: 9, height: 9 },
        {
          curves: {
            profile: [
              [0.2, 0],
              [0.5, 1],
              [0.2, 0.5],
            ],
          },
        },
      ),
      /without turning back/,
    ],
    [
      'a coat over a sheet',
      form(
        'sheet',
        { width: 9, height: 9, thickness: 2 },
        { outline: 'oval', coat: { thickness: 3, under: true } },
      ),
      /cannot be the core/,
    ],
    [
      'a file that was never read',
      form('imported', { width: 9, depth: 9, height: 9 }),
      /read it from its file/,
    ],
  ])('%s', (_, f, says) => {
    expect(refusal(f)).toMatch(says);
  });

  it('a rope of 12 mm bent over 15 mm cracks: 40 % stretch', () => {
    const bend = form('bentRope', { diameter: 12, first: 40, second: 40, bend: 15, angle: 180 });
    expect(refusal(bend)).toBe('');
  });
});
