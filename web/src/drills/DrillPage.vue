<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub, askToday } from '@/charting/asked'
import CourtDrawing from '@/court/CourtDrawing.vue'
import { halfBeyond, surfaceOf } from '@/court/shape'
import { useGoals } from '@/shared/goals'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { useSentences } from '@/shared/sentences'
import { useSteps } from '@/shared/steps'
import { useAsked } from '@/shared/useAsked'
import ForecastPanel from './ForecastPanel.vue'
import { newestOf } from './newest'
import PatternPlayer from './PatternPlayer.vue'

/** Where a coach thinks about a drill: its target, its rungs, what a miss does, what moves a player up, and the forecast. */
const props = defineProps<{ family: string }>()
const { t } = useI18n()
const { retreat, rule } = useSentences()
const { step } = useSteps()
const { missRule, stations } = useGoals()
const { answer, failed, load } = useAsked(async () => {
  const [club, today] = await Promise.all([askClub(), askToday()])
  return { club, today }
})
const number = ref(1)
const player = ref('')
const track = ref('')
const club = computed(() => answer.value?.club.data)
const newest = computed(() => newestOf(club.value?.drills ?? []))
const drill = computed(() => newest.value.find((one) => one.family === props.family))
const nameOf = (family: string) => newest.value.find((one) => one.family === family)?.name ?? family
const level = computed(() => drill.value?.levels[number.value - 1] ?? drill.value?.levels[0])
const standings = computed(() => answer.value?.today.data.due.filter((one) => one.drill === drill.value?.id) ?? [])
const standing = computed(() => standings.value.find((one) => one.player === player.value && one.track === track.value))

watch(drill, (now) => {
  if (player.value) {
    return
  }
  player.value = standings.value[0]?.player ?? club.value?.players[0]?.id ?? ''
  track.value = standings.value[0]?.track ?? now?.tracks[0] ?? ''
})
watch([() => drill.value?.id, player, track], () => {
  number.value = standing.value?.level ?? 1
})
const standOn = (level: number) => [...new Set(standings.value
  .filter((one) => one.level === level).map((one) => one.name.split(' ')[0]))].join(', ')
const about = computed(() => drill.value
  ? [t(`freedom.${drill.value.freedom}`), drill.value.feed, t('targets.version', { version: drill.value.version })].filter((words) => words !== '')
  : [])
