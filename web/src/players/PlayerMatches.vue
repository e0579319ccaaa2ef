<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askKeptTactics, askMatchesOf } from '@/charting/asked'
import { useMatchWords } from '@/matches/useMatchWords'
import type { KeptTactic, Player } from '@/shared/api'
import { asDay, asPercent } from '@/shared/format'
import { useAsked } from '@/shared/useAsked'

/** A player's matches, and how the coach's rules were kept in them; the rallies that broke one are a touch away. */
const props = defineProps<{ player: string, players: Player[] }>()
const { t } = useI18n()
const { answer } = useAsked(async () => {
  const [matches, tactics] = await Promise.all([askMatchesOf(props.player), askKeptTactics(props.player)])
  return { matches: matches.data, tactics: tactics.data }
})
const open = ref<string>()
const words = useMatchWords()
const between = ({ all }: KeptTactic) => t('tactic.between', { lower: asPercent(all.lower ?? 0), upper: asPercent(all.upper ?? 1) })
/** Of each match once, with how many of its rallies broke it. */
const brokenIn = ({ broken }: KeptTactic) => {
  const runs = [...new Set(broken.map(({ run }) => run))]
  return runs.map((run) => ({
    run, count: broken.filter((one) => one.run === run).length, match: answer.value?.matches.find((one) => one.run === run),
  }))
}
const shown = computed(() => answer.value?.matches.slice(0, 6) ?? [])
</script>

<template>
  <section v-if="shown.length" data-test="matches">
    <h2>{{ t('match.ofPlayer') }}</h2>
    <ul>
      <li v-for="one in shown" :key="one.run">
        <router-link :to="`/matches/${one.run}/review`">{{ words.between(one, players) }}</router-link>
        <span>
          <span class="score">{{ one.score }}</span>
          <span v-if="one.ended" class="soft"> {{ words.outcome(one, players) }}</span>
        </span>
        <span class="soft">{{ asDay(one.openedAt) }}</span>
      </li>
    </ul>
    <template v-if="answer?.tactics.length">
      <h3>{{ t('tactic.inMatches') }}</h3>
      <ul>
        <li v-for="kept in answer.tactics" :key="kept.rule.id">
          <button
            type="button"
            :disabled="!kept.broken.length"
            :aria-expanded="open === kept.rule.id"
            @click="open = open === kept.rule.id ? undefined : kept.rule.id"
          >
            {{ kept.rule.name }}
          </button>
          <span>{{ t('tactic.keptOf', { kept: kept.all.kept, occasions: kept.all.occasions }) }}</span>
          <span class="soft">{{ between(kept) }}</span>
          <p v-if="open === kept.rule.id" class="broken">
            <router-link v-for="one in brokenIn(kept)" :key="one.run" :to="`/matches/${one.run}/review`">
              {{ t('tactic.brokeIn', { count: one.count, day: one.match ? asDay(one.match.openedAt) : '' }, one.count) }}
            </router-link>
          </p>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
section {
  max-width: 960px;
  margin-top: 32px;
}

ul {
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) minmax(0, 1fr);
  gap: 4px 16px;
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid var(--rule);
}

h3 {
  margin-top: 16px;
}

.score {
  font-family: var(--counts);
  font-size: 20px;
}

button {
  min-height: 48px;
  border: 0;
  background: none;
  color: var(--ink);
  font-weight: 650;
  text-align: left;
}

.broken {
  display: grid;
  grid-column: 1 / -1;
  gap: 8px;
  padding: 0 0 8px 16px;
}

a {
  color: var(--ink);
}
</style>
