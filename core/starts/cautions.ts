import type { StartCaution } from './types.ts';

/** Cautions more than one start has. */
export const STICKS_AND_CHILDREN: StartCaution = {
  says: 'There are sticks in it: take it apart before anybody bites, and count them.',
};
export const OVER_250: StartCaution = {
  says: 'The foam inside is not food: hand over a card that says where it is.',
  when: ({ size, inside }) => size > 250 && inside !== 'cake',
};
export const CAKE_FRESH: StartCaution = {
  says: 'Cake inside keeps for a few days only, and carving, coating and covering it want five hours in one go.',
  when: ({ inside }) => inside === 'cake',
};
