<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CourtDrawing from '@/court/CourtDrawing.vue'
import type { Mark } from '@/court/MarkLayer.vue'
import type { Place } from '@/court/turn'
import type { Stage, Stance, Surface } from '@/shared/api'
import type { Handle } from './handles'

/** The court with the target that is drawn: its zones, the handles of the chosen one, and what is about to be placed. */
const props = defineProps<{
  surface: Surface
  beyond?: Surface | undefined
  stage: Stage
  chosen: number | undefined
  handles: Handle[]
  corners: Place[]
  stance: Stance | undefined
  tried: Mark[]
  label: string
}>()
const emit = defineEmits<{ down: [place: Place], drag: [place: Place], up: [place: Place] }>()
const { t } = useI18n()
const HANDLE = 0.013
const size = computed(() => {
  const { left, right, near, far } = props.surface.extent
  return Math.max(right - left, far - near) * HANDLE
})
const path = computed(() => props.corners.map(({ x, y }, place) => `${place ? 'L' : 'M'}${x} ${y}`).join(''))
</script>

<template>
  <CourtDrawing
    :surface="surface"
    :beyond="beyond"
    :in-use="stage.inUse"
    :zones="stage.zones"
    :chosen="chosen"
    standpoint="BEHIND"
    :hitter="t('court.hitterPlain')"
    :label="label"
    :marks="tried"
    live
    @touch="(place) => emit('down', place)"
    @drag="(place) => emit('drag', place)"
    @lift="(place) => emit('up', place)"
  >
    <circle
      v-for="(opponent, place) in stance?.opponents"
      :key="`o${place}`"
      class="opponent"
      :cx="opponent.x"
      :cy="opponent.y"
      :r="size * 1.6"
    />
    <path v-if="corners.length" class="corners" :d="path" />
    <circle
      v-for="(corner, place) in corners"
      :key="`c${place}`"
      class="handle"
      :cx="corner.x"
      :cy="corner.y"
      :r="size * 0.7"
    />
    <circle
      v-for="handle in handles"
      :key="handle.id"
      class="handle"
      :data-handle="handle.id"
      :cx="handle.at.x"
      :cy="handle.at.y"
      :r="size"
    />
  </CourtDrawing>
</template>

<style scoped>
.handle {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}

.corners {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2px;
  stroke-dasharray: 5px 4px;
  vector-effect: non-scaling-stroke;
}

.opponent {
  fill: var(--steel);
  stroke: var(--sheet);
  stroke-width: 3px;
  vector-effect: non-scaling-stroke;
}
</style>
