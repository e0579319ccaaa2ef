<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Forecast } from '@/shared/api'
import { asPercent } from '@/shared/format'

/** How often a player of each true rate has moved up within the tries; this player and one who is not ready stand out. */
const props = defineProps<{ forecast: Forecast }>()
const { t } = useI18n()
const WIDTH = 300
const HEIGHT = 120
const LEFT = 52
const TOP = 8
const x = (rate: number) => LEFT + rate * WIDTH
const y = (chance: number) => TOP + (1 - chance) * HEIGHT
const TICKS = [0, 0.5, 1]
const path = computed(() => props.forecast.curve.map(({ rate, chance }, place) => `${place ? 'L' : 'M'}${x(rate)} ${y(chance)}`).join(''))
const words = computed(() => t('forecast.curveWords', {
  tries: props.forecast.tries,
  points: props.forecast.curve.filter((_, place) => place % 4 === 0)
    .map(({ rate, chance }) => `${asPercent(rate)}: ${asPercent(chance)}`).join(', '),
}))
</script>

<template>
  <svg class="curve" :viewBox="`0 0 ${LEFT + WIDTH + 26} ${TOP + HEIGHT + 40}`" role="img" :aria-label="words">
    <g v-for="tick in TICKS" :key="tick">
      <line
        class="grid"
        :x1="LEFT"
        :x2="LEFT + WIDTH"
        :y1="y(tick)"
        :y2="y(tick)"
      />
      <text class="end" :x="LEFT - 6" :y="y(tick) + 5">{{ asPercent(tick) }}</text>
      <text class="middle" :x="x(tick)" :y="TOP + HEIGHT + 18">{{ asPercent(tick) }}</text>
    </g>
    <text class="middle" :x="LEFT + WIDTH / 2" :y="TOP + HEIGHT + 36">{{ t('forecast.trueRate') }}</text>
    <path class="rule" :d="path" />
    <rect
      class="unready"
      :x="x(forecast.notReadyRate) - 5"
      :y="y(forecast.notReadyPasses) - 5"
      width="10"
      height="10"
    />
    <circle
      v-if="forecast.rate && forecast.passes !== undefined"
      class="player"
      :cx="x(forecast.rate.rate)"
      :cy="y(forecast.passes)"
      r="7"
    />
  </svg>
</template>

<style scoped>
.curve {
  width: 100%;
  font-size: 14px;
}

text {
  fill: var(--ink-soft);
}

.end {
  text-anchor: end;
}

.middle {
  text-anchor: middle;
}

.grid {
  stroke: var(--rule);
}

.rule {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

.player {
  fill: var(--ink);
}

.unready {
  fill: var(--sheet);
  stroke: var(--plum);
  stroke-width: 2;
}
</style>
