<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { MatchView, PlacementTally, Player, Team } from '@/shared/api'
import { TEAMS, type Match } from './useMatch'
import { useMatchNames, useMatchWords } from './useMatchWords'

/** One sentence at a time: in the breaks that the sport has, or when it is asked for; nothing during a rally. */
const props = defineProps<{ charted: Match, match: MatchView, players: Player[], earlier: Record<Team, PlacementTally[]> }>()
const { t } = useI18n()
const words = useMatchWords()
const { names } = useMatchNames(() => props.match, () => props.players)
const about = ref<Team>('ONE')
const at = ref(0)
const asked = ref(false)
const isBreak = computed(() => props.match.pause !== 'NONE' && props.match.open.shots.length === 0)
/** A rally is on from its first shot. */
const during = computed(() => props.match.open.shots.length > 0)
watch(during, () => (asked.value = false))
const allowed = computed(() => props.match.ended || props.match.coaching === true)
/** Of the match as it stands now; the chart itself tells nobody that it has changed. */
const hints = computed(() => props.match && props.charted.review(about.value, -1, props.earlier[about.value]).hints)
const speaks = computed(() => !during.value && allowed.value && (isBreak.value || asked.value))
const hint = computed(() => speaks.value ? hints.value[at.value % Math.max(1, hints.value.length)] : undefined)
</script>

<template>
  <section class="advice" aria-live="polite" :aria-label="t('match.advice')">
    <p v-if="isBreak" class="break">{{ t(`match.pause.${match.pause}`) }}</p>
    <template v-if="match.coaching === undefined && !match.ended">
      <p>{{ t('match.mayCoach') }}</p>
      <div class="choices">
        <v-btn size="small" data-test="coaching-yes" @click="charted.allowCoaching(true)">{{ t('match.mayCoachYes') }}</v-btn>
        <v-btn size="small" @click="charted.allowCoaching(false)">{{ t('match.mayCoachNo') }}</v-btn>
      </div>
    </template>
    <p v-else-if="!allowed" class="soft">{{ t('match.adviceAfter') }}</p>
    <template v-else>
      <p v-if="hint" data-test="hint">{{ words.hint(hint, names(about)) }}</p>
      <p v-else-if="!during && (isBreak || asked)" class="soft">{{ t('match.noAdvice') }}</p>
      <div class="choices">
        <v-btn
          v-if="!isBreak && !asked"
          size="small"
          :disabled="during"
          data-test="ask"
          @click="asked = true"
        >
          {{ t('match.askAdvice') }}
        </v-btn>
        <v-btn v-else-if="hints.length > 1" size="small" @click="at++">{{ t('match.another') }}</v-btn>
        <v-btn
          v-for="team in asked || isBreak ? TEAMS : []"
          :key="team"
          size="small"
          :variant="about === team ? 'flat' : 'outlined'"
          :aria-pressed="about === team"
          @click="about = team"
        >
          {{ t('match.about', { name: names(team) }) }}
        </v-btn>
      </div>
    </template>
  </section>
</template>

<style scoped>
.advice {
  display: grid;
  gap: 8px;
  min-height: 96px;
  align-content: start;
}

.break {
  font-weight: 650;
}

.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.choices :deep(.v-btn) {
  min-height: 48px;
}
</style>
