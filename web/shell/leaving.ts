import { onBeforeUnmount } from 'vue';
import { useBuild } from '../state/build-store.ts';
import { keeping } from '../storage/db.ts';
import { beforeReload } from '../updates.ts';

/**
 * While a build is open: what waits is written when the page is put away, and whoever leaves it while something is not kept is
 * asked first.
 */
export function useLeaving(): void {
  const store = useBuild();
  const flush = () => void store.flush();
  const goes = () => {
    if (document.visibilityState === 'hidden') store.goingAway();
    else flush();
  };
  const away = () => store.goingAway();
  const ask = (e: BeforeUnloadEvent): void => {
    flush();
    const lost = keeping.value === 'memory' ? store.offFile : store.unsaved;
    if (lost) e.preventDefault();
  };
  beforeReload.add(store.flush);
  window.addEventListener('pagehide', away);
  document.addEventListener('visibilitychange', goes);
  window.addEventListener('beforeunload', ask);
  onBeforeUnmount(() => {
    beforeReload.delete(store.flush);
    window.removeEventListener('pagehide', away);
    document.removeEventListener('visibilitychange', goes);
    window.removeEventListener('beforeunload', ask);
  });
}
