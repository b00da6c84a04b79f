import { computed, ref } from 'vue';
import { DEMO_IDS } from '../storage/demo-ids.ts';

/** Id of the build that is open; undefined on the shelf and in the stores. */
export const openBuild = ref<string>();
/** The larder of the demonstration is looked at by itself. */
export const demoLooked = ref(false);
/** What is seen belongs to the demonstration, and is nobody's own. */
export const inDemo = computed(
  () => demoLooked.value || (openBuild.value !== undefined && DEMO_IDS.has(openBuild.value)),
);
