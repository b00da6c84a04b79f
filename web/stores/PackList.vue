<script setup lang="ts">
import { ref } from 'vue';
import { INGREDIENTS } from '@core/stores/index.ts';
import { useStores } from '../state/stores.ts';
import { setPacks } from '../storage/stores.ts';
import TextField from '../shared/TextField.vue';

/** The packs each thing is bought in; shopping lists round up to them. */
const shelf = useStores();
const wrong = ref<{ id: string; text: string }>();
const bought = INGREDIENTS.filter((i) => !['core', 'board', 'cream'].includes(i.kind));
const sizes = (id: string, usual: readonly number[]) => (shelf.stores.packs[id] ?? usual).join(', ');
async function set(id: string, text: string): Promise<void> {
  const parts = text.split(/[;,\s]+/).filter(Boolean);
  const put = await setPacks(
    id,
    parts.map((p) => Number(p.replace(/g$/i, ''))),
    shelf.larder,
  );
  wrong.value = put.ok ? undefined : { id, text: put.problem.text };
}
</script>

<template>
  <p class="muted lead">
    Pack sizes you can get, in grams or pieces, with commas between. An empty field brings the usual ones
    back.
  </p>
  <table class="plain">
    <thead>
      <tr>
        <th scope="col">What</th>
        <th scope="col">Packs</th>
        <th scope="col"><span class="visually-hidden">Take away</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="i in bought" :key="i.id">
        <td>{{ i.name }}</td>
        <td>
          <TextField
            :label="`Packs of ${i.name}`"
            hide-label
            :value="sizes(i.id, i.packs)"
            :width="240"
            @change="(text) => set(i.id, text)"
          />
          <span v-if="wrong?.id === i.id" class="wrong" role="alert">{{ wrong.text }}</span>
        </td>
        <td class="muted small">
          {{ i.unit === 'g' ? 'g' : 'pieces'
          }}<template v-if="!shelf.stores.packs[i.id] && i.packs.length"> · usual</template>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.lead {
  padding: 4px 0 10px;
}
.wrong {
  display: block;
  color: var(--fails);
}
table.plain td {
  vertical-align: middle;
  padding: 5px 8px 5px 0;
}
</style>
