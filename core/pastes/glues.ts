import type { Family } from './types.ts';

/** What is joined: a paste, or what a paste is put on. */
export type GlueSide = Family | 'foam' | 'cake';
/** Firmness at the joint, coarser than the bench's words: still gives, holds its skin, hard. */
export type JointState = 'soft' | 'firm' | 'dry';

export const SIDES: Readonly<Record<GlueSide, string>> = {
  sugar: 'sugar paste',
  almond: 'marzipan',
  chocolate: 'modelling chocolate',
  icing: 'royal icing',
  foam: 'foam',
  cake: 'coated cake',
};

/** Which joints a glue is for. */
interface Use {
  readonly sides: readonly (readonly [GlueSide, GlueSide])[];
  /** States of the two faces together, the softer one first. */
  readonly states: readonly (readonly [JointState, JointState])[];
}

/** What sticks two pieces together; one record each. */
export interface Glue {
  readonly id: string;
  readonly name: string;
  /** Entry of the recipes, where it is mixed. */
  readonly recipe?: string;
  readonly uses: readonly Use[];
  /** Minutes until it may be let go of, and until it carries; common practice. */
  readonly grabs: readonly [number, number];
  readonly carries: number;
  /** What it will hold without a stick: a bead, a limb, a head. */
  readonly strength: 'light' | 'middling' | 'strong';
  readonly allergens: readonly string[];
  readonly alcohol: boolean;
  readonly note: string;
}

const SOFT: Use['states'] = [
  ['soft', 'soft'],
  ['soft', 'firm'],
];
const UP_TO_FIRM: Use['states'] = [...SOFT, ['firm', 'firm'], ['soft', 'dry']];
const HARD: Use['states'] = [
  ['firm', 'firm'],
  ['firm', 'dry'],
  ['dry', 'dry'],
];
const ANY: Use['states'] = [...UP_TO_FIRM, ['firm', 'dry'], ['dry', 'dry']];

/** Glues of the bench, in the order in which they are reached for; all of it common practice. */
export const GLUES: readonly Glue[] = [
  {
    id: 'press',
    name: 'nothing, pressed on',
    uses: [
      { sides: [['chocolate', 'chocolate']], states: [['soft', 'soft']] },
      {
        sides: [
          ['sugar', 'sugar'],
          ['almond', 'almond'],
        ],
        states: [['soft', 'soft']],
      },
    ],
    grabs: [0, 1],
    carries: 30,
    strength: 'light',
    allergens: [],
    alcohol: false,
    note: 'Only fresh on fresh: score both faces, press, smooth the seam with a warm finger.',
  },
  {
    id: 'water',
    name: 'water, a damp brush',
    uses: [
      {
        sides: [
          ['sugar', 'sugar'],
          ['sugar', 'almond'],
          ['almond', 'almond'],
        ],
        states: SOFT,
      },
    ],
    grabs: [1, 3],
    carries: 60,
    strength: 'light',
    allergens: [],
    alcohol: false,
    note: 'Damp, not wet: a pool slides, dissolves and leaves a shiny mark.',
  },
  {
    id: 'sugarGlue',
    name: 'sugar glue',
    recipe: 'sugarGlue',
    uses: [
      {
        sides: [
          ['sugar', 'sugar'],
          ['sugar', 'almond'],
          ['almond', 'almond'],
        ],
        states: UP_TO_FIRM,
      },
    ],
    grabs: [2, 5],
    carries: 120,
    strength: 'middling',
    allergens: [],
    alcohol: false,
    note: 'Thin on both faces, wait until it is tacky, then press.',
  },
  {
    id: 'gumGlue',
    name: 'gum glue',
    recipe: 'gumGlue',
    uses: [
      {
        sides: [
          ['sugar', 'sugar'],
          ['sugar', 'almond'],
          ['sugar', 'icing'],
        ],
        states: UP_TO_FIRM,
      },
    ],
    grabs: [2, 5],
    carries: 120,
    strength: 'middling',
    allergens: [],
    alcohol: false,
    note: 'Grabs better than sugar glue and dries without shine.',
  },
  {
    id: 'thickPasteGlue',
    name: 'thick paste glue',
    recipe: 'thickPasteGlue',
    uses: [{ sides: [['sugar', 'sugar']], states: HARD }],
    grabs: [10, 20],
    carries: 480,
    strength: 'strong',
    allergens: [],
    alcohol: false,
    note: 'Fills the gap in the same colour; prop it until it has dried.',
  },
  {
    id: 'spirit',
    name: 'clear spirit',
    uses: [
      {
        sides: [
          ['sugar', 'sugar'],
          ['sugar', 'almond'],
          ['almond', 'almond'],
        ],
        states: SOFT,
      },
      { sides: [['almond', 'cake']], states: [['soft', 'firm']] },
    ],
    grabs: [1, 2],
    carries: 60,
    strength: 'light',
    allergens: [],
    alcohol: true,
    note: 'Gone in minutes and leaves no mark. Alcohol: ask who eats it; no flame near it.',
  },
  {
    id: 'pipingGel',
    name: 'piping gel',
    uses: [
      {
        sides: [
          ['sugar', 'cake'],
          ['sugar', 'foam'],
          ['almond', 'foam'],
        ],
        states: SOFT,
      },
      { sides: [['sugar', 'sugar']], states: [['soft', 'dry']] },
    ],
    grabs: [2, 5],
    carries: 240,
    strength: 'light',
    allergens: [],
    alcohol: false,
    note: 'Stays tacky for hours: time to shift a skin about. Never under anything that leans.',
  },
  {
    id: 'shortening',
    name: 'a film of shortening',
    uses: [
      {
        sides: [
          ['chocolate', 'foam'],
          ['chocolate', 'cake'],
          ['sugar', 'foam'],
        ],
        states: SOFT,
      },
    ],
    grabs: [0, 1],
    carries: 60,
    strength: 'light',
    allergens: [],
    alcohol: false,
    note: 'For a skin that goes all the way round its core; it holds nothing that hangs.',
  },
  {
    id: 'buttercream',
    name: 'the crumb coat, just damp',
    uses: [
      {
        sides: [
          ['sugar', 'cake'],
          ['chocolate', 'cake'],
          ['almond', 'cake'],
        ],
        states: [['soft', 'firm']],
      },
    ],
    grabs: [0, 2],
    carries: 30,
    strength: 'light',
    allergens: ['milk'],
    alcohol: false,
    note: 'Coat cold and firm, its face just tacky: mist it or wipe it with a warm palette knife.',
  },
  {
    id: 'jam',
    name: 'boiled apricot jam',
    uses: [
      {
        sides: [
          ['almond', 'cake'],
          ['sugar', 'cake'],
        ],
        states: [['soft', 'firm']],
      },
    ],
    grabs: [2, 5],
    carries: 60,
    strength: 'light',
    allergens: [],
    alcohol: false,
    note: 'Sieve it and brush it on hot and thin. Hot jam burns.',
  },
  {
    id: 'royalIcing',
    name: 'royal icing',
    recipe: 'royalIcing',
    uses: [
      {
        sides: [
          ['sugar', 'sugar'],
          ['sugar', 'icing'],
          ['icing', 'icing'],
          ['sugar', 'foam'],
        ],
        states: HARD,
      },
    ],
    grabs: [5, 10],
    carries: 240,
    strength: 'strong',
    allergens: ['egg'],
    alcohol: false,
    note: 'The strongest between hard faces; prop until dry. It lets go of anything fat.',
  },
  {
    id: 'meltedChocolate',
    name: 'melted chocolate',
    uses: [
      {
        sides: [
          ['chocolate', 'chocolate'],
          ['chocolate', 'foam'],
          ['chocolate', 'cake'],
        ],
        states: ANY,
      },
      {
        sides: [
          ['chocolate', 'sugar'],
          ['chocolate', 'almond'],
          ['chocolate', 'icing'],
          ['sugar', 'sugar'],
          ['almond', 'almond'],
        ],
        states: HARD,
      },
    ],
    grabs: [1, 3],
    carries: 30,
    strength: 'strong',
    allergens: ['milk', 'soya'],
    alcohol: false,
    note: 'Thick and nearly set, with a cold spoon held against it; it goes back in a warm car.',
  },
];

