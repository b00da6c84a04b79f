import { formatHex, modeLrgb, modeRgb, useMode } from 'culori/fn';
import { fail, ok, type Result } from '../quantity/index.ts';
import { chroma, labOf } from './lab.ts';

useMode(modeRgb);
const toLinear = useMode(modeLrgb);

/** What is held into a picture to judge its colours by: the share of light it gives back. Handbook: photographic grey card 18 %. */
export const CARDS = {
  grey: { name: 'grey card', gives: 0.18 },
  /** Copying paper without a tint. Estimate. */
  paper: { name: 'white paper', gives: 0.85 },
} as const;
export type LightCard = keyof typeof CARDS;

/** A channel over or under this is blown out or drowned, of 1 in linear light. Estimate. */
const [BLOWN, DROWNED] = [0.97, 0.004];
/** Light of a room tints a card this much and no more, CIE chroma. Estimate. */
const TINTED = 45;

/**
 * What a spot of a picture looks like in daylight, from a spot of a card in the same light: every channel times what brings the
 * card back to its grey, in linear light (von Kries in the picture's own primaries).
 * @returns `#rrggbb`; refused where the card is blown out, drowned, or no grey at all
 */
export function balanced(picked: string, cardSpot: string, card: LightCard): Result<string> {
  const [spot, grey] = [toLinear(picked), toLinear(cardSpot)];
  const lab = labOf(cardSpot);
  if (!spot || !grey || !lab) return fail('That is no colour.');
  const channels = [grey.r, grey.g, grey.b];
  const { name, gives } = CARDS[card];
  if (channels.some((c) => c > BLOWN))
    return fail(
      `The ${name} is so bright there that its colour is lost. Take a shaded spot of it, or a darker picture.`,
    );
  if (channels.some((c) => c < DROWNED) || chroma(lab) > TINTED)
    return fail(
      `That spot does not look like a ${name}: choose one in the middle of it, in the light of the paste.`,
    );
  const lit = (v: number, c: number) => Math.min(1, Math.max(0, (v / c) * gives));
  return ok(
    formatHex({
      mode: 'lrgb',
      r: lit(spot.r, grey.r),
      g: lit(spot.g, grey.g),
      b: lit(spot.b, grey.b),
    })!,
  );
}

/** The colour of a patch of a picture: its light averaged, not its numbers. @param data four bytes a point @returns `#rrggbb` */
export function meanHex(data: ArrayLike<number>): string {
  const sum = [0, 0, 0];
  const points = Math.floor(data.length / 4);
  for (let k = 0; k < points; k++) {
    const [r, g, b] = [0, 1, 2].map((c) => data[4 * k + c]! / 255);
    const light = toLinear({ mode: 'rgb', r: r!, g: g!, b: b! });
    [light.r, light.g, light.b].forEach((v, c) => (sum[c]! += v));
  }
  const [r, g, b] = sum.map((v) => v / Math.max(1, points));
  return formatHex({ mode: 'lrgb', r: r!, g: g!, b: b! });
}
