import { describe, expect, it } from 'vitest';
import {
  bodyMesh,
  checkMesh,
  formBody,
  guessUnit,
  insideOut,
  keptSolid,
  measure,
  startingForm,
  uprighted,
  type Form,
} from '../solids/index.ts';
import { lookAtSolid, objTrouble } from './solid-files.ts';

const bytes = (text: string) => Uint8Array.from(text, (c) => c.charCodeAt(0));
const says = (name: string, data: Uint8Array) => {
  const r = lookAtSolid(name, data);
  return r.ok ? r.value : r.problem.text;
};

describe('files of triangles are looked at before they are read', () => {
  it('a binary STL is known by its length, not by its first word', () => {
    const whole = new Uint8Array(84 + 50);
    whole.set(bytes('solid not really'));
    new DataView(whole.buffer).setUint32(80, 1, true);
    expect(says('a.stl', whole)).toBe('stl');
    expect(says('a.stl', whole.slice(0, -3))).toMatch(/cut short/);
    expect(says('a.stl', new Uint8Array(84))).toMatch(/no triangles/);
  });
  it.each<[string, Uint8Array, RegExp]>([
    ['a.stl', new Uint8Array(), /empty/],
    ['a.stl', new Uint8Array(200), /neither a whole binary/],
    ['a.stl', bytes('solid x\n facet normal 0 0 1'), /breaks off/],
    ['a.obj', bytes('hello'), /no corners/],
    ['a.step', bytes('ISO'), /Only STL and OBJ/],
  ])('%s', (name, data, words) => {
    expect(says(name, data)).toMatch(words);
  });
  it('an OBJ face that names a corner that is not there', () => {
    expect(objTrouble('v 0 0 0\nf 1 2 9')).toMatch(/Line 2 has a face that names a corner/);
    expect(objTrouble('v 0 0 0\nv 1 0 0\nv 0 1 0\nf -3/1 -2/2 -1/3')).toBeUndefined();
    expect(objTrouble('v 0 0 x')).toMatch(/not three numbers/);
    expect(objTrouble('v 0 0 0')).toMatch(/no faces/);
  });
});

describe('what of a solid is kept', () => {
  const egg = bodyMesh(formBody(startingForm('egg')), 48);
  it('the whole measure with a thin surface, whichever way round it was written', () => {
    for (const mesh of [egg, insideOut(egg)]) {
      const { solid, size } = keptSolid('Egg', mesh, mesh);
      const form: Form = {
        kind: 'imported',
        sizes: { width: size[0], depth: size[1], height: size[2] },
        solid,
      };
      expect(solid.watertight).toBe(true);
      // 48 corners to the round take a hundredth off an egg
      expect(Math.abs(measure(form).volume / measure(startingForm('egg')).volume - 1)).toBeLessThan(0.012);
      expect(measure(form).centre / measure(startingForm('egg')).centre).toBeCloseTo(1, 2);
      expect(checkMesh(bodyMesh(formBody(form))).insideOut).toBe(false);
    }
  });
  it('tells a hole, and gives no volume then', () => {
    const open = { ...egg, faces: egg.faces.slice(3) };
    expect(keptSolid('Egg', open, open).solid).toMatchObject({ watertight: false, fills: 0 });
  });
  it('stands up what was written lying, and guesses the unit by size', () => {
    const up = uprighted(egg, 'y');
    expect(Math.max(...up.points.filter((_, i) => i % 3 === 2))).toBeCloseTo(20, 0);
    expect([0.3, 12, 210].map(guessUnit)).toEqual(['m', 'cm', 'mm']);
  });
});
