<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Contacts, Depth, Format, GameRule, MatchOpened, Player, Standpoint, Team } from '@/shared/api'
import BigChoice from '@/shared/BigChoice.vue'
import OneOf from '@/shared/OneOf.vue'
import PlayerButtons from '@/shared/PlayerButtons.vue'
import { useSettings } from '@/shared/settings'
import FormatFields from './FormatFields.vue'
import RuleFields from './RuleFields.vue'
import { DEPTHS, TEAMS } from './useMatch'

/** A match or a game before it: who, how it is scored, what else holds, and how much of it is charted. */
const props = defineProps<{ players: Player[], formats: Format[], strokes: (sport: Format['sport']) => string[] }>()
const emit = defineEmits<{ begin: [opened: MatchOpened] }>()
const { t } = useI18n()
const settings = useSettings()
const sports = computed(() => [...new Set(props.formats.map(({ sport }) => sport))])
const sport = ref<Format['sport']>('BADMINTON')
const size = ref<'SINGLES' | 'DOUBLES'>('SINGLES')
const what = ref<'MATCH' | 'GAME'>('MATCH')
const minutes = ref(0)
const ruling = ref(false)
const one = ref<string[]>([])
const two = ref<string[]>([])
const server = ref<Team>('ONE')
const near = ref<Team>('ONE')
const depth = ref<Depth>('FULL')
const counts = ref<Contacts>('ALL')
const rules = ref<GameRule[]>([])
const start = ref({ one: 0, two: 0 })
const matching = computed(() => props.formats.filter((format) => format.sport === sport.value && format.doubles === (size.value === 'DOUBLES')))
const sizes = computed(() => (['SINGLES', 'DOUBLES'] as const).filter((which) =>
  props.formats.some((format) => format.sport === sport.value && format.doubles === (which === 'DOUBLES'))))
const format = ref<Format>()
watch([sport, sizes], () => {
  const [first] = sizes.value
  size.value = first && !sizes.value.includes(size.value) ? first : size.value
})
watch(matching, ([first]) => (format.value = first && copy(first)), { immediate: true })
watch(what, (now) => {
  ruling.value = now === 'GAME'
  const [first] = matching.value
  if (first) {
    format.value = now === 'GAME' && !first.games ? { ...copy(first), id: 'own-game', wins: 1 } : copy(first)
  }
})
function copy(given: Format): Format {
  return JSON.parse(JSON.stringify(given)) as Format
}
const most = computed(() => size.value === 'DOUBLES' ? 2 : 1)
watch(most, (now) => {
  one.value = one.value.slice(0, now)
  two.value = two.value.slice(0, now)
})

function choose(team: Team, id: string) {
  const [own, other] = team === 'ONE' ? [one, two] : [two, one]
  other.value = other.value.filter((has) => has !== id)
  own.value = own.value.includes(id) ? own.value.filter((has) => has !== id) : [...own.value, id].slice(-most.value)
}
const nameOf = (ids: string[], otherwise: string) => ids.length
  ? ids.map((id) => props.players.find((player) => player.id === id)?.name.split(' ')[0] ?? '').join(' / ')
  : otherwise
const names = computed(() => ({ ONE: nameOf(one.value, t('match.first')), TWO: nameOf(two.value, t('match.visitor')) }))
const ready = computed(() => one.value.length > 0 && !!format.value)
const STANDPOINTS: Standpoint[] = ['BEHIND', 'LEFT', 'ACROSS', 'RIGHT']
const standpoint = ref<Standpoint>(settings.standpoint)

function begin() {
  if (format.value) {
    emit('begin', {
      agreed: { format: format.value, rules: rules.value, ...minutes.value && { minutes: minutes.value } },
      one: one.value, ...two.value.length && { two: two.value },
      start: { server: server.value, ...start.value.one + start.value.two && { points: start.value } },
      depth: depth.value, standpoint: standpoint.value, ...near.value !== 'ONE' && { nearTeam: near.value },
      ...what.value === 'GAME' && { game: true }, ...counts.value !== 'ALL' && { counts: counts.value },
    })
  }
}
</script>

<template>
  <section class="fields">
    <BigChoice
      v-model="what"
      :label="t('match.what')"
      words="match.kind"
      about="match.kindWords"
      :values="['MATCH', 'GAME']"
    />
    <div class="numbers">
      <OneOf v-model="sport" :label="t('match.sport')" words="match.sports" :values="sports" />
      <OneOf v-model="size" :label="t('match.size')" words="group.size" :values="sizes" />
      <v-select
        v-if="format"
        :model-value="format.id"
        :label="t('match.format')"
        :items="[...format.id === 'own-game' ? [{ value: 'own-game', title: t('match.formats.own-game') }] : [],
                 ...matching.map((one) => ({ value: one.id, title: t(`match.formats.${one.id}`) }))]"
        hide-details
        @update:model-value="(id) => { const chosen = matching.find((one) => one.id === id); format = chosen && copy(chosen) }"
      />
    </div>
    <PlayerButtons
      v-for="team in TEAMS"
      :key="team"
      :label="t(`match.team.${team}`)"
      :heading="`${t(`match.team.${team}`)}: ${names[team]}`"
      :players="players"
      :chosen="team === 'ONE' ? one : two"
      :data-test="`team-${team}`"
      @toggle="choose(team, $event)"
    />
    <section class="inner">
      <v-btn class="rules" variant="text" :aria-expanded="ruling" @click="ruling = !ruling">{{ t('match.rules') }}</v-btn>
      <template v-if="ruling">
        <FormatFields v-if="format" v-model="format" v-model:minutes="minutes" />
        <RuleFields v-model="rules" :strokes="strokes(sport)" />
        <div class="numbers">
          <v-text-field
            v-model.number="start.one"
            type="number"
            min="0"
            max="99"
            :label="t('match.startOf', { name: names.ONE })"
            hide-details
          />
          <v-text-field
            v-model.number="start.two"
            type="number"
            min="0"
            max="99"
            :label="t('match.startOf', { name: names.TWO })"
            hide-details
          />
        </div>
      </template>
    </section>
    <div class="numbers">
      <v-select
        v-model="server"
        :label="t('match.firstServer')"
        :items="(['ONE', 'TWO'] as const).map((value) => ({ value, title: names[value] }))"
        hide-details
      />
      <v-select
        v-model="near"
        :label="t('match.near')"
        :items="(['ONE', 'TWO'] as const).map((value) => ({ value, title: names[value] }))"
        hide-details
      />
      <OneOf v-model="standpoint" :label="t('match.standpoint')" words="match.standpoints" :values="STANDPOINTS" />
      <OneOf v-model="counts" :label="t('match.lengthBy')" words="match.lengths" :values="['ALL', 'AFTER_THE_SERVE']" />
      <OneOf v-model="depth" :label="t('match.depthLabel')" words="match.depth" :values="DEPTHS" />
    </div>
    <v-btn
      class="begin"
      color="primary"
      variant="flat"
      size="x-large"
      :disabled="!ready"
      data-test="begin"
      @click="begin"
    >
      {{ t(what === 'GAME' ? 'match.beginGame' : 'match.begin') }}
    </v-btn>
    <p v-if="!ready" class="soft" data-test="why-not">{{ t('match.beginWhy') }}</p>
  </section>
</template>

<style scoped>
.fields,
.inner {
  display: grid;
  gap: 16px;
}

.numbers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 8px;
}

.rules {
  justify-self: start;
}

.begin {
  justify-self: start;
  min-width: 240px;
}
</style>
