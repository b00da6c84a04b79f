<script setup lang="ts">
import { computed, ref } from 'vue';
import { recipeOf, scaled } from '@core/pastes/index.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** A glue or icing for as much as is wanted. */
const props = defineProps<{ id: string }>();
const wanted = ref(50);
const recipe = computed(() => recipeOf(props.id)!);
const made = computed(() => scaled(recipe.value, wanted.value));
</script>

<template>
  <div class="recipe">
    <QuantityField
      label="Wanted"
      kind="mass"
      :width="74"
      :value="wanted"
      @change="(v) => v > 0 && (wanted = v)"
    />
    <p v-for="p in made.parts" :key="p.name">
      <strong><WhyButton :figure="p" /></strong> {{ p.name }}
    </p>
    <p class="muted small how">{{ recipe.how }} Keeps about {{ recipe.keepsDays }} days.</p>
  </div>
</template>

<style scoped>
.recipe {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  align-items: flex-end;
  padding: 4px 0 12px 164px;
}
.how {
  flex-basis: 100%;
}
</style>
