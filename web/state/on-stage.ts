import { defineStore } from 'pinia';
import { ref, shallowRef, watch } from 'vue';
import type { View } from '@core/figure/index.ts';
import type { FaceSpot } from '@core/reach/index.ts';
import type { Marked } from '@core/templates/index.ts';
import { openBuild } from './open-build.ts';

export interface Selection {
  readonly kind: 'piece' | 'rod' | 'batch' | 'ground';
  readonly id: string;
}

/** What is looked at of the open build: nothing of it is kept, and another build begins afresh. */
export const useStage = defineStore('stage', () => {
  const selection = ref<Selection>();
  /** Pieces pointed at in a list, lit on the stage. */
  const lit = shallowRef<ReadonlySet<string>>();
  /** Spots of a face, and which of them a tool loses, lit on the stage. */
  const spots = shallowRef<readonly FaceSpot[]>();
  /** Parts of the figure marked by the lens that is open. */
  const marked = shallowRef<readonly Marked[]>();
  /** The piece under the pointer, on the stage or in a list: named there. */
  const pointed = ref<string>();
  const view = ref<View>('front');
  /** As it is painted; else as it is mixed. */
  const painted = ref(true);
  /** Two places are being tapped to measure between them; those tapped so far, in the picture's millimetres. */
  const measuring = ref(false);
  const measured = shallowRef<readonly (readonly [number, number])[]>([]);
  /** Minute on the clock, from the plan's origin. */
  const playhead = ref<number>();
  /** The plan is gone through: what is made and not in its place yet is pale. */
  const rehearsing = ref(false);
  /** Asked for from another lens: done as soon as the lens that can do it is there. */
  const wanted = ref<'rod'>();

  watch(
    openBuild,
    () => {
      selection.value = undefined;
      lit.value = undefined;
      spots.value = undefined;
      marked.value = undefined;
      pointed.value = undefined;
      measuring.value = false;
      playhead.value = undefined;
      rehearsing.value = false;
      wanted.value = undefined;
    },
    { flush: 'sync' },
  );
  watch([view, measuring], () => (measured.value = []), { flush: 'sync' });
  return {
    selection,
    lit,
    spots,
    marked,
    pointed,
    view,
    painted,
    measuring,
    measured,
    playhead,
    rehearsing,
    wanted,
  };
});
