import { describe, expect, it } from 'vitest';
import { demoBuild } from './files/demo.testing.ts';
import { findParts, FOUND, type FoundPart } from './found.ts';
import { plan } from './plan.ts';

const PARTS = Object.keys(FOUND) as FoundPart[];

describe('what is reckoned beside the page', () => {
  it.each(['ferryman-otter', 'one-legged-heron', 'savoy-cabbage', 'sixty-acorn-sweets'])(
    'every part of %s can be sent, and nothing of it is lost on the way',
    (id) => {
      const found = findParts(plan(demoBuild(id)), PARTS);
      for (const part of PARTS) {
        const sent = structuredClone(found[part]);
        expect(JSON.stringify(sent), part).toBe(JSON.stringify(found[part]));
      }
    },
  );

  it('only what was asked for is found', () => {
    expect(Object.keys(findParts(plan(demoBuild('ferryman-otter')), ['height']))).toEqual(['height']);
  });

  it('rods are seen as the report has them, without what would have to be tried', () => {
    const { bones } = plan(demoBuild('ferryman-otter'));
    const seen = FOUND.bones(plan(demoBuild('ferryman-otter')));
    expect(seen.rods.map((r) => [r.letter, r.verdict, r.worst?.use.value])).toEqual(
      bones.rods.map((r) => [r.letter, r.verdict, r.worst?.use.value]),
    );
    for (const rod of seen.rods) expect(Object.keys(rod)).not.toContain('mends');
    expect(seen.rods.find((r) => r.droop)?.droop?.down).toBe(bones.rods.find((r) => r.droop)?.droop?.down);
  });
});
