<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { askClub, askPlayer } from '@/charting/asked'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import type { ChartEvent, Player, SetLine } from '@/shared/api'
import { asDay } from '@/shared/format'
import { useGoals } from '@/shared/goals'
import { useSentences } from '@/shared/sentences'
import { useAsked } from '@/shared/useAsked'
import EarlierSets from './EarlierSets.vue'
import MoveSet from './MoveSet.vue'
import PlayerMatches from './PlayerMatches.vue'
import PlayerLandings from './PlayerLandings.vue'
import PlayerPasses from './PlayerPasses.vue'
import PlayerRallies from './PlayerRallies.vue'
import PlayerWork from './PlayerWork.vue'
import RateChart from './RateChart.vue'
import SetTable from './SetTable.vue'
import { useCorrection } from './useCorrection'
import { useRecord } from './useRecord'

const props = defineProps<{ player: string }>()
const { t } = useI18n()
const router = useRouter()
const { advice, evidence, luck } = useSentences()
const { trackWords } = useGoals()
const { correct } = useCorrection()
const { record, answer: asked, reading, failed: failedEarlier, load: loadRecord, earlier } = useRecord(() => props.player)
const version = ref('')
const keyOf = ({ drill: id, track }: { drill: string, track: string }) => `${id} ${track}`
const { answer, failed, load } = useAsked(async () => {
  const [club, page] = await Promise.all([askClub(), askPlayer(props.player)])
  const line = page.data.records.find((one) => keyOf(one) === version.value) ?? page.data.records[0]
  if (line) {
    await loadRecord(line.drill, line.track)
  }
  return { club, page }
})

const club = computed(() => answer.value?.club.data)
const person = computed(() => answer.value?.page.data.player)
const records = computed(() => answer.value?.page.data.records ?? [])
const versions = computed(() => records.value.map((one) => {
  const known = club.value?.drills.find(({ id }) => id === one.drill)
  const name = known ? t('player.version', { drill: known.name, version: known.version }) : one.drill
  return { value: keyOf(one), title: one.track ? `${name}, ${trackWords(one.track)}` : name }
}))
const drill = computed(() => club.value?.drills.find((one) => one.id === record.value?.drill))
const court = computed(() => club.value?.courts.find((one) => one.id === drill.value?.court))
/** What there is to say of such a drill besides its sets. */
const inDepth = computed(() => drill.value?.levels.some((level) => level.dials.pattern)
  ? PlayerPasses
  : drill.value?.levels.some((level) => level.goal.kind === 'RALLY') ? PlayerRallies : undefined)
const sets = computed(() => [...record.value?.sets ?? []].reverse())
const moveDue = computed(() => record.value?.verdict?.advice.call === 'MOVE_UP')
const chosenRun = ref<string>()
const chosen = computed(() => sets.value.find((reading) => reading.set.run === chosenRun.value))
const isLast = ({ set }: { set: SetLine }) => set.closed && !set.struck
const moving = ref(false)
const problem = ref('')

watch(sets, (now) => {
  chosenRun.value = (now.find((reading) => reading.set.run === chosenRun.value) ?? now.find(isLast))?.set.run
})

function choose(key: string) {
  version.value = key
  void load()
}

async function apply(kind: ChartEvent['kind'], body: ChartEvent['body'], run = chosenRun.value) {
  problem.value = ''
  try {
    if (run) {
      await correct(run, kind, body)
    }
    await load()
  } catch {
    problem.value = t('courtside.unavailable')
  }
}

const move = (to: { player: Player, level: number, heldAt: number }) =>
  apply('set.moved', { player: to.player.id, hand: to.player.hand, level: to.level, heldAt: to.heldAt })

async function reopen() {
  await apply('set.reopened', {})
  if (!problem.value && chosen.value) {
    await router.push(`/courtside/${props.player}/${chosen.value.set.drill}/${chosen.value.set.run}`)
  }
}

function moveUp() {
  const last = sets.value.find(isLast)
  const from = record.value?.level ?? 1
  return apply('level.moved', { from, to: from + 1, by: 'RULE', unmet: false }, last?.set.run)
}
</script>

