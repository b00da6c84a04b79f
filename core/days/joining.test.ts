import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyBuild } from '../figure/arbitrary.testing.ts';
import { weighIn } from '../figure/index.ts';
import { demoBuild } from '../files/demo.testing.ts';
import { setPropped } from '../edits/index.ts';
import { quantileOf } from '../joins/index.ts';
import { plan } from '../plan.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import { multiplicity, wholeOf, type Build, type Piece, type Rod } from '../record/index.ts';
import { given } from '../quantity/index.ts';
import { faceWords, joinId, shapeId, type FaceAsk } from './index.ts';
import { shapedBy } from './steps/index.ts';
import { LOOKED_AT } from './levels.ts';

const DEMOS = [
  'ferryman-otter',
  'one-legged-heron',
  'heron-on-a-skewer',
  'savoy-cabbage',
  'sixty-acorn-sweets',
];

/** From the end of one step to the start of another, as planned; of parts the nearest two. */
function between(build: Build): (from: string, to: string) => number | undefined {
  const steps = plan(build, { runs: 25 })
    .days()
    .plan?.sessions.flatMap((s) => s.steps);
  return (from, to) => {
    const ends = steps?.filter((p) => wholeOf(p.step.id) === from).map((p) => p.to) ?? [];
    const starts = steps?.filter((p) => wholeOf(p.step.id) === to).map((p) => p.from) ?? [];
    return ends.length === 1 && starts.length === 1 ? starts[0]! - ends[0]! : undefined;
  };
}

/** Joins outside their windows that nothing is said of: shares no sum with what made the plan. */
function broken(build: Build): string[] {
  const { joinings, days } = plan(build, { runs: 25 });
  const report = days();
  if (!report.plan) return [];
  const at = between(build);
  const said = report.trouble.join(' ');
  return joinings.flatMap((j) => {
    const late = [...j.up.closes, ...j.down.closes].filter((c) => {
      const piece = build.pieces.find((p) => p.id === c.piece)!;
      // of a lot each is joined as it is made: its texture is no wait
      const lot = multiplicity(build, piece) * weighIn(build, piece).alike > 3;
      const used = at(lot ? shapedBy(piece) : shapeId(c.piece), joinId(j.piece.id));
      return used !== undefined && used > quantileOf(c.band, 0.1) + 1;
    });
    const name = j.piece.name.toLowerCase();
    const told = j.level !== 0.9 ? j.says !== undefined : said.toLowerCase().includes(name);
    return late.length > 0 && !told ? [`${j.piece.name} is joined too late`] : [];
  });
}

describe('every join', () => {
  it.each(DEMOS)('of %s is planned while both faces are as they have to be', (name) => {
    expect(broken(demoBuild(name))).toEqual([]);
  });

  it('of any figure is planned inside its windows, or something is said of it', () => {
    fc.assert(
      fc.property(anyBuild(6), (build) => {
        expect(broken(build)).toEqual([]);
        // windows of joins alone are never a contradiction
        expect(plan(build, { runs: 25 }).days().conflict).toBeUndefined();
      }),
      { numRuns: 16 },
    );
  });

  it('of what is looked at in one sitting waits as long as it mostly takes, not as long as it may', () => {
    const { joinings, made } = plan(demoBuild('one-legged-heron'));
    const neck = joinings.find((j) => j.piece.id === 'neck')!;
    const link = made.links.find((l) => l.to === joinId('neck') && l.piece === 'body')!;
    expect(link.looked).toBe(true);
    const handle = neck.down.opens.find((o) => o.ask === 'handle')!;
    expect(quantileOf(link.band, LOOKED_AT)).toBeGreaterThan(handle.band.likely);
    expect(quantileOf(link.band, LOOKED_AT)).toBeLessThan(handle.band.slow);
  });
});

const ear = (more: Partial<Piece> = {}): Piece => ({
  ...plainPiece(
    'ear',
    { kind: 'ellipsoid', sizes: { width: 14, depth: 2, height: 22 } },
    { on: 'head', at: [30, 0, 70], lean: 50 },
  ),
  blend: 'modelling',
  ...more,
});
const eared: Build = {
  ...blank,
  blends: [
    ...blank.blends,
    { id: 'modelling', name: 'Modelling', base: 'modellingPaste', gumPaste: 0, powder: 0 },
  ],
  pieces: [
    plainPiece('body', { kind: 'ball', sizes: { diameter: 60, press: 4 } }),
    plainPiece('head', { kind: 'ball', sizes: { diameter: 90, press: 0 } }, { on: 'body', at: [0, 0, 55] }),
    ear(),
  ],
};
const skewers: Rod[] = [-6, 6].map((x) => ({
  id: `neck${x > 0 ? 'r' : 'l'}`,
  name: `Neck ${x}`,
  stock: 'skewer3',
  from: { on: 'body', at: [x, 0, 10] },
  to: { on: 'head', at: [x, 0, 60] },
  pair: false,
  sleeved: false,
}));

