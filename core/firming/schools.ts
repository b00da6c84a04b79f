import type { Room } from '../record/index.ts';
import {
  blendFor,
  firmingOf,
  POWDER_CRACKS,
  SCHOOLS,
  type Blend,
  type PasteJob,
  type JobId,
  type School,
} from '../pastes/index.ts';
import { between, given, reckon, remembered, sameParts, type Reckoned } from '../quantity/index.ts';
import { bandFigure, bandOf, firmingFamily, type Band } from './band.ts';
import type { Duty, Question } from './margins.ts';
import { pasteLaw } from './paste-law.ts';
import { weightsOf } from './learned.ts';
import type { Air } from './sweep.ts';

/** The piece each job is thought through with, what is asked of it, and how long hands need before it closes. */
interface Trial {
  readonly words: string;
  readonly body: Parameters<typeof firmingFamily>[1];
  readonly firm: Question;
  readonly firmWords: string;
  readonly closes: Question;
  readonly closesWords: string;
  readonly duty: Duty;
  /** Minutes at the piece before it is left alone; common practice. */
  readonly hands: number;
}

const sheet = (t: number, w: number): Trial['body'] => ({
  volume: t * w * w,
  area: 2 * w * w,
  depth: t / 2,
  facing: w,
  thickness: t,
  kind: 'sheet',
  coat: false,
});
const rod = (d: number, long: number): Trial['body'] => ({
  volume: (Math.PI * d * d * long) / 4,
  area: Math.PI * d * long + (Math.PI * d * d) / 4,
  depth: d / 2,
  facing: d,
  thickness: d,
  kind: 'rod',
  coat: false,
});

const TRIALS: Readonly<Record<JobId, Trial>> = {
  pose: {
    words: 'an ear 2 mm thick and 40 mm tall, leaning out by half',
    body: sheet(2, 30),
    firm: 'pose',
    firmWords: 'holds its pose',
    closes: 'bend',
    closesWords: 'cracks when bent',
    duty: { overhang: 40, lean: 0.7, bend: 0.05 },
    hands: 4,
  },
  carry: {
    words: 'a leg 16 mm thick and 100 mm tall with 100 g on it',
    body: rod(16, 100),
    firm: 'bear',
    firmWords: 'carries',
    closes: 'texture',
    closesWords: 'takes no texture',
    duty: { load: { mass: 0.1, onRods: 0, contact: 0, section: 0, height: 100, braced: false } },
    hands: 3,
  },
  carve: {
    words: 'a block 40 mm thick',
    body: rod(40, 60),
    firm: 'handle',
    firmWords: 'firm enough to pick up',
    closes: 'texture',
    closesWords: 'takes no texture',
    duty: {},
    hands: 3,
  },
  flex: {
    words: 'a strip 2 mm thick bent round a 20 mm roll',
    body: sheet(2, 30),
    firm: 'touch',
    firmWords: 'may be picked up',
    closes: 'bend',
    closesWords: 'cracks when bent',
    duty: { bend: 0.05 },
    hands: 5,
  },
  fingers: {
    words: 'a face 40 mm across',
    body: rod(40, 40),
    firm: 'handle',
    firmWords: 'firm enough to pick up',
    closes: 'bend',
    closesWords: 'cracks when pushed about',
    duty: { bend: 0.12 },
    hands: 8,
  },
};

export type CrackRisk = 'seldom' | 'if you are slow' | 'likely';

/** One dose's answer to a job in this room. */
export interface DoseAnswer {
  readonly name: string;
  readonly blend: Blend;
  readonly firm: Reckoned;
  readonly closes: Reckoned;
  readonly cracks: CrackRisk;
}

export interface SchoolAnswer extends DoseAnswer {
  readonly school: School;
}

export interface JobAnswer {
  readonly trial: string;
  readonly firmWords: string;
  readonly closesWords: string;
  readonly answers: readonly SchoolAnswer[];
  /** The blend as it is dosed now. */
  readonly yours: DoseAnswer;
}

const NEVER: Band = { fast: Infinity, likely: Infinity, slow: Infinity };

/** Whether it cracks under the hands: does the window close before they are done? */
function crackRisk(closes: Band, hands: number, powder: number): CrackRisk {
  if (powder > POWDER_CRACKS || closes.likely < hands) return 'likely';
  return closes.fast < hands ? 'if you are slow' : 'seldom';
}

/** A trial piece of one blend in one room. */
function answerOf(trial: Trial, name: string, blend: Blend, air: Air): DoseAnswer {
  const law = firmingOf(blend);
  if (law.by !== 'drying') throw new Error('schools are for pastes that dry');
  const family = firmingFamily(pasteLaw(law.constants), trial.body, air, weightsOf(blend));
  const firm = bandOf(family, trial.firm, trial.duty) ?? NEVER;
  const closes = bandOf(family, trial.closes, trial.duty) ?? NEVER;
  const from = [
    given('Gum in it', law.constants.gum, '%'),
    given('Humidity of the room', 100 * air.humidity, '%'),
    given('Warmth of the room', air.temperature, '°C'),
  ];
  const figure = (words: string, band: Band) =>
    bandFigure(`${name}: ${words}`, band, `drying model, ${trial.words}`, from);
  return {
    name,
    blend,
    firm: figure(trial.firmWords, firm),
    closes: figure(trial.closesWords, closes),
    cracks: crackRisk(closes, trial.hands, blend.powder),
  };
}

/**
 * The schools of stiffening side by side: the same trial piece in each blend, in this room. Firmness on the slow end is
 * what to plan with, the closing of the window on the fast end.
 */
export const compareSchools = remembered((job: PasteJob, from: Blend, room: Room): JobAnswer => {
  const trial = TRIALS[job.id];
  const air = { temperature: room.temperature, humidity: room.humidity / 100, speed: room.air };
  const answers = (Object.keys(SCHOOLS) as School[]).map((school): SchoolAnswer => ({
    school,
    ...answerOf(trial, SCHOOLS[school], blendFor(job, school, from), air),
  }));
  const yours = answerOf(trial, 'as it is now', from, air);
  return {
    trial: trial.words,
    firmWords: trial.firmWords,
    closesWords: trial.closesWords,
    answers,
    yours,
  };
}, sameParts);

/** How long paste that somebody weighed out by feel may take: the two ends of what people add. */
export function byFeel(job: PasteJob, from: Blend, room: Room): Reckoned {
  const air = { temperature: room.temperature, humidity: room.humidity / 100, speed: room.air };
  const trial = TRIALS[job.id];
  const at = (powder: number): Band => {
    const law = firmingOf({ ...blendFor(job, 'asItComes', from), powder });
    if (law.by !== 'drying') return NEVER;
    return (
      bandOf(
        firmingFamily(
          pasteLaw(law.constants),
          trial.body,
          air,
          weightsOf({ base: from.base, gumPaste: 0, powder }),
        ),
        trial.firm,
        trial.duty,
      ) ?? NEVER
    );
  };
  const [little, much] = job.byFeel.map(at) as [Band, Band];
  const dries = (words: string, powder: number, band: Band) =>
    bandFigure(words, band, 'drying worked out layer by layer', [
      given('Kneaded in', powder, '%', 'common practice'),
    ]);
  return between(
    reckon(
      `By feel: ${trial.firmWords}`,
      'min',
      'middle of both ends of what people knead in by feel: √(least × most)',
      [dries('With the least', job.byFeel[0], little), dries('With the most', job.byFeel[1], much)],
      (a, b) => Math.sqrt(a * b),
      'common practice',
    ),
    Math.min(much.fast, little.fast),
    Math.max(much.slow, little.slow),
  );
}
