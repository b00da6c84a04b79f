import { MOST_BENDS, rodOf } from '../record/index.ts';
import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import {
  addBend,
  addRod,
  moveRodPoint,
  ontoCentreLine,
  removeBend,
  removeRod,
  setRod,
  tapeTogether,
} from './index.ts';

const heron = demoBuild('one-legged-heron');
const [leg, neck] = heron.rods;
const bundleOf = (b: typeof heron, id: string) => rodOf(b, id)!.bundle;

describe('ends of a rod', () => {
  it('snap on to a centre line where they come near it', () => {
    expect(ontoCentreLine([1.5, 9, 20], 0, 2)).toEqual([0, 9, 20]);
    expect(ontoCentreLine([9, -1.5, 20], 1, 2)).toEqual([9, 0, 20]);
    expect(ontoCentreLine([9, 9, 20], 0, 2)).toEqual([9, 9, 20]);
  });
  it('are moved one by one', () => {
    const to = { on: neck!.to.on, at: [1, 2, 3] as const };
    const moved = value(moveRodPoint(heron, neck!.id, 'to', to));
    expect(rodOf(moved, neck!.id)!.to).toEqual(to);
    expect(rodOf(moved, neck!.id)!.from).toEqual(neck!.from);
    expect(rodOf(moved, leg!.id)).toEqual(leg);
  });
});

describe('bends', () => {
  it('come in the middle of the longest straight stretch, and are straightened one by one', () => {
    const one = value(addBend(heron, neck!.id));
    expect(rodOf(one, neck!.id)!.bends).toHaveLength(1);
    // bent nowhere yet, it is as long as it was
    const length = (b: typeof heron) => plan(b).bones.rods.find((r) => r.rod.id === neck!.id)!.length.value;
    expect(length(one)).toBeCloseTo(length(heron), 1);
    const two = value(addBend(one, neck!.id));
    expect(rodOf(value(removeBend(two, neck!.id, 0)), neck!.id)!.bends).toHaveLength(1);
    expect(value(removeBend(one, neck!.id, 0))).toEqual(heron);
  });
  it('are only so many', () => {
    let b = heron;
    for (let k = 0; k < MOST_BENDS; k++) b = value(addBend(b, leg!.id));
    expect(refusal(addBend(b, leg!.id))).toMatch(/no more than/);
    expect(refusal(addBend(heron, 'nobody'))).not.toBe('');
  });
});

describe('a bundle', () => {
  const { build: three, id: third } = addRod(heron, { ...leg!, name: 'Second leg rod' });
  const taped = value(tapeTogether(three, third, leg!.id));
  it('is named after the rod that others are taped to, and holds more than one alone', () => {
    expect(bundleOf(taped, third)).toBe(leg!.name);
    expect(bundleOf(taped, leg!.id)).toBe(leg!.name);
    const use = (b: typeof heron) => plan(b).bones.rods.find((r) => r.rod.id === leg!.id)!.worst!.use.value;
    expect(use(taped)).toBeLessThan(use(heron));
  });
  it('of one is none', () => {
    expect(value(tapeTogether(taped, third, undefined))).toEqual(three);
    expect(removeRod(three, third)).toEqual(heron);
  });
  it('takes in a third, and a name that is taken gets a number', () => {
    const all = value(tapeTogether(taped, neck!.id, third));
    expect(all.rods.filter((r) => r.bundle === leg!.name)).toHaveLength(3);
    const { build: four, id: fourth } = addRod(taped, { ...neck!, name: leg!.name });
    const apart = value(tapeTogether(four, neck!.id, fourth));
    expect(bundleOf(apart, fourth)).toBe(`${leg!.name} 2`);
  });
  it('is not made with itself or with nobody', () => {
    expect(refusal(tapeTogether(heron, leg!.id, leg!.id))).not.toBe('');
    expect(refusal(tapeTogether(heron, leg!.id, 'nobody'))).not.toBe('');
    expect(refusal(setRod(heron, 'nobody', {}))).not.toBe('');
  });
});
