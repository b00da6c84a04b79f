<script setup lang="ts">
import { computed, ref } from 'vue';
import { ArrowDown, ArrowUp, Trash2 } from '@lucide/vue';
import { STACK_KINDS, usualStack, widthOf } from '@core/bones/index.ts';
import {
  addToStack,
  cutStack,
  moveInStack,
  removeFromStack,
  setStack,
  setStackItem,
  setThread,
  withoutStack,
} from '@core/edits/index.ts';
import { type StackItem, THREAD_SIZES } from '@core/record/index.ts';
import { formatLength, roundTo } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import RaisedView from './RaisedView.vue';
import StackDrawing from './StackDrawing.vue';
import TextField from '../../shared/TextField.vue';
import { choicesOf } from '../../shared/choices.ts';

/** A raised tier or one-legged figure on a threaded rod: what lies over what, marks, holes, order. */
const store = useBuild();
const here = useOpenBuild();
const { shown } = usePreferences();
const build = computed(() => here.build);
const stack = computed(() => build.value.stack);
const report = computed(() => here.report.bones.hardware);
/** From the top down, as it stands. */
const lines = computed(() => [...(report.value?.lines ?? [])].reverse());
const threads = THREAD_SIZES.map((value) => ({ value, label: `M${value}` }));
const kinds = choicesOf(STACK_KINDS, (k) => k.name);
const adding = ref<StackItem['kind']>('nut');
const START: Partial<Record<StackItem['kind'], number>> = {
  feet: 20,
  base: 12,
  board: 6,
  gap: 100,
  tier: 120,
};
const begin = () => store.apply(setStack(build.value, usualStack(build.value.board)), 'a stack on a rod');
function add(): void {
  const { name } = STACK_KINDS[adding.value];
  const title = name.charAt(0).toUpperCase() + name.slice(1);
  store.apply(addToStack(build.value, adding.value, title, START[adding.value] ?? 0), `a ${name}`);
}
/** What has a width that counts. */
const WIDE: ReadonlySet<StackItem['kind']> = new Set(['base', 'board', 'tier']);
const wide = computed(() => [...(stack.value?.items ?? [])].reverse().filter((i) => WIDE.has(i.kind)));
const set = (i: StackItem, patch: Parameters<typeof setStackItem>[2], label: string) =>
  store.apply(setStackItem(build.value, i.id, patch), label);
const MADE: { value: 'mdf' | 'plywood'; label: string }[] = [
  { value: 'mdf', label: 'MDF' },
  { value: 'plywood', label: 'plywood' },
];
const raised = computed(() => here.report.bones.raised);
const mm = (x: number) => `${roundTo(x, 0.5)} mm`;
</script>

