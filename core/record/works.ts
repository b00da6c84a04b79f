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
