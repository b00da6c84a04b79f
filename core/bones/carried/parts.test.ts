import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import type { Build } from '../../record/index.ts';
import { contactsOf } from '../../contacts/index.ts';
import { place } from '../../figure/index.ts';
import { settleByParts } from './by-parts.ts';
import { seatedOn } from './carried.ts';
import { hovering, numbered, type ToBalance } from './numbered.ts';
import { ownMasses } from './own.ts';
import { heldParts } from './parts.ts';
import { settle } from './settle.ts';
import { contactSprings, pasteOf } from './springs.ts';

interface Between {
  readonly a: number;
  readonly b: number;
}

/** Bodies that still hang together with nought when one is taken away, by walking from nought: slow and obvious. */
function reachedWithout(holds: readonly Between[], gone: number): Set<number> {
  const seen = new Set([0]);
  for (let before = -1; before !== seen.size;) {
    before = seen.size;
    for (const { a, b } of holds) {
      if (a === gone || b === gone) continue;
      if (seen.has(a)) seen.add(b);
      if (seen.has(b)) seen.add(a);
    }
  }
  return seen;
}

const networks = fc.integer({ min: 2, max: 9 }).chain((n) =>
  fc.record({
    n: fc.constant(n),
    // each held by an earlier one, and some by another besides
    tree: fc.tuple(...Array.from({ length: n - 1 }, (_, k) => fc.integer({ min: 0, max: k }))),
    more: fc.array(fc.tuple(fc.nat(n - 1), fc.nat(n - 1)), { maxLength: 5 }),
  }),
);
const holdsOf = ({ tree, more }: { tree: readonly number[]; more: readonly [number, number][] }) => [
  ...tree.map((b, k) => ({ a: k + 1, b })),
  ...more.filter(([a, b]) => a !== b).map(([a, b]) => ({ a, b })),
];

describe('parts of a network', () => {
  it('every hold is in one part, twigs before what they hang on, and no body cuts a part in two', () => {
    fc.assert(
      fc.property(networks, (network) => {
        const holds = holdsOf(network);
        const parts = heldParts(network.n, holds);
        expect(parts.flatMap((p) => p.edges).sort((p, q) => p - q)).toEqual(holds.map((_, e) => e));
        const settled = new Set<number>();
        for (const { root, edges } of parts) {
          const own = edges.map((e) => holds[e]!);
          const bodies = [...new Set(own.flatMap(({ a, b }) => [a, b]))];
          expect(bodies).toContain(root);
          for (const b of bodies) expect(settled.has(b)).toBe(false);
          for (const b of bodies) if (b !== root) settled.add(b);
          // taken away, a body of three or more leaves the others of its part together
          const renumbered = (gone: number) => {
            const left = bodies.filter((b) => b !== gone);
            const at = new Map(left.map((b, i) => [b, i]));
            return {
              n: left.length,
              holds: own.flatMap(({ a, b }) =>
                at.has(a) && at.has(b) ? [{ a: at.get(a)!, b: at.get(b)! }] : [],
              ),
            };
          };
          for (const gone of bodies) {
            const rest = renumbered(gone);
            expect(reachedWithout(rest.holds, -1).size).toBe(rest.n);
          }
          // all beyond a part hangs on its root alone
          if (root !== 0) for (const b of bodies) expect(reachedWithout(holds, root).has(b)).toBe(false);
        }
        expect(settled.size).toBe(network.n - 1);
      }),
      { numRuns: 200 },
    );
  });
});

/** A body on two legs with a tail on the board, a head, an arm hung on its side with a hand on it. */
const figure = (lean: number, head: number, apart: number): Build => ({
  ...blank,
  pieces: [
    ...[-apart, apart].map((x, k) =>
      plainPiece(`leg${k}`, { kind: 'rope', sizes: { diameter: 16, length: 60 } }, { at: [x, 0, 0] }),
    ),
    plainPiece(
      'body',
      { kind: 'roundedBlock', sizes: { width: 64, depth: 40, height: 60, edge: 3 } },
      { at: [0, 0, 59] },
    ),
    plainPiece(
      'head',
      { kind: 'ball', sizes: { diameter: head, press: 0 } },
      { on: 'body', at: [0, 0, 60], sink: 4, lean },
    ),
    plainPiece(
      'arm',
      { kind: 'rope', sizes: { diameter: 12, length: 40 } },
      { on: 'body', at: [30, 0, 40], lean: 90, sink: 2 },
    ),
    plainPiece(
      'hand',
      { kind: 'ball', sizes: { diameter: 14, press: 0 } },
      { on: 'arm', at: [0, 0, 38], sink: 3 },
    ),
  ],
});

describe('settled part by part', () => {
  it('presses as everything settled at once does, whatever hangs on what', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -30, max: 30 }),
        fc.integer({ min: 20, max: 50 }),
        fc.integer({ min: 12, max: 22 }),
        fc.constantFrom(5, 12, 47),
        (lean, head, apart, kPa) => {
          const build = figure(lean, head, apart);
          const instances = place(build);
          const contacts = contactsOf(build);
          const own = ownMasses(build);
          const asked: ToBalance = {
            instances,
            contacts,
            own,
            pasteOf: () => pasteOf(kPa),
            joined: (c) => c.b < 0 || seatedOn(instances)(c),
            rods: [],
            limited: false,
          };
          const all = numbered(asked);
          const { hovers } = hovering(asked, all);
          expect(hovers.size).toBe(0);
          const found = settleByParts(asked, all, hovers, contacts);
          expect(found.untold).toBe(false);
          const standing = (k: number) => ({
            body: all.bodyOf(k),
            instance: instances[k]!,
            at: own[k]!.at,
            paste: pasteOf(kPa),
          });
          const springs = contacts.map((c) =>
            contactSprings(c, standing(c.a), c.b < 0 ? undefined : standing(c.b), {
              joined: asked.joined(c),
              rubs: 0.02 * 0.00980665 * Math.min(own[c.a]!.g, c.b < 0 ? Infinity : own[c.b]!.g),
              limited: false,
            }),
          );
          const whole = settle(all.bodies, springs.flat());
          const heaviest = Math.max(...own.map((m) => m.g)) * 0.00980665;
          let q = 0;
          contacts.forEach((c, k) => {
            const at = springs[k]!.map(() => whole.onSecond[3 * q++ + 2]!);
            const sum = (xs: readonly number[]) => xs.reduce((p, x) => p + x, 0);
            expect(Math.abs(sum(found.ofContact.get(c)!.up) - sum(at))).toBeLessThan(0.005 * heaviest);
          });
        },
      ),
      { numRuns: 25 },
    );
  });
});
