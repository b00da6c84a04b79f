import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { readBuild } from '../files/index.ts';
import { place, placeRods } from '../figure/index.ts';
import type { Build } from '../record/index.ts';
import { moveSeveral, putIn, recolourSeveral, removeSeveral, scaleSeveral, turnSeveral } from './index.ts';

const donkey = demoBuild('donkey-with-panniers');
const origin = (build: Build, id: string) => place(build).find((i) => i.piece.id === id)!.frame.origin;
/** A gourd beside the middle: nothing of it is a pair on the board. */
const aside = value(
  putIn({ ...donkey, pieces: [], rods: [] }, demoBuild('ribbed-gourd'), { on: 'board', at: [80, 0, 0] }),
).build;
const all = new Set(aside.pieces.map((p) => p.id));

describe('several pieces at once', () => {
  it('move together by the step, once each, however they stand on each other', () => {
    const ids = new Set(['neck', 'head', 'ears']);
    const moved = value(moveSeveral(donkey, ids, [3, -2, 5]));
    for (const id of ids) {
      const [a, b] = [origin(donkey, id), origin(moved, id)];
      expect(b[0] - a[0]).toBeCloseTo(3, 1);
      expect(b[1] - a[1]).toBeCloseTo(-2, 1);
      expect(b[2] - a[2]).toBeCloseTo(5, 1);
    }
    expect(origin(moved, 'body')).toEqual(origin(donkey, 'body'));
  });

  it('turn about their own middle: after four quarters everything is where it was', () => {
    let now = aside;
    for (let k = 0; k < 4; k++) now = value(turnSeveral(now, all, 90));
    for (const p of aside.pieces)
      origin(now, p.id).forEach((v, k) => expect(v).toBeCloseTo(origin(aside, p.id)[k]!, 1));
    placeRods(now).forEach((r, k) =>
      r.line[0]!.forEach((v, axis) => expect(v).toBeCloseTo(placeRods(aside)[k]!.line[0]![axis]!, 1)),
    );
    expect(refusal(turnSeveral(donkey, new Set(['front-hooves', 'body']), 30))).toMatch(/cannot be turned/);
  });

  it('grow on their own feet, and back again', () => {
    const grown = value(scaleSeveral(donkey, new Set(['head', 'ears', 'muzzle']), 1.25));
    expect(grown.pieces.find((p) => p.id === 'head')!.form.sizes.height).toBeGreaterThan(
      donkey.pieces.find((p) => p.id === 'head')!.form.sizes.height!,
    );
    const back = value(scaleSeveral(grown, new Set(['head', 'ears', 'muzzle']), 0.8));
    for (const id of ['head', 'ears', 'muzzle', 'eyes'])
      origin(back, id).forEach((v, k) => expect(v).toBeCloseTo(origin(donkey, id)[k]!, 1));
    expect(refusal(scaleSeveral(donkey, new Set(['head']), 0))).toMatch(/Between/);
  });

  it('take one colour and one paste, of those there are', () => {
    const red = value(recolourSeveral(donkey, new Set(['head', 'neck']), { colour: 'scarf-red' }));
    expect(red.pieces.filter((p) => p.colour === 'scarf-red').map((p) => p.id)).toEqual(
      expect.arrayContaining(['head', 'neck']),
    );
    expect(refusal(recolourSeveral(donkey, new Set(['head']), { colour: 'nobody' }))).toMatch(/no longer/);
  });

  it('are taken away with what they carry and the rods that end in them', () => {
    const { build, removed } = removeSeveral(donkey, new Set(['neck', 'head', 'panniers']));
    expect(removed.map((p) => p.id)).toEqual(
      expect.arrayContaining(['neck', 'head', 'eyes', 'panniers', 'apples']),
    );
    expect(build.rods.some((r) => r.id.startsWith('neck'))).toBe(false);
    expect(readBuild(JSON.stringify(build)).ok).toBe(true);
  });

  it('say so when none of them is there', () => {
    expect(refusal(moveSeveral(donkey, new Set(['x']), [1, 0, 0]))).toMatch(/None of those/);
  });
});
