// npm run words: what the catalogue lacks, what nobody says any more, and how much of the core it has.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { heard } from './catalogue/extract.ts';

const told = JSON.parse(readFileSync(join(import.meta.dirname, '../web/words/de.json'), 'utf8')) as object;
const { views, spoken, reckoned } = heard();
const has = (key: string): boolean => Object.hasOwn(told, key);
const said = new Set([...views, ...spoken, ...reckoned]);
const list = (title: string, keys: readonly string[]): void =>
  console.log([`${title}: ${keys.length}`, ...keys.map((k) => `  ${k}`)].join('\n'));

list(
  'Views and scripts say, and the catalogue lacks',
  [...views, ...spoken].filter((k) => !has(k)),
);
list(
  'The catalogue has, and nobody says',
  Object.keys(told).filter((k) => !said.has(k)),
);
console.log(`Of what the core says: ${[...reckoned].filter(has).length} of ${reckoned.size}`);
if (process.argv.includes('--core'))
  list(
    'The rest',
    [...reckoned].filter((k) => !has(k)),
  );
