<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PassReport, Pattern, TargetSet } from './api'
import { asPercent } from './format'
import { usePatterns } from './patterns'

/** Each own step of a pattern: how often it was reached and held, what that says of it, and who comes through it. */
const props = defineProps<{ report: PassReport, pattern: Pattern, target: TargetSet }>()
const { t } = useI18n()
const { stepWords } = usePatterns()
const FEW = 5

/** Where the player went of the times it held, and whether that can be read. */
function choiceWords({ places, order, readable }: NonNullable<PassReport['steps'][number]['choice']>): string {
  const shares = places.map(({ zone, rate }) => t('passes.share', {
    zone: props.target.zones.find((one) => one.number === zone)?.name ?? zone,
    share: asPercent(rate.share), lower: asPercent(rate.lower), upper: asPercent(rate.upper),
  })).join(', ')
  return [t('passes.went', { shares }), order && t(readable ? 'passes.readable' : 'passes.notReadable', {
    guessed: asPercent(order.guessed), commonest: asPercent(order.commonest),
  })].filter(Boolean).join(' ')
}

const rows = computed(() => props.report.steps.flatMap(({ step, rate, choice }, place) => {
  const asked = props.pattern.steps[step]
  const through = props.report.survival[place]
  return asked
    ? [{
        step, rate, words: stepWords(asked, props.target), weakest: step === props.report.weakest,
        share: rate.trials < FEW ? '' : asPercent(rate.share),
        // Past a step that comes again, the place in a pass is not the place in the pattern.
        choice: choice && choiceWords(choice),
        through: through && !props.pattern.repeats?.length ? asPercent(through.survives) : '',
      }]
    : []
}))
const whole = computed(() => {
  const last = props.report.survival.at(-1)
  return last && t('passes.whole', {
    chance: asPercent(last.survives), lower: asPercent(last.lower), upper: asPercent(last.upper),
  })
})
const tally = computed(() => {
  const { whole: through, broken, byOthers } = props.report
  return t('pattern.tally', { whole: through, broken, others: byOthers })
})
</script>

<template>
  <section class="passes" data-test="pass-steps">
    <p>{{ tally }}</p>
    <table v-if="rows.length">
      <thead>
        <tr>
          <th>{{ t('passes.held') }}</th>
          <th class="wide">{{ t('passes.rate') }}</th>
          <th>{{ t('passes.through') }}</th>
        </tr>
      </thead>
      <tbody v-for="{ step, words, rate, share, through, weakest, choice } in rows" :key="step" :class="{ weakest }">
        <tr><th colspan="3" scope="rowgroup">{{ words }}</th></tr>
        <tr>
          <td class="number">{{ t('passes.of', { held: rate.hits, reached: rate.trials }) }} <span class="soft">{{ share }}</span></td>
          <td class="wide">
            <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
              <path class="all" d="M0 5H100" />
              <path class="range" :d="`M${rate.lower * 100} 5H${rate.upper * 100}`" />
              <path class="seen" :d="`M${rate.share * 100} 1V9`" />
            </svg>
            <span class="visually-hidden">{{ t('passes.range', { lower: asPercent(rate.lower), upper: asPercent(rate.upper) }) }}</span>
          </td>
          <td class="number">{{ through }}</td>
        </tr>
        <tr v-if="choice"><td colspan="3" class="soft" data-test="choice">{{ choice }}</td></tr>
      </tbody>
    </table>
    <p v-if="report.weakest === undefined && rows.length > 1" class="soft">{{ t('pattern.notClear') }}</p>
    <p v-else-if="report.weakest !== undefined"><strong>{{ t('passes.weakest', { step: rows.find((row) => row.weakest)?.words ?? '' }) }}</strong></p>
    <p v-if="whole" class="soft">{{ whole }}</p>
  </section>
</template>

<style scoped>
.passes {
  display: grid;
  gap: 8px;
  font-size: 15px;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th {
  text-align: left;
  font-weight: 400;
}

thead th {
  font-size: 13px;
  color: var(--ink-soft);
}

td,
thead th {
  padding: 2px 8px 4px 0;
}

tbody th {
  padding-top: 6px;
}

tbody {
  border-top: 1px solid var(--rule);
}

.number {
  white-space: nowrap;
}

.wide {
  width: 50%;
}

.weakest {
  border-left: 6px solid var(--plum);
}

.weakest th,
.weakest td:first-child {
  padding-left: 8px;
}

.weakest th {
  font-weight: 650;
}

svg {
  display: block;
  width: 100%;
  height: 12px;
}

path {
  fill: none;
  vector-effect: non-scaling-stroke;
}

.all {
  stroke: var(--rule);
  stroke-width: 1px;
}

.range {
  stroke: var(--ink-soft);
  stroke-width: 4px;
}

.seen {
  stroke: var(--ink);
  stroke-width: 3px;
}
</style>
