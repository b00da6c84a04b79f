import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { setPush } from '../bones/index.ts';
import {
  coverBoard,
  cutMast,
  setCard,
  setMast,
  setRibbon,
  setBoard,
  setCake,
  setDisc,
  setHelper,
  setNight,
  setOwnStep,
  setPiece,
  setPortions,
  setPractice,
  setRests,
  setRod,
  setRoom,
  setSeat,
  setSpace,
  setTier,
  setTool,
  replaceBlend,
  addHelper,
  addOwnStep,
  addTier,
  setCoat,
} from '../edits/index.ts';
import { demoBuild } from '../files/demo.testing.ts';
import { keepable } from '../files/index.ts';
import { field, takes, inLimits } from '../quantity/index.ts';
import { workIn, type Build, type Change } from './index.ts';

/** What a change that has to succeed gives. */
function done(change: Change): Build {
  if (!change.ok) throw new Error(change.problem.text);
  return change.value;
}

const helped = done(addHelper(addTier(demoBuild('ferryman-otter')), 'Bea'));
const worked = done(addOwnStep(helped, { title: 'Ring the hall', minutes: 5 }));
const otter = done(setMast(worked, { thread: 8 }));
const piece = otter.pieces[0]!.id;
const worn = otter.pieces.find((p) => p.seat.on !== 'board' && p.seat.how === 'sits')!.id;
const step = otter.steps.own[0]!.id;
const tier = otter.cake.tiers[0]!.id;
const helper = otter.workshop.helpers[0]!.id;
const blend = otter.blends[0]!;

/** Every number somebody may type outside a shape, with the edit that takes it. */
const TYPED: Readonly<Record<string, (x: number) => Change>> = {
  'the board across': (x) => setBoard(otter, { width: x }),
  'the board thick': (x) => setBoard(otter, { thickness: x }),
  warmth: (x) => setRoom(otter, { temperature: x }),
  damp: (x) => setRoom(otter, { humidity: x }),
  air: (x) => setRoom(otter, { air: x }),
  'warmth at night': (x) => setNight(otter, { temperature: x, humidity: 50 }),
  'damp at night': (x) => setNight(otter, { temperature: 18, humidity: x }),
  spare: (x) => setPractice(otter, { spare: x }),
  'powder in a spoon': (x) => setPractice(otter, { powderBulk: x }),
  spoon: (x) => setPractice(otter, { spoon: x }),
  'least kneaded': (x) => setPractice(otter, { smallestBatch: x }),
  pace: (x) => setPractice(otter, { pace: x }),
  'a helper’s pace': (x) => setHelper(otter, helper, { pace: x }),
  tools: (x) => setTool(otter, 'oven', x),
  rack: (x) => setSpace(otter, 'rack', x),
  'how many': (x) => setPiece(otter, piece, { count: x }),
  breaks: (x) => setPiece(otter, piece, { breaks: x }),
  lean: (x) => setSeat(otter, piece, { lean: x }),
  sink: (x) => setSeat(otter, piece, { sink: x }),
  disc: (x) => setDisc(otter, worn, { of: 'card', width: x }),
  rests: (x) => setRests(otter, piece, [{ place: 'fan', hours: x }]),
  coat: (x) => setCoat(otter, piece, { thickness: x, under: false }),
  wire: (x) => setRod(otter, otter.rods[0]!.id, { across: x }),
  'gum paste': (x) => replaceBlend(otter, { ...blend, gumPaste: x }),
  powder: (x) => replaceBlend(otter, { ...blend, powder: x }),
  shrinks: (x) => replaceBlend(otter, { ...blend, shrink: x }),
  weighs: (x) => replaceBlend(otter, { ...blend, density: x }),
  layer: (x) => setCake(otter, { layer: x }),
  filling: (x) => setCake(otter, { fillingThickness: x }),
  'coat of the cake': (x) => setCake(otter, { coatThickness: x }),
  chill: (x) => setCake(otter, { chill: { where: 'fridge', hours: x } }),
  tin: (x) => setCake(otter, { tins: [x] }),
  'tier across': (x) => setTier(otter, tier, { width: x }),
  'tier high': (x) => setTier(otter, tier, { height: x }),
  posts: (x) => setTier(otter, tier, { posts: { stock: otter.rods[0]!.stock, number: x } }),
  portion: (x) => setPortions(otter, { piece, target: x, within: 0.001 }),
  'scale step': (x) => setPortions(otter, { piece, step: x }),
  case: (x) => setPortions(otter, { piece, caseWidth: x }),
  'own step': (x) => setOwnStep(otter, step, { minutes: x }),
  wait: (x) => setOwnStep(otter, step, { wait: x }),
  feet: (x) => setBoard(otter, { feet: x }),
  'a cover of the board': (x) => coverBoard(otter, { ...otter.cake.tiers[0]!.cover!, thickness: x }),
  ribbon: (x) => setRibbon(otter, { width: x, colour: otter.colours[0]!.id }),
  'a board of its own': (x) => setCard(otter, { kind: 'card', width: x }),
  'a gap': (x) => setTier(otter, tier, { gap: x }),
  'sticks apart': (x) => setTier(otter, tier, { keepers: { stock: 'skewer3', number: 2, apart: x } }),
  'up into the figure': (x) => setMast(otter, { thread: 8, up: x }),
  'weight of a tier': (x) => setTier(otter, tier, { weight: x }),
  'rod cut': (x) => cutMast(otter, x),
  'sideways push': (x) => setPush(otter, 'carry', { sideways: x }),
  'board leans': (x) => setPush(otter, 'carry', { tilt: x }),
};

