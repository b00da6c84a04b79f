<script setup lang="ts">
import {
  FACE_SIDE_KINDS,
  FACE_SIDES,
  stepPartsField,
  WORK_KINDS,
  WORKS,
  wholeOf,
} from '@core/record/index.ts';
import { computed } from 'vue';
import DatePick from '../../shared/DatePick.vue';
import dayjs, { type Dayjs } from 'dayjs';
import { closesOff, joinId, localIso, preflight, type Step } from '@core/days/index.ts';
import {
  joinSteps,
  leaveStep,
  partSteps,
  pinStep,
  removeOwnStep,
  setOwnStep,
  setParts,
  setStepMinutes,
} from '@core/edits/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import QuantityField from '../../shared/QuantityField.vue';
import ChoiceField from '../../shared/ChoiceField.vue';
import OwnStepForm from './OwnStepForm.vue';
import ReachCard from './ReachCard.vue';
import TextField from '../../shared/TextField.vue';

/** One step opened: how long it takes this person, what it closes off, what comes after it. */
const props = defineProps<{ step: Step; from: number }>();
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
/** A long step is cut in parts; what is typed is for the whole of it. */
const whole = computed(() => wholeOf(props.step.id));
const own = computed(() => build.value.steps.own.find((s) => s.id === whole.value));
const minutes = computed(() => own.value?.minutes ?? build.value.steps.minutes[whole.value]);
const closes = computed(() =>
  props.step.piece && whole.value === joinId(props.step.piece)
    ? closesOff(build.value, props.step.piece)
    : [],
);
/** What has to be so before a step that cannot be undone. */
const before = computed(() => (store.days ? preflight(build.value, store.days, props.step).slice(0, 5) : []));
const origin = computed(() => store.days?.origin);
const pinned = computed(() => build.value.steps.pins?.[props.step.id]);
const pinAt = computed({
  get: () =>
    dayjs(pinned.value ?? (origin.value ? localIso(origin.value, props.from) : build.value.brief.due)),
  set: (d: Dayjs | undefined) => {
    if (d) store.apply(pinStep(build.value, props.step.id, d.format('YYYY-MM-DDTHH:mm')), 'pinning a step');
  },
});
const parts = computed(() => (store.days?.steps ?? []).filter((s) => wholeOf(s.id) === whole.value).length);
const said = computed(() => build.value.steps.parts?.[whole.value]);
const joined = computed(() => (build.value.steps.joined ?? []).some((g) => g.includes(whole.value)));
/** What comes after it at the same bench, which may be done in one with it. */
const next = computed(() => {
  const planned = store.days?.plan?.sessions.find((s) => s.steps.some((p) => p.step.id === props.step.id));
  const i = planned?.steps.findIndex((p) => p.step.id === props.step.id) ?? -1;
  const after = planned?.steps[i + 1]?.step;
  return after && parts.value === 1 && wholeOf(after.id) === after.id ? after : undefined;
});
const works = WORK_KINDS.map((value) => ({ value, label: WORKS[value].name }));
const sides = FACE_SIDE_KINDS.map((value) => ({ value, label: FACE_SIDES[value] }));
const slack = computed(() => store.days?.plan?.slack[props.step.id]);
</script>

