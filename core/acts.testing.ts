import fc from 'fast-check';
import { expect } from 'vitest';
import * as bones from './bones/index.ts';
import * as edit from './edits/index.ts';
import { JOIN_KINDS, STEP_KINDS, SPACES, TOOLS, type Build, type Change } from './record/index.ts';
import * as figure from './figure/index.ts';
import * as record from './record/index.ts';
import * as firming from './firming/index.ts';
import { SHAPE_KINDS, shapeOf } from './solids/index.ts';

/** Every intent a screen can send, with numbers and words at and past their limits. Not part of the app. */
export interface Doing {
  readonly b: Build;
  readonly pick: <T>(of: readonly T[]) => T | undefined;
  readonly n: number;
  readonly x: number;
}
/** One thing somebody does to a build; a refusal is an answer too. */
export type Act = (doing: Doing) => Change | Build;

const KINDS = SHAPE_KINDS.filter((k) => !shapeOf(k).fromFile);
const PLACES = ['room', 'fan', 'box', 'fridge', 'freezer', 'bag'] as const;
const on = (b: Build, pick: Doing['pick'], act: (id: string) => Change | Build): Change | Build => {
  const piece = pick(b.pieces);
  return piece ? act(piece.id) : b;
};
const made = (r: ReturnType<typeof edit.addBlend>): Change => (r.ok ? { ok: true, value: r.value.build } : r);
const heightened = (r: ReturnType<typeof bones.toHeight>): Change =>
  r.ok ? { ok: true, value: r.value.build } : r;
/** Names as people give them: of something there already, of the board, without a letter, far too long. */
const NAMES = ['Tier', 'Board', '…', 'Ünder the hat', 'My own name for this long thing '.repeat(5), ' '];
const nameFor = (n: number): string => NAMES[n % NAMES.length]!;
const CUBE = {
  name: 'A file whose name somebody made seventy-one letters long, as one does x',
  corners: [0, 0, 0, 9999, 0, 0, 0, 9999, 0, 0, 0, 9999],
  faces: [0, 2, 1, 0, 1, 3, 0, 3, 2, 1, 2, 3],
  fills: 0.16,
  centre: [0.25, 0.25, 0.25],
  watertight: true,
} as const;

