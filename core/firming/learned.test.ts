import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { seeded } from '../quantity/index.ts';
import { type Build } from '../record/index.ts';
import { forget, learnedOf, lookAt, note, seenElsewhere } from './index.ts';
import { bandOf, firmingFamily } from './band.ts';
import { isOdd, learn, LEARNING, marginAt, NOTHING_LEARNED, weightsOf, type MarginLook } from './learned.ts';
import { lookFrom } from './looks.ts';
import { marginOf } from './margins.ts';
import { pasteLaw } from './paste-law.ts';
import { firmingOf } from '../pastes/index.ts';

const paste = { base: 'fondant', gumPaste: 30, powder: 0 };
const firming = firmingOf({ id: 'x', name: '', ...paste } as Parameters<typeof firmingOf>[0]);
if (firming.by !== 'drying') throw new Error('fondant dries');
const ball = (d: number) => ({
  volume: (Math.PI * d ** 3) / 6,
  area: Math.PI * d * d * 0.95,
  depth: d / 2,
  facing: d,
  thickness: d,
  kind: 'rod' as const,
  coat: false,
});
const law = pasteLaw(firming.constants);
const family = firmingFamily(law, ball(42), { temperature: 21, humidity: 0.5, speed: 0.1 }, weightsOf(paste));
const margin = marginOf(family.likely, 'handle')!;
const look = (minutes: number, saw: MarginLook['saw'], id = `${minutes}${saw}`): MarginLook => ({
  id,
  history: family.likely,
  margin,
  question: 'handle',
  weights: weightsOf(paste),
  at: minutes * 60,
  saw,
});
const band = (...looks: MarginLook[]) => bandOf(family, 'handle', {}, learn(looks))!;
const before = bandOf(family, 'handle')!;

describe('learning from looks', () => {
  it('starts where nothing was seen', () => {
    expect(learn([])).toBe(NOTHING_LEARNED);
    expect(band()).toEqual(before);
  });
  it('not firm at 60 makes it slower, firm at 60 faster, and both narrower than before or no wider by much', () => {
    const late = band(look(60, 'not'));
    const early = band(look(60, 'yes'));
    expect(late.likely).toBeGreaterThan(before.likely * 1.15);
    expect(early.likely).toBeLessThan(before.likely * 0.95);
    const wide = (b: typeof before) => b.slow / b.fast;
    expect(wide(early)).toBeLessThan(wide(before) * 1.15);
  });
  it('just firm now is worth most, and three of them pull it there', () => {
    const once = band(look(90, 'just'));
    const thrice = band(look(90, 'just', 'a'), look(90, 'just', 'b'), look(90, 'just', 'c'));
    expect(Math.abs(Math.log(thrice.likely / 90))).toBeLessThan(Math.abs(Math.log(once.likely / 90)) + 1e-9);
    expect(Math.abs(Math.log(thrice.likely / 90))).toBeLessThan(0.2);
    const unsure = (l: MarginLook) => learn([l]).cov[0]![0]!;
    expect(unsure(look(90, 'just'))).toBeLessThan(unsure(look(90, 'yes')));
  });
  it('no single first look, however absurd, makes every time unsure', () => {
    for (const minutes of [0.1, 1, 3, 8, 20, 50, 120, 300, 800, 2880])
      for (const saw of ['just', 'yes', 'not'] as const) {
        const one = band(look(minutes, saw));
        const wider = Math.log(one.slow / one.fast) / Math.log(before.slow / before.fast);
        expect(wider, `${saw} at ${minutes} min`).toBeLessThan(1.25);
      }
    // firm in the moment it was shaped: nothing was learned from that, and it is told so
    const haste = look(0.1, 'yes');
    expect(band(haste)).toEqual(before);
    expect(isOdd(learn([haste]), haste)).toBe(true);
  });
  it('two that agree stand by each other', () => {
    const quick = learn([look(8, 'just', 'a'), look(9, 'just', 'b'), look(7, 'just', 'c')]);
    expect(quick.entries).toBe(3);
    expect(quick.theta).toBeLessThan(-0.2);
  });
  it('absurd looks move it hardly at all, and are told to fit nothing', () => {
    const odd = look(1, 'just', 'odd');
    const never = look(60 * 48, 'not', 'never');
    expect(Math.abs(Math.log(band(odd).likely / before.likely))).toBeLessThan(0.25);
    expect(Math.abs(Math.log(band(never).likely / before.likely))).toBeLessThan(0.25);
    const sane = learn([look(50, 'just', 'a'), look(55, 'just', 'b'), odd, never]);
    expect(isOdd(sane, odd)).toBe(true);
    expect(isOdd(sane, never)).toBe(true);
    expect(isOdd(sane, look(50, 'just', 'a'))).toBe(false);
  });
  it('never runs away: a hundred absurd looks stay within the bounds', () => {
    const many = Array.from({ length: 100 }, (_, i) => look(60 * 24 * 10, 'not', `n${i}`));
    const l = learn(many);
    expect(Math.abs(l.theta)).toBeLessThanOrEqual(LEARNING.mostTheta * 1.4 + 1e-9);
    for (const v of Object.values(l.phi))
      expect(Math.abs(v)).toBeLessThanOrEqual(LEARNING.mostPhi * 1.4 + 1e-9);
    const b = band(...many);
    for (const m of [b.fast, b.likely]) expect(m).toBeGreaterThan(0);
  });
});

