import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addOwnStep } from '../edits/index.ts';
import { demoBuild, value } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { given } from '../quantity/index.ts';
import { plainPiece } from '../record/blank.testing.ts';
import { formBody, turned, type Form, type StackBody } from '../solids/index.ts';
import {
  countedOf,
  dotsOver,
  evenMarks,
  evenRows,
  faceLaidOn,
  roundHead,
  FACE_AGES,
  lobesOf,
  markingStep,
  wayDown,
  woundStrip,
} from './index.ts';
import { panelsOf } from './panels.ts';
import { skinOf } from './profile.ts';

const body = (
  kind: 'ball' | 'truncatedCone' | 'rope' | 'egg' | 'roundedBlock',
  sizes: Record<string, number>,
) => formBody({ kind, sizes }) as StackBody;
const ball = (d: number) => body('ball', { diameter: d, press: 0 });
const line = (mm: number) => given('Line', mm, 'mm' as const);

describe('marks along a line', () => {
  // seam of a two-lobed ball, in quarters alike; by hand
  it.each([
    [411.1, 5, 84, 4.89],
    [411.1, 6.5, 64, 6.42],
    [608.3, 8, 76, 8],
    [844.8, 6.5, 128, 6.6],
  ])('%s mm, one every %s: %s of %s', (length, wished, number, pitch) => {
    const marks = evenMarks(line(length), wished, { closed: true, alike: 4 });
    expect(marks.number.value).toBe(number);
    expect(marks.pitch.value).toBeCloseTo(pitch, 2);
  });

  it('close, are shared out alike, and are as near to what was wished as can be', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 2000, noNaN: true }),
        fc.double({ min: 1, max: 20, noNaN: true }),
        fc.constantFrom(1, 2, 4),
        (length, wished, alike) => {
          const { number, pitch } = evenMarks(line(length), wished, { closed: true, alike });
          expect(number.value % alike).toBe(0);
          expect(number.value * pitch.value).toBeCloseTo(length, 6);
          // one share more or less is no nearer, in how many
          const off = (n: number) => Math.abs(n - length / wished);
          for (const n of [number.value - alike, number.value + alike])
            if (n > 0) expect(off(number.value)).toBeLessThanOrEqual(off(n) + 1e-9);
        },
      ),
    );
    expect(evenMarks(line(100), 10, { closed: false, alike: 1 }).number.value).toBe(11);
  });
});

describe('rows over a body', () => {
  it('half a ball of 100, scales of 9.6 by 8: as many as its skin over what shows', () => {
    const half = turned((z) => Math.sqrt(Math.max(0, 50 * 50 - z * z)), [0, 25, 50]);
    const { rows, number, shows } = evenRows(wayDown(half, 'board'), 9.6, 8);
    // a quarter of the way round is 78.54 mm: ten rows of 7.85
    expect([rows.length, Number(shows.value.toFixed(2))]).toEqual([10, 7.85]);
    // by area: 2 π 50² ÷ (9.6 × 8) = 204.5
    expect(Math.abs(number.value - 204.5)).toBeLessThan(0.04 * 204.5);
    expect(rows.map((r) => r.number)).toEqual([33, 32, 30, 28, 25, 21, 17, 13, 8, 3]);
  });

  it('whole rows of whole numbers, that close: on any egg', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 200, noNaN: true }),
        fc.double({ min: 30, max: 260, noNaN: true }),
        fc.double({ min: 4, max: 15, noNaN: true }),
        (d, h, w) => {
          const down = wayDown(body('egg', { diameter: d, height: h }), 'board');
          const { rows, number, shows } = evenRows(down, w, w);
          expect(rows.reduce((n, r) => n + r.number, 0)).toBe(number.value);
          expect(shows.value * rows.length).toBeCloseTo(down.s.at(-1)!, 6);
          const area = skinOf(down) / (w * w);
          if (rows.length > 8) expect(Math.abs(number.value / area - 1)).toBeLessThan(0.1);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('dots of 5 on 100 cm²: 461 in hexagons, 278 thrown; the densest there is covers 0.9069 of it', () => {
    const down = wayDown(ball(Math.sqrt(10_000 / Math.PI)), 'under');
    const { close, thrown } = dotsOver(down, 5, 0);
    expect([close.value, thrown.value]).toEqual([461, 278]);
    // Lagrange 1773, from memory
    expect((close.value * Math.PI * 6.25) / 10_000).toBeCloseTo(Math.PI / (2 * Math.sqrt(3)), 2);
  });
});

