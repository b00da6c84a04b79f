import {
  fail,
  given,
  ok,
  reckon,
  type Grams,
  type Reckoned,
  type Result,
  capital,
} from '../quantity/index.ts';
import { SYRUP } from './materials/chocolate.ts';
import { densityOf } from './density.ts';
import type { ChocolateFacts } from './types.ts';

/** What stays in the bowl and on the spatula; common practice, per cent. */
export const BOWL_LOSS = 3;

/** What is asked of a chocolate batch: so much made, or whatever the chocolate or the syrup in hand is enough for. */
export type ChocolateWish =
  | { readonly by: 'made'; readonly grams: Grams }
  | { readonly by: 'chocolate'; readonly grams: Grams }
  | { readonly by: 'syrup'; readonly grams: Grams }
  | { readonly by: 'shelf'; readonly chocolate: Grams; readonly syrup: Grams };

export interface ChocolateBatch {
  readonly chocolate: Reckoned;
  readonly syrup: Reckoned;
  readonly syrupMl: Reckoned;
  /** Paste it gives, bowl scraped. */
  readonly made: Reckoned;
  /** What runs out first, where it is mixed from what is on the shelf. */
  readonly short: 'chocolate' | 'syrup' | undefined;
}

/**
 * Chocolate and syrup for a batch. Parts go by mass, r of chocolate to 1 of syrup; what stays in the bowl comes off.
 * @returns the batch, or why it cannot be mixed
 */
export function chocolateBatch(
  facts: ChocolateFacts,
  ratio: number,
  wish: ChocolateWish,
  loss = BOWL_LOSS,
): Result<ChocolateBatch> {
  if (!(ratio >= 1 && ratio <= 8)) return fail('Chocolate to syrup lies between 1 : 1 and 8 : 1.', 'ratio');
  const amounts = wish.by === 'shelf' ? [wish.chocolate, wish.syrup] : [wish.grams];
  if (amounts.some((g) => !(g > 0) || !Number.isFinite(g)))
    return fail('A batch needs more than nothing of both.', 'grams');
  const r = given(`Chocolate to syrup`, ratio, '', 'common practice');
  const lost = given('Stays in the bowl', loss, '%', 'common practice');
  const name = `${capital(facts.rawName)}`;
  let chocolate: Reckoned;
  let syrup: Reckoned;
  let short: ChocolateBatch['short'];
  if (wish.by === 'made') {
    const mixed = reckon(
      'Into the bowl',
      'g',
      'wanted ÷ (1 − what stays)',
      [given('Wanted', wish.grams, 'g'), lost],
      (g, l) => g / (1 - l / 100),
    );
    chocolate = reckon(name, 'g', 'bowl × r ÷ (r + 1)', [mixed, r], (g, x) => (g * x) / (x + 1));
    syrup = reckon('Syrup', 'g', 'bowl ÷ (r + 1)', [mixed, r], (g, x) => g / (x + 1));
  } else if (wish.by === 'syrup') {
    syrup = given('Syrup', wish.grams, 'g', 'yours');
    chocolate = reckon(name, 'g', 'syrup × r', [syrup, r], (g, x) => g * x);
  } else if (wish.by === 'chocolate') {
    chocolate = given(name, wish.grams, 'g', 'yours');
    syrup = reckon('Syrup', 'g', 'chocolate ÷ r', [chocolate, r], (g, x) => g / x);
  } else {
    const c = given(`${name} on the shelf`, wish.chocolate, 'g', 'yours');
    const s = given('Syrup on the shelf', wish.syrup, 'g', 'yours');
    chocolate = reckon(name, 'g', 'what there is, or syrup × r when less', [c, s, r], (a, b, x) =>
      Math.min(a, b * x),
    );
    syrup = reckon('Syrup', 'g', 'chocolate ÷ r', [chocolate, r], (g, x) => g / x);
    short = wish.chocolate < wish.syrup * ratio ? 'chocolate' : 'syrup';
  }
  const syrupMl = reckon(
    'Syrup by volume',
    'mL',
    'grams ÷ density of syrup',
    [syrup, given('Glucose syrup, 80 % solids', densityOf(SYRUP), 'g/cm³', 'derived')],
    (g, rho) => g / rho,
  );
  const made = reckon(
    'Paste it gives',
    'g',
    '(chocolate + syrup) × (1 − what stays)',
    [chocolate, syrup, lost],
    (a, b, l) => (a + b) * (1 - l / 100),
  );
  return ok({ chocolate, syrup, syrupMl, made, short });
}

/** Ratio by mass from a recipe that measures its syrup, r = grams ÷ (mL × syrup density). Cups are known to ±4 %. */
export const ratioFromCups = (grams: Grams, ml: number, syrupDensity = 1.4): number =>
  grams / (ml * syrupDensity);

/** One line of the card on the bench. */
export interface CardStep {
  readonly do: string;
  readonly watch?: string;
}

/** The batch card: how chocolate and syrup become paste. Temperatures handbook from memory, the rest common practice. */
export const chocolateCard = (facts: ChocolateFacts): readonly CardStep[] => [
  {
    do: `Warm the ${facts.rawName} to ${facts.warmTo[0]}–${facts.warmTo[1]} °C, in short bursts, stirring between.`,
    watch: 'Hot bowls burn and hot chocolate scorches: stop while a few lumps are left. No drop of water.',
  },
  {
    do: 'Warm the syrup until it pours, about 35 °C, and colour it now where colour is wanted.',
    watch: 'Cold syrup sets the chocolate in lumps; hot syrup sticks to skin and burns.',
  },
  {
    do: 'Pour all the syrup in and fold, slowly, until it just comes together and leaves the bowl: 20 to 30 folds.',
    watch: 'Stop as soon as no streak is left. Beating it on brings the fat out.',
  },
  {
    do: 'Turn it out flat on film, wrap it and leave it until it is cool right through, a few hours or overnight.',
    watch: 'A cool room, not a fridge: it sweats on coming out.',
  },
  {
    do: 'Cut off what is needed and knead it until it is smooth; 5 to 10 seconds of warmth help a hard lump.',
    watch: 'Warm hands make it oily: put it down and let it cool.',
  },
];

/** What went wrong and what mends it; common practice. */
export const CHOCOLATE_REPAIRS: readonly {
  readonly sign: string;
  readonly means: string;
  readonly mend: string;
}[] = [
  {
    sign: 'Oily, fat runs out when it is pressed',
    means: 'mixed too long, or too warm',
    mend: 'Let it cool, then knead the fat back in little by little; pat off what stays out.',
  },
  {
    sign: 'Hard lumps in it',
    means: 'mixed too little, or the syrup was cold',
    mend: 'Press the lumps flat on the table with a scraper, or warm it 5 seconds and knead again.',
  },
  {
    sign: 'Crumbles and cracks',
    means: 'too little syrup, or still cold',
    mend: 'Warm it in the hands first; only then knead in a few drops of syrup.',
  },
  {
    sign: 'Soft and sticky, will not hold an edge',
    means: 'too much syrup, or too warm',
    mend: 'Cool it for half an hour; if it stays soft, knead in a little melted chocolate and rest it again.',
  },
];
