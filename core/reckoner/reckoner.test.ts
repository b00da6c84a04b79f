import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { value } from '../files/demo.testing.ts';
import { keepable } from '../files/index.ts';
import { measure } from '../solids/index.ts';
import { templatesOf } from '../templates/index.ts';
import { answered, saidTo, SMALL_QUESTIONS, type SmallQuestion } from './index.ts';

const question = (id: string) => SMALL_QUESTIONS.find((q) => q.id === id)!;
const ask = (id: string, said: Record<string, unknown> = {}) =>
  value(answered(question(id), saidTo(question(id), said)));
const figure = (id: string, said: Record<string, unknown>, says: RegExp) =>
  ask(id, said).answers.find((a) => says.test(a.says))!.figure.value;

/** Anything that fields of a question take, and some that they do not. */
const saying = (q: SmallQuestion) =>
  fc.record(
    Object.fromEntries(
      q.fields.map((f) => [
        f.key,
        'options' in f
          ? fc.constantFrom(...f.options.map((o) => o.value), 'nonsense')
          : fc.oneof(fc.double({ min: f.least, max: f.most, noNaN: true }), fc.constant('no number')),
      ]),
    ),
  );

describe('small questions', () => {
  it.each(SMALL_QUESTIONS.map((q) => [q.id, q] as const))(
    '%s: whatever is said of it, it answers in figures that open, or says why not',
    (_, q) => {
      fc.assert(
        fc.property(saying(q), (said) => {
          const got = answered(q, saidTo(q, said));
          if (!got.ok) {
            expect(got.problem.text.length).toBeGreaterThan(10);
            return;
          }
          expect(got.value.answers.length).toBeGreaterThan(0);
          for (const a of got.value.answers) {
            expect(Number.isNaN(a.figure.value)).toBe(false);
            expect(a.figure.rule ?? a.figure.source, a.says).toBeDefined();
          }
          if (q.makes) expect(keepable(got.value.build).ok).toBe(true);
        }),
        { numRuns: 25 },
      );
    },
  );

  it('fields that are not said, or are said wrong, stand as usual, and no further than they may', () => {
    expect(saidTo(question('ball'), {})).toEqual({ grams: 50, paste: 'fondant', powder: 0 });
    expect(saidTo(question('ball'), { grams: 'x', paste: 'clay', powder: '99' })).toEqual({
      grams: 50,
      paste: 'fondant',
      powder: 3,
    });
  });
});

describe('cloth of paste', () => {
  it.each([
    ['sleeve', { arm: 27, long: 60, slant: 0, lap: 3 }, (Math.PI * 29 + 3) * 60],
    ['tassel', { long: 30, across: 8 }, ((Math.PI * 64) / 8) * 30],
    // the face of a frustum, less what stays open of it
    ['jacket', { above: 40, below: 80, tall: 60, gap: 0 }, Math.PI * (21 + 41) * Math.hypot(60, 20)],
    ['gores', { ball: 80, number: 8 }, (Math.PI * 82 * 82) / 8],
    [
      'leaning',
      { below: 60, above: 40, tall: 75, aside: 0, lap: 0 },
      Math.PI * (31 + 21) * Math.hypot(75, 10),
    ],
  ] as const)('%s: what goes on the board is as large as it says, and weighs that', (id, said, area) => {
    const { build } = ask(id, { ...said, thick: 2, paste: 'fondant' });
    const { volume } = measure(build.pieces[0]!.form);
    expect(volume / (area * 2)).toBeCloseTo(1, 2);
    expect(figure(id, { ...said, thick: 2, paste: 'fondant' }, /of paste/)).toBeGreaterThan(
      (volume * 1.2) / 1000,
    );
    expect(
      templatesOf(build)
        .map((t) => t.name)
        .join(),
    ).toMatch(new RegExp({ leaning: 'strip', gores: 'gore' }[id as string] ?? id, 'i'));
  });
});

it('a round over a cake is across and twice the sides, and twice what is over: trimmed, turned under, hanging', () => {
  const roll = (foot: string) => figure('tier', { wide: 150, high: 100, foot }, /the round/);
  // d + 2 h + 2 a, handbook of common practice
  expect(['trimmed', 'tucked', 'hangs'].map(roll)).toEqual([390, 374, 430]);
});

