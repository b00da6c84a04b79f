import { describe, expect, it } from 'vitest';
import { CARD, lifeUnit, perMmByCard, USUAL_PER_MM } from './life-size.ts';

describe('life size', () => {
  it('a bank card is 85.60 × 53.98 mm (ISO/IEC 7810:2019, ID-1), and an inch of a usual screen 96 pixels (CSS)', () => {
    expect(CARD).toEqual({ width: 85.6, height: 53.98 });
    expect(USUAL_PER_MM * 25.4).toBeCloseTo(96, 12);
    expect(perMmByCard(CARD.width * USUAL_PER_MM, 1)).toBeCloseTo(USUAL_PER_MM, 12);
  });

  it('a figure of 100 mm is 100 mm long, also where the page was made larger', () => {
    const perMm = perMmByCard(300, 2);
    for (const ratio of [1, 1.5, 2, 3]) {
      const pixels = 100 / lifeUnit(perMm, ratio);
      // pixels of the page × their true size
      expect((pixels * ratio) / perMm).toBeCloseTo(100, 9);
    }
  });
});
