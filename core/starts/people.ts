import type { Mm } from '../quantity/index.ts';
import type { Vec } from '../solids/index.ts';
import { eyesOn } from './face.ts';
import { lumpOver } from './lumps.ts';
import { FACE, SWING, TUNIC } from './outlines.ts';
import { ballForm, eggForm, pebbleForm, taperForm } from './forms.ts';
import { type Sketch } from './sketch.ts';
import type { StartColour } from './colours.ts';
import { COVER, limbRound, stickFor, widthAt } from './sticks.ts';

/** How a person is divided, in shares of the height: legs two thirds for long legs, heads of three, a child of five and a half; common practice, widths estimates. */
export interface Proportions {
  readonly head: number;
  readonly legs: number;
  readonly headWide: number;
  readonly shoulders: number;
  readonly hips: number;
  readonly deep: number;
  readonly arm: number;
  readonly foot: number;
  readonly armThick: readonly [Mm, Mm];
  readonly legThick: readonly [Mm, Mm];
  readonly eyes: number;
  readonly eyeSize: number;
}

export const PEOPLE = {
  longLegs: { head: 1 / 6, legs: 2 / 3, headWide: 0.14, shoulders: 0.17, hips: 0.15, deep: 0.1, arm: 0.29, foot: 0.13, armThick: [0.045, 0.033], legThick: [0.075, 0.05], eyes: 0.5, eyeSize: 0.09 },
  threeHeads: { head: 1 / 3, legs: 0.444, headWide: 0.3, shoulders: 0.25, hips: 0.24, deep: 0.18, arm: 0.24, foot: 0.15, armThick: [0.075, 0.055], legThick: [0.1, 0.08], eyes: 0.45, eyeSize: 0.1 },
  child: { head: 1 / 5.5, legs: 0.43, headWide: 0.16, shoulders: 0.2, hips: 0.18, deep: 0.13, arm: 0.29, foot: 0.13, armThick: [0.058, 0.042], legThick: [0.085, 0.06], eyes: 0.45, eyeSize: 0.11 },
} as const satisfies Record<string, Proportions>; // prettier-ignore
export type SchemeId = keyof typeof PEOPLE;

/** Widths of sticks by height, mm. Estimates: tried until they hold at every height. */
const LEG = [[120, 2], [180, 3], [260, 4], [330, 6], [460, 8], [560, 10], [Infinity, 12]] as const; // prettier-ignore
const NECK = [[110, 2], [200, 3], [300, 4], [430, 6], [560, 8], [660, 10], [Infinity, 12]] as const; // prettier-ignore
/** Three heads are heavy: their tables are read at so many times the height. Estimate. */
const HEAVY = 1.45;
/** From so high up what stands on legs stands on plywood: a drum does not hold its sticks. */
export const boardUnder = (height: Mm) => (height < 100 ? {} : { material: 'plywood' as const });

export type Wear = 'cap' | 'scarf' | 'bun' | 'straw';

export interface StandingPerson {
  readonly tall: Mm;
  readonly scheme: SchemeId;
  readonly legs?: number | undefined;
  readonly head?: number | undefined;
  readonly chubby?: number | undefined;
  /** To the right of the middle of the board, and what its pieces are called by. */
  readonly x?: Mm;
  readonly pre?: string;
  readonly called?: string;
  readonly shirt: StartColour;
  readonly trousers: StartColour;
  readonly hair: StartColour;
  readonly wears: Wear;
  /** A skirt or a coat that swings. */
  readonly swing?: boolean;
  /** How far the arms go out to the side and to the front. */
  readonly arms?: readonly [out: number, front: number];
  readonly turn?: number;
  /** Nothing light inside. */
  readonly solid?: boolean;
  /** A paste that gives, as marzipan. */
  readonly soft?: boolean;
}

