import type { WetFilm } from '../firming/index.ts';
import type { Sheen } from '../pastes/index.ts';

/** In which order finishes go over one place: the first is done first. */
export const RANKS = [
  'mend',
  'build',
  'base',
  'wash',
  'shade',
  'sponge',
  'blush',
  'outline',
  'mark',
  'metal',
  'wet',
  'dirt',
] as const;
export type Rank = (typeof RANKS)[number];

/** Why what is of a rank comes before what is of a later one. Common practice. */
export const RANK_WHY: Readonly<Record<Rank, string>> = {
  mend: 'a patch takes colour and dust as the rest does not',
  build: 'raised work is coloured with the rest',
  base: 'the ground comes before what lies on it',
  wash: 'a wash runs over what is there and is wiped',
  shade: 'shade comes before light',
  sponge: 'dry brush and line go over the dabs',
  blush: 'the brush would drag a line',
  outline: 'marks go on the line',
  mark: 'metal travels: small marks come first',
  metal: 'nothing holds on a shine',
  wet: 'dirt sticks to whatever is wet',
  dirt: 'it comes last of all',
};

/** What the face must be before it is begun: nothing, no longer tacky, skinned over, dry to the touch, firm in the hand. */
export type FaceAsked = 'any' | 'tack' | 'skin' | 'touch' | 'handle';
export const FACE_WORDS: Readonly<Record<FaceAsked, string>> = {
  any: 'any face',
  tack: 'no longer tacky',
  skin: 'skinned over, so that a brush does not drag it',
  touch: 'dry to the touch, so that it may be wiped and dabbed',
  handle: 'firm, so that a nib does not plough it',
};

/** What is seen of a finish: over the face, towards its rim and its folds, as marks, or as a line round it. */
export interface FinishLook {
  readonly as: 'cover' | 'rim' | 'marks' | 'line';
  /** How much of the paste it hides, 0–1. Estimates. */
  readonly strength: number;
  /** Its usual colour; deeper than the paste where none is said. */
  readonly colour?: string;
  /** Of a mark: its radius, and how far up and to the left of its middle it lies, as shares of half the face. Estimates. */
  readonly size?: number;
  readonly off?: number;
}

/** A way to finish a face. */
export interface FinishTechnique {
  readonly id: string;
  readonly name: string;
  readonly rank: Rank;
  readonly asks: FaceAsked;
  readonly tool: string;
  /** What it is counted in: square centimetres, marks, or centimetres of line. */
  readonly by: 'area' | 'mark' | 'line';
  /** Minutes at the first, and for each of those. */
  readonly minutes: readonly [once: number, each: number];
  /** What it takes for 100 cm² and coat, or for one mark, with what stays in the brush; nothing where it is a trace. */
  readonly takes: { readonly amount: number; readonly unit: 'g' | 'mL' } | undefined;
  readonly coats: number;
  /** The wet film it leaves. */
  readonly film?: WetFilm;
  /** Sets by cold instead, minutes: next, touch, lift. */
  readonly sets?: readonly [number, number, number];
  /** What cannot be undone. */
  readonly guard?: string;
  /** Glue does not hold on it: seats are left bare. */
  readonly parts?: true;
  /** What is under it dries slower. */
  readonly closes?: true;
  /** What of it is seen from a step away; nothing where it has no colour of its own. */
  readonly shows?: FinishLook;
  /** How its face shines afterwards; as the paste does when absent. */
  readonly sheen?: Sheen;
  readonly caution?: 'alcohol' | 'dust' | 'airbrush' | 'metal' | 'gelatine' | 'wafer';
}

/** Share of alcohol by mass, of what is so strong by volume: 40 % is 0.34. Handbook, from memory. */
const byMass = (volume: number): number => (0.789 * volume) / (0.789 * volume + 0.998 * (1 - volume));
const grams = (amount: number) => ({ amount, unit: 'g' }) as const;
const ml = (amount: number) => ({ amount, unit: 'mL' }) as const;
const water = (laid: number): WetFilm => ({ laid, spirit: 0 });
const spirit = (laid: number, volume: number): WetFilm => ({ laid, spirit: byMass(volume) });

const EASY = 'Tap most of it off and step back before more: it does not come off.';
const base = { by: 'area', coats: 1 } as const;
const mark = { by: 'mark', coats: 1, rank: 'mark', asks: 'skin', tool: 'a fine brush', takes: undefined, film: water(35) } as const; // prettier-ignore

