<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { askZone } from '@/charting/asked'
import CourtDrawing from '@/court/CourtDrawing.vue'
import { surfaceOf } from '@/court/shape'
import type { Mark } from '@/court/MarkLayer.vue'
import type { Court, Drill, Player, PlayerRecord, Reading, Ruling, ZoneReport } from '@/shared/api'
import { levelOf, lyingFor, stageOf } from '@/shared/sentences'
import { useSettings } from '@/shared/settings'
import ZoneChance from './ZoneChance.vue'

/** All landings on the chosen set's level; the chosen set stands out, the others are drawn faint. */
const props = defineProps<{
  player: Player
  record: PlayerRecord
  drill: Drill
  court: Court
  chosen: Reading | undefined
}>()
const { t } = useI18n()
const settings = useSettings()
const FAINTEST = 0.1
const FAINT = 0.4
const level = computed(() => props.chosen?.set.level ?? props.record.level)
const runs = computed(() => new Set(
  props.record.sets.filter((reading) => reading.set.level === level.value).map((reading) => reading.set.run),
))
const lying = computed(() => lyingFor(levelOf(props.drill, level.value), props.player.hand))
const stage = computed(() => stageOf(lying.value))
const landings = computed(() => props.record.landings.filter(
  (landing) => runs.value.has(landing.run) && landing.stage === lying.value.stages.length - 1))
/** The sets in the order they were held, each with how strongly it is drawn: the chosen one fully, then by age. */
const strengths = computed(() => {
  const order = [...new Set(landings.value.map((landing) => landing.run))]
  return new Map(order.map((run, place) => [
    run, run === props.chosen?.set.run ? 1 : FAINTEST + (FAINT - FAINTEST) * (place + 1) / order.length,
  ]))
})
const marks = computed<Mark[]>(() => {
  const all = landings.value.map((landing, place) => ({
    id: `${landing.run}.${place}`,
    x: landing.x,
    y: landing.y,
    ruling: { outcome: landing.outcome, side: landing.side, zone: landing.zone } as Ruling,
    strength: strengths.value.get(landing.run) ?? 1,
    size: landing.run === props.chosen?.set.run ? 0.13 : 0.1,
  }))
  return all.sort((one, other) => one.strength - other.strength)
})

const WANTED_AT_FIRST = 0.7
const wanted = ref(WANTED_AT_FIRST)
const report = shallowRef<ZoneReport>()
const reportFailed = ref(false)
const half = computed(() => report.value?.half)

watch([level, wanted, () => props.record], async ([nowLevel, nowWanted], before) => {
  if (before[0] !== nowLevel) {
    report.value = undefined
  }
  const answer = await askZone(props.player.id, {
    drill: props.drill.id, track: props.record.track, level: nowLevel, chance: nowWanted, place: settings.place,
  }).catch(() => undefined)
  if (nowLevel === level.value && nowWanted === wanted.value) {
    report.value = answer?.data
    reportFailed.value = !answer
  }
}, { immediate: true })
</script>

<template>
  <section>
    <h2>{{ t('player.landings', { level }) }}</h2>
    <p class="soft small">
      {{ t('player.landingCount', { count: landings.length, sets: strengths.size }) }}. {{ t('player.landingsOf') }}
    </p>
    <p v-if="landings.length === 0">{{ t('player.landingsNone') }}</p>
    <div class="drawing">
      <CourtDrawing
        :surface="surfaceOf(court, stage.plane)"
        :in-use="stage.inUse"
        :zones="stage.zones"
        standpoint="BEHIND"
        :hitter="t('court.hitterPlain')"
        :label="t('court.drawingPlain')"
        :marks="marks"
      >
        <g v-if="half" :transform="`translate(${half.middle.x} ${half.middle.y}) rotate(${half.degrees})`">
          <ellipse class="halo" :rx="half.major" :ry="half.minor" />
          <ellipse class="half" :rx="half.major" :ry="half.minor" />
        </g>
      </CourtDrawing>
    </div>
    <ZoneChance v-model:wanted="wanted" :report="report" :failed="reportFailed" />
  </section>
</template>

<style scoped>
.drawing {
  max-width: 480px;
  margin-top: 8px;
}

.halo {
  fill: none;
  stroke: var(--sheet);
  stroke-width: 5px;
  vector-effect: non-scaling-stroke;
}

.half {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2px;
  stroke-dasharray: 6px 4px;
  vector-effect: non-scaling-stroke;
}

.small {
  font-size: 14px;
}
</style>
