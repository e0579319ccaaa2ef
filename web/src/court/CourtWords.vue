<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { LyingZone, Standpoint, Surface } from '@/shared/api'
import { fitted } from './shape'
import { turnedHalf } from './turn'
import type { Frame } from './useFrame'

/** What is written on a court: its zones, its landmarks, and who hits from where. */
const props = defineProps<{
  frame: Frame
  surface: Surface
  zones: LyingZone[]
  /** Whether the zones lie on the other half. */
  turned?: boolean
  closeUp: boolean
  hitter?: string | undefined
}>()
const { t } = useI18n()
/** A drawing keeps its frame; what changes is in it. */
const { facing, upright, seenFrom, extent, view, drawn, unit, textSize } = props.frame

/**
 * A single zone's name stands on the side that faces the hitter, clear of the marks in it, unless the net is there; of
 * several, in the corner that is drawn top left, as far as it fits.
 */
const zoneLabels = computed(() => props.zones.map((zone) => {
  const { bounds, middle } = props.turned ? turnedHalf(zone.whole) : zone.whole
  const several = props.zones.length > 1
  if (several) {
    const [one, other] = [drawn({ x: bounds.left, y: bounds.near }), drawn({ x: bounds.right, y: bounds.far })]
    const box = { width: Math.abs(one.x - other.x), height: Math.abs(one.y - other.y) }
    const x = Math.min(one.x, other.x) + 0.3 * textSize.value
    const words = fitted(zone.number, zone.name, box, textSize.value)
    return { number: zone.number, words, several, x, y: Math.min(one.y, other.y) + 1.1 * textSize.value }
  }
  const words = [`${zone.number} ${zone.name}`]
  const crowded = !facing.value && bounds.near - extent.value.near < 1.2 * textSize.value
  const { x, y } = drawn({ x: middle.x, y: crowded || facing.value ? bounds.far : bounds.near })
  const beside = seenFrom.value === 'BEHIND' && crowded ? [0, -0.3 * textSize.value] : BESIDE.value[seenFrom.value]
  return { number: zone.number, words, several, x: x + (beside[0] ?? 0), y: y + (beside[1] ?? 0) }
}))
const BESIDE = computed<Record<Standpoint, number[]>>(() => ({
  BEHIND: [0, textSize.value], ACROSS: [0, -0.12 * unit.value], LEFT: [0.1 * unit.value, 0.07 * unit.value],
  RIGHT: [-0.1 * unit.value, 0.07 * unit.value],
}))
const zoneAnchor = computed(() => props.zones.length > 1
  ? 'start'
  : ({ BEHIND: 'middle', ACROSS: 'middle', LEFT: 'start', RIGHT: 'end' } as const)[seenFrom.value])
const hitterPlace = computed(() => drawn({
  x: props.closeUp ? (view.value.left + view.value.right) / 2 : 0, y: view.value.near + 0.36 * unit.value,
}))
const netPlace = computed(() => drawn({ x: view.value.left + 0.45 * unit.value, y: -0.42 * unit.value }))
const showsNet = computed(() => props.surface.net && !upright.value && view.value.near < -0.1 * unit.value)
const wallPlace = computed(() => drawn({ x: 0, y: extent.value.near + 0.35 * unit.value }))
const fromSide = computed(() => seenFrom.value === 'LEFT' || seenFrom.value === 'RIGHT')
</script>

<template>
  <g class="words" aria-hidden="true" :font-size="textSize">
    <text
      v-for="name in zoneLabels"
      :key="name.number"
      class="zone-name"
      :class="{ several: name.several }"
      :x="name.x"
      :y="name.y"
      :text-anchor="zoneAnchor"
    >
      <tspan v-for="(line, place) in name.words" :key="place" :x="name.x" :dy="place ? 1.1 * textSize : 0">{{ line }}</tspan>
    </text>
    <text v-if="facing" class="landmark" :x="wallPlace.x" :y="wallPlace.y">{{ t('line.front-wall') }}</text>
    <text v-if="showsNet" class="landmark" :x="netPlace.x" :y="netPlace.y + 0.08 * unit">{{ t('court.net') }}</text>
    <g v-if="!upright && !facing" :transform="`translate(${hitterPlace.x} ${hitterPlace.y}) scale(${unit})`">
      <g :transform="fromSide ? `rotate(${seenFrom === 'LEFT' ? -90 : 90})` : ''">
        <path class="hitter" :transform="seenFrom === 'ACROSS' ? 'rotate(180)' : ''" d="M0 -0.26L0.2 0.14L0 0.04L-0.2 0.14Z" />
        <text
          v-if="hitter"
          class="landmark start"
          x="0.34"
          y="0.1"
          :font-size="textSize / unit"
        >
          {{ hitter }}
        </text>
      </g>
    </g>
  </g>
</template>

<style scoped>
text {
  text-rendering: geometricprecision;
  fill: var(--ink);
}

.several {
  font-weight: 650;
}

.landmark {
  text-anchor: middle;
}

.landmark.start {
  text-anchor: start;
}

.hitter {
  fill: var(--steel);
}
</style>
