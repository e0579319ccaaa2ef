<script setup lang="ts">
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { MatchView, ScoreSaid, Team } from '@/shared/api'
import type { Names } from './useMatchWords'
import { TEAMS } from './useMatch'

/** The score is said; points between are points that nobody saw. */
const props = defineProps<{ match: MatchView, names: Names, problem: string }>()
const emit = defineEmits<{ say: [score: ScoreSaid] }>()
const open = defineModel<boolean>({ required: true })
const { t } = useI18n()
const sets = ref({ one: 0, two: 0 })
const games = ref({ one: 0, two: 0 })
const points = ref({ one: 0, two: 0 })
const server = ref<Team>('ONE')
watch(open, (now) => {
  if (now) {
    sets.value = { ...props.match.sets }
    games.value = { ...props.match.games }
    points.value = { ...props.match.points }
    server.value = props.match.serving.team
  }
}, { immediate: true })
const of = (count: { one: number, two: number }, team: Team) => team === 'ONE' ? count.one : count.two
function set(count: { one: number, two: number }, team: Team, to: number) {
  count[team === 'ONE' ? 'one' : 'two'] = Math.max(0, Math.round(to) || 0)
}
</script>

<template>
  <v-dialog v-model="open" max-width="520" :aria-label="t('match.scoreIs')">
    <v-card class="dialog-card">
      <h2>{{ t('match.scoreIs') }}</h2>
      <table>
        <thead>
          <tr>
            <td />
            <th scope="col">{{ t(match.agreed.format.games ? 'match.sets' : 'match.games') }}</th>
            <th v-if="match.agreed.format.games" scope="col">{{ t('match.games') }}</th>
            <th scope="col">{{ t('match.points') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="team in TEAMS" :key="team">
            <th scope="row">{{ names(team) }}</th>
            <td v-for="(count, at) in match.agreed.format.games ? [sets, games, points] : [sets, points]" :key="at">
              <v-text-field
                type="number"
                min="0"
                :aria-label="t('match.scoreOf', { name: names(team), part: at })"
                :model-value="of(count, team)"
                hide-details
                @update:model-value="set(count, team, Number($event))"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <div role="group" :aria-label="t('match.whoServes')" class="choices">
        <v-btn
          v-for="team in TEAMS"
          :key="team"
          :variant="server === team ? 'flat' : 'outlined'"
          :aria-pressed="server === team"
          @click="server = team"
        >
          {{ t('match.serves', { name: names(team) }) }}
        </v-btn>
      </div>
      <p v-if="problem" role="alert">{{ problem }}</p>
      <div class="choices">
        <v-btn
          color="primary"
          variant="flat"
          size="large"
          data-test="say"
          @click="emit('say', { sets, games, points, server })"
        >
          {{ t('match.say') }}
        </v-btn>
        <v-btn variant="text" size="large" @click="open = false">{{ t('match.leaveIt') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
table {
  width: 100%;
}

th {
  text-align: left;
}

.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 16px;
}
</style>
