import { computed, ref, watch } from 'vue';
import {
  changed,
  dryingBand,
  dryingCurve,
  learnedOf,
  QUESTIONS,
  type Band,
  type DryingChange,
  type FirmingCurve,
  type Drying,
  type Question,
} from '@core/firming/index.ts';
import type { Build } from '@core/record/index.ts';

/** A piece as it would firm with something changed. */
export interface Tried {
  readonly bands: Partial<Record<Question, Band>>;
  readonly curve: FirmingCurve;
}

/** What if: a change of the air, the paste or the piece, redrawn at once; forgotten when another piece is looked at. */
export function useWhatIf(drying: () => Drying | undefined, build: () => Build) {
  const change = ref<DryingChange>({});
  const touched = computed(() => Object.keys(change.value).length > 0);
  watch(
    () => drying()?.body,
    () => (change.value = {}),
  );
  const tried = computed<Tried | undefined>(() => {
    const d = drying();
    if (!d || !touched.value) return undefined;
    const now = changed(d, change.value);
    const learned = learnedOf(build());
    const bands: Partial<Record<Question, Band>> = {};
    for (const q of QUESTIONS) {
      const band = dryingBand(now, q, learned);
      if (band) bands[q] = band;
    }
    return { bands, curve: dryingCurve(now, learned) };
  });
  return { change, touched, tried, reset: () => (change.value = {}) };
}
