import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import { addRod, reseat, setDisc, setSeat } from '../../edits/index.ts';
import { scaleFigure } from '../../figure/index.ts';
import { type Build, type Disc } from '../../record/index.ts';
import { refusal, value } from '../../files/demo.testing.ts';
import { GRAVITY } from '../../quantity/index.ts';
import { plan } from '../../plan.ts';
import { removalCard } from '../index.ts';
import { boardOf, spreadRadius } from './discs.ts';
import { mendsFor } from '../mends/mends.ts';
import { worstOfRod } from '../joints/checked-joints.ts';
import { firmTo } from '../firm.testing.ts';

const CAKE = plainPiece('cake', {
  kind: 'truncatedCone',
  sizes: { foot: 180, top: 180, height: 110 },
  coat: { thickness: 4, under: true },
});
const cake = { ...CAKE, core: 'cake' as const };
/** A figure on two sticks in cake. */
function onCake(deep: number, tall = 150): Build {
  const figure = plainPiece(
    'figure',
    { kind: 'truncatedCone', sizes: { foot: 30, top: 50, height: tall } },
    { on: 'cake', at: [0, 0, 114] },
  );
  const stick = (build: Build, x: number): Build =>
    addRod(build, {
      name: `stick ${x}`,
      stock: 'skewer4',
      from: { on: 'cake', at: [x, 0, 114 - deep] },
      to: { on: 'figure', at: [x, 0, tall * 0.6] },
      pair: false,
      sleeved: false,
    }).build;
  return stick(stick({ ...blank, pieces: [cake, figure] }, -9), 9);
}
const firm = firmTo(120);
const checksOf = (build: Build) => new Map(plan(build).bones.rods[0]!.checks.map((c) => [c.id, c] as const));
const card = (width: number): Disc => ({ of: 'card', width });
const laid = (build: Build, disc: Disc): Build => value(setDisc(build, 'figure', disc));

describe('how far a disc spreads', () => {
  it('is the effective width under a base plate: c = t √(f ÷ 3 p), p over all that presses', () => {
    // EN 1993-1-8, 6.2.5 (4), from memory; a thin weak disc under a heavy foot, so that it governs
    const disc: Disc = { of: 'foam', width: 400 };
    const { thick, bending, reserve } = boardOf(disc);
    for (const newtons of [150, 220, 400]) {
      const r = spreadRadius(disc, 12, newtons);
      const p = newtons / (Math.PI * r * r);
      expect(r - 12).toBeCloseTo(thick * Math.sqrt(bending / reserve / (3 * p)), 6);
    }
  });

  it('lies between the foot and the rim, never wider under more weight', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('card', 'foam', 'acrylic'),
        fc.double({ min: 10, max: 600, noNaN: true }),
        fc.double({ min: 2, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        (of, width, foot, newtons) => {
          const disc: Disc = { of: of as Disc['of'], width };
          const r = spreadRadius(disc, foot, newtons);
          expect(r).toBeGreaterThanOrEqual(foot);
          expect(r).toBeLessThanOrEqual(Math.max(foot, width / 2));
          expect(spreadRadius(disc, foot, newtons + 1)).toBeLessThanOrEqual(r);
        },
      ),
    );
  });
});

describe('a figure on two sticks in cake', () => {
  it('sinks on its own feet and does not on a disc, a wider one never worse', () => {
    const bare = checksOf(onCake(60));
    expect(bare.get('sink')!.verdict).toBe('fails');
    let before = bare;
    for (const width of [50, 70, 90]) {
      const now = checksOf(laid(onCake(60), card(width)));
      for (const id of ['sink', 'hold-below'])
        expect(now.get(id)!.use.value, `${id} ${width}`).toBeLessThanOrEqual(before.get(id)!.use.value);
      before = now;
    }
    expect(before.get('sink')!.verdict).toBe('holds');
  });

  it('is held by what the disc bears in its holes: q L² ÷ 4 of cake against 18 N at the top', () => {
    // 3 mm of card at 1.5 MPa on a stick of 4 mm bears 18 N; by hand, with the tables' values
    const bare = onCake(60);
    expect(checksOf(bare).get('hold-below')!.use.value).toBeGreaterThan(
      2 * checksOf(laid(bare, card(60))).get('hold-below')!.use.value,
    );
  });

  it('gets a disc offered where nothing along the stick does it, and it holds when it is taken', () => {
    const build = onCake(60);
    expect(worstOfRod(build, 'stick-9', firm)!.verdict).toBe('fails');
    const disc = mendsFor(build, 'stick-9', firm).find((m) => m.text.startsWith('Hide a'))!;
    expect(disc.text).toMatch(/^Hide a \d+ mm disc of 3 mm card under the figure$/);
    const mended = disc.apply();
    expect(worstOfRod(mended, 'stick-9', firm)!.use.value).toBeLessThanOrEqual(0.85);
    expect(mended.pieces.find((p) => p.id === 'figure')!.seat.disc!.of).toBe('card');
  });
});

