import { GRAVITY as G } from '../quantity/index.ts';
import { LAW } from './law.ts';
import { balanceWater } from './paste-law.ts';
import type { DryingHistory } from './sweep.ts';

/** A lump slumps that is taller than what it yields at over its weight; left overnight it may be a fifth of that. Common practice. */
const SLUMPS = 5;
/** A step of the method; estimate. */
const LUMP_DENSITY = 1350;

/** Does a lump of paste keep its shape overnight on what it stands on, just shaped? @param kPa what it yields at; @param height mm */
export const keepsLump = (kPa: number, height: number): boolean =>
  height <= ((kPa * 1000) / (LUMP_DENSITY * G) / SLUMPS) * 1000;

/** What can be asked of a piece. Most become true with time; sticking, texturing and bending stop being true. */
export type Question =
  | 'tack'
  | 'skin'
  | 'touch'
  | 'pose'
  | 'handle'
  | 'bear'
  | 'stand'
  | 'hard'
  | 'dry'
  | 'stick'
  | 'texture'
  | 'bend';

/** All of them, in the order in which they mostly come true, then the windows that close. */
export const QUESTIONS: readonly Question[] = [
  'tack',
  'skin',
  'touch',
  'pose',
  'handle',
  'bear',
  'stand',
  'hard',
  'dry',
  'stick',
  'texture',
  'bend',
];

/** What a person asks of a piece. */
export interface Asked {
  /** In words of the bench. */
  readonly words: string;
  /** What has to be so in the drying model, after *until*. */
  readonly until: string;
  /** It stops being true. */
  readonly window?: true;
}

/** What a person asks of a piece, and what the model of drying answers it by; `marginOf` is the sum. */
export const ASKED: Readonly<Record<Question, Asked>> = {
  tack: {
    words: 'no longer tacky, cuts cleanly',
    until: 'the outermost tenth of a millimetre has lost the water that makes it tacky',
  },
  skin: {
    words: 'skinned',
    until: 'the outer two tenths of a millimetre have lost their water and yield no more',
  },
  touch: { words: 'may be picked up', until: 'skin and paste under it withstand a gentle finger' },
  pose: {
    words: 'holds its pose',
    until: 'its free length bears its own bending ρ g L² sin(lean) ÷ t with the reserve',
  },
  handle: {
    words: 'firm enough to pick up',
    until: 'fingers that hold and push leave no mark, and what hangs out bears twice its reserve',
  },
  bear: {
    words: 'carries what stands on it, briefly',
    until: 'foot, contact and a slender height each bear the load with its reserve',
  },
  stand: {
    words: 'may be left standing under it',
    until: 'foot, contact and a slender height each bear the load with both reserves',
  },
  hard: { words: 'hard right through', until: 'its middle yields as late as a hard piece' },
  dry: {
    words: 'dry right through',
    until: 'its middle has lost three quarters of what it would lose at 50 % humidity',
  },
  stick: {
    words: 'sticks to itself',
    until: 'the outermost tenth of a millimetre has lost the water that makes it tacky',
    window: true,
  },
  texture: {
    words: 'takes texture',
    until: 'it cracks at a stretch of a quarter, or a hand tool no longer marks it',
    window: true,
  },
  bend: {
    words: 'bends without cracking',
    until: 'its face cracks at the stretch of the bend still to come',
    window: true,
  },
};

/** Questions whose answer goes from yes to no. */
export const CLOSING: ReadonlySet<Question> = new Set(['stick', 'texture', 'bend']);

/** Questions of firmness, where an ingredient firmer than listed matters. */
export const OF_FIRMNESS: ReadonlySet<Question> = new Set([
  'touch',
  'pose',
  'handle',
  'bear',
  'stand',
  'hard',
]);

/** Strain of a bend nobody has measured: 2 mm round 20 mm; estimate. */
export const USUAL_BEND = 0.05;

/** What a piece has to do, beyond its own shape. */
export interface Duty {
  /** Unsupported length, mm, and sine of its lean from the vertical. */
  readonly overhang?: number;
  readonly lean?: number;
  /** Strain of the bend it still has to take; 0.05 is 2 mm round 20 mm. */
  readonly bend?: number;
  readonly load?: Load;
}

export interface Load {
  /** What rests on it, kg. */
  readonly mass: number;
  /** Share carried by rods instead of paste, 0–1. */
  readonly onRods: number;
  /** Face that presses, mm². */
  readonly contact: number;
  /** Least section, mm². */
  readonly section: number;
  /** Free height, mm; 0 leaves folding out. */
  readonly height: number;
  /** What rests on it is held aside by others, both ways. */
  readonly braced: boolean;
}

const SQRT3 = Math.sqrt(3);
const NEVER = -20;

/** ln(capacity ÷ requirement) along the history; above zero the answer is yes. */
export type Margin = (i: number) => number;

/** Stress a free length needs against its own weight, kPa. Beam formulas, handbook. */
const ownWeight = (h: DryingHistory, overhang: number, lean: number): number => {
  const l = overhang / 1000;
  const shape = h.slab.kind === 'rod' ? 0.75 * Math.PI : 2;
  return (shape * h.law.density * G * l * l * lean) / h.slab.thickness / 1000;
};

/** Pressure that would punch through the skin over a contact radius (m), kPa. */
export const punch = (h: DryingHistory, i: number, radius: number): number =>
  LAW.bearing * h.yieldCentre[i]! + (2 / radius) * h.skinStrength[i]!;

/** How firm a piece is, kPa and N/m: on average, bent, in its middle, and what its skin takes. */
export interface Firmness {
  readonly mean: number;
  readonly stiff: number;
  readonly centre: number;
  readonly skin: number;
}

