import { describe, expect, it } from 'vitest';
import { contactsOf } from '../../contacts/index.ts';
import { place } from '../../figure/index.ts';
import { groundOf } from '../../ground/index.ts';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import type { Build, Piece, Rod } from '../../record/index.ts';
import { GRAVITY } from '../../quantity/index.ts';
import { bodyDepth, toLocal, type Form, type Vec } from '../../solids/index.ts';
import { rodPaths } from '../runs/rod-paths.ts';
import { carriedWith, fallsWith, sharesOf } from './flows.ts';
import { balance, type Carried } from './graph.ts';
import type { ToBalance } from './numbered.ts';
import { settle, type Spring } from './settle.ts';
import { LAW } from '../../firming/law.ts';
import { pasteAt } from '../stock/soft.ts';
import { GRIP } from './rod-springs.ts';
import { pasteOf } from './springs.ts';

const FREE = { sideways: 0, press: Infinity, pull: Infinity, slide: 0 };

describe('springs in balance', () => {
  it('a beam on springs of 1, 2 and 4 N/mm at −30, 0 and 20 mm: two equations by hand', () => {
    // w Σk + θ Σkx = 10, w Σkx + θ Σkx² = 0
    const k = [1, 2, 4];
    const x = [-30, 0, 20];
    const [s0, s1, s2] = [7, 50, 2500];
    const det = s0 * s2 - s1 * s1;
    const [w, turn] = [(10 * s2) / det, (-10 * s1) / det];
    const springs: Spring[] = x.map((at, i) => ({
      ...FREE,
      a: 0,
      b: 1,
      at: [at, 0, 0],
      n: [0, 0, 1],
      stiff: k[i]!,
    }));
    // held upright across the beam
    for (const y of [-50, 50])
      springs.push(
        { ...FREE, a: 0, b: 1, at: [0, y, 0], n: [1, 0, 0], stiff: 100 },
        { ...FREE, a: 0, b: 1, at: [0, 0, y / 5], n: [0, 1, 0], stiff: 100 },
      );
    const found = settle(
      [
        { at: [0, 0, 0], force: [0, 0, 0], still: true },
        { at: [0, 0, 10], force: [0, 0, -10], still: false },
      ],
      springs,
    );
    x.forEach((at, i) => expect(found.presses[i]!).toBeCloseTo(k[i]! * (w + turn * at), 2));
    expect(found.presses[0]!).toBeCloseTo(2.667, 2);
  });

  const beside = (press: number) =>
    settle(
      [
        { at: [0, 0, 0], force: [0, 0, 0], still: true },
        { at: [0, 0, 10], force: [0, 0, -5], still: false },
      ],
      [0.3, 1.2].map((stiff, i): Spring => ({
        ...FREE,
        a: 0,
        b: 1,
        at: [0, 0, 0],
        n: [0, 0, 1],
        stiff,
        sideways: stiff,
        slide: Infinity,
        press: i === 1 ? press : Infinity,
      })),
    );
  it('a leg of 0.3 beside a stick of 1.2 N/mm: the stick takes k ÷ Σk of 5 N', () => {
    expect(beside(Infinity).presses[1]!).toBeCloseTo(4, 3);
  });
  it('a stick whose hold gives at 1.5 N leaves the leg the rest', () => {
    expect(beside(1.5).presses[0]!).toBeCloseTo(3.5, 3);
  });
  it('what nothing holds shows on the ghost', () => {
    const found = settle([{ at: [0, 0, 0], force: [0, 0, -2], still: false }], []);
    expect(found.uncarried[0]!).toBeCloseTo(2, 6);
  });
});

const plainRod = (id: string, stock: string, from: Vec, to: Vec): Rod => ({
  id,
  name: id,
  stock,
  from: { on: 'board', at: from },
  to: { on: 'board', at: to },
  pair: false,
  sleeved: false,
});

const rope = (d: number, l: number): Form => ({ kind: 'rope', sizes: { diameter: d, length: l } });
const block = (w: number, d: number, h: number): Form => ({
  kind: 'roundedBlock',
  sizes: { width: w, depth: d, height: h, edge: 0 },
});

/** Masses as said, balance points in the middle of the drawn height. */
interface Figure {
  readonly pieces: readonly Piece[];
  readonly rods?: readonly Rod[];
  readonly grams: Readonly<Record<string, number>>;
  readonly aside?: Readonly<Record<string, number>>;
  readonly kPa?: Readonly<Record<string, number>>;
  readonly limited?: boolean;
}

const TALL: Record<string, number> = { torso: 68 };

