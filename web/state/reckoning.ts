import { shallowRef } from 'vue';

type Reckoning = typeof import('./reckoned.ts');

const loaded = shallowRef<Reckoning>();
let loading: Promise<Reckoning> | undefined;

/** What reckons in the page, once it is there: the figure is drawn before it. Fetched when it is first asked for. */
export function useReckoning(): Promise<Reckoning> {
  loading ??= import('./reckoned.ts').then((m) => (loaded.value = m));
  // what did not come is asked for again
  loading.catch(() => (loading = undefined));
  return loading;
}

/** The same without waiting; undefined until it is there. */
export const reckoningNow = (): Reckoning | undefined => loaded.value;

/** The same where nothing is shown before it is there: in a lens. @throws anywhere else */
export function reckoning(): Reckoning {
  if (!loaded.value) throw new Error('Nothing reckons yet: this belongs in a lens.');
  return loaded.value;
}
