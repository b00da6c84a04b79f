import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ACTS, doing, once, picker } from './acts.testing.ts';
import { blank, plainPiece } from './record/blank.testing.ts';
import { demoBuild, value } from './files/demo.testing.ts';
import { replaceBlend, setRod } from './edits/index.ts';
import { type Build } from './record/index.ts';
import { plan } from './plan.ts';

/** Everything a report tells, mends and days with it. */
const told = (build: Build): unknown => JSON.parse(JSON.stringify(plan(build, { runs: 3 })));

/** A little of everything that answers to something else: a socket, a pair, a leaning arm on a stick, cake in it and under it. */
const everything: Build = {
  ...blank,
  blends: [
    { id: 'plain', name: 'Plain', base: 'fondant', gumPaste: 30, powder: 0.5 },
    { id: 'dark', name: 'Dark', base: 'chocolateDark', gumPaste: 0, powder: 0, ratio: 2.2 },
  ],
  pieces: [
    {
      ...plainPiece('body', { kind: 'skinOverBall', sizes: { core: 60, coat: 8 } }),
      core: 'cake',
    },
    plainPiece(
      'head',
      { kind: 'ball', sizes: { diameter: 40, press: 0 } },
      { on: 'body', at: [0, 0, 74], sink: 3 },
    ),
    {
      ...plainPiece(
        'ear',
        { kind: 'teardrop', sizes: { diameter: 10, length: 16 } },
        { on: 'head', at: [12, 0, 34], sink: 2, how: 'set', overlap: 'trimmed' },
      ),
      blend: 'dark',
      pair: true,
    },
    plainPiece(
      'arm',
      { kind: 'rope', sizes: { diameter: 14, length: 40 } },
      { on: 'body', at: [30, 0, 56], lean: 50, sink: 3 },
    ),
  ],
  rods: [
    {
      id: 'arm-stick',
      name: 'Arm stick',
      stock: 'skewer3',
      from: { on: 'body', at: [2, 0, 32] },
      to: { on: 'arm', at: [0, 0, 34] },
      pair: false,
      sleeved: false,
    },
    {
      id: 'mast',
      name: 'Mast',
      stock: 'dowel6',
      from: { on: 'board', at: [0, 0, -12] },
      to: { on: 'head', at: [0, 0, 34] },
      pair: false,
      sleeved: true,
    },
  ],
  portions: { piece: 'head', target: 40, within: 1, step: 0.1, caseWidth: 0, weighed: [39.6, 40.2] },
};

describe('a report of a build that was edited', () => {
  // by turns, so that either is asked of half the acts
  const ASKED = [
    [4, 37.5],
    [7, 2.25],
  ] as const;
  it.each(Object.keys(ACTS).map((act, i) => [act, ...ASKED[i % 2]!] as const))(
    'is that of the same build never seen before: %s',
    (act, n, x) => {
      told(everything);
      const edited = once(everything, act, { pick: picker(n), n, x });
      expect(told(edited), `${act} ${n}`).toEqual(told(structuredClone(edited)));
    },
  );

  it('whatever was done one after the other, and undone again', () => {
    fc.assert(
      fc.property(doing, (all) => {
        let build = everything;
        for (const { act, n, x } of all.slice(0, 6)) {
          const before = build;
          build = once(build, act, { pick: picker(n), n, x });
          void plan(build).bones.rods.map((r) => r.worst?.use.value);
          // a look back fills what is kept with the loads of before
          void plan({ ...before, rods: [...before.rods] }).bones.rods.length;
        }
        expect(told(build)).toEqual(told(structuredClone(build)));
      }),
      { numRuns: 5 },
    );
  });

  it('rods of the otter follow a paste that is a quarter heavier, and go back with it', () => {
    const otter = demoBuild('ferryman-otter');
    const use = (b: Build) => plan(b).bones.rods.map((r) => r.worst?.use.value);
    const light = use(otter);
    const heavy = otter.blends.reduce(
      (b, blend) => value(replaceBlend(b, { ...blend, density: 1.7 })),
      otter,
    );
    expect(use(heavy)).toEqual(use(structuredClone(heavy)));
    expect(use(heavy)[0]).toBeGreaterThan(light[0]!);
    // a rod touched while the paste was heavy, and both changed back by hand
    const touched = value(setRod(heavy, heavy.rods[0]!.id, { sleeved: true }));
    use(touched);
    const back = { ...touched, blends: otter.blends, rods: otter.rods };
    expect(use(back)).toEqual(light);
  });
});
