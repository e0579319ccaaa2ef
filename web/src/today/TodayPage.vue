<script setup lang="ts">
import { computed, onBeforeUnmount, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub, askDrills, askLedger, askListed, askSquad, askToday } from '@/charting/asked'
import type { Drill, Due } from '@/shared/api'
import { asWeekday } from '@/shared/format'
import { whenIdle } from '@/shared/idle'
import { usePresent } from '@/shared/present'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { useAsked } from '@/shared/useAsked'
import OtherDrill from './OtherDrill.vue'
import PlayerDue from './PlayerDue.vue'
import TodayBriefing from './TodayBriefing.vue'
import WhoIsHere from './WhoIsHere.vue'

const { t } = useI18n()
const { answer, failed, load } = useAsked(async () => {
  const [club, today, squad] = await Promise.all([askListed(), askToday(), askSquad().catch(() => undefined)])
  const due = new Set(today.data.due.map(({ drill }) => drill))
  const drills = await askDrills(club.data.drills.filter(({ id }) => due.has(id)), club)
  return { club, today, squad, drills }
})

const drillOf = (due: Due): Drill | undefined => answer.value?.drills.find((drill) => drill.id === due.drill)
const { isHere } = usePresent(() => answer.value?.today.data.day ?? '')
/** The rows of each player who is here, as due as they are; an open set goes before them. */
const byPlayer = computed(() => {
  const all = new Map<string, { due: Due, drill: Drill }[]>()
  for (const due of answer.value?.today.data.due ?? []) {
    const drill = drillOf(due)
    if (drill && isHere(due.player)) {
      all.set(due.player, [...all.get(due.player) ?? [], { due, drill }])
    }
  }
  return [...all.values()].map((rows) => rows.sort((one, other) => Number(!!other.due.openRun) - Number(!!one.due.openRun)))
})
const hasHeld = (rows: { due: Due }[]) => rows.some(({ due }) => due.setsToday > 0)
const groups = computed(() => [
  { word: t('today.due'), players: byPlayer.value.filter((rows) => !hasHeld(rows)) },
  { word: t('today.heldToday'), players: byPlayer.value.filter(hasHeld) },
].filter((group) => group.players.length > 0))

// What courtside needs is fetched ahead once this page is complete, the neediest first, so that a set can start after the
// network has gone.
let left = false
const complete = async () => {
  await document.fonts.ready
  await whenIdle()
}
onBeforeUnmount(() => {
  left = true
})
watch(answer, async (now) => {
  if (now && !now.today.cached) {
    await complete()
    void import('@/courtside/CourtsidePage.vue').catch(() => undefined)
    void askClub().catch(() => undefined)
    for (const { player, drill, track } of now.today.data.due) {
      if (!left) {
        await askLedger(player, drill, track).catch(() => undefined)
      }
    }
  }
})
</script>

<template>
  <PageStates
    :failed="failed"
    :ready="!!answer"
    :cached-at="answer?.today.cached ? answer.today.at : undefined"
    @retry="load"
  >
    <PlainState v-if="!answer?.club.data.players.length" :title="t('today.none')" :body="t('today.noneBody')">
      <v-btn to="/players" color="primary" variant="flat">{{ t('players.add') }}</v-btn>
    </PlainState>
    <div v-else class="today">
      <header>
        <h1>{{ t('today.title', { date: asWeekday(answer?.today.data.day ?? '') }) }}</h1>
        <router-link :to="`/sessions/${answer?.today.data.day}`">{{ t('session.open') }}</router-link>
        <router-link to="/groups">{{ t('group.open') }}</router-link>
        <p v-if="answer?.club.data.demo" class="soft">{{ t('app.demo') }}</p>
      </header>
      <WhoIsHere v-if="answer" :players="answer.club.data.players" :day="answer.today.data.day" />
      <TodayBriefing
        v-if="answer?.squad"
        :members="answer.squad.data.members"
        :drills="answer.club.data.drills"
        :day="answer.today.data.day"
      />
      <section v-for="group in groups" :key="group.word">
        <h2>{{ group.word }}</h2>
        <ul>
          <PlayerDue v-for="rows in group.players" :key="rows[0]?.due.player ?? ''" :rows="rows" />
        </ul>
      </section>
      <OtherDrill v-if="answer" :drills="answer.club.data.drills" :players="answer.club.data.players" />
    </div>
  </PageStates>
</template>

<style scoped>
.today {
  max-width: 1080px;
  padding: 32px;
}

header {
  display: flex;
  align-items: baseline;
  gap: 16px;
}

header a {
  color: var(--ink);
}

section {
  margin-top: 24px;
}

ul {
  list-style: none;
  padding: 0;
  margin-top: 8px;
  border-top: 1px solid var(--rule);
}

@media (max-width: 800px) {
  .today {
    padding: 16px;
  }

  section {
    margin-top: 8px;
  }
}
</style>
