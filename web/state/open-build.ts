import { ref } from 'vue';

/** Id of the build that is open; undefined on the shelf and in the stores. */
export const openBuild = ref<string>();
