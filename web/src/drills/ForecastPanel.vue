<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { askForecast } from '@/charting/asked'
import { api, type Drill, type Forecast, type Goal, type Level, type Player } from '@/shared/api'
import { asMetres, asPercent } from '@/shared/format'
import { useGoals } from '@/shared/goals'
import FairDuel from './FairDuel.vue'
import PassingCurve from './PassingCurve.vue'
import { useForecastWords } from './useForecastWords'

/** What a level will take of a player, how far its rule can be trusted, and the goal that would suit better. */
const props = defineProps<{ drill: Drill, level: Level, players: Player[], drills: Drill[] }>()
const emit = defineEmits<{ changed: [], choose: [level: number] }>()
const { t } = useI18n()
const { asked, trackWords } = useGoals()
/** Who it is told for, and on which wing, hand or side. */
const player = defineModel<string>('player', { required: true })
const track = defineModel<string>('track', { required: true })
const tracks = computed(() => props.drill.tracks.map((value) => ({ value, title: trackWords(value) })))
const together = ref<string[]>([])
const others = computed(() => props.players.filter((one) => one.id !== player.value).map(({ id, name: title }) => ({ value: id, title })))
const guess = ref<number>()
const chance = ref(0.7)
const forecast = shallowRef<Forecast>()
const failed = ref(false)
let latest = 0
const taking = ref(false)
const word = ref('')
const CHANCES = [0.5, 0.6, 0.7, 0.8, 0.9].map((value) => ({ value, title: asPercent(value) }))
const GUESSES = ([0.2, 0.35, 0.5, 0.65, 0.8] as const).map((value) => ({ value, title: t(`forecast.guess.${value * 100}`) }))

watch([player, together, track, guess, chance, () => props.level, () => props.drill.id], () => void load(), { immediate: true })

/** What was told of another level or player is not left standing, and an answer that comes late is dropped. */
async function load() {
  const own = ++latest
  forecast.value = undefined
  failed.value = false
  word.value = ''
  const question = {
    player: player.value, drill: props.drill.id, track: track.value, level: props.level.number, chance: chance.value, with: together.value,
  }
  try {
    const { data } = await askForecast(guess.value === undefined ? question : { ...question, guess: guess.value })
    if (own === latest) {
      forecast.value = data
    }
  } catch {
    failed.value = own === latest
  }
}

const drillName = (family: string) => props.drills.find((one) => one.family === family)?.name ?? family
/** Another drill for the same purpose. */
const alike = computed(() => props.drills.find((one) => one.family !== props.drill.family && one.court === props.drill.court
  && one.design.purposes.some((purpose) => props.drill.design.purposes.includes(purpose))))
const firstName = (id: string) => props.players.find((one) => one.id === id)?.name.split(' ')[0] ?? ''
const name = computed(() => [player.value, ...together.value].map(firstName).join(t('forecast.and')))
const { says, decidedBy, inHundred } = useForecastWords(() => props.level, forecast, name)

const here = () => ({ path: { family: props.drill.family, level: props.level.number } })
const take = (goal: Goal) => taken(api.POST('/api/drills/{family}/levels/{level}/goal', { params: here(), body: goal }))
const takeSize = (scale: number) => taken(api.POST('/api/drills/{family}/levels/{level}/size', { params: here(), body: { scale } }))

/** A proposal is a further version of the drill. */
async function taken(answer: Promise<{ data?: unknown }>) {
  taking.value = true
  const { data } = await answer.catch(() => ({ data: undefined }))
  taking.value = false
  word.value = data ? '' : t('state.offline')
  if (data) {
    emit('changed')
  }
}
</script>