it('gores are weighed all together: the skin of the ball with half of their thickness on it', () => {
  const grams = figure('gores', { ball: 80, number: 8, thick: 2, paste: 'fondant' }, /all of them/);
  // π × 82² × 2 mm³ at 1.38 g/cm³
  expect(grams / ((Math.PI * 82 * 82 * 2 * 1.38) / 1000)).toBeCloseTo(1, 1);
});

it('a half-round moulding of 12 by 6 over 200 is 14.3 g of covering paste; a thin coat on a ball is a round to roll', () => {
  // π × 12 × 6 ÷ 4 × 200 mm³ at 1.38 g/cm³ (handbook area of an ellipse, halved)
  expect(figure('moulding', { paste: 'fondant' }, /of paste/)).toBeCloseTo(
    ((Math.PI * 18 * 200) / 1000) * 1.38,
    0,
  );
  // 4 in ball and 3.5 mm: about a pound to roll, common practice
  const rolled = figure('skin', { core: 101.6, coat: 3.5, paste: 'fondant', powder: 0.3 }, /rolled out/);
  expect(rolled).toBeGreaterThan(400);
  expect(rolled).toBeLessThan(500);
});

describe('questions of sticks, bands and many alike', () => {
  it('a band meets at the back: π times the side and the paste on it, and the lap', () => {
    expect(figure('band', { across: 150, thick: 2, lap: 5 }, /to cut/)).toBeCloseTo(Math.PI * 152 + 5, 6);
    // 482.5 × 20 × 2 mm of covering paste at 1.38 g/cm³
    expect(figure('band', { across: 150, wide: 20, thick: 2, lap: 5 }, /of paste/)).toBeCloseTo(26.6, 0);
  });

  it('a stick is used more by more weight, by more height and by a weaker board, less when it is wider', () => {
    const use = (said: Record<string, unknown>) => figure('stick', said, /held in the board/);
    const usual = use({});
    expect(use({ grams: 600 })).toBeGreaterThan(usual);
    expect(use({ high: 200 })).toBeGreaterThan(usual);
    expect(use({ board: 'plywood' })).toBeLessThan(usual);
    expect(use({ stock: 'dowel8', board: 'plywood' })).toBeLessThan(
      use({ stock: 'skewer4', board: 'plywood' }),
    );
    expect(figure('stick', { grams: 60, high: 120 }, /to cut/)).toBeCloseTo(12 + 120 + (2 / 3) * 43.6, 0);
  });

  it('a threaded rod grows by what is put on it', () => {
    const rod = (said: Record<string, unknown>) => figure('mast', said, /rod to cut/);
    expect(rod({ gap: 120 }) - rod({ gap: 80 })).toBeCloseTo(40, 6);
    expect(rod({ tier: 130 }) - rod({ tier: 100 })).toBeCloseTo(30, 6);
    // a hundred of cake, eighty open, twelve and six of board, and nuts
    expect(rod({})).toBeGreaterThan(198);
    expect(rod({})).toBeLessThan(250);
  });

  it('sixty of fourteen grams are 840 g (common practice)', () => {
    expect(figure('portions', {}, /in all/)).toBeCloseTo(840, 0);
    expect(figure('portions', {}, /to mix/)).toBeGreaterThan(840);
  });

  it('a leg loses less the longer it has firmed', () => {
    const lost = (after: number) => figure('squash', { after, grams: 800 }, /lost/);
    expect(lost(5)).toBeGreaterThan(lost(600));
    expect(lost(600)).toBeGreaterThanOrEqual(lost(10_080));
  });

  it('30 in the hundred: 86 g of gum paste to 200 g, and stiffer than plain', () => {
    expect(figure('stiffness', { grams: 200, like: 'posing' }, /to knead in/)).toBeCloseTo(
      (200 * 30) / 70,
      6,
    );
    expect(figure('stiffness', { like: 'half' }, /as stiff as/)).toBeGreaterThan(
      figure('stiffness', { like: 'lumps' }, /as stiff as/),
    );
    expect(figure('stiffness', { there: 60, like: 'half' }, /to knead in/)).toBe(0);
  });
});

