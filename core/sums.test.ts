import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { reckonBones } from './bones/index.ts';
import { casesOf } from './bones/joints/load-cases.ts';
import { findings } from './bones/joints/joint-checks.ts';
import { jointsOf } from './bones/paths/joints.ts';
import { nameOf } from './bones/joints/checked-joints.ts';
import { demoBuild } from './files/demo.testing.ts';
import { type Build } from './record/index.ts';
import { plan } from './plan.ts';
import { applied, seeded, type Reckoned } from './quantity/index.ts';
import { figures } from './walk.testing.ts';

const demos = readdirSync(join(import.meta.dirname, '../demo')).flatMap((f) =>
  f.endsWith('.spindle.json') ? [demoBuild(f.replace('.spindle.json', ''))] : [],
);
/** Every figure that a build's report can be opened to, those of each question of firming too. */
function shown(build: Build): Reckoned[] {
  const report = plan(build);
  const firming = [...report.firming.values()];
  const asked = firming.flatMap((f) => Object.keys(f.bands).map((q) => f.figure(q as keyof typeof f.bands)));
  return figures([
    ...[
      report.figure,
      report.paste,
      report.pasteSums,
      report.bones,
      report.cake,
      report.tiers,
      report.portions,
    ],
    ...[report.needs, report.height, asked],
  ]);
}
const all = demos.map(shown);

/** The sum of a figure with the inputs it shows; every figure of a tree is among those looked at, so leaves carry to the top. */
const redone = (f: Reckoned): number | undefined =>
  f.from &&
  applied(
    f,
    f.from.map((p) => p.value),
  );
const near = (a: number, b: number): boolean =>
  Object.is(a, b) || Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(a), Math.abs(b));

/** What a numerical method found: no sum a person could do over, so it has to say which method it was. */
const METHODS = [
  /drying|cooling and setting/,
  /curvature M ÷ E I summed/,
  /thin plate on posts \(Ritz/,
  /three legs through one point|rod and braces through one point/,
  /part of the outline beyond a straight line/,
  /deep body cooled at its face/,
  /springs, flows and creeps/,
  /balance of bodies on patches that only push/,
  /nearest places of the two skins/,
];

describe('every sum that can be opened', () => {
  it('gives, done over from what is shown beside it, the figure that is shown', () => {
    let sums = 0;
    for (const figure of all.flat()) {
      const again = redone(figure);
      if (again === undefined) continue;
      sums++;
      expect(near(again, figure.value), `${figure.name}: ${again} for ${figure.value}`).toBe(true);
    }
    expect(sums).toBeGreaterThan(1000);
  });

  it('is either a formula, or names the method that found it', () => {
    const others = all.flat().filter(
      (f) =>
        f.from?.length &&
        applied(
          f,
          f.from.map((p) => p.value),
        ) === undefined,
    );
    expect(others.length).toBeGreaterThan(20);
    for (const f of others)
      expect(
        METHODS.some((m) => m.test(f.rule!)),
        `${f.name}: ${f.rule!}`,
      ).toBe(true);
  });

  it('shows nothing beside it that does not count: its formula heeds every input, somewhere in its range', () => {
    const heeded = new Map<string, boolean>();
    const random = seeded(11);
    // what says yes or no is now and then nought
    const turned = ({ value: x, unit }: Reckoned) =>
      unit === '×' && random() < 0.3 ? 0 : x === 0 ? random() : x * 100 ** (2 * random() - 1);
    for (const figure of all.flat()) {
      if (redone(figure) === undefined) continue;
      figure.from!.forEach((_, k) => {
        const key = `${figure.rule!} | input ${k + 1}`;
        for (let trial = 0; trial < 300 && !heeded.get(key); trial++) {
          const inputs = figure.from!.map(turned);
          const other = inputs.with(k, inputs[k]! * 1.7 + 0.01);
          heeded.set(key, !near(applied(figure, inputs)!, applied(figure, other)!));
        }
      });
    }
    expect([...heeded].filter(([, heeds]) => !heeds).map(([key]) => key)).toEqual([]);
  });
});

describe('what a joint is told to use', () => {
  it('is what its sum says: the worst is chosen by the very figure that is shown', () => {
    let found = 0;
    for (const build of demos) {
      const firming = plan(build).firming;
      const firmed = firming;
      for (const joint of jointsOf(build).joints)
        for (const loadCase of casesOf(build)) {
          const names = { upper: nameOf(build, joint.upper), lower: 'what is under it' };
          for (const f of findings(build, joint, names, firmed, loadCase)) {
            found++;
            expect(near(f.make().use.value, f.use), `${build.name}: ${f.id}`).toBe(true);
          }
        }
      expect(reckonBones(build, firmed).rods.length).toBe(build.rods.length);
    }
    expect(found).toBeGreaterThan(100);
  });
});
