import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { setNight, setRests, setRoom } from '../edits/index.ts';
import { type Build } from '../record/index.ts';
import { plan } from '../plan.ts';
import { tellBand, given } from '../quantity/index.ts';
import { firmingOf } from '../pastes/index.ts';
import {
  changed,
  coatFirmIn,
  dryingBand,
  dryingCurve,
  leversFor,
  otherClocks,
  type Question,
} from './index.ts';
import { bandOf, firmingFamily } from './band.ts';
import { coatAfter } from './chill.ts';
import { crossing, marginOf } from './margins.ts';
import { restTime } from './clocks.ts';
import { evaporatesDry } from './films.ts';
import { pasteLaw } from './paste-law.ts';
import { slabOf, sweep, type Spell } from './sweep.ts';
import { spellsOf, usualStart } from './places.ts';
import { weightsOf } from './learned.ts';

const firming = firmingOf({ id: 'x', name: '', base: 'fondant', gumPaste: 30, powder: 0 } as Parameters<
  typeof firmingOf
>[0]);
if (firming.by !== 'drying') throw new Error('fondant dries');
const law = pasteLaw(firming.constants);
const slab = slabOf((Math.PI * 42 ** 3) / 6, Math.PI * 42 ** 2 * 0.95, 21, 42, 42, 'rod');
const ROOM = { temperature: 21, humidity: 0.5, speed: 0.1 };
const when = (air: typeof ROOM | readonly Spell[], q: Question) => {
  const h = sweep(law, slab, air);
  return crossing(h, marginOf(h, q)!);
};

describe('a room as a history', () => {
  it('three stretches of one room are that room, within 3 %', () => {
    const three: Spell[] = [
      { until: 600, air: ROOM },
      { until: 3000, air: ROOM },
      { until: Infinity, air: ROOM },
    ];
    for (const q of ['tack', 'skin', 'handle', 'hard'] as const) {
      const [one, parts] = [when(ROOM, q), when(three, q)];
      if (Number.isFinite(one)) expect(Math.abs(parts / one - 1), q).toBeLessThan(0.03);
      else expect(parts).toBe(Infinity);
    }
  });
  it('in a bag it waits: a little longer than the time in the bag', () => {
    const bagged: Spell[] = [
      { until: 3600, air: ROOM, wrapped: true },
      { until: Infinity, air: ROOM },
    ];
    expect(when(bagged, 'skin')).toBeGreaterThan(60);
    expect(when(bagged, 'skin')).toBeLessThan(60 + when(ROOM, 'skin'));
  });
  it('what happened before the air changed is as it was', () => {
    const later: Spell[] = [
      { until: 3600, air: ROOM },
      { until: Infinity, air: { ...ROOM, humidity: 0.8 } },
    ];
    expect(when(later, 'tack')).toBeCloseTo(when(ROOM, 'tack'), 6);
  });
  it('a drying box is quicker, a damp night slower', () => {
    const box: Spell[] = [
      { until: 2400, air: { temperature: 30, humidity: 0.3, speed: 0.4 } },
      { until: Infinity, air: ROOM },
    ];
    expect(when(box, 'skin')).toBeLessThan(when(ROOM, 'skin'));
    const damp: Spell[] = [
      { until: 600, air: ROOM },
      { until: Infinity, air: { ...ROOM, humidity: 0.62 } },
    ];
    expect(when(damp, 'handle')).toBeGreaterThan(when(ROOM, 'handle'));
  });
});

const otter = demoBuild('ferryman-otter');
const handle = (b: Build, id = 'body') => plan(b).firming.get(id)!.bands.handle!.likely;

