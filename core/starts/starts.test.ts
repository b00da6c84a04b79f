import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readBuild } from '../files/index.ts';
import { measureOf } from '../figure/index.ts';
import { plan } from '../plan.ts';
import { bodyInside, formBody } from '../solids/index.ts';
import {
  PASTE_SCHOOLS,
  startBuild,
  startOf,
  STARTS,
  usuallyWanted,
  type Start,
  type Wanted,
} from './index.ts';
import { blendsFor } from './blends.ts';
import { eggSunk, lumpOver } from './lumps.ts';
import { ballForm, eggForm } from './forms.ts';
import { aimed, Sketch } from './sketch.ts';
import { limbRound, stickFor } from './sticks.ts';

const DUE = { due: '2026-12-05T15:00', zone: 'Europe/London' };
const made = (start: Start, told: Partial<Wanted> = {}) =>
  startBuild(start, { ...usuallyWanted(start), ...told }, DUE);

/** What of a build does not hold, in words; nothing when all is well. */
function wrongWith(start: Start, told: Partial<Wanted>): string[] {
  const build = made(start, told);
  const read = readBuild(JSON.stringify(build));
  if (!read.ok) return [read.problem.text];
  const { bones, stands, figure, pasteSums } = plan(build);
  const sums = [figure.paste.value, pasteSums.mix.value, bones.balance.mass.value, figure.height];
  return [
    ...sums.filter((x) => !Number.isFinite(x) || x <= 0).map((x) => `a sum is ${x}`),
    ...bones.rods
      .filter((r) => r.verdict === 'fails')
      .map((r) => `${r.rod.id} won't hold: ${r.worst?.title}`),
    ...bones.clashes.filter((c) => c.verdict === 'fails').map((c) => c.title),
    ...bones.glued
      .filter((g) => g.check.verdict === 'fails')
      .map((g) => `${g.piece.id} comes off on the way`),
    ...bones.carved.filter((c) => c.check.verdict === 'fails').map((c) => `${c.piece} is carved too thin`),
    ...(!bones.anchored && bones.figureTips.check.verdict === 'fails' ? ['it tips on its own feet'] : []),
    ...(bones.boardTips.check.verdict === 'fails' ? ['its board tips'] : []),
    ...stands.hovers.map((h) => h.text),
  ].map((text) => `${start.id} ${JSON.stringify(told)}: ${text}`);
}

/** Five heights from the least to half a metre; of sweets five weights. */
const sizesOf = ({ size }: Start): number[] =>
  size.kind === 'mass' ? [6, 12, 14, 20, 40] : [size.least, 80, 150, 250, 400, 500].slice(0, 6);
/** Both ends of every slider, one at a time. */
const moved = (start: Start): Partial<Wanted>[] => [
  ...start.sliders.flatMap((s) => [s.least, s.most].map((v) => ({ varied: { [s.key]: v } }))),
  ...start.variants.flatMap((v) => v.options.map((o) => ({ varied: { [v.key]: o.value } }))),
];