<template>
  <PageStates
    :failed="failed"
    :ready="!!answer"
    :cached-at="asked?.cached ? asked.at : undefined"
    @retry="load"
  >
    <div v-if="person && club && record && drill && court" class="player">
      <header>
        <h1>{{ person.name }}</h1>
        <p class="soft">{{ t(`players.${person.hand}`) }}</p>
        <v-select
          v-if="versions.length > 1"
          class="version"
          :model-value="keyOf(record)"
          :label="t('player.versions')"
          :items="versions"
          hide-details
          @update:model-value="choose"
        />
        <v-btn color="primary" variant="flat" :to="`/courtside/${person.id}/${record.drill}?track=${record.track}`">{{ t('player.start') }}</v-btn>
      </header>
      <PlainState v-if="sets.length === 0" :title="t('player.noSets')" :body="t('player.noSetsBody')" />
      <div v-else class="grid" :class="{ deep: inDepth }">
        <section class="now">
          <h2>{{ drill.name }}</h2>
          <router-link :to="`/players/${person.id}/progressions/${drill.id}?track=${record.track}`">{{ t('progression.open') }}</router-link>
          <p class="count level">{{ t('player.level', { level: record.level, levels: drill.levels.length }) }}</p>
          <template v-if="record.verdict">
            <p class="advice" :class="{ up: moveDue }">{{ advice(record.verdict.advice) }}</p>
            <p class="soft small">{{ evidence(record.verdict) }} {{ luck(record.verdict) }}</p>
            <v-btn v-if="moveDue" @click="moveUp">{{ t('player.moveUp', { level: record.level + 1 }) }}</v-btn>
          </template>
        </section>
        <component
          :is="inDepth"
          v-if="inDepth"
          class="in-depth"
          :player="person.id"
          :drill="drill"
          :track="record.track"
        />
        <section class="rates">
          <h2>{{ t('player.rates') }}</h2>
          <RateChart :rates="record.rates" />
        </section>
        <section class="sets">
          <h2>{{ t('player.sets') }}</h2>
          <div v-if="chosen" class="chosen-set sheet">
            <strong>{{ t('player.chosen', { date: asDay(chosen.set.heldAt) }) }}</strong>
            <p v-if="chosen.advice" class="small">{{ advice(chosen.advice) }}</p>
            <div class="actions">
              <v-btn v-if="!chosen.set.struck" @click="reopen">{{ t('player.reopen') }}</v-btn>
              <v-btn @click="moving = true">{{ t('player.move') }}</v-btn>
              <v-btn @click="apply('set.turned', {})">{{ t('player.turn') }}</v-btn>
              <v-btn v-if="!chosen.set.struck" @click="apply('set.struck', {})">{{ t('player.strike') }}</v-btn>
              <v-btn v-else @click="apply('set.restored', {})">{{ t('player.restore') }}</v-btn>
            </div>
            <p v-if="problem" role="alert">{{ problem }}</p>
          </div>
          <SetTable :sets="sets" :drill="drill" :chosen="chosenRun" @choose="chosenRun = $event" />
          <EarlierSets :count="record.earlier" :reading="reading" :failed="failedEarlier" @ask="earlier" />
        </section>
        <PlayerLandings
          class="landings"
          :player="person"
          :record="record"
          :drill="drill"
          :court="court"
          :chosen="chosen"
        />
        <PlayerWork
          v-if="answer"
          class="work"
          :page="answer.page.data"
          :players="club.players"
          :drills="club.drills"
        />
      </div>
      <PlayerMatches :player="person.id" :players="club.players" />
      <MoveSet
        v-if="chosen"
        v-model="moving"
        :set="chosen.set"
        :drill="drill"
        :players="club.players"
        @move="move"
      />
    </div>
  </PageStates>
</template>

<style scoped>
.player {
  padding: 24px 32px;
}

header {
  display: flex;
  align-items: baseline;
  gap: 16px;
}

.version {
  max-width: 280px;
}

header :deep(.v-btn) {
  margin-left: auto;
}

.grid {
  display: grid;
  grid-template: 'now rates' auto 'sets landings' auto 'sets work' 1fr / minmax(0, 7fr) minmax(0, 5fr);
  gap: 24px 40px;
  margin-top: 16px;
}

.deep {
  grid-template: 'now rates' auto 'in-depth in-depth' auto 'sets landings' auto 'sets work' 1fr / minmax(0, 7fr) minmax(0, 5fr);
}

.in-depth {
  grid-area: in-depth;
}

.now {
  grid-area: now;
}

.rates {
  grid-area: rates;
}

.sets {
  grid-area: sets;
}

.landings {
  grid-area: landings;
}

.work { grid-area: work; }

.now a {
  color: var(--ink);
}

.level {
  font-size: 40px;
  margin: 4px 0 12px;
}

.advice {
  font-size: 18px;
  line-height: 1.35;
  padding-left: 12px;
  border-left: 6px solid var(--ink-soft);
  margin-bottom: 8px;
}

.advice.up {
  border-color: var(--pine);
}

.small {
  font-size: 14px;
  line-height: 1.45;
  max-width: 75ch;
}

.chosen-set {
  padding: 12px 16px;
  margin: 8px 0;
}

.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}

@media (max-width: 900px) {
  .player {
    padding: 16px;
  }

  header {
    flex-wrap: wrap;
  }

  .grid {
    grid-template: 'now' auto 'in-depth' auto 'landings' auto 'rates' auto 'work' auto 'sets' auto / minmax(0, 1fr);
  }
}
</style>
