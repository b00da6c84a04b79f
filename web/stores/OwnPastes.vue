<script setup lang="ts">
import { useTell } from '../state/tell.ts';
import { computed, ref } from 'vue';
import { Plus } from '@lucide/vue';
import { withoutUndefined } from '@core/quantity/index.ts';
import { checkOwn, MATERIALS, MATERIAL_IDS, type OwnPaste } from '@core/pastes/index.ts';
import { useStores } from '../state/stores.ts';
import { putPaste, removePaste } from '../storage/stores.ts';
import ChoiceField from '../shared/ChoiceField.vue';
import TextField from '../shared/TextField.vue';

/** Pastes of the person's own: like one of the table, with what they measured and what the label says. */
const shelf = useStores();
const tell = useTell();
const kinds = MATERIAL_IDS.map((id) => ({ value: id as string, label: MATERIALS[id].name as string }));
const wrong = ref<{ id: string; text: string }>();
const pastes = computed(() => shelf.stores.pastes);

async function put(paste: OwnPaste, patch: Partial<Record<keyof OwnPaste, unknown>>): Promise<void> {
  const next = withoutUndefined({ ...paste, ...patch }) as OwnPaste;
  const checked = checkOwn(next);
  const done = checked.ok ? await putPaste(checked.value, shelf.larder) : checked;
  wrong.value = done.ok ? undefined : { id: paste.id, text: done.problem.text };
}
const number = (text: string): number | undefined =>
  text.trim() === '' ? undefined : Number(text.replace(',', '.').replace(/[^\d.-]/g, '') || NaN);
const words = (text: string) =>
  text
    .split(',')
    .map((w) => w.trim())
    .filter(Boolean);
const add = () =>
  putPaste(
    {
      id: `own-${crypto.randomUUID().slice(0, 8)}`,
      name: 'My paste',
      like: 'fondant',
      allergens: [],
      note: '',
    },
    shelf.larder,
  );
async function remove(id: string): Promise<void> {
  const gone = await removePaste(id, shelf.larder);
  if (!gone.ok) tell.error(gone.problem.text);
}
</script>

<template>
  <div class="panel-top">
    <p class="muted">
      Say what a paste of yours behaves like; what you measured takes the place of the table. Choose it under
      Paste, Blends, Made from.
    </p>
    <button class="button" type="button" @click="add"><Plus :size="15" /> New paste</button>
  </div>
  <ul class="opening">
    <li v-for="p in pastes" :key="p.id">
      <div class="paste">
        <TextField label="Name" required :value="p.name" :width="190" @change="(name) => put(p, { name })" />
        <ChoiceField
          label="Behaves like"
          :value="p.like"
          :options="kinds"
          :width="210"
          @change="(v) => put(p, { like: v })"
        />
        <TextField
          label="Weighs, g per cm³"
          placeholder="table"
          :value="p.density === undefined ? '' : String(p.density)"
          :width="110"
          @change="(t) => put(p, { density: number(t) })"
        />
        <TextField
          label="Shrinks, % of length"
          placeholder="not"
          :value="p.shrink === undefined ? '' : String(p.shrink)"
          :width="120"
          @change="(t) => put(p, { shrink: number(t) })"
        />
        <TextField
          label="Allergens on its label"
          placeholder="not entered"
          :maxlength="400"
          :value="p.allergens.join(', ')"
          :width="190"
          @change="(t) => put(p, { allergens: words(t) })"
        />
        <button class="button" type="button" @click="remove(p.id)">Remove</button>
        <p v-if="wrong?.id === p.id" class="wrong" role="alert">{{ wrong.text }}</p>
      </div>
    </li>
  </ul>
  <p v-if="!pastes.length" class="empty muted">
    None yet. Weigh a ball of yours under Paste, Blends, Measure your own.
  </p>
</template>

<style scoped>
.panel-top {
  gap: 20px;
  padding-bottom: 10px;
}
.paste {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: flex-end;
  padding: 10px 0;
}
.wrong {
  flex-basis: 100%;
  color: var(--fails);
}
</style>