/** A glue by its id. */
export const glueOf = (id: string): Glue | undefined => GLUES.find((g) => g.id === id);

export interface GlueChoice {
  readonly glue: Glue;
  readonly fits: boolean;
  /** Why it does not, or what to mind. */
  readonly why: string;
}

const ORDER: readonly JointState[] = ['soft', 'firm', 'dry'];
const same = (a: readonly [GlueSide, GlueSide], b: readonly [GlueSide, GlueSide]) =>
  (a[0] === b[0] && a[1] === b[1]) || (a[0] === b[1] && a[1] === b[0]);

/**
 * Which glue for this joint and this state of firmness, those that fit first, strongest last to first by what it has
 * to hold.
 * @param heavy the upper piece is more than a detail: a light glue alone is not offered first
 */
export function chooseGlue(
  sides: readonly [GlueSide, GlueSide],
  states: readonly [JointState, JointState],
  heavy = false,
): GlueChoice[] {
  const pair = [...states].sort((a, b) => ORDER.indexOf(a) - ORDER.indexOf(b)) as [JointState, JointState];
  const rank = (g: Glue) => ['strong', 'middling', 'light'].indexOf(g.strength) * (heavy ? 1 : -1);
  return GLUES.map((glue): GlueChoice => {
    const forSides = glue.uses.filter((u) => u.sides.some((s) => same(s, sides)));
    if (forSides.length === 0)
      return { glue, fits: false, why: `not between ${SIDES[sides[0]]} and ${SIDES[sides[1]]}` };
    const fits = forSides.some((u) => u.states.some((s) => s[0] === pair[0] && s[1] === pair[1]));
    if (fits) return { glue, fits, why: glue.note };
    const both = pair[0] === pair[1] ? `both ${pair[0]}` : `${pair[0]} on ${pair[1]}`;
    return { glue, fits, why: `not when they are ${both}` };
  }).sort((a, b) => Number(b.fits) - Number(a.fits) || (a.fits ? rank(a.glue) - rank(b.glue) : 0));
}
