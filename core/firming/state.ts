import type { Band } from './band.ts';
import type { PieceFirming } from './firmed.ts';

/** Firmness in the words of the bench, fresh to finished. */
export const STATES = ['soft', 'skinned', 'posed', 'firm', 'set', 'dry'] as const;
export type FirmState = (typeof STATES)[number];

/** When each state is likely reached, minutes after shaping; Infinity when not in this room. */
export function stateTimes(f: PieceFirming): Record<Exclude<FirmState, 'soft'>, number> {
  const likely = (b: Band | undefined): number => b?.likely ?? Infinity;
  const firm = likely(f.bands.handle);
  const posed = Math.min(firm, likely(f.bands.pose ?? f.bands.touch));
  const skinned = Math.min(posed, likely(f.bands.skin ?? f.bands.touch));
  const set = Math.max(firm, likely(f.bands.hard));
  return { skinned, posed, firm, set, dry: Math.max(firm, likely(f.bands.dry)) };
}

/** When a piece reaches each state, minutes after shaping. */
export type StateTimes = ReturnType<typeof stateTimes>;

/** State of a piece so many minutes after it was shaped. */
export function stateBy(t: StateTimes, minutes: number): FirmState {
  if (minutes >= t.dry) return 'dry';
  if (minutes >= t.set) return 'set';
  if (minutes >= t.firm) return 'firm';
  if (minutes >= t.posed) return 'posed';
  if (minutes >= t.skinned) return 'skinned';
  return 'soft';
}

/** The same from all that is known of how it firms. */
export const stateAt = (f: PieceFirming, minutes: number): FirmState => stateBy(stateTimes(f), minutes);
