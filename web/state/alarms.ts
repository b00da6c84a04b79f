import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { Alarm } from '@core/days/index.ts';
import { liveQuery, type Subscription } from 'dexie';
import { claimRing, keptAlarms, type KeptAlarms } from '../storage/alarms.ts';
import { db } from '../storage/db.ts';
import { readSetting, writeSetting } from '../storage/settings.ts';
import { soundBell } from './sound.ts';

/** An alarm that rings, with the build it is of. */
export interface Ringing extends Alarm {
  readonly build: string;
  readonly name: string;
}

/** How often it is looked what is due, ms: a page that slept rings when it wakes. */
const LOOK_EVERY = 1_000;
/** What should have rung longer ago than this is not told any more, ms. */
const STALE = 2 * 3_600_000;
/** So many are shown at once. */
const MOST = 4;

/** Moments of all builds that nobody should miss: they ring whatever is open, after a reload, after sleep, once. */
export const useAlarms = defineStore('alarms', () => {
  const known = shallowRef<readonly KeptAlarms[]>([]);
  const ringing = shallowRef<readonly Ringing[]>([]);
  const sound = ref(true);
  /** Whether the browser may show notifications: `default` was not asked yet. */
  const notifies = ref<NotificationPermission | 'never'>('never');
  let watching: Subscription | undefined;
  let clock: ReturnType<typeof setInterval> | undefined;
  let looking = false;

  async function look(now = Date.now()): Promise<void> {
    if (looking) return;
    looking = true;
    try {
      for (const { build, name, alarms } of known.value)
        for (const alarm of alarms) {
          if (alarm.at > now || now - alarm.at > STALE) continue;
          const id = `${build} ${alarm.id}`;
          if (heard.has(id)) continue;
          heard.add(id);
          // what was taken off the shelf meanwhile does not ring
          if ((await db.builds.get(build)) && (await claimRing(id, now)))
            begins({ ...alarm, id, build, name });
        }
    } catch {
      // where nothing can be kept nothing rings twice in this tab either: it was heard
    } finally {
      looking = false;
    }
  }
  const heard = new Set<string>();

  function begins(alarm: Ringing): void {
    ringing.value = [...ringing.value.filter((r) => r.id !== alarm.id), alarm].slice(-MOST);
    if (sound.value) soundBell(alarm.kind);
    if (navigator.userActivation?.hasBeenActive) navigator.vibrate?.([200, 120, 200]);
    if (notifies.value === 'granted')
      try {
        new Notification(alarm.title, { body: `${alarm.text} (${alarm.name})`, tag: alarm.id });
      } catch {
        // some browsers let only their worker show one
      }
  }

  const hush = (id: string): void => void (ringing.value = ringing.value.filter((r) => r.id !== id));
  /** Nothing of a build rings any more that is not due any more. */
  function settle(build: string, alarms: readonly Alarm[]): void {
    const due = new Set(alarms.map((a) => `${build} ${a.id}`));
    ringing.value = ringing.value.filter((r) => r.build !== build || due.has(r.id));
  }

  /** What stands before the title of the page. */
  const mark = computed(() => {
    const last = ringing.value.at(-1);
    return last ? `◆ ${last.title} · ` : '';
  });

  function begin(): void {
    if (clock) return;
    if ('Notification' in window) notifies.value = Notification.permission;
    void readSetting('alarmSound', true).then(
      (on) => (sound.value = on),
      () => undefined,
    );
    watching = liveQuery(() => keptAlarms()).subscribe({
      next: (all) => (known.value = all),
      error: () => undefined,
    });
    clock = setInterval(() => void look(), LOOK_EVERY);
  }
  function end(): void {
    watching?.unsubscribe();
    clearInterval(clock);
    clock = undefined;
  }
  function setSound(on: boolean): void {
    sound.value = on;
    void writeSetting('alarmSound', on).catch(() => undefined);
    if (on) soundBell('opens');
  }
  async function allow(): Promise<void> {
    if ('Notification' in window) notifies.value = await Notification.requestPermission();
  }

  return { known, ringing, sound, notifies, mark, look, hush, settle, begin, end, setSound, allow };
});
