<script setup lang="ts">
/** Take a picture, or choose one: a button with the file field over it. */
const file = defineModel<File | undefined>({ required: true });
const take = (e: Event) => (file.value = (e.target as HTMLInputElement).files?.[0]);
</script>

<template>
  <label class="button picture"
    >{{ file ? 'Picture taken' : 'Picture'
    }}<input type="file" accept="image/*" capture="environment" @change="take"
  /></label>
</template>

<style scoped>
.picture {
  position: relative;
  display: inline-flex;
  align-items: center;
}
.picture input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.picture:focus-within {
  outline: 2px solid var(--elm);
}
</style>
