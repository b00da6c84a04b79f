import type { Blend } from '../pastes/index.ts';

/** What a paste has to do: fill a form, carry, be thin, lie over a core. */
export type PasteDuty = 'form' | 'carry' | 'thin' | 'skin';

/** What a build is stiffened with: a blend for each duty. Powder in grams to the hundred, gum paste as a share; common practice. */
export interface PasteWay {
  readonly name: string;
  readonly words: readonly string[];
  readonly blends: Readonly<Record<PasteDuty, Pick<Blend, 'base' | 'gumPaste' | 'powder' | 'ratio'>>>;
}

const fondant = (gumPaste: number, powder: number) => ({ base: 'fondant', gumPaste, powder }) as const;
const alone = (base: Blend['base'], ratio?: number) => ({
  base,
  gumPaste: 0,
  powder: 0,
  ...(ratio === undefined ? {} : { ratio }),
});
const every = <T>(x: T): Record<PasteDuty, T> => ({ form: x, carry: x, thin: x, skin: x });

export const PASTE_WAYS = {
  powder: {
    name: 'covering paste with powder',
    words: ['powder', 'cmc', 'tylose', 'fondant'],
    blends: { form: fondant(0, 0.5), carry: fondant(0, 1.2), thin: fondant(0, 1), skin: fondant(0, 0.3) },
  },
  gumPaste: {
    name: 'covering paste with gum paste',
    words: ['gum paste', 'flower paste', '50:50'],
    blends: { form: fondant(20, 0), carry: fondant(30, 0), thin: fondant(50, 0), skin: fondant(10, 0) },
  },
  readyMade: {
    name: 'ready-made modelling paste',
    words: ['ready made', 'modelling paste', 'ready'],
    blends: { ...every(alone('modellingPaste')), skin: fondant(0, 0.3) },
  },
  chocolate: {
    name: 'modelling chocolate',
    words: ['chocolate', 'choc'],
    blends: {
      ...every(alone('chocolateWhite', 3.5)),
      form: alone('chocolateWhite', 3),
      skin: alone('chocolateWhite', 3),
    },
  },
  marzipan: { name: 'marzipan', words: ['marzipan', 'almond'], blends: every(alone('marzipan')) },
} as const satisfies Record<string, PasteWay>;

export type PasteSchool = keyof typeof PASTE_WAYS;
export const PASTE_SCHOOLS = Object.keys(PASTE_WAYS) as PasteSchool[];

const DUTY_BLENDS = {
  form: { name: 'Modelling paste for lumps', job: 'carve' },
  carry: { name: 'Carrying paste', job: 'carry' },
  thin: { name: 'Thin-work paste', job: 'pose' },
  skin: { name: 'Covering', job: 'flex' },
} as const satisfies Record<PasteDuty, Pick<Blend, 'name' | 'job'>>;

/** The blends of a school for the duties a figure has. Chocolate and marzipan are not kneaded for a job. */
export function blendsFor(paste: PasteSchool, duties: Iterable<PasteDuty>): Blend[] {
  const { blends } = PASTE_WAYS[paste];
  return [...duties].map((duty): Blend => {
    const blend = blends[duty];
    const kneaded = blend.base === 'fondant' || blend.base === 'modellingPaste';
    const { name, job } = DUTY_BLENDS[duty];
    return { id: duty, name, ...blend, ...(kneaded ? { job } : {}) };
  });
}