<template>
  <div class="card">
    <p v-for="n in step.notes" :key="n" class="small">{{ n }}</p>
    <p v-for="g in step.guards" :key="g" class="closes"><span aria-hidden="true">◆</span> {{ g }}</p>
    <p v-if="closes.length" class="closes">
      <span aria-hidden="true">◆</span> It closes off {{ closes.join(', ') }}: nothing more can be done there.
    </p>
    <div v-if="before.length" class="small">
      Before it, be sure:
      <ul>
        <li v-for="c in before" :key="c.text">{{ c.done ? '● ' : '' }}{{ c.text }}</li>
      </ul>
    </div>
    <p v-if="slack !== undefined" class="small muted">
      {{
        slack >= 5
          ? `It may run ${formatTime(slack)} late before anything after it does.`
          : 'There is no room after it: late here is late later.'
      }}
    </p>
    <div class="row fields">
      <TextField
        v-if="own"
        label="Name"
        required
        :value="own.title"
        @change="(title) => store.apply(setOwnStep(build, own!.id, { title }), 'the name of a step')"
      />
      <QuantityField
        v-if="own?.after !== undefined"
        label="After a wait"
        kind="time"
        :width="84"
        :value="own.wait ?? 0"
        @change="
          (v) =>
            store.apply(setOwnStep(build, own!.id, { wait: v > 0 ? v : undefined }), 'the wait before a step')
        "
      />
      <QuantityField
        :label="minutes === undefined ? 'Takes' : 'Takes you'"
        kind="time"
        :width="96"
        :value="minutes ?? step.minutes"
        @change="(v) => store.apply(setStepMinutes(build, whole, v), 'how long a step takes')"
      />
      <button
        v-if="!own && minutes !== undefined"
        class="button plain"
        type="button"
        @click="store.apply(setStepMinutes(build, whole, undefined), 'how long a step takes')"
      >
        As usual
      </button>
      <button
        v-if="own"
        class="button"
        type="button"
        @click="store.apply(removeOwnStep(build, own.id), 'removing a step')"
      >
        Remove it
      </button>
      <label class="field"
        ><span>{{ pinned ? 'Pinned to' : 'Pin it to' }}</span
        ><DatePick v-model:value="pinAt" timed :width="208"
      /></label>
      <button
        v-if="pinned"
        class="button plain"
        type="button"
        @click="store.apply(pinStep(build, step.id, undefined), 'taking a pin out')"
      >
        Take the pin out
      </button>
      <button
        v-if="!own"
        class="button"
        type="button"
        @click="store.apply(leaveStep(build, whole, true), 'leaving a step out')"
      >
        Leave it out
      </button>
    </div>
    <div class="row fields">
      <QuantityField
        label="In parts"
        kind="count"
        :width="84"
        :value="said ?? parts"
        @change="
          (v) =>
            store.apply(
              setParts(build, whole, Math.min(stepPartsField.maximum, Math.round(v))),
              'the parts of a step',
            )
        "
      />
      <button
        v-if="said !== undefined"
        class="button plain"
        type="button"
        @click="store.apply(setParts(build, whole, undefined), 'the parts of a step')"
      >
        As usual
      </button>
      <button
        v-if="next"
        class="button"
        type="button"
        @click="store.apply(joinSteps(build, whole, next.id), 'doing two steps in one')"
      >
        In one with “{{ next.title }}”
      </button>
      <button
        v-if="joined"
        class="button"
        type="button"
        @click="store.apply(partSteps(build, whole), 'taking steps apart')"
      >
        Take it apart again
      </button>
    </div>
    <template v-if="own?.piece">
      <div class="row fields">
        <ChoiceField
          label="Work"
          :value="own.work ?? 'paint'"
          :options="works"
          :width="170"
          @change="(work) => store.apply(setOwnStep(build, own!.id, { work }), 'the kind of work of a step')"
        />
        <ChoiceField
          label="Where"
          :value="own.side ?? 'all'"
          :options="sides"
          :width="190"
          @change="(side) => store.apply(setOwnStep(build, own!.id, { side }), 'where a step works')"
        />
      </div>
      <ReachCard :piece="own.piece" :work="own.work ?? 'paint'" :side="own.side ?? 'all'" fixed />
    </template>
    <OwnStepForm :step="step" />
  </div>
</template>

<style scoped>
.card {
  padding: 6px 0 12px 52px;
}
.grow {
  flex: 1 1 120px;
}
.closes {
  color: var(--ink-2);
}
ul {
  margin: 2px 0 0;
  padding-left: 18px;
}
.closes span {
  color: var(--tight);
}
</style>
