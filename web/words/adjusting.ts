import { ref } from 'vue';

/** Whether units, clock and language are being chosen, wherever one stands. */
export const adjusting = ref(false);
