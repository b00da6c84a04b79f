<script setup lang="ts">
import { computed, shallowRef, watchEffect } from 'vue';
import dayjs, { type Dayjs } from 'dayjs';
import 'dayjs/locale/de';
import updateLocale from 'dayjs/plugin/updateLocale';
import { usePreferences } from '../state/preferences.ts';

dayjs.extend(updateLocale);

/** A day picked from a calendar, with its time if asked for: by the clock, the week and the tongue of who picks. */
const props = defineProps<{
  value: Dayjs | undefined;
  /** With the time of day, to five minutes. */
  timed?: boolean;
  placeholder?: string;
  /** Can be taken away again. */
  optional?: boolean;
  /** Pixels; as wide as there is room without. */
  width?: number;
}>();
const emit = defineEmits<{
  change: [value: Dayjs | undefined];
  'update:value': [value: Dayjs | undefined];
}>();
const preferences = usePreferences();

type Words = (typeof import('ant-design-vue/es/date-picker/locale/de_DE'))['default'];
const words = shallowRef<Words>();
watchEffect(() => {
  const { firstDay, tongue } = preferences.customs;
  dayjs.updateLocale(tongue, { weekStart: firstDay % 7 });
  if (tongue === 'de')
    void import('ant-design-vue/es/date-picker/locale/de_DE').then((m) => (words.value = m.default));
  else words.value = undefined;
});
const shown = computed(() => (props.value ? props.value.locale(preferences.customs.tongue) : undefined));
/** As it is shown, and what is understood besides when it is typed. */
const TYPED = ['D MMM YYYY', 'D.M.YYYY', 'YYYY-MM-DD'];
const TYPED_TIMES = ['HH:mm', 'h:mm a'];
const formats = computed(() =>
  props.timed
    ? [
        `ddd D MMM YYYY, ${preferences.customs.clock === 12 ? 'h:mm a' : 'HH:mm'}`,
        ...TYPED.flatMap((day) => TYPED_TIMES.map((time) => `${day} ${time}`)),
      ]
    : TYPED,
);
function pick(found: unknown): void {
  const day = (found as Dayjs | null) ?? undefined;
  if (!day && !props.optional) return;
  emit('update:value', day);
  emit('change', day);
}
</script>

<template>
  <a-date-picker
    :key="`${preferences.customs.firstDay}${preferences.customs.tongue}`"
    :value="shown"
    :format="formats"
    :locale="words"
    :show-time="timed ?? false"
    :show-now="!timed"
    :use12-hours="preferences.customs.clock === 12"
    :minute-step="5"
    :allow-clear="optional"
    :placeholder="placeholder ?? ''"
    :style="{ width: width === undefined ? '100%' : `${width}px` }"
    @change="pick"
  />
</template>
