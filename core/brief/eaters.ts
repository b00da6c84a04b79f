import { fail, ok, type Result } from '../quantity/index.ts';
import { AVOIDED, type Avoided, type Eaters } from '../record/index.ts';
import { plainly, says } from './matching.ts';
import type { Blank } from './types.ts';

/** What is avoided, as people say it. */
const SAID: Readonly<Record<Avoided, { readonly words: string; readonly also: readonly string[] }>> = {
  nuts: { words: 'no nuts', also: ['nut', 'almond', 'peanut'] },
  milk: { words: 'no milk', also: ['milk', 'dairy', 'lactose'] },
  egg: { words: 'no egg', also: ['egg'] },
  wheat: { words: 'no wheat', also: ['wheat', 'gluten', 'coeliac'] },
  soya: { words: 'no soya', also: ['soya', 'soy'] },
  gelatine: { words: 'no gelatine', also: ['gelatine', 'gelatin', 'halal', 'kosher', 'vegetarian', 'pork'] },
  alcohol: { words: 'no alcohol', also: ['alcohol', 'spirit', 'vodka', 'halal'] },
  animal: { words: 'vegan', also: ['vegan'] },
};
const WHO = { adults: 'adults', children: 'children', under3: 'children under three' } as const;
const FATE = { eaten: '', kept: 'kept as a keepsake', notEaten: 'not eaten' } as const;

/** Who eats it, as they are said: `children, no nuts, kept as a keepsake`. */
export function readEaters(text: string): Result<Eaters> {
  const clean = plainly(text).replace(/^for\s+/, '');
  const avoid = AVOIDED.filter((a) =>
    SAID[a].also.some((w) => says(clean, w) || new RegExp(`\\b${w}[- ]free\\b`).test(clean)),
  );
  const young = /under (3|three)|toddler|bab(y|ies)|first birthday|one[- ]year/.test(clean);
  const children = /child|kid|boys?\b|girls?\b|famil/.test(clean);
  const fate = /not eaten|nobody eats|not to eat|for show/.test(clean)
    ? 'notEaten'
    : /keepsake|kept|keep it/.test(clean)
      ? 'kept'
      : 'eaten';
  const adults = /adult|grown|wedding|office|anybody|everybody|anyone|everyone/.test(clean);
  if (!young && !children && !adults && avoid.length === 0 && fate === 'eaten')
    return fail(
      `“${text.trim()}” says nobody who is known here. Try children, no nuts; adults; under 3; kept as a keepsake.`,
    );
  return ok({ who: young ? 'under3' : children ? 'children' : 'adults', avoid, fate });
}

/** Who eats it, in words. */
export const tellEaters = ({ who, avoid, fate }: Eaters): string =>
  [WHO[who], ...avoid.map((a) => SAID[a].words), ...(FATE[fate] ? [FATE[fate]] : [])].join(', ');

const somebody = (who: Eaters['who'], ...avoid: Avoided[]): Eaters => ({ who, avoid, fate: 'eaten' });

/** Who eats it. */
export const eatersBlank: Blank<Eaters> = {
  key: 'eaters',
  label: 'Who eats it',
  example: 'children, no nuts; adults; under 3; vegan; kept as a keepsake',
  words: (eaters) => tellEaters(eaters),
  read: (text) => readEaters(text),
  choices: () =>
    [
      somebody('children'),
      somebody('children', 'nuts'),
      somebody('under3'),
      somebody('adults'),
      somebody('adults', 'gelatine', 'alcohol'),
      somebody('adults', 'animal'),
      { who: 'adults', avoid: [], fate: 'kept' } as const,
      { who: 'adults', avoid: [], fate: 'notEaten' } as const,
    ].map((value) => ({ value, words: tellEaters(value) })),
  usual: () => undefined,
};
