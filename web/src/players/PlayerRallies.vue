<script setup lang="ts">
import { watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { askRallies } from '@/charting/asked'
import type { Drill, LevelRallies } from '@/shared/api'
import { asPercent } from '@/shared/format'
import { useAsked } from '@/shared/useAsked'
import SurvivalCurve from './SurvivalCurve.vue'

/** How long a player's rallies last, level by level: who errs how often, and what is sensible next. */
const props = defineProps<{ player: string, drill: Drill, track: string }>()
const { t } = useI18n()
const { answer, failed, load } = useAsked(() => askRallies(props.player, props.drill.id, props.track))
watch(() => [props.player, props.drill.id, props.track], load)

type Report = LevelRallies['report']
const lengths = ({ best, median, rallies }: Report) => best === undefined || median === undefined
  ? ''
  : t('rallies.lengths', { best, median, rallies: t('counted.RALLY', { count: rallies }, rallies) })
const errors = ({ errors: own, othersErrors }: Report) => own.trials === 0
  ? t('rallies.typedOnly')
  : t('rallies.errors', {
      own: own.hits, tried: own.trials, rate: asPercent(own.share), others: othersErrors.hits, othersTried: othersErrors.trials,
    })
const next = ({ errors: own, target }: Report) => own.trials > 0 && target > 0
  ? t('rallies.target', { contacts: t('count.contacts', { count: target }, target) })
  : ''
</script>

<template>
  <section data-test="player-rallies">
    <h2>{{ t('rallies.title') }}</h2>
    <p v-if="failed" class="soft">{{ t('state.failed') }} <v-btn variant="text" @click="load">{{ t('state.retry') }}</v-btn></p>
    <p v-else-if="answer && answer.data.length === 0" class="soft">{{ t('rallies.none') }}</p>
    <div v-else class="levels" :aria-busy="!answer">
      <section v-for="{ level, report } in answer?.data ?? []" :key="level">
        <h3>{{ t('rallies.level', { level, counts: t(`rallies.counts.${report.counts}`) }) }}</h3>
        <p>{{ lengths(report) }}</p>
        <p>{{ errors(report) }}</p>
        <p v-if="next(report)"><strong>{{ next(report) }}</strong></p>
        <SurvivalCurve v-if="report.survival.length" :steps="report.survival" />
      </section>
    </div>
  </section>
</template>

<style scoped>
.levels {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 480px));
  gap: 24px;
  min-height: 120px;
}
</style>
