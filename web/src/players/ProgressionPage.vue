<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub } from '@/charting/asked'
import { asDay } from '@/shared/format'
import { useGoals } from '@/shared/goals'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { levelOf, useSentences } from '@/shared/sentences'
import { useSteps } from '@/shared/steps'
import { useAsked } from '@/shared/useAsked'
import EarlierSets from './EarlierSets.vue'
import SetTable from './SetTable.vue'
import { useCorrection } from './useCorrection'
import { useRecord } from './useRecord'

/** One progression of one player: the rungs, where the player stands and why, and all that it rests on. */
const props = defineProps<{ player: string, drill: string, track: string }>()
const { t } = useI18n()
const { advice, growth, evidence, luck, rule } = useSentences()
const { step } = useSteps()
const { trackWords } = useGoals()
const { correct } = useCorrection()
const { record, answer: asked, reading, failed: failedEarlier, load: loadRecord, earlier } = useRecord(() => props.player)
const { answer, failed, load } = useAsked(async () => {
  const [club] = await Promise.all([askClub(), loadRecord(props.drill, props.track)])
  return club
})
const person = computed(() => answer.value?.data.players.find((one) => one.id === props.player))
const drill = computed(() => answer.value?.data.drills.find((one) => one.id === props.drill))
const readings = computed(() => record.value?.sets ?? [])
const held = computed(() => readings.value.filter(({ set }) => set.closed && !set.struck))
const rungs = computed(() => [...drill.value?.levels ?? []].reverse().map((level) => ({
  level, sets: held.value.filter(({ set }) => set.level === level.number),
})))
const rung = computed(() => drill.value && record.value && levelOf(drill.value, record.value.level))
const moves = computed(() => [...record.value?.moved ?? []].reverse())
const called = computed(() => held.value.filter(({ set }) => set.details.called !== undefined).map(({ set }) => set))
const broke = computed(() => record.value?.broke ?? [])
const mostBroke = computed(() => Math.max(1, ...broke.value.map(({ times }) => times)))
const chosen = ref<string>()
const problem = ref('')

async function override(to: number) {
  const last = held.value.at(-1)?.set
  problem.value = ''
  try {
    if (last && record.value) {
      await correct(last.run, 'level.moved', { from: record.value.level, to, by: 'COACH', unmet: to > record.value.level })
      await load()
    }
  } catch {
    problem.value = t('courtside.unavailable')
  }
}
</script>

