import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import {
  addBlend,
  addColour,
  addTier,
  forgetCakeDensity,
  refreshOwn,
  removeBlend,
  removeTier,
  replaceBlend,
  setCake,
  setPortions,
  setTier,
  unweigh,
  weighedOne,
  withoutPortions,
  withoutOnTier,
} from './index.ts';

const otter = demoBuild('ferryman-otter');
const cabbage = demoBuild('savoy-cabbage');
const acorns = demoBuild('sixty-acorn-sweets');

describe('blends', () => {
  const { build, id } = value(addBlend(otter, { name: 'Trial', base: 'fondant', gumPaste: 20, powder: 0 }));
  it('are put in the place of the one with their id, and nowhere else', () => {
    const blend = build.blends.find((b) => b.id === id)!;
    const stiffer = value(replaceBlend(build, { ...blend, gumPaste: 40 }));
    expect(stiffer.blends.find((b) => b.id === id)!.gumPaste).toBe(40);
    expect(stiffer.blends.filter((b) => b.id !== id)).toEqual(otter.blends);
    expect(refusal(replaceBlend(build, { ...blend, id: 'nobody' }))).toMatch(/no longer/);
    expect(refusal(replaceBlend(build, { ...blend, gumPaste: 140 }))).not.toBe('');
  });
  it('go when nothing is made of them; what is made of one is named', () => {
    expect(value(removeBlend(build, id))).toEqual(otter);
    const used = otter.pieces[0]!;
    expect(refusal(removeBlend(otter, used.blend))).toMatch(/is made of it/);
    const tiered = addTier(otter);
    const tier = tiered.cake.tiers[0]!;
    const covered = value(
      setTier({ ...build, cake: tiered.cake }, tier.id, { cover: { ...tier.cover!, blend: id } }),
    );
    expect(refusal(removeBlend(covered, id))).toMatch(/tier is made of it/);
    const last = { ...otter, pieces: [], blends: [otter.blends[0]!] };
    expect(refusal(removeBlend(last, last.blends[0]!.id))).toMatch(/one blend at least/);
  });
  it('made of a paste of one’s own follow what is now known of it', () => {
    const own = { id: 'mine', name: 'My paste', like: 'fondant' as const, allergens: [], note: '' };
    const made = value(replaceBlend(build, { ...build.blends.find((b) => b.id === id)!, own }));
    const denser = { ...own, density: 1.45 };
    const fresh = refreshOwn(made, denser);
    expect(fresh.blends.find((b) => b.id === id)!.own).toEqual(denser);
    expect(refreshOwn(fresh, denser)).toBe(fresh);
    expect(refreshOwn(otter, denser)).toBe(otter);
  });
});

it('a colour more does not disturb the others', () => {
  const more = addColour(otter, 'moss', '#5a6b3c');
  expect(more.build.colours.slice(0, -1)).toEqual(otter.colours);
  expect(more.build.colours.at(-1)).toMatchObject({ id: more.id, name: 'moss', hex: '#5a6b3c' });
  expect(addColour(more.build, 'moss', '#5a6b3c').id).not.toBe(more.id);
});

describe('the cake', () => {
  it('weighs what somebody weighed, and what the table says again', () => {
    const heavy = value(setCake(cabbage, { density: 0.9 }));
    const grams = (b: typeof cabbage) => plan(b).cake.batter.value;
    expect(grams(heavy)).toBeGreaterThan(grams(cabbage));
    expect(forgetCakeDensity(heavy)).toEqual(cabbage);
  });
  it('tins are sorted and each there once', () => {
    expect(value(setCake(cabbage, { tins: [200, 150, 200, 100] })).cake.tins).toEqual([100, 150, 200]);
  });
  it.each([
    [{ layer: 2 }, /layer is between/],
    [{ fillingThickness: 60 }, /filling is between/],
    [{ coatThickness: -1 }, /coat is between/],
    [{ tins: [20] }, /tin is between/],
    [{ chill: { where: 'fridge', hours: 100 } as const }, /up to four days/],
    [{ density: 40 }, /./],
  ])('refuses %j in a sentence', (patch, words) => {
    expect(refusal(setCake(cabbage, patch))).toMatch(words);
  });
});

describe('tiers', () => {
  const two = addTier(addTier(otter));
  const [lower, upper] = two.cake.tiers;
  it('fit on the board, are numbered, and go again', () => {
    expect(lower!.width).toBeLessThan(otter.board.width);
    expect([lower!.name, upper!.name]).toEqual(['Tier', 'Tier 2']);
    expect(removeTier(removeTier(two, upper!.id), lower!.id)).toEqual(otter);
  });
  it('stand on a board and posts when that is said, and on the cake again', () => {
    const posted = value(
      setTier(two, lower!.id, {
        posts: { stock: 'dowel-8', number: 4 },
        board: { kind: 'card', width: 200 },
      }),
    );
    expect(withoutOnTier(withoutOnTier(posted, lower!.id, 'posts'), lower!.id, 'board')).toEqual(two);
    expect(refusal(setTier(two, lower!.id, { posts: { stock: 'dowel-8', number: 13 } }))).toMatch(
      /one to twelve posts/,
    );
    expect(refusal(setTier(two, lower!.id, { board: { kind: 'card', width: 5 } }))).toMatch(/board under/);
  });
  it.each([
    [{ name: ' ' }, /needs a name/],
    [{ width: 20 }, /mm wide/],
    [{ height: 900 }, /mm high/],
  ])('refuse %j in a sentence', (patch, words) => {
    expect(refusal(setTier(two, lower!.id, patch))).toMatch(words);
  });
  it('that are gone are said to be', () => {
    expect(refusal(setTier(otter, 'nobody', { width: 200 }))).toMatch(/no longer/);
  });
});

describe('portions', () => {
  it('weighed ones are counted and taken back one by one, or all', () => {
    const was = acorns.portions!.weighed.length;
    const one = value(weighedOne(acorns, 12.3));
    expect(one.portions!.weighed).toHaveLength(was + 1);
    expect(unweigh(one)).toEqual(acorns);
    expect(unweigh(one, true).portions!.weighed).toEqual([]);
    expect(refusal(weighedOne(acorns, -1))).not.toBe('');
  });
  it('are of a piece that is there, and may be none at all', () => {
    expect(refusal(setPortions(acorns, { piece: 'nobody' }))).not.toBe('');
    expect(withoutPortions(acorns).portions).toBeUndefined();
    expect(value(setPortions(withoutPortions(acorns), { piece: 'nut' })).portions!.piece).toBe('nut');
  });
});
