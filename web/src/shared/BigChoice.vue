<script setup lang="ts" generic="T extends string">
import { useI18n } from 'vue-i18n'

/** One of a few that differ much, each with what it is about. */
defineProps<{ label: string, words: string, about: string, values: readonly T[] }>()
const value = defineModel<T>({ required: true })
const { t } = useI18n()
</script>

<template>
  <div class="kinds" role="group" :aria-label="label">
    <button
      v-for="one in values"
      :key="one"
      type="button"
      :aria-pressed="value === one"
      @click="value = one"
    >
      <strong>{{ t(`${words}.${one}`) }}</strong>
      <span>{{ t(`${about}.${one}`) }}</span>
    </button>
  </div>
</template>

<style scoped>
.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 8px;
}

button {
  display: grid;
  gap: 4px;
  align-content: start;
  min-height: 80px;
  padding: 12px 16px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  text-align: left;
}

button[aria-pressed='true'] {
  border: 3px solid var(--ink);
}
</style>
