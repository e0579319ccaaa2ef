<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** Sides beside each other; the one that hits next stands out, and a touch on another gives it the next ball. */
defineProps<{ counts: number[], names: string[], team: number, finish: number, winner?: number | undefined }>()
const emit = defineEmits<{ side: [side: number] }>()
const { t } = useI18n()
</script>

<template>
  <div class="sides" role="group" :aria-label="t('count.sides')">
    <button
      v-for="(count, side) in counts"
      :key="side"
      type="button"
      :class="{ next: side === team && winner === undefined, won: side === winner }"
      :aria-pressed="side === team"
      :data-test="`side-${side}`"
      @click="emit('side', side)"
    >
      <span class="name">{{ names[side] ?? t('count.side', { number: side + 1 }) }}</span>
      <span class="number">{{ count }}</span>
      <span class="word">{{ side === winner ? t('count.won') : side === team && winner === undefined ? t('count.next') : '' }}</span>
    </button>
  </div>
</template>

<style scoped>
.sides {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  gap: 8px;
}

button {
  display: grid;
  justify-items: center;
  min-height: 88px;
  padding: 8px 4px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
}

.next {
  border: 3px solid var(--steel);
}

.won {
  border: 3px solid var(--pine);
}

.name {
  font-size: 14px;
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
}

.number {
  font-family: var(--counts);
  font-size: 40px;
  line-height: 1;
}

.word {
  font-size: 13px;
  min-height: 18px;
}
</style>
