import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyBuild } from '../../figure/arbitrary.testing.ts';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import { setRod } from '../../edits/index.ts';
import { type Build, type Rod } from '../../record/index.ts';
import { type Vec } from '../../solids/index.ts';
import { demoBuild, value } from '../../files/demo.testing.ts';
import { plan } from '../../plan.ts';
import { removalCard } from '../index.ts';
import { APART, segmentGap } from './clashes.ts';
import { hazardsOf } from '../hazards.ts';

const rod = (id: string, from: Vec, to: Vec, more: Partial<Rod> = {}): Rod => ({
  id,
  name: id,
  stock: 'skewer3',
  from: { on: 'board', at: from },
  to: { on: 'board', at: to },
  pair: false,
  sleeved: false,
  ...more,
});
const ball = plainPiece('ball', { kind: 'ball', sizes: { diameter: 80, press: 0 } });
const withRods = (...rods: Rod[]): Build => ({ ...blank, pieces: [ball], rods });
const clashes = (b: Build, kind?: string) => plan(b).bones.clashes.filter((c) => !kind || c.kind === kind);

describe('the way between two stretches', () => {
  it.each<[Vec, Vec, Vec, Vec, number]>([
    [[0, 0, 0], [10, 0, 0], [5, -5, 3], [5, 5, 3], 3],
    [[0, 0, 0], [10, 0, 0], [12, 0, 0], [20, 0, 0], 2],
    [[0, 0, 0], [10, 0, 0], [0, 4, 0], [10, 4, 0], 4],
    [[0, 0, 0], [10, 0, 0], [13, 4, 0], [20, 4, 0], 5],
    [[0, 0, 0], [0, 0, 0], [3, 4, 0], [3, 4, 0], 5],
  ])('%j to %j and %j to %j', (a, b, c, d, gap) => {
    expect(segmentGap(a, b, c, d).gap).toBeCloseTo(gap, 9);
  });

  it('is never longer than any step from a point of one to a point of the other', () => {
    const p = fc.tuple(
      fc.double({ min: -20, max: 20, noNaN: true }),
      fc.double({ min: -20, max: 20, noNaN: true }),
      fc.double({ min: -20, max: 20, noNaN: true }),
    );
    fc.assert(
      fc.property(p, p, p, p, (a, b, c, d) => {
        const { gap } = segmentGap(a, b, c, d);
        let least = Infinity;
        for (let i = 0; i <= 40; i++)
          for (let k = 0; k <= 40; k++) {
            const x = a.map((v, n) => v + ((b[n]! - v) * i) / 40);
            const y = c.map((v, n) => v + ((d[n]! - v) * k) / 40);
            least = Math.min(least, Math.hypot(...x.map((v, n) => v - y[n]!)));
          }
        expect(gap).toBeLessThanOrEqual(least + 1e-6);
        expect(least - gap).toBeLessThan(3);
      }),
      { numRuns: 40 },
    );
  });
});

describe('rods in each other’s way', () => {
  it('that pass too near are told, with a move that clears them', () => {
    const near = withRods(rod('one', [0, 0, 4], [0, 0, 60]), rod('two', [4, 0, 4], [4, 0, 60]));
    const [c] = clashes(near, 'rods');
    expect(c!.title).toBe('A and B pass 1 mm apart');
    expect(c!.verdict).toBe('tight');
    expect(clashes(c!.mend!.apply(), 'rods')).toEqual([]);
  });

  it('that run into each other fail, and a bundle may touch', () => {
    const into = withRods(rod('one', [-20, 0, 30], [20, 0, 30]), rod('two', [0, 0, 4], [0, 0, 60]));
    expect(clashes(into, 'rods')[0]).toMatchObject({
      verdict: 'fails',
      title: 'A and B run into each other',
    });
    const taped = withRods(
      rod('one', [0, 0, 4], [0, 0, 60], { bundle: 'spine' }),
      rod('two', [3, 0, 4], [3, 0, 60], { bundle: 'spine' }),
    );
    expect(clashes(taped, 'rods')).toEqual([]);
  });

  it('far enough apart are left in peace', () => {
    const b = withRods(
      rod('one', [0, 0, 4], [0, 0, 60]),
      rod('two', [3 + APART + 0.1, 0, 4], [3 + APART + 0.1, 0, 60]),
    );
    expect(clashes(b, 'rods')).toEqual([]);
  });
});

