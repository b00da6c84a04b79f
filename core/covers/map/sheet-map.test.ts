import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bodyMesh,
  formBody,
  measure,
  SHAPES,
  startingForm,
  turned,
  type ShapeKind,
  type StackBody,
} from '../../solids/index.ts';
import { demoBuild } from '../../files/demo.testing.ts';
import { given } from '../../quantity/index.ts';
import { COVERINGS } from '../ways.ts';
import { takesOf, type Takes } from '../takes.ts';
import { skinOf, wayDown } from '../profile.ts';
import { sheetOver } from '../sheet.ts';
import { polarOver } from './polar.ts';
import { linesOver } from './lines.ts';
import { faceArea, refined, topOf } from './triangles.ts';
import { sheetMap, SHEET_STATES } from './sheet-map.ts';

const { gathered, draped } = COVERINGS;
const POWDERED = takesOf({ id: 'x', name: 'x', base: 'fondant', powder: 0.3, gumPaste: 0 });
const ball = (d: number) => formBody({ kind: 'ball', sizes: { diameter: d, press: 0 } }) as StackBody;
const share = (map: ReturnType<typeof sheetMap>, state: (typeof SHEET_STATES)[number]) => {
  let [all, of] = [0, 0];
  map.states.forEach((s, t) => {
    const area = faceArea(map.mesh, t);
    all += area;
    if (SHEET_STATES[s] === state) of += area;
  });
  return of / all;
};
/** Two balls over each other, with the neck between them. */
function twoBalls(d1: number, d2: number, apart: number): StackBody {
  const [R, r] = [d1 / 2, d2 / 2];
  const meet = R + (apart * apart + R * R - r * r) / (2 * apart);
  const of = (z: number) => (z < meet ? R * R - (z - R) ** 2 : r * r - (z - R - apart) ** 2);
  const top = R + apart + r;
  const levels = [...Array.from({ length: 90 }, (_, k) => (k * top) / 89), meet].sort((a, b) => a - b);
  return turned((z) => Math.sqrt(Math.max(0, of(z))), levels);
}

describe('distance over the skin', () => {
  it('over a ball is the radius times the angle, in every direction', () => {
    const mesh = bodyMesh(ball(100), 64);
    const { far, source } = polarOver(mesh, topOf(mesh));
    expect(mesh.points[3 * source + 2]).toBeCloseTo(100, 6);
    for (let i = 0; i < far.length; i++) {
      const angle = Math.acos(Math.max(-1, Math.min(1, (mesh.points[3 * i + 2]! - 50) / 50)));
      expect(Math.abs(far[i]! - 50 * angle)).toBeLessThan(0.6);
    }
  });

  it('is never shorter than straight through, and never longer than along the edges', () => {
    const kinds: readonly ShapeKind[] = ['ellipsoid', 'roundedBlock', 'egg', 'lathe'];
    for (const kind of kinds) {
      const mesh = refined(bodyMesh(formBody(startingForm(kind)), 16), 200);
      const from = topOf(mesh);
      const { far } = polarOver(mesh, from);
      const along = slowest(mesh, from);
      for (let i = 0; i < far.length; i++) {
        const through = Math.hypot(
          ...[0, 1, 2].map((k) => mesh.points[3 * i + k]! - mesh.points[3 * from + k]!),
        );
        expect(far[i]!).toBeGreaterThan(through - 1e-6);
        expect(far[i]!).toBeLessThan(along[i]! + 1e-6);
      }
    }
  });

  it('reaches as far on every side of a ball', () => {
    const mesh = refined(bodyMesh(ball(100), 40), 1000);
    const { reach } = linesOver(mesh, polarOver(mesh, topOf(mesh)), new Uint8Array(mesh.faces.length / 3));
    expect(Math.abs(Math.max(...reach) - 50 * Math.PI)).toBeLessThan(1.5);
    // a line may end one triangle before the far point
    for (const far of reach) expect(Math.abs(far - 50 * Math.PI)).toBeLessThan(10);
  });
});

/** Along the edges only, every corner tried until nothing gets shorter (Bellman and Ford). */
function slowest({ points, faces }: { points: Float64Array; faces: Uint32Array }, from: number): number[] {
  const far = Array.from({ length: points.length / 3 }, () => Infinity);
  far[from] = 0;
  for (let again = true; again;) {
    again = false;
    for (let t = 0; t < faces.length; t += 3)
      for (const [i, j] of [
        [0, 1],
        [1, 2],
        [2, 0],
        [1, 0],
        [2, 1],
        [0, 2],
      ] as const) {
        const [a, b] = [faces[t + i]!, faces[t + j]!];
        const d = far[a]! + Math.hypot(...[0, 1, 2].map((k) => points[3 * a + k]! - points[3 * b + k]!));
        if (d < far[b]! - 1e-12) [far[b], again] = [d, true];
      }
  }
  return far;
}

