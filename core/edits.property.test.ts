import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { doing, done } from './acts.testing.ts';
import { readBuild, writeBuild } from './files/index.ts';
import { demoBuild } from './files/demo.testing.ts';
import { anyBuild } from './figure/arbitrary.testing.ts';
import { plan } from './plan.ts';
import { notNumbers } from './walk.testing.ts';

describe('whatever is done to a build', () => {
  it('it writes to a file that reads back as it was', () => {
    fc.assert(
      fc.property(anyBuild(6), doing, (start, all) => {
        const b = done(start, all);
        const read = readBuild(writeBuild(b));
        if (!read.ok) throw new Error(read.problem.text);
        // a file does not know minus nought
        expect(read.value).toEqual(JSON.parse(JSON.stringify(b)));
      }),
      { numRuns: 250 },
    );
  });

  it('it is reckoned without an exception, and every figure is a number', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('ferryman-otter', 'savoy-cabbage', 'sixty-acorn-sweets'),
        doing,
        (name, all) => {
          const b = done(demoBuild(name), all);
          const report = plan(b, { runs: 3 });
          expect(Number.isFinite(report.figure.paste.value)).toBe(true);
          for (const batch of report.paste) expect(batch.mix.value).toBeGreaterThan(0);
          for (const f of report.firming.values())
            for (const band of Object.values(f.bands)) expect(Number.isNaN(band.likely)).toBe(false);
          for (const r of report.bones.rods) expect(Number.isNaN(r.worst?.use.value ?? 0)).toBe(false);
          expect(notNumbers(report.toJSON())).toEqual([]);
          const days = report.days();
          expect(days.plan !== undefined || days.trouble.length > 0 || b.pieces.length === 0).toBe(true);
        },
      ),
      { numRuns: 8 },
    );
  });
});