/** One entry a technique. Grams, minutes and films: estimates; order, guards and what a face must be: common practice. */
export const FINISHES: readonly FinishTechnique[] = [
  { ...base, id: 'patch', name: 'patch with matching paste', rank: 'mend', asks: 'touch', tool: 'a finger', by: 'mark', minutes: [2, 1.5], takes: grams(3), film: water(60), guard: 'It takes over half as much dust again: dust it last and lightly.' },
  { ...base, id: 'spikes', name: 'icing spikes and bumps', rank: 'build', asks: 'tack', tool: 'a piping bag', by: 'mark', minutes: [4, 0.1], takes: grams(0.02), guard: 'They break off once dry: nothing presses there any more.', shows: { as: 'marks', strength: 0.9, size: 0.035 } },
  { ...base, id: 'wafer', name: 'wafer paper skin, wetted', rank: 'build', asks: 'any', tool: 'fingers', minutes: [5, 0.35], takes: grams(0.7), film: spirit(90, 0.2), guard: 'It melts where it is too wet: dip, drain, lay; it cannot be lifted again.', closes: true, caution: 'wafer' },
  { ...base, id: 'paint', name: 'paint, solid', rank: 'base', asks: 'skin', tool: 'a brush', minutes: [4, 0.15], takes: grams(0.55), coats: 2, film: water(35), shows: { as: 'cover', strength: 0.95 } },
  { ...base, id: 'butter', name: 'cocoa-butter paint', rank: 'base', asks: 'tack', tool: 'a brush', minutes: [6, 0.15], takes: grams(0.8), sets: [3, 8, 20], parts: true, guard: 'Keep it warm, not hot; it does not set above 26 °C.', shows: { as: 'cover', strength: 0.95 } },
  { ...base, id: 'airbrush', name: 'airbrush in patches', rank: 'base', asks: 'tack', tool: 'the airbrush', minutes: [6, 0.015], takes: ml(0.2), coats: 3, film: water(10), guard: 'Let go often, try it on paper: a run cannot be taken off. It fogs what stands within 15 mm.', caution: 'airbrush', shows: { as: 'cover', strength: 0.55 } },
  { ...base, id: 'wash', name: 'thin wash, wiped back', rank: 'wash', asks: 'touch', tool: 'a brush and a cloth', minutes: [3, 0.1], takes: ml(0.65), film: water(20), guard: 'Wipe within a minute: what has dried stays. Try it at the back.', shows: { as: 'rim', strength: 0.5 } },
  { ...base, id: 'watered', name: 'watered paint, two strengths', rank: 'base', asks: 'skin', tool: 'a brush', minutes: [4, 0.2], takes: ml(0.5), coats: 2, film: water(40), guard: 'Too wet it leaves a hollow and a shine.', shows: { as: 'cover', strength: 0.5 } },
  { ...base, id: 'cocoaPaint', name: 'cocoa or vanilla as paint', rank: 'base', asks: 'skin', tool: 'a brush', minutes: [4, 0.12], takes: ml(0.5), film: spirit(40, 0.35), caution: 'alcohol', shows: { as: 'cover', strength: 0.7, colour: '#5a3a22' } },
  { ...base, id: 'shade', name: 'petal dust, shading', rank: 'shade', asks: 'skin', tool: 'a dusting brush', minutes: [2, 0.06], takes: grams(0.03), parts: true, guard: EASY, caution: 'dust', shows: { as: 'rim', strength: 0.55 } },
  { ...base, id: 'dust', name: 'dust all over', rank: 'shade', asks: 'tack', tool: 'a dusting brush', minutes: [2, 0.03], takes: grams(0.12), parts: true, guard: EASY, caution: 'dust', shows: { as: 'cover', strength: 0.5 }, sheen: 'matt' },
  { ...base, id: 'cocoa', name: 'cocoa, matt', rank: 'shade', asks: 'tack', tool: 'a dusting brush', minutes: [2, 0.03], takes: grams(0.25), parts: true, guard: 'Uneven on purpose; it does not come off a tacky face.', caution: 'dust', shows: { as: 'cover', strength: 0.5, colour: '#6b4a32' }, sheen: 'matt' },
  { ...base, id: 'sponge', name: 'stippled with a sponge', rank: 'sponge', asks: 'touch', tool: 'a sponge', minutes: [2, 0.04], takes: ml(0.25), film: water(15), guard: 'Dab it off on paper first.', shows: { as: 'cover', strength: 0.35 } },
  { ...base, id: 'blush', name: 'blush', rank: 'blush', asks: 'skin', tool: 'a small soft brush', by: 'mark', minutes: [1, 0.5], takes: grams(0.02), parts: true, guard: 'Tap most of it off; a second pass after looking from a step back.', caution: 'dust', shows: { as: 'marks', strength: 0.55, colour: '#d9818a', size: 0.24 } },
  { ...base, id: 'outline', name: 'outline by brush', rank: 'outline', asks: 'skin', tool: 'a fine brush', by: 'line', minutes: [3, 0.12], takes: undefined, film: spirit(35, 0.4), guard: 'Broken inside, full outside: a line cannot be thinned again.', caution: 'alcohol', shows: { as: 'line', strength: 0.9 } },
  { ...base, id: 'pen', name: 'outline by edible pen', rank: 'outline', asks: 'handle', tool: 'an edible pen', by: 'line', minutes: [0.5, 0.06], takes: undefined, film: water(10), guard: 'The nib ploughs a soft face and clogs on dust.', shows: { as: 'line', strength: 0.9, colour: '#1c1512' } },
  { ...mark, id: 'eyeWhite', name: 'eye: white', minutes: [1, 0.5], shows: { as: 'marks', strength: 1, colour: '#fbfaf4', size: 0.17 } },
  { ...mark, id: 'eyeColour', name: 'eye: colour', minutes: [1, 0.5], shows: { as: 'marks', strength: 1, colour: '#5a3a1c', size: 0.125 } },
  { ...mark, id: 'pupil', name: 'eye: pupil', minutes: [0.5, 0.3], shows: { as: 'marks', strength: 1, colour: '#1c1512', size: 0.08 } },
  { ...mark, id: 'catchlight', name: 'eye: catchlight', minutes: [0.5, 0.2], shows: { as: 'marks', strength: 1, colour: '#ffffff', size: 0.032, off: 0.045 } },
  { ...mark, id: 'dots', name: 'dots and small marks', minutes: [1, 0.15], shows: { as: 'marks', strength: 1 } },
  { ...base, id: 'metal', name: 'metallic paint', rank: 'metal', asks: 'skin', tool: 'a fine brush', minutes: [3, 0.25], takes: grams(0.6), film: spirit(35, 0.95), guard: 'Specks travel: cover what is next to it, and scrape a stray one off when it is dry.', caution: 'metal', shows: { as: 'cover', strength: 0.9, colour: '#c9a24b' }, sheen: 'gloss' },
  { ...base, id: 'gloss', name: 'gloss or glaze', rank: 'wet', asks: 'touch', tool: 'a brush', minutes: [2, 0.04], takes: ml(0.5), film: spirit(40, 0.4), closes: true, guard: 'No dust or paint holds on it; one pass, no going back.', caution: 'alcohol', sheen: 'gloss' },
  { ...base, id: 'gel', name: 'gel, wet look', rank: 'wet', asks: 'touch', tool: 'a brush', minutes: [2, 0.05], takes: grams(6), film: water(500), closes: true, guard: 'It stays tacky: nothing touches it, and no dust comes near it.', sheen: 'gloss' },
  { ...base, id: 'drip', name: 'gelatine drip', rank: 'wet', asks: 'touch', tool: 'poured', minutes: [10, 0.05], takes: grams(22), sets: [4, 10, 25], closes: true, guard: 'Colour it one drop at a time; pour once.', caution: 'gelatine', sheen: 'gloss' },
  { ...base, id: 'dirt', name: 'dirt and shadow dust', rank: 'dirt', asks: 'touch', tool: 'a dusting brush', minutes: [2, 0.03], takes: grams(0.05), parts: true, guard: 'Last of all; it holds more on patches and on anything tacky.', caution: 'dust', shows: { as: 'rim', strength: 0.4, colour: '#5b4a3a' } },
]; // prettier-ignore

/** Said where the technique is chosen; local food law comes first. Common practice. */
export const CAUTIONS: Readonly<Record<NonNullable<FinishTechnique['caution']>, string>> = {
  alcohol: 'Alcohol: ask who eats it; no flame, and air the room.',
  dust: 'Dust hangs in the air: wear a mask, keep it from others’ food, never blow. Only what is sold for food.',
  airbrush: 'Wear a mask and extract the fog; cover the cake.',
  metal: 'Alcohol, and metal by its label: not every gold or pearl is food in every country.',
  gelatine: 'Gelatine is not for vegetarians; say so.',
  wafer: 'Starch, and gluten by its label.',
};

/** A technique by its id; solid paint where there is none. */
export const finishNamed = (id: string): FinishTechnique =>
  FINISHES.find((t) => t.id === id) ?? FINISHES.find((t) => t.id === 'paint')!;