/** Sizes of a person that its parts share. */
function measuresOf(p: StandingPerson) {
  const s = PEOPLE[p.scheme];
  const H = p.tall;
  const stout = p.chubby ?? 1;
  const heavy = (p.scheme === 'threeHeads' ? HEAVY : 1) * (p.solid ? 1.15 : 1) * (p.soft ? 1.4 : 1) * Math.max(1, (p.head ?? s.head) / s.head) ** 1.5;
  const leg = stickFor(widthAt(H * heavy, LEG), 0);
  const pin = stickFor(widthAt(H * heavy, NECK), 0);
  const least = limbRound(leg.across);
  const ankle = Math.max(least, s.legThick[1] * H * stout);
  const thigh = Math.max(least + 1, s.legThick[0] * H * stout);
  const shoe = Math.max(ankle + 2.6, 0.45 * s.foot * H);
  const shoeLong = Math.max(1.9 * shoe, s.foot * H);
  const hips = Math.max(2 * thigh + 1.5, s.hips * H * stout);
  // the pins of the head pass behind the sticks of the legs
  const apart = leg.across / 2 + pin.across / 2 + 2.2;
  const deep = Math.max(thigh + 3, s.deep * H * stout, 2 * (apart / 2 + Math.max(pin.across, leg.across) / 2 + COVER + 0.6) / (p.swing ? 0.82 : 0.86));
  const legFrom = shoe * 0.5;
  const legLong = Math.max(thigh + 0.5, (p.legs ?? s.legs) * H - legFrom);
  const hipAt = legFrom + legLong;
  const headTall = (p.head ?? s.head) * H;
  const headWide = Math.max(s.headWide * H * ((p.head ?? s.head) / s.head), (2 * pin.across + 2.4 + 2 * COVER) / 0.8);
  const sunk = Math.max(2, 0.03 * H, 0.06 * headTall);
  const hat = 0.03 * headTall + 0.5;
  const into = 0.02 * H + 1;
  const bodyTall = Math.max(0.12 * H, H - headTall - hipAt + into + sunk - hat);
  const bodyWide = Math.max(hips / 0.86, s.shoulders * H * stout, (hips / 2 - thigh / 2 + leg.across / 2 + COVER + 0.5) / (p.swing ? 0.365 : 0.395));
  return { s, H, leg, pin, ankle, thigh, shoe, shoeLong, hips, apart, deep, legFrom, legLong, hipAt, headTall, headWide, sunk, hat, bodyTall, bodyWide, bodyAt: hipAt - into, legsAt: hips / 2 - thigh / 2 };
} // prettier-ignore
type Measures = ReturnType<typeof measuresOf>;

/** Shoes and legs: mirrored in the middle of the board, and each for itself beside it. */
function legsOf(f: Sketch, p: StandingPerson, m: Measures): void {
  const [x, pre] = [p.x ?? 0, p.pre ?? ''];
  const one = x === 0;
  for (const [key, side] of one
    ? ([['', 1]] as const)
    : ([
        ['', 1],
        ['-2', -1],
      ] as const)) {
    // prettier-ignore
    const other = key ? ', other' : '';
    f.add([`${pre}shoes${key}`, `Shoe${one ? 's' : other}`], eggForm(m.shoe, m.shoeLong), {
      colour: 'ink-brown', duty: 'carry', pair: one, hidden: 'under', tolerance: 'equal',
      seat: { at: [x + side * m.legsAt, m.shoeLong * 0.42, m.shoe / 2 - 0.4], tip: 90 },
    }); // prettier-ignore
    f.add([`${pre}legs${key}`, `Leg${one ? 's' : other}`], taperForm(m.ankle, m.thigh, m.legLong), {
      colour: p.trousers, duty: 'carry', hidden: 'back', tolerance: 'equal',
      seat: { on: `${pre}shoes${key}`, at: [0, 0.4, m.shoeLong * 0.42], tip: -90 },
    }); // prettier-ignore
  }
}

