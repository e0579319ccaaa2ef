<script setup lang="ts">
import { computed, useId } from 'vue'
import type { LyingZone } from '@/shared/api'
import { shapePath } from './shape'

/**
 * One zone as it lies. Its ground is painted below the lines of the court and its edges above them: what is hit filled,
 * what is to be kept away from hatched, rings and a bad middle by their edges, an aim as a cross.
 */
const props = defineProps<{ zone: LyingZone, part: 'ground' | 'edges', unit: number, chosen?: boolean, faint?: boolean | undefined }>()
const hatch = useId()
const good = computed(() => props.zone.good ?? props.zone.whole)
const ground = computed(() => shapePath(good.value) + (props.zone.spoilt ? shapePath(props.zone.spoilt) : ''))
const ARM = 0.14
</script>

<template>
  <g v-if="part === 'ground'" :class="{ faint }">
    <path class="cleared" :d="shapePath(zone.whole)" />
    <template v-if="zone.avoid">
      <pattern
        :id="hatch"
        :width="0.2 * unit"
        :height="0.2 * unit"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect class="hatch" :width="0.06 * unit" :height="0.2 * unit" />
      </pattern>
      <path :d="shapePath(zone.whole)" :fill="`url(#${hatch})`" />
    </template>
    <path v-else class="ground" fill-rule="evenodd" :d="ground" />
  </g>
  <g v-else class="edges" :class="{ chosen, faint }">
    <template v-if="zone.rings">
      <path
        v-for="(ring, place) in zone.rings"
        :key="place"
        :class="{ thin: shapePath(ring.area) !== shapePath(good) }"
        :d="shapePath(ring.area)"
      />
    </template>
    <path v-else :d="shapePath(zone.whole)" />
    <path v-if="zone.spoilt" class="thin" :d="shapePath(zone.spoilt)" />
    <path
      v-if="zone.aim"
      :d="`M${zone.aim.x - ARM * unit} ${zone.aim.y}h${2 * ARM * unit}M${zone.aim.x} ${zone.aim.y - ARM * unit}v${2 * ARM * unit}`"
    />
  </g>
</template>

<style scoped>
/* A zone that decides first hides what it lies over. */
.cleared {
  fill: var(--floor);
}

.ground {
  fill: var(--saffron);
  fill-opacity: 0.55;
}

.faint .ground {
  fill-opacity: 0.12;
}

.edges.faint path {
  stroke-width: 1px;
  stroke-opacity: 0.6;
}

.hatch {
  fill: var(--ink);
  fill-opacity: 0.5;
}

.edges path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}

.edges .thin {
  stroke-dasharray: 5px 4px;
}

.edges.chosen path {
  stroke-width: 4px;
}
</style>
