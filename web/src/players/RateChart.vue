<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { LevelRate } from '@/shared/api'
import { asPercent } from '@/shared/format'

/** Hit rate by level: a dot on its interval, with a tick at the rate that the level asks for, on one common axis. */
const props = defineProps<{ rates: LevelRate[] }>()
const { t } = useI18n()
const LEFT = 74
const WIDTH = 300
const ROW = 34
const AXIS = [0, 0.25, 0.5, 0.75, 1]
const x = (share: number) => LEFT + share * WIDTH
const height = computed(() => props.rates.length * ROW + 30)
const clean = ref(false)
const hasClips = computed(() => props.rates.some((rate) => rate.clean))
const rows = computed(() => props.rates.map((rate, place) => ({ ...rate, ...clean.value && rate.clean, y: place * ROW + 18 })))

function words(rate: LevelRate): string {
  return t('player.rateRow', {
    level: rate.level, hits: rate.hits, trials: rate.trials,
    lower: asPercent(rate.lower), upper: asPercent(rate.upper), target: asPercent(rate.targetRate),
  })
}
</script>

<template>
  <figure>
    <svg :viewBox="`0 0 ${LEFT + WIDTH + 76} ${height}`" role="list" :aria-label="t('player.rates')">
      <g aria-hidden="true">
        <template v-for="share in AXIS" :key="share">
          <line
            class="grid"
            :x1="x(share)"
            :x2="x(share)"
            y1="2"
            :y2="height - 24"
          />
          <text class="axis" :x="x(share)" :y="height - 6">{{ asPercent(share) }}</text>
        </template>
      </g>
      <g v-for="row in rows" :key="row.level + row.laid" role="listitem" :aria-label="words(row)">
        <text class="label" x="0" :y="row.y + 5">{{ t('player.setLevel') }} {{ row.level }}{{ row.laid ? '*' : '' }}</text>
        <line
          class="interval"
          :x1="x(row.lower)"
          :x2="x(row.upper)"
          :y1="row.y"
          :y2="row.y"
        />
        <line
          class="asked"
          :x1="x(row.targetRate)"
          :x2="x(row.targetRate)"
          :y1="row.y - 11"
          :y2="row.y + 11"
        />
        <circle class="dot" :cx="x(row.share)" :cy="row.y" r="6" />
        <text class="figure" :x="LEFT + WIDTH + 14" :y="row.y + 5">{{ row.hits }}/{{ row.trials }}</text>
      </g>
    </svg>
    <v-switch v-if="hasClips" v-model="clean" :label="t('player.clean')" hide-details />
    <figcaption class="soft">{{ t('player.ratesNote') }}{{ rates.some((rate) => rate.laid) ? ` ${t('player.ratesLaid')}` : '' }}</figcaption>
  </figure>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 520px;
}

text {
  fill: var(--ink);
  font-size: 15px;
}

.axis {
  font-size: 13px;
  text-anchor: middle;
  fill: var(--ink-soft);
}

.grid {
  stroke: var(--rule);
}

.interval {
  stroke: var(--ink);
  stroke-width: 2;
}

.asked {
  stroke: var(--saffron);
  stroke-width: 4;
}

.dot {
  fill: var(--ink);
}

figcaption {
  font-size: 14px;
}
</style>