function carried(f: Figure): {
  build: Build;
  now: Carried;
  on: (upper: string, lower: string) => number;
  rods: (upper: string) => number;
} {
  const build: Build = { ...blank, pieces: f.pieces, rods: f.rods ?? [] };
  const instances = place(build);
  const own = instances.map((i) => {
    const tall = TALL[i.piece.id] ?? 130;
    const { origin } = i.frame;
    return {
      g: f.grams[i.piece.id]!,
      at: [origin[0] + (f.aside?.[i.piece.id] ?? 0), origin[1], origin[2] + tall / 2] as Vec,
    };
  });
  const setting: ToBalance = {
    instances,
    contacts: contactsOf(build),
    own,
    pasteOf: (k) => pasteOf(f.kPa?.[instances[k]!.piece.id] ?? 47),
    joined: () => false,
    rods: rodPaths(build).map((path) => ({ path, g: 1 })),
    under: (at) => {
      if (at[2] < 0) return groundOf(build).top;
      const k = instances.findIndex(
        (i) => bodyDepth(i.body)(...(toLocal(i.frame, at) as [number, number, number])) > 0,
      );
      return k < 0 ? undefined : k;
    },
    limited: f.limited ?? false,
  };
  const now = balance(setting);
  const number = (id: string) => instances.findIndex((i) => i.piece.id === id);
  return {
    build,
    now,
    on: (upper, lower) =>
      now.rests.find((r) => r.upper === number(upper) && r.lower === (lower === 'board' ? -1 : number(lower)))
        ?.patch ?? 0,
    rods: (upper) => now.rests.filter((r) => r.upper === number(upper)).reduce((sum, r) => sum + r.rods, 0),
  };
}

const leg = (id: string, x: number, y = 0, d = 12): Piece => plainPiece(id, rope(d, 130), { at: [x, y, 0] });
/** Declared to stand on the board, as the file of such a figure has it: who carries it is found. */
const torso = (): Piece => plainPiece('torso', block(64, 40, 68), { at: [0, 0, 130] });
const GRAMS = { torso: 234, l: 0.001, r: 0.001, tail: 0.001, p0: 0.001, p1: 0.001, p2: 0.001, p3: 0.001 };

describe('a body over its legs', () => {
  it('two alike carry half each', () => {
    const { on, now } = carried({ pieces: [leg('l', -20), leg('r', 20), torso()], grams: GRAMS });
    expect(on('torso', 'l')).toBeCloseTo(117, 1);
    expect(on('torso', 'r')).toBeCloseTo(117, 1);
    expect(on('l', 'board') + on('r', 'board')).toBeCloseTo(234, 1);
    expect(now.hovers.size + now.gives.size).toBe(0);
  });

  it('thin ones, 8 mm off the middle: the lever rule', () => {
    const { on } = carried({
      pieces: [leg('l', -20, 0, 3), leg('r', 20, 0, 3), torso()],
      grams: GRAMS,
      aside: { torso: 8 },
    });
    expect(Math.abs(on('torso', 'r') / ((234 * 28) / 40) - 1)).toBeLessThan(0.01);
    expect(Math.abs(on('torso', 'l') / ((234 * 12) / 40) - 1)).toBeLessThan(0.01);
  });

  it('thick ones take some of it as a turn, but never more than clamped', () => {
    const { on } = carried({
      pieces: [leg('l', -20), leg('r', 20), torso()],
      grams: GRAMS,
      aside: { torso: 8 },
    });
    expect(on('torso', 'r')).toBeGreaterThan(234 * 0.66);
    expect(on('torso', 'r')).toBeLessThan((234 * 28) / 40 + 0.5);
  });

  it('a stool, 5 mm off its middle: W ÷ 3 (1 + 2 x ÷ r)', () => {
    const legs = [0, 1, 2].map((k) => leg(`p${k}`, 25 * Math.cos(2.0944 * k), 25 * Math.sin(2.0944 * k), 3));
    const { on } = carried({
      pieces: [...legs, plainPiece('torso', block(80, 80, 68), { at: [0, 0, 130] })],
      grams: { ...GRAMS, torso: 240 },
      aside: { torso: 5 },
    });
    expect(Math.abs(on('torso', 'p0') / 112 - 1)).toBeLessThan(0.02);
    expect(Math.abs(on('torso', 'p1') / 64 - 1)).toBeLessThan(0.02);
    expect(Math.abs(on('torso', 'p2') / 64 - 1)).toBeLessThan(0.02);
  });

  it('a tail as third leg takes its part by the lever front to back', () => {
    const { on } = carried({
      pieces: [leg('l', -20, -12), leg('r', 20, -12), leg('tail', 0, 15), torso()],
      grams: GRAMS,
    });
    expect(Math.abs(on('torso', 'tail') / ((234 * 12) / 27) - 1)).toBeLessThan(0.05);
  });

  it('in the air it hovers, and the legs that do not reach it carry nothing', () => {
    const { now, build } = carried({
      pieces: [leg('l', -20), leg('r', 20), { ...torso(), seat: { ...torso().seat, at: [0, 0, 160] } }],
      grams: GRAMS,
    });
    expect([...now.hovers].map((k) => place(build)[k]!.piece.id)).toEqual(['torso']);
  });

  it('one leg too soft for its half: the other cannot take it over, the body tips', () => {
    const kPa = { l: 3, r: 30, torso: 30 };
    const { now } = carried({
      pieces: [leg('l', -20), leg('r', 20), torso()],
      grams: GRAMS,
      kPa,
      limited: true,
    });
    expect(now.gives.size).toBeGreaterThan(0);
  });
});

