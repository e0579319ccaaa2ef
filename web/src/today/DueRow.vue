<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Drill, Due } from '@/shared/api'
import { asDay } from '@/shared/format'
import { useGoals } from '@/shared/goals'
import { levelOf, useSentences } from '@/shared/sentences'

/** One player due on a drill, one touch from the court. */
const props = defineProps<{ due: Due, drill: Drill, named?: boolean }>()
const { t } = useI18n()
const { advice, goal, growth } = useSentences()
const { trackWords } = useGoals()
const what = computed(() => [props.drill.name, trackWords(props.due.track)].filter((words) => words !== '').join(', '))
const rung = computed(() => levelOf(props.drill, props.due.level))
const ready = computed(() => props.due.says?.advice.call === 'MOVE_UP')
</script>

<template>
  <div class="row" :class="{ named }">
    <div class="who">
      <router-link v-if="named" :to="`/players/${due.player}`">{{ due.name }}</router-link>
      <span class="soft small">{{ due.lastHeld ? t('today.last', { date: asDay(due.lastHeld) }) : t('today.never') }}</span>
    </div>
    <div class="what">
      <span>
        <router-link :to="`/players/${due.player}/progressions/${due.drill}?track=${due.track}`">{{ what }}</router-link>
        · {{ t('today.level', { level: due.level, levels: drill.levels.length }) }}
      </span>
      <span class="soft small">{{ goal(rung) }}</span>
    </div>
    <p class="says small" :class="{ ready }">
      <template v-if="due.setsToday">{{ t('today.sets', due.setsToday) }}. </template>
      <template v-if="due.says">{{ growth(due.says, due.level) || advice(due.says.advice) }}</template>
      <template v-if="ready"> {{ t('today.moveWaiting') }}</template>
    </p>
    <v-btn
      class="start"
      size="large"
      :to="`/courtside/${due.player}/${due.drill}${due.track ? `?track=${due.track}` : ''}`"
      :aria-label="due.openRun ? t('today.goOnFor', { player: due.name }) : t('today.startFor', { drill: drill.name, player: due.name })"
    >
      {{ due.openRun ? t('today.goOn') : t('today.start') }}
    </v-btn>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 190px minmax(0, 1.1fr) minmax(0, 1fr) auto;
  gap: 24px;
  align-items: center;
  padding: 12px 0;
}

.who,
.what {
  display: grid;
  gap: 2px;
}

.who a {
  font-size: 18px;
  font-weight: 650;
  color: var(--ink);
}

.what a {
  color: var(--ink);
}

.small {
  font-size: 14px;
  line-height: 1.4;
}

.says {
  padding-left: 12px;
  border-left: 4px solid var(--rule);
}

.says.ready {
  border-color: var(--pine);
}

.start {
  min-width: 120px;
  height: 64px;
}

@media (max-width: 800px) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 8px 16px;
  }

  /* One line each, so that the first three players can be started without scrolling. */
  .says,
  .what .small {
    display: -webkit-box;
    overflow: hidden;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 1;
  }

  .says {
    grid-column: 1 / -1;
    order: 4;
  }

  .what {
    order: 3;
    grid-column: 1 / -1;
  }
}
</style>