describe('rods and paste', () => {
  it('a rod under the skin shows, one in the middle does not, one meant to be seen may', () => {
    const under = (more: Partial<Rod> = {}) => withRods(rod('one', [37, 0, 28], [37, 0, 52], more));
    expect(clashes(under(), 'cover')).toHaveLength(1);
    expect(clashes(withRods(rod('one', [0, 0, 20], [0, 0, 60])), 'cover')).toEqual([]);
    expect(clashes(under({ shown: true }), 'cover')).toEqual([]);
  });

  it('the face where two pieces meet is no surface', () => {
    const upper = plainPiece('upper', ball.form, { on: 'ball', at: [0, 0, 80], sink: 12 });
    const b: Build = { ...blank, pieces: [ball, upper], rods: [rod('spine', [0, 0, 40], [0, 0, 110])] };
    expect(clashes(b, 'cover')).toEqual([]);
  });

  it('a rod too thick for what it runs through splits it', () => {
    const leg = plainPiece('leg', { kind: 'rope', sizes: { diameter: 14, length: 80 } });
    const b = (stock: string): Build => ({
      ...blank,
      pieces: [leg],
      rods: [rod('bone', [0, 0, 0], [0, 0, 70], { stock })],
    });
    expect(clashes(b('dowel8'), 'thick')[0]!.text).toMatch(/8 mm in 14 mm of paste/);
    expect(clashes(b('skewer4'), 'thick')).toEqual([]);
  });

  it('a piece on two rods that are not parallel cannot be slid on', () => {
    const head = plainPiece(
      'head',
      { kind: 'ball', sizes: { diameter: 60, press: 0 } },
      { on: 'ball', at: [0, 0, 80], sink: 3 },
    );
    const b = (lean: number): Build => ({
      ...blank,
      pieces: [ball, head],
      rods: [rod('one', [-10, 0, 50], [-10, 0, 110]), rod('two', [10, 0, 50], [10 + lean, 0, 110])],
    });
    expect(clashes(b(12), 'slide')[0]!.title).toBe('The head cannot be slid on');
    expect(clashes(b(0), 'slide')).toEqual([]);
  });

  it('stands up to any build, and what it offers clears what it is about', () => {
    fc.assert(
      fc.property(anyBuild(4), (build) => {
        for (const c of plan(build).bones.clashes) {
          expect(c.title + c.text).not.toMatch(/NaN|Infinity|undefined/);
          if (c.mend) {
            const after = plan(c.mend.apply()).bones.clashes;
            expect(after.some((x) => x.kind === 'rods' && x.rods.join() === c.rods.join())).toBe(false);
          }
        }
      }),
      { numRuns: 15 },
    );
  });
});

describe('what is not food', () => {
  const heron = demoBuild('one-legged-heron');
  const otter = demoBuild('ferryman-otter');

  it('is counted on the removal card, every rod and foam core of it', () => {
    const { rods } = plan(otter).bones;
    const card = removalCard(otter, rods);
    const number = rods.reduce((n, r) => n + (r.rod.pair ? 2 : 1), 0);
    expect(card.reduce((n, l) => n + l.number, 0)).toBe(number + 1);
    expect(card.at(-1)).toMatchObject({ what: 'Foam core', number: 1, where: 'Head', of: { piece: 'head' } });
    // a line is known by its own id, whatever it is called
    expect(new Set(card.map((l) => l.id)).size).toBe(card.length);
  });

  it('thread and MDF must be covered; sleeved, the thread is at rest: common practice', () => {
    const level = (b: Build, id: string) => hazardsOf(b, plan(b).bones.rods).find((h) => h.id === id)?.level;
    const bare = value(setRod(heron, heron.rods[0]!.id, { sleeved: false }));
    expect(level(bare, 'thread')).toBe('must');
    expect(level(value(setRod(bare, heron.rods[0]!.id, { sleeved: true })), 'thread')).toBeUndefined();
    expect(level(heron, 'mdf')).toBe('must');
    expect(level(otter, 'foam')).toBe('must');
    expect(level(otter, 'small')).toBe('should');
  });

  it('puts the musts first and names nothing safe', () => {
    const found = hazardsOf(otter, plan(otter).bones.rods);
    const order = found.map((h) => ['must', 'should', 'note'].indexOf(h.level));
    expect(order).toEqual([...order].sort());
    expect(JSON.stringify(found)).not.toMatch(/\bsafe\b|certified|guarantee/i);
  });
});
