<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { GroupView } from '@/shared/api'
import { asMinutes } from '@/shared/format'
import type { Turn } from './useTurn'

/** What is left of the turn, called ahead of its end and when it is due; its place is there before it is filled. */
const props = defineProps<{ group: GroupView, turn: Turn }>()
const { t } = useI18n()
const left = computed(() => props.turn.by.value === 'MINUTES'
  ? asMinutes(props.turn.left.value)
  : t(`group.left.${props.turn.by.value}`, { count: props.turn.left.value }, props.turn.left.value))
const call = computed(() => props.turn.call.value)
const won = computed(() => props.group.won.map((rounds, team) => t('group.won', { number: team + 1, count: rounds }, rounds)).join(' · '))
const words = computed(() => {
  if (props.group.ended) {
    return won.value
  }
  if (call.value === 'STOP') {
    return t(props.group.points.length ? 'group.roundOver' : 'group.stop')
  }
  return call.value === 'SOON' ? t('group.soon') : ''
})
</script>

<template>
  <div class="call" :class="call.toLowerCase()" role="status" data-test="call">
    <p v-if="!group.ended && !group.points.length" class="left" data-test="left">{{ left }}</p>
    <p v-else-if="!group.ended" class="rounds soft">{{ won }}</p>
    <p class="words">{{ words }}</p>
  </div>
</template>

<style scoped>
.call {
  display: flex;
  align-items: center;
  gap: 16px;
  min-height: 72px;
  padding: 0 16px;
  border: 0 solid var(--rule);
  border-left-width: 10px;
}

.soon {
  border-color: var(--steel);
}

.stop {
  border-color: var(--ink);
  background: var(--ink);
  color: var(--paper);
}

.left {
  min-width: 144px;
  font-family: var(--counts);
  font-size: 56px;
  font-weight: 600;
  line-height: 1;
  font-variant-numeric: tabular-nums;
}

.words {
  font-size: 32px;
  font-weight: 650;
}
</style>