/** Hair and what is worn over it, as one outside of the head's own frame. */
function headwear(f: Sketch, p: StandingPerson, m: Measures, head: string): void {
  const { headTall: h, headWide: w } = m;
  const pre = p.pre ?? '';
  const hair = { colour: p.hair, duty: 'form', hidden: 'under' } as const;
  const back = 0.1 * w;
  f.add([`${pre}hair`, 'Hair'], pebbleForm(1.1 * w, 0.92 * w, 0.74 * h), {
    ...hair,
    texture: 'creases',
    seat: { on: head, at: [0, back * 1.5, 0.31 * h], tip: -8 },
  });
  if (p.wears === 'bun')
    f.press(
      [`${pre}bun`, 'Bun'],
      ballForm(Math.max(5, 0.42 * w)),
      head,
      { from: [0, back, 0.6 * h], out: [0, 0.75, 0.66], inside: 0.06 * w },
      { ...hair, texture: 'creases' },
    );
  if (p.wears === 'scarf') {
    f.press(
      [`${pre}knot`, 'Knot of the scarf'],
      pebbleForm(Math.max(5, 0.3 * w), Math.max(4, 0.2 * w), Math.max(4, 0.2 * w)),
      head,
      { from: [0, 0, 0.6 * h], out: [0.15, -0.6, 0.8], inside: 0.03 * w },
      { colour: 'scarf-red', duty: 'thin' },
    );
    f.add(
      [`${pre}scarf`, 'Headscarf'],
      { kind: 'dome', sizes: { diameter: 1.12 * w, height: 0.3 * h } },
      {
        colour: 'scarf-red',
        duty: 'thin',
        join: 'firm',
        seat: { on: head, at: [0, 0.04 * w, 0.72 * h + m.hat], tip: -6 },
      },
    );
  }
  if (p.wears === 'cap') {
    f.add(
      [`${pre}cap`, 'Cap'],
      { kind: 'dome', sizes: { diameter: 1.14 * w, height: 0.25 * h + m.hat } },
      {
        colour: 'iron-grey',
        duty: 'form',
        join: 'firm',
        seat: { on: head, at: [0, 0.02 * w, 0.76 * h], tip: -5 },
      },
    );
    f.press(
      [`${pre}peak`, 'Peak of the cap'],
      pebbleForm(0.78 * w, 0.5 * w, Math.max(3, 0.07 * h)),
      head,
      { from: [0, 0, 0.77 * h], out: [0, -1, 0], look: [0, 0, 1], inside: 0 },
      { colour: 'ink-brown', duty: 'thin', seat: {} },
    );
  }
  if (p.wears === 'straw') {
    f.add(
      [`${pre}brim`, 'Hat brim'],
      { kind: 'disc', sizes: { diameter: 1.5 * w, thickness: Math.max(2, 0.012 * m.H) } },
      { colour: 'straw', duty: 'thin', seat: { on: head, at: [0, 0.03 * w, 0.77 * h], tip: -8 } },
    );
    f.add(
      [`${pre}crown`, 'Hat crown'],
      { kind: 'dome', sizes: { diameter: 0.9 * w, height: 0.24 * h + m.hat } },
      { colour: 'straw', duty: 'thin', seat: { on: head, at: [0, 0.03 * w, 0.77 * h], tip: -8 } },
    );
  }
}