<template>
  <div class="both">
    <section class="forecast" data-test="forecast">
      <h2>{{ t('forecast.title') }}</h2>
      <div class="beside">
        <v-autocomplete
          v-model="player"
          auto-select-first
          :label="t('forecast.player')"
          :items="players.map(({ id, name: title }) => ({ value: id, title }))"
          hide-details
        />
        <v-btn color="primary" variant="flat" :to="`/courtside/${player}/${drill.id}${track ? `?track=${track}` : ''}`">
          {{ t('player.start') }}
        </v-btn>
      </div>
      <v-select
        v-if="drill.design.players.most > 1"
        v-model="together"
        :label="t('forecast.together')"
        :items="others"
        multiple
        hide-details
        @update:model-value="together = $event.slice(-3)"
      />
      <v-select
        v-if="tracks.length > 1"
        v-model="track"
        :label="t('track.label')"
        :items="tracks"
        hide-details
      />
      <FairDuel
        v-if="level.goal.kind === 'DUEL' && together.length === 1"
        :player="player"
        :other="together[0] ?? ''"
        :drill="drill.id"
        :level="level.number"
        :track="track"
        :name-of="firstName"
        :taking="taking"
        @take="take"
      />
      <p v-if="failed">{{ t('forecast.failed') }}</p>
      <template v-else-if="forecast">
        <template v-if="says">
          <p class="large" data-test="met">{{ says.met }}</p>
          <p data-test="balls">{{ says.balls }} <template v-if="says.breaks">{{ says.breaks }}</template></p>
          <p>{{ says.passes }}</p>
          <p v-if="decidedBy" data-test="decided-by">{{ decidedBy }}</p>
          <p class="soft small" data-test="basis">{{ says.rests }} {{ says.drawn }} {{ says.pace }}</p>
        </template>
        <p v-else>{{ t('forecast.unknown', { name }) }}</p>
        <v-select
          v-if="!forecast.rate || forecast.rate.basis === 'GUESS'"
          v-model="guess"
          :label="t('forecast.guessAsked', { name })"
          :items="GUESSES"
          hide-details
        />
        <p v-for="one in forecast.required" :key="one.family" class="growth" data-test="required">
          <router-link :to="`/drills/${one.family}`">
            {{ t('forecast.required', { ...one, name, drill: drillName(one.family) }) }}
          </router-link>
        </p>
        <div v-if="forecast.growth" class="growth" data-test="growth">
          <p>{{ t(`forecast.growth.${forecast.growth}`) }}</p>
          <v-btn v-if="forecast.growth === 'TOO_EASY' && level.number < drill.levels.length" @click="emit('choose', level.number + 1)">
            {{ t('forecast.tryNext', { level: level.number + 1 }) }}
          </v-btn>
          <v-btn v-else-if="forecast.growth === 'OUT_OF_REACH' && level.number > 1" @click="emit('choose', level.number - 1)">
            {{ t('forecast.tryBefore', { level: level.number - 1 }) }}
          </v-btn>
          <v-btn v-else-if="forecast.growth === 'STOPPED' && alike" :to="`/drills/${alike.family}`">
            {{ t('forecast.tryOther', { drill: alike.name }) }}
          </v-btn>
        </div>
        <PassingCurve :forecast="forecast" />
        <p class="small">
          {{ t('forecast.slips', {
            rate: asPercent(forecast.notReadyRate), times: inHundred(forecast.notReadyPasses), tries: forecast.tries,
            streaky: inHundred(forecast.streakyPasses),
          }) }}
        </p>
        <p class="soft small" data-test="assumes">
          {{ t('forecast.assumes') }}
          <template v-if="level.advance.each === 'DAY'">
            {{ t('forecast.setsADay', { count: forecast.rate?.setsADay ?? 1 }, forecast.rate?.setsADay ?? 1) }}
          </template>
          <template v-if="forecast.error > 0">{{ t('forecast.played', { error: Math.max(1, Math.round(forecast.error * 200)) }) }}</template>
        </p>
      </template>
      <div v-else class="waiting" role="status" :aria-label="t('state.loading')" />
    </section>
    <section v-if="forecast && !failed" class="more">
      <details open>
        <summary>{{ t('forecast.rules', { tries: forecast.tries }) }}</summary>
        <table data-test="rules">
          <thead>
            <tr>
              <th>{{ t('drillEdit.advance') }}</th><th>{{ t('forecast.notReady') }}</th><th>{{ t('forecast.inStreaks') }}</th>
              <th>{{ t('forecast.ready') }}</th><th v-if="says">{{ name }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in forecast.rules" :key="one.rule.rule" :class="{ chosen: one.rule.rule === level.advance.rule }">
              <td>{{ t(`drillEdit.up.${one.rule.rule}`) }}</td><td>{{ asPercent(one.notReady) }}</td>
              <td>{{ asPercent(one.streaky) }}</td><td>{{ asPercent(one.ready) }}</td>
              <td v-if="says">{{ asPercent(one.player ?? 0) }}</td>
            </tr>
          </tbody>
        </table>
      </details>
      <div v-if="says" class="proposal">
        <v-select v-model="chance" :label="t('forecast.makeIt')" :items="CHANCES" hide-details />
        <div v-if="forecast.proposal" class="beside">
          <p data-test="proposal">
            {{ t('forecast.proposal', { goal: asked(forecast.proposal.goal), times: inHundred(forecast.proposal.met) }) }}
          </p>
          <v-btn :loading="taking" @click="take(forecast.proposal.goal)">{{ t('forecast.take') }}</v-btn>
        </div>
        <p v-else class="soft">{{ t('forecast.noProposal') }}</p>
        <div v-if="forecast.size" class="beside">
          <p data-test="size">
            {{ t(forecast.size.few ? 'forecast.sizeRough' : 'forecast.size', {
              width: asMetres(forecast.size.narrowest), times: inHundred(forecast.size.met), landings: forecast.size.landings,
            }) }}
          </p>
          <v-btn :loading="taking" @click="takeSize(forecast.size.scale)">{{ t('forecast.takeSize') }}</v-btn>
        </div>
        <p v-if="word" role="alert">{{ word }}</p>
      </div>
    </section>
  </div>
</template>

<style scoped>
.both {
  display: contents;
}

.more {
  grid-area: more;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr));
  gap: 8px 28px;
  align-content: start;
}

.forecast {
  grid-area: forecast;
  display: grid;
  align-content: start;
  gap: 10px;
}

.large {
  font-size: 20px;
  line-height: 1.3;
}

.small {
  font-size: 14px;
}

.growth {
  padding-left: 12px;
  border-left: 4px solid var(--plum);
}

.beside {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 14px;
}

th,
td {
  padding: 4px 6px;
  border-top: 1px solid var(--rule);
  text-align: left;
}

.chosen {
  font-weight: 650;
}

summary {
  min-height: 32px;
  cursor: pointer;
}

.proposal {
  display: grid;
  align-content: start;
  gap: 8px;
}

.waiting {
  height: 320px;
  border-radius: 6px;
  background: var(--floor);
}
</style>
