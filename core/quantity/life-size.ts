import type { Mm } from './units.ts';

/** A bank card, mm: ID-1 of ISO/IEC 7810:2019. Handbook. */
export const CARD = { width: 85.6, height: 53.98 } as const;

/** Pixels of a usual screen in a millimetre, before anybody held a card against it: 96 in an inch (CSS Values and Units 4, 6.2). Handbook. */
export const USUAL_PER_MM = 96 / 25.4;

/**
 * How many pixels of a screen are one millimetre, from a card that was held against it.
 * @param across how wide the card is drawn where it fits, in pixels of the page
 * @param ratio true pixels of the screen for one of the page: it changes when the page is made larger
 * @returns true pixels in a millimetre
 */
export const perMmByCard = (across: number, ratio: number): number => (across * ratio) / CARD.width;

/** Millimetres under one pixel of the page at life size. @param perMm true pixels in a millimetre */
export const lifeUnit = (perMm: number, ratio: number): Mm => ratio / perMm;