/** A standing person on a stick in each leg, two from the body into the head behind them. */
export function person(f: Sketch, p: StandingPerson): Measures {
  const m = measuresOf(p);
  const { H, s } = m;
  const [x, pre] = [p.x ?? 0, p.pre ?? ''];
  legsOf(f, p, m);
  const torso = `${pre}torso`;
  f.add([torso, 'Body'], lumpOver(f.told, { kind: 'traced', sizes: { width: m.bodyWide, depth: m.deep, height: m.bodyTall }, curves: p.swing ? SWING : TUNIC }), {
    colour: p.shirt, texture: 'creases', hidden: 'back', seat: { at: [x, m.apart / 2, m.bodyAt] },
  }); // prettier-ignore
  const head = `${pre}head`;
  const back = m.apart * 0.2;
  f.add([head, 'Head'], lumpOver(f.told, { kind: 'traced', sizes: { width: m.headWide, depth: 0.98 * m.headWide, height: m.headTall }, curves: FACE }), {
    colour: 'miller-skin', hidden: 'back', seat: { on: torso, at: [0, back, m.bodyTall - m.sunk], ...(p.turn ? { turn: p.turn } : {}) },
  }); // prettier-ignore
  eyesOn(f, head, `${pre}eyes`, {
    wide: m.headWide,
    tall: m.headTall,
    eyes: s.eyes,
    spacing: 0.34,
    size: s.eyeSize,
  });
  const nose = Math.max(1.8, 0.16 * m.headWide * f.num('features', 1));
  f.spot(
    [`${pre}nose`, 'Nose'],
    pebbleForm(nose, nose, nose * 1.15),
    head,
    { from: [0, 0, m.headTall * (f.num('eyes', s.eyes) - 0.12)], out: [0, -1, 0], within: 0.4 },
    { colour: 'miller-skin' },
  );
  f.spot(
    [`${pre}cheeks`, 'Cheeks'],
    pebbleForm(
      Math.max(2, 0.2 * m.headWide),
      Math.max(1.5, 0.1 * m.headWide),
      Math.max(2, 0.16 * m.headWide),
    ),
    head,
    { from: [0, 0, 0.31 * m.headTall], out: [0.66, -0.75, 0], within: 0.62 },
    { colour: 'cheek-pink', pair: true, tolerance: 'equal' },
  );
  headwear(f, p, m, head);
  f.press(
    [`${pre}ears`, 'Ears'],
    pebbleForm(
      Math.max(2.5, 0.09 * m.headWide),
      Math.max(3, 0.16 * m.headWide),
      Math.max(3.5, 0.2 * m.headTall),
    ),
    head,
    { from: [0, 0.02 * m.headWide, 0.36 * m.headTall], out: [1, 0.05, 0], look: [0.12, 0, 1], inside: 0 },
    { colour: 'miller-skin', pair: true, tolerance: 'equal' },
  );
  armsOf(f, p, m, torso);
  const collar = Math.max(3.2, 0.026 * H);
  f.add(
    [`${pre}collar`, p.scheme === 'longLegs' ? 'Neckerchief' : 'Scarf'],
    { kind: 'ring', sizes: { across: Math.max(0.62 * m.headWide, 2 * collar + 2), rope: collar } },
    {
      colour: p.wears === 'scarf' ? 'mill-white' : 'scarf-red',
      duty: 'thin',
      texture: 'creases',
      seat: { on: torso, at: [0, back * 0.8, m.bodyTall - m.sunk * 0.5 - collar * 0.62] },
    },
  );
  const up = Math.min(m.bodyTall * 0.84, m.bodyTall - 5);
  f.twoIn(
    [`${pre}leg-sticks`, 'Leg'],
    stickFor(m.leg.across, m.hipAt + up + 12),
    ['board', [x, 0, -12]],
    [torso, [x, 0, m.bodyAt + up]],
    m.legsAt,
  );
  const gap = Math.max(
    m.pin.across / 2 + 1.2,
    Math.min(m.headWide * 0.2, 1.7 * m.pin.across, m.headWide * 0.42 - m.pin.across / 2 - COVER),
  );
  const low = m.bodyTall * 0.14;
  f.twoIn(
    [`${pre}neck`, 'Neck'],
    stickFor(m.pin.across, m.bodyTall - low + m.headTall * 0.74),
    [torso, [x, m.apart, m.bodyAt + low]],
    [head, [x, m.apart, m.bodyAt + m.bodyTall - m.sunk + m.headTall * 0.74]],
    gap,
  );
  return m;
}

/** An arm from each shoulder with a hand at its end; under a centimetre a hand is a ball. */
function armsOf(f: Sketch, p: StandingPerson, m: Measures, torso: string): void {
  const { H, s } = m;
  const pre = p.pre ?? '';
  const stout = p.chubby ?? 1;
  const thick = [Math.max(4, s.armThick[0] * H * stout), Math.max(3.6, s.armThick[1] * H * stout)] as const;
  const long = Math.max(thick[0] + 1, Math.min(s.arm * H, m.bodyTall + 0.5 * m.hipAt));
  const [out, front] = p.arms ?? [0.2, 0.14];
  const look: Vec = [out, -front, -1];
  f.press(
    [`${pre}arms`, 'Arms'],
    taperForm(thick[0], thick[1], long),
    torso,
    { from: [0, 0, m.bodyTall * 0.76], out: [1, -0.05, 0], look, inside: thick[0] * 0.5 },
    { colour: p.shirt, pair: true, propped: H > 110 },
  );
  const hand = Math.max(4.4, s.armThick[1] * H * stout * 1.22);
  f.add(
    [`${pre}hands`, 'Hands'],
    H >= 170 ? pebbleForm(hand * 1.05, hand * 0.72, hand * 1.5) : ballForm(hand),
    {
      colour: 'miller-skin',
      propped: H > 180,
      seat: { on: `${pre}arms`, at: [0, 0, long - hand * 0.42] },
    },
  );
}
