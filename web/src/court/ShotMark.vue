<script setup lang="ts">
import { computed } from 'vue'
import type { Ruling } from '@/shared/api'
import type { Place } from './turn'

/** A mark of one shot, told by its shape first. Drawn around the origin, in metres or any other unit of `size`. */
const props = defineProps<{
  ruling: Ruling
  /** Radius of the mark. */
  size: number
  /** Direction towards the zone's middle, for the notch of a hit. */
  towards?: Place
  /** Direction in which it missed, as drawn. */
  away?: Place
}>()

const angle = (place: Place | undefined) => place ? Math.atan2(place.y, place.x) * 180 / Math.PI : -90
const notch = computed(() => `rotate(${angle(props.towards)})`)
const wedge = computed(() => `rotate(${angle(props.away)})`)
const r = computed(() => props.size)
const cross = computed(() => {
  const arm = props.size * 0.7
  return `M${-arm} ${-arm}L${arm} ${arm}M${-arm} ${arm}L${arm} ${-arm}`
})
</script>

<template>
  <g class="mark" :data-outcome="ruling.outcome" :stroke-width="size * 0.28">
    <path
      v-if="ruling.outcome === 'HIT'"
      class="solid"
      :transform="notch"
      :d="`M${r * 0.45} 0L${r * 0.96} ${-r * 0.28}A${r} ${r} 0 1 0 ${r * 0.96} ${r * 0.28}Z`"
    />
    <rect
      v-else-if="ruling.outcome === 'IN'"
      class="hollow"
      :x="-r * 0.8"
      :y="-r * 0.8"
      :width="r * 1.6"
      :height="r * 1.6"
    />
    <path
      v-else-if="['LONG', 'WIDE', 'SHORT'].includes(ruling.outcome)"
      class="solid"
      :transform="wedge"
      :d="`M${r * 1.1} 0L${-r * 0.8} ${-r * 0.85}L${-r * 0.35} 0L${-r * 0.8} ${r * 0.85}Z`"
    />
    <path v-else-if="ruling.outcome === 'NET'" class="bar" :d="`M${-r} 0H${r}`" :stroke-width="size * 0.6" />
    <path v-else-if="ruling.outcome === 'NO_REACH'" class="bar" :d="cross" />
    <g v-else-if="ruling.outcome === 'NOT_SEEN'" class="solid">
      <circle v-for="x in [-0.75, 0, 0.75]" :key="x" :cx="x * r" :r="r * 0.22" />
    </g>
    <circle v-else class="hollow" :r="r * 0.85" :stroke-dasharray="`${r * 0.32} ${r * 0.42}`" />
  </g>
</template>

<style scoped>
.solid {
  fill: var(--mark, var(--ink));
  stroke: var(--sheet);
    paint-order: stroke;
}

.hollow {
  fill: none;
  stroke: var(--mark, var(--ink));
}

.bar {
  fill: none;
  stroke: var(--mark, var(--ink));
  stroke-linecap: butt;
}
</style>