describe('a strip wound round', () => {
  it('a frustum of 120 and 80 over 150 takes 3.17 m of a strip of 20 that laps by 5, in eleven rounds', () => {
    // its side alone: the rounds at its ends are not wound
    const side = wayDown(body('truncatedCone', { foot: 120, top: 80, height: 150 }), 'board');
    const flat = Math.PI * 40 * 40;
    const wound = woundStrip(side, 20, 5)!;
    expect(wound.length.value - flat / 15).toBeCloseTo(3169.4, 0);
    expect(Math.ceil((side.s.at(-1)! - 40) / 15)).toBe(11);
    expect(woundStrip(side, 5, 5)).toBeUndefined();
  });
});

describe('two lobes along one seam', () => {
  it.each([
    [73, 25, 410.6],
    [220, 75, 1238.5],
  ])('a ball of %s, %s between the seam lines: %s all round', (d, gap, seam) => {
    expect(lobesOf(d, gap).seam.value).toBeCloseTo(seam, 0);
  });

  it('a lobe is as long as was told, and at its true widths nearly a tenth more than half the ball', () => {
    const { long, wide, outline } = lobesOf(73, 25);
    expect(long.value).toBeCloseTo(204.34, 1);
    expect(wide.value).toBeCloseTo(58.36, 1);
    const reach = outline.map((p) => p[0]);
    expect(Math.max(...reach) - Math.min(...reach)).toBeCloseTo(long.value, 0);
    let twice = 0;
    outline.forEach(([x, y], i) => {
      const [u, v] = outline[(i + 1) % outline.length]!;
      twice += x * v - u * y;
    });
    const half = (Math.PI * 73 * 73) / 2;
    expect(Math.abs(twice) / 2 / half).toBeCloseTo(1.078, 2);
  });
});

describe('panels', () => {
  it('of a frustum are its two rounds and the sector of a cone: areas by hand', () => {
    // no thickness: the sheet is the skin itself
    const panels = panelsOf(body('truncatedCone', { foot: 120, top: 80, height: 150 }), 1e-9, true)!;
    expect(panels.map((p) => p.kind)).toEqual(['round', 'bent', 'round']);
    const [outer, inner, angle] = panels[1]!.sizes.map((s) => s.value);
    expect(outer).toBeCloseTo(453.98, 1);
    expect(inner).toBeCloseTo(302.65, 1);
    expect(angle).toBeCloseTo(47.58, 2);
    expect(panels[1]!.area.value).toBeCloseTo(47540.9, 0);
  });

  it('of an upright cylinder a strip that reaches round its own middle, and over the edges of the rounds', () => {
    const [, side] = panelsOf(body('rope', { diameter: 100, length: 50 }), 4, true)!;
    expect(side!.kind).toBe('strip');
    expect(side!.sizes[0]!.value).toBeCloseTo(Math.PI * 104, 1);
    expect(side!.sizes[1]!.value).toBeCloseTo(58, 6);
  });

  it('are not offered for what bulges', () => {
    expect(panelsOf(ball(80), 3, true)).toBeUndefined();
    expect(panelsOf(body('egg', { diameter: 60, height: 90 }), 3, true)).toBeUndefined();
  });
});

