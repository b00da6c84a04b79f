import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { seatFacts } from './bones/index.ts';
import { rodPaths } from './bones/runs/rod-paths.ts';
import { joinId, shapedBy } from './days/index.ts';
import { demoBuild } from './files/demo.testing.ts';
import { layOut, place, SCHEMES, schemeOf, weighIn } from './figure/index.ts';
import { plan } from './plan.ts';
import { blank, plainPiece } from './record/blank.testing.ts';
import { multiplicity, type Build, type Piece, type Rod } from './record/index.ts';

const laid = (scheme: string, pose: 'standing' | 'sitting' | 'kneeling' = 'standing'): Build => {
  const made = layOut(blank, schemeOf(scheme)!, 200, pose);
  if (!made.ok) throw new Error(made.problem.text);
  return made.value;
};
const rope = (d: number, l: number) => ({ kind: 'rope', sizes: { diameter: d, length: l } }) as const;
const stick = (id: string, from: Rod['from'], to: Rod['to']): Rod => ({
  id,
  name: id,
  stock: 'skewer3',
  from,
  to,
  pair: false,
  sleeved: false,
});

/** A block of paste over two plain legs that stand 40 mm apart; nobody says that they carry it. */
const legged: Build = {
  ...blank,
  pieces: [
    { ...plainPiece('legs', rope(12, 130), { at: [20, 0, 0] }), pair: true },
    plainPiece(
      'torso',
      { kind: 'roundedBlock', sizes: { width: 64, depth: 40, height: 68, edge: 3 } },
      { at: [0, 0, 129.5] },
    ),
  ],
};

describe('a standing figure laid out to proportion', () => {
  it.each(SCHEMES.map((s) => s.id))('%s: nothing hovers, in any pose', (scheme) => {
    for (const pose of ['standing', 'sitting', 'kneeling'] as const) {
      const hovers = plan(laid(scheme, pose)).stands.hovers.map((h) => h.text);
      expect(hovers, pose).toEqual([]);
    }
  });

  it('stands on its legs: each carries half of what is over it', () => {
    const build = laid('adult-8');
    const facts = seatFacts(build, () => 12);
    const leg = build.pieces.find((p) => p.name === 'Leg')!;
    const below = new Set([leg.id, ...build.pieces.filter((p) => p.name === 'Foot').map((p) => p.id)]);
    const over = build.pieces
      .filter((p) => !below.has(p.id))
      .reduce((g, p) => g + multiplicity(build, p) * weighIn(build, p).whole.value, 0);
    expect(Math.abs(facts.get(leg.id)!.load / (over / 2) - 1)).toBeLessThan(0.03);
  });
});

// common practice: a stick up each leg and on to the hips
describe('a stick up through a piece', () => {
  it('runs from under each leg up into the body, and takes its load past the paste', () => {
    const made = plan(legged).stands.stick('legs')!;
    expect(made.build.rods.map((r) => r.pair)).toEqual([true]);
    for (const { spots } of rodPaths(made.build)) {
      const parts = new Set(
        spots.flat().map((x) => (x.instance < 0 ? 'board' : place(made.build)[x.instance]!.piece.id)),
      );
      expect(parts).toEqual(new Set(['board', 'legs', 'torso']));
    }
    const before = seatFacts(legged, () => 12).get('legs')!.loadOnRods;
    expect(seatFacts(made.build, () => 12).get('legs')!.loadOnRods).toBeGreaterThan(before + 0.5);
  });
  it('holds nothing where nothing rests', () => {
    expect(plan(legged).stands.stick('torso')).toBeUndefined();
    expect(plan(legged).stands.stick('gone')).toBeUndefined();
  });
});

describe('a body over two plain legs', () => {
  it('waits for them: their load is half the body, their section that of a rope', () => {
    const facts = seatFacts(legged, () => 9).get('legs')!;
    const body = weighIn(legged, legged.pieces[1]!).whole.value;
    expect(Math.abs(facts.load / (body / 2) - 1)).toBeLessThan(0.01);
    expect(Math.abs(facts.section / ((Math.PI / 4) * 144) - 1)).toBeLessThan(0.03);
    expect(facts.loadOnRods).toBeCloseTo(0, 6);
    const { firming, stands, made } = plan(legged);
    // common practice: legs of plain covering paste are not left under a body at all
    expect(firming.get('legs')!.bands.stand!.slow).toBe(Infinity);
    expect(stands.soft.map((s) => s.piece)).toEqual(['legs']);
    const wait = made.links.find((l) => l.to === joinId('torso') && l.piece === 'legs' && l.asks === 'bear')!;
    expect(wait.from).toBe(shapedBy(legged.pieces[0]!));
  });

  it('is offered a stick in each leg, which takes nearly all of it at once', () => {
    const [soft] = plan(legged).stands.soft;
    const mend = soft!.mends.find((m) => m.text.startsWith('A stick in each'))!;
    expect(mend.build.rods).toHaveLength(1);
    expect(mend.build.rods[0]!.pair).toBe(true);
    const after = plan(mend.build);
    expect(after.stands.soft).toEqual([]);
    const [carries] = after.stands.carries.filter((c) => c.piece === 'legs');
    expect(carries!.onPaste.value).toBeLessThan(0.2 * carries!.load.value);
    expect(after.firming.get('legs')!.bands.bear!.likely).toBeLessThan(1);
  });

  it('makes the height through the legs, and shortens them less the later it is set on', () => {
    const { height } = plan(legged);
    expect(height.stages.map((s) => s.piece)).toEqual(['legs', 'torso']);
    const [legs] = height.stages;
    expect(legs!.rise.value).toBeCloseTo(129.5, 0);
    const losses = [legs!.lossSoft, ...legs!.later.map((l) => l.loss)].map((r) => r.value);
    losses.forEach((loss, k) => k > 0 && expect(loss).toBeLessThanOrEqual(losses[k - 1]! + 1e-9));
    expect(losses[0]!).toBeGreaterThan(5);
    expect(legs!.notYet).toBe(true);
  });
});

