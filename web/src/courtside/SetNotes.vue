<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Drill, SetView } from '@/shared/api'
import { asPercent } from '@/shared/format'
import { useGoals } from '@/shared/goals'
import type { useSet } from './useSet'

/** What only some drills ask of a set: which wing, hand or side, the range first, what misses owe, the chance from here. */
type Charted = ReturnType<typeof useSet>
const props = defineProps<{ drill: Drill, set: SetView | undefined, charted: Charted }>()
const emit = defineEmits<{ settle: [logged: ReturnType<Charted['startScoring']>] }>()
const { t } = useI18n()
const { trackWords } = useGoals()
const tracks = computed(() => props.drill.tracks.map((value) => ({ value, title: trackWords(value) })))
const track = computed(() => props.set?.track ?? props.charted.conditions.value.track ?? '')
const findsRange = computed(() => props.drill.design.rangeFinding === 'UNTIL_THE_COACH_SAYS')
const scoring = computed(() => props.set?.count.scoring ?? !findsRange.value)
const owed = computed(() => props.set?.count.owed ?? 0)
const here = ref<string>()

watch(() => props.set, () => {
  here.value = undefined
})

function askFromHere() {
  const seen = props.charted.fromHere()
  here.value = seen
    ? t('count.fromHere', { chance: asPercent(seen.chance), rate: asPercent(seen.rate), trials: seen.trials })
    : t('count.notFromHere')
}
</script>

<template>
  <div class="notes">
    <v-select
      v-if="!set && tracks.length > 1"
      :model-value="track"
      :label="t('track.label')"
      :items="tracks"
      hide-details
      @update:model-value="charted.onTrack($event)"
    />
    <p v-else-if="track" class="small">{{ trackWords(track) }}</p>
    <template v-if="findsRange && !scoring && !set?.closed">
      <p class="small">{{ t('count.range') }}</p>
      <v-btn @click="emit('settle', charted.startScoring())">{{ t('count.startScoring') }}</v-btn>
    </template>
    <v-btn v-if="owed > 0" @click="emit('settle', charted.payOwed(owed))">{{ t('count.pay', { count: owed }, owed) }}</v-btn>
    <template v-if="set && !set.closed && set.standing === 'OPEN'">
      <p v-if="here" class="small" role="status" data-test="from-here">{{ here }}</p>
      <v-btn v-else variant="text" @click="askFromHere">{{ t('count.askFromHere') }}</v-btn>
    </template>
  </div>
</template>

<style scoped>
.notes {
  display: grid;
  gap: 8px;
  margin-top: 12px;
  justify-items: start;
}

.notes :deep(.v-select) {
  width: 100%;
}

.small {
  font-size: 14px;
  line-height: 1.4;
}
</style>
