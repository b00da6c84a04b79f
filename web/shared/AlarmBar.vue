<script setup lang="ts">
import { onBeforeUnmount, onMounted, watch } from 'vue';
import { useRouter } from 'vue-router';
import { useAlarms, type Ringing } from '../state/alarms.ts';
import { readySound } from '../state/sound.ts';

/** What rings, over whatever is open: a wait that is over, a window about to close. */
const alarms = useAlarms();
const router = useRouter();
const MARKS = { opens: '●', closing: '◆', closed: '▲' } as const;
onMounted(() => {
  alarms.begin();
  readySound();
});
onBeforeUnmount(alarms.end);
let plain = '';
watch(
  () => alarms.mark,
  (mark, before) => {
    const now = document.title;
    plain = before && now.startsWith(before) ? now.slice(before.length) : now;
    document.title = mark + plain;
  },
);
function go(alarm: Ringing): void {
  alarms.hush(alarm.id);
  void router.push(`/build/${alarm.build}/bench`);
}
</script>

<template>
  <div class="alarms" role="alert" aria-live="assertive">
    <div v-for="a in alarms.ringing" :key="a.id" class="rings" :class="a.kind">
      <span class="sign" aria-hidden="true">{{ MARKS[a.kind] }}</span>
      <p>
        <strong>{{ a.title }}</strong> <span>{{ a.text }}</span> <span class="of">{{ a.name }}</span>
      </p>
      <button type="button" class="button" @click="go(a)">To the bench</button>
      <button type="button" class="button main" @click="alarms.hush(a.id)">I heard it</button>
    </div>
  </div>
</template>

<style scoped>
.rings {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  padding: 10px 20px;
  background: #fff4dc;
  border-bottom: 2px solid var(--tight);
  font-size: 18px;
}
.rings.opens {
  background: var(--elm-soft);
  border-color: var(--elm);
}
.rings.closed {
  border-color: var(--fails);
}
p {
  flex: 1 1 320px;
  margin: 0;
}
.of {
  color: var(--ink-2);
}
.sign {
  font-size: 22px;
}
.button {
  min-height: 52px;
  font-size: 17px;
}
</style>