export const ACTS: Readonly<Record<string, Act>> = {
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
    on(b, pick, (id) => edit.reseat(b, id, pick([{ id: record.BOARD }, ...b.pieces])!.id)),
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
  'a join': ({ b, pick, n }) =>
    on(b, pick, (id) => edit.setJoin(b, id, [...JOIN_KINDS, undefined][n % (JOIN_KINDS.length + 1)])),
  'a disc under it': ({ b, pick, n, x }) =>
    on(b, pick, (id) =>
      edit.setDisc(b, id, n % 3 ? { of: record.DISC_KINDS[n % 3]!, width: x / (n % 2 ? 1 : 5) } : undefined),
    ),
  'a prop': ({ b, pick, n }) => on(b, pick, (id) => edit.setPropped(b, id, n % 2 === 0)),
  'the room': ({ b, x }) => edit.setRoom(b, { humidity: x, temperature: 10 + x / 5 }),
  'the night': ({ b, n, x }) =>
    edit.setNight(b, n % 3 ? { temperature: 5 + x / 10, humidity: x } : undefined),
  'the pace': ({ b, x }) => edit.setPractice(b, { pace: x / 40, spare: x / 3 }),
  'a blend': ({ b, pick, x }) => {
    const blend = pick(b.blends);
    return blend ? edit.replaceBlend(b, { ...blend, gumPaste: x / 2, powder: x / 40 }) : b;
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
  'the name of a piece': ({ b, pick, n }) => on(b, pick, (id) => edit.setPiece(b, id, { name: nameFor(n) })),
  'a new piece': ({ b, n }) => edit.addPiece(b, KINDS[n % KINDS.length]!, nameFor(n), record.BOARD).build,
  'a solid from a file': ({ b, n, x }) => edit.addSolid(b, CUBE, [x, n, x * 30], record.BOARD).build,
  'split in several': ({ b, pick, n, x }) =>
    on(b, pick, (id) => {
      const split = edit.splitPiece(b, id, n % 2 ? [2, 1, 1] : [1, 1], n % 5 ? undefined : x);
      return split.ok ? { ok: true, value: split.value.build } : split;
    }),
  'a figure laid out': ({ b, n, x }) =>
    figure.layOut(
      b,
      figure.SCHEMES[n % figure.SCHEMES.length]!,
      x * 5,
      (['standing', 'sitting', 'kneeling'] as const)[n % 3]!,
    ),
  'a finished height': ({ b, x, n }) => heightened(bones.toHeight(b, n % 2 ? x : x * 4)),
  'the name of the build': ({ b, n }) => edit.rename(b, nameFor(n)),
  'the brief': ({ b, n }) =>
    edit.setBrief(b, {
      note: nameFor(n).repeat(1 + (n % 40)),
      ...(n % 2 ? { zone: ['Europe/Berlin', 'Nowhere/At-all'][n % 2]! } : {}),
      ...(n % 3 ? {} : { due: `2026-12-${10 + (n % 20)}T15:00` }),
    }),
  'another board': ({ b, x }) => edit.setBoard(b, { width: x * 10, thickness: x / 4 }),
  'a colour more': ({ b, n }) => edit.addColour(b, nameFor(n), '#8fc0aa').build,
  'the name of a colour': ({ b, pick, n }) => {
    const colour = pick(b.colours);
    return colour ? edit.setColour(b, colour.id, { name: nameFor(n) }) : b;
  },
  'the name of a blend': ({ b, pick, n }) => {
    const blend = pick(b.blends);
    return blend ? edit.replaceBlend(b, { ...blend, name: nameFor(n) }) : b;
  },
  'the density of a paste': ({ b, pick, x }) => {
    const blend = pick(b.blends);
    return blend ? edit.replaceBlend(b, { ...blend, density: x / 40 }) : b;
  },
  'a rod more': ({ b, pick }) => on(b, pick, (id) => bones.rodInto(b, id)?.build ?? b),
  'a rod': ({ b, pick, n, x }) => {
    const rod = pick(b.rods);
    if (!rod) return b;
    if (n % 3 === 0)
      return edit.moveRodPoint(b, rod.id, n % 2 ? 'to' : 'from', { on: rod.to.on, at: [x, 0, x] });
    if (n % 3 === 1) return edit.setRod(b, rod.id, { name: nameFor(n), stock: pick(bones.RODS)!.id });
    return edit.tapeTogether(b, rod.id, n % 2 ? pick(b.rods)!.id : undefined);
  },
  'the cake': ({ b, x }) =>
    edit.setCake(b, { layer: x, fillingThickness: x / 3, coatThickness: x / 5, density: x / 60 }),
  'a tier changed': ({ b, pick, n, x }) => {
    const tier = pick(b.cake.tiers);
    if (!tier) return b;
    return edit.setTier(
      b,
      tier.id,
      n % 2
        ? { name: nameFor(n), width: x * 10, height: x * 4 }
        : { board: { kind: 'card', width: x * 10 }, posts: { stock: 'skewer3', number: n % 14 } },
    );
  },
  'a tier off': ({ b, pick }) => {
    const tier = pick(b.cake.tiers);
    return tier ? edit.removeTier(b, tier.id) : b;
  },
  portions: ({ b, pick, n, x }) =>
    on(b, pick, (piece) => edit.setPortions(b, { piece, ...(n % 2 ? { target: x, within: x / n } : {}) })),
  'a weighing': ({ b, x }) => edit.weighedOne(b, x / 7),
  'portions off': ({ b }) => edit.withoutPortions(b),
  'a rod of a length': ({ b, pick, x }) => {
    const rod = pick(b.rods);
    return rod ? edit.setRodLength(b, rod.id, x * 3) : b;
  },
  'feet under the board': ({ b, x }) => edit.setBoard(b, { feet: x }),
  'the board covered': ({ b, n, x }) =>
    edit.coverBoard(b, n % 2 ? { ...edit.usualCover(b), thickness: x / 5 } : undefined),
  'a ribbon': ({ b, n, x }) => edit.setRibbon(b, n % 3 ? { width: x, colour: b.colours[0]!.id } : undefined),
  'a board of its own': ({ b, n, x }) =>
    edit.setCard(
      b,
      n % 3 ? { kind: n % 2 ? 'card' : 'ply6', width: x * 6, gap: n % 5 ? 0 : x * 4 } : undefined,
    ),
  'a threaded rod': ({ b, n, x }) =>
    edit.setMast(b, { thread: n % 2 ? 8 : 10, base: n % 3 ? 'large' : 'washer', up: n % 4 ? 0 : x }),
  'the rod cut': ({ b, n, x }) => edit.cutMast(b, n % 3 ? x * 40 : undefined),
  'no threaded rod': ({ b }) => edit.withoutMast(b),
  'a tier raised': ({ b, pick, n, x }) => {
    const tier = pick(b.cake.tiers);
    if (!tier) return b;
    const kept = { stock: 'skewer3', number: 1 + (n % 4), apart: 10 + x };
    return edit.setTier(b, tier.id, {
      gap: x * 5,
      stuck: n % 2 === 0,
      board: { kind: 'mdf6', width: 100 },
      ...(n % 3 ? { keepers: kept } : {}),
    });
  },
  'a tier without': ({ b, pick, n }) => {
    const tier = pick(b.cake.tiers);
    const extras = ['board', 'posts', 'cover', 'gap', 'sleeve', 'keepers', 'weight'] as const;
    return tier ? edit.withoutOnTier(b, tier.id, extras[n % extras.length]!) : b;
  },
  'a home test': ({ b, x }) =>
    bones.keepMeasurement(b, {
      test: 'press',
      of: 'cake',
      on: '2026-11-28',
      readings: { across: 36, high: 50, sinks: x, gives: x * 3 },
    }),
  'a push': ({ b, x }) => bones.setPush(b, 'carFlat', { sideways: x / 100, tilt: x / 4 }),
  'a look': ({ b, pick, n, x }) => {
    const piece = pick(b.pieces);
    if (!piece) return b;
    return firming.note(b, {
      id: `look-${n}`,
      at: '2026-12-08T19:00:00.000Z',
      build: b.id,
      piece: piece.id,
      question: 'handle',
      saw: (['just', 'yes', 'not', 'cracked'] as const)[n % 4]!,
      minutes: x,
      note: '',
      paste: { base: 'fondant', gumPaste: 0, powder: 0 },
      body: { volume: 4000, area: 1200, depth: 8, facing: 20, thickness: 20, kind: 'rod', coat: false },
      spells: [{ temperature: 20, humidity: 0.5, air: 0.1 }],
      duty: {},
    });
  },
  'the plan taken': ({ b, pick, n }) =>
    on(b, pick, (id) => edit.takePlan(b, n % 3 ? { [`shape:${id}`]: '2026-12-09T19:30' } : undefined)),
  rather: ({ b, n }) =>
    edit.setRather(b, (['fewer', 'later', 'nights', 'fresher', undefined] as const)[n % 5]),
};

export const doing = fc.array(
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

/** Do one thing: a refusal says why and changes nothing, and the build that was given stays as it was. */
export function once(b: Build, act: string, { pick, n, x }: Omit<Doing, 'b'>): Build {
  const before = JSON.stringify(b);
  const next = ACTS[act]!({ b, pick, n, x });
  expect(JSON.stringify(b), `${act} changed the build it was given`).toBe(before);
  if (!('ok' in next)) return next;
  if (next.ok) return next.value;
  expect(next.problem.text, act).toMatch(/\w{2}.* .*\w/);
  return b;
}

/** Pick from a list by a number; the same list and number give the same choice, and each choice turns the number on. */
export function picker(n: number): Doing['pick'] {
  let k = n;
  return (of) => {
    k = (k * 7919 + 13) % 100_003;
    return of[k % Math.max(1, of.length)];
  };
}

/** Do one after the other; what is refused says why and changes nothing. */
export function done(build: Build, all: readonly { act: string; n: number; x: number }[]): Build {
  let b = build;
  for (const { act, n, x } of all) {
    b = once(b, act, { pick: picker(n), n, x });
  }
  return b;
}
