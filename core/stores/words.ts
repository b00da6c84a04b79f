import { colouringOf, colouringWords, type Batch } from '../paste-list/index.ts';
import { formatMass, formatSpoons, formatWeighed, type Shown } from '../quantity/index.ts';
import type { ShoppingLine } from './shopping.ts';

/** An amount in words: grams as shown, or pieces. */
export const amountWords = (x: number, unit: string, shown?: Shown): string =>
  unit === 'g' ? formatMass(x, shown) : String(Math.round(x));

/** Packs to buy in words: `1 × 1000 g + 1 × 250 g`. */
export const packWords = (line: ShoppingLine, shown?: Shown): string =>
  line.buy.map((p) => `${p.number} × ${amountWords(p.size, line.need.amount.unit, shown)}`).join(' + ');

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
        `${formatWeighed(p.weigh, shown)} ${p.name}${p.spoons ? ` (${formatSpoons(p.spoons.value, 1)})` : ''}`,
    );
    out.push(`- ${b.colour.name}, ${b.blend.name}: ${formatMass(b.mix.value, shown)} = ${parts.join(' + ')}`);
    for (const c of colouringWords(colouringOf(b))) out.push(`  ${c}`);
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
