import type { Layer } from '../../ground/index.ts';
import type { Build, CoreKind } from '../../record/index.ts';
import type { Soft, SoftNow } from '../mechanics/soft-now.ts';
import { knownOf } from './home-tests.ts';

export type { Soft, SoftNow };

/** Foam, cake, cereal and boards. Handbook classes from memory for foam and boards; food values are estimates. */
export const CORES: Record<CoreKind, Soft> = {
  foam: {
    name: 'foam',
    kind: 'foam',
    crush: [85, 100, 115],
    cohesion: 0.8,
    grip: 0.1,
    lasting: 0.6,
    source: 'EN 13163 EPS 100 class, from memory',
  },
  cereal: {
    name: 'cereal treat',
    kind: 'crumb',
    crush: [15, 35, 80],
    cohesion: 0.4,
    grip: 0.15,
    lasting: 0.35,
    source: 'estimate, pressed and set',
  },
  cake: {
    name: 'dense cake',
    kind: 'crumb',
    crush: [4, 8, 15],
    cohesion: 0.4,
    grip: 0.08,
    lasting: 0.5,
    source: 'estimate from crumb-firmness tests',
  },
};

/** A test of one's own is still out by this much: one offcut is not the cake. */
const OWN_SPREAD = [0.8, 1.25] as const;

/** What a core is stuck into as: as this person measured it, or as the tables have it. */
export function coreSoft(build: Pick<Build, 'measured'>, kind: CoreKind): Soft {
  const crush = knownOf(build).soft.get(kind)?.crush;
  const core = CORES[kind];
  return crush === undefined
    ? core
    : {
        ...core,
        crush: [crush * OWN_SPREAD[0], crush, crush * OWN_SPREAD[1]],
        source: 'your own test',
        tried: true,
      };
}

const BOARD_KINDS: Record<Exclude<NonNullable<Layer['of']>, 'foam' | 'ply6' | 'mdf6' | 'mdf12'>, Soft> = {
  card: {
    name: 'card',
    kind: 'hard',
    crush: [700, 1500, 2500],
    cohesion: 0.3,
    grip: 0.1,
    lasting: 0.6,
    embedment: 3,
    source: 'estimate, solid pulp card',
  },
  acrylic: {
    name: 'acrylic',
    kind: 'hard',
    crush: [40000, 60000, 80000],
    cohesion: 0.1,
    grip: 0.1,
    lasting: 0.6,
    embedment: 60,
    source: 'cast PMMA, handbook from memory',
  },
  drum: {
    name: 'cake drum',
    kind: 'hard',
    crush: [150, 300, 500],
    cohesion: 0.5,
    grip: 0.1,
    lasting: 0.6,
    embedment: 0.6,
    source: 'estimate, pulp drum, varies widely',
  },
  mdf: {
    name: 'MDF',
    kind: 'hard',
    crush: [8000, 12000, 15000],
    cohesion: 0.1,
    grip: 0.1,
    lasting: 0.6,
    embedment: 35,
    source: 'EN 622-5, from memory',
  },
  plywood: {
    name: 'plywood',
    kind: 'hard',
    crush: [8000, 12000, 15000],
    cohesion: 0.1,
    grip: 0.1,
    lasting: 0.6,
    embedment: 40,
    source: 'birch ply, handbook from memory',
  },
  foamcore: {
    name: 'foam board',
    kind: 'hard',
    crush: [150, 250, 350],
    cohesion: 0.5,
    grip: 0.1,
    lasting: 0.6,
    embedment: 0.4,
    source: 'estimate',
  },
};

/** What boards of every kind are to a stick pushed through them. */
export const BOARDS: Record<NonNullable<Layer['of']>, Soft> = {
  ...BOARD_KINDS,
  foam: BOARD_KINDS.foamcore,
  ply6: BOARD_KINDS.plywood,
  mdf6: BOARD_KINDS.mdf,
  mdf12: BOARD_KINDS.mdf,
};

/** Light cake, of which sticks get less hold. Estimate, of the same tests. */
const SPONGE: Pick<Soft, 'name' | 'crush'> = { name: 'light sponge', crush: [1.5, 3, 6] };

/** What a tier or a board under the figure is to a stick in it; cake as this person measured it. */
export function layerSoft(build: Pick<Build, 'measured' | 'cake'>, layer: Layer): Soft {
  if (layer.of !== undefined) return BOARDS[layer.of];
  const cake = coreSoft(build, 'cake');
  return cake.tried || build.cake.batter !== 'sponge' ? cake : { ...cake, ...SPONGE };
}

/** Paste at the yield the firming model gives; the bracket is that of fresh-to-firm paste, a factor of about two. */
export const pasteAt = (yieldKPa: number): Soft => ({
  name: 'paste',
  kind: 'paste',
  crush: [yieldKPa * 0.5, yieldKPa, yieldKPa * 1.9],
  cohesion: 0.5,
  grip: 0.2,
  lasting: 0.5,
  source: 'firming model, one night in the room given',
});

/** How much pressure something soft takes now, MPa: after two hours under load only its lasting share. */
export const softNow = (s: Soft, hours: number): SoftNow => ({
  ...s,
  now: (s.crush[1] / 1000) * (hours >= 2 ? s.lasting : 1),
});
