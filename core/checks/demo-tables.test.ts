import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';

/**
 * A small table for each demonstration build, worked by hand from its own numbers with nothing of this project but the
 * densities of its pastes: grams of solids by the closed formulas of any handbook (a ball π d³ ÷ 6, an egg of two half
 * ellipsoids π d² h ÷ 6, a rope π d² l ÷ 4, a cone π d² h ÷ 12, a ring π a × π b² ÷ 4, a across its middle line), and what a batch
 * takes from the shelf by the shares of its blend.
 */
interface Table {
  /** Grams of one piece. */
  readonly grams: Readonly<Record<string, number>>;
  /** Batches as they are mixed, g. */
  readonly mixed: readonly number[];
  /** What is needed from the shelf, g. */
  readonly needs: Readonly<Record<string, number>>;
  /** Pieces made in all. */
  readonly pieces: number;
}

const FONDANT = 1.38;
const MODELLING = 1.41;
const MARZIPAN = 1.24;
const cm3 = (mm3: number) => mm3 / 1000;
const PI = Math.PI;

const heron: Table = {
  grams: {
    // stiff paste is covering paste with powder in it
    leg: FONDANT * cm3((PI / 4) * 18.3885 ** 2 * 121.148),
    beak: FONDANT * cm3((PI / 12) * 14.0618 ** 2 * 60.574),
  },
  mixed: [160, 60, 500, 75, 95, 35],
  needs: {
    // all of 315 g of stiff paste and seven tenths of 535 g of figure paste
    'Covering paste': 315 + 0.7 * 535,
    'Stiffening powder': 0.012 * 315,
    'Gum paste': 0.3 * 535 + 75,
  },
  pieces: 17,
};

const TABLES: Readonly<Record<string, Table>> = {
  'ferryman-otter': {
    grams: {
      eyes: MODELLING * cm3((PI / 6) * 7 ** 3),
      lantern: FONDANT * cm3((PI / 4) * 24 ** 2 * 34),
      'lantern-cap': FONDANT * cm3((PI / 12) * 28 ** 2 * 12),
      'lantern-ring': FONDANT * cm3(PI * 14 * (PI / 4) * 2.4 ** 2),
      scarf: MODELLING * cm3(214 * 15 * 3),
    },
    mixed: [235, 1025, 95, 20, 20, 20, 20, 25, 20, 20],
    needs: {
      // 300 g of limb paste, and seven tenths of 1045 g of figure paste
      'Covering paste': 300 + 0.7 * 1045,
      'Gum paste': 0.3 * 1045,
      'Stiffening powder': 0.01 * 300,
      'Ready-made modelling paste': 95 + 20 + 20 + 20,
    },
    pieces: 24,
  },
  'one-legged-heron': heron,
  'heron-on-a-skewer': heron,
  'heron-gilded-wet': heron,
  'savoy-cabbage': {
    grams: {},
    // the heart is covered from one round of 456 mm, 6 mm thick
    mixed: [1365, 420],
    needs: {
      // three to one, and three hundredths stay in the bowl
      'White chocolate': ((1365 + 420) * 0.75) / 0.97,
      'Glucose syrup': ((1365 + 420) * 0.25) / 0.97,
    },
    pieces: 20,
  },
  'sixty-acorn-sweets': {
    grams: { nut: MARZIPAN * cm3((PI / 6) * 22 ** 2 * 27.62) },
    mixed: [580, 225],
    needs: { 'Marzipan, half almond': 580 + 225 },
    pieces: 180,
  },
  'trial-acorn': {
    grams: { nut: MARZIPAN * cm3((PI / 6) * 22 ** 2 * 27.62) },
    // less than twenty grams nobody kneads
    mixed: [20],
    needs: { 'Marzipan, half almond': 20 },
    pieces: 1,
  },
};

describe.each(Object.entries(TABLES))('%s', (name, table) => {
  const report = plan(demoBuild(name));

  it('weighs what its solids come to', () => {
    for (const [id, grams] of Object.entries(table.grams))
      expect(report.figure.pieces.find((p) => p.id === id)!.weight.paste.value, id).toBeCloseTo(grams, 2);
  });

  it('is mixed in these batches, and takes this from the shelf', () => {
    expect(report.paste.map((b) => b.mix.value)).toEqual(table.mixed);
    for (const [what, grams] of Object.entries(table.needs))
      expect(report.needs.find((n) => n.name === what)!.amount.value, what).toBeCloseTo(grams, 2);
  });

  it('has every piece counted', () => {
    expect(report.figure.pieces.reduce((n, p) => n + p.number, 0)).toBe(table.pieces);
  });

  it('adds up: every batch to where it goes, the figure to its pieces', () => {
    for (const b of report.paste)
      expect(b.ledger.reduce((g, l) => g + l.value, 0)).toBeCloseTo(b.mix.value, 6);
    expect(report.figure.pieces.reduce((g, p) => g + p.all.value, 0)).toBeCloseTo(
      report.figure.paste.value,
      6,
    );
  });
});
