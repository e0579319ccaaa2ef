<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askTactics } from '@/charting/asked'
import type { MatchView, Player, TacticCheck, TacticRule, Team } from '@/shared/api'
import { asPercent } from '@/shared/format'
import { useAsked } from '@/shared/useAsked'
import type { Match } from './useMatch'
import { useMatchNames, useMatchWords } from './useMatchWords'

/** The coach's rules held against this match: how often each was kept, and the rallies that broke it, one touch away. */
const props = defineProps<{ charted: Match, match: MatchView, players: Player[], team: Team }>()
const { t } = useI18n()
const words = useMatchWords()
const { answer } = useAsked(() => askTactics())
const open = ref<string>()
const { names } = useMatchNames(() => props.match, () => props.players)
const rallies = computed(() => props.match.story.filter(({ rally }) => rally && !rally.surplus))

interface Held { rule: TacticRule, check: TacticCheck }
const ofSport = computed(() => (answer.value?.data ?? []).filter(({ sport }) => sport === props.match.agreed.format.sport))
const held = computed<Held[]>(() => ofSport.value.flatMap((rule) => {
  const seen = props.charted.check(rule.words, props.team)
  return 'check' in seen ? [{ rule, check: seen.check }] : []
}))
const between = ({ lower = 0, upper = 1 }: TacticCheck) => t('tactic.between', { lower: asPercent(lower), upper: asPercent(upper) })

function brokenIn({ rally, shot }: TacticCheck['broken'][number]) {
  const at = rallies.value.findIndex(({ id }) => id === rally)
  const step = rallies.value[at]
  return {
    title: t('tactic.rallyShot', { number: at + 1, shot: shot + 1 }),
    shots: (step?.rally?.shots ?? []).map((one, place) => ({ words: words.played(one), broke: place === shot })),
    end: step?.rally ? words.end(step.rally.end, names.value) : '',
  }
}
</script>

<template>
  <section v-if="held.length">
    <h2>{{ t('tactic.heldAgainst') }}</h2>
    <ul>
      <li v-for="{ rule, check } in held" :key="rule.id">
        <button
          type="button"
          :disabled="!check.broken.length"
          :aria-expanded="open === rule.id"
          @click="open = open === rule.id ? undefined : rule.id"
        >
          <strong>{{ rule.name }}</strong>
          <span class="soft">{{ rule.words }}</span>
          <span v-if="check.occasions" class="kept">
            {{ t('tactic.keptOf', { kept: check.kept, occasions: check.occasions }) }}
            <span class="soft">{{ between(check) }}</span>
          </span>
          <span v-else class="soft">{{ t('tactic.noOccasion') }}</span>
        </button>
        <ol v-if="open === rule.id" class="broken" :aria-label="t('tactic.broke')">
          <li v-for="(one, at) in check.broken.map(brokenIn)" :key="at">
            {{ one.title }}:
            <span v-for="(shot, place) in one.shots" :key="place" class="shot" :class="{ broke: shot.broke }">{{ shot.words }}</span>
            <span class="soft">{{ one.end }}</span>
          </li>
        </ol>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul,
.broken {
  padding: 0;
  list-style: none;
}

ul > li {
  border-bottom: 1px solid var(--rule);
}

button {
  display: grid;
  grid-template-columns: 240px minmax(0, 1fr) 240px;
  gap: 16px;
  width: 100%;
  min-height: 56px;
  align-items: center;
  border: 0;
  background: none;
  color: var(--ink);
  text-align: left;
}

.broken li {
  padding: 8px 0 8px 16px;
}

.shot:not(:last-of-type)::after {
  content: ', ';
}

.broke {
  font-weight: 700;
  text-decoration: underline;
}

@media (max-width: 800px) {
  button {
    grid-template-columns: 1fr;
    gap: 4px;
    padding: 8px 0;
  }
}
</style>