describe('the record', () => {
  // what an edit lets through and what a file may hold are one and the same
  it.each(Object.entries(TYPED))('keeps every %s an edit has let through', (_, type) => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.double({ min: -1e5, max: 1e5 }),
          fc.integer({ min: -400, max: 2000 }),
          fc.constantFrom(0, 0.001, 0.05, 0.3, 1, 12, 13, 20, 60, 61, 95, 96, 200, 500, 501, NaN, Infinity),
        ),
        (x) => {
          const now = type(x);
          if (now.ok) expect(keepable(now.value)).toMatchObject({ ok: true });
          else expect(now.problem.text).toMatch(/^[A-Z].*\.$/s);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('takes a number where its schema does', () => {
    const ajv = new Ajv2020();
    fc.assert(
      fc.property(
        fc.integer({ min: -50, max: 50 }),
        fc.integer({ min: 0, max: 50 }),
        fc.oneof(fc.integer({ min: -120, max: 120 }), fc.double({ min: -120, max: 120, noNaN: true })),
        fc.boolean(),
        (least, more, x, isWhole) => {
          const asked = isWhole ? field.whole(least, least + more) : field.number(least, least + more);
          expect(takes(asked, x)).toBe(ajv.validate(asked, x));
        },
      ),
      { numRuns: 200 },
    );
  });

  it('says of the first field that does not fit what would, and asks nothing of what is absent', () => {
    const ruler = field.record({ long: field.number(10, 300), marks: field.optional(field.whole(1, 9)) });
    const say = {
      long: (a: number, b: number) => `Between ${a} and ${b}.`,
      marks: (_: number, b: number) => `Up to ${b}.`,
    };
    expect(inLimits(ruler, { long: 5, marks: 99 }, say)).toEqual({
      ok: false,
      problem: { text: 'Between 10 and 300.', about: 'long' },
    });
    expect(inLimits(ruler, { long: 10, marks: 2.5 }, say)).toMatchObject({ problem: { text: 'Up to 9.' } });
    expect(inLimits(ruler, { long: 300 }, say)).toEqual({ ok: true, value: { long: 300 } });
    expect(inLimits(ruler, { long: NaN }, say)).toMatchObject({ ok: false });
  });
});

it('the name of a step says what kind of work it is, and painting where it does not', () => {
  for (const [title, work] of [
    ['Dust the cheeks', 'dust'],
    ['Airbrush the back', 'spray'],
    ['Outline the eyes', 'line'],
    ['Draw a fine line under the eye', 'line'],
    ['Snip more fur', 'snip'],
    ['Smooth the seam', 'press'],
    ['Shirt front', 'paint'],
  ] as const)
    expect(workIn(title), title).toBe(work);
});
