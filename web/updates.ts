import { ref } from 'vue';
import { registerSW } from 'virtual:pwa-register';

/** A newer version is there and waits to be taken; taking it reloads the page. */
export const newVersion = ref<(() => void) | undefined>();
/** A part of the app did not come: the network is gone, or a newer version has taken its place. */
export const missingPart = ref(false);

/** Done before the page goes: what waits is written. */
export const beforeReload = new Set<() => Promise<void>>();

/** Load the page anew once everything that waits is written. */
export async function reload(how: () => void = () => location.reload()): Promise<void> {
  await Promise.all([...beforeReload].map((wait) => wait()));
  how();
}

/** How often it is asked whether there is a newer version, ms. */
const ASK_EVERY = 30 * 60_000;

/** Take notice of a newer version, and say so; it is taken only when somebody asks for it. */
export function watchForUpdates(): void {
  const take = registerSW({
    immediate: true,
    onNeedRefresh: () => {
      newVersion.value = () => void take(true);
    },
    onRegisteredSW: (_url, registration) => {
      if (registration) setInterval(() => void registration.update().catch(() => undefined), ASK_EVERY);
    },
  });
  window.addEventListener('vite:preloadError', () => (missingPart.value = true));
}
