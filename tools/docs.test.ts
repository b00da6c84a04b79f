import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';

const CORE = join(import.meta.dirname, '..', 'core');
const FUNCTION = /^export (?:async )?function (\w+)|^export const (\w+)(?::[^=]*)? = (?:<[^>]*>)?\(/;

it('every function the core exports says what it is for', () => {
  const bare: string[] = [];
  let all = 0;
  for (const file of readdirSync(CORE, { recursive: true, encoding: 'utf8' }).sort()) {
    if (!file.endsWith('.ts') || /\.(test|testing)\.ts$|generated/.test(file)) continue;
    const lines = readFileSync(join(CORE, file), 'utf8').split('\n');
    lines.forEach((line, i) => {
      const found = FUNCTION.exec(line);
      if (!found) return;
      all++;
      if (!lines[i - 1]?.trimEnd().endsWith('*/')) bare.push(`${file}: ${found[1] ?? found[2]}`);
    });
  }
  expect(bare).toEqual([]);
  expect(all).toBeGreaterThan(750);
});