describe('a sheet on triangles', () => {
  it('over a 4 inch ball is what the closed forms say', () => {
    const map = sheetMap(ball(101.6), 3.5, gathered, POWDERED);
    const closed = sheetOver(
      wayDown(ball(101.6), 'under'),
      3.5,
      gathered,
      POWDERED,
      given('ρ', 1.38, 'g/cm³'),
    );
    expect((map.stays * 1.38) / 1000 / closed.stays.value).toBeCloseTo(1, 2);
    expect(map.reach / (closed.round.value / 2)).toBeGreaterThan(0.9);
    // θ ÷ sin θ, as far as the two borders of the closed form
    const [smooth, folds] = [closed.smooth.value, closed.folds.value].map(
      (s) => (1 - Math.cos(s / 50.8)) / 2,
    ) as [number, number];
    expect(Math.abs(share(map, 'smooth') - smooth)).toBeLessThan(0.03);
    expect(Math.abs(share(map, 'folds') - (1 - folds))).toBeLessThan(0.03);
    expect([map.torn, map.shown, map.says.length]).toEqual([0, 0, 0]);
    // t × (1 + e)² = 2 × 1.09²
    expect(map.leastThick).toBeCloseTo(2.376, 2);
  });

  it('rolled too thin shows on the top and nowhere else: thickness θ t ÷ ((1 + e)² sin θ)', () => {
    const map = sheetMap(ball(101.6), 2.2, gathered, POWDERED);
    expect(Math.abs(map.shown - 0.1)).toBeLessThan(0.03);
    expect(map.says.join()).toMatch(/On 1?\d % of its skin what is under it shows/);
    map.states.forEach((s, t) => {
      if (SHEET_STATES[s] !== 'shows') return;
      expect(map.mesh.points[3 * map.mesh.faces[3 * t]! + 2]!).toBeGreaterThan(50);
    });
  });

  it('on a turned body is never too small sideways, and what stays is less than what is rolled', () => {
    const size = fc.integer({ min: 30, max: 200 });
    fc.assert(
      fc.property(size, size, fc.double({ min: 0.2, max: 1, noNaN: true }), (foot, height, taper) => {
        const body = formBody({
          kind: 'truncatedCone',
          sizes: { foot, top: foot * taper, height },
        }) as StackBody;
        const map = sheetMap(body, 4, draped, POWDERED);
        expect(map.torn).toBe(0);
        const round = (2 * map.reach) / (1 + POWDERED.pull * 0.003);
        expect(map.stays).toBeLessThan((Math.PI / 4) * round * round * 4);
      }),
      { numRuns: 6 },
    );
  });

  it('twice as large and twice as thick is eight times the paste', () => {
    const even: Takes = { pull: 0, ease: 100, worked: 1000, hides: 0 };
    const at = (k: number) => sheetMap(ball(60 * k), 3 * k, gathered, even).stays;
    // the window is a length of the hand, and does not grow
    expect(at(2) / at(1) / 8).toBeCloseTo(1, 2);
  });
});

describe('hollows', () => {
  it('between two balls of 120 and 80, 80 apart: 77.5 mm across and 15 % longer, by two arcs over their tangent', () => {
    const { hollows, says } = sheetMap(twoBalls(120, 80, 80), 4, gathered, POWDERED);
    expect(Math.abs(hollows[0]!.across / 77.5 - 1)).toBeLessThan(0.02);
    expect(Math.abs(hollows[0]!.longer - 15.1)).toBeLessThan(1.5);
    expect(says.join()).toMatch(/press the sheet in there at once/);
    // marzipan takes 7 %
    const marzipan = takesOf({ id: 'x', name: 'x', base: 'marzipan', powder: 0, gumPaste: 0 });
    expect(sheetMap(twoBalls(120, 80, 80), 4, gathered, marzipan).says.join()).toMatch(
      /tears when it is pressed in later/,
    );
  });

  it('are found on no body that bulges everywhere', () => {
    for (const kind of ['ball', 'egg', 'cone', 'dome', 'rope', 'taperedRope', 'ellipsoid'] as const)
      expect(
        sheetMap(formBody(startingForm(kind)) as StackBody, 3, gathered, POWDERED).hollows,
        kind,
      ).toEqual([]);
  });
});

describe('how far a round has to reach', () => {
  const bodies = (): [string, StackBody][] => [
    ...Object.values(SHAPES)
      .filter((s) => s.coats)
      .map((s): [string, StackBody] => [s.kind, formBody(startingForm(s.kind as ShapeKind)) as StackBody])
      .filter(([, b]) => b.type === 'stack'),
    [
      'heart',
      (formBody(demoBuild('savoy-cabbage').pieces.find((p) => p.id === 'heart')!.form) as StackBody).core!
        .body as StackBody,
    ],
  ];
  it('is what its triangles say, whatever the body: never shorter, and at most a twelfth longer', () => {
    for (const [name, body] of bodies())
      for (const way of ['heart', 'roundedBlock', 'disc'].includes(name) ? [gathered, draped] : [gathered]) {
        const { reach } = sheetMap(body, 3, way, POWDERED);
        const told = wayDown(body, way.ends!).longest;
        expect(told / reach, `${name}, ${way.id}`).toBeGreaterThan(0.98);
        expect(told / reach, `${name}, ${way.id}`).toBeLessThan(1.08);
      }
  });
});

describe('the way down a body that is not turned', () => {
  it('covers the skin that is there, as its shape measures it', () => {
    for (const [kind, sizes] of [
      ['ellipsoid', { width: 90, depth: 50, height: 60 }],
      ['roundedBlock', { width: 80, depth: 50, height: 40, edge: 6 }],
    ] as const) {
      const form = { ...startingForm(kind), sizes: { ...startingForm(kind).sizes, ...sizes } };
      const down = wayDown(formBody(form) as StackBody, 'under');
      expect(skinOf(down) / measure(form).area, kind).toBeCloseTo(1, 1);
    }
  });

  it('a sheet over it stays as heavy as it does triangle by triangle', () => {
    const form = {
      ...startingForm('ellipsoid'),
      sizes: { ...startingForm('ellipsoid').sizes, width: 120, depth: 60, height: 70 },
    };
    const body = formBody(form) as StackBody;
    const { stays } = sheetOver(wayDown(body, 'under'), 4, gathered, POWDERED, given('ρ', 1.38, 'g/cm³'));
    expect(stays.value / ((sheetMap(body, 4, gathered, POWDERED).stays * 1.38) / 1000)).toBeCloseTo(1, 1);
  });
});
