import { describe, expect, it } from 'vitest';
import { glueUse } from './bones/joints/glue-films.ts';
import { letGoCheck } from './bones/joints/let-go.ts';
import { joinId } from './days/index.ts';
import { simulate } from './days/odds.ts';
import type { Work } from './days/types.ts';
import { step, workOf } from './days/work.testing.ts';
import { demoBuild, refusal, value } from './files/demo.testing.ts';
import { straighten } from './figure/index.ts';
import { setPropped } from './edits/index.ts';
import { weighedTogether } from './paste-list/index.ts';
import { type Build } from './record/index.ts';
import { thicker } from './firming/what-if.ts';
import { checkOwn, doseDoubts } from './pastes/index.ts';
import { plan, type Report } from './plan.ts';
import { given, GRAVITY, type Reckoned } from './quantity/index.ts';
import { measure } from './solids/index.ts';
import { packsFor } from './stores/shopping.ts';

/**
 * The seams: the number handed from one room to the next, the condition that chooses it, the sentence that tells it. What is
 * expected here is worked by hand from the inputs a finished report shows, or counted, never read off the code.
 */
const otter = demoBuild('ferryman-otter');
const cabbage = demoBuild('savoy-cabbage');
const heron = demoBuild('heron-on-a-skewer');

/** A leaf of a tree by how its name begins. */
function leaf(tree: Reckoned, begins: string): number {
  const all: Reckoned[] = [tree];
  for (const f of all) all.push(...(f.from ?? []));
  const found = all.find((f) => f.name.startsWith(begins));
  if (!found) throw new Error(`nothing begins with “${begins}” in ${all.map((f) => f.name).join(', ')}`);
  return found.value;
}
const rodCheck = (report: Report, rod: string, id: string) =>
  report.bones.rods.find((r) => r.rod.name === rod)!.checks.find((c) => c.id === id)!;
const handle = (build: Build, piece: string): number =>
  plan(build).firming.get(build.pieces.find((p) => p.name === piece)!.id)!.handle.value;

describe('from a size to a wait', () => {
  it('a ball of modelling chocolate sets in a good half hour, a leaf of it in a good ten minutes', () => {
    // common practice: small parts can be held within a quarter of an hour, a fist of it within the hour
    expect(handle(cabbage, 'Heart')).toBeGreaterThan(25);
    expect(handle(cabbage, 'Heart')).toBeLessThan(50);
    expect(handle(cabbage, 'Inner leaf 1')).toBeGreaterThan(8);
    expect(handle(cabbage, 'Inner leaf 1')).toBeLessThan(18);
  });
  it('twice as thick: a rope four times the paste and twice the face, a sheet twice the paste on the same face', () => {
    const body = { volume: 100, area: 40, depth: 2, facing: 10, thickness: 4, coat: false } as const;
    expect(thicker({ ...body, kind: 'rod' }, 2)).toMatchObject({
      volume: 400,
      area: 80,
      depth: 4,
      facing: 20,
      thickness: 8,
    });
    expect(thicker({ ...body, kind: 'sheet' }, 2)).toMatchObject({
      volume: 200,
      area: 40,
      depth: 4,
      facing: 10,
      thickness: 8,
    });
  });
  it('what is propped has to be fit to pick up, what is not has to be fit to hold', () => {
    const asked = (propped: boolean) =>
      plan(setPropped(otter, 'lantern-arm', propped)).work!.links.flatMap((l) =>
        l.to === joinId('lantern-arm') && l.piece === 'lantern-arm' && l.asks ? [l.asks] : [],
      );
    expect(asked(true)).toEqual(['touch']);
    expect(asked(false)).toEqual(['handle']);
  });
  it('a filled cake chills for an hour at least before it is carved', () => {
    const small: Build = {
      ...cabbage,
      cake: { ...cabbage.cake, chill: { ...cabbage.cake.chill, where: 'freezer' } },
    };
    for (const build of [cabbage, small])
      for (const l of plan(build).work!.links.filter((k) => /chills until it can be carved/.test(k.why)))
        expect(l.band.likely).toBeGreaterThanOrEqual(60);
  });
});

