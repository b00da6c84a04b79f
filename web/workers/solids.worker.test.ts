import { createRequire } from 'node:module';
import { describe, expect, it, vi } from 'vitest';
import { blank, plainPiece } from '@core/record/blank.testing.ts';
import { type Build } from '@core/record/index.ts';
import type { SolidsApi } from './solids.worker.ts';

/** The worker's own functions, taken where it would hand them to the page. */
let api!: SolidsApi;
vi.mock('comlink', () => ({ expose: (given: SolidsApi) => (api = given) }));
vi.mock('manifold-3d/manifold.wasm?url', () => ({
  default: createRequire(import.meta.url).resolve('manifold-3d/manifold.wasm'),
}));
await import('./solids.worker.ts');

const ball = (id: string, x: number, diameter = 40) => ({
  ...plainPiece(id, { kind: 'ball', sizes: { diameter, press: 0 } }, { at: [x, 0, 0] }),
});
const balls = (...at: number[]): Build => ({ ...blank, pieces: at.map((x, i) => ball(`b${i}`, x)) });
const near = (value: number, expected: number, share = 0.02) =>
  expect(Math.abs(value / expected - 1), `${value} against ${expected}`).toBeLessThan(share);
const SPHERE = (4 / 3) * Math.PI * 20 ** 3;

describe('the true union', () => {
  it('of two balls is both less the lens they share: π (4 R + d) (2 R − d)² ÷ 12 (any handbook of solids)', async () => {
    for (const d of [10, 24, 35]) {
      const shares: number[] = [];
      const { apart, together, centre, left } = await api.union(balls(0, d), (s) => shares.push(s));
      const lens = (Math.PI * (4 * 20 + d) * (2 * 20 - d) ** 2) / 12;
      near(apart, 2 * SPHERE);
      near(together, 2 * SPHERE - lens);
      expect(centre[0]).toBeCloseTo(d / 2, 1);
      expect(left).toEqual([]);
      expect(shares).toEqual([...shares].sort((a, b) => a - b));
      expect(shares.at(-1)!).toBeLessThan(1);
    }
  });

  it('has its own surface, and its balance point is not that of the pieces taken one by one', async () => {
    const large = ball('large', 0, 60);
    const small = { ...ball('small', 0, 40), seat: { ...ball('s', 0).seat, at: [40, 0, 0] as const } };
    const { centre, centreApart, surface } = await api.union(
      { ...blank, pieces: [large, small] },
      () => undefined,
    );
    const [R, r] = [30, 20];
    const volume = (x: number) => (4 / 3) * Math.PI * x ** 3;
    // taken one by one: the middles weighed by their volumes, each a radius over the board
    expect(centreApart[0]).toBeCloseTo((volume(r) * 40) / (volume(R) + volume(r)), 1);
    expect(centreApart[2]).toBeCloseTo((volume(R) * R + volume(r) * r) / (volume(R) + volume(r)), 1);
    // spheres at (0, 30) and (40, 20) are √1700 apart; their circle cuts a cap of each (any handbook of solids)
    const d = Math.hypot(40, 10);
    const a = (d * d + R * R - r * r) / (2 * d);
    const [h, k] = [R - a, r - (d - a)];
    near(surface, 4 * Math.PI * (R * R + r * r) - 2 * Math.PI * (R * h + r * k));
    // the lens is counted once, so the joined figure balances on the far side of where both overlap
    const cap = (radius: number, height: number) => (Math.PI * height ** 2 * (3 * radius - height)) / 3;
    const lens = cap(R, h) + cap(r, k);
    const capCentre = (radius: number, height: number) =>
      (3 * (2 * radius - height) ** 2) / (4 * (3 * radius - height));
    const along = (cap(R, h) * capCentre(R, h) + cap(r, k) * (d - capCentre(r, k))) / lens;
    const whole = volume(R) + volume(r) - lens;
    expect(centre[0]).toBeCloseTo((volume(r) * 40 - (lens * (along * 40)) / d) / whole, 1);
  });

  it('of balls that do not touch is their sum, and of one ball in another the larger', async () => {
    const apart = await api.union(balls(0, 60), () => undefined);
    near(apart.together, apart.apart, 1e-3);
    const inside = await api.union(
      {
        ...blank,
        pieces: [
          ball('large', 0, 60),
          { ...ball('small', 0, 20), seat: { ...ball('s', 0).seat, at: [0, 0, 20] } },
        ],
      },
      () => undefined,
    );
    near(inside.together, (4 / 3) * Math.PI * 30 ** 3);
    expect(inside.together).toBeLessThan(inside.apart);
  });

  it('of an empty board is nothing', async () => {
    const none = await api.union({ ...blank, pieces: [] }, () => undefined);
    expect(none.together).toBe(0);
    expect(none.centreApart).toEqual([0, 0, 0]);
  });
});

