<script setup lang="ts">
import { useMediaQuery, useVirtualList } from '@vueuse/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { askListed, askSquad } from '@/charting/asked'
import type { Stand } from '@/shared/api'
import { asDay } from '@/shared/format'
import { useGoals } from '@/shared/goals'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { useAsked } from '@/shared/useAsked'

/**
 * Players by progressions: who is ready, who is stuck, who has not been seen; one touch on a cell starts the drill. Of a large
 * squad there are the rows that are seen, and some above and below for who goes on by keys; on paper there are all.
 */

const ROW = 41
const SPARE = 8
const { t } = useI18n()
const { trackWords } = useGoals()
const { answer, failed, load } = useAsked(async () => {
  const [club, squad] = await Promise.all([askListed(), askSquad()])
  return { drills: new Map(club.data.drills.map((drill) => [drill.id, drill])), squad }
})
const keyOf = ({ drill, track }: Pick<Stand, 'drill' | 'track'>) => `${drill} ${track}`
const members = computed(() => answer.value?.squad.data.members ?? [])
const columns = computed(() => {
  const seen = new Map<string, { key: string, name: string, levels: number }>()
  for (const stand of members.value.flatMap((one) => one.stands)) {
    const drill = answer.value?.drills.get(stand.drill)
    if (drill) {
      const name = [drill.name, trackWords(stand.track)].filter((words) => words !== '').join(', ')
      seen.set(keyOf(stand), { key: keyOf(stand), name, levels: drill.levels })
    }
  }
  return [...seen.values()].sort((one, other) => one.name.localeCompare(other.name))
})
const cells = computed(() => new Map(members.value.flatMap((one) => one.stands.map((stand) => [`${one.player} ${keyOf(stand)}`, stand] as const))))
const { list: shown, containerProps, wrapperProps } = useVirtualList(members, { itemHeight: ROW, overscan: SPARE })
const onPaper = useMediaQuery('print')
const rows = computed(() => onPaper.value ? members.value.map((data, index) => ({ data, index })) : shown.value)
/** The heading takes its own beside the room of all rows. */
const room = computed(() => {
  const { height, ...rest } = wrapperProps.value.style
  return onPaper.value ? {} : { ...rest, minHeight: height }
})
/** What a player works on, and between it how many columns are empty. */
function rowOf(player: string) {
  const row: { key: string, empty: number, column?: { name: string, levels: number }, stand?: Stand }[] = []
  let empty = 0
  for (const column of columns.value) {
    const stand = cells.value.get(`${player} ${column.key}`)
    if (stand) {
      row.push({ key: column.key, empty, column, stand })
      empty = 0
    } else {
      empty++
    }
  }
  return empty ? [...row, { key: '', empty }] : row
}
const counts = computed(() => (['READY', 'STUCK', 'NOT_SEEN'] as const).map((state) => ({
  state, count: [...cells.value.values()].filter((stand) => stand.state === state).length,
})))
</script>

<template>
  <PageStates
    :failed="failed"
    :ready="!!answer"
    :cached-at="answer?.squad.cached ? answer.squad.at : undefined"
    @retry="load"
  >
    <PlainState v-if="columns.length === 0" :title="t('squad.none')" :body="t('squad.noneBody')">
      <v-btn to="/players">{{ t('players.title') }}</v-btn>
    </PlainState>
    <div v-else class="squad printed-page">
      <header>
        <h1>{{ t('squad.title') }}</h1>
        <p v-for="{ state, count } in counts" :key="state" class="legend" :class="state">{{ t(`squad.count.${state}`, { count }) }}</p>
      </header>
      <div
        v-bind="containerProps"
        class="scroll"
        tabindex="0"
        role="region"
        :aria-label="t('squad.title')"
      >
        <div :style="room">
          <table :aria-rowcount="members.length + 1">
            <thead>
              <tr aria-rowindex="1">
                <th scope="col">{{ t('squad.player') }}</th>
                <th v-for="column in columns" :key="column.key" scope="col">{{ column.name }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="{ data: { player, name }, index } in rows" :key="player" :aria-rowindex="index + 2">
                <th scope="row"><router-link :to="`/players/${player}`">{{ name }}</router-link></th>
                <template v-for="{ key, empty, column, stand } in rowOf(player)" :key="key">
                  <td v-if="empty" :colspan="empty" />
                  <td v-if="column && stand">
                    <router-link
                      class="cell"
                      :class="stand.state"
                      :to="`/courtside/${player}/${stand.drill}?track=${stand.track}`"
                      :aria-label="t('squad.start', {
                        player: name, drill: column.name, level: stand.level, state: t(`squad.state.${stand.state}`),
                      })"
                      :title="stand.lastHeld ? t('today.last', { date: asDay(stand.lastHeld) }) : t('today.never')"
                    >
                      <strong>{{ stand.level }}</strong>
                      <span class="of">/ {{ column.levels }}</span>
                      <span class="word">{{ t(`squad.short.${stand.state}`) }}</span>
                    </router-link>
                  </td>
                </template>
              </tr>
            </tbody>
          </table>
        </div>
      </div>
    </div>
  </PageStates>
</template>

<style scoped>
.squad {
  padding: 16px 24px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 24px;
  margin-bottom: 8px;
}

.scroll {
  min-height: 320px;
  max-height: calc(100dvh - 96px);
  overflow-x: auto;
}

@media print {
  .scroll {
    max-height: none;
    overflow: visible !important;
  }
}

table {
  border-collapse: collapse;
}

thead th {
  font-size: 14px;
  font-weight: 400;
  text-align: left;
  vertical-align: bottom;
  padding: 4px;
  color: var(--ink-soft);
}

thead th,
tbody th {
  position: sticky;
  background: var(--paper);
}

thead th {
  top: 0;
  z-index: 2;
}

thead th:first-child,
tbody th {
  left: 0;
  z-index: 1;
}

thead th:first-child {
  z-index: 3;
}

tbody tr {
  height: v-bind('`${ROW}px`');
}

tbody th {
  text-align: left;
  font-weight: 400;
  padding-right: 12px;
  white-space: nowrap;
}

tbody th a {
  color: var(--ink);
}

tr + tr {
  border-top: 1px solid var(--rule);
}

td {
  padding: 0 2px;
}

.cell,
.legend {
  border-left: 6px solid var(--rule);
  padding-left: 8px;
}

.cell {
  display: flex;
  align-items: baseline;
  gap: 4px;
  min-width: 96px;
  min-height: 40px;
  padding-top: 8px;
  white-space: nowrap;
  color: var(--ink);
  text-decoration: none;
}

.cell:hover {
  background: var(--floor);
}

.of,
.word {
  font-size: 14px;
  color: var(--ink-soft);
}

.READY {
  border-color: var(--pine);
}

.STUCK {
  border-color: var(--plum);
}

.NOT_SEEN {
  border-left-style: dotted;
  border-color: var(--ink-soft);
}
</style>
