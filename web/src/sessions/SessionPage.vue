<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub, askSession } from '@/charting/asked'
import { useSetNotes } from '@/players/useSetNotes'
import type { SetLine } from '@/shared/api'
import { asPercent, asTime, asWeekday } from '@/shared/format'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { useAsked } from '@/shared/useAsked'

/** A day on court: its sets, who hit how much, and what of it was put right or never seen. */
const props = defineProps<{ day: string }>()
const { t } = useI18n()
const { ofLine } = useSetNotes()
const { answer, failed, load } = useAsked(async () => {
  const [club, session] = await Promise.all([askClub(), askSession(props.day)])
  return { club, session }
})
watch(() => props.day, load)

const session = computed(() => answer.value?.session.data)
const amends = computed(() => (['corrected', 'notSeen', 'enteredLater', 'moved', 'struck'] as const)
  .map((kind) => ({ kind, count: session.value?.amends[kind] ?? 0 }))
  .filter(({ count }) => count > 0))
const nameOf = (player: string) => answer.value?.club.data.players.find((one) => one.id === player)?.name ?? ''
const drillOf = ({ drill }: SetLine) => answer.value?.club.data.drills.find((one) => one.id === drill)?.name ?? drill
const progression = ({ player, drill, track }: SetLine) => `/players/${player}/progressions/${drill}?track=${track}`
</script>

<template>
  <PageStates
    :failed="failed"
    :ready="!!session"
    :cached-at="answer?.session.cached ? answer.session.at : undefined"
    @retry="load"
  >
    <div v-if="session" class="session">
      <header>
        <h1>{{ t('session.title', { day: asWeekday(session.day) }) }}</h1>
        <nav :aria-label="t('session.sets')">
          <router-link v-if="session.before" :to="`/sessions/${session.before}`">
            {{ t('session.before', { day: asWeekday(session.before) }) }}
          </router-link>
          <router-link v-if="session.after" :to="`/sessions/${session.after}`">
            {{ t('session.after', { day: asWeekday(session.after) }) }}
          </router-link>
        </nav>
      </header>
      <PlainState v-if="session.sets.length === 0" :title="t('session.none')" :body="t('session.noneBody')" />
      <template v-else>
        <section>
          <h2>{{ t('session.amends') }}</h2>
          <p v-if="amends.length === 0">{{ t('session.clean') }}</p>
          <ul v-else data-test="amends">
            <li v-for="{ kind, count } in amends" :key="kind">{{ t(`session.${kind}`, { count }, count) }}</li>
          </ul>
        </section>
        <section>
          <h2>{{ t('session.work') }}</h2>
          <ul>
            <li v-for="{ player, balls, rate } in session.work" :key="player">
              <router-link :to="`/players/${player}`">{{ nameOf(player) }}</router-link>
              <strong>{{ t('session.balls', { balls }) }}</strong>
              <span v-if="rate.trials" class="soft">
                {{ t('session.rate', { hits: rate.hits, trials: rate.trials, lower: asPercent(rate.lower), upper: asPercent(rate.upper) }) }}
              </span>
            </li>
          </ul>
        </section>
        <section class="sets">
          <h2>{{ t('session.sets') }}</h2>
          <div class="scroll" tabindex="0" role="region" :aria-label="t('session.sets')">
            <table class="plain-table">
              <thead>
                <tr>
                  <th scope="col">{{ t('session.time') }}</th>
                  <th scope="col">{{ t('session.player') }}</th>
                  <th scope="col">{{ t('session.drill') }}</th>
                  <th scope="col">{{ t('player.setLevel') }}</th>
                  <th scope="col">{{ t('player.count') }}</th>
                  <th scope="col">{{ t('player.verdict') }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="{ set, hits, trials } in session.sets" :key="set.run" :class="{ struck: set.struck }">
                  <td>{{ asTime(set.heldAt) }}</td>
                  <td>{{ nameOf(set.player) }}</td>
                  <td><router-link :to="progression(set)">{{ drillOf(set) }}</router-link></td>
                  <td>{{ set.level }}</td>
                  <td class="count-cell">{{ t('courtside.count', { hits, trials }) }}</td>
                  <td>
                    {{ set.closed ? t(`player.standing.${set.standing}`) : '' }}
                    <span class="soft">{{ ofLine(set).join(' · ') }}</span>
                  </td>
                </tr>
              </tbody>
            </table>
          </div>
        </section>
      </template>
    </div>
  </PageStates>
</template>

<style scoped>
.session {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px 40px;
  max-width: 1160px;
  padding: 24px 32px;
}

header,
.sets {
  grid-column: 1 / -1;
}

nav {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
}

a {
  color: var(--ink);
}

ul {
  list-style: none;
  padding: 0;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  padding: 4px 0;
}

.scroll {
  overflow-x: auto;
}

td {
  height: 48px;
}

@media (max-width: 800px) {
  .session {
    grid-template-columns: minmax(0, 1fr);
    padding: 16px;
  }
}
</style>
