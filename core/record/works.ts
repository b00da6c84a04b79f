/** Work that is done on a face, as a person says it: what does it decides where it can still get. */
export const WORKS = {
  paint: { name: 'painting', tool: 'a brush' },
  line: { name: 'a fine line', tool: 'a fine brush' },
  dust: { name: 'dusting', tool: 'a dusting brush' },
  spray: { name: 'airbrushing', tool: 'the airbrush' },
  sponge: { name: 'sponging', tool: 'a sponge' },
  snip: { name: 'snipping', tool: 'scissors' },
  mark: { name: 'marking', tool: 'a modelling tool' },
  press: { name: 'smoothing by hand', tool: 'a finger' },
} as const satisfies Record<string, { readonly name: string; readonly tool: string }>;

export type WorkKind = keyof typeof WORKS;
export const WORK_KINDS = Object.keys(WORKS) as [WorkKind, ...WorkKind[]];

/** Words by which people say what they do; the first that is met. */
const SAID_AS: readonly (readonly [RegExp, WorkKind])[] = [
  [/\bdust|\bblush/i, 'dust'],
  [/\bspray|\bairbrush/i, 'spray'],
  [/\bspong|\bstippl/i, 'sponge'],
  [/\bsnip|\bfur\b/i, 'snip'],
  [/\b(out)?lin(e|ing)\b|\bbrow|\blash|\bwrit/i, 'line'],
  [/\bpress|\bsmooth|\brub/i, 'press'],
  [/\bmark|\bscor|\bcarv/i, 'mark'],
];

/** The kind of work a step’s name speaks of; painting where it speaks of none. */
export const workIn = (title: string): WorkKind => SAID_AS.find(([word]) => word.test(title))?.[1] ?? 'paint';

/** Sides of a piece as the finished figure shows it. */
export const FACE_SIDES = {
  all: 'all that is seen of it',
  front: 'its front',
  back: 'its back',
  left: 'its left side',
  right: 'its right side',
  top: 'its top',
  under: 'its underside',
} as const;

export type PieceSide = keyof typeof FACE_SIDES;
export const FACE_SIDE_KINDS = Object.keys(FACE_SIDES) as [PieceSide, ...PieceSide[]];