describe('sticks beside the paste', () => {
  const stick = (x: number, up: number, across = 'skewer4'): Rod =>
    plainRod(`s${x}`, across, [x, 0, -8], [x, 0, 130 + up]);
  const legged = (soft: number, body: number, sticks: readonly Rod[]) =>
    carried({
      pieces: [leg('l', -20), leg('r', 20), torso()],
      rods: sticks,
      grams: { ...GRAMS, l: 15, r: 15 },
      kPa: { l: soft, r: soft, torso: body },
      limited: true,
    });
  const hold = (d: number, long: number, kPa: number) =>
    ((Math.PI * d * long * 0.2 + 4.5 * (Math.PI / 4) * d * d) * kPa) / GRAVITY;

  it('take what their hold takes in a soft body, and no more', () => {
    const { rods, now } = legged(5, 5, [stick(-20, 45), stick(20, 45)]);
    const d = rodPaths({ ...blank, pieces: [], rods: [stick(0, 45)] })[0]!.stock.section.diameter;
    expect(rods('torso') / 2).toBeGreaterThan(60);
    expect(rods('torso') / 2).toBeLessThanOrEqual(hold(d, 46, 5) * 1.02);
    expect(now.gives.size).toBe(0);
  });

  it('take all of it at once where the body is an hour old', () => {
    const { rods } = legged(5, 47, [stick(-20, 45), stick(20, 45)]);
    expect(rods('torso') / 234).toBeGreaterThan(0.95);
  });

  it('a stick in the soft leg lets stand what fell over without', () => {
    const { now } = carried({
      pieces: [leg('l', -20), leg('r', 20), torso()],
      rods: [stick(-20, 45)],
      grams: { ...GRAMS, l: 15, r: 15 },
      kPa: { l: 3, r: 30, torso: 30 },
      limited: true,
    });
    expect(now.gives.size).toBe(0);
  });

  it('deeper never carries less, and one more never leaves the paste more', () => {
    const shares = [10, 20, 30, 45].map((up) => legged(9, 9, [stick(-20, up), stick(20, up)]).rods('torso'));
    shares.forEach((s, k) => k > 0 && expect(s).toBeGreaterThanOrEqual(shares[k - 1]! - 0.5));
    const one = legged(9, 47, [stick(-20, 30), stick(20, 30)]);
    const two = legged(9, 47, [
      stick(-20, 30),
      stick(20, 30),
      plainRod('more', 'skewer4', [-17, 0, -8], [-17, 0, 160]),
    ]);
    expect(two.on('torso', 'l')).toBeLessThanOrEqual(one.on('torso', 'l') + 0.5);
  });
});

describe('what is said twice, since rooms read only upwards', () => {
  it('is the same: how stiff paste is by the law of firming, and how it grips a stick by its table', () => {
    expect(pasteOf(100).stiffness).toBeCloseTo(0.1 / LAW.yieldStrain, 12);
    expect(GRIP).toBe(pasteAt(1).grip);
  });
});

describe('each with all it carries', () => {
  it('halves what two carry together, and all of it falls when either goes', () => {
    const { now } = carried({
      pieces: [leg('l', -20), leg('r', 20), torso()],
      grams: { ...GRAMS, l: 20, r: 20 },
    });
    const own = new Map([
      [0, { g: 20, at: [-20, 0, 65] as Vec }],
      [1, { g: 20, at: [20, 0, 65] as Vec }],
      [2, { g: 234, at: [0, 0, 164] as Vec }],
    ]);
    const shares = sharesOf(now.rests);
    const all = carriedWith(own, shares);
    expect(all.get(0)!.g).toBeCloseTo(137, 1);
    expect(all.get(2)!.g).toBeCloseTo(234, 6);
    expect([...fallsWith(0, shares)].sort()).toEqual([0, 2]);
  });
});
