<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub, askSquad } from '@/charting/asked'
import type { Stand } from '@/shared/api'
import { asDay } from '@/shared/format'
import { useGoals } from '@/shared/goals'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { useAsked } from '@/shared/useAsked'
import AddPlayer from './AddPlayer.vue'

/** Everybody at a glance: when last seen, and on which drills a player is ready, stuck, going on or not seen. */
const { t } = useI18n()
const { trackWords } = useGoals()
const adding = ref(false)
const { answer, failed, load } = useAsked(async () => {
  const [club, squad] = await Promise.all([askClub(), askSquad()])
  return { club, squad }
})
const STATES: Stand['state'][] = ['READY', 'STUCK', 'GOING_ON', 'NOT_SEEN']
const rows = computed(() => (answer.value?.club.data.players ?? []).map((player) => {
  const stands = answer.value?.squad.data.members.find((one) => one.player === player.id)?.stands ?? []
  const lastHeld = Math.max(0, ...stands.map((stand) => stand.lastHeld ?? 0))
  return { player, lastHeld, cells: STATES.map((state) => ({ state, lines: stands.filter((stand) => stand.state === state).map(lineOf) })) }
}))

function lineOf(stand: Stand) {
  const drill = answer.value?.club.data.drills.find((one) => one.id === stand.drill)
  return {
    key: `${stand.drill} ${stand.track}`,
    to: `progressions/${stand.drill}?track=${stand.track}`,
    name: [drill?.name ?? '', trackWords(stand.track)].filter((words) => words !== '').join(', '),
    level: t('players.levelOf', { level: stand.level, levels: drill?.levels.length ?? 0 }),
  }
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" :cached-at="answer?.club.cached ? answer.club.at : undefined" @retry="load">
    <PlainState v-if="rows.length === 0" :title="t('players.none')" :body="t('players.noneBody')">
      <v-btn color="primary" variant="flat" @click="adding = true">{{ t('players.add') }}</v-btn>
    </PlainState>
    <div v-else class="players">
      <header>
        <h1>{{ t('players.title') }}</h1>
        <v-btn to="/squad">{{ t('squad.title') }}</v-btn>
        <v-btn @click="adding = true">{{ t('players.add') }}</v-btn>
      </header>
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('squad.player') }}</th>
            <th scope="col">{{ t('players.lastHeld') }}</th>
            <th v-for="state in STATES" :key="state" scope="col" :class="state">{{ t(`players.state.${state}`) }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ player, lastHeld, cells } in rows" :key="player.id">
            <th scope="row">
              <router-link :to="`/players/${player.id}`">{{ player.name }}</router-link>
              <span class="soft">{{ t(`players.${player.hand}`) }}</span>
            </th>
            <td class="held">{{ lastHeld ? asDay(lastHeld) : t('today.never') }}</td>
            <td v-for="{ state, lines } in cells" :key="state" :class="[state, { empty: lines.length === 0 }]">
              <span class="narrow">{{ t(`players.state.${state}`) }}</span>
              <ul>
                <li v-for="line in lines" :key="line.key">
                  <router-link :to="`/players/${player.id}/${line.to}`">{{ line.name }}</router-link>
                  <span class="soft level">{{ line.level }}</span>
                </li>
              </ul>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <AddPlayer v-model="adding" @added="load" />
  </PageStates>
</template>

<style scoped>
.players {
  padding: 24px 32px;
}

header {
  display: flex;
  align-items: center;
  gap: 16px;
}

header h1 {
  margin-right: auto;
}

table {
  width: 100%;
  margin-top: 16px;
  border-collapse: collapse;
}

th,
td {
  padding: 12px 16px 12px 0;
  border-bottom: 1px solid var(--rule);
  text-align: left;
  vertical-align: top;
}

thead th {
  padding-bottom: 4px;
  font-size: 14px;
  color: var(--ink-soft);
}

tbody th {
  white-space: nowrap;
}

tbody th a {
  display: block;
  min-height: 28px;
  font-size: 18px;
  color: var(--ink);
}

tbody th span {
  font-weight: 400;
  font-size: 14px;
}

.held {
  white-space: nowrap;
}

ul {
  list-style: none;
  padding: 0;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  min-height: 28px;
}

li a {
  color: var(--ink);
}

li {
  font-size: 15px;
}

.level {
  white-space: nowrap;
}

td.READY:not(.empty) {
  box-shadow: inset 4px 0 var(--pine);
  padding-left: 12px;
}

td.STUCK:not(.empty) {
  box-shadow: inset 4px 0 var(--plum);
  padding-left: 12px;
}

th.READY,
th.STUCK {
  padding-left: 12px;
}

.narrow {
  display: none;
}

@media (max-width: 800px) {
  .players {
    padding: 16px;
  }

  thead,
  td.empty {
    display: none;
  }

  tbody tr {
    display: grid;
    grid-template-columns: 1fr auto;
    border-bottom: 1px solid var(--rule);
  }

  th,
  td {
    border: 0;
    padding: 8px 0;
  }

  td:not(.held) {
    grid-column: 1 / -1;
  }

  .narrow {
    display: block;
    font-size: 14px;
    color: var(--ink-soft);
  }

  li {
    min-height: 48px;
    align-items: center;
  }
}
</style>