describe('a face on a head', () => {
  const round = roundHead(50, 50, 50);
  const grown = faceLaidOn(round, 1);
  const place = (face: typeof grown, name: string) => face.places.find((p) => p.name === name)!;

  it('grown up: eyes half way up, one eye between the eyes, five across: common practice', () => {
    const [left, right] = [place(grown, 'Left eye'), place(grown, 'Right eye')];
    expect([left.up, right.up]).toEqual([50, 50]);
    expect(right.aside - left.aside - grown.eye.value).toBeCloseTo(grown.eye.value, 6);
    expect(5 * grown.eye.value).toBeCloseTo(100, 6);
  });

  it('by tape an eye is farther off than it looks: R asin(x ÷ R)', () => {
    expect(place(grown, 'Right eye').tape.value).toBeCloseTo(50 * Math.asin(0.4), 2);
    expect(place(grown, 'Right eye').on[0]).toBeCloseTo(20.58, 1);
    expect(place(grown, 'Left eye').on[0]).toBeCloseTo(-20.58, 1);
  });

  it('the younger, the lower and the farther apart: at every step', () => {
    const eyes = FACE_AGES.map((_, i) => place(faceLaidOn(round, i / (FACE_AGES.length - 1)), 'Right eye'));
    for (let i = 1; i < eyes.length; i++) {
      expect(eyes[i]!.up).toBeGreaterThan(eyes[i - 1]!.up);
      expect(eyes[i]!.aside).toBeLessThanOrEqual(eyes[i - 1]!.aside);
    }
  });

  it('on any head it follows its own skin: on a ball and an oval as by the formula of an ellipsoid, on a block wider', () => {
    const of = (form: Form) => faceLaidOn(countedOf(plainPiece('h', form))!.head, 0.5);
    const pairs = [
      [of({ kind: 'ball', sizes: { diameter: 100, press: 0 } }), faceLaidOn(round, 0.5)],
      [
        of({ kind: 'ellipsoid', sizes: { width: 80, depth: 60, height: 100 } }),
        faceLaidOn(roundHead(40, 30, 50), 0.5),
      ],
    ] as const;
    for (const [found, known] of pairs) {
      expect(found.places.length).toBe(known.places.length);
      found.places.forEach((p, i) => expect(p.tape.value).toBeCloseTo(known.places[i]!.tape.value, 1));
    }
    // nearly flat in front: by tape an eye is little farther off than it looks
    const block = of({ kind: 'roundedBlock', sizes: { width: 100, depth: 60, height: 100, edge: 4 } });
    const eye = place(block, 'Right eye');
    expect(eye.tape.value / eye.aside).toBeLessThan(1.03);
    expect(eye.tape.value / eye.aside).toBeGreaterThanOrEqual(1 - 1e-3);
  });

  it('is set on what is round, not on a sheet', () => {
    expect(
      countedOf(plainPiece('s', { kind: 'sheet', sizes: { width: 40, height: 60, thickness: 3 } })),
    ).toBeUndefined();
    const egg = countedOf(plainPiece('e', { kind: 'egg', sizes: { diameter: 60, height: 80 } }))!;
    expect([egg.ball, egg.tall]).toEqual([undefined, 80]);
    // widest: the way round there is π d
    expect(Math.max(...[20, 30, 32, 40].map((z) => egg.round(z).value))).toBeCloseTo(Math.PI * 60, 0);
  });
});

describe('marks in the plan', () => {
  it('are a step of one’s own that the plan takes: after shaping, more minutes for more marks', () => {
    const build = demoBuild('ferryman-otter');
    const head = build.pieces.find((p) => p.id === 'head')!;
    const of = (n: number) => markingStep(head, given('Marks', n, 'pieces'));
    expect(of(104).minutes).toBeGreaterThan(of(52).minutes);
    // one in five seconds and two minutes for dividing the line: estimate, and no more than a tenth of an hour for fifty
    expect(of(52).minutes).toBeLessThan(9);
    const added = value(addOwnStep(build, of(52)));
    const { steps, links } = plan(added).made;
    const own = steps.find((s) => s.title === 'Mark 52 round the head')!;
    expect(links.some((l) => l.from === 'shape:head' && l.to === own.id)).toBe(true);
  });
});
