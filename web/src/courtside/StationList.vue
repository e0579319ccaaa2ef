<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Goal, SetCount } from '@/shared/api'

/** Stations in the order in which they are climbed, the lowest first. */
const props = defineProps<{ stations: NonNullable<Goal['stations']>, count: SetCount }>()
const { t } = useI18n()
const over = computed(() => props.count.wanted > 0 && props.count.done >= props.count.wanted)
</script>

<template>
  <ol :aria-label="t('count.stations')">
    <li
      v-for="({ name, hits }, place) in stations"
      :key="place"
      :class="{ now: place === count.station && !over, past: place < count.station || over }"
      :aria-current="place === count.station && !over ? 'step' : undefined"
    >
      <span>{{ name }}</span>
      <span class="of">{{ place === count.station && !over ? t('courtside.count', { hits: count.here, trials: hits ?? 0 }) : hits }}</span>
    </li>
  </ol>
</template>

<style scoped>
ol {
  display: grid;
  gap: 2px;
  list-style: none;
  padding: 0;
}

li {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  padding: 2px 8px;
  font-size: 16px;
  border-left: 6px solid var(--rule);
}

.past {
  border-color: var(--ink);
}

.now {
  border-color: var(--steel);
  font-weight: 650;
}

.of {
  font-variant-numeric: tabular-nums;
}
</style>