/**
 * Reserve of a piece under a load: squash over its least section, punch under the hardest pressed patch, folding of a slender
 * height; the least counts.
 * @param piece thickness of a slender piece in m, kg/m³, and whether it is a sheet, which folds about its thickness only
 */
export function reserveUnder(
  load: Load,
  {
    thickness,
    density,
    sheet,
  }: { readonly thickness: number; readonly density: number; readonly sheet: boolean },
): (firm: Firmness) => number {
  const free = 1 - load.onRods;
  const W = load.mass * G * free;
  const round = Math.PI * (thickness / 2) ** 2;
  const section = load.section > 0 ? load.section * 1e-6 : round;
  const tall = load.height / 1000;
  const foot = W / section / 1000 + (density * G * tall * free) / 1000;
  const contact = load.contact > 0 ? load.contact * 1e-6 : section;
  const radius = Math.sqrt(contact / Math.PI);
  const pressed = W / contact / 1000;
  const inertia = sheet ? (section * thickness ** 2) / 12 : (Math.PI * thickness ** 4) / 64;
  const weight = W + 0.3 * density * G * round * tall;
  const K = load.braced ? 1 : 4;
  return ({ mean, stiff, centre, skin }) => {
    const squash = foot > 0 ? (SQRT3 * mean) / foot : Infinity;
    const through = pressed > 0 ? (LAW.bearing * centre + (2 / radius) * skin) / pressed : Infinity;
    const fold =
      tall > 0
        ? (Math.PI ** 2 * ((SQRT3 * stiff * 1000) / LAW.yieldStrain) * inertia) / (K * tall * tall) / weight
        : Infinity;
    return Math.min(squash, through, fold);
  };
}

/** The same as a piece dries. */
export function loadFactor(h: DryingHistory, load: Load): Margin {
  const reserve = reserveUnder(load, {
    thickness: h.slab.thickness,
    density: h.law.density,
    sheet: h.slab.kind === 'sheet',
  });
  return (i) =>
    reserve({
      mean: h.yieldMean[i]!,
      stiff: h.yieldStiff[i]!,
      centre: h.yieldCentre[i]!,
      skin: h.skinStrength[i]!,
    });
}

/** Reserve that is asked for: when it carries for as long as the work takes, and when it is left standing. */
export const needOf = (question: 'bear' | 'stand'): number =>
  LAW.loadReserve * (question === 'stand' ? LAW.creepReserve : 1);

const ln = (x: number, need: number): number => Math.log(Math.max(x, 1e-9) / need);

/** The margin of one question; undefined when the duty it asks about is not there. */
export function marginOf(h: DryingHistory, question: Question, duty: Duty = {}): Margin | undefined {
  const tack: Margin = (i) => ln(h.lossTack[i]!, LAW.tackLoss);
  const skin: Margin = (i) =>
    Math.min(tack(i), ln(h.lossSkin[i]!, LAW.skinLoss), ln(h.yieldSkin[i]!, LAW.skinYield));
  const finger = (i: number) => punch(h, i, LAW.finger);
  const stretch = (i: number) => h.law.crackStrain * Math.exp(-LAW.crackFall * h.lossTack[i]!);
  const hangs = duty.overhang !== undefined && duty.overhang > 0 && (duty.lean ?? 1) > 0;
  const poseNeed = hangs ? LAW.poseReserve * ownWeight(h, duty.overhang, duty.lean ?? 1) : 0;
  switch (question) {
    case 'tack':
      return tack;
    case 'skin':
      return skin;
    case 'touch':
      return (i) => Math.min(skin(i), ln(finger(i), LAW.touchPressure));
    case 'pose':
      return hangs ? (i) => ln(SQRT3 * h.yieldBend[i]!, poseNeed) : undefined;
    case 'handle':
      return (i) => {
        const held = Math.min(skin(i), ln(finger(i), LAW.handlePressure));
        return hangs ? Math.min(held, ln(SQRT3 * h.yieldBend[i]!, 2 * poseNeed)) : held;
      };
    case 'bear':
    case 'stand': {
      if (!duty.load) return undefined;
      const factor = loadFactor(h, duty.load);
      return (i) => Math.log(Math.min(1e9, factor(i)) / needOf(question));
    }
    case 'hard':
      return (i) => ln(h.yieldCentre[i]!, LAW.hardYield);
    case 'dry': {
      const atHalf = 1 - balanceWater(h.law, 0.5);
      // one state for every room: in damp ones the centre never loses so much, and the paste stays leathery for ever
      const need = LAW.dryShare * atHalf;
      if (1 - h.balance < need) return () => NEVER;
      return (i) => ln(h.lossCentre[i]!, need);
    }
    case 'stick':
      return (i) => -tack(i);
    case 'texture':
      return (i) => Math.min(Math.log(stretch(i) / 0.25), Math.log(LAW.pressMost / finger(i)));
    case 'bend':
      return (i) => Math.log(stretch(i) / (duty.bend ?? USUAL_BEND));
  }
}

/**
 * First moment a margin passes zero, in minutes: upwards for questions that become true, downwards for closing ones.
 * Interpolated in the logarithm of time. Infinity when it never does within the history.
 */
export function crossing(h: DryingHistory, margin: Margin, closing = false): number {
  const sign = closing ? -1 : 1;
  let last = sign * margin(0);
  if (last >= 0) return 0;
  for (let i = 1; i < h.seconds.length; i++) {
    const now = sign * margin(i);
    if (now >= 0) {
      const f = -last / (now - last);
      const a = h.seconds[i - 1]!;
      const b = h.seconds[i]!;
      return (a > 0 ? a * (b / a) ** f : b * f) / 60;
    }
    last = now;
  }
  return Infinity;
}
