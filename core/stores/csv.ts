import Papa from 'papaparse';
import type { Batch } from '../figure/index.ts';
import { formatMass, formatSpoons, type Shown } from '../quantity/index.ts';
import type { ShoppingLine } from './shopping.ts';

/** Cells that a spreadsheet would take for a formula are quoted off. */
const write = (fields: readonly string[], rows: readonly (readonly (string | number)[])[]): string =>
  `${Papa.unparse({ fields: [...fields], data: rows.map((r) => [...r]) }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;

/** The paste list as a table (RFC 4180): one row for each thing weighed, grams to a tenth. */
export const pasteCsv = (batches: readonly Batch[]): string =>
  write(
    ['batch', 'colour', 'blend', 'weigh', 'grams', 'spoons', 'goes into', 'rest min', 'allergens'],
    batches.flatMap((b) =>
      b.parts.map((p) => [
        b.id,
        b.colour.name,
        b.blend.name,
        p.name,
        p.weigh,
        p.spoons ? formatSpoons(p.spoons.value, 1) : '',
        b.lines.map((l) => l.name).join(', '),
        Math.round(b.rest),
        b.allergens.join(', '),
      ]),
    ),
  );

/** An amount in words: grams as shown, or pieces. */
export const amountWords = (x: number, unit: string, shown?: Shown): string =>
  unit === 'g' ? formatMass(x, shown) : String(Math.round(x));

const packWords = (line: ShoppingLine): string =>
  line.buy.map((p) => `${p.number} × ${amountWords(p.size, line.need.amount.unit)}`).join(' + ');

/** The shopping list as a table. */
export const shoppingCsv = (lines: readonly ShoppingLine[]): string =>
  write(
    ['what', 'needed', 'unit', 'on the shelf', 'short', 'packs', 'buy', 'for'],
    lines.map((l) => [
      l.need.name,
      Number(l.need.amount.value.toFixed(1)),
      l.need.amount.unit,
      Number(l.have.value.toFixed(1)),
      Number(l.short.value.toFixed(1)),
      packWords(l),
      l.short.value > 0 ? Number(l.bought.toFixed(1)) : 0,
      l.need.for.join(', '),
    ]),
  );

/** Both as plain text, to paste into a message. */
export function asText(
  name: string,
  batches: readonly Batch[],
  lines: readonly ShoppingLine[],
  shown?: Shown,
): string {
  const out = [name, '', 'To mix'];
  for (const b of batches) {
    const parts = b.parts.map(
      (p) =>
        `${formatMass(p.weigh, shown)} ${p.name}${p.spoons ? ` (${formatSpoons(p.spoons.value, 1)})` : ''}`,
    );
    out.push(`- ${b.colour.name}, ${b.blend.name}: ${formatMass(b.mix.value, shown)} = ${parts.join(' + ')}`);
    for (const r of b.reserves) out.push(`  with ${formatMass(r.grams, shown)} of ${r.name}`);
  }
  const short = lines.filter((l) => l.short.value > 0);
  out.push('', short.length ? 'To buy' : 'Nothing to buy');
  for (const l of short) {
    const packs = packWords(l);
    out.push(
      `- ${l.need.name}: ${amountWords(l.short.value, l.need.amount.unit, shown)}${packs ? ` (${packs})` : ''}`,
    );
  }
  return `${out.join('\n')}\n`;
}
