<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { LevelRallies } from '@/shared/api'
import { asPercent } from '@/shared/format'

/** The share of rallies in which the player is still there after so many own shots, with its interval. */
const props = defineProps<{ steps: LevelRallies['report']['survival'] }>()
const { t } = useI18n()
const WIDTH = 300
const HEIGHT = 120
const MOST = 40
const shown = computed(() => props.steps.slice(0, MOST))
const x = (step: number) => step / Math.max(1, shown.value.length) * WIDTH
const y = (share: number) => (1 - share) * HEIGHT
const line = computed(() => `M0 0${shown.value.map(({ survives }, step) => `H${x(step + 1)}V${y(survives)}`).join('')}`)
const band = computed(() => {
  const there = shown.value.map((one, step) => ({ ...one, step })).filter(({ survives }) => survives > 0 && survives < 1)
  const upper = there.map(({ upper: top, step }) => `${x(step + 1)} ${y(top)}`)
  const lower = there.map(({ lower: bottom, step }) => `${x(step + 1)} ${y(bottom)}`).reverse()
  return there.length > 1 ? `M${[...upper, ...lower].join('L')}Z` : ''
})
const words = computed(() => shown.value
  .map(({ survives }, step) => t('rallies.after', { shots: step + 1, share: asPercent(survives) })).join(', '))
const marks = computed(() => shown.value.map((_, step) => step + 1).filter((step) => step === 1 || step % 5 === 0))
</script>

<template>
  <figure>
    <svg :viewBox="`-46 -8 ${WIDTH + 58} ${HEIGHT + 28}`" role="img" :aria-label="t('rallies.curve', { points: words })">
      <g v-for="share in [0, 0.5, 1]" :key="share">
        <path class="grid" :d="`M0 ${y(share)}H${WIDTH}`" />
        <text x="-4" :y="y(share) + 4" text-anchor="end">{{ asPercent(share) }}</text>
      </g>
      <path v-if="band" class="band" :d="band" />
      <path class="line" :d="line" />
      <text
        v-for="step in marks"
        :key="step"
        :x="x(step)"
        :y="HEIGHT + 16"
        text-anchor="middle"
      >{{ step }}</text>
    </svg>
    <figcaption class="soft">{{ t('rallies.caption') }}</figcaption>
  </figure>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 420px;
}

.grid {
  stroke: var(--rule);
}

.band {
  fill: var(--ink);
  fill-opacity: 0.1;
}

.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5px;
}

text {
  font-size: 13px;
  fill: var(--ink-soft);
}

figcaption {
  font-size: 14px;
}
</style>
