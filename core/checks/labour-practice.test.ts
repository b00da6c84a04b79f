import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { JOINS } from '../joins/index.ts';
import { plan } from '../plan.ts';
import { labourOf } from '../quantity/index.ts';
import { shapeOf } from '../solids/index.ts';
import { TEXTURES } from '../record/index.ts';
import { areaLabour } from '../quantity/labour.ts';

/** What makers say such work takes them. Common practice. */
describe('hands-on time of many small ones', () => {
  const [strands, stitches] = [shapeOf('strands'), shapeOf('stitches')];
  const within = (x: number, least: number, most: number) => {
    expect(x).toBeGreaterThan(least);
    expect(x).toBeLessThan(most);
  };

  it('a hundred and ten stitches are rolled, cut and laid in a little over an hour', () => {
    within(labourOf(stitches.labour, 110) + labourOf(stitches.lay!, 110), 62, 72);
  });

  it('three hundred and fifty strands are made by two in two hours, and laying them takes longer than making them', () => {
    within(labourOf(strands.labour, 350 / 2), 110, 130);
    within(labourOf(strands.lay!, 350) / labourOf(strands.labour, 350), 1.05, 1.8);
  });

  it('a dozen simple sweets are rolled, marked and in their cases in eighteen minutes', () => {
    const sweet = { once: 0, each: 1.8, size: { usual: 14, power: 0.15 } };
    within(labourOf(sweet, 12, 14), 16, 20);
    // a sweet that stands loose costs seconds: sixty of them a few minutes
    within(labourOf(JOINS.loose.labour, 60), 3, 6);
  });

  it('sixty acorns of three pieces are an afternoon, not a week of evenings', () => {
    const { steps } = plan(demoBuild('sixty-acorn-sweets')).made;
    within(steps.reduce((m, s) => m + s.minutes, 0) / 60, 3, 8);
  });

  it('a furry sitting animal of 85 g is two hours of hands', () => {
    // two balls of about 42 g: 2 × 48 cm² of fur, body and head shaped, four limbs, two ears, muzzle, nose and two eyes
    const shaped = [shapeOf('egg'), shapeOf('ellipsoid')].reduce((m, s) => m + labourOf(s.labour, 1, 40), 0);
    const limbs = labourOf(shapeOf('taperedRope').labour, 4, 5) + labourOf(shapeOf('ball').labour, 6, 1);
    const fur = areaLabour(2, TEXTURES.fur.perCm2, 96);
    within(shaped + limbs + fur + labourOf(JOINS.pressed.labour, 10), 70, 140);
  });
});
