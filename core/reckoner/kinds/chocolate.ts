import { chocolateBatch, MATERIAL_IDS, materialOf } from '../../pastes/index.ts';
import { ok } from '../../quantity/index.ts';
import { boardFor, num } from '../fields.ts';
import type { Sayings, SmallQuestion } from '../types.ts';

const KINDS = MATERIAL_IDS.filter((id) => materialOf(id).chocolate !== undefined);

const batchOf = (said: Sayings) =>
  chocolateBatch(materialOf(String(said.paste)).chocolate!, num(said, 'ratio'), {
    by: 'made',
    grams: num(said, 'grams'),
  });

export const askChocolate: SmallQuestion = {
  id: 'chocolate',
  name: 'Modelling chocolate',
  asks: 'How much chocolate and syrup make so much modelling chocolate?',
  fields: [
    { key: 'grams', label: 'Wanted', kind: 'mass', usual: 500, least: 20, most: 20_000 },
    {
      key: 'paste',
      label: 'Of',
      options: KINDS.map((value) => ({ value, label: materialOf(value).name.toLowerCase() })),
      usual: KINDS[0]!,
    },
    { key: 'ratio', label: 'Chocolate to 1 of syrup', kind: 'count', usual: 3, least: 1, most: 8 },
  ],
  build: (said) => ok(boardFor(said)),
  answers: (_, said) => {
    const batch = batchOf(said);
    if (!batch.ok) return [];
    const { chocolate: solid, syrup, syrupMl } = batch.value;
    return [
      { says: 'of chocolate', figure: solid },
      { says: 'of syrup', figure: syrup },
      { says: 'of syrup in the measuring jug', figure: syrupMl },
    ];
  },
  notes: () => [
    'Fold until it just comes together and stop: worked on, it turns oily. Wrap it flat and let it rest until it is cold right through.',
  ],
  makes: false,
};
