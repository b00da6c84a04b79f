import { given, labourSum, type Labour, type Mm, type Reckoned } from '../quantity/index.ts';
import { writeStepId, type OwnStep, type Piece } from '../record/index.ts';
import { formBody, measure, rimOf } from '../solids/index.ts';
import { headOf, type Head } from './face.ts';
import { USUAL_GAP } from './lobes.ts';
import { wayDown, type Profile } from './profile.ts';

/** What things are set over or round: the outside of a piece. */
export interface Counted {
  readonly tall: Mm;
  /** Half way up. */
  readonly middle: Mm;
  /** The way round at a height over its foot. */
  readonly round: (up: Mm) => Reckoned;
  readonly down: Profile;
  /** Across, where it is a ball. */
  readonly ball: Mm | undefined;
  /** Narrowest gap most balls of that size have between the lines of their seam. */
  readonly gap: Mm;
  readonly head: Head;
}

const BALLS = new Set<string>(['ball', 'skinOverBall']);

/** The outside of a piece; undefined for what is flat, bent or many. */
export function countedOf({ form }: Piece): Counted | undefined {
  const body = formBody(form);
  if (body.type !== 'stack') return undefined;
  const size = measure(form);
  const { width, height } = size;
  return {
    tall: height,
    middle: height / 2,
    round: (up) => {
      const z = Math.min(height * 0.999, Math.max(height * 0.001, up));
      return given('The way round there', rimOf(body.cutAt(z)), 'mm', 'derived');
    },
    down: wayDown(body, 'board'),
    ball: BALLS.has(form.kind) ? width : undefined,
    gap: USUAL_GAP * width,
    head: headOf(body, size),
  };
}

/** Marking with a tool: dividing the line, then every mark. Estimate, minutes. */
const MARKING: Labour = { once: 2, each: 0.12 };
/** Minutes for marks along a line, a sum that can be opened. */
export const markingTakes = (marks: Reckoned): Reckoned<'min'> =>
  labourSum('Marking them', MARKING, marks.value);

/** Marks round a piece as a step of one's own: after it is shaped, while it takes a mark. */
export const markingStep = ({ id, name }: Piece, marks: Reckoned): Omit<OwnStep, 'id'> => ({
  title: `Mark ${Math.round(marks.value)} round the ${name.toLowerCase()}`,
  minutes: Math.max(1, Math.round(markingTakes(marks).value)),
  after: writeStepId({ task: 'shape', of: id }),
  piece: id,
  work: 'mark',
});
