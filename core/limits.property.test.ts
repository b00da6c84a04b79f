import { describe, expect, it } from 'vitest';
import { demoBuild } from './files/demo.testing.ts';
import { keepable, readBuild, writeBuild } from './files/index.ts';
import { type Build } from './record/index.ts';
import { plan } from './plan.ts';
import { notNumbers } from './walk.testing.ts';

const raisedOn = (b: Build, high: number, wide: number, weight: number): Build => ({
  ...b,
  mast: { thread: 12, base: 'washer', raised: 'large', up: high },
  card: { kind: 'acrylic', width: wide, gap: high },
  board: { ...b.board, feet: Math.min(200, high) },
  cake: {
    ...b.cake,
    tiers: ['one', 'two'].map((id) => ({
      id,
      name: id,
      shape: 'square' as const,
      width: Math.max(40, Math.min(800, wide)),
      height: Math.max(20, Math.min(400, high)),
      gap: high,
      board: { kind: 'card' as const, width: wide },
      keepers: { stock: 'skewer3', number: 4, apart: Math.max(10, high) },
      stuck: true,
      weight,
    })),
  },
});
const room =
  (temperature: number, humidity: number, air: number, night?: Build['room']['night']) =>
  (b: Build): Build => ({
    ...b,
    room: { temperature, humidity, air, ...(night ? { night } : {}) },
  });
const blends =
  (patch: object) =>
  (b: Build): Build => ({
    ...b,
    blends: b.blends.map((x) => ({ ...x, ...patch })),
  });
const seats =
  (patch: object) =>
  (b: Build): Build => ({
    ...b,
    pieces: b.pieces.map((p) => ({ ...p, seat: { ...p.seat, ...patch } })),
  });

/** Builds at the very ends of what a file may hold. */
const ENDS: Readonly<Record<string, (b: Build) => Build>> = {
  'nights of 0 °C and 5 %': room(21, 50, 0.1, { temperature: 0, humidity: 5 }),
  'nights of 40 °C and 95 %': room(21, 50, 0.1, { temperature: 40, humidity: 95 }),
  'a cold dry cupboard': room(5, 5, 0.02),
  'a hot damp gale': room(40, 95, 3),
  'a cold damp gale': room(5, 95, 3),
  'a hot dry gale': room(40, 5, 3),
  'raised by nothing': (b) => raisedOn(b, 0, 30, 1),
  'raised beyond all measure': (b) => raisedOn(b, 600, 900, 50_000),
  'the smallest board': (b) => ({ ...b, board: { ...b.board, width: 20, thickness: 1 } }),
  'the largest board': (b) => ({ ...b, board: { ...b.board, width: 1500, thickness: 60 } }),
  'paste as light as air': blends({ density: 0.1 }),
  'paste that shrinks by a tenth': blends({ shrink: 10 }),
  'everything breaks': (b) => ({ ...b, pieces: b.pieces.map((p) => ({ ...p, breaks: 60 })) }),
  'nothing to spare, all slow': (b) => ({
    ...b,
    practice: { spare: 0, powderBulk: 0.2, spoon: 1, smallestBatch: 0, saves: false, pace: 4 },
  }),
  'cake of thin layers in thick cream': (b) => ({
    ...b,
    cake: { ...b.cake, layer: 5, fillingThickness: 50, coatThickness: 30, density: 0.1, tins: [] },
  }),
  'laid down flat': seats({ lean: 90, tip: 90 }),
  'held off in the air': seats({ sink: -200 }),
  'rods without a length': (b) => ({
    ...b,
    rods: b.rods.map((r) => ({
      ...r,
      from: { on: 'board', at: [0, 0, 0] },
      to: { on: 'board', at: [0, 0, 0] },
    })),
  }),
};

describe.each(['trial-acorn', 'sixty-acorn-sweets', 'one-legged-heron'])(
  '%s at the ends of what a file may hold',
  (name) => {
    const build = demoBuild(name);
    it.each(Object.keys(ENDS))('%s: opens again, and no number is none', (end) => {
      const b = ENDS[end]!(build);
      const kept = keepable(b);
      if (!kept.ok) throw new Error(kept.problem.text);
      expect(readBuild(writeBuild(b)).ok).toBe(true);
      const { bones, figure, paste, firming, days, cake, height, needs } = plan(b, { runs: 2 });
      const { rods, ...rest } = bones;
      // mends are looked for elsewhere: they take their time
      const checks = rods.map((r) => [r.checks, r.droop, r.passes]);
      expect(
        notNumbers({ rest: { ...rest }, checks, figure, paste, firming, days, cake, height, needs }),
      ).toEqual([]);
    });
  },
);