<template>
  <div v-if="!stack || !report" class="empty">
    <p>
      A tier held up on a threaded rod, or a figure on one leg: boards, nuts and washers, tier heights and
      gaps give the length to cut, the tape marks and the holes.
    </p>
    <button class="button main" type="button" @click="begin">Begin a stack on a rod</button>
  </div>
  <template v-else>
    <div class="sums">
      <div>
        <strong><WhyButton :figure="report.rod" /></strong><span>rod to cut</span>
      </div>
      <ChoiceField
        label="Thread"
        :value="stack.thread"
        :options="threads"
        :width="84"
        @change="(v) => store.apply(setThread(build, v), 'the thread')"
      />
      <button
        v-if="stack.cutAt === undefined"
        class="button"
        type="button"
        @click="store.apply(cutStack(build, report.rod.value), 'cutting the rod')"
      >
        It is cut
      </button>
      <span v-else
        >cut to {{ formatLength(stack.cutAt, shown) }}
        <button
          class="button plain"
          type="button"
          @click="store.apply(cutStack(build, undefined), 'the cut rod')"
        >
          Not cut
        </button></span
      >
    </div>
    <p v-if="report.stale" class="warning">
      <span aria-hidden="true">▲</span> The design changed after the rod was cut:
      {{ report.stale.name.toLowerCase() }} <WhyButton :figure="report.stale" after="." />
    </p>
    <p v-for="s in report.says" :key="s" class="warning"><span aria-hidden="true">◆</span> {{ s }}</p>
    <div class="two">
      <StackDrawing :report="report" :thread="stack.thread" />
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">From the top down</th>
            <th scope="col" class="n">Mark at</th>
            <th scope="col" class="n">Hole</th>
            <th scope="col"><span class="visually-hidden">Change</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in lines" :key="l.item.id">
            <td>
              <div class="name">
                <TextField
                  :label="`Name of ${l.item.name}`"
                  hide-label
                  required
                  :value="l.item.name"
                  :width="150"
                  @change="
                    (name) => store.apply(setStackItem(build, l.item.id, { name }), 'a name on the rod')
                  "
                />
                <QuantityField
                  v-if="STACK_KINDS[l.item.kind].sized"
                  :label="`Height of ${l.item.name}`"
                  hide-label
                  kind="length"
                  :width="78"
                  :value="l.item.thick"
                  @change="
                    (v) => store.apply(setStackItem(build, l.item.id, { thick: v }), 'a height on the rod')
                  "
                />
                <span v-else class="muted">{{ mm(l.thick) }}</span>
              </div>
            </td>
            <td class="n">{{ l.mark === undefined ? '–' : mm(l.mark) }}</td>
            <td class="n">{{ l.hole ? mm(l.hole) : '–' }}</td>
            <td class="acts">
              <button
                class="icon"
                type="button"
                :aria-label="`${l.item.name} up`"
                @click="store.apply(moveInStack(build, l.item.id, true), 'the order on the rod')"
              >
                <ArrowUp :size="15" />
              </button>
              <button
                class="icon"
                type="button"
                :aria-label="`${l.item.name} down`"
                @click="store.apply(moveInStack(build, l.item.id, false), 'the order on the rod')"
              >
                <ArrowDown :size="15" />
              </button>
              <button
                class="icon"
                type="button"
                :aria-label="`Remove ${l.item.name}`"
                @click="store.apply(removeFromStack(build, l.item.id), 'taking something off the rod')"
              >
                <Trash2 :size="15" />
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <div class="row add">
      <ChoiceField v-model:value="adding" label="On top of all" :options="kinds" :width="220" />
      <button class="button" type="button" @click="add">Put it on top</button>
      <button class="button plain" type="button" @click="store.apply(withoutStack(build), 'the stack')">
        No stack in this build
      </button>
    </div>
    <div v-for="i in wide" :key="i.id" class="row wide">
      <strong>{{ i.name }}</strong>
      <QuantityField
        label="Wide"
        kind="length"
        :width="78"
        :value="widthOf(i)"
        @change="(v) => set(i, { width: v }, 'a width on the rod')"
      />
      <QuantityField
        v-if="i.kind === 'tier'"
        label="Weighs"
        kind="mass"
        :width="84"
        :value="raised?.weights.get(i.id)?.value ?? i.weight ?? 0"
        @change="(v) => set(i, { weight: v }, 'a weight on the rod')"
      />
      <ChoiceField
        v-else
        label="Of"
        :value="i.made ?? 'mdf'"
        :options="MADE"
        :width="110"
        @change="(v) => set(i, { made: v }, 'a board on the rod')"
      />
    </div>
    <RaisedView v-if="raised" :raised="raised" />
    <h3>In this order</h3>
    <ol class="steps">
      <li v-for="s in report.steps" :key="s.do">
        {{ s.do }}<span v-if="s.closes" class="muted">{{ ` Closes off: ${s.closes}.` }}</span>
      </li>
    </ol>
    <p class="muted small">
      Saw, drill and file away from the food; wear glasses; wash off swarf and oil. Thread and MDF are sleeved
      and sealed where food is near.
    </p>
  </template>
</template>

<style scoped>
.empty {
  display: grid;
  gap: 14px;
  justify-items: start;
  padding: 22px 0;
  max-width: 560px;
}
.sums {
  display: flex;
  gap: 24px;
  align-items: flex-end;
  padding: 12px 0;
}
.sums strong {
  display: block;
  font: 650 24px/1.2 var(--font-title);
}
.sums span {
  color: var(--ink-2);
}
.two {
  display: grid;
  grid-template-columns: 104px 1fr;
  gap: 14px;
}
.name {
  display: flex;
  gap: 8px;
  align-items: center;
}
table.plain td {
  padding: 3px 6px 3px 0;
  vertical-align: middle;
}
.wide {
  align-items: flex-end;
  padding-bottom: 8px;
}
.wide strong {
  width: 130px;
  padding-bottom: 8px;
}
.acts {
  white-space: nowrap;
  text-align: right;
}
.icon {
  width: 26px;
  height: 28px;
  border: 0;
  background: none;
  border-radius: 6px;
  cursor: pointer;
  color: var(--ink-2);
}
.icon:hover {
  background: var(--slab-3);
}
.add {
  align-items: flex-end;
  padding: 12px 0 16px;
}
.steps {
  margin: 6px 0 12px;
  padding-left: 20px;
  display: grid;
  gap: 3px;
}
</style>
