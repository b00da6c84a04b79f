import { firmingOf, type Blend } from '../pastes/index.ts';
import type { Duty } from './margins.ts';
import { pasteLaw, type PasteLaw } from './paste-law.ts';
import { slabOf, type DryingSlab } from './sweep.ts';

/** Pieces the trade has a feeling for, used by the firming checks and the benchmark. */
export interface Case {
  readonly law: PasteLaw;
  readonly slab: DryingSlab;
  readonly duty: Duty;
}

const law = (base: string, gumPaste = 0, powder = 0): PasteLaw => {
  const blend: Blend = { id: 'case', name: 'case', base, gumPaste, powder };
  const firming = firmingOf(blend);
  if (firming.by !== 'drying') throw new Error('cases dry');
  return pasteLaw(firming.constants);
};

const ball = (d: number, contact = 0.05): DryingSlab =>
  slabOf((Math.PI * d ** 3) / 6, Math.PI * d * d * (1 - contact), d / 2, d, d, 'rod');
const sheet = (t: number, w: number): DryingSlab => slabOf(t * w * w, 2 * w * w, t / 2, w, t, 'sheet');
const oneFaced = (t: number, w: number): DryingSlab => slabOf(t * w * w, w * w, t, w, t, 'sheet');
const rod = (d: number, length: number): DryingSlab =>
  slabOf((Math.PI * d * d * length) / 4, Math.PI * d * length + (Math.PI * d * d) / 4, d / 2, d, d, 'rod');

export const CASES = {
  /** 2 mm ear of modelling paste, 40 mm tall at 45°, bent round 20 mm. */
  ear: { law: law('modellingPaste'), slab: sheet(2, 30), duty: { overhang: 40, lean: 0.7, bend: 0.05 } },
  /** 42 mm head, 70:30. */
  head: { law: law('fondant', 30), slab: ball(42), duty: {} },
  /** Leg 13.5 × 130 mm with 1 % powder, 75 g on each, free at the top. */
  leg: {
    law: law('fondant', 0, 1),
    slab: rod(13.5, 130),
    duty: { load: { mass: 0.075, onRods: 0, contact: 0, section: 0, height: 130, braced: false } },
  },
  /** 1 mm petal of gum paste. */
  petal: { law: law('gumPaste'), slab: sheet(1, 30), duty: { overhang: 25, lean: 1 } },
  /** 4 mm covering on a 125 mm foam ball. */
  cover: { law: law('fondant'), slab: slabOf(1, 1, 4, 125, 4, 'sheet', true), duty: {} },
  /** 4 mm plaque of gum paste lying on the board. */
  plaque: { law: law('gumPaste'), slab: oneFaced(4, 80), duty: {} },
  plainBall: { law: law('fondant'), slab: ball(42), duty: {} },
} as const satisfies Record<string, Case>;
