<script setup lang="ts">
import { computed, ref } from 'vue';
import { MATERIALS, MATERIAL_IDS, materialOf, POWDER_CRACKS } from '@core/pastes/index.ts';
import { addBlend, setBlend } from '@core/figure/index.ts';
import { formatMass, formatSpoons, formatTime, VOLUME_IN_ML } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { usePreferences } from '../../state/preferences.ts';
import QuantityField from '../../shared/QuantityField.vue';
import UnionNote from '../../shared/UnionNote.vue';
import WhyButton from '../../shared/WhyButton.vue';

const store = useBuild();
const { shown } = usePreferences();
const build = computed(() => store.build!);
const batches = computed(() => store.report!.paste);
const chosen = computed(() => (store.selection?.kind === 'batch' ? store.selection.id : undefined));
const mixed = computed(() => batches.value.reduce((g, b) => g + b.mix.value, 0));
const powder = computed(() => batches.value.reduce((g, b) => g + b.powder.value, 0));
const gum = computed(() => batches.value.reduce((g, b) => g + b.gumPaste.value, 0));
const allergens = computed(() => [...new Set(batches.value.flatMap((b) => b.allergens))]);
const editing = ref<string>();
const bases = MATERIAL_IDS.map((id) => ({ value: id, label: MATERIALS[id].name }));
const spoons = (tsp: number) => formatSpoons(tsp * VOLUME_IN_ML.tsp);
const toggle = (id: string) => (store.selection = chosen.value === id ? undefined : { kind: 'batch', id });
function addOne(): void {
  const made = addBlend(build.value, { name: 'New blend', base: 'fondant', gumPaste: 0, powder: 1 });
  if (!made.ok) return store.say(made.problem.text, 'error');
  store.apply(made.value.build, 'a new blend');
  editing.value = made.value.id;
}
function rebase(id: string, base: string): void {
  store.apply(
    setBlend(build.value, id, materialOf(base).stiffens ? { base } : { base, gumPaste: 0, powder: 0 }),
    'the blend',
  );
}
</script>

<template>
  <div class="panel-scroll">
    <h2>Paste</h2>
    <div class="headline">
      <div>
        <strong>{{ formatMass(mixed, shown) }}</strong><span>to mix in all</span>
      </div>
      <div>
        <strong>{{ batches.length }}</strong><span>batches</span>
      </div>
      <div v-if="powder > 0">
        <strong>{{ formatMass(powder, shown) }}</strong><span>stiffening powder</span>
      </div>
      <div v-if="gum > 0">
        <strong>{{ formatMass(gum, shown) }}</strong><span>gum paste</span>
      </div>
      <div v-if="allergens.length">
        <strong>{{ allergens.join(', ') }}</strong><span>to be told</span>
      </div>
    </div>
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">Batch</th>
          <th scope="col" class="n">In the pieces</th>
          <th scope="col" class="n">Mix</th>
          <th scope="col">Of which</th>
          <th scope="col" class="n">Rest</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="b in batches" :key="b.id">
          <tr :class="{ on: b.id === chosen }">
            <td>
              <button type="button" class="batch" :aria-expanded="b.id === chosen" @click="toggle(b.id)">
                <i :style="{ background: b.colour.hex }"></i>
                <span
                  ><strong>{{ b.colour.name }}</strong
                  ><span class="muted small">{{ b.blend.name }}</span></span
                >
              </button>
            </td>
            <td class="n"><WhyButton :figure="b.net" /></td>
            <td class="n">
              <strong><WhyButton :figure="b.mix" /></strong>
            </td>
            <td class="small">
              <template v-if="b.gumPaste.value > 0"><WhyButton :figure="b.gumPaste" /> gum paste</template>
              <template v-if="b.powder.value > 0"
                ><WhyButton
                  :figure="b.powder"
                  :text="`${formatMass(b.powder.value, shown)}, ${spoons(b.powderSpoons.value)}`"
                />
                powder</template
              >
              <template v-if="b.gumPaste.value === 0 && b.powder.value === 0">as it comes</template>
            </td>
            <td class="n">{{ b.rest > 0 ? formatTime(b.rest) : '–' }}</td>
          </tr>
          <tr v-if="b.id === chosen" class="lines">
            <td colspan="5">
              <p class="muted small">
                Goes into
                <template v-for="(l, i) in b.lines" :key="l.piece">
                  {{ l.name }} <WhyButton :figure="l.start" :after="i < b.lines.length - 1 ? ',' : '.'" />
                </template>
                Left over when all goes well: <WhyButton :figure="b.spare" after="." />
              </p>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
    <UnionNote lens="paste" />

    <div class="panel-top">
      <h3>Blends</h3>
      <button class="button" type="button" @click="addOne">New blend</button>
    </div>
    <ul class="opening">
      <li v-for="blend in build.blends" :key="blend.id">
        <button
          type="button"
          class="line"
          :aria-expanded="editing === blend.id"
          @click="editing = editing === blend.id ? undefined : blend.id"
        >
          <strong>{{ blend.name }}</strong>
          <span class="muted"
            >{{ materialOf(blend.base).name
            }}<template v-if="blend.gumPaste">, {{ blend.gumPaste }} % gum paste</template
            ><template v-if="blend.powder">, {{ blend.powder }} % powder</template></span
          >
        </button>
        <div v-if="editing === blend.id" class="card">
          <div class="row">
            <label class="field"
              ><span>Name</span
              ><a-input
                :key="blend.name"
                :default-value="blend.name"
                style="width: 190px"
                @change="
                  store.apply(
                    setBlend(build, blend.id, {
                      name: ($event.target as HTMLInputElement).value || blend.name,
                    }),
                    'the name of a blend',
                  )
                "
            /></label>
            <label class="field"
              ><span>Made from</span
              ><a-select
                :value="blend.base"
                :options="bases"
                style="width: 220px"
                @change="(v: unknown) => rebase(blend.id, v as string)"
            /></label>
            <template v-if="materialOf(blend.base).stiffens">
              <QuantityField
                label="Gum paste"
                kind="percent"
                :value="blend.gumPaste"
                @change="(v) => store.apply(setBlend(build, blend.id, { gumPaste: v }), 'the gum paste')"
              />
              <QuantityField
                label="Powder"
                kind="percent"
                :value="blend.powder"
                @change="(v) => store.apply(setBlend(build, blend.id, { powder: v }), 'the powder')"
              />
            </template>
          </div>
          <p class="muted small">{{ materialOf(blend.base).note }}</p>
          <p v-if="blend.powder > POWDER_CRACKS" class="warning">
            <span aria-hidden="true">◆</span> More than {{ POWDER_CRACKS }} % powder turns rubbery and cracks.
            Knead in shortening or more paste.
          </p>
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.batch {
  display: flex;
  gap: 11px;
  align-items: center;
  padding: 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
.batch i {
  flex: 0 0 30px;
  height: 30px;
  border-radius: 8px;
  border: 1px solid rgb(29 36 34 / 35%);
}
.batch span > * {
  display: block;
}
tr.on td {
  background: #fff;
}
td {
  vertical-align: middle !important;
}
.lines td {
  border-top: 0;
  padding-top: 0;
  background: #fff;
}
.panel-top {
  margin: 26px 0 8px;
}
.line {
  display: flex;
  gap: 12px;
  min-height: 42px;
  align-items: center;
  padding: 0;
}
.card {
  display: grid;
  gap: 8px;
  padding-bottom: 12px;
}
.warning {
  color: var(--tight);
}
</style>
