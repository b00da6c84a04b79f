<script setup lang="ts">
import { computed, ref } from 'vue';
import { refreshOwn, removeBlend, replaceBlend } from '@core/edits/index.ts';
import {
  blendDensity,
  chooseGlue,
  materialOf,
  MATERIALS,
  MATERIAL_IDS,
  sameOwn,
  shrinkOf,
  type Blend,
  type OwnPaste,
} from '@core/pastes/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStores } from '../../state/stores.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import ChocolateCard from './ChocolateCard.vue';
import JobTable from './JobTable.vue';
import MeasurePanel from './MeasurePanel.vue';
import ChoiceField from '../../shared/ChoiceField.vue';
import TextField from '../../shared/TextField.vue';

/** One blend: what it is made from, how stiff, what is known of it, and what was measured. */
const props = defineProps<{ blend: Blend }>();
const emit = defineEmits<{ gone: [] }>();
const store = useBuild();
const here = useOpenBuild();
const shelf = useStores();
const build = computed(() => here.build);
const material = computed(() => materialOf(props.blend.base));
const doubts = computed(() => here.report.doses.get(props.blend.id) ?? []);
/** What holds it to its like, soft on firm: the usual joint. */
const glues = computed(() => {
  const { family } = material.value;
  return chooseGlue([family, family], ['soft', 'firm'])
    .filter((g) => g.fits)
    .map((g) => g.glue.name)
    .join(', ');
});
/** What the stores know of this paste by now, where that is something else. */
const newer = computed(() => {
  const { own } = props.blend;
  const there = own && shelf.stores.pastes.find((p) => p.id === own.id && p.like === own.like);
  return there && !sameOwn(own, there) ? there : undefined;
});
const measuring = ref(false);
const bases = computed(() => [
  ...MATERIAL_IDS.map((id) => ({ value: id as string, label: MATERIALS[id].name as string })),
  ...shelf.stores.pastes.map((p) => ({ value: p.id, label: `${p.name}, your own` })),
]);
const apply = (next: Blend, what: string) => store.apply(replaceBlend(build.value, next), what);
const patch = (p: Partial<Blend>, what: string) => apply({ ...props.blend, ...p }, what);

/** Another paste: what does not go with it is left behind. */
function rebase(value: string): void {
  const own: OwnPaste | undefined = shelf.stores.pastes.find((p) => p.id === value);
  const base = own?.like ?? value;
  const { own: _own, ratio: _ratio, density: _density, gumPaste, powder, ...rest } = props.blend;
  const stiff = materialOf(base).stiffens;
  apply(
    { ...rest, base, gumPaste: stiff ? gumPaste : 0, powder: stiff ? powder : 0, ...(own ? { own } : {}) },
    'what a blend is made from',
  );
}
function remove(): void {
  if (store.apply(removeBlend(build.value, props.blend.id), 'removing a blend')) emit('gone');
}
</script>

<template>
  <div class="card">
    <div class="row fields">
      <TextField
        label="Name"
        required
        :value="blend.name"
        :width="185"
        @change="(name) => patch({ name }, 'the name of a blend')"
      />
      <ChoiceField
        label="Made from"
        :value="blend.own?.id ?? blend.base"
        :options="bases"
        :width="205"
        @change="(v) => rebase(v)"
      />
      <template v-if="material.stiffens">
        <QuantityField
          label="Gum paste"
          kind="percent"
          :width="62"
          :value="blend.gumPaste"
          @change="(v) => patch({ gumPaste: v }, 'the gum paste')"
        />
        <QuantityField
          label="Powder"
          kind="percent"
          :width="62"
          :value="blend.powder"
          @change="(v) => patch({ powder: v }, 'the powder')"
        />
      </template>
    </div>
    <p v-if="newer" class="row fields">
      Your stores know {{ newer.name }} differently by now.
      <button
        class="button"
        type="button"
        @click="store.apply(refreshOwn(build, newer), 'what is known of a paste')"
      >
        Bring it up to that
      </button>
    </p>
    <p v-for="d in doubts" :key="d" class="warn"><span aria-hidden="true">◆</span> {{ d }}</p>
    <JobTable v-if="material.stiffens" :blend="blend" @use="(b) => apply(b, 'the dose')" />
    <ChocolateCard
      v-if="material.chocolate"
      :blend="blend"
      :facts="material.chocolate"
      @ratio="(ratio) => patch({ ratio }, 'chocolate to syrup')"
    />
    <dl class="facts small">
      <div>
        <dt>Good for</dt>
        <dd>{{ material.goodFor }}</dd>
      </div>
      <div>
        <dt>Not for</dt>
        <dd>{{ material.badFor }}</dd>
      </div>
      <div>
        <dt>Heat and damp</dt>
        <dd>{{ material.weather }}</dd>
      </div>
      <div>
        <dt>Joined with</dt>
        <dd>{{ glues }}</dd>
      </div>
      <div>
        <dt>On the table</dt>
        <dd>{{ material.dusts.join(' or ') }}</dd>
      </div>
      <div>
        <dt>Keeps</dt>
        <dd>about {{ material.keeps.days }} days {{ material.keeps.how }}; the label comes first</dd>
      </div>
      <div>
        <dt>Who eats it</dt>
        <dd>
          vegetarian {{ material.diet.vegetarian }}, vegan {{ material.diet.vegan
          }}<template v-if="material.ask">. {{ material.ask }}</template>
        </dd>
      </div>
      <div>
        <dt>Weighs</dt>
        <dd>
          <WhyButton :figure="blendDensity(blend)" /><template v-if="shrinkOf(blend) > 0"
            >, shrinks {{ shrinkOf(blend) }} % on drying</template
          >
        </dd>
      </div>
    </dl>
    <div class="row fields">
      <button class="button" type="button" :aria-expanded="measuring" @click="measuring = !measuring">
        {{ measuring ? 'Enough measured' : 'Measure your own' }}
      </button>
      <button class="button" type="button" @click="remove">Remove this blend</button>
    </div>
    <MeasurePanel v-if="measuring" :blend="blend" @use="(b) => apply(b, 'a measurement')" />
  </div>
</template>

<style scoped>
.facts {
  display: grid;
  gap: 2px;
  margin: 0;
}
.facts div {
  display: grid;
  grid-template-columns: 104px 1fr;
  gap: 10px;
}
.facts dt {
  color: var(--ink-2);
}
.facts dd {
  margin: 0;
}
</style>
