import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readBuild, writeBuild } from '../files/index.ts';
import { demoBuild } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { SHAPE_KINDS, shapeOf } from '../solids/index.ts';
import { anyBuild } from './arbitrary.testing.ts';
import * as edit from './index.ts';
import { STEP_KINDS, SPACES, TOOLS, type Build, type Change } from './index.ts';

interface Doing {
  readonly b: Build;
  readonly pick: <T>(of: readonly T[]) => T | undefined;
  readonly n: number;
  readonly x: number;
}
/** One thing somebody does to a build; a refusal is an answer too. */
type Act = (doing: Doing) => Change | Build;

const KINDS = SHAPE_KINDS.filter((k) => !shapeOf(k).fromFile);
const PLACES = ['room', 'fan', 'box', 'fridge', 'freezer', 'bag'] as const;
const on = (b: Build, pick: Doing['pick'], act: (id: string) => Change | Build): Change | Build => {
  const piece = pick(b.pieces);
  return piece ? act(piece.id) : b;
};
const made = (r: ReturnType<typeof edit.addBlend>): Change => (r.ok ? { ok: true, value: r.value.build } : r);

const ACTS: Readonly<Record<string, Act>> = {
  'a new size': ({ b, pick, x }) =>
    on(b, pick, (id) => {
      const piece = b.pieces.find((p) => p.id === id)!;
      const size = pick(shapeOf(piece.form.kind).sizes);
      return size ? edit.resize(b, id, { [size.key]: x }) : b;
    }),
  'another ball': ({ b, pick, x }) => on(b, pick, (id) => edit.setBall(b, id, x)),
  'another weight': ({ b, pick, x }) => on(b, pick, (id) => edit.setGrams(b, id, x)),
  'another shape': ({ b, pick, n }) =>
    on(b, pick, (id) => edit.setKind(b, id, KINDS[n % KINDS.length] ?? 'ball')),
  'a coat': ({ b, pick, n, x }) =>
    on(b, pick, (id) => edit.setCoat(b, id, n % 3 ? { thickness: x / 10, under: n % 2 === 0 } : undefined)),
  'a seat moved': ({ b, pick, x }) =>
    on(b, pick, (id) => edit.setSeat(b, id, { at: [x - 50, 20 - x, x], lean: x - 40, sink: x / 20 })),
  'another carrier': ({ b, pick }) =>
    on(b, pick, (id) => edit.reseat(b, id, pick([{ id: edit.BOARD }, ...b.pieces])!.id)),
  'a nudge': ({ b, pick, x }) => on(b, pick, (id) => edit.nudge(b, id, [x / 10, 0, -x / 10])),
  'another order': ({ b, pick, n }) =>
    on(b, pick, (id) => edit.reorder(b, id, n % 4 ? pick(b.pieces)?.id : undefined)),
  'a pair': ({ b, pick }) => on(b, pick, (id) => edit.togglePair(b, id)),
  'a copy': ({ b, pick }) =>
    on(b, pick, (id) => {
      const copy = edit.duplicatePiece(b, id);
      return copy.ok ? copy.value.build : copy;
    }),
  'a piece off': ({ b, pick }) => on(b, pick, (id) => edit.removePiece(b, id).build),
  'where it rests': ({ b, pick, n, x }) =>
    on(b, pick, (id) => edit.setRests(b, id, n % 3 ? [{ place: PLACES[n % 6]!, hours: x / 10 }] : [])),
  'where it is built': ({ b, pick, n }) =>
    on(b, pick, (id) => edit.setBuilt(b, id, (['there', 'dummy', 'foam', undefined] as const)[n % 4])),
  'a disc under it': ({ b, pick, n, x }) =>
    on(b, pick, (id) =>
      edit.setDisc(b, id, n % 3 ? { of: edit.DISC_KINDS[n % 3]!, width: x / (n % 2 ? 1 : 5) } : undefined),
    ),
  'a prop': ({ b, pick, n }) => on(b, pick, (id) => edit.setPropped(b, id, n % 2 === 0)),
  'the room': ({ b, x }) => edit.setRoom(b, { humidity: x, temperature: 10 + x / 5 }),
  'the night': ({ b, n, x }) =>
    edit.setNight(b, n % 3 ? { temperature: 5 + x / 10, humidity: x } : undefined),
  'the pace': ({ b, x }) => edit.setPractice(b, { pace: x / 40, spare: x / 3 }),
  'a blend': ({ b, pick, x }) => {
    const blend = pick(b.blends);
    return blend ? edit.setBlend(b, blend.id, { gumPaste: x / 2, powder: x / 40 }) : b;
  },
  'one more blend': ({ b, n, x }) =>
    made(edit.addBlend(b, { name: `Blend ${n}`, base: 'fondant', gumPaste: x / 3, powder: 0 })),
  'a colour': ({ b, pick, n }) => {
    const colour = pick(b.colours);
    return colour ? edit.setColour(b, colour.id, { hex: `#${String(100000 + n).slice(0, 6)}` }) : b;
  },
  'a rod out': ({ b, pick }) => {
    const rod = pick(b.rods);
    return rod ? edit.removeRod(b, rod.id) : b;
  },
  'a bend': ({ b, pick }) => {
    const rod = pick(b.rods);
    return rod ? edit.addBend(b, rod.id) : b;
  },
  'a tier': ({ b }) => edit.addTier(b),
  hours: ({ b, n }) =>
    edit.setHours(b, [
      ...b.hours,
      { day: 1 + (n % 7), from: `0${n % 10}:00`, to: `1${n % 10}:30`, ...(n % 2 ? { ifNeeded: true } : {}) },
    ]),
  'a day off': ({ b, n }) => edit.setDate(b, `2026-12-${String(1 + (n % 28)).padStart(2, '0')}`, {}),
  'a helper': ({ b, n }) => edit.addHelper(b, `Helper ${n % 5}`),
  'a helper’s pace': ({ b, pick, n, x }) => {
    const helper = pick(b.workshop.helpers);
    return helper ? edit.setHelper(b, helper.id, { pace: x / 40, does: [STEP_KINDS[n % 11]!] }) : b;
  },
  'a tool': ({ b, n, x }) => edit.setTool(b, TOOLS[n % 3]!, n % 5 ? Math.round(x / 20) + 0 : undefined),
  'room on the rack': ({ b, n, x }) => edit.setSpace(b, SPACES[n % 4]!, n % 5 ? x * 20 : undefined),
  'own times': ({ b, n, x }) =>
    edit.setPaces(b, n % 3 ? { [STEP_KINDS[n % 11]!]: 0.5 + Math.min(4, Math.abs(x) / 100) } : undefined),
  'an own step': ({ b, pick, n, x }) =>
    edit.addOwnStep(b, {
      title: `Paint ${n}`,
      minutes: Math.round(x),
      ...(n % 2 ? { after: `shape:${pick(b.pieces)?.id ?? 'nothing'}`, wait: n % 300 } : {}),
      ...(n % 3 && b.pieces.length ? { piece: pick(b.pieces)!.id } : {}),
    }),
  'an own step changed': ({ b, pick, n, x }) => {
    const own = pick(b.steps.own);
    return own ? edit.setOwnStep(b, own.id, { minutes: Math.round(x), wait: n % 2 ? n : undefined }) : b;
  },
  minutes: ({ b, pick, x }) => on(b, pick, (id) => edit.setStepMinutes(b, `shape:${id}`, Math.round(x) + 0)),
  parts: ({ b, pick, n }) => on(b, pick, (id) => edit.setParts(b, `shape:${id}`, n % 14)),
  'two in one': ({ b, pick }) =>
    on(b, pick, (id) => edit.joinSteps(b, `shape:${id}`, `shape:${pick(b.pieces)!.id}`)),
  'apart again': ({ b, pick }) => on(b, pick, (id) => edit.partSteps(b, `shape:${id}`)),
  'left out': ({ b, pick, n }) => on(b, pick, (id) => edit.leaveStep(b, `join:${id}`, n % 2 === 0)),
  'a pin': ({ b, pick, n }) =>
    on(b, pick, (id) => edit.pinStep(b, `shape:${id}`, n % 3 ? '2026-12-10T19:00' : undefined)),
  'a tick': ({ b, pick }) => on(b, pick, (id) => edit.tick(b, `shape:${id}`, '2026-12-08T19:00:00.000Z')),
  'it broke': ({ b, pick }) => on(b, pick, (id) => edit.remake(b, id, '2026-12-09T19:00:00.000Z')),
  rather: ({ b, n }) =>
    edit.setRather(b, (['fewer', 'later', 'nights', 'fresher', undefined] as const)[n % 5]),
};