// common practice: an ear that stands by itself is pressed on once it keeps its shape and before its foot cracks
describe('an ear of modelling paste on a head', () => {
  const { joinings, days } = plan(eared, { runs: 25 });
  const joined = joinings.find((j) => j.piece.id === 'ear')!;
  it('has a window on its own face, minutes long, and is joined in it', () => {
    expect(['posed', 'pressed']).toContain(joined.kind.id);
    const [closes] = joined.up.closes;
    expect(closes!.band.likely).toBeGreaterThan(3);
    expect(closes!.band.likely).toBeLessThan(60);
    expect(broken(eared)).toEqual([]);
    expect(days().plan).toBeDefined();
  });
  it('is not kept on a shelf, and thirteen hours later is outside whatever is asked of it', () => {
    for (const c of joined.up.closes) expect(quantileOf(c.band, 0.9)).toBeLessThan(13 * 60);
  });
  it('under a prop need not keep its pose first', () => {
    const propped = plan(setPropped(eared, 'ear', true)).joinings.find((j) => j.piece.id === 'ear')!;
    expect(propped.up.opens.map((o) => o.ask)).not.toContain('pose');
  });
});

describe('a head on a body', () => {
  const head = (b: Build) => plan(b).joinings.find((j) => j.piece.id === 'head')!;
  it('without rods is glued firm; on two skewers it is slid on, over both', () => {
    expect(head(eared).kind.id).toBe('firm');
    const on = head({ ...eared, rods: skewers });
    expect(on.kind.id).toBe('slid');
    expect(on.letters).toEqual(['A', 'B']);
  });
  it('that is slid on has its details before that', () => {
    const { made } = plan({ ...eared, rods: skewers });
    expect(made.links.some((l) => l.from === joinId('ear') && l.to === joinId('head'))).toBe(true);
  });
  it('is joined as somebody chose, where they did', () => {
    const chosen = {
      ...eared,
      pieces: eared.pieces.map((p) => (p.id === 'head' ? { ...p, join: 'iced' as const } : p)),
    };
    expect(head(chosen).kind.id).toBe('iced');
    expect(head(chosen).proposed).toBe('firm');
  });
});

describe('packing', () => {
  it('waits until every join carries, and until what rods lean on is as firm as they were reckoned with', () => {
    const heron = demoBuild('one-legged-heron');
    const { made, bones } = plan(heron);
    const toPack = made.links.filter((l) => l.to === 'pack' && l.kind === 'wait');
    for (const p of heron.pieces)
      expect(
        toPack.some((l) => l.from.endsWith(`:${p.id}`)),
        p.id,
      ).toBe(true);
    const leaned = new Set(
      bones.rods.flatMap((r) => r.passes.flatMap((p) => ('piece' in p ? [p.piece] : []))),
    );
    for (const id of leaned)
      expect(
        toPack.some((l) => l.piece === id && /firms? before (it|they) travels?/.test(l.why)),
        id,
      ).toBe(true);
  });
  it('of sweets that stand in their cases waits for no more than what is pressed on', () => {
    const { made } = plan(demoBuild('sixty-acorn-sweets'));
    for (const l of made.links.filter((k) => k.to === 'pack')) expect(l.band.likely).toBeLessThanOrEqual(30);
  });
});

describe('what a face has to be, in words', () => {
  const words = (name: string, pair: boolean, ask: FaceAsk['ask'], closes: boolean, slow = 20) =>
    faceWords(
      { name, pair },
      { piece: 'x', ask, band: { fast: 5, likely: 9, slow }, told: given('x', 1, 'min') },
      closes,
    );
  it('agrees with one and with two', () => {
    expect(words('Ears', true, 'pose', false).does).toBe('keep their pose after');
    expect(words('Ear', false, 'pose', false).does).toBe('keeps its pose after');
    expect(words('Toes', true, { gives: 0.12 }, true).does).toBe('still give for');
    expect(words('Moss', true, { gives: 0.12 }, true).does).toBe('still gives for');
    expect(words('Leg', true, 'bear', false).does).toBe('carries it after');
  });
  it('says at once where there is nothing to wait for', () => {
    const now = {
      piece: 'x',
      ask: 'bear' as const,
      band: { fast: 0, likely: 0, slow: 0 },
      told: given('x', 0, 'min'),
    };
    expect(faceWords({ name: 'Leg', pair: false }, now, false)).toEqual({
      does: 'carries it',
      when: 'at once',
    });
  });
});
