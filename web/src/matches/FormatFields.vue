<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { loadRules, type EndsChange } from '@/charting/rules'
import type { Format } from '@/shared/api'
import NumberField from '@/shared/NumberField.vue'
import OneOf from '@/shared/OneOf.vue'

/** How a match is scored: what may differ from the usual way of its sport. */
const format = defineModel<Format>({ required: true })
/** Minutes after which it is to end; 0 where only the score ends it. */
const minutes = defineModel<number>('minutes', { default: 0 })
const { t } = useI18n()
const finish = computed(() => format.value.points.finish)
const byGames = computed(() => !!format.value.games)

function leadBy(lead: number) {
  format.value = { ...format.value, points: { ...format.value.points, finish: { ...finish.value, lead } } }
}
/** What goes by the number of points is worked out by the rules. */
const rules = loadRules()
async function to(count: number) {
  format.value = (await rules).playedTo(format.value, count)
}
async function capAt(count: number) {
  format.value = (await rules).cappedAt(format.value, count)
}

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
const ENDS: EndsChange[] = ['STAY', 'GAMES', 'HALF']
const ends = computed<EndsChange>(() => format.value.ends.inLastGame ? 'HALF' : format.value.ends.everyGame ? 'GAMES' : 'STAY')
async function change(how: EndsChange) {
  format.value = (await rules).changing(format.value, how)
}
</script>

<template>
  <div class="format">
    <NumberField
      v-if="!byGames"
      :model-value="finish.to"
      :least="1"
      :most="100"
      :label="t('match.to')"
      data-test="to"
      @update:model-value="to"
    />
    <OneOf
      :model-value="finish.lead === 1 ? 'ONE' : 'TWO'"
      :label="t(byGames ? 'match.atDeuce' : 'match.winBy')"
      :words="byGames ? 'match.deuce' : 'match.lead'"
      :values="['ONE', 'TWO']"
      @update:model-value="leadBy($event === 'ONE' ? 1 : 2)"
    />
    <NumberField
      v-if="!byGames"
      :model-value="finish.cap"
      :least="0"
      :most="200"
      :label="t('match.cap')"
      @update:model-value="capAt"
    />
    <NumberField
      :model-value="format.wins"
      :least="1"
      :most="5"
      :label="t(byGames ? 'match.setsToWin' : 'match.gamesToWin')"
      data-test="wins"
      @update:model-value="format = { ...format, wins: $event }"
    />
    <NumberField
      v-model="minutes"
      :least="0"
      :most="300"
      :label="t('match.minutes')"
      data-test="minutes"
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
