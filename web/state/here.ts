import { computed } from 'vue';
import type { Build } from '@core/record/index.ts';
import type { Report } from '@core/plan.ts';
import { useBuild } from './build-store.ts';

const none = (): never => {
  throw new Error('Nothing is open: this belongs below the route of a build.');
};

/**
 * The open build and all that is reckoned from it, for what stands below the route of a build: there it is never undefined.
 * What is still on screen while the build is being closed keeps the one it had.
 * @throws when nothing is open
 */
export function useOpenBuild(): { readonly build: Build; readonly live: Build; readonly report: Report } {
  const store = useBuild();
  const build = computed<Build>((last) => store.build ?? last ?? none());
  const live = computed<Build>((last) => store.live ?? last ?? none());
  const report = computed<Report>((last) => store.report ?? last ?? none());
  return {
    get build() {
      return build.value;
    },
    /** As it follows the hand while something is pulled. */
    get live() {
      return live.value;
    },
    get report() {
      return report.value;
    },
  };
}
