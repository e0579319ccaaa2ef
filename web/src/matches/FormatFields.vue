<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { loadRules, type EndsChange, type LoadedRules } from '@/charting/rules'
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
/** What goes with a number is worked out by the rules: until they are there, nothing can be typed that a match would begin without. */
const rules = shallowRef<LoadedRules>()
void loadRules().then((loaded) => (rules.value = loaded))
function agree(change: (known: LoadedRules, now: Format) => Format) {
  if (rules.value) {
    format.value = change(rules.value, format.value)
  }
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
</script>

<template>
  <div v-if="rules" class="format">
    <NumberField
      v-if="!byGames"
      :model-value="finish.to"
      :least="1"
      :most="100"
      :label="t('match.to')"
      data-test="to"
      @update:model-value="agree((known, now) => known.playedTo(now, $event))"
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
      @update:model-value="agree((known, now) => known.cappedAt(now, $event))"
    />
    <NumberField
      :model-value="format.wins"
      :least="1"
      :most="5"
      :label="t(byGames ? 'match.setsToWin' : 'match.gamesToWin')"
      data-test="wins"
      @update:model-value="agree((known, now) => known.wonBy(now, $event))"
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
        @update:model-value="agree((known, now) => known.changing(now, $event))"
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