describe.each(STARTS.map((s) => [s.id, s] as const))('start %s', (_, start) => {
  it('holds at every height: no stick, no glue and no foot gives, nothing hovers', () => {
    expect(sizesOf(start).flatMap((size) => wrongWith(start, { size }))).toEqual([]);
  });

  it('holds in every paste', () => {
    const pastes = PASTE_SCHOOLS.filter((p) => p !== (start.paste ?? 'powder'));
    const size = start.size.kind === 'mass' ? 14 : 200;
    expect(pastes.flatMap((paste) => wrongWith(start, { paste, size }))).toEqual([]);
  });

  it('holds solid, over foam and, where it may be, over cake', () => {
    const insides = ['solid', 'foam', ...(start.cake ? (['cake'] as const) : [])] as const;
    const sizes = start.size.kind === 'mass' ? [14] : [95, 250];
    const found = insides.flatMap((inside) =>
      sizes.flatMap((size) => wrongWith(start, { inside, size, longStretch: inside === 'cake' })),
    );
    expect(found).toEqual([]);
  });

  it('holds with every share at both its ends and every choice', () => {
    expect(moved(start).flatMap((told) => wrongWith(start, told))).toEqual([]);
  });

  it('comes out as tall as it is asked for', () => {
    if (start.size.kind === 'mass') return;
    for (const size of [80, 150, 250, 400]) {
      const { figure } = plan(made(start, { size }));
      expect(Math.abs(figure.height - size), `${start.id} of ${size} mm`).toBeLessThan(1);
    }
  });

  it('names each piece, rod and colour once, and every caution is a sentence', () => {
    const build = made(start);
    const ids = [...build.pieces, ...build.rods].map((x) => x.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(build.pieces.every((p) => build.colours.some((c) => c.id === p.colour))).toBe(true);
    expect(build.pieces.every((p) => build.blends.some((b) => b.id === p.blend))).toBe(true);
    for (const c of start.cautions) expect(c.says).toMatch(/^[A-Z].*\.$/);
  });
});

describe('days of the starts', () => {
  it.each(STARTS.map((s) => [s.id, s] as const))(
    '%s fits evenings of three hours before a day two weeks ahead',
    (_, start) => {
      const evenings = [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '19:00', to: '22:00' }));
      const build = { ...made(start), hours: evenings };
      const found = plan(build, { effort: 'first', runs: 20 }).days().plan;
      expect(found?.lateBy, start.id).toBe(0);
      // three evenings where the hands have no more to do than fits them
      const needed = Math.ceil(found!.handsOn / 180);
      expect(found!.sessions.length, start.id).toBeLessThanOrEqual(Math.max(3, needed + 2));
    },
  );
});

describe('figures of common practice', () => {
  const grams = (build: ReturnType<typeof made>, id: string) =>
    plan(build).figure.pieces.find((p) => p.id === id)!.weight.paste.value;

  it('a sitting animal of 95 mm: head 50 g, body 35 g, legs 5 g and arms 2 g each (common practice)', () => {
    const build = made(startOf('sitting'), { size: 95, varied: { holds: 'nothing' } });
    expect(grams(build, 'head')).toBeGreaterThan(46);
    expect(grams(build, 'head')).toBeLessThan(54);
    expect(grams(build, 'body')).toBeGreaterThan(32);
    expect(grams(build, 'body')).toBeLessThan(42);
    expect(grams(build, 'legs')).toBeCloseTo(5, 0);
    expect(grams(build, 'arms')).toBeCloseTo(2, 0);
  });

  it('about 120 g of its main colour are mixed (common practice)', () => {
    const { paste } = plan(made(startOf('sitting'), { size: 95, varied: { holds: 'nothing' } }));
    const most = Math.max(...paste.map((b) => b.mix.value));
    expect(most).toBeGreaterThan(105);
    expect(most).toBeLessThan(140);
  });

  it('a long-legged figure of 8 in: its legs end 135 mm up (common practice)', () => {
    const build = made(startOf('person'), { size: 203.2, varied: { scheme: 'longLegs' } });
    const leg = build.pieces.find((p) => p.id === 'legs')!;
    const shoe = build.pieces.find((p) => p.id === 'shoes')!;
    const from = shoe.form.sizes.diameter! / 2;
    expect(from + measureOf(leg).height).toBeGreaterThan(132);
    expect(from + measureOf(leg).height).toBeLessThan(139);
  });

  it('sweets of 14 g weigh that, each kind of them (common practice)', () => {
    const { figure } = plan(made(startOf('sweets')));
    const whole = (...ids: string[]) =>
      figure.pieces.filter((p) => ids.includes(p.id)).reduce((s, p) => s + p.all.value, 0) / 20;
    expect(whole('acorn', 'acorn-cap', 'acorn-stalk')).toBeCloseTo(14, 0);
    expect(whole('fish', 'fish-tail', 'fish-eyes', 'fish-eyes-2')).toBeCloseTo(14, 0);
    expect(whole('quince', 'quince-leaf')).toBeCloseTo(14, 0);
  });

  it('grams go with the cube of the height where nothing has a least size', () => {
    const solid = (size: number) =>
      plan(made(startOf('discs'), { size, inside: 'solid' })).figure.paste.value;
    expect(solid(88) / solid(66)).toBeCloseTo((88 / 66) ** 3, 0);
  });
});

