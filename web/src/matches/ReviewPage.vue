<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askListed } from '@/charting/asked'
import type { RallyEnd, Team } from '@/shared/api'
import { asDay } from '@/shared/format'
import PageStates from '@/shared/PageStates.vue'
import { useAsked } from '@/shared/useAsked'
import MatchReview from './MatchReview.vue'
import ScoreBoard from './ScoreBoard.vue'
import StoryList from './StoryList.vue'
import TacticChecks from './TacticChecks.vue'
import { useEarlier } from './useEarlier'
import { TEAMS, useMatch } from './useMatch'
import { useMatchNames } from './useMatchWords'

/** A match afterwards: the score and why, placements and serves of either side, and the rules that were kept or broken. */
const props = defineProps<{ run: string }>()
const { t } = useI18n()
const charted = useMatch()
const match = charted.match
const about = ref<Team>('ONE')
const { earlier, ask: askEarlier } = useEarlier(match)
const { answer, failed, load } = useAsked(async () => {
  const [club] = await Promise.all([askListed(), charted.look(props.run)])
  await askEarlier()
  return club
})
const players = computed(() => answer.value?.data.players ?? [])
const { names } = useMatchNames(() => match.value, () => players.value)
const review = computed(() => match.value && charted.review(about.value, -1, earlier.value[about.value]))

/** Putting a rally right is writing: the pen comes here for it. */
async function correct(rally: string, end: RallyEnd) {
  await charted.resume(props.run)
  charted.correct(rally, end)
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer && !!match" @retry="load">
    <div v-if="match && review" class="page">
      <header>
        <h1>{{ t('match.title', { one: names('ONE'), two: names('TWO') }) }}</h1>
        <p class="soft">{{ asDay(match.openedAt) }}</p>
        <v-btn v-if="!match.ended" :to="`/matches/${run}`">{{ t('group.goOnHere') }}</v-btn>
      </header>
      <div class="top">
        <ScoreBoard :match="match" :players="players" />
        <div class="teams" role="group" :aria-label="t('match.whose')">
          <v-btn
            v-for="team in TEAMS"
            :key="team"
            :variant="about === team ? 'flat' : 'outlined'"
            :aria-pressed="about === team"
            :data-test="`about-${team}`"
            @click="about = team"
          >
            {{ names(team) }}
          </v-btn>
        </div>
      </div>
      <MatchReview :review="review" :name="names(about)" :names="names" :length-by="match.lengthBy" />
      <TacticChecks :charted="charted" :match="match" :players="players" :team="about" />
      <details>
        <summary>{{ t('match.why') }}</summary>
        <StoryList :match="match" :players="players" @correct="correct" />
      </details>
    </div>
  </PageStates>
</template>

<style scoped>
.page {
  display: grid;
  gap: 32px;
  max-width: 1180px;
  padding: 32px;
}

header,
.teams {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: baseline;
}

.top {
  display: grid;
  grid-template-columns: minmax(0, 420px) 1fr;
  gap: 32px;
}

summary {
  min-height: 48px;
  font-size: 18px;
  font-weight: 650;
  line-height: 48px;
  cursor: pointer;
}

@media (max-width: 800px) {
  .page {
    padding: 16px;
  }

  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