describe('from a load to millimetres and newtons', () => {
  it('a limb sinks by F s² (3 L − s) ÷ 6 E I along its lean, within what its load off the rod adds', () => {
    // cantilever with a load at s: Gere & Goodno, Mechanics of Materials, table of beam deflections
    for (const [rod, off] of [
      ['Lantern arm', 0.1],
      ['Oar arm', 0.2],
    ] as const) {
      const { use } = rodCheck(plan(otter), rod, 'droop');
      const at = (begins: string) => leaf(use, begins);
      const force = ((at(`${rod} with all it carries`) / at('Rods')) * GRAVITY) / 1000;
      const [L, s] = [at('Rod out of the carrier'), at('The load lies along it at')];
      const lean = Math.cos((at('It leaves at') * Math.PI) / 180);
      const sinks = (force * lean ** 2 * s ** 2 * (3 * L - s)) / (6 * at('Stiffness') * at('Second moment'));
      expect(at('The tip sinks') / sinks, rod).toBeGreaterThan(1 - off);
      expect(at('The tip sinks') / sinks, rod).toBeLessThan(1 + off);
    }
  });
  it('an oblong face of set glue pries by M ÷ (b h² ÷ 6), over the seven tenths of it that touch', () => {
    const firm = { cohesion: 1, tension: 1 };
    const use = glueUse(
      { wide: 20, tall: 10, round: false },
      100,
      true,
      firm,
      { pull: 0, slide: 0 },
      { tall: 14, wide: 0, twist: 0 },
    );
    // 14 N·mm ÷ (20 × 10² ÷ 6 × 0.7) = 0.06 MPa of 1.5 × 0.1 MPa
    expect(use).toBeCloseTo(0.06 / 0.15, 6);
    const slid = glueUse(
      { wide: 20, tall: 10, round: false },
      100,
      true,
      firm,
      { pull: 0, slide: 7 },
      { tall: 0, wide: 0, twist: 0 },
    );
    // 7 N ÷ (200 mm² × 0.7) = 0.05 MPa of 0.1 MPa
    expect(slid).toBeCloseTo(0.5, 6);
  });
  it('paste over a cake has an outer face: that of the grown cylinder, without its foot', () => {
    const form = {
      kind: 'truncatedCone',
      sizes: { foot: 100, top: 100, height: 80 },
      coat: { thickness: 5, under: false },
    } as const;
    const outer = Math.PI * 110 * 85 + (Math.PI / 4) * 110 ** 2;
    const core = Math.PI * 100 * 80 + (Math.PI / 4) * 100 ** 2;
    const { area } = measure(form);
    expect(area).toBeGreaterThan(core);
    expect(Math.abs(area / outer - 1)).toBeLessThan(0.03);
  });
  it('a check told after letting go says when, and in which situation', () => {
    const c = letGoCheck(given('Used', 2, ''), 12, 'standing on a table');
    expect(c.title).toBe('Let go after 3 minutes');
    expect(c.situation).toBe('standing on a table');
    expect(c.text).toMatch(/prop it for about 12 min/);
  });
});

describe('from grams to what is said and bought', () => {
  it('powder is told by weight and by spoon, what has none by weight alone', () => {
    const notes = (build: Build, id: string) => plan(build).work!.steps.find((s) => s.id === id)!.notes;
    expect(notes(otter, 'mix:limb-paste/otter-brown')).toContain(
      '2.4 g stiffening powder, ¾ tsp, sprinkled and kneaded in.',
    );
    expect(notes(otter, 'mix:figure-paste/otter-brown')[0]).toBe('718 g covering paste and 307 g gum paste.');
  });
  it('forty feathers of 26 g are weighed four together, 2.6 g; four whiskers all at once', () => {
    expect(weighedTogether(26, 40)).toEqual({ number: 4, grams: expect.closeTo(2.6, 9) as number });
    const notes = plan(heron).work!.steps.find((s) => s.id === 'shape:near-wing')!.notes;
    expect(notes).toContain('40 of them; weigh 4 together: 2.6 g.');
  });
  it('ten kilograms short are bought in four packs of 2.5 kg, not the other way round', () => {
    expect(packsFor(10_000, [250, 1000, 2500])).toEqual([{ size: 2500, number: 4 }]);
    expect(packsFor(1200, [250, 1000])).toEqual([
      { size: 1000, number: 1 },
      { size: 250, number: 1 },
    ]);
  });
  it('a paste of one’s own that nothing edible weighs is refused', () => {
    const own = { id: 'a', name: 'Mine', like: 'fondant', allergens: [], note: '' } as const;
    for (const density of [0.01, 30])
      expect(refusal(checkOwn({ ...own, density })), String(density)).toMatch(/Nothing edible/);
    expect(value(checkOwn({ ...own, density: 1.2 })).density).toBe(1.2);
  });
  it('a dose just at its limit is still good', () => {
    const blend = { id: 'b', name: 'B', base: 'fondant', gumPaste: 0, powder: 2 } as Build['blends'][number];
    const tells = (b: typeof blend, words: RegExp) => doseDoubts(b).some((d) => words.test(d));
    expect(tells(blend, /rubbery/)).toBe(false);
    expect(tells({ ...blend, powder: 2.1 }, /rubbery/)).toBe(true);
    expect(tells({ ...blend, powder: 0, gumPaste: 60 }, /crusts while/)).toBe(false);
  });
  it('three corners in a line are no corners, wherever they lie', () => {
    const square = [
      [0, 0],
      [10, 0],
      [10, 10],
      [0, 10],
    ] as const;
    for (const line of [
      [
        [0, 0],
        [5, 5],
        [10, 10],
        [0, 10],
      ],
      [
        [0, 0],
        [10, 0],
        [20, 0],
        [0, 10],
      ],
    ] as const)
      expect(refusal(straighten(line, square))).toMatch(/on one line/);
    expect(straighten(square, square).ok).toBe(true);
  });
});

describe('what may happen at the bench', () => {
  it('two steps that need the one turntable wait for each other, when they are lived through too', () => {
    const two = ['a', 'b'].map((id) => ({ ...step(id, 60), tools: ['turntable' as const] }));
    const stretches = [{ from: 0, to: 1000 }];
    const work: Work = {
      ...workOf(two, [], [], 900),
      people: ['me', 'you'].map((id) => ({ id, name: id, pace: 1, stretches })),
      pools: [{ id: 'turntable', name: 'turntable', capacity: 1 }],
    };
    const table = [
      { from: 0, to: 60, who: [0] },
      { from: 60, to: 120, who: [1] },
    ];
    const { ends } = simulate(work, table, { runs: 50 });
    // hands that are a third quicker would need 80 min for both, one after the other
    expect(ends[0]!).toBeGreaterThan(75);
  });
});