describe('what is common practice comes out', () => {
  it('a ball of covering paste: 50 g is about 41 mm, and the other way round', () => {
    // d = ∛(6 m ÷ π ρ): 50 g at 1.38 g/cm³ are 41.05 mm; worked by hand
    expect(Math.abs(figure('ball', { grams: 50 }, /across/) - 41.05)).toBeLessThan(0.4);
    const across = figure('ball', { grams: 123 }, /across/);
    expect(figure('grams', { across }, /of paste/)).toBeCloseTo(123, 0);
  });

  it('a paste ball as big as the foam ball gives a coat of 0.13 of its diameter', () => {
    // (1 + 2 × 0.13)³ − 1 = 1.0004: common practice, and the sum
    expect(Math.abs(figure('skin', { core: 60, coat: 7.8 }, /ball of paste/) - 60)).toBeLessThan(1.5);
  });

  it('powder: 200 g for a leg takes between a third and a whole teaspoon', () => {
    const [low, , high] = ask('powder', { grams: 200, job: 'carry' }).answers;
    expect(low!.figure.value).toBeCloseTo(1.6, 6);
    expect(high!.figure.value).toBeCloseTo(3.2, 6);
  });

  it('a thin ear of modelling paste is firm in a quarter hour, and later in a damp room', () => {
    const firm = (damp: number) =>
      figure('firm', { shape: 'sheet', thick: 2, paste: 'modellingPaste', damp }, /hold|held|firm/);
    expect(firm(50)).toBeGreaterThan(5);
    expect(firm(50)).toBeLessThan(40);
    expect(firm(70)).toBeGreaterThan(firm(50));
  });

  it('chocolate and syrup are three to one, and give what was wanted once the bowl has kept its part', () => {
    const [solid, syrup] = ask('chocolate', { grams: 500, ratio: 3 }).answers;
    expect(solid!.figure.value / syrup!.figure.value).toBeCloseTo(3, 9);
    expect((solid!.figure.value + syrup!.figure.value) * 0.97).toBeCloseTo(500, 6);
  });

  it('a cake of 8 in by 4 in takes its top and its side at what it is rolled to', () => {
    const net = figure('tier', { wide: 203.2, high: 101.6, cover: 4 }, /paste on it/);
    // top and side of the outside of the coat, by hand: 40 mm² short or over at the edge
    const by = ((Math.PI / 4) * 20.72 ** 2 + Math.PI * 20.72 * 10.36) * 0.4 * 1.38;
    expect(Math.abs(net - by) / by).toBeLessThan(0.05);
    expect(figure('tier', { wide: 203.2, high: 101.6, cover: 4 }, /roll out/)).toBeGreaterThan(net);
  });

  it('spoons: an Australian tablespoon is 20 ml, a US cup 236.6, and water weighs what it holds', () => {
    // AS 1325, and the US customary cup of 16 tablespoons of half a fluid ounce
    const held = (measure: string) => figure('spoons', { many: 1, measure, filling: 'water' }, /hold/);
    expect(held('australianTbsp')).toBe(20);
    expect(held('cup')).toBeCloseTo(236.588, 2);
    expect(figure('spoons', { many: 2, measure: 'metricTsp', filling: 'water' }, /water/)).toBe(10);
  });

  it('a board: its area × what it is rolled to, and a ribbon of its rim and the lap', () => {
    const grams = figure('board', { width: 250, cover: 3 }, /paste on it/);
    expect(grams).toBeGreaterThan((Math.PI / 4) * 25 ** 2 * 0.3 * 1.2);
    expect(grams).toBeLessThan((Math.PI / 4) * 27 ** 2 * 0.3 * 1.6);
    expect(figure('board', { width: 250 }, /ribbon/)).toBeGreaterThan(Math.PI * 250);
    expect(figure('board', { width: 250, shape: 'square' }, /ribbon/)).toBeGreaterThan(1000);
  });
});
