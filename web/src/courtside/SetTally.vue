<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useOutbox } from '@/charting/outbox'
import type { Level, SetView } from '@/shared/api'
import { useGoals } from '@/shared/goals'
import GoalFace from './GoalFace.vue'
import type { Live } from './useLive'

/** The count, what is wanted of it, and the goal as it is followed: always as high, so that nothing beneath it moves. */
const props = defineProps<{
  level: Level
  set: SetView | undefined
  live: Live
  names: string[]
  team: number
}>()
const emit = defineEmits<{ side: [side: number], tick: [] }>()
const { t } = useI18n()
const outbox = useOutbox()
/** Shots that are gone with this page, unless the device has room before. */
const notKept = computed(() => outbox.unkept.length === 0
  ? 0
  : props.set?.shots.filter((shot) => outbox.unkept.includes(shot.id)).length ?? 0)
const goals = useGoals()
const count = computed(() => props.set?.count ?? props.level.fresh)
</script>

<template>
  <div class="tally" :class="{ close: level.dials.pattern }" data-test="tally">
    <p v-if="goals.place(level.goal, count)" class="place" data-test="station">{{ goals.place(level.goal, count) }}</p>
    <p class="count big" data-test="count">{{ goals.counted(level, set) }}</p>
    <p class="standing" :class="notKept ? 'lost' : set?.standing ?? 'OPEN'">
      <strong v-if="notKept" role="alert" data-test="not-kept">{{ t('courtside.ofTheseNotKept', { count: notKept }, notKept) }}</strong>
      <span data-test="standing" :class="{ small: notKept }">{{ goals.standing(level, set) }}</span>
    </p>
    <GoalFace
      :level="level"
      :set="set"
      :live="live"
      :names="names"
      :team="team"
      @side="emit('side', $event)"
      @tick="emit('tick')"
    />
  </div>
</template>

<style scoped>
.small {
  font-size: 14px;
  line-height: 1.4;
}

.big {
  font-size: 76px;
}

/* Beside a pattern there is more to say. */
.close .big {
  font-size: 60px;
  line-height: 1;
}

.close .standing {
  min-height: 44px;
  font-size: 18px;
}

.tally > * + * {
  margin-top: 8px;
}

/* Two lines, whether they are filled or not. */
.standing {
  display: grid;
  align-content: center;
  min-height: 52px;
  font-size: 20px;
  line-height: 1.3;
  padding-left: 12px;
  border-left: 6px solid var(--rule);
}

.standing.MET {
  border-color: var(--pine);
}

.standing.OUT_OF_REACH,
.standing.lost {
  border-color: var(--plum);
}
</style>
