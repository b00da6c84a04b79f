import { fail, ok, type Result } from './quantity/index.ts';
import { checkItem, STORES_FORMAT, STORES_VERSION, type StockItem, type Stores } from './stores/index.ts';
import { validateStores } from './files/generated/validate-stores.js';
import { LARGEST_FILE } from './files/index.ts';
import { sentence } from './files/sentences.ts';

export const STORES_FILE = 'stores.spindle-stores.json';

/** The stores as a readable file. */
export const writeStores = (stores: Stores): string =>
  `${JSON.stringify({ format: STORES_FORMAT, version: STORES_VERSION, ...stores }, null, 2)}\n`;

/** Check plain data and make stores of it; nothing is changed when it is refused. */
export function storesFrom(data: unknown): Result<Stores> {
  if (typeof data !== 'object' || data === null || (data as { format?: unknown }).format !== STORES_FORMAT)
    return fail('This file does not hold stores saved by Elm Spindle.');
  const { version } = data as { version?: unknown };
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return fail('The file does not say which version of the format it is.', 'version');
  if (version > STORES_VERSION)
    return fail(`These stores were saved by a newer Elm Spindle (format ${version}).`);
  const current = brought(data as Record<string, unknown>, version);
  if (!validateStores(current)) {
    const error = validateStores.errors?.[0];
    return fail(error ? sentence(error, current) : 'Something in the file is not right.');
  }
  const { items, packs, pastes, book } = current;
  for (const record of [items, pastes, book]) {
    const seen = new Set<string>();
    for (const { id } of record) {
      if (seen.has(id)) return fail(`Two entries have the same id, “${id}”.`);
      seen.add(id);
    }
  }
  const kept: StockItem[] = [];
  for (const item of items) {
    const checked = checkItem(item, pastes);
    if (!checked.ok) return fail(`“${item.name}”: ${checked.problem.text}`);
    kept.push(checked.value);
  }
  if (new Set(book.map((b) => b.number)).size < book.length)
    return fail('Two batches of the book have the same number.', 'book');
  return ok({ items: kept, packs, pastes, book });
}

/**
 * Bring stores of an older version forward. Version 2: cores and boards carry their size; it is read from their names below.
 * Version 3: the book of what was mixed, empty before.
 */
const brought = (data: Record<string, unknown>, version: number): Record<string, unknown> =>
  version < STORES_VERSION ? { book: [], ...data, version: STORES_VERSION } : data;

/** Read the text of a stores file. */
export function readStores(text: string): Result<Stores> {
  if (text.length > LARGEST_FILE) return fail('The file is larger than any stores: 8 MB is the most.');
  try {
    return storesFrom(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch {
    return fail('This is not a readable stores file: it breaks off or is damaged.');
  }
}
