import { bird } from './kinds/bird.ts';
import { carvedHead } from './kinds/carved-head.ts';
import { coveredBall } from './kinds/covered-ball.ts';
import { discs } from './kinds/discs.ts';
import { fourLegs } from './kinds/four-legs.ts';
import { outlined } from './kinds/outlined.ts';
import { plaque } from './kinds/plaque.ts';
import { sitting } from './kinds/sitting.ts';
import { standingPerson } from './kinds/person.ts';
import { twoPeople } from './kinds/two.ts';
import { raised } from './kinds/raised.ts';
import { branches } from './kinds/branches.ts';
import { flowers } from './kinds/flowers.ts';
import { sweets } from './kinds/sweets.ts';
import type { Start } from './types.ts';

/** The starts in the order of the plank. */
export const STARTS: readonly Start[] = [
  sitting,
  standingPerson,
  twoPeople,
  fourLegs,
  bird,
  carvedHead,
  coveredBall,
  outlined,
  raised,
  branches,
  discs,
  plaque,
  flowers,
  sweets,
];

/** The start with this id, the first one where there is none. */
export const startOf = (id: string): Start => STARTS.find((s) => s.id === id) ?? STARTS[0]!;
