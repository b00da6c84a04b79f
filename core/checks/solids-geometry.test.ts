// Solid geometry against independent integration of the drawn outline, and worked values: mensuration formulas of
// any handbook (Bronshtein), spheroid areas (DLMF 19.33), quoted values checked by mesh integration.
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ballFromMass,
  formOfVolume,
  massOfBall,
  measure,
  shapeOf,
  SHAPE_KINDS,
  startingForm,
  checkForm,
  OUTLINES,
  scaleForm,
  type Form,
} from '../solids/index.ts';
import { moments } from '../solids/polygon.ts';

const form = (kind: Form['kind'], sizes: Record<string, number>): Form => ({ kind, sizes });

describe('worked values', () => {
  it.each([
    [form('ball', { diameter: 38 }), 28730.912, 4536.46, 19],
    [form('teardrop', { diameter: 30, length: 60 }), 18849.556, 3769.911, 20],
    [form('cone', { diameter: 40, height: 50 }), 20943.951, 4640.236, 12.5],
    [form('rope', { diameter: 12, length: 80 }), 9047.787, 3242.124, 40],
    [form('taperedRope', { foot: 20, tip: 8, length: 90 }), 14721.393, 4092.338, 33.7389],
  ])('%j', (f, volume, area, centre) => {
    const m = measure(f);
    expect(m.volume).toBeCloseTo(volume, 2);
    expect(m.area).toBeCloseTo(area, 2);
    expect(m.centre).toBeCloseTo(centre, 3);
  });

  it('skin over a ball: 50 mm foam, 4 mm coat', () => {
    expect(measure(form('skinOverBall', { core: 50, coat: 4 })).volume).toBeCloseTo(36710.557, 2);
  });

  it('egg with its widest circle at 0.42 of the height: volume and balance point', () => {
    const m = measure(form('egg', { diameter: 40, height: 60 }));
    expect(m.volume).toBeCloseTo(50265.482, 2);
    expect(m.centre).toBeCloseTo(0.42 * 60 + (3 / 8) * 0.16 * 60, 6);
  });

  it('a paste ball as big as the foam ball gives a coat of 0.13 of its diameter (common practice)', () => {
    const volume = (Math.PI * 100 ** 3) / 6;
    const found = formOfVolume(form('skinOverBall', { core: 100, coat: 5 }), volume);
    expect(found.ok && found.value.sizes.coat).toBeCloseTo(12.996, 2);
  });

  it.each([
    [35, 1.3, 37.1856],
    [35, 1.218, 38.0021],
    [100, 1.25, 53.46],
    [1000, 1.45, 109.6],
  ])('%f g at %f is a ball of %f mm', (g, rho, d) => {
    expect(ballFromMass(g, rho)).toBeCloseTo(d, 1);
    expect(massOfBall(ballFromMass(g, rho), rho)).toBeCloseTo(g, 9);
  });
});

/** Random sizes a shape accepts. */
const anyForm = fc
  .tuple(
    fc.constantFrom(...SHAPE_KINDS),
    fc.array(fc.double({ min: 0.35, max: 2.2, noNaN: true }), { minLength: 3, maxLength: 3 }),
  )
  .map(([kind, k]) => {
    const start = startingForm(kind);
    const sizes = Object.fromEntries(
      shapeOf(kind).sizes.map((s, i) => [s.key, Math.min(s.max, Math.max(s.min, s.start * k[i]!))]),
    );
    return { ...start, sizes } as Form;
  })
  .filter((f) => checkForm(f).ok);

