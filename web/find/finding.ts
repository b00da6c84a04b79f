import { ref, shallowRef } from 'vue';

/** Something that can be found by name, and what taking it does. */
export interface Find {
  readonly text: string;
  readonly kind: string;
  readonly go: () => void;
}

/** Whether something is being looked for, wherever one stands. */
export const finding = ref(false);

/** What can be done where one stands, said by what stands there. */
export const actsHere = shallowRef<readonly Find[]>([]);