describe('where pieces of a build lie', () => {
  it('begins when the person usually begins, and follows day and night', () => {
    expect(usualStart({ hours: [] })).toBe(19 * 60);
    const night = value(setNight(otter, { temperature: 16, humidity: 62 }));
    const spells = spellsOf(night);
    expect(spells.length).toBeGreaterThan(4);
    expect(spells.map((s) => s.until)).toEqual([...spells.map((s) => s.until)].sort((a, b) => a - b));
    expect(spells.some((s) => s.air.humidity === 0.62)).toBe(true);
    expect(handle(night)).toBeGreaterThanOrEqual(handle(otter));
    expect(value(setNight(night, undefined)).room).toEqual(otter.room);
  });
  it('a piece put in a bag first is later, and a drying box sooner; forgotten it is as before', () => {
    const put = (place: 'bag' | 'box', hours: number) => value(setRests(otter, 'body', [{ place, hours }]));
    expect(handle(put('bag', 3))).toBeGreaterThan(handle(otter) + 120);
    expect(plan(put('box', 6)).firming.get('body')!.bands.skin!.likely).toBeLessThan(
      plan(otter).firming.get('body')!.bands.skin!.likely,
    );
    expect(value(setRests(put('bag', 3), 'body', []))).toEqual(otter);
  });
  it('refuses what cannot be and keeps the last humidity known', () => {
    expect(refusal(setRoom(otter, { humidity: 140 }))).toMatch(/last one known, \d+ %, still counts/);
    expect(refusal(setRoom(otter, { humidity: Number.NaN }))).toMatch(/still counts/);
    expect(refusal(setNight(otter, { temperature: 20, humidity: 100 }))).toMatch(/between 5 and 95/);
    expect(refusal(setRests(otter, 'body', [{ place: 'fan', hours: 0 }]))).toMatch(/0\.1 to 200/);
  });
  it('says sticky and not a time where paste takes up water', () => {
    const wet = value(setRoom(otter, { humidity: 85 }));
    expect(plan(wet).firming.get('body')!.never).toMatch(/takes up water[\s\S]*sticky/);
  });
});

describe('what if', () => {
  const d = plan(otter).firming.get('body')!.drying!;
  const likely = (c: Parameters<typeof changed>[1], q: Question = 'skin') =>
    dryingBand(changed(d, c), q)!.likely;
  it('nothing changed is as it was', () => expect(likely({})).toBe(dryingBand(d, 'skin')!.likely));
  it('drier, moving and thinner is never later; wrapped is', () => {
    const now = likely({});
    expect(likely({ humidity: 35 })).toBeLessThan(now);
    expect(likely({ air: 1 })).toBeLessThan(now);
    expect(likely({ wrapped: 2 })).toBeGreaterThan(now + 100);
    expect(likely({ thick: 0.8 }, 'dry')).toBeLessThanOrEqual(likely({}, 'dry'));
  });
  it('the tighter the bend, the sooner it cracks', () => {
    const until = (round: number) => dryingBand(changed(d, { round }), 'bend')!.likely;
    expect(until(20)).toBeLessThanOrEqual(until(60));
    expect(until(60)).toBeLessThanOrEqual(until(400));
  });
  it('opens every time to its chain: asked, water lost, firmness, and what is not known', () => {
    const names = plan(otter)
      .firming.get('body')!
      .figure('handle')!
      .from!.map((f) => f.name);
    for (const n of [
      'Fingers that hold press with',
      'Water lost by then',
      'It withstands a finger of',
      'With the room five points damper',
      'With the piece a tenth larger',
    ])
      expect(names).toContain(n);
    const from = new Map(
      plan(otter)
        .firming.get('body')!
        .figure('handle')!
        .from!.map((f) => [f.name, f.value]),
    );
    // at the likely time it is about as firm as was asked
    expect(Math.abs(from.get('It withstands a finger of')! / 75 - 1)).toBeLessThan(0.1);
  });
  it('the curve rises to hard and is drawn out by a slow kitchen', () => {
    const { minutes, firmness } = dryingCurve(d);
    expect(firmness.at(-1)!).toBeGreaterThan(firmness[0]! * 3);
    expect([...minutes]).toEqual([...minutes].sort((a, b) => a - b));
    const slow = dryingCurve(d, { theta: 0.5, phi: {}, keys: [], cov: [[0.01]], entries: 3, aside: [] });
    expect(slow.minutes[10]! / minutes[10]!).toBeCloseTo(Math.exp(0.5), 9);
  });
  it('offers levers that really bring it sooner, the best first', () => {
    const levers = leversFor(otter, d, 'handle');
    expect(levers.length).toBeGreaterThan(0);
    const now = dryingBand(d, 'handle')!.likely;
    for (const l of levers) expect(l.band.likely, l.words).toBeLessThan(now);
    expect(levers.map((l) => l.band.likely)).toEqual(
      [...levers.map((l) => l.band.likely)].sort((a, b) => a - b),
    );
  });
  // common practice: legs buckle, they are not squashed; bracing the top brings hours down to minutes
  it('bracing a slender leg helps more than drier air', () => {
    const leg = firmingFamily(law, { volume: 18600, area: 5650, depth: 6.75, facing: 13.5, thickness: 13.5, kind: 'rod', coat: false }, ROOM, weightsOf({ base: 'fondant', gumPaste: 30, powder: 0 })); // prettier-ignore
    const load = { mass: 0.03, onRods: 0, contact: 143, section: 143, height: 130, braced: false };
    const free = bandOf(leg, 'bear', { load })!.likely;
    const braced = bandOf(leg, 'bear', { load: { ...load, braced: true } })!.likely;
    expect(braced).toBeLessThan(free / 4);
  });
});