describe('the sketch', () => {
  const plain = usuallyWanted(startOf('sitting'));

  it('finds where a line comes out of a lump, on its skin and not beside it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1, max: 1, noNaN: true }),
        fc.double({ min: -1, max: 1, noNaN: true }),
        fc.double({ min: -0.9, max: 0.9, noNaN: true }),
        (x, y, z) => {
          fc.pre(Math.hypot(x, y, z) > 0.1);
          const f = new Sketch(plain);
          f.add(['a', 'A'], eggForm(40, 60), { colour: 'cream' });
          const at = f.out('a', [0, 0, 28], [x, y, z]);
          const body = formBody(f.form('a'));
          const n = Math.hypot(x, y, z);
          const step = (k: number) =>
            [at[0] + (k * x) / n, at[1] + (k * y) / n, at[2] + (k * z) / n] as const;
          return bodyInside(body, step(-0.01)) !== undefined && bodyInside(body, step(0.01)) === undefined;
        },
      ),
    );
  });

  it('turns up along any direction, right as near as can be to its wish', () => {
    const unit = fc.double({ min: -1, max: 1, noNaN: true });
    fc.assert(
      fc.property(unit, unit, unit, (x, y, z) => {
        fc.pre(Math.hypot(x, y, z) > 0.2 && Math.hypot(y, z) > 0.1);
        const f = new Sketch(plain);
        f.add(['a', 'A'], ballForm(10), { colour: 'cream', seat: aimed([x, y, z]) });
        const { x: right, z: up } = f.frame('a');
        const n = Math.hypot(x, y, z);
        expect(up[0]).toBeCloseTo(x / n, 3);
        expect(up[1]).toBeCloseTo(y / n, 3);
        expect(up[2]).toBeCloseTo(z / n, 3);
        expect(right[0]).toBeGreaterThanOrEqual(-1e-3);
      }),
    );
  });

  it('puts a place of the board into a piece and back', () => {
    const f = new Sketch(plain);
    f.add(['a', 'A'], eggForm(40, 60), {
      colour: 'cream',
      seat: { at: [5, 6, 7], ...aimed([0.3, -0.8, 0.4]) },
    });
    f.add(['b', 'B'], ballForm(20), { colour: 'cream', seat: { on: 'a', at: [1, 2, 50], lean: 40 } });
    const back = f.world('b', f.inside('b', [11, -4, 33]));
    expect(back.map((v) => Number(v.toFixed(6)))).toEqual([11, -4, 33]);
  });

  it('keeps the outside of a lump when it takes a core', () => {
    const body = (form: ReturnType<typeof eggForm>) => plan(coreBuild(form)).figure.height;
    const outer = eggForm(100, 140);
    const cored = lumpOver({ ...plain, inside: 'foam' }, outer);
    expect(cored.core).toBe('foam');
    expect(body(cored.form)).toBeCloseTo(body(outer), 3);
  });

  it('takes the thinnest stick that is long enough, and metal where no wood is sold so long', () => {
    expect(stickFor(3, 200).id).toBe('skewer3');
    expect(stickFor(3, 280).id).toBe('skewer4');
    expect(stickFor(2, 64).id).toBe('cocktail2');
    expect(stickFor(6, 420).id).toBe('stainless6');
    for (const across of [2, 3, 4, 6, 8, 10, 12])
      expect(limbRound(across)).toBeGreaterThanOrEqual(across + 6);
  });

  it('sinks the point of an egg until its face is as wide as asked', () => {
    const [across, tall, radius] = [40, 60, 12];
    const down = eggSunk(across, tall, radius);
    const body = formBody(eggForm(across, tall));
    expect(bodyInside(body, [radius - 0.05, 0, tall - down])).toBeDefined();
    expect(bodyInside(body, [radius + 0.05, 0, tall - down])).toBeUndefined();
  });

  it('stiffens by duty: what carries is stiffer than what fills (common practice)', () => {
    const [form, carry, thin] = blendsFor('powder', ['form', 'carry', 'thin']);
    expect(carry!.powder).toBeGreaterThan(form!.powder);
    expect(thin!.powder).toBeGreaterThan(form!.powder);
    expect(blendsFor('marzipan', ['form'])[0]!.job).toBeUndefined();
  });
});

function coreBuild(form: ReturnType<typeof eggForm>) {
  const f = new Sketch(usuallyWanted(startOf('sitting')));
  f.add(['a', 'A'], { form }, { colour: 'cream' });
  const base = made(startOf('sitting'));
  return { ...base, rods: [], pieces: f.pieces };
}
