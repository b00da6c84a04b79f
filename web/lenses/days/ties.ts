import { shallowRef } from 'vue';
import {
  clockTime,
  localIso,
  outsideBy,
  plannedJoin,
  type JoinChart,
  type JoinTie,
  type Origin,
} from '@core/days/index.ts';
import { pinStep } from '@core/edits/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';

/** Pulled by less it was only picked, px. */
const SLOP = 4;
/** Joins are pulled along in so many minutes, and by keys. */
const GRID = 5;

/** Ties between two lines that are pulled along a sitting: pinned where they are let go, as long as both faces are ready and still give. */
export function useTies(origin: () => Origin | undefined) {
  const store = useBuild();
  const here = useOpenBuild();
  const stage = useStage();
  const pull = shallowRef<{ tie: JoinTie; chart: JoinChart; x: number; wide: number; at: number }>();

  const atX = (e: PointerEvent, c: JoinChart, el: Element): number => {
    const box = el.getBoundingClientRect();
    return c.from + (c.to - c.from) * Math.min(1, Math.max(0, (e.clientX - box.left) / box.width));
  };
  const pinned = (tie: JoinTie, at: number): void => {
    const plan = store.days?.plan;
    const step = plan && plannedJoin(plan, tie.piece);
    const zero = origin();
    if (!step || !zero) return;
    const out = outsideBy(tie, at);
    if (out) {
      store.say(`It stays where it was: ${sentence(out)}. Other ways to join it are told below its lines.`);
      return;
    }
    store.apply(pinStep(here.build, step.step.id, localIso(zero, at)), 'the time of a join');
  };
  const sentence = ({ minutes, side }: NonNullable<ReturnType<typeof outsideBy>>): string =>
    `${formatTime(Math.ceil(minutes))} too ${side}: ${side === 'late' ? 'it no longer gives' : 'it is not firm enough yet'}`;

  return {
    /** The playhead is put where the sitting is pressed. */
    seek(e: PointerEvent, c: JoinChart): void {
      stage.playhead = Math.round(atX(e, c, e.currentTarget as Element));
    },
    grab(e: PointerEvent, tie: JoinTie, chart: JoinChart): void {
      const el = e.currentTarget as HTMLElement;
      el.setPointerCapture(e.pointerId);
      pull.value = { tie, chart, x: e.clientX, wide: el.parentElement!.clientWidth, at: tie.at };
    },
    move(e: PointerEvent): void {
      const now = pull.value;
      if (!now) return;
      const by = e.clientX - now.x;
      if (Math.abs(by) < SLOP && now.at === now.tie.at) return;
      const { from, to } = now.chart;
      const at = now.tie.at + (by / now.wide) * (to - from);
      pull.value = { ...now, at: Math.min(to, Math.max(from, Math.round(at / GRID) * GRID)) };
    },
    drop(): void {
      const now = pull.value;
      pull.value = undefined;
      if (now && Math.abs(now.at - now.tie.at) >= 1) pinned(now.tie, now.at);
    },
    leave: (): void => (pull.value = undefined),
    nudge: (tie: JoinTie, by: number): void => pinned(tie, Math.round(tie.at / GRID) * GRID + by * GRID),
    pulled: (tie: JoinTie): boolean => pull.value?.tie === tie && pull.value.at !== tie.at,
    left: (tie: JoinTie, c: JoinChart): number =>
      pull.value?.tie === tie ? (100 * (pull.value.at - c.from)) / Math.max(1, c.to - c.from) : tie.left,
    out: (tie: JoinTie) => {
      const out = outsideBy(tie, pull.value?.tie === tie ? pull.value.at : tie.at);
      // what is planned waits for its openings as it is looked at
      return pull.value?.tie === tie || out?.side === 'late' ? out : undefined;
    },
    words: (tie: JoinTie): string => {
      const at = pull.value?.at ?? tie.at;
      const out = outsideBy(tie, at);
      return `${clockTime(origin()!, at)}${out ? `, ${sentence(out)}` : ', both faces are right'}`;
    },
  };
}
