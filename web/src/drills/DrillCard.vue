<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import PatternCourt from '@/court/PatternCourt.vue'
import { halfBeyond, surfaceOf } from '@/court/shape'
import StagePicture from '@/court/StagePicture.vue'
import type { Court, Drill } from '@/shared/api'
import { useGoals } from '@/shared/goals'
import { usePatterns } from '@/shared/patterns'
import { levelOf, stageOf, useSentences } from '@/shared/sentences'

/** A drill on one page, to hang beside the court. */
const props = defineProps<{ drill: Drill, court: Court }>()
const { t } = useI18n()
const { asked, missRule, stations } = useGoals()
const { rule, targetWords } = useSentences()
const { stepWords } = usePatterns()
const first = computed(() => levelOf(props.drill, 1))
const stage = computed(() => stageOf(first.value.forRight))
const design = computed(() => props.drill.design)
/** What is asked once, before anyone argues. */
const agreed = computed(() => {
  const { goal } = first.value
  return [
    stations(goal),
    goal.signal ? t(`drillEdit.signals.${goal.signal}`) : '',
    goal.tie ? t(`drillEdit.ties.${goal.tie}`) : '',
    design.value.rangeFinding === 'UNTIL_THE_COACH_SAYS' ? t('drillCard.range') : '',
    design.value.setting.partnerMay ? t('drillCard.partnerMay', { words: design.value.setting.partnerMay }) : '',
    design.value.setting.ball ? t('drillCard.ball', { words: design.value.setting.ball }) : '',
    design.value.setting.obstruction ? t('drillCard.obstruction', { words: design.value.setting.obstruction }) : '',
  ].filter((words) => words !== '')
})
</script>

<template>
  <article class="card" data-test="drill-card">
    <h1>{{ drill.name }}</h1>
    <p class="feed">{{ drill.feed }}</p>
    <p class="goal">{{ asked(first.goal) }}</p>
    <div class="picture">
      <PatternCourt
        v-if="first.dials.pattern"
        :surface="surfaceOf(court, stage.plane)"
        :beyond="halfBeyond(court, stage.plane)"
        :stage="stage"
        :pattern="first.dials.pattern"
      />
      <StagePicture v-else :surface="surfaceOf(court, stage.plane)" :stage="stage" />
    </div>
    <ul class="agreed">
      <li v-if="first.dials.pattern">
        <ol><li v-for="(step, place) in first.dials.pattern.steps" :key="place">{{ stepWords(step, first.target) }}</li></ol>
        <p>{{ first.spoken?.replaceAll('"', '') }}</p>
      </li>
      <li v-for="words in agreed" :key="words">{{ words }}</li>
      <li>{{ rule(first) }}</li>
      <li v-if="design.watchPoint"><strong>{{ t('drills.watch', { words: design.watchPoint }) }}</strong></li>
    </ul>
    <table>
      <caption class="visually-hidden">{{ t('drills.rungs') }}</caption>
      <thead>
        <tr>
          <th>{{ t('drills.rungs') }}</th><th>{{ t('drillEdit.goal') }}</th><th>{{ t('drillEdit.target') }}</th>
          <th>{{ t('drillEdit.miss') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="level in drill.levels" :key="level.number">
          <th>{{ level.number }}</th><td>{{ asked(level.goal) }}</td><td>{{ targetWords(level) }}</td><td>{{ missRule(level.goal) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="caution">{{ t('drillCard.caution') }}</p>
  </article>
</template>

<style scoped>
.card {
  display: grid;
  grid-template:
    'name picture' auto 'feed picture' auto 'goal picture' auto 'agreed picture' 1fr 'table table' auto 'caution caution' auto
    / 1fr minmax(220px, 40%);
  gap: 8px 24px;
  padding: 24px;
  border: 1px solid var(--rule);
  background: var(--sheet);
}

h1 {
  grid-area: name;
  font-size: 40px;
}

.feed {
  grid-area: feed;
  font-size: 20px;
}

.goal {
  grid-area: goal;
  font-family: var(--counts);
  font-size: 56px;
  line-height: 1;
}

.picture {
  grid-area: picture;
  height: 420px;
}

.agreed {
  grid-area: agreed;
  align-content: start;
  padding-left: 20px;
  font-size: 18px;
}

table {
  grid-area: table;
  border-collapse: collapse;
  font-size: 18px;
}

th,
td {
  padding: 4px 8px;
  border-top: 1px solid var(--rule);
  text-align: left;
}

.caution {
  grid-area: caution;
  font-size: 14px;
}

@media print {
  .card {
    border: 0;
    padding: 0;
    break-inside: avoid;
  }
}
</style>
