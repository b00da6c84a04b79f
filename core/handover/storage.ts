import { FILLINGS, materialOf } from '../pastes/index.ts';
import type { Build } from '../record/index.ts';
import { hasCake } from './cold.ts';

/** How something keeps until it is eaten, and afterwards. */
export interface Keeps {
  readonly what: string;
  readonly says: string;
}

interface Rule {
  readonly about: (build: Build) => string | undefined;
  readonly says: (build: Build) => string;
}

const bases = (build: Build) => build.blends.map((b) => materialOf(b.base));
const named = (names: readonly string[]): string | undefined =>
  names.length > 0 ? [...new Set(names)].join(', ') : undefined;

/** Rules of keeping, one a row. Common practice; days of a filling from its own record, and the recipe comes first. */
const RULES: readonly Rule[] = [
  {
    about: (b) => (hasCake(b) ? 'The cake in it' : undefined),
    says: ({ cake }) => {
      const days = Math.min(FILLINGS[cake.filling].keepsDays, FILLINGS[cake.coat].keepsDays);
      return `In a card box in the fridge, taken out two to four hours before it is cut; eaten within ${days} days of filling, unless the recipe says sooner. What has stood out for four hours is not put back.`;
    },
  },
  {
    about: (b) => named(bases(b).flatMap((m) => (m.family === 'chocolate' ? [m.name] : []))),
    says: () =>
      'Cool, dark and dry, 15 to 20 °C, away from lamps and windows; a fridge makes it sweat and go dull.',
  },
  {
    about: (b) =>
      named(bases(b).flatMap((m) => (m.family === 'sugar' || m.family === 'icing' ? [m.name] : []))),
    says: () =>
      'In a card box at room temperature, dry and out of the sun, which fades it. Not in anything airtight once it is dry, and in the fridge only for the sake of the cake.',
  },
  {
    about: (b) => named(bases(b).flatMap((m) => (m.family === 'almond' ? [m.name] : []))),
    says: () =>
      'Cool and loosely covered: it dries out open, and takes up the smell of whatever lies beside it.',
  },
  {
    about: (b) => (b.brief.eaters?.fate === 'kept' ? 'What is kept' : undefined),
    says: () =>
      'It fades in light and softens in damp: in a closed cabinet with a bag of silica gel. After some weeks it is to look at, not to eat.',
  },
];

/** How everything in a build is kept. */
export const keepsOf = (build: Build): Keeps[] =>
  RULES.flatMap(({ about, says }) => {
    const what = about(build);
    return what === undefined ? [] : [{ what, says: says(build) }];
  });
