import { BOARD, type Build } from '../../record/index.ts';
import { place } from '../../figure/index.ts';
import { setDisc } from '../../edits/index.ts';
import { discShows, discWidth } from '../paths/discs.ts';
import { TIER_BOARDS } from '../../ground/index.ts';
import { jointsOf } from '../paths/joints.ts';
import type { Attempt } from './mends-lighter.ts';

/** Discs to try under what a rod carries: as narrow as does anything first. */
export function discAttempts(build: Build, rodId: string): Attempt[] {
  const instances = place(build);
  const out: Attempt[] = [];
  for (const joint of jointsOf(build).joints) {
    const instance = instances[joint.upper]!;
    const { piece } = instance;
    if (joint.seat <= 0 || piece.seat.disc || piece.seat.on === BOARD) continue;
    if (!joint.crossings.some((c) => c.path.placed.rod.id === rodId)) continue;
    const least = discWidth(build, piece.id);
    for (const width of [least, least + 20, least + 40]) {
      const disc = { of: 'card', width } as const;
      if (discShows(instances, instance, disc)) break;
      const changed = setDisc(build, piece.id, disc);
      if (changed.ok)
        out.push({
          text: `Hide a ${width} mm disc of ${TIER_BOARDS.card.name} under the ${piece.name.toLowerCase()}`,
          build: changed.value,
        });
    }
  }
  return out;
}