describe('a disc in the rest of the job', () => {
  const build = laid(onCake(60), card(70));
  it('is weighed, cut, listed and taken out again', () => {
    const { bones } = plan(build);
    expect(bones.balance.mass.value - plan(onCake(60)).bones.balance.mass.value).toBeCloseTo(
      // 70 mm of 3 mm pulp card at 0.7 g/cm³, by hand
      8.082,
      3,
    );
    expect(removalCard(build, bones.rods).find((l) => l.what.startsWith('Disc'))).toMatchObject({
      number: 1,
      where: 'in the top of the cake, under the figure',
    });
    expect(bones.hazards.map((h) => h.id)).toContain('disc');
    expect(plan(build).needs.find((n) => /^Disc of 3 mm card/.test(n.name))).toMatchObject({
      kind: 'board',
      for: ['under the figure'],
    });
    const { steps, links } = plan(build, { runs: 1 }).work!;
    expect(steps.find((s) => s.id === 'bones')).toMatchObject({ title: 'Cut 2 rods and the disc' });
    expect(links.some((l) => l.from === 'bones' && l.to === 'join:figure')).toBe(true);
  });

  it('is told when it comes out of what it is let into', () => {
    expect(plan(build).bones.asks.join()).not.toMatch(/disc/);
    const egg = plainPiece('egg', { kind: 'ball', sizes: { diameter: 90, press: 0 } });
    const dot = plainPiece(
      'dot',
      { kind: 'ball', sizes: { diameter: 30, press: 0 } },
      { on: 'egg', at: [0, 0, 88] },
    );
    const round = { ...blank, pieces: [egg, dot] };
    expect(plan(value(setDisc(round, 'dot', card(80)))).bones.asks.join()).toMatch(/stands out of the egg/);
  });

  it('grows with the figure, and goes where the seat has nothing to let it into', () => {
    const seat = (b: Build) => b.pieces.find((p) => p.id === 'figure')!.seat;
    expect(seat(scaleFigure(build, 2)).disc!.width).toBe(140);
    expect(seat(value(reseat(build, 'figure', 'board'))).disc).toBeUndefined();
    expect(seat(value(setSeat(build, 'figure', { how: 'hangs' }))).disc).toBeUndefined();
    expect(seat(value(setSeat(build, 'figure', { lean: 3 }))).disc).toEqual(card(70));
    expect(seat(value(setDisc(build, 'figure', undefined))).disc).toBeUndefined();
  });

  it('is refused where it cannot lie or would show', () => {
    expect(refusal(setDisc(build, 'cake', card(70)))).toMatch(/sits on another/);
    expect(refusal(setDisc(build, 'figure', card(5)))).toMatch(/10 to 600 mm/);
    expect(refusal(setDisc(build, 'figure', card(240)))).toMatch(/narrower/);
    expect(refusal(setDisc(build, 'nobody', card(70)))).toMatch(/no longer/);
  });

  it('lets what stands below bear more: the load is spread on it', () => {
    const soft = (b: Build) => plan(b).firming.get('cake')!.bands.bear;
    const weight = (1000 * GRAVITY) / 1000;
    expect(spreadRadius(card(70), 12, weight)).toBeGreaterThan(30);
    expect(soft(build)!.likely).toBeLessThanOrEqual(soft(onCake(60))!.likely);
  });
});
