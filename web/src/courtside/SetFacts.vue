<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Level, SetView } from '@/shared/api'
import { asMetres } from '@/shared/format'
import { useGoals } from '@/shared/goals'

/** What else there is to say of a set: the best still reachable, which try it is, where it broke, what was not seen. */
const props = defineProps<{ level: Level, set: SetView | undefined, tries: number, best: number | undefined }>()
const { t } = useI18n()
const goals = useGoals()
const count = computed(() => props.set?.count ?? props.level.fresh)
const fromAim = computed(() => props.set?.shots.at(-1)?.fromAim)
/** Shots past the block; in a pattern those that were for one of its steps. */
const past = computed(() => props.set?.shots.filter((shot) =>
  !shot.counted && !shot.hitter && (!props.level.dials.pattern || shot.step !== undefined)).length ?? 0)
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
  <p class="soft facts" data-test="best">{{ facts.join(' · ') }}</p>
  <p v-if="set?.claims" class="facts">{{ t('pen.claims', { count: set.claims }, set.claims) }}</p>
</template>

<style scoped>
.facts {
  font-size: 14px;
  line-height: 1.4;
}
</style>
