<script setup lang="ts">
import { computed } from 'vue'
import type { Level, SetView } from '@/shared/api'

/**
 * The goal as a row of pegs. In a set of fixed length one a trial: full for a hit, open for any other, a dot while it is to
 * come. Where only the goal ends the set, one a hit that is wanted. More than can be told apart are drawn
 * as one bar: hits, other trials, the rest.
 */
const props = defineProps<{ level: Level, set: SetView | undefined }>()
const MOST_PEGS = 40
const fixed = computed(() => ['QUOTA', 'TEST', 'BEST', 'COMPARE'].includes(props.level.goal.kind))
const balls = computed(() => Math.max(1, fixed.value ? props.level.fresh.left ?? 1 : props.level.fresh.wanted))
const outcomes = computed(() => fixed.value
  ? [...props.set?.row ?? ''].map((one) => one === '1' ? 'HIT' : 'MISS')
  : Array.from({ length: Math.round(props.set?.count.done ?? 0) }, () => 'HIT'))
const hits = computed(() => outcomes.value.filter((outcome) => outcome === 'HIT').length)
</script>

<template>
  <svg
    v-if="balls > MOST_PEGS"
    class="pegs"
    :viewBox="`0 0 ${balls} 12`"
    preserveAspectRatio="none"
    aria-hidden="true"
  >
    <rect class="coming" y="5" :width="balls" height="2" />
    <rect
      class="rest"
      :x="hits"
      y="1"
      :width="outcomes.length - hits"
      height="10"
    />
    <rect class="hit" :width="hits" height="12" />
  </svg>
  <svg v-else class="pegs" :viewBox="`0 0 ${balls * 22} 24`" aria-hidden="true">
    <g v-for="ball in balls" :key="ball" v-memo="[outcomes[ball - 1]]" :transform="`translate(${ball * 22 - 11} 12)`">
      <circle v-if="outcomes[ball - 1] === 'HIT'" class="hit" r="9" />
      <circle v-else-if="outcomes[ball - 1]" class="missed" r="8" />
      <circle v-else class="coming" r="3" />
    </g>
  </svg>
</template>

<style scoped>
.pegs {
  width: 100%;
  max-height: 28px;
}

.hit {
  fill: var(--ink);
}

.missed {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

.rest {
  fill: var(--rule);
}

.coming {
  fill: var(--ink-soft);
}
</style>
