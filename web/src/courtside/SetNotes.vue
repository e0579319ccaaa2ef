<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Drill, SetView } from '@/shared/api'
import { useGoals } from '@/shared/goals'
import { useSettings } from '@/shared/settings'
import type { useSet } from './useSet'

/** What only some drills ask of a set: which wing, hand or side, the range first, what misses owe. */
type Charted = ReturnType<typeof useSet>
const props = defineProps<{ drill: Drill, set: SetView | undefined, charted: Charted }>()
const emit = defineEmits<{ settle: [logged: ReturnType<Charted['startScoring']>] }>()
const { t } = useI18n()
const { trackWords } = useGoals()
const tracks = computed(() => props.drill.tracks.map((value) => ({ value, title: trackWords(value) })))
const track = computed(() => props.set?.track ?? props.charted.conditions.value.track ?? '')
const findsRange = computed(() => props.drill.design.rangeFinding === 'UNTIL_THE_COACH_SAYS')
const scoring = computed(() => props.set?.count.scoring ?? !findsRange.value)
const settings = useSettings()
const calling = ref(false)
const called = ref<number>()
const fresh = computed(() => !props.set?.shots.length)

function call() {
  if (called.value !== undefined && Number.isInteger(called.value)) {
    emit('settle', props.charted.callNumber(called.value, settings.standpoint))
    calling.value = false
  }
}
const owed = computed(() => props.set?.count.owed ?? 0)
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
    <p v-if="set?.count.called !== undefined" class="small" data-test="called">{{ t('count.called', { count: set.count.called }) }}</p>
    <form v-else-if="fresh && calling" class="call" @submit.prevent="call">
      <v-text-field
        v-model.number="called"
        type="number"
        inputmode="numeric"
        min="0"
        :label="t('count.callLabel')"
        autofocus
        hide-details
      />
      <v-btn type="submit">{{ t('count.callIt') }}</v-btn>
    </form>
    <v-btn v-else-if="fresh && !set?.closed" variant="text" @click="calling = true">{{ t('count.call') }}</v-btn>
    <v-btn v-if="owed > 0" @click="emit('settle', charted.payOwed(owed))">{{ t('count.pay', { count: owed }, owed) }}</v-btn>
  </div>
</template>

<style scoped>
.notes:not(:empty) {
  display: grid;
  gap: 8px;
  margin-top: 12px;
  justify-items: start;
}

.call {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  width: 100%;
}

.notes :deep(.v-select) {
  width: 100%;
}

.small {
  font-size: 14px;
  line-height: 1.4;
}
</style>