const doing = fc.array(
  fc.record({
    act: fc.constantFrom(...Object.keys(ACTS)),
    n: fc.nat(99_999),
    x: fc.oneof(
      fc.double({ min: 0.5, max: 100, noNaN: true }).map((v) => Number(v.toFixed(2))),
      fc.constantFrom(-3, 0, 1e7),
    ),
  }),
  { minLength: 1, maxLength: 14 },
);

/** Do one after the other; what is refused says why and changes nothing. */
function done(build: Build, all: readonly { act: string; n: number; x: number }[]): Build {
  let b = build;
  for (const { act, n, x } of all) {
    let k = n;
    const pick = <T>(of: readonly T[]): T | undefined => {
      k = (k * 7919 + 13) % 100_003;
      return of[k % Math.max(1, of.length)];
    };
    const before = JSON.stringify(b);
    const next = ACTS[act]!({ b, pick, n, x });
    expect(JSON.stringify(b), `${act} changed the build it was given`).toBe(before);
    if ('ok' in next) {
      if (next.ok) b = next.value;
      else expect(next.problem.text, act).toMatch(/\w{2}.* .*\w/);
    } else b = next;
  }
  return b;
}

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
          const { days } = report;
          expect(days.plan !== undefined || days.trouble.length > 0 || b.pieces.length === 0).toBe(true);
        },
      ),
      { numRuns: 8 },
    );
  });
});
