import fc from 'fast-check';
import { formatHex, useMode, modeLrgb, modeRgb } from 'culori/fn';
import { describe, expect, it } from 'vitest';
import { value, refusal } from '../files/demo.testing.ts';
import { apartBy, balanced, labOf, meanHex } from './index.ts';

useMode(modeRgb);
const linear = useMode(modeLrgb);
/** A face under a light that gives each channel so much of it. */
const under = (hex: string, light: readonly [number, number, number]): string => {
  const c = linear(hex)!;
  return formatHex({ mode: 'lrgb', r: c.r * light[0], g: c.g * light[1], b: c.b * light[2] })!;
};
/** 18 % of the light, sRGB (IEC 61966-2-1). */
const CARD = '#767676';

describe('a colour from a picture with a grey card', () => {
  it('is what the worked example says: a card in yellow light', () => {
    expect(value(balanced('#d9b98c', '#8f7a5e', 'grey'))).toBe('#b4b3ae');
  });

  it('is as it was when the card looks as it should', () => {
    const found = value(balanced('#8a6a4f', CARD, 'grey'));
    expect(apartBy(labOf(found)!, labOf('#8a6a4f')!)).toBeLessThan(0.5);
  });

  it('comes back whatever the light was, as far as eight bits go', () => {
    const share = fc.double({ min: 0.45, max: 1, noNaN: true });
    fc.assert(
      fc.property(
        fc.tuple(share, share, share),
        fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: 60, max: 230 }))),
        (light, rgb) => {
          const hex = `#${rgb.map((n) => n!.toString(16).padStart(2, '0')).join('')}`;
          const found = balanced(under(hex, light), under(CARD, light), 'grey');
          if (found.ok) expect(apartBy(labOf(found.value)!, labOf(hex)!)).toBeLessThan(2);
          else expect(found.problem.text).toMatch(/does not look like a grey card/);
        },
      ),
    );
  });

  it('is refused by a card that is blown out, drowned or no grey', () => {
    expect(refusal(balanced('#8a6a4f', '#ffffff', 'paper'))).toMatch(/so bright/);
    expect(refusal(balanced('#8a6a4f', '#020202', 'grey'))).toMatch(/does not look like a grey card/);
    expect(refusal(balanced('#8a6a4f', '#c22b2b', 'grey'))).toMatch(/does not look like/);
  });

  it('averages light, as a camera further away would', () => {
    expect(meanHex([138, 106, 79, 255, 138, 106, 79, 255])).toBe('#8a6a4f');
    // black and white in a checker look like #bcbcbc from afar (IEC 61966-2-1: half the light)
    expect(meanHex([0, 0, 0, 255, 255, 255, 255, 255])).toBe('#bcbcbc');
  });
});