it('in many made-up kitchens the error falls with every look', () => {
  const random = seeded(4);
  const normal = () => Math.sqrt(-2 * Math.log(random() + 1e-12)) * Math.cos(2 * Math.PI * random());
  const errors = [0, 1, 3].map((n) => {
    let sum = 0;
    let count = 0;
    for (let run = 0; run < 60; run++) {
      const theta = 0.3 * normal();
      const phi = 0.2 * normal();
      // when it was really firm in that kitchen
      let [low, high] = [60, 6 * 86400];
      for (let i = 0; i < 50; i++) {
        const t = Math.sqrt(low * high);
        if (marginAt(family.likely, margin, t * Math.exp(-theta))[0] + phi >= 0) high = t;
        else low = t;
      }
      if (high > 5 * 86400) continue;
      const looks = Array.from({ length: n }, (_, i) =>
        look((high / 60) * Math.exp(0.3 * normal()), 'just', `${run}-${i}`),
      );
      sum += Math.log(band(...looks).likely / (high / 60)) ** 2;
      count++;
    }
    return Math.sqrt(sum / count);
  });
  expect(errors[1]!).toBeLessThan(errors[0]!);
  expect(errors[2]!).toBeLessThan(errors[1]!);
  expect(errors[2]!).toBeLessThan(0.45);
});

describe('a look kept with a build', () => {
  const otter = demoBuild('ferryman-otter');
  const seen = (b: Build, minutes: number, id = 'one') =>
    lookAt(b, plan(b).firming.get('body')!, {
      id,
      at: '2026-12-04T20:00:00Z',
      question: 'handle',
      saw: 'just',
      minutes,
    })!;
  it('is learned from, changes every drying piece of that build, and is forgotten again', () => {
    const late = plan(otter).firming.get('body')!.bands.handle!.likely * 2;
    const noted = value(note(otter, seen(otter, late)));
    const head = (b: Build) => plan(b).firming.get('head')!.bands.handle!.likely;
    expect(head(noted)).toBeGreaterThan(head(otter) * 1.05);
    expect(learnedOf(noted).entries).toBe(1);
    expect(head(forget(noted, 'one'))).toBe(head(otter));
  });
  it('says in the sum that it was learned', () => {
    const noted = value(note(otter, seen(otter, 30)));
    expect(JSON.stringify(plan(noted).firming.get('head')!.handle)).toContain('Looks learned from');
  });
  it('is reckoned again from what was kept with it, whatever becomes of the piece', () => {
    const kept = seen(otter, 45);
    const again = lookFrom(kept)!;
    expect(again.history.seconds.length).toBeGreaterThan(40);
    expect(again.at).toBe(45 * 60);
    expect(lookFrom({ ...kept, paste: { ...kept.paste, base: 'chocolateDark' } })).toBeUndefined();
  });
  it('goes over to another build once, by its id', () => {
    const noted = value(note(otter, seen(otter, 45)));
    const other = demoBuild('savoy-cabbage');
    const found = seenElsewhere(other, [noted, noted]);
    expect(found).toHaveLength(1);
    expect(seenElsewhere({ ...other, log: found }, [noted])).toEqual([]);
  });
  it('cannot be before it was shaped', () => {
    expect(refusal(note(otter, seen(otter, 0)))).toMatch(/before it is shaped/);
  });
});
