import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { CONSTANTS_FILE, constantsIn, constantsTable } from './constants.ts';

describe('the table of constants', () => {
  it('is that of the code as it stands: run npm run constants', () => {
    expect(readFileSync(CONSTANTS_FILE, 'utf8')).toBe(constantsTable());
  });
  it('reads numbers with their unit and where they come from, and leaves out what is no number', () => {
    const code = [
      '/** Room between a layer and its tin, mm; common practice. */',
      'const EASE: Mm = 2;',
      '/** Shares, estimate. */',
      'const PARTS = { low: 0.5, high: -1.5 } as const;',
      'const NAMES = ["a"];',
      'const half = 0.5;',
    ].join('\n');
    expect(constantsIn('core/x.ts', code)).toEqual([
      {
        name: 'EASE',
        value: '2',
        unit: 'mm',
        provenance: 'common practice',
        says: 'Room between a layer and its tin, mm; common practice.',
        file: 'core/x.ts',
      },
      {
        name: 'PARTS',
        value: 'low 0.5, high -1.5',
        unit: '',
        provenance: 'estimate',
        says: 'Shares, estimate.',
        file: 'core/x.ts',
      },
    ]);
  });
  it('knows where most of them come from: those it does not only grow fewer', () => {
    const rows = constantsTable()
      .split('\n')
      .filter((l) => l.startsWith('| `'));
    expect(rows.length).toBeGreaterThan(350);
    expect(rows.filter((r) => r.split(' | ')[3]?.trim() === '').length).toBeLessThanOrEqual(NOT_SAID);
  });
});

/** Limits, steps of methods, and numbers that explain themselves. */
const NOT_SAID = 238;
