<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { MatchView, Player, Team } from '@/shared/api'
import { TEAMS } from './useMatch'
import { useMatchNames, useMatchWords } from './useMatchWords'

/**
 * The score, always names with numbers and the same way round; beneath it, small, as the players say it. `steady`: with room
 * for what comes and goes, such as a game point, so that no key beneath it moves under a finger.
 */
const props = defineProps<{ match: MatchView, players: Player[], steady?: boolean }>()
const { t } = useI18n()
const words = useMatchWords()
const { names, nameOf } = useMatchNames(() => props.match, () => props.players)
/** Sets that were said, and not charted, stand as a number. */
const saidSets = computed(() => props.match.over.length < props.match.sets.one + props.match.sets.two)
const of = (count: { one: number, two: number }, team: Team) => team === 'ONE' ? count.one : count.two
function apart(team: Team) {
  const { rallies, bonuses } = props.match.apart
  return t('match.apart', {
    name: names.value(team),
    rallies: t('match.apartRallies', { count: of(rallies, team) }, of(rallies, team)),
    bonuses: t('match.apartBonuses', { count: of(bonuses, team) }, of(bonuses, team)),
  })
}
const byGames = computed(() => !!props.match.agreed.format.games)
const stake = computed(() => ({ ONE: props.match.stakeOne, TWO: props.match.stakeTwo }))
const bonuses = computed(() => props.match.agreed.rules.some(({ kind }) => kind === 'BONUS'))
const near = computed(() => t('match.nearEnd', { name: names.value(props.match.nearTeam) }))
const serving = computed(() => {
  const { serving, open, agreed, ended } = props.match
  if (ended) {
    return ''
  }
  const name = nameOf.value(serving.team, serving.player)
  const court = serving.court === 'NONE' ? '' : t(`match.fromCourt.${serving.court}`)
  const to = agreed.format.doubles ? t('match.toReceiver', { name: nameOf.value(serving.team === 'ONE' ? 'TWO' : 'ONE', serving.receiver) }) : ''
  return [t(open.serve === 2 ? 'match.servesAgain' : 'match.serves', { name }), court, to].filter(Boolean).join(' ')
})
</script>

<template>
  <section class="board" :aria-label="t('match.score')">
    <div class="now" :class="{ steady, doubles: match.agreed.format.doubles }">
      <table>
        <caption class="visually-hidden">{{ t('match.score') }}</caption>
        <tbody>
          <tr v-for="team in TEAMS" :key="team" :data-test="`score-${team}`">
            <th scope="row">
              <span class="serves" aria-hidden="true">{{ !match.ended && match.serving.team === team ? '●' : '' }}</span>
              {{ names(team) }}
            </th>
            <td v-if="saidSets" class="part">{{ of(match.sets, team) }}</td>
            <td v-for="(part, at) in match.over" :key="at" class="part">{{ of(part.count, team) }}</td>
            <td v-if="byGames && !match.winner" class="part on">{{ of(match.games, team) }}</td>
            <td v-if="!match.winner" class="points">{{ of(match.points, team) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="call" data-test="call">{{ words.call(match, names) }}</p>
      <p v-if="!match.ended" class="soft">{{ serving }}. {{ near }}</p>
      <template v-for="team in TEAMS" :key="team">
        <p v-if="stake[team] !== 'NOTHING'" class="stake">{{ t(`match.stake.${stake[team]}`, { name: names(team) }) }}</p>
      </template>
      <p v-if="match.winner" class="won" data-test="won">{{ t('match.won', { name: names(match.winner) }) }}</p>
      <p v-else-if="match.ended" class="won">{{ t('match.stopped') }}</p>
    </div>
    <template v-if="bonuses">
      <p v-for="team in TEAMS" :key="team" class="soft">{{ apart(team) }}</p>
    </template>
  </section>
</template>

<style scoped>
.board,
.now {
  display: grid;
  gap: 2px;
  align-content: start;
}

.steady {
  min-height: 216px;
}

.steady.doubles {
  min-height: 240px;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th {
  font-size: 20px;
  font-weight: 650;
  text-align: left;
}

.serves {
  display: inline-block;
  width: 20px;
}

td {
  font-family: var(--counts);
  text-align: right;
}

.part {
  width: 36px;
  font-size: 28px;
  color: var(--ink-soft);
}

.part.on {
  color: var(--ink);
}

.points {
  width: 72px;
  font-size: 60px;
  line-height: 0.9;
}

.call {
  min-height: 24px;
  font-weight: 650;
}

@media (max-width: 800px) {
  .steady,
  .steady.doubles {
    min-height: 148px;
  }

  .steady .points {
    font-size: 56px;
    line-height: 0.86;
  }

  .steady .soft {
    font-size: 14px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
}

.stake,
.won {
  padding-left: 8px;
  border-left: 6px solid var(--ink);
  font-weight: 650;
}
</style>
