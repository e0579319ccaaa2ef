<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub, askToday } from '@/charting/asked'
import type { Drill, Due, Player } from '@/shared/api'
import { newestOf } from '@/drills/newest'
import { useGoals } from '@/shared/goals'
import { usePresent } from '@/shared/present'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { levelOf, useSentences } from '@/shared/sentences'
import { useAsked } from '@/shared/useAsked'
import WhoIsHere from '@/today/WhoIsHere.vue'
import StartChoice from './StartChoice.vue'

/** Where charting starts: who, then what. What is due first is one touch away, any other drill two. */
const { t } = useI18n()
const { goal } = useSentences()
const { trackWords } = useGoals()
const { answer, failed, load } = useAsked(async () => {
  const [club, today] = await Promise.all([askClub(), askToday()])
  return { club, today }
})
const { isHere } = usePresent(() => answer.value?.today.data.day ?? '')
const drills = computed(() => answer.value?.club.data.drills ?? [])
const due = computed(() => answer.value?.today.data.due ?? [])
const chosen = ref<Player>()
const looked = ref('')

const drillOf = (id: string) => drills.value.find((one) => one.id === id)
/** An open set goes before whatever is due. */
const rowsOf = (player: string) => due.value
  .filter((one) => one.player === player && drillOf(one.drill))
  .sort((one, other) => Number(!!other.openRun) - Number(!!one.openRun))
const people = computed(() => (answer.value?.club.data.players ?? [])
  .filter((one) => isHere(one.id))
  .map((player) => ({ player, first: rowsOf(player.id)[0] }))
  .sort((one, other) => Number(!!other.first?.openRun) - Number(!!one.first?.openRun)
    || (other.first?.need ?? -1) - (one.first?.need ?? -1)))

const to = (player: string, drill: string, track = '') => `/courtside/${player}/${drill}${track ? `?track=${track}` : ''}`
const nameOf = (drill: Drill, track: string) => [drill.name, trackWords(track)].filter((words) => words !== '').join(', ')
const goalOf = (one: Due) => {
  const drill = drillOf(one.drill)
  return drill ? goal(levelOf(drill, one.level)) : ''
}
const progressions = computed(() => chosen.value ? rowsOf(chosen.value.id) : [])
const others = computed(() => {
  const own = new Set(progressions.value.map((one) => one.drill))
  const words = looked.value.trim().toLowerCase()
  return newestOf(drills.value).filter((one) => !own.has(one.id) && one.name.toLowerCase().includes(words))
})
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" @retry="load">
    <PlainState v-if="!answer?.club.data.players.length" :title="t('today.none')" :body="t('today.noneBody')">
      <v-btn to="/players" color="primary" variant="flat">{{ t('players.add') }}</v-btn>
    </PlainState>
    <div v-else-if="!chosen" class="begin">
      <header>
        <h1>{{ t('courtside.choose') }}</h1>
        <v-btn to="/groups">{{ t('group.open') }}</v-btn>
      </header>
      <WhoIsHere :players="answer?.club.data.players ?? []" :day="answer?.today.data.day ?? ''" />
      <ul class="people">
        <li v-for="{ player, first } in people" :key="player.id">
          <StartChoice
            v-if="first"
            :to="to(player.id, first.drill, first.track)"
            :title="player.name"
            :words="nameOf(drillOf(first.drill)!, first.track)"
            :more="first.openRun ? t('courtside.openSet') : t('courtside.dueFirst', { level: first.level, goal: goalOf(first) })"
            :open="!!first.openRun"
          />
          <StartChoice v-else :title="player.name" :words="t('courtside.nothingDue')" @click="chosen = player" />
          <v-btn
            v-if="first"
            class="another"
            variant="outlined"
            :aria-label="t('courtside.anotherFor', { player: player.name })"
            @click="chosen = player"
          >
            {{ t('today.other') }}
          </v-btn>
        </li>
      </ul>
    </div>
    <div v-else class="begin">
      <header>
        <h1>{{ t('courtside.what', { player: chosen.name }) }}</h1>
        <v-btn @click="chosen = undefined">{{ t('courtside.somebodyElse') }}</v-btn>
      </header>
      <template v-if="progressions.length">
        <h2>{{ t('courtside.ownDrills') }}</h2>
        <ul class="people">
          <li v-for="one in progressions" :key="one.drill + one.track">
            <StartChoice
              :to="to(chosen.id, one.drill, one.track)"
              :title="nameOf(drillOf(one.drill)!, one.track)"
              :words="one.openRun ? t('courtside.openSet') : t('courtside.dueFirst', { level: one.level, goal: goalOf(one) })"
              :open="!!one.openRun"
            />
          </li>
        </ul>
      </template>
      <h2>{{ t('courtside.anyDrill') }}</h2>
      <v-text-field
        v-model="looked"
        class="look"
        :label="t('courtside.look')"
        hide-details
        clearable
      />
      <ul class="people">
        <li v-for="one in others" :key="one.id">
          <StartChoice :to="to(chosen.id, one.id)" :title="one.name" :words="t(`courtName.${one.court}`)" />
        </li>
      </ul>
    </div>
  </PageStates>
</template>

<style scoped>
.begin {
  max-width: 1080px;
  padding: 32px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px 16px;
}

h2 {
  margin-top: 24px;
}

.people {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(320px, 100%), 1fr));
  gap: 12px;
  list-style: none;
  padding: 0;
  margin-top: 12px;
}

.people li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
}

.people li > :only-child {
  grid-column: 1 / -1;
}

.another {
  width: 104px;
  height: 100%;
  min-height: 88px;
}

.another :deep(.v-btn__content) {
  white-space: normal;
}

.look {
  max-width: 420px;
  margin-top: 12px;
}

@media (max-width: 800px) {
  .begin {
    padding: 16px;
  }
}
</style>
