import { describe, expect, it } from 'vitest';
import { demoBuild, value } from '../../files/demo.testing.ts';
import { addRod, setBrief, setRod } from '../../edits/index.ts';
import { BOARD, rodOf, type Build } from '../../record/index.ts';
import { RODS, rodStock } from '../index.ts';
import { chooseRod } from './choose-rod.ts';
import { jointsOf } from '../paths/joints.ts';
import { slimmest } from './mends.ts';
import { worstOfRod } from '../joints/checked-joints.ts';
import { THICK } from '../paths/thick.ts';
import { firmTo } from '../firm.testing.ts';

const otter = demoBuild('ferryman-otter');
const firm = firmTo(60);
const idOf = (name: string) => RODS.find((r) => r.name === name)!;

describe('choosing a rod', () => {
  const choice = chooseRod(otter, 'lantern-stick', firm);

  it('takes one that holds when it is put in', () => {
    const after = choice.apply!();
    const use = worstOfRod(after, 'lantern-stick', firm)!.use.value;
    expect(use).toBeLessThanOrEqual(0.85);
    expect(choice.times).toBeCloseTo(1 / use, 9);
    expect(rodOf(after, 'lantern-stick')!.stock).toBe(choice.stock!.id);
  });

  it('passed over every simpler one, each for a reason that is so', () => {
    const singles = choice.passedOver.flatMap((p) =>
      p.names.filter((n) => !n.startsWith('two of')).map((name) => ({ name, why: p.why })),
    );
    const simpler = RODS.filter((r) => r.rank < choice.stock!.rank).map((r) => r.name);
    expect(singles.map((p) => p.name).sort()).toEqual(simpler.sort());
    const long = jointsOf(otter).paths.find((p) => p.placed.rod.id === 'lantern-stick')!.length;
    for (const { name, why } of singles) {
      const stock = idOf(name);
      if (why.startsWith('too thick'))
        expect(stock.section.diameter).toBeGreaterThan(THICK * slimmest(otter, 'lantern-stick'));
      else if (why.startsWith('sold')) expect(stock.stock).toBeLessThan(long);
      else {
        const tried = value(setRod(otter, 'lantern-stick', { stock: stock.id }));
        expect(worstOfRod(tried, 'lantern-stick', firm)!.use.value, name).toBeGreaterThan(0.85);
      }
    }
  });

  it('leaves alone what is already the simplest', () => {
    const again = chooseRod(choice.apply!(), 'lantern-stick', firm);
    expect(again.stock!.id).toBe(choice.stock!.id);
    expect(again.apply).toBeUndefined();
    expect(again.text).toMatch(/that is there is the simplest/);
  });

  it('an easier journey never asks for more', () => {
    const rank = (b: Build) => chooseRod(b, 'lantern-stick', firm).stock?.rank ?? Infinity;
    const journeys = (['table', 'carFlat', 'carHard'] as const).map((journey) =>
      rank(value(setBrief(otter, { journey }))),
    );
    expect(journeys[0]).toBeLessThanOrEqual(journeys[1]!);
    expect(journeys[1]).toBeLessThanOrEqual(journeys[2]!);
  });

  it('says the nearest when nothing holds, and offers nothing to press', () => {
    // a line that leaves the feet before it comes to the board
    const beside = { on: 'board', at: [22, 4, -12] } as const;
    const drum = { ...otter, board: { ...otter.board, material: 'drum' as const } };
    const short = value(setRod(drum, 'legs', { stock: 'skewer3', from: beside }));
    const none = chooseRod(short, 'legs', firm);
    expect(none.stock).toBeUndefined();
    expect(none.apply).toBeUndefined();
    expect(none.text).toMatch(/Nothing holds along this line\. Nearest is .+ times what it may/);
    expect(none.passedOver.flatMap((p) => p.names)).toContain('bamboo skewer 4 mm');
  });

  it('finds what carries a heron on one leg, sleeved if it must be, and says it is thick for the paste', () => {
    const heron = demoBuild('heron-on-a-skewer');
    const thick = chooseRod(heron, 'leg-rod', firm);
    expect(thick.text).toMatch(/thick for 1[78] mm of paste/);
    const after = thick.apply!();
    expect(worstOfRod(after, 'leg-rod', firm)!.use.value).toBeLessThanOrEqual(0.85);
    expect(rodOf(after, 'leg-rod')!.sleeved).toBe(rodStock(thick.stock!.id).needsSleeve);
  });

  it('has nothing to choose by where a rod joins nothing', () => {
    const made = addRod(otter, {
      name: 'stray',
      stock: 'skewer3',
      from: { on: BOARD, at: [110, 110, 0] },
      to: { on: BOARD, at: [110, 110, 40] },
      pair: false,
      sleeved: false,
    });
    expect(chooseRod(made.build, made.id, firm).text).toMatch(/nothing to choose by/);
  });
});
