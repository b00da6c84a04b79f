import { POWDER_BULK } from '../../pastes/index.ts';
import { byFormula, formula, given, ok, VOLUME_IN_ML } from '../../quantity/index.ts';
import { boardFor, num } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

/** Spoons and cups as they are sold, and what they hold. */
const MEASURES = [
  { value: 'metricTsp', label: 'metric teaspoons' },
  { value: 'metricTbsp', label: 'metric tablespoons' },
  { value: 'australianTbsp', label: 'Australian tablespoons' },
  { value: 'metricCup', label: 'metric cups' },
  { value: 'tsp', label: 'US teaspoons' },
  { value: 'tbsp', label: 'US tablespoons' },
  { value: 'cup', label: 'US cups' },
] as const;

/** What a millilitre weighs, spooned and levelled, g. Common practice, estimates; water exact. */
const FILLINGS = [
  { value: 'water', label: 'water', grams: 1 },
  { value: 'syrup', label: 'syrup', grams: 1.4 },
  { value: 'icing', label: 'icing sugar, sifted', grams: 0.5 },
  { value: 'sugar', label: 'caster sugar', grams: 0.85 },
  { value: 'starch', label: 'cornflour', grams: 0.55 },
  { value: 'cocoa', label: 'cocoa', grams: 0.45 },
  { value: 'powder', label: 'stiffening powder', grams: POWDER_BULK },
] as const;

const HOLD = formula({
  name: 'They hold',
  takes: ['', 'mL'],
  unit: 'mL',
  rule: 'how many × what one holds',
  f: (n, ml) => n * ml,
});
const WEIGH = formula({
  name: 'They weigh',
  takes: ['mL', 'g'],
  unit: 'g',
  rule: 'millilitres × what one weighs, levelled',
  source: 'common practice',
  f: (ml, g) => ml * g,
});

export const askSpoons: SmallQuestion = {
  id: 'spoons',
  name: 'Spoons and cups',
  asks: 'How much is a spoon, and what does it weigh?',
  fields: [
    { key: 'many', label: 'How many', kind: 'count', usual: 1, least: 0.05, most: 200 },
    {
      key: 'measure',
      label: 'Of',
      options: MEASURES.map(({ value, label }) => ({ value, label })),
      usual: 'metricTsp',
    },
    {
      key: 'filling',
      label: 'Full of',
      options: FILLINGS.map(({ value, label }) => ({ value, label })),
      usual: 'powder',
    },
  ],
  build: (said) => ok(boardFor(said)),
  answers: (_, said) => {
    const measure = MEASURES.find((m) => m.value === said.measure) ?? MEASURES[0];
    const filling = FILLINGS.find((f) => f.value === said.filling) ?? FILLINGS[0];
    const hold = byFormula(HOLD, [
      given('How many', num(said, 'many'), '', 'yours'),
      given('One holds', VOLUME_IN_ML[measure.value], 'mL', 'exact'),
    ]);
    return [
      { says: 'they hold', figure: hold },
      {
        says: `of ${filling.label}, levelled`,
        figure: byFormula(WEIGH, [hold, given('A millilitre', filling.grams, 'g', 'common practice')]),
      },
    ];
  },
  notes: () => [
    'A spoon is a rough measure: heaped or pressed it holds half as much again. Weigh what matters.',
  ],
  makes: false,
};
