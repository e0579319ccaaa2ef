<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { askListed, askMatches } from '@/charting/asked'
import { loadRules } from '@/charting/rules'
import type { Format, MatchLine, MatchOpened } from '@/shared/api'
import { asDay } from '@/shared/format'
import PageStates from '@/shared/PageStates.vue'
import { useAsked } from '@/shared/useAsked'
import MatchFields from './MatchFields.vue'
import { ownMatches, withOwn } from './ownMatches'
import { useMatch } from './useMatch'
import { useMatchWords } from './useMatchWords'

/** Where a match begins, and those that were charted. */
const { t } = useI18n()
const router = useRouter()
const formats = shallowRef<Format[]>([])
const strokes = shallowRef<Record<string, string[]>>({})
const { answer, failed, load } = useAsked(async () => {
  const [club, rules] = await Promise.all([askListed(), loadRules()])
  formats.value = rules.formats()
  strokes.value = rules.strokes()
  const [listed, own] = await Promise.all([askMatches().then(({ data }) => data, () => []), ownMatches()])
  return { club, matches: withOwn(listed, own) }
})
const match = useMatch()
const matchWords = useMatchWords()
const making = ref(false)
const refused = ref('')
const players = computed(() => answer.value?.club.data.players ?? [])
const going = computed(() => answer.value?.matches.filter(({ ended }) => !ended) ?? [])
const over = computed(() => answer.value?.matches.filter(({ ended }) => ended) ?? [])
const words = (line: MatchLine) => matchWords.between(line, players.value)

async function begin(opened: MatchOpened) {
  refused.value = ''
  const run = await match.begin(opened)
  const problem = match.run.problem.value
  if (run) {
    await router.push(`/matches/${run}`)
  } else if (problem) {
    refused.value = t(`problem.${problem.code}`, { ...problem })
  }
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" @retry="load">
    <div class="matches">
      <header>
        <h1>{{ t('match.plural') }}</h1>
        <v-btn
          v-if="!making"
          color="primary"
          variant="flat"
          size="large"
          data-test="new-match"
          @click="making = true"
        >
          {{ t('match.new') }}
        </v-btn>
        <v-btn variant="text" to="/matches/tactics">{{ t('tactic.plural') }}</v-btn>
      </header>
      <template v-if="making">
        <MatchFields :players="players" :formats="formats" :strokes="(sport) => strokes[sport] ?? []" @begin="begin" />
        <p v-if="refused" role="alert">{{ refused }}</p>
      </template>
      <p v-else-if="!going.length && !over.length" class="soft">{{ t('match.none') }}</p>
      <section v-if="going.length">
        <h2>{{ t('match.going') }}</h2>
        <ul>
          <li v-for="one in going" :key="one.run">
            <p><strong>{{ words(one) }}</strong> <span class="score">{{ one.score }}</span></p>
            <v-btn :to="`/matches/${one.run}`">{{ t('group.goOnHere') }}</v-btn>
          </li>
        </ul>
      </section>
      <section v-if="over.length">
        <h2>{{ t('match.over') }}</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">{{ t('match.day') }}</th>
              <th scope="col">{{ t('match.whoPlayed') }}</th>
              <th scope="col">{{ t('match.score') }}</th>
              <th scope="col">{{ t('match.rallies') }}</th>
              <td />
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in over" :key="one.run">
              <td>{{ asDay(one.openedAt) }}</td>
              <th scope="row"><router-link :to="`/matches/${one.run}/review`">{{ words(one) }}</router-link></th>
              <td><span class="score">{{ one.score }}</span> <span class="soft">{{ matchWords.outcome(one, players) }}</span></td>
              <td>{{ one.rallies }}</td>
              <td>{{ t(one.game ? 'match.kind.GAME' : `match.sports.${one.sport}`) }}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </div>
  </PageStates>
</template>

<style scoped>
.matches {
  display: grid;
  gap: 24px;
  max-width: 1080px;
  padding: 32px;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: center;
}

ul {
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 16px;
  align-items: center;
  min-height: 64px;
  border-bottom: 1px solid var(--rule);
}

li p {
  flex: 1;
}

.score {
  font-family: var(--counts);
  font-size: 22px;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 12px 12px 12px 0;
  border-bottom: 1px solid var(--rule);
  text-align: left;
}

a {
  color: var(--ink);
}

@media (max-width: 800px) {
  .matches {
    padding: 16px;
  }
}
</style>
