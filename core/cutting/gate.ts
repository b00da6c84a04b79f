import { chillsIn, chilled, type Chilled, type ColdBody } from '../firming/index.ts';
import type { CakeWork, PartsOf, Piece } from '../record/index.ts';
import { BATTERS } from '../pastes/index.ts';
import { given, type Minutes, type Reckoned } from '../quantity/index.ts';
import { measure, type Form } from '../solids/index.ts';

/** Whether a cake may be carved now. */
export interface CarveGate {
  readonly dense: boolean;
  readonly density: Reckoned;
  readonly at: Chilled;
  readonly cold: 'cold enough' | 'too warm' | 'too hard outside';
  /** Until the middle is cold enough, where it is chilled; Infinity when it never is there. */
  readonly takes: Minutes;
  readonly carve: boolean;
  readonly says: readonly string[];
}

/** Lighter than this a cake tears under the knife; common practice, g/cm³. */
export const CARVE_DENSITY = 0.5;
/** Warmer in the middle than this it crumbles; colder outside than that the knife slips. Common practice, °C. */
export const CARVE_BELOW = 8;
const CARVE_ABOVE = -6;

/** The core of a piece as a form of its own. */
export function coreForm(form: Form): Form {
  if (form.coat) {
    const { coat: _coat, ...bare } = form;
    return bare;
  }
  return { kind: 'ball', sizes: { diameter: form.sizes.core!, press: 0 } };
}

/** Density of the baked cake: the person's own, or that of its kind. */
export const densityOfCake = (work: CakeWork): Reckoned =>
  work.density !== undefined
    ? given('Baked, your own', work.density, 'g/cm³', 'yours')
    : given(`Baked ${BATTERS[work.batter].name}`, BATTERS[work.batter].density, 'g/cm³', 'estimate');

/** Fills so much of the round it stands in, it cools as that; estimate. */
const ROUND = 0.93;
/** As wide as it is deep, within this share; estimate. */
const AS_WIDE = 0.1;

/** A cake that is as good as round and straight cools as that, another as a ball of its bulk. */
function asCold(form: Form): ColdBody {
  const { volume, area, width, depth, height } = measure(form);
  const fills = volume / ((Math.PI / 4) * width * depth * height);
  return Math.abs(width / depth - 1) < AS_WIDE && fills > ROUND && fills < 1 / ROUND
    ? { kind: 'round', width, height }
    : { kind: 'ball', volume, area };
}

/** Is it dense and cold enough to carve, where and as long as it is chilled? */
export function gateOf(build: PartsOf<'room'>, work: CakeWork, largest: Piece): CarveGate {
  const density = densityOfCake(work);
  const body = asCold(coreForm(largest.form));
  const { where, hours } = work.chill;
  const from = build.room.temperature;
  const at = chilled(body, density.value, from, where, hours * 60);
  const dense = density.value >= CARVE_DENSITY;
  const cold =
    at.middle > CARVE_BELOW ? 'too warm' : at.outside < CARVE_ABOVE ? 'too hard outside' : 'cold enough';
  const takes = chillsIn(body, density.value, from, where, CARVE_BELOW);
  const says: string[] = [];
  if (!dense)
    says.push(
      `At ${density.value} g per cubic centimetre it tears: a firm butter cake carves, a light sponge is for building round.`,
    );
  if (cold === 'too warm')
    says.push(
      Number.isFinite(takes)
        ? `The middle is still warm: it crumbles. Leave it ${Math.ceil(takes / 60)} h in the ${where}.`
        : 'A room never gets it cold enough: chill it.',
    );
  if (cold === 'too hard outside')
    says.push('Frozen outside, the knife slips: let it stand half an hour before you carve.');
  return { dense, density, at, cold, takes, carve: dense && cold === 'cold enough', says };
}
