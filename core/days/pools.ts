import { SPACES, TOOLS, type Workshop } from '../record/index.ts';
import type { Pool } from './types.ts';

/** Words for tools and places. */
export const POOL_NAMES = {
  oven: 'oven',
  turntable: 'turntable',
  airbrush: 'airbrush',
  rack: 'drying rack',
  fridge: 'fridge',
  freezer: 'freezer',
  box: 'drying box',
} as const;

/** What of a workshop there is only so much of; what nobody said is enough. */
export const poolsOf = ({ tools, space }: Workshop): Pool[] => [
  ...TOOLS.flatMap((id) =>
    tools[id] === undefined ? [] : [{ id, name: POOL_NAMES[id], capacity: tools[id] }],
  ),
  ...SPACES.flatMap((id) =>
    space[id] === undefined ? [] : [{ id, name: POOL_NAMES[id], capacity: space[id] }],
  ),
];