describe('what hovers', () => {
  const raised = (by: number): Build => ({
    ...legged,
    pieces: legged.pieces.map((p): Piece =>
      p.id === 'torso' ? { ...p, seat: { ...p.seat, at: [0, 0, 129.5 + by] } } : p,
    ),
  });
  it('is named, with how far it has to come down, and stands when it has', () => {
    const [hover] = plan(raised(3)).stands.hovers;
    expect(hover!.text).toMatch(/^torso hovers 2\.[3-9] mm over the legs: nothing carries it\.$/);
    const [mend] = hover!.mends;
    expect(mend!.text).toMatch(/^Lower it (2\.[89]|3(\.\d)?) mm$/);
    expect(plan(mend!.build).stands.hovers).toEqual([]);
  });
  it('is none of the demonstration builds', () => {
    for (const file of readdirSync(join(import.meta.dirname, '../demo'))) {
      if (!file.endsWith('.spindle.json')) continue;
      const { stands } = plan(demoBuild(file.replace('.spindle.json', '')));
      expect(
        stands.hovers.map((h) => h.text),
        file,
      ).toEqual([]);
    }
  });
});

describe('what only lies against another', () => {
  it('cannot be told to stay, and is not said to hover', () => {
    const build: Build = {
      ...blank,
      pieces: [
        plainPiece('wall', {
          kind: 'roundedBlock',
          sizes: { width: 40, depth: 60, height: 90, edge: 0 },
        }),
        // its side just touches the wall, high over the board
        plainPiece('ball', { kind: 'ball', sizes: { diameter: 30, press: 0 } }, { at: [35, 0, 40] }),
      ],
    };
    const { stands } = plan(build);
    expect(stands.hovers).toEqual([]);
    expect(stands.untold.map((u) => u.piece)).toEqual(['ball']);
    expect(stands.untold[0]!.text).toMatch(/cannot be told/);
  });
  it('is none of the demonstration builds', () => {
    for (const name of ['ferryman-otter', 'one-legged-heron', 'sixty-acorn-sweets'])
      expect(plan(demoBuild(name)).stands.untold, name).toEqual([]);
  });
});

describe('a plain soft head on two skewers', () => {
  const figure: Build = {
    ...blank,
    pieces: [
      plainPiece('body', { kind: 'ball', sizes: { diameter: 70, press: 12 } }),
      plainPiece('head', { kind: 'ball', sizes: { diameter: 45, press: 0 } }, { on: 'body', at: [0, 0, 57] }),
    ],
    rods: [-8, 8].map((x) =>
      stick(`k${x}`, { on: 'board', at: [x, 0, -12] }, { on: 'head', at: [x, 0, 30] }),
    ),
  };
  it('goes on the same evening: it hangs on them, and the body carries next to nothing', () => {
    const facts = seatFacts(figure, () => 9);
    expect(facts.get('head')!.onRods).toBeGreaterThan(0.5);
    expect(facts.get('body')!.loadOnRods).toBeGreaterThan(0.5);
    const days = plan(figure, { runs: 20 }).days();
    const at = new Map(days.plan!.sessions.flatMap((s, k) => s.steps.map((p) => [p.step.id, k] as const)));
    expect(at.get(joinId('head'))).toBe(at.get(shapedBy(figure.pieces[1]!)));
  });
  it('without them it waits until it can be held', () => {
    const bare = { ...figure, rods: [] };
    const { joinings, made } = plan(bare);
    const asks = made.links.filter((l) => l.to === joinId('head')).map((l) => l.asks);
    expect(asks).toContain('handle');
    const { down, kind } = joinings.find((j) => j.piece.id === 'head')!;
    expect(kind.id).toBe('firm');
    expect(down.opens.map((o) => o.ask)).toEqual(['handle', 'bear']);
  });
});

describe('a tail that lies on the board', () => {
  it('is found to carry its part of the body, as a third leg', () => {
    const facts = seatFacts(demoBuild('ferryman-otter'), () => 12);
    const on = facts.get('body')!.restsOn;
    expect(on.map((r) => r.on)).toContain('feet');
    expect(on.find((r) => r.on === 'tail')?.share ?? 0).toBeGreaterThan(0.02);
  });
});
