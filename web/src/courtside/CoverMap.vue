<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Zone } from '@/shared/api'

/** Every zone as a cell that fills. */
defineProps<{ zones: Zone[], counts: number[], times: number }>()
const { t } = useI18n()
</script>

<template>
  <ul :aria-label="t('count.zones')">
    <li v-for="(count, place) in counts" :key="place">
      <span class="fill" :style="{ width: `${100 * Math.min(1, count / times)}%` }" />
      <span class="words">{{ place + 1 }} {{ zones.find((zone) => zone.number === place + 1)?.name }}</span>
      <span class="words of">{{ t('courtside.count', { hits: count, trials: times }) }}</span>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  gap: 4px;
  list-style: none;
  padding: 0;
}

li {
  position: relative;
  display: flex;
  justify-content: space-between;
  gap: 8px;
  padding: 4px 8px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  overflow: hidden;
}

.fill {
  position: absolute;
  inset: 0 auto 0 0;
  background: var(--floor);
}

.words {
  position: relative;
}

.of {
  font-variant-numeric: tabular-nums;
}
</style>