describe('every shape', () => {
  it('has the volume, balance point and surface of its own drawn body', () => {
    fc.assert(
      fc.property(anyForm, (f) => {
        const body = shapeOf(f.kind).body(f.sizes, f.outline ?? 'rectangle');
        const m = measure(f);
        if (body.type === 'cut') {
          expect(Math.abs(moments(body.outline).area) * body.thickness).toBeCloseTo(m.volume, 3);
          return;
        }
        const n = 4000;
        let volume = 0;
        let moment = 0;
        let area = 0;
        for (let i = 0; i < n; i++) {
          const z = ((i + 0.5) * m.height) / n;
          const slice = Math.PI * body.radiusAt(z) ** 2 * (m.height / n);
          volume += slice;
          moment += slice * z;
          const edge = (k: number) => Math.min(m.height - 1e-9, Math.max(1e-9, (k * m.height) / n));
          const a = body.radiusAt(edge(i));
          const b = body.radiusAt(edge(i + 1));
          area += Math.PI * (a + b) * Math.hypot(b - a, m.height / n);
        }
        const core = body.core ? (4 / 3) * Math.PI * body.core.radius ** 3 : 0;
        expect((volume - core) / m.volume).toBeCloseTo(1, 2);
        if (!body.core) expect(moment / volume / m.height).toBeCloseTo(m.centre / m.height, 2);
        // flat ends are not part of the turned side
        const ends = Math.PI * (body.radiusAt(1e-9) ** 2 + body.radiusAt(m.height - 1e-9) ** 2);
        expect((area + ends) / m.area).toBeCloseTo(1, 1);
      }),
      { numRuns: 60 },
    );
  });

  it('comes back from grams: sizes → volume → sizes of the same volume', () => {
    fc.assert(
      fc.property(anyForm, fc.double({ min: 0.5, max: 1.8, noNaN: true }), (f, k) => {
        const wanted = measure(f).volume * k;
        const found = formOfVolume(f, wanted);
        if (found.ok) expect(measure(found.value).volume / wanted).toBeCloseTo(1, 3);
        else expect(found.problem.text).toMatch(/between|longer/);
      }),
    );
  });

  it('grows by the right powers: solids k³, sheets k², coats in between', () => {
    fc.assert(
      fc.property(anyForm, fc.double({ min: 0.6, max: 1.7, noNaN: true }), (f, k) => {
        const grown = measure(scaleForm(f, k)).volume / measure(f).volume;
        const power = Math.log(grown) / Math.log(k);
        if (Math.abs(k - 1) < 0.05) return;
        const kept = shapeOf(f.kind).sizes.some((s) => s.role === 'thickness');
        expect(power).toBeGreaterThan(kept ? 0.4 : 2.99);
        expect(power).toBeLessThan(kept ? 2.01 : 3.01);
      }),
    );
  });

  it('has handles that pull the size they name', () => {
    for (const kind of SHAPE_KINDS) {
      const f = startingForm(kind);
      for (const h of shapeOf(kind).handles(f.sizes)) {
        expect(shapeOf(kind).sizes.map((s) => s.key)).toContain(h.size);
        const pulled = shapeOf(kind).handles({ ...f.sizes, [h.size]: f.sizes[h.size]! + h.gain });
        const moved = pulled.find((x) => x.size === h.size)!;
        const along = (moved.at[0] - h.at[0]) * h.along[0] + (moved.at[1] - h.at[1]) * h.along[1];
        expect(along).toBeCloseTo(1, 6);
      }
    }
  });

  it('refuses what cannot be rolled, by name', () => {
    const refused = (f: Form) => {
      const r = checkForm(f);
      return r.ok ? '' : r.problem.text;
    };
    expect(refused(form('teardrop', { diameter: 30, length: 30 }))).toMatch(/longer than it is across/);
    expect(refused(form('taperedRope', { foot: 10, tip: 5, length: 9 }))).toMatch(
      /longer than its thicker end/,
    );
    expect(refused(form('ball', { diameter: 0 }))).toMatch(/“across” has to be between/);
    expect(refused(form('ball', { diameter: NaN }))).toMatch(/has no size/);
    expect(refused(form('ball', { diameter: 5, height: 3 }))).toMatch(/no size called “height”/);
  });
});

it('every outline is anticlockwise, inside its unit square and not crossing itself', () => {
  for (const [name, o] of Object.entries(OUTLINES)) {
    expect(moments(o.points).area, name).toBeGreaterThan(0);
    for (const [x, z] of o.points) {
      expect(Math.abs(x), name).toBeLessThanOrEqual(0.5 + 1e-9);
      expect(z, name).toBeGreaterThanOrEqual(-1e-9);
      expect(z, name).toBeLessThanOrEqual(1 + 1e-9);
    }
  }
});
