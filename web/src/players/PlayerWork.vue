<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Drill, Player, PlayerPageView, Rate } from '@/shared/api'
import { asDay, asPercent } from '@/shared/format'
import { region } from '@/shared/language'

/** How much the player hit, never without what came of it; watch points; balls in the sets of others. */
const props = defineProps<{ page: PlayerPageView, players: Player[], drills: Drill[] }>()
const { t } = useI18n()

const figures = ({ hits, trials, lower, upper }: Rate) => ({ hits, trials, lower: asPercent(lower), upper: asPercent(upper) })
const list = new Intl.ListFormat(region)
const causes = (given: NonNullable<PlayerPageView['grades']>['causes']) =>
  list.format(given.map(({ note, errors }) => t('player.gradeCause', { cause: t(`note.${note}`), count: errors })))
const playerName = (id: string) => props.players.find((one) => one.id === id)?.name ?? ''
const drillName = (id: string) => props.drills.find((one) => one.id === id)?.name ?? id
</script>

<template>
  <section class="work">
    <div>
      <h2>{{ t('player.work') }}</h2>
      <p v-for="{ days, balls, rate } in page.load" :key="days" data-test="load">
        <strong>{{ t('player.load', { balls, days }) }}</strong>
        <span class="soft">{{ rate.trials ? t('player.loadRate', figures(rate)) : t('player.loadNoRate') }}</span>
      </p>
    </div>
    <div v-if="page.watched.length">
      <h2>{{ t('player.watched') }}</h2>
      <p v-for="{ words, there, withIt, withoutIt } in page.watched" :key="words" data-test="watched">
        <strong>{{ t('player.watchThere', { words: words || t('player.watchUnnamed'), ...figures(there) }) }}</strong>
        <span class="soft">
          {{ t('player.watchHits', { hits: withIt.hits, trials: withIt.trials, otherHits: withoutIt.hits, others: withoutIt.trials }) }}
        </span>
      </p>
    </div>
    <div v-if="page.grades" data-test="grades">
      <h2>{{ t('player.grades') }}</h2>
      <p v-if="page.grades.choice.trials">
        <strong>{{ t('player.gradeChoice', figures(page.grades.choice)) }}</strong>
        <span class="soft">{{ t('player.gradeRange', figures(page.grades.choice)) }}</span>
      </p>
      <p v-if="page.grades.execution.trials">
        <strong>{{ t('player.gradeExecution', figures(page.grades.execution)) }}</strong>
        <span class="soft">{{ t('player.gradeRange', figures(page.grades.execution)) }}</span>
      </p>
      <p v-if="page.grades.causes.length">{{ t('player.gradeCauses', { causes: causes(page.grades.causes) }) }}</p>
      <p v-if="page.grades.soft">{{ t('player.gradeSoft', { count: page.grades.soft }) }}</p>
    </div>
    <div v-if="page.withOthers.length">
      <h2>{{ t('player.withOthers') }}</h2>
      <p v-for="set in page.withOthers" :key="set.run" data-test="with-other">
        {{ t('player.withOther', { date: asDay(set.heldAt), balls: set.balls, player: playerName(set.of), drill: drillName(set.drill) }) }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.work {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 16px 40px;
}

p {
  display: grid;
  margin-top: 8px;
  font-size: 15px;
  line-height: 1.4;
}

strong {
  font-weight: 600;
}
</style>