const stage = computed(() => level.value?.forRight.stages.at(-1))
const surface = computed(() => {
  const court = club.value?.courts.find((one) => one.id === drill.value?.court)
  return court && stage.value && surfaceOf(court, stage.value.plane)
})
const beyond = computed(() => {
  const court = club.value?.courts.find((one) => one.id === drill.value?.court)
  return court && stage.value && halfBeyond(court, stage.value.plane)
})
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" :cached-at="answer?.club.cached ? answer.club.at : undefined" @retry="load">
    <PlainState v-if="!drill || !level" :title="t('drills.notThere')" :body="t('drills.notThereBody')">
      <v-btn to="/drills">{{ t('drills.title') }}</v-btn>
    </PlainState>
    <div v-else class="drill">
      <header>
        <h1>{{ drill.name }}</h1>
        <router-link to="/drills">{{ t('drills.title') }}</router-link>
        <nav class="actions" :aria-label="t('drills.actions')">
          <router-link v-if="drill.design.players.most > 1" :to="`/queue/${drill.id}`">{{ t('queue.open') }}</router-link>
          <router-link :to="`/drills/${drill.family}/edit`">{{ t('drills.edit') }}</router-link>
          <router-link :to="`/drills/${drill.family}/copy/same`">{{ t('drills.copy') }}</router-link>
          <router-link :to="`/drills/${drill.family}/copy/mirror`">{{ t('drills.mirror') }}</router-link>
          <router-link :to="`/drills/${drill.family}/print/card`">{{ t('drills.card') }}</router-link>
          <router-link :to="`/drills/${drill.family}/print/tally`">{{ t('drills.tally') }}</router-link>
          <a :href="`/api/exchange/drills/${drill.family}`" download>{{ t('drills.export') }}</a>
        </nav>
        <p class="soft">{{ about.join(' · ') }}</p>
      </header>
      <section class="picture" :class="{ tall: level.dials.pattern }">
        <PatternPlayer
          v-if="surface && stage && level.dials.pattern"
          :level="level"
          :surface="surface"
          :beyond="beyond"
          :stage="stage"
        />
        <CourtDrawing
          v-else-if="surface && stage"
          :surface="surface"
          :in-use="stage.inUse"
          :zones="stage.zones"
          standpoint="BEHIND"
          :hitter="t('court.hitterPlain')"
          :marks="[]"
          :label="t('drills.court', { drill: drill.name, level: level.number })"
        />
      </section>
      <section class="rungs">
        <h2>{{ t('drills.rungs') }}</h2>
        <ol>
          <li v-for="(one, place) in drill.levels" :key="one.number">
            <button type="button" :aria-pressed="one.number === level.number" @click="number = one.number">
              <strong>{{ one.number }}</strong>
              <span>{{ step(one, drill.levels[place - 1]) }} <span class="soft">{{ standOn(one.number) }}</span></span>
            </button>
          </li>
        </ol>
        <p v-if="stations(level.goal)">{{ stations(level.goal) }}</p>
        <p>{{ missRule(level.goal) }}</p>
        <p>{{ rule(level) }}</p>
        <p class="soft">
          {{ retreat(level) }} {{ t('drills.tries', { tries: level.tries }, level.tries) }}
        </p>
        <p v-if="drill.design.below">
          <router-link :to="`/drills/${drill.design.below}`">{{ t('drills.below', { drill: nameOf(drill.design.below) }) }}</router-link>
        </p>
        <p v-for="one in drill.design.requires" :key="one.family">
          {{ t('drills.requires', { drill: nameOf(one.family), level: one.level }) }}
        </p>
        <p v-if="drill.design.watchPoint">{{ t('drills.watch', { words: drill.design.watchPoint }) }}</p>
      </section>
      <ForecastPanel
        v-if="club && player"
        v-model:player="player"
        v-model:track="track"
        :drill="drill"
        :level="level"
        :players="club.players"
        :drills="newest"
        @changed="load"
        @choose="number = $event"
      />
    </div>
  </PageStates>
</template>

<style scoped>
.drill {
  display: grid;
  grid-template:
    'head head head' auto 'picture rungs forecast' auto 'more more forecast' 1fr
    / minmax(300px, 1.1fr) minmax(240px, 0.9fr) minmax(320px, 1fr);
  gap: 8px 28px;
  padding: 16px 28px;
}

header {
  grid-area: head;
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 16px;
}

header a {
  color: var(--ink);
}

.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin-left: auto;
}

header p {
  flex-basis: 100%;
}

.picture {
  grid-area: picture;
  height: min(62dvh, 460px);
}

.picture.tall {
  height: auto;
}

.rungs {
  grid-area: rungs;
  display: grid;
  align-content: start;
  gap: 10px;
}

ol {
  list-style: none;
  padding: 0;
}

ol button {
  display: grid;
  grid-template-columns: 28px 1fr;
  width: 100%;
  min-height: 48px;
  align-items: center;
  text-align: left;
  border: 0;
  border-left: 4px solid transparent;
  border-bottom: 1px solid var(--rule);
  padding: 4px 8px;
  background: none;
  color: var(--ink);
}

ol button[aria-pressed='true'] {
  border-left-color: var(--ink);
  background: var(--floor);
}

@media (max-width: 1000px) {
  .drill {
    grid-template: 'head' auto 'picture' auto 'rungs' auto 'forecast' auto 'more' auto / minmax(0, 1fr);
    padding: 12px 16px;
  }

  .picture {
    height: min(60dvh, 110vw);
  }
}
</style>