<template>
  <PageStates
    :failed="failed"
    :ready="!!answer"
    :cached-at="asked?.cached ? asked.at : undefined"
    @retry="load"
  >
    <PlainState v-if="!person || !drill || !record || !rung" :title="t('progression.notThere')" :body="t('progression.notThereBody')">
      <v-btn to="/players">{{ t('players.title') }}</v-btn>
    </PlainState>
    <div v-else class="progression">
      <header>
        <h1>{{ t('progression.title', { player: person.name, drill: drill.name }) }}</h1>
        <p v-if="track">{{ trackWords(track) }}</p>
        <nav class="actions" :aria-label="t('drills.actions')">
          <router-link :to="`/players/${player}`">{{ person.name }}</router-link>
          <router-link :to="`/drills/${drill.family}`">{{ drill.name }}</router-link>
          <router-link :to="`/courtside/${player}/${drill.id}?track=${track}&paper`">{{ t('progression.paper') }}</router-link>
        </nav>
        <v-btn color="primary" variant="flat" :to="`/courtside/${player}/${drill.id}?track=${track}`">{{ t('player.start') }}</v-btn>
      </header>
      <section class="why">
        <p class="count level">{{ t('player.level', { level: record.level, levels: drill.levels.length }) }}</p>
        <p class="advice" :class="record.state">
          {{ record.verdict ? advice(record.verdict.advice) : t('progression.nothingYet') }}
        </p>
        <p v-if="record.verdict && growth(record.verdict, record.level)" class="advice" data-test="growth">
          {{ growth(record.verdict, record.level) }}
        </p>
        <p v-if="record.verdict" class="small">{{ evidence(record.verdict) }} {{ luck(record.verdict) }}</p>
        <p class="small">{{ rule(rung) }}</p>
        <p class="small" data-test="to-move">
          {{ record.setsToMove ? t('progression.toMove', { count: record.setsToMove }, record.setsToMove) : t('progression.noMove') }}
        </p>
        <h2>{{ t('progression.override') }}</h2>
        <div class="buttons">
          <v-btn v-if="record.level > 1" :disabled="!held.length" @click="override(record.level - 1)">
            {{ t('courtside.stepBack', { level: record.level - 1 }) }}
          </v-btn>
          <v-btn v-if="record.level < drill.levels.length" :disabled="!held.length" @click="override(record.level + 1)">
            {{ t('courtside.moveUp', { level: record.level + 1 }) }}
          </v-btn>
        </div>
        <p v-if="problem" role="alert">{{ problem }}</p>
        <ul v-if="moves.length" class="small">
          <li v-for="set in moves" :key="set.run">
            {{ t(`progression.move.${set.move!.by}`, { from: set.move!.from, to: set.move!.to, date: asDay(set.heldAt) }) }}
            {{ set.move!.unmet ? t('progression.unmet') : '' }}
          </li>
        </ul>
      </section>
      <section class="rungs">
        <h2>{{ t('progression.rungs') }}</h2>
        <ol reversed>
          <li v-for="{ level, sets } in rungs" :key="level.number" :class="{ here: level.number === record.level }">
            <p><strong>{{ level.number }}</strong> {{ step(level, drill.levels[level.number - 2]) }}</p>
            <p class="marks">
              <button
                v-for="{ set, hits, trials, standing } in sets"
                :key="set.run"
                type="button"
                :class="[standing, { chosen: set.run === chosen }]"
                :aria-label="t('progression.set', { date: asDay(set.heldAt), hits, trials, standing: t(`player.standing.${standing}`) })"
                @click="chosen = set.run"
              >
                {{ hits }}
              </button>
            </p>
          </li>
        </ol>
        <template v-if="broke.length">
          <h2>{{ t('progression.broke') }}</h2>
          <ul class="broke">
            <li v-for="{ at, times } in broke" :key="at">
              <span class="bar" :style="{ height: `${48 * times / mostBroke}px` }" />
              <span class="small">{{ at }}</span>
              <span class="visually-hidden">{{ t('progression.brokeAt', { at, count: times }) }}</span>
            </li>
          </ul>
        </template>
        <template v-if="called.length">
          <h2>{{ t('progression.called') }}</h2>
          <ul class="small">
            <li v-for="set in called" :key="set.run">
              {{ t('progression.calledOne', { date: asDay(set.heldAt), called: set.details.called ?? 0, score: set.score }) }}
            </li>
          </ul>
        </template>
      </section>
      <section class="sets">
        <h2>{{ t('player.sets') }}</h2>
        <SetTable :sets="[...readings].reverse()" :drill="drill" :chosen="chosen" @choose="chosen = $event" />
        <EarlierSets :count="record.earlier" :reading="reading" :failed="failedEarlier" @ask="earlier" />
      </section>
    </div>
  </PageStates>
</template>

<style scoped>
.progression {
  display: grid;
  grid-template: 'head head' auto 'why rungs' auto 'sets sets' auto / minmax(280px, 1fr) minmax(0, 2fr);
  gap: 16px 32px;
  max-width: 1160px;
  padding: 24px 32px;
}

header {
  grid-area: head;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 16px;
}

.actions {
  display: flex;
  gap: 16px;
  margin-left: auto;
}

.actions a {
  color: var(--ink);
}

.why {
  grid-area: why;
  display: grid;
  align-content: start;
  gap: 8px;
}

.level {
  font-size: 40px;
}

.advice {
  font-size: 18px;
  padding-left: 12px;
  border-left: 6px solid var(--rule);
}

.advice.READY {
  border-color: var(--pine);
}

.advice.STUCK {
  border-color: var(--plum);
}

.small {
  font-size: 14px;
  line-height: 1.4;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.rungs {
  grid-area: rungs;
}

.rungs ol {
  list-style: none;
  padding: 0;
}

.rungs li {
  padding: 4px 8px;
  border-left: 6px solid transparent;
}

.rungs ol li {
  border-bottom: 1px solid var(--rule);
}

.rungs li.here {
  border-left-color: var(--ink);
  background: var(--floor);
}

.marks {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  min-height: 8px;
}

.marks button {
  min-width: 32px;
  min-height: 32px;
  border: 2px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
}

.marks .MET {
  border-color: var(--pine);
  font-weight: 700;
}

.marks .chosen {
  outline: 3px solid var(--steel);
}

.broke {
  display: flex;
  align-items: flex-end;
  gap: 4px;
  list-style: none;
  padding: 0;
}

.broke li {
  display: grid;
  justify-items: center;
  padding: 0;
}

.bar {
  width: 16px;
  background: var(--ink);
}

.sets {
  grid-area: sets;
}

@media (max-width: 800px) {
  .progression {
    grid-template: 'head' auto 'why' auto 'rungs' auto 'sets' auto / minmax(0, 1fr);
    padding: 16px;
  }
}
</style>
