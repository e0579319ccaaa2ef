<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Actor, Drill, Level, Player, SetView } from '@/shared/api'
import { clubDate, clubTime, noonOf } from '@/shared/clock'
import { asDay } from '@/shared/format'
import { useGoals } from '@/shared/goals'
import { useSettings } from '@/shared/settings'
import type { Logged } from './entries'
import { asOf } from './opening'
import type { Charted } from './useSet'
import { vCursor } from '@/shared/cursor'

/** What only some drills ask of a set: which wing, hand or side, the range first, what misses owe. */
const props = defineProps<{
  drill: Drill
  level: Level
  set: SetView | undefined
  charted: Charted
  names: string[]
  players: Player[]
}>()
const emit = defineEmits<{ enter: [write: () => Logged], track: [track: string] }>()
const { t } = useI18n()
const { trackWords } = useGoals()
const tracks = computed(() => props.drill.tracks.map((value) => ({ value, title: trackWords(value) })))
const track = computed(() => props.set?.track ?? props.charted.conditions.conditions.value.track ?? '')
const findsRange = computed(() => props.drill.design.rangeFinding === 'UNTIL_THE_COACH_SAYS')
const scoring = computed(() => props.set?.count.scoring ?? !findsRange.value)
const settings = useSettings()
const calling = ref(false)
const called = ref<number>()
const fresh = computed(() => !props.set?.shots.length)

function call() {
  if (called.value !== undefined && Number.isInteger(called.value)) {
    const number = called.value
    emit('enter', () => props.charted.entries.callNumber(number, settings.standpoint))
    calling.value = false
  }
}
/** Others who may be in it: the other sides, or as many as the drill takes. */
const mostOthers = computed(() => props.level.sides > 1 ? props.level.sides - 1 : Math.min(3, props.drill.design.players.most - 1))
const others = computed(() => props.players
  .filter((one) => one.id !== props.charted.playerId())
  .map((one) => ({ value: one.id, title: one.name })))

const heldAt = computed(() => props.charted.conditions.conditions.value.heldAt)
/** Places in the pattern that a player can take. */
const roles = computed(() => props.level.first.filter(({ by }) => by !== 'FEEDER').map(({ by }) => ({ value: by, title: by })))
const date = computed({
  get: () => clubDate(heldAt.value ?? clubTime()),
  set: (given) => given && props.charted.conditions.under({ heldAt: noonOf(given) }),
})

function playWith(partners: string[]) {
  props.charted.conditions.under({ partners: partners.slice(0, mostOthers.value) })
}
const owed = computed(() => props.set?.count.owed ?? 0)
</script>

<template>
  <div class="notes">
    <v-select
      v-if="!set && tracks.length > 1"
      :model-value="track"
      :label="t('track.label')"
      :items="tracks"
      hide-details
      @update:model-value="emit('track', $event)"
    />
    <p v-else-if="track" class="small">{{ trackWords(track) }}</p>
    <v-select
      v-if="!set && roles.length > 1"
      :model-value="asOf(charted.conditions.conditions.value, level) as Exclude<Actor, 'FEEDER'>"
      :label="t('pattern.as', { name: names[0] ?? '' })"
      :items="roles"
      hide-details
      @update:model-value="$event && charted.conditions.under({ as: $event })"
    />
    <v-text-field
      v-if="!set && heldAt !== undefined"
      v-model="date"
      type="date"
      :label="t('after.date')"
      :max="clubDate(clubTime())"
      hide-details
    />
    <p v-else-if="set?.enteredLater" class="small" data-test="paper">{{ t('after.later', { date: asDay(set.heldAt) }) }}</p>
    <v-autocomplete
      v-if="!set && mostOthers > 0"
      :model-value="charted.conditions.conditions.value.partners ?? []"
      :label="t('count.with')"
      :items="others"
      multiple
      chips
      closable-chips
      auto-select-first
      hide-details
      @update:model-value="playWith"
    />
    <p v-else-if="set?.partners.length" class="small" data-test="with">{{ t('count.withNames', { names: names.join(', ') }) }}</p>
    <template v-if="findsRange && !scoring && !set?.closed">
      <p class="small">{{ t('count.range') }}</p>
      <v-btn @click="emit('enter', () => charted.entries.startScoring(settings.standpoint))">{{ t('count.startScoring') }}</v-btn>
    </template>
    <p v-if="set?.count.called !== undefined" class="small" data-test="called">{{ t('count.called', { count: set.count.called }) }}</p>
    <form v-else-if="fresh && calling" class="call" @submit.prevent="call">
      <v-text-field
        v-model.number="called"
        v-cursor
        type="number"
        inputmode="numeric"
        min="0"
        :label="t('count.callLabel')"
        hide-details
      />
      <v-btn type="submit">{{ t('count.callIt') }}</v-btn>
    </form>
    <v-btn v-else-if="fresh && !set?.closed" variant="text" @click="calling = true">{{ t('count.call') }}</v-btn>
    <v-btn v-if="owed > 0" @click="emit('enter', () => charted.entries.payOwed(owed))">{{ t('count.pay', { count: owed }, owed) }}</v-btn>
  </div>
</template>

<style scoped>
.notes:not(:empty) {
  display: grid;
  gap: 8px;
  margin-top: 12px;
  justify-items: start;
}

.call {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  width: 100%;
}

.notes :deep(.v-select),
.notes :deep(.v-autocomplete) {
  width: 100%;
}

.small {
  font-size: 14px;
  line-height: 1.4;
}
</style>
