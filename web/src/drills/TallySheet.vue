<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Drill } from '@/shared/api'
import { useGoals } from '@/shared/goals'
import { useSentences } from '@/shared/sentences'

/** A blank sheet on which a drill is tallied by hand, to be entered later. */
const props = defineProps<{ drill: Drill }>()
const { t } = useI18n()
const { asked } = useGoals()
const { targetWords } = useSentences()
const SETS = 14
const MOST_BOXES = 30
/** As many boxes as a set has balls, or a full row where it has no end. */
const boxes = computed(() => Math.max(...props.drill.levels.map(({ goal }) => Math.min(MOST_BOXES, goal.balls ?? MOST_BOXES))))
const LEGEND = ['hit', 'in', 'miss', 'net', 'notSeen', 'void'] as const
</script>

<template>
  <article class="tally" data-test="tally">
    <header>
      <h1>{{ drill.name }}</h1>
      <p>{{ drill.feed }}</p>
      <p v-for="blank in (['player', 'date', 'by', 'place'] as const)" :key="blank" class="blank">{{ t(`tally.${blank}`) }}</p>
    </header>
    <ol class="levels">
      <li v-for="level in drill.levels" :key="level.number">{{ asked(level.goal) }}: {{ targetWords(level) }}</li>
    </ol>
    <p class="legend"><span v-for="mark in LEGEND" :key="mark">{{ t(`tally.${mark}`) }}</span></p>
    <table>
      <thead>
        <tr>
          <th>{{ t('tally.set') }}</th><th>{{ t('tally.level') }}</th>
          <th :colspan="boxes">{{ t('tally.balls') }}</th><th>{{ t('tally.hits') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="set in SETS" :key="set">
          <th>{{ set }}</th><td class="level" /><td v-for="ball in boxes" :key="ball" :class="{ tenth: ball % 5 === 0 }" /><td class="hits" />
        </tr>
      </tbody>
    </table>
  </article>
</template>

<style scoped>
header {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px 24px;
}

h1,
header p:not(.blank) {
  grid-column: 1 / -1;
}

.blank {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 20px;
  font-size: 14px;
}

.levels {
  margin: 12px 0;
  padding-left: 24px;
  columns: 2;
  font-size: 14px;
}

.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  font-size: 14px;
}

table {
  width: 100%;
  margin-top: 12px;
  border-collapse: collapse;
  table-layout: fixed;
}

th,
td {
  height: 34px;
  border: 1px solid var(--ink-soft);
  font-size: 13px;
}

.tenth {
  border-right-width: 3px;
}
</style>
