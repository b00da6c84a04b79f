import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { readBuild, writeBuild } from '../files/index.ts';
import { plan } from '../plan.ts';
import type { Build } from '../record/index.ts';
import {
  asBuild,
  nameVariation,
  removeVariation,
  setBoard,
  showVariation,
  tryAnother,
  variationName,
} from './index.ts';

const heron = demoBuild('one-legged-heron');
const idOf = (b: Build, name: string) => b.variations!.find((v) => v.name === name)!.id;
const names = (b: Build) => [variationName(b), ...(b.variations ?? []).map((v) => v.name)].sort();

describe('variations of one figure', () => {
  it('the heron has two beside the one that is shown: one does not hold, one cannot be done', () => {
    expect(names(heron)).toEqual(['Gilded wet', 'On a skewer', 'On a threaded rod']);
    expect(plan(demoBuild('heron-on-a-skewer')).bones.counts.fails).toBeGreaterThan(0);
    expect(plan(heron).bones.counts.fails).toBe(0);
  });

  it('begin as the one that is shown, and what is changed in one leaves the other as it was', () => {
    const another = value(tryAnother(heron, 'On a wider board'));
    expect(another.pieces).toBe(heron.pieces);
    const wide = value(setBoard(another, { width: 400 }));
    const back = value(showVariation(wide, idOf(wide, 'On a threaded rod')));
    expect(back.board.width).toBe(heron.board.width);
    const again = value(showVariation(back, idOf(back, 'On a wider board')));
    expect(again.board.width).toBe(400);
    expect(names(again)).toContain('On a threaded rod');
  });

  it('going round all of them, in whatever order, changes none of them', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(1), { maxLength: 8 }), (turns) => {
        let now = heron;
        for (const t of turns) now = value(showVariation(now, now.variations![t]!.id));
        for (const name of names(heron)) {
          const here = (b: Build) =>
            variationName(b) === name ? b.pieces : b.variations!.find((v) => v.name === name)!.pieces;
          expect(here(now)).toEqual(here(heron));
        }
        expect(names(now)).toEqual(names(heron));
      }),
    );
  });

  it('are kept in the file, and one that makes no sense is refused by its name', () => {
    const back = value(readBuild(writeBuild(heron)));
    expect(back).toEqual(heron);
    const torn = {
      ...heron,
      variations: heron.variations!.map((v, k) => (k === 0 ? { ...v, blends: v.blends.slice(1) } : v)),
    };
    expect(refusal(readBuild(JSON.stringify(torn)))).toMatch(/^Variation “On a skewer”: /);
  });

  it('have names of their own, are taken away, and stand by themselves when they are looked at', () => {
    expect(refusal(tryAnother(heron, 'Gilded wet'))).toMatch(/already/);
    expect(refusal(tryAnother(heron, '  '))).not.toBe('');
    expect(variationName(value(nameVariation(heron, 'Bolted')))).toBe('Bolted');
    const fewer = removeVariation(heron, idOf(heron, 'Gilded wet'));
    expect(names(fewer)).toEqual(['On a skewer', 'On a threaded rod']);
    expect(removeVariation(fewer, idOf(fewer, 'On a skewer')).variations).toBeUndefined();
    const alone = asBuild(heron, heron.variations![0]!);
    expect(alone.variations).toBeUndefined();
    expect(readBuild(JSON.stringify(alone)).ok).toBe(true);
  });
});
