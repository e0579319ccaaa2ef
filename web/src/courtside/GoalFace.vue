<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Level, SetView } from '@/shared/api'
import { asMinutes } from '@/shared/format'
import CoverMap from './CoverMap.vue'
import GoalPegs from './GoalPegs.vue'
import RallyFace from './RallyFace.vue'
import RunClimb from './RunClimb.vue'
import SideCounts from './SideCounts.vue'
import StationList from './StationList.vue'
import type { Live } from './useLive'

/** A goal as it is followed from beside the court: each kind in the same place, by what it is made of. */
const props = defineProps<{ level: Level, set: SetView | undefined, live: Live, names: string[], team: number }>()
const emit = defineEmits<{ side: [side: number], tick: [] }>()
const { t } = useI18n()
const goal = computed(() => props.level.goal)
const count = computed(() => props.set?.count ?? props.level.fresh)
const typed = ref<number>()
const clock = computed(() => asMinutes(Math.floor(props.live.seconds.value)))
const rounds = computed(() => goal.value.kind === 'WATCH' ? goal.value.laps ?? 1 : count.value.stations)
const closed = computed(() => !!props.set?.closed || count.value.full)

function take() {
  if (typed.value !== undefined && typed.value >= 0) {
    props.live.take(typed.value)
    typed.value = undefined
  }
}
</script>

<template>
  <SideCounts
    v-if="count.parts.length > 1 && goal.kind !== 'COVER' && goal.kind !== 'COMPARE'"
    :counts="count.parts"
    :names="names"
    :team="team"
    :finish="count.wanted"
    :winner="count.winner"
    @side="emit('side', $event)"
  />
  <RunClimb v-if="goal.kind === 'RUN'" :wanted="count.wanted" :now="count.done" :broke-at="count.brokeAt" />
  <StationList v-else-if="goal.kind === 'LADDER'" :stations="goal.stations ?? []" :count="count" />
  <CoverMap v-else-if="goal.kind === 'COVER'" :zones="level.target.zones" :counts="count.parts" :times="goal.times ?? 1" />
  <div v-else-if="goal.kind === 'RALLY' || goal.kind === 'MEASURED'" class="values">
    <RallyFace v-if="goal.kind === 'RALLY'" :rally="live.rally" :names="names" :closed="closed" />
    <form class="typed" @submit.prevent="take">
      <v-text-field
        v-model.number="typed"
        type="number"
        inputmode="decimal"
        min="0"
        :label="goal.kind === 'RALLY' ? t('count.rallyLength') : goal.what"
        hide-details
      />
      <v-btn type="submit" :disabled="closed">{{ t('count.take') }}</v-btn>
    </form>
  </div>
  <v-btn v-else-if="goal.kind === 'TICK'" size="large" :disabled="closed" @click="emit('tick')">{{ t('count.tick') }}</v-btn>
  <template v-else-if="live.hasClock.value">
    <div class="time">
      <p class="clock" role="timer" data-test="clock">{{ clock }}</p>
      <p v-if="live.restLeft.value !== undefined" class="small" :class="{ soon: live.restLeft.value <= 10 }" data-test="rest">
        {{ t('count.rest', { seconds: Math.ceil(live.restLeft.value) }) }}
      </p>
    </div>
    <ol v-if="rounds > 1" class="rounds" :aria-label="t('count.rounds')">
      <li
        v-for="round in rounds"
        :key="round"
        :class="{ now: round === count.station + 1, past: round <= count.station }"
      >
        {{ goal.stations?.[round - 1]?.name ?? round }}
      </li>
    </ol>
    <v-btn size="large" block :disabled="closed" @click="live.startOrStop()">
      {{ t(live.running.value ? 'count.stop' : 'count.start') }}
    </v-btn>
  </template>
  <GoalPegs v-else-if="goal.kind !== 'RACE' && goal.kind !== 'DUEL'" :level="level" :set="set" />
</template>

<style scoped>
.time {
  display: flex;
  align-items: center;
  gap: 16px;
}

.clock {
  font-family: var(--counts);
  font-size: 56px;
  line-height: 1;
  font-variant-numeric: tabular-nums;
}

.rounds {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  list-style: none;
  padding: 0;
  margin: 8px 0;
}

.rounds li {
  flex: 1 1 auto;
  padding: 2px 6px;
  text-align: center;
  font-size: 14px;
  border-bottom: 4px solid var(--rule);
}

.rounds .past {
  border-color: var(--ink);
}

.rounds .now {
  border-color: var(--steel);
  font-weight: 650;
}

.values {
  display: grid;
  gap: 8px;
}

.typed {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
}

.small {
  font-size: 14px;
}

.soon {
  font-weight: 650;
}
</style>
