<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useOutbox } from '@/charting/outbox'
import type { Level, SetView } from '@/shared/api'
import { asMetres } from '@/shared/format'
import { useGoals } from '@/shared/goals'
import GoalFace from './GoalFace.vue'
import type { Live } from './useLive'

/** The count, what is wanted of it, and the goal as it is followed. */
const props = defineProps<{
  level: Level
  set: SetView | undefined
  tries: number
  best: number | undefined
  live: Live
  names: string[]
  team: number
}>()
const emit = defineEmits<{ side: [side: number], tick: [] }>()
const { t } = useI18n()
const outbox = useOutbox()
/** Shots that are gone with this page, unless the device has room before. */
const notKept = computed(() => props.set?.shots.filter((shot) => outbox.unkept.includes(shot.id)).length ?? 0)
const goals = useGoals()
const count = computed(() => props.set?.count ?? props.level.fresh)
const fromAim = computed(() => props.set?.shots.at(-1)?.fromAim)
const past = computed(() => props.set?.shots.filter((shot) => !shot.counted).length ?? 0)
const disputed = computed(() => props.set?.counts.filter((said) => said.claims.length > 0).at(-1))
const facts = computed(() => [
  props.level.goal.kind === 'QUOTA'
    ? t('courtside.best', { best: count.value.best, balls: props.level.goal.balls ?? 0 })
    : goals.missRule(props.level.goal),
  props.best === undefined ? '' : t('count.toBeat', { best: props.best }),
  props.level.tries > 1 ? t(props.tries > props.level.tries ? 'count.tryOver' : 'count.try', { number: props.tries, tries: props.level.tries }) : '',
  goals.broke(count.value),
  count.value.owed ? t('count.owed', { count: count.value.owed }) : '',
  props.set?.notSeen ? t('courtside.notSeen', { count: props.set.notSeen }) : '',
  props.level.target.zones.some((zone) => zone.asks.rings) ? t('courtside.points', { count: props.set?.points ?? 0 }) : '',
  fromAim.value === undefined ? '' : t('editor.fromAim', { length: `${asMetres(fromAim.value)} m` }),
  past.value ? t('courtside.past', { count: past.value }) : '',
  disputed.value ? t('countIs.was', { count: disputed.value.count, claims: disputed.value.claims.join(', ') }) : '',
].filter((words) => words !== ''))
</script>

<template>
  <div class="tally" data-test="tally">
    <p v-if="goals.place(level.goal, count)" class="place" data-test="station">{{ goals.place(level.goal, count) }}</p>
    <p class="count big" data-test="count">{{ goals.counted(level, set) }}</p>
    <p v-if="notKept" class="not-kept" role="alert" data-test="not-kept">{{ t('courtside.ofTheseNotKept', { count: notKept }, notKept) }}</p>
    <p class="standing" :class="set?.standing ?? 'OPEN'" data-test="standing">{{ goals.standing(level, set) }}</p>
    <GoalFace
      :level="level"
      :set="set"
      :live="live"
      :names="names"
      :team="team"
      @side="emit('side', $event)"
      @tick="emit('tick')"
    />
    <p class="soft small" data-test="best">{{ facts.join(' · ') }}</p>
    <p v-if="set?.claims" class="small">{{ t('courtside.claims', { count: set.claims }) }}</p>
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

.not-kept {
  font-weight: 700;
  padding-left: 12px;
  border-left: 6px solid var(--plum);
}

.tally > * + * {
  margin-top: 8px;
}

.standing {
  font-size: 20px;
  padding-left: 12px;
  border-left: 6px solid var(--rule);
}

.standing.MET {
  border-color: var(--pine);
}

.standing.OUT_OF_REACH {
  border-color: var(--plum);
}
</style>