describe('the other clocks', () => {
  // common practice: fifteen to twenty minutes, from a third of a per cent up
  it.each([0.33, 1, 1.5])('%f %% of powder rests as long as any: 18 min', (gum) => {
    expect(Math.abs(restTime(given('Powder', gum, '%')).value - 18.4)).toBeLessThan(0.1);
  });
  it('hardly any gum need not rest', () => expect(restTime(given('Powder', 0.05, '%')).value).toBe(0));
  // common practice: royal icing may be sprayed after five to ten minutes
  it('royal dots crust in about five minutes', () => {
    const crust = otherClocks(otter).find((c) => c.id === 'crust')!.time;
    expect(crust.value).toBeGreaterThan(4);
    expect(crust.value).toBeLessThan(10);
  });
  // worked apart with freezing fat: mid-coat 17.7, 15.8, 14.2 °C after 10, 20, 30 min; common practice: twenty minutes
  it('a coat of buttercream is firm after about twenty minutes in the fridge', () => {
    for (const [m, t] of [
      [10, 17.7],
      [20, 15.8],
      [30, 14.2],
    ] as const)
      expect(Math.abs(coatAfter('buttercream', 2.5, 21, 'fridge', 125, m) - t), `${m} min`).toBeLessThan(1.3);
    const firm = coatFirmIn('buttercream', 5, 21, 'fridge', 125)!;
    expect(firm).toBeGreaterThan(14);
    expect(firm).toBeLessThan(27);
    expect(coatFirmIn('buttercream', 5, 21, 'room', 125)).toBe(Infinity);
    expect(coatFirmIn('jam', 5, 21, 'fridge', 125)).toBeUndefined();
  });
  it('nothing wet dries in air that is full, and drier air is quicker', () => {
    const brushed = (humidity: number) =>
      otherClocks({ ...otter, room: { ...otter.room, humidity } }).find((c) => c.id === 'film-brushed')!.time;
    expect(brushed(99).value).toBe(Infinity);
    expect(brushed(40).value).toBeLessThan(brushed(60).value);
    // a still room at half humidity takes 50 to 200 g from a wet square metre in an hour: common practice
    expect(evaporatesDry(21, 0.1, 40) / 2).toBeGreaterThan(50);
    expect(evaporatesDry(21, 0.1, 40) / 2).toBeLessThan(200);
  });
});

it('what would be lost when it is joined now is less the longer one waits', () => {
  const r = plan(otter);
  const lost = [0, 30, 300, 3000].map((m) => r.squash('body', m)!.value);
  expect(lost).toEqual([...lost].sort((a, b) => b - a));
  expect(r.squash('nose', 10)).toBeUndefined();
});

describe('bands told honestly', () => {
  it.each([
    [25, 50, 150, '25 min to 2 h 30'],
    [0, 0.2, 3, 'at once'],
    [Infinity, Infinity, Infinity, 'never in this room'],
    [40, Infinity, Infinity, 'may never, in this room'],
    [23, 78, 460, 'part of an hour, or half a day'],
    [20, 90, Infinity, 'part of an hour, or not at all'],
  ])('%f, %f, %f: %s', (fast, likely, slow, words) => expect(tellBand(fast, likely, slow)).toBe(words));
});
