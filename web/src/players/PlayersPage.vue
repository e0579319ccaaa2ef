<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub, askToday } from '@/charting/asked'
import type { Player } from '@/shared/api'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { useAsked } from '@/shared/useAsked'
import AddPlayer from './AddPlayer.vue'

const { t } = useI18n()
const adding = ref(false)
const { answer, failed, load } = useAsked(async () => {
  const [club, today] = await Promise.all([askClub(), askToday()])
  return { club, today }
})

function levels(player: Player): string {
  const due = answer.value?.today.data.due.filter((one) => one.player === player.id) ?? []
  return due.map((one) => {
    const drill = answer.value?.club.data.drills.find((each) => each.id === one.drill)
    return drill ? `${drill.name} · ${t('player.level', { level: one.level, levels: drill.levels.length })}` : ''
  }).join(', ')
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" :cached-at="answer?.club.cached ? answer.club.at : undefined" @retry="load">
    <PlainState v-if="answer?.club.data.players.length === 0" :title="t('players.none')" :body="t('players.noneBody')">
      <v-btn color="primary" variant="flat" @click="adding = true">{{ t('players.add') }}</v-btn>
    </PlainState>
    <div v-else class="players">
      <header>
        <h1>{{ t('players.title') }}</h1>
        <v-btn to="/squad">{{ t('squad.title') }}</v-btn>
        <v-btn @click="adding = true">{{ t('players.add') }}</v-btn>
      </header>
      <ul>
        <li v-for="player in answer?.club.data.players" :key="player.id">
          <router-link :to="`/players/${player.id}`">
            <strong>{{ player.name }}</strong>
            <span class="soft">{{ t(`players.${player.hand}`) }}</span>
            <span>{{ levels(player) }}</span>
          </router-link>
        </li>
      </ul>
    </div>
    <AddPlayer v-model="adding" @added="load" />
  </PageStates>
</template>

<style scoped>
.players {
  max-width: 880px;
  padding: 32px;
}

header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}

ul {
  list-style: none;
  padding: 0;
  margin-top: 16px;
  border-top: 1px solid var(--rule);
}

li a {
  display: grid;
  grid-template-columns: 220px 140px 1fr;
  gap: 16px;
  align-items: center;
  min-height: 64px;
  border-bottom: 1px solid var(--rule);
  color: var(--ink);
  text-decoration: none;
}

li a:hover strong {
  text-decoration: underline;
}

@media (max-width: 800px) {
  .players {
    padding: 16px;
  }

  li a {
    grid-template-columns: 1fr auto;
    gap: 4px 16px;
    padding: 8px 0;
  }
}
</style>
