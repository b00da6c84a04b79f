<script setup lang="ts">
import { useTell } from '../state/tell.ts';
import { computed, ref } from 'vue';
import dayjs from 'dayjs';
import DatePick from '../shared/DatePick.vue';
import { parseQuantity } from '@core/quantity/index.ts';
import { INGREDIENTS, ingredientOf, usualKeepBy, type StockItem } from '@core/stores/index.ts';
import { today, useStores } from '../state/stores.ts';
import { usePreferences } from '../state/preferences.ts';
import { putItem, removeItem } from '../storage/stores.ts';
import ChoiceField from '../shared/ChoiceField.vue';
import ToggleField from '../shared/ToggleField.vue';

/** An entry of the stores to fill in or change. */
const props = defineProps<{ item?: StockItem }>();
const emit = defineEmits<{ done: [] }>();
const shelf = useStores();
const { shown } = usePreferences();
const tell = useTell();

const ingredient = ref(props.item?.ingredient ?? 'fondant');
const record = computed(() => ingredientOf(ingredient.value, shelf.stores.pastes));
const name = ref(props.item?.name ?? '');
const amount = ref(props.item ? String(props.item.amount) : '');
const keepBy = ref<string | undefined>(props.item?.keepBy ?? usualKeepBy(ingredient.value, today()));
const note = ref(props.item?.note ?? '');
const clean = ref(props.item?.offcut?.clean ?? true);
const problem = ref<string>();
const options = computed(() => [
  ...INGREDIENTS.map((i) => ({ value: i.id, label: i.name })),
  ...shelf.stores.pastes.map((p) => ({ value: p.id, label: `${p.name}, your own` })),
]);
function choose(id: string): void {
  ingredient.value = id;
  keepBy.value = usualKeepBy(id, today(), shelf.stores.pastes);
}
const day = computed(() => (keepBy.value ? dayjs(keepBy.value) : undefined));

async function save(): Promise<void> {
  const grams = record.value?.unit === 'g';
  const read = parseQuantity(
    grams ? 'mass' : 'count',
    amount.value,
    grams && !props.item ? shown.mass : undefined,
  );
  if (!read.ok) {
    problem.value = read.problem.text;
    return;
  }
  const { offcut } = props.item ?? {};
  const put = await putItem(
    {
      id: props.item?.id ?? crypto.randomUUID(),
      ingredient: ingredient.value,
      name: name.value.trim() || record.value!.name,
      amount: Number(read.value.toFixed(3)),
      note: note.value.trim(),
      ...(keepBy.value ? { keepBy: keepBy.value } : {}),
      ...(offcut ? { offcut: { ...offcut, clean: clean.value } } : {}),
    },
    shelf.larder,
  );
  if (!put.ok) problem.value = put.problem.text;
  else emit('done');
}
async function remove(): Promise<void> {
  const { item } = props;
  if (!item) return;
  const gone = await removeItem(item.id, shelf.larder);
  if (!gone.ok) return tell.error(gone.problem.text);
  emit('done');
  tell.info(`${item.name} is out of the stores.`);
}
</script>

<template>
  <form class="item" @submit.prevent="save">
    <ChoiceField
      v-if="!item?.offcut"
      label="What"
      :value="ingredient"
      :options="options"
      search
      :width="240"
      @change="(v) => choose(v)"
    />
    <label class="field"
      ><span>Name</span><a-input v-model:value="name" :placeholder="record?.name" style="width: 220px"
    /></label>
    <label class="field"
      ><span>{{ record?.unit === 'pieces' ? 'How many' : 'How much' }}</span
      ><a-input
        v-model:value="amount"
        :placeholder="record?.unit === 'pieces' ? '12' : '250 g'"
        style="width: 110px"
    /></label>
    <label class="field"
      ><span>Good until</span
      ><DatePick
        :value="day"
        optional
        placeholder="no date"
        @change="(d) => (keepBy = d?.format('YYYY-MM-DD'))"
    /></label>
    <label class="field grow"><span>Note</span><a-input v-model:value="note" :maxlength="400" /></label>
    <ToggleField v-if="item?.offcut" v-model:checked="clean" label="Clean, can be kneaded again" beside />
    <p v-if="record?.keeps" class="muted small hint">
      Usually keeps about {{ record.keeps.days }} days, {{ record.keeps.how }}.
      <template v-if="item?.offcut?.allergens.length"
        >Allergens: {{ item.offcut.allergens.join(', ') }}.</template
      >
    </p>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <div class="row acts">
      <button class="button main" type="submit">
        {{ item ? 'Keep the changes' : 'Put it on the shelf' }}
      </button>
      <button class="button" type="button" @click="emit('done')">{{ item ? 'Leave it' : 'Not now' }}</button>
      <button v-if="item" class="button" type="button" @click="remove">Used up, take it out</button>
    </div>
  </form>
</template>

<style scoped>
.item {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: flex-end;
  padding: 4px 0 12px;
}
.grow {
  flex: 1 1 200px;
}
.hint,
.acts,
.wrong {
  flex-basis: 100%;
}
.wrong {
  color: var(--fails);
}
</style>
