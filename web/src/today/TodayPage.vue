<script setup lang="ts">
import { computed, onBeforeUnmount, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub, askLedger, askSquad, askToday } from '@/charting/asked'
import type { Drill, Due } from '@/shared/api'
import { asWeekday } from '@/shared/format'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { useAsked } from '@/shared/useAsked'
import DueRow from './DueRow.vue'
import OtherDrill from './OtherDrill.vue'
import TodayBriefing from './TodayBriefing.vue'

const { t } = useI18n()
const { answer, failed, load } = useAsked(async () => {
  const [club, today, squad] = await Promise.all([askClub(), askToday(), askSquad().catch(() => undefined)])
  return { club, today, squad }
})

const drillOf = (due: Due): Drill | undefined => answer.value?.club.data.drills.find((drill) => drill.id === due.drill)
const groups = computed(() => {
  const due = answer.value?.today.data.due ?? []
  return [
    { word: t('today.due'), rows: due.filter((one) => one.setsToday === 0) },
    { word: t('today.heldToday'), rows: due.filter((one) => one.setsToday > 0) },
  ].filter((group) => group.rows.length > 0)
})

// What courtside needs is fetched ahead once this page is complete, the neediest first, so that a set can start after the
// network has gone.
let left = false
const complete = async () => {
  await document.fonts.ready
  await new Promise<void>((done) => 'requestIdleCallback' in window ? window.requestIdleCallback(() => done()) : setTimeout(done, 200))
}
onBeforeUnmount(() => {
  left = true
})
watch(answer, async (now) => {
  if (now && !now.today.cached) {
    await complete()
    void import('@/courtside/CourtsidePage.vue')
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
    <PlainState v-if="groups.length === 0" :title="t('today.none')" :body="t('today.noneBody')">
      <v-btn to="/players" color="primary" variant="flat">{{ t('players.add') }}</v-btn>
    </PlainState>
    <div v-else class="today">
      <header>
        <h1>{{ t('today.title', { date: asWeekday(answer?.today.data.day ?? '') }) }}</h1>
        <router-link :to="`/sessions/${answer?.today.data.day}`">{{ t('session.open') }}</router-link>
        <p v-if="answer?.club.data.demo" class="soft">{{ t('app.demo') }}</p>
      </header>
      <TodayBriefing
        v-if="answer?.squad"
        :members="answer.squad.data.members"
        :drills="answer.club.data.drills"
        :day="answer.today.data.day"
      />
      <section v-for="group in groups" :key="group.word">
        <h2>{{ group.word }}</h2>
        <ul>
          <template v-for="due in group.rows" :key="due.player + due.drill + due.track">
            <DueRow v-if="drillOf(due)" :due="due" :drill="drillOf(due)!" />
          </template>
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
}
</style>
