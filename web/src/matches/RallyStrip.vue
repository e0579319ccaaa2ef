<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { MatchShot, MatchView, Player } from '@/shared/api'
import type { Match } from './useMatch'
import { useMatchNames, useMatchWords } from './useMatchWords'

/** The shots of the rally that is on, or of the last one: each opens for what it was, by whom, and how it was meant. */
const props = defineProps<{ charted: Match, match: MatchView, players: Player[] }>()
const { t, locale } = useI18n()
const words = useMatchWords()
const chosen = ref<string>()
const { names, nameOf } = useMatchNames(() => props.match, () => props.players)
const rallies = computed(() => props.match.story.filter((step) => step.rally))
const last = computed(() => rallies.value.at(-1))
const dead = computed(() => props.match.open.shots.length === 0)
const shots = computed(() => dead.value ? last.value?.rally?.shots ?? [] : props.match.open.shots)
const shot = computed(() => shots.value.find(({ id }) => id === chosen.value))
watch(() => props.match.open.shots.length, () => (chosen.value = undefined))
const pair = computed(() => props.match.agreed.format.doubles)
const NOTES: { sort: string, notes: MatchShot['notes'] }[] = [
  { sort: 'ANY', notes: ['NET_CLIP', 'SOFT', 'AS_ASKED', 'MARKED'] },
  { sort: 'CHOICE', notes: ['CHOICE_RIGHT', 'CHOICE_WRONG'] },
  { sort: 'EXECUTION', notes: ['STRUCK_WELL', 'STRUCK_BADLY'] },
  { sort: 'CAUSE', notes: ['CAUSE_ATTENTION', 'CAUSE_CHOICE', 'CAUSE_NOT_KNOWN', 'CAUSE_TECHNIQUE', 'CAUSE_MOVEMENT'] },
]
/** Choice, execution and cause wait for the dead ball; a cause is of an error. */
const notes = computed(() => NOTES.filter(({ sort }) => sort === 'ANY'
  || (dead.value && (sort !== 'CAUSE' || shot.value?.outcome !== 'IN'))))
/** Of a pair, the shot of which nobody knows yet who hit it: settled by one touch. */
const unsettled = computed(() => {
  const latest = props.match.open.shots.at(-1)
  return latest && !isSettled(latest) ? latest : undefined
})
const isSettled = (one: MatchShot) => !pair.value || one.player >= 0
</script>

<template>
  <section class="strip" :aria-label="t(dead ? 'match.lastRally' : 'match.thisRally')">
    <div class="row">
      <p v-if="!shots.length" class="soft">{{ last?.rally ? words.end(last.rally.end, names) : t('match.noRally') }}</p>
      <button
        v-for="(one, at) in shots"
        :key="one.id"
        v-memo="[one.outcome, one.stroke, one.spot, one.gap, one.player, pair, one.id === chosen, nameOf, locale]"
        type="button"
        class="shot"
        :class="{ missed: one.outcome !== 'IN', gap: one.gap }"
        :aria-pressed="one.id === chosen"
        @click="chosen = one.id === chosen ? undefined : one.id"
      >
        <span class="who">{{ at + 1 }} {{ isSettled(one) ? nameOf(one.team, one.player) : t('match.pair') }}</span>
        <span>{{ words.played(one) }}</span>
      </button>
      <div v-if="unsettled" class="whose" role="group" :aria-label="t('match.hitBy')">
        <v-btn
          v-for="player in [0, 1]"
          :key="player"
          :data-test="`hit-by-${player}`"
          @click="charted.settle(unsettled.id, { player })"
        >
          {{ nameOf(unsettled.team, player) }}
        </v-btn>
      </div>
    </div>
    <div v-if="shot" class="detail">
      <div role="group" :aria-label="t('match.strokeWas')">
        <v-btn
          v-for="stroke in match.strokes"
          :key="stroke"
          size="small"
          :variant="stroke === shot.stroke ? 'flat' : 'outlined'"
          :aria-pressed="stroke === shot.stroke"
          @click="charted.settle(shot.id, { stroke })"
        >
          {{ stroke }}
        </v-btn>
      </div>
      <div v-if="pair" role="group" :aria-label="t('match.hitBy')">
        <v-btn
          v-for="player in [0, 1]"
          :key="player"
          size="small"
          :variant="player === shot.player ? 'flat' : 'outlined'"
          :aria-pressed="player === shot.player"
          @click="charted.settle(shot.id, { player })"
        >
          {{ nameOf(shot.team, player) }}
        </v-btn>
      </div>
      <div v-if="dead && shot.outcome !== 'IN'" role="group" :aria-label="t('match.causedBy')">
        <span class="soft">{{ t('match.causedBy') }}</span>
        <v-btn
          v-for="(one, at) in shots.slice(0, shots.indexOf(shot))"
          :key="one.id"
          size="small"
          :variant="one.id === shot.cause ? 'flat' : 'outlined'"
          :aria-pressed="one.id === shot.cause"
          @click="charted.settle(shot.id, { cause: one.id })"
        >
          {{ t('match.causeShot', { number: at + 1 }) }}
        </v-btn>
      </div>
      <div v-for="{ sort, notes: some } in notes" :key="sort" role="group" :aria-label="t(`match.notes.${sort}`)">
        <v-btn
          v-for="note in some"
          :key="note"
          size="small"
          :variant="shot.notes.includes(note) ? 'flat' : 'outlined'"
          :aria-pressed="shot.notes.includes(note)"
          @click="charted.note(shot.id, note, !shot.notes.includes(note))"
        >
          {{ t(`note.${note}`) }}
        </v-btn>
      </div>
    </div>
  </section>
</template>

<style scoped>
.strip {
  position: relative;
}

.row {
  display: flex;
  gap: 4px;
  min-height: 72px;
  padding: 4px 8px;
  overflow-x: auto;
}

.row > p {
  margin: auto 0;
}

.shot {
  display: grid;
  flex: 0 0 auto;
  min-width: 84px;
  align-content: center;
  padding: 4px 8px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  font-size: 14px;
  text-align: left;
}

.shot[aria-pressed='true'] {
  border: 3px solid var(--steel);
}

.whose {
  display: flex;
  flex: 0 0 auto;
  gap: 4px;
  align-items: center;
}

.whose :deep(.v-btn) {
  min-height: 64px;
}

.missed {
  border-style: dashed;
}

.gap {
  margin-left: 16px;
}

.who {
  color: var(--ink-soft);
  font-size: 13px;
}

.detail {
  position: absolute;
  bottom: 100%;
  left: 8px;
  z-index: 3;
  display: grid;
  gap: 8px;
  max-width: 640px;
  padding: 12px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
}

.detail > div {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.detail :deep(.v-btn) {
  min-height: 48px;
}
</style>
