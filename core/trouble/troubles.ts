import type { Sign } from './signs.ts';

/** Where on the list a trouble stands. */
export const TROUBLE_GROUPS = {
  face: 'On its face',
  shape: 'Its shape',
  joint: 'Where it is joined',
  colour: 'Its colour',
  paste: 'The paste itself',
} as const;
export type TroubleGroup = keyof typeof TROUBLE_GROUPS;

/** Something that goes wrong. Weights of the causes are estimates. */
export interface Trouble {
  readonly id: string;
  /** As one says it of one piece: `It cracked`. */
  readonly name: string;
  readonly group: TroubleGroup;
  /** Causes with their weights before anything is known of the build. */
  readonly causes: Readonly<Record<string, number>>;
  readonly mends: readonly string[];
  /** When it is better made again. */
  readonly again?: string;
  /** Its name says this already. */
  readonly said?: readonly Sign[];
  /** Only of a paste that dries, or of one that sets by cold. */
  readonly only?: 'drying' | 'cold';
  /** Only of what is made in so many ways. */
  readonly of?: 'covered' | 'rodded' | 'joined';
}

export const TROUBLES: readonly Trouble[] = [
  {
    id: 'cracked',
    name: 'It cracked',
    group: 'face',
    causes: { crustWorked: 4, tooStiff: 3, dryAir: 2, unrested: 1.5, oldPaste: 1.5, tooThin: 0.7 },
    mends: ['rubFat', 'spackle', 'kneadBack', 'bag', 'hide'],
    again: 'a crack runs through a thin piece or a joint',
    only: 'drying',
  },
  {
    id: 'elephant',
    name: 'Elephant skin',
    group: 'face',
    causes: { dryAir: 4, crustWorked: 3, unrested: 2, oldPaste: 2, tooStiff: 1.5 },
    mends: ['rubFat', 'kneadBack', 'rubPaste', 'hide'],
    again: 'it is all over and already firm',
    only: 'drying',
  },
  {
    id: 'torn',
    name: 'It tore',
    group: 'face',
    causes: { tooThin: 4, overStretched: 3, noGum: 2, unrested: 1, crustWorked: 0.7 },
    mends: ['patch', 'spackle', 'hide', 'kneadBack'],
    again: 'it is longer than a finger is wide, and in front',
  },
  {
    id: 'shows',
    name: 'The core shows',
    group: 'face',
    causes: { tooThin: 5, overStretched: 2, thickCream: 1.5 },
    mends: ['patch', 'addSkin', 'hide'],
    again: 'more than a tenth of it shows',
    said: ['shows'],
    of: 'covered',
  },
  {
    id: 'bubble',
    name: 'Air bubble',
    group: 'face',
    causes: { trappedAir: 5, gasOut: 2 },
    mends: ['prick', 'spackle'],
    said: ['soft'],
    of: 'covered',
  },
  {
    id: 'wrinkles',
    name: 'Wrinkles at a gather',
    group: 'face',
    causes: { gathers: 5, tooSoft: 0.7, crustWorked: 1.5 },
    mends: ['rubPaste', 'turnAway', 'hide'],
    again: 'they are in front and dry',
    said: ['seam'],
    of: 'covered',
  },
  {
    id: 'dented',
    name: 'It is dented',
    group: 'face',
    causes: { gripped: 4, tooSoft: 2, thickCream: 2, knocked: 0.7 },
    mends: ['warmDent', 'spackle', 'rubPaste', 'turnAway'],
    again: 'the dent is in a face',
    said: ['dent'],
  },
  {
    id: 'sagged',
    name: 'It sagged',
    group: 'shape',
    causes: { tooSoft: 4, damp: 2, noGum: 2, overload: 1, warmRoom: 0.5 },
    mends: ['propUp', 'addRod', 'kneadBack'],
    again: 'it has set in its sag',
  },
  {
    id: 'squashed',
    name: 'It was squashed',
    group: 'shape',
    causes: { overload: 5, tooSoft: 3, softBase: 0.7, damp: 1 },
    mends: ['addRod', 'propUp', 'turnAway'],
    again: 'it is shorter than the figure allows',
  },
  {
    id: 'flat',
    name: 'Flat spot',
    group: 'shape',
    causes: { lay: 6, gripped: 1.5, tooSoft: 2, thickCream: 0.7 },
    mends: ['reroll', 'turnAway', 'spackle'],
    again: 'it is seen, and firm',
    said: ['flat'],
  },
  {
    id: 'bulged',
    name: 'It bulges at its foot',
    group: 'shape',
    causes: { overload: 2, tooSoft: 3, thickCream: 3, damp: 1 },
    mends: ['turnAway', 'shave', 'propUp'],
    again: 'the skin has split',
    said: ['foot'],
  },
  {
    id: 'leaning',
    name: 'It leans',
    group: 'shape',
    causes: { offCentre: 3, softBase: 2.5, looseHole: 1.5, tooSoft: 2, overload: 1 },
    mends: ['propUp', 'addRod', 'secondRod'],
    again: 'it has set so and cannot be trimmed at its foot',
    said: ['leanAll'],
  },
  {
    id: 'size',
    name: 'Too big or too small',
    group: 'shape',
    causes: { byEye: 5, shrinks: 1, thicker: 1 },
    mends: ['shave', 'addSkin'],
    again: 'it is one of a pair: then make both',
  },
  {
    id: 'popped',
    name: 'It popped off',
    group: 'joint',
    causes: { weakGlue: 3, wetGlue: 3, dustedSeat: 2, missedStick: 2.5, overload: 0.5 },
    mends: ['wipeSeat', 'gumAgain', 'pin'],
    again: 'its seat has torn out',
    of: 'joined',
  },
  {
    id: 'spun',
    name: 'It spins on its stick',
    group: 'joint',
    causes: { oneRod: 6, looseHole: 2, wetGlue: 1 },
    mends: ['secondRod', 'gumAgain', 'pin'],
    again: 'the hole is twice as wide as the stick',
    said: ['turns'],
    of: 'rodded',
  },
  {
    id: 'broke',
    name: 'It broke',
    group: 'joint',
    causes: { brittle: 4, knocked: 2, overload: 1.5, weakGlue: 1 },
    mends: ['glueBreak', 'pin'],
    again: 'it is thin and quickly made, or it carries something',
  },
  {
    id: 'icingRan',
    name: 'The icing ran',
    group: 'joint',
    causes: { thinIcing: 5, wetUnder: 2, damp: 0.7 },
    mends: ['lift', 'hide'],
    of: 'joined',
  },
  {
    id: 'colourOff',
    name: 'The colour is off',
    group: 'colour',
    causes: { miscount: 3, drift: 2, wrongBase: 1.5, faded: 0.7 },
    mends: ['remix', 'glaze'],
    again: 'a bright colour has to go on dark: no colour on top will do',
  },
  {
    id: 'bled',
    name: 'The colour bled',
    group: 'colour',
    causes: { darkBeside: 3, filmWet: 3, condensed: 1.5, damp: 2 },
    mends: ['scrape', 'glaze', 'hide'],
    again: 'dark has run into white, in front',
  },
  {
    id: 'sticky',
    name: 'Sticky, sweating',
    group: 'paste',
    causes: { damp: 4, condensed: 3, tooMuchWater: 1.5, warmHands: 1 },
    mends: ['fan', 'starch', 'coolDown'],
    again: 'it never dries in this room',
    said: ['sticky'],
  },
  {
    id: 'dry',
    name: 'Too dry, it crumbles',
    group: 'paste',
    causes: { dryAir: 3, tooStiff: 3, oldPaste: 2, unrested: 2 },
    mends: ['water', 'kneadBack', 'bag'],
    again: 'there are lumps of dry paste that do not give',
    only: 'drying',
  },
  {
    id: 'ranOut',
    name: 'The paste ran out',
    group: 'paste',
    causes: { short: 3, thicker: 2, knocked: 0.5 },
    mends: ['rescue'],
  },
  {
    id: 'greasy',
    name: 'Greasy',
    group: 'paste',
    causes: { overFolded: 4, warmHands: 3, warmRoom: 2 },
    mends: ['coolFat', 'coolDown'],
    again: 'the fat has run out for good: use it inside',
    said: ['oily'],
    only: 'cold',
  },
  {
    id: 'lumpy',
    name: 'Lumpy',
    group: 'paste',
    causes: { underMixed: 5, water: 1.5 },
    mends: ['pressLumps'],
    again: 'water made it seize',
    said: ['lumps'],
    only: 'cold',
  },
  {
    id: 'bloomed',
    name: 'Bloom on it',
    group: 'face',
    causes: { bloomFat: 3, bloomSugar: 2.5 },
    mends: ['warmRub', 'glaze'],
    only: 'cold',
  },
  {
    id: 'tooSoft',
    name: 'Too soft to work',
    group: 'paste',
    causes: { warmRoom: 4, warmHands: 3, tooMuchWater: 1.5 },
    mends: ['coolDown', 'propUp'],
    again: 'it is white and above 26 °C: take another paste',
    said: ['sticky'],
    only: 'cold',
  },
];
const BY_ID: ReadonlyMap<string, Trouble> = new Map(TROUBLES.map((t) => [t.id, t]));
/** The trouble of this name; undefined where there is none. */
export const troubleNamed = (id: string): Trouble | undefined => BY_ID.get(id);
