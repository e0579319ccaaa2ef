<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { MatchStep, MatchView, Player, RallyEnd } from '@/shared/api'
import { useMatchNames, useMatchWords } from './useMatchWords'
import { TEAMS } from './useMatch'

/** Why the score stands as it does, rally by rally; each may be put right, and all that follows is worked out again. */
const props = defineProps<{ match: MatchView, players: Player[] }>()
const emit = defineEmits<{ correct: [rally: string, end: RallyEnd] }>()
const { t } = useI18n()
const words = useMatchWords()
const { names } = useMatchNames(() => props.match, () => props.players)
const chosen = ref<string>()
const steps = computed(() => [...props.match.story].reverse())
/** A step that ended a set, or a game where games make no set, shows what that came to. */
function score({ points, games, part }: MatchStep): string {
  if (part) {
    return `${part.count.one}-${part.count.two}`
  }
  return [...props.match.agreed.format.games ? [`${games.one}-${games.two}`] : [], `${points.one}-${points.two}`].join(' ')
}
const brokenOf = ({ rally }: MatchStep) => rally?.broken ? t(`match.broken.${rally.broken.kind}`, { ...rally.broken }) : ''

const length = (count: number) => t(props.match.lengthBy === 'ALL' ? 'match.ofShots' : 'match.ofShotsAfter', { count }, count)
const HOW = ['WINNER', 'FORCED', 'UNFORCED'] as const
/** The same side's, by something else; how an error missed stays where it was one. */
function otherwise({ rally }: MatchStep, how: typeof HOW[number]): RallyEnd {
  const { winner = 'ONE', miss, side } = rally?.end ?? {}
  return { how, winner, ...how !== 'WINNER' && { ...miss && { miss }, ...side && { side } } }
}

function correct(step: MatchStep, end: RallyEnd) {
  chosen.value = undefined
  emit('correct', step.id, end)
}
</script>

<template>
  <ol class="story" reversed>
    <li v-for="(step, at) in steps" :key="steps.length - at" :class="{ surplus: step.rally?.surplus }">
      <button type="button" :aria-expanded="chosen === step.id" :disabled="!step.rally" @click="chosen = chosen === step.id ? undefined : step.id">
        <span class="score" :class="{ part: step.part }">{{ score(step) }}</span>
        <span>
          {{ words.step(step, names) }}
          <span v-if="step.rally?.length" class="soft">{{ length(step.rally.length) }}</span>
          <span v-if="brokenOf(step)" class="soft">{{ brokenOf(step) }}</span>
          <span v-if="step.rally?.partial" class="soft">{{ t('match.partial') }}</span>
          <span v-if="step.rally?.surplus" class="soft">{{ t('match.surplus') }}</span>
        </span>
      </button>
      <div v-if="chosen === step.id && step.rally" class="choices">
        <p v-if="step.rally.shots.length" class="soft">
          {{ step.rally.shots.map(words.played).join(', ') }}
        </p>
        <v-btn v-for="winner in TEAMS" :key="winner" size="small" @click="correct(step, { how: 'WON', winner })">
          {{ t('match.itWas', { name: names(winner) }) }}
        </v-btn>
        <template v-if="step.rally.end.winner">
          <v-btn
            v-for="how in HOW.filter((one) => one !== step.rally?.end.how)"
            :key="how"
            size="small"
            @click="correct(step, otherwise(step, how))"
          >
            {{ t(`match.howWas.${how}`) }}
          </v-btn>
        </template>
        <v-btn size="small" @click="correct(step, { how: 'LET' })">{{ t('match.itWasALet') }}</v-btn>
        <v-btn size="small" @click="correct(step, { how: 'VOID' })">{{ t('match.strike') }}</v-btn>
      </div>
    </li>
  </ol>
</template>

<style scoped>
.story {
  padding: 0;
  list-style: none;
}

li {
  border-bottom: 1px solid var(--rule);
}

li > button {
  display: flex;
  gap: 12px;
  width: 100%;
  min-height: 48px;
  align-items: center;
  border: 0;
  background: none;
  color: var(--ink);
  text-align: left;
}

.score {
  flex: 0 0 88px;
  font-family: var(--counts);
  font-size: 22px;
}

.part {
  font-weight: 700;
  text-decoration: underline;
}

.surplus {
  opacity: 0.75;
  text-decoration: line-through;
}

.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding: 4px 0 12px;
}

.choices p {
  width: 100%;
}

.choices :deep(.v-btn) {
  min-height: 48px;
}
</style>
