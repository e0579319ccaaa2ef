<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CourtDrawing from '@/court/CourtDrawing.vue'
import { surfaceOf } from '@/court/shape'
import type { Mark } from '@/court/MarkLayer.vue'
import type { Court, Drill, Player, PlayerRecord, Reading, Ruling } from '@/shared/api'
import { areaFor, levelOf } from '@/shared/sentences'

/** All landings on the chosen set's level; the chosen set stands out, the others are drawn faint. */
const props = defineProps<{
  player: Player
  record: PlayerRecord
  drill: Drill
  court: Court
  chosen: Reading | undefined
}>()
const { t } = useI18n()
const FAINTEST = 0.1
const FAINT = 0.4
const level = computed(() => props.chosen?.set.level ?? props.record.level)
const runs = computed(() => new Set(
  props.record.sets.filter((reading) => reading.set.level === level.value).map((reading) => reading.set.run),
))
const landings = computed(() => props.record.landings.filter((landing) => runs.value.has(landing.run)))
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
    ruling: { outcome: landing.outcome, side: landing.side } as Ruling,
    strength: strengths.value.get(landing.run) ?? 1,
    size: landing.run === props.chosen?.set.run ? 0.13 : 0.1,
  }))
  return all.sort((one, other) => one.strength - other.strength)
})
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
        :surface="surfaceOf(court, levelOf(drill, level).zone.plane)"
        :in-use="drill.inUse"
        :zone="areaFor(levelOf(drill, level), player.hand)"
        :zone-name="levelOf(drill, level).zone.name"
        :zone-number="levelOf(drill, level).zone.number"
        standpoint="BEHIND"
        :hitter="t('court.hitterPlain')"
        :label="t('court.drawingPlain')"
        :marks="marks"
      />
    </div>
  </section>
</template>

<style scoped>
.drawing {
  max-width: 480px;
  margin-top: 8px;
}

.small {
  font-size: 14px;
}
</style>
