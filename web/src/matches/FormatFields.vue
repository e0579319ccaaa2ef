<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Format } from '@/shared/api'
import OneOf from '@/shared/OneOf.vue'

/** How a match is scored: what may differ from the usual way of its sport. */
const format = defineModel<Format>({ required: true })
/** Minutes after which it is to end; 0 where only the score ends it. */
const minutes = defineModel<number>('minutes', { default: 0 })
const { t } = useI18n()
const finish = computed(() => format.value.points.finish)
const byGames = computed(() => !!format.value.games)

function points(part: Partial<Format['points']['finish']>) {
  const now = { ...finish.value, ...part }
  const cap = now.cap && now.cap < now.to ? 0 : now.cap
  format.value = { ...format.value, points: { ...format.value.points, finish: { ...now, cap } } }
}
const whole = (given: unknown, least: number, most: number) => Math.min(most, Math.max(least, Math.round(Number(given)) || least))

const SERVES = ['USUAL', 'WINNER', 'EACH', 'EVERY_2', 'EVERY_5'] as const
type Serves = typeof SERVES[number]
const serves = computed<Serves>(() => {
  const { service } = format.value
  if (service.kind === 'RALLY_WINNER') {
    return 'WINNER'
  }
  return service.kind !== 'TURNS' ? 'USUAL' : service.each === 1 ? 'EACH' : service.each === 5 ? 'EVERY_5' : 'EVERY_2'
})
function serve(how: Serves) {
  const each = { EACH: 1, EVERY_2: 2, EVERY_5: 5, USUAL: 0, WINNER: 0 }[how]
  const from = format.value.service.from ?? 'NO_COURT'
  format.value = {
    ...format.value,
    service: each ? { kind: 'TURNS', each, oneFrom: 100 } : { kind: 'RALLY_WINNER', from, winnerBegins: true },
  }
}
const ENDS = ['STAY', 'GAMES', 'HALF'] as const
const ends = computed<typeof ENDS[number]>(() => format.value.ends.inLastGame ? 'HALF' : format.value.ends.everyGame ? 'GAMES' : 'STAY')
function change(how: typeof ENDS[number]) {
  format.value = {
    ...format.value,
    ends: { ...format.value.ends, everyGame: how !== 'STAY', inLastGame: how === 'HALF' ? Math.ceil(finish.value.to / 2) : 0 },
  }
}
</script>

<template>
  <div class="format">
    <v-text-field
      v-if="!byGames"
      type="number"
      min="1"
      max="100"
      :label="t('match.to')"
      :model-value="finish.to"
      hide-details
      data-test="to"
      @update:model-value="points({ to: whole($event, 1, 100) })"
    />
    <OneOf
      :model-value="finish.lead === 1 ? 'ONE' : 'TWO'"
      :label="t(byGames ? 'match.atDeuce' : 'match.winBy')"
      :words="byGames ? 'match.deuce' : 'match.lead'"
      :values="['ONE', 'TWO']"
      @update:model-value="points({ lead: $event === 'ONE' ? 1 : 2 })"
    />
    <v-text-field
      v-if="!byGames"
      type="number"
      min="0"
      max="200"
      :label="t('match.cap')"
      :model-value="finish.cap || ''"
      hide-details
      @update:model-value="points({ cap: whole($event, 0, 200) })"
    />
    <v-text-field
      type="number"
      min="1"
      max="5"
      :label="t(byGames ? 'match.setsToWin' : 'match.gamesToWin')"
      :model-value="format.wins"
      hide-details
      data-test="wins"
      @update:model-value="format = { ...format, wins: whole($event, 1, 5) }"
    />
    <v-text-field
      type="number"
      min="0"
      max="300"
      :label="t('match.minutes')"
      :model-value="minutes || ''"
      hide-details
      data-test="minutes"
      @update:model-value="minutes = whole($event, 0, 300)"
    />
    <template v-if="!byGames">
      <OneOf
        :model-value="serves"
        :label="t('match.serviceLabel')"
        words="match.service"
        :values="SERVES"
        @update:model-value="serve"
      />
      <OneOf
        :model-value="ends"
        :label="t('match.endsLabel')"
        words="match.ends"
        :values="ENDS"
        @update:model-value="change"
      />
    </template>
  </div>
</template>

<style scoped>
.format {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 8px;
}
</style>
