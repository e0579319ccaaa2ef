<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { askRallies } from '@/charting/asked'
import type { Contacts, Drill, LevelRallies } from '@/shared/api'
import { asDay, asPercent } from '@/shared/format'
import { useAsked } from '@/shared/useAsked'
import SurvivalCurve from './SurvivalCurve.vue'

/** How long a player's rallies last, level by level: the best to beat, who errs how often, and what is sensible next. */
const props = defineProps<{ player: string, drill: Drill, track: string }>()
const { t } = useI18n()
const CONTACTS = ['ALL', 'OWN', 'AFTER_THE_SERVE'] as const
const counts = ref<Contacts | 'AS_PLAYED'>('AS_PLAYED')
/** As the coach writes them; none until then. */
const written = useStorage('bersaglio.rallyBands', '')
const MOST_BANDS = 6
const bands = computed(() => [...new Set((written.value.match(/\d+/g) ?? []).map(Number))]
  .filter((one) => one > 0 && one <= 10_000).sort((one, other) => one - other).slice(0, MOST_BANDS))
const { answer, failed, load } = useAsked(() => askRallies(props.player, props.drill.id, props.track, {
  counts: counts.value === 'AS_PLAYED' ? undefined : counts.value, bands: bands.value,
}))
watch(() => [props.player, props.drill.id, props.track, counts.value, bands.value.join()], load)

type Report = LevelRallies['report']
const ways = computed(() => [
  { value: 'AS_PLAYED', title: t('rallies.asPlayed') },
  ...CONTACTS.map((value) => ({ value, title: t(`rallies.counts.${value}`) })),
])
const length = (report: Report, count: number) => t(`rallies.length.${report.counts}`, { count }, count)
const best = (report: Report) => report.best && t(report.best.laid ? 'rallies.bestLaid' : 'rallies.best', {
  length: length(report, report.best.length), date: asDay(report.best.heldAt),
})
const median = (report: Report) => report.median === undefined
  ? ''
  : t('rallies.median', { length: length(report, report.median), rallies: t('counted.RALLY', { count: report.rallies }, report.rallies) })
const errors = ({ errors: own, othersErrors }: Report) => own.trials === 0
  ? t('rallies.typedOnly')
  : t('rallies.errors', {
      own: own.hits, tried: own.trials, rate: asPercent(own.share), others: othersErrors.hits, othersTried: othersErrors.trials,
    })
const next = (report: Report) => report.errors.trials > 0 && report.target > 0
  ? t('rallies.target', { length: length(report, report.target) })
  : ''

function inBands(report: Report): string {
  const words = report.bands.map((count, place) => {
    const from = bands.value[place - 1]
    const until = bands.value[place]
    const band = from === undefined
      ? t('rallies.under', { until })
      : until === undefined ? t('rallies.from', { from }) : t('rallies.between', { from, last: until - 1 })
    return t('rallies.band', { band, count })
  })
  return words.join(' · ')
}
</script>

<template>
  <section data-test="player-rallies">
    <h2>{{ t('rallies.title') }}</h2>
    <p v-if="failed" class="soft">{{ t('state.failed') }} <v-btn variant="text" @click="load">{{ t('state.retry') }}</v-btn></p>
    <p v-else-if="answer && answer.data.length === 0" class="soft">{{ t('rallies.none') }}</p>
    <template v-else>
      <div class="asked">
        <v-select v-model="counts" :label="t('rallies.counts.label')" :items="ways" hide-details />
        <v-text-field
          v-model="written"
          :label="t('rallies.bands')"
          :hint="t('rallies.bandsHint')"
          inputmode="numeric"
          persistent-hint
        />
      </div>
      <div class="levels" :aria-busy="!answer">
        <section v-for="{ level, report } in answer?.data ?? []" :key="level">
          <h3>{{ t('rallies.level', { level, counts: t(`rallies.counts.${report.counts}`) }) }}</h3>
          <p v-if="best(report)"><strong>{{ best(report) }}</strong></p>
          <p v-if="median(report)">{{ median(report) }}</p>
          <p v-if="bands.length && report.rallies" data-test="bands">{{ inBands(report) }}</p>
          <p v-if="report.leftOut" class="soft">{{ t('rallies.leftOut', { count: report.leftOut }, report.leftOut) }}</p>
          <p>{{ errors(report) }}</p>
          <p v-if="next(report)"><strong>{{ next(report) }}</strong></p>
          <SurvivalCurve v-if="report.survival.length" :steps="report.survival" />
        </section>
      </div>
    </template>
  </section>
</template>

<style scoped>
.asked {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 260px), 320px));
  align-items: start;
  gap: 12px 24px;
  margin: 16px 0;
}

.levels {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 480px));
  gap: 24px;
  min-height: 120px;
}
</style>