/** A box of triangles as text, the corners named as the format asks. */
const CORNERS = [0, 1, 2, 3, 4, 5, 6, 7].map((i) => [i & 1, (i >> 1) & 1, (i >> 2) & 1] as const);
const FACES = [
  [0, 2, 1], [1, 2, 3], [4, 5, 6], [5, 7, 6], [0, 1, 4], [1, 5, 4],
  [2, 6, 3], [3, 6, 7], [0, 4, 2], [2, 4, 6], [1, 3, 5], [3, 7, 5],
] as const; // prettier-ignore
const SIZE = [30, 20, 50] as const;
const obj = (faces: readonly (readonly number[])[] = FACES) =>
  [
    ...CORNERS.map((c) => `v ${c.map((x, k) => x * SIZE[k]!).join(' ')}`),
    ...faces.map((f) => `f ${f.map((i) => i + 1).join(' ')}`),
  ].join('\n');
const stl = (faces: readonly (readonly number[])[] = FACES) =>
  [
    'solid box',
    ...faces.map(
      (f) =>
        `facet normal 0 0 0\nouter loop\n${f.map((i) => `vertex ${CORNERS[i]!.map((x, k) => x * SIZE[k]!).join(' ')}`).join('\n')}\nendloop\nendfacet`,
    ),
    'endsolid box',
  ].join('\n');
const bytes = (text: string) => new TextEncoder().encode(text).buffer as ArrayBuffer;
const refusal = (name: string, text: string) => {
  const r = api.read(name, bytes(text));
  return r.ok ? '' : r.problem.text;
};

describe('a solid from a file', () => {
  it.each([
    ['box.obj', obj()],
    ['box.stl', stl()],
  ])('%s is measured and kept, its box its own', async (name, text) => {
    const read = api.read(name, bytes(text));
    if (!read.ok) throw new Error(read.problem.text);
    expect(read.value.triangles).toBe(12);
    expect(read.value.size).toEqual([...SIZE]);
    expect(read.value.check.watertight).toBe(true);
    const kept = await api.keep('z');
    if (!kept.ok) throw new Error(kept.problem.text);
    expect(kept.value.solid).toMatchObject({ name: 'box', watertight: true });
    expect(kept.value.solid.fills).toBeCloseTo(1, 6);
    expect([...kept.value.size].sort((a, b) => a - b)).toEqual([...SIZE].sort((a, b) => a - b));
  });

  it('with a hole is told to have one', () => {
    const read = api.read('box.obj', bytes(obj(FACES.slice(1))));
    expect(read.ok && read.value.check.watertight).toBe(false);
  });

  it('that is none is refused in a sentence, and what was read before is not kept for it', async () => {
    expect(api.read('box.obj', bytes(obj())).ok).toBe(true);
    expect(refusal('flat.obj', obj(FACES.slice(0, 2)))).toMatch(/fewer than four triangles/);
    const sheet = obj().replace(/^v (\S+) (\S+) (\S+)$/gm, 'v $1 $2 0');
    expect(refusal('sheet.obj', sheet)).toMatch(/flat|no thickness/);
    expect(refusal('box.txt', obj())).toMatch(/Only STL and OBJ/);
    expect(refusal('box.obj', obj().replace('f 1 3 2', 'f 1 3 99'))).not.toBe('');
    expect(refusal('cut.stl', stl().slice(0, 400))).toMatch(/breaks off|cut short/);
    const none = await api.keep('z');
    expect(!none.ok && none.problem.text).toMatch(/once more/);
  });
});
