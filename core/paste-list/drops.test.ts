import { describe, expect, it } from 'vitest';
import { setPots } from '../edits/index.ts';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { readBuild, writeBuild } from '../files/index.ts';
import { plan } from '../plan.ts';
import type { Build, Pot } from '../record/index.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import { amountText, colouringOf, colouringWords, pasteList, potsInAll } from './index.ts';

const gel: Pot = { name: 'poppy red', kind: 'gel', depth: 'strong' };
const ball = plainPiece('ball', { kind: 'ball', sizes: { diameter: 50, press: 0 } });
const withPots = (pots: readonly Pot[], base = 'fondant', hex = '#c0392b'): Build =>
  value(
    setPots(
      {
        ...blank,
        pieces: [ball],
        blends: [{ ...blank.blends[0]!, base, powder: 0, gumPaste: 0 }],
        colours: [{ ...blank.colours[0]!, hex }],
      },
      blank.colours[0]!.id,
      pots,
    ),
  );
const of = (build: Build) => colouringOf(pasteList(build)[0]!);

describe('the colour of a batch', () => {
  it('is dosed for what is mixed of it, with its honest range, and said at the bench', () => {
    const build = withPots([gel]);
    const [batch] = pasteList(build);
    const [dose] = of(build).pots;
    expect(dose!.dose.amount.value).toBeCloseTo((15 * batch!.mix.value) / 100, 9);
    const words = colouringWords(of(build))[0]!;
    expect(words).toMatch(
      /drops of poppy red first, \d+ to \d+ drops in all\. Knead until no streak is left/,
    );
    const step = plan(build).made.steps.find((s) => s.id.startsWith('mix:'))!;
    expect(step.notes).toContain(words);
  });

  it('as it was mixed before is told narrower, in whole drops, and wider in another paste', () => {
    const took = (base: string) => withPots([{ ...gel, took: { amount: 12, grams: 100, base } }]);
    const wide = (b: Build) => {
      const [low, high] = of(b).pots[0]!.dose.amount.range!;
      return high / low;
    };
    expect(wide(took('fondant'))).toBeLessThan(wide(took('gumPaste')));
    expect(wide(took('gumPaste'))).toBeLessThan(wide(withPots([gel])));
    const { whole } = of(took('fondant'));
    expect(whole!.grams).toBeGreaterThanOrEqual(pasteList(took('fondant'))[0]!.need.value);
    expect(Math.abs(whole!.drops[0]! / ((12 * whole!.grams) / 100) - 1)).toBeLessThan(0.1);
    expect(of(withPots([gel])).whole).toBeUndefined();
  });

  it('leaves out offcuts, which are coloured already', () => {
    const build = withPots([gel]);
    const [batch] = pasteList(build);
    const kept = {
      stock: 'x',
      name: 'red offcut',
      batch: batch!.id,
      grams: 30,
      recolour: false,
      allergens: [],
    };
    const dose = (b: Build) => of(b).pots[0]!.dose.amount.value;
    const less = dose({ ...build, reserves: [kept] });
    expect(less / dose(build)).toBeCloseTo((batch!.mix.value - 30) / batch!.mix.value, 6);
  });

  it('under two drops goes by a mother batch', () => {
    const pale = withPots([{ ...gel, depth: 'pale' }]);
    expect(pasteList(pale)[0]!.mix.value).toBeLessThan(200);
    expect(colouringWords(of(pale))[0]).toMatch(/drops in 20 g of plain paste, then knead/);
  });

  it('says what its paste does to it, and nothing where it does nothing', () => {
    const says = (pots: readonly Pot[], base: string, hex: string) =>
      of(withPots(pots, base, hex)).says.join(' ');
    const oil: Pot = { ...gel, kind: 'oil' };
    expect(says([gel], 'fondant', '#c0392b')).toBe('');
    // common practice, each of them
    expect(says([gel], 'chocolateWhite', '#c0392b')).toMatch(/seizes on it/);
    expect(says([oil], 'chocolateWhite', '#c0392b')).toBe('');
    expect(says([oil], 'chocolateDark', '#e8b4b8')).toMatch(/No colour makes .* lighter/);
    expect(says([oil], 'chocolateDark', '#1a1010')).toBe('');
    expect(says([oil], 'marzipan', '#3a5fa0')).toMatch(/blue turns green/);
    expect(says([{ ...gel, kind: 'liquid' }], 'fondant', '#c0392b')).toMatch(/sticky/);
  });

  it('comes to so much of each pot in all', () => {
    const otter = demoBuild('ferryman-otter');
    const two = otter.colours.slice(0, 2);
    const build = two.reduce((b, c) => value(setPots(b, c.id, [gel])), otter);
    const batches = pasteList(build).filter((b) => two.some((c) => c.id === b.colour.id));
    const [all] = potsInAll(batches);
    const mixed = batches.reduce((sum, b) => sum + b.mix.value, 0);
    expect(all!.amount.value).toBeGreaterThan((14.9 * mixed) / 100);
    expect(all!.amount.range![0]).toBeLessThan(all!.amount.value);
    expect(amountText(all!.amount)).toMatch(/^\d+ to \d+ drops$/);
  });
});

describe('pots of a colour', () => {
  it('are kept in the file and let go again; what cannot be is refused in a sentence', () => {
    const build = withPots([{ ...gel, took: { amount: 7, grams: 120, base: 'fondant' } }]);
    const back = value(readBuild(writeBuild(build)));
    expect(back.colours).toEqual(build.colours);
    const id = build.colours[0]!.id;
    expect(value(setPots(build, id, [])).colours[0]).not.toHaveProperty('pots');
    expect(
      refusal(
        setPots(
          build,
          id,
          Array.from({ length: 5 }, () => gel),
        ),
      ),
    ).toMatch(/4 pots at most/);
    expect(refusal(setPots(build, id, [{ ...gel, name: ' ' }]))).toMatch(/name/i);
    expect(
      refusal(setPots(build, id, [{ ...gel, took: { amount: 0, grams: 10, base: 'fondant' } }])),
    ).toMatch(/a drop/);
  });
});
