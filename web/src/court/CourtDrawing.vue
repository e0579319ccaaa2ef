<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Shape, Standpoint, Surface } from '@/shared/api'
import MarkLayer, { type Mark } from './MarkLayer.vue'
import { markingPath, rectanglePath, shapePath } from './shape'
import { matrixOf, toCourt, toDrawing, type Place } from './turn'

const props = defineProps<{
  surface: Surface
  inUse: string
  zone: Shape
  zoneName: string
  zoneNumber: number
  standpoint: Standpoint
  hitter?: string
  marks: Mark[]
  label: string
  live?: boolean
}>()
const emit = defineEmits<{
  touch: [place: Place, event: PointerEvent]
  lift: [place: Place, event: PointerEvent]
}>()
const { t } = useI18n()
const svg = useTemplateRef<SVGSVGElement>('svg')
const { width, height } = useElementSize(svg)
const NEAR_NET = 0.75
const SMALLEST_TEXT = 13
const UNIT_SURFACE = 8.35
const FRESH = 8
const SETTLE = 32

const extent = computed(() => props.surface.extent)
const edge = computed(() => ({
  left: extent.value.left - props.surface.margin,
  right: extent.value.right + props.surface.margin,
  far: extent.value.far + props.surface.margin,
  near: extent.value.near - Math.min(NEAR_NET, 0.85 * props.surface.margin),
}))
const box = computed(() => {
  const one = toDrawing({ x: edge.value.left, y: edge.value.near }, props.standpoint)
  const other = toDrawing({ x: edge.value.right, y: edge.value.far }, props.standpoint)
  const x = Math.min(one.x, other.x)
  const y = Math.min(one.y, other.y)
  return { x, y, width: Math.abs(one.x - other.x), height: Math.abs(one.y - other.y) }
})
/** How this surface compares with the one that strokes, marks and words are sized for. */
const unit = computed(() => Math.max(box.value.width, box.value.height) / UNIT_SURFACE)
const viewBox = computed(() => `${box.value.x} ${box.value.y} ${box.value.width} ${box.value.height}`)
/** Text is sized in metres with the court, but never below what can be read. */
const textSize = computed(() => {
  const pixelsAMetre = Math.min(width.value / box.value.width, height.value / box.value.height)
  return Math.max(0.23 * unit.value, pixelsAMetre > 0 ? SMALLEST_TEXT / pixelsAMetre : 0)
})
const turn = computed(() => matrixOf(props.standpoint))
const drawn = (place: Place) => toDrawing(place, props.standpoint)
/** The name stands on the side of the zone that faces the hitter, clear of the marks in it. */
const zoneLabel = computed(() => {
  const { x, y } = drawn({ x: props.zone.middle.x, y: props.zone.bounds.near })
  const below = { BEHIND: [0, textSize.value], ACROSS: [0, -0.12 * unit.value], LEFT: [0.1 * unit.value, 0.07 * unit.value],
    RIGHT: [-0.1 * unit.value, 0.07 * unit.value] }[props.standpoint]
  return { x: x + (below[0] ?? 0), y: y + (below[1] ?? 0) }
})
const zoneAnchor = computed(() => ({ BEHIND: 'middle', ACROSS: 'middle', LEFT: 'start', RIGHT: 'end' })[props.standpoint])
const hitterPlace = computed(() => drawn({ x: 0, y: edge.value.near + 0.36 * unit.value }))
const netPlace = computed(() => drawn({ x: edge.value.left + 0.45 * unit.value, y: 0.38 * unit.value }))
const fromSide = computed(() => props.standpoint === 'LEFT' || props.standpoint === 'RIGHT')

/**
 * Marks that have settled are painted on a layer of their own, a few dozen at a time, so that a touch paints only the
 * latest ones anew.
 */
const settledCount = computed(() => Math.max(0, Math.floor((props.marks.length - FRESH) / SETTLE) * SETTLE))
const layers = computed(() => [props.marks.slice(0, settledCount.value), props.marks.slice(settledCount.value)])

const unused = computed(() => new Set(props.surface.regions.find((region) => region.id === props.inUse)?.unused))

function placeOf(event: PointerEvent): Place | undefined {
  const matrix = svg.value?.getScreenCTM()
  if (!matrix) {
    return undefined
  }
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
  return toCourt(at, props.standpoint)
}

function onDown(event: PointerEvent) {
  const place = placeOf(event)
  if (props.live && place && event.isPrimary && event.button === 0) {
    svg.value?.setPointerCapture(event.pointerId)
    emit('touch', place, event)
  }
}

/** A touch that charts makes no mouse events after it; on a court that only shows, a finger still scrolls the page. */
function withoutMouse(event: TouchEvent) {
  if (props.live) {
    event.preventDefault()
  }
}

function onUp(event: PointerEvent) {
  const place = placeOf(event)
  if (props.live && place) {
    emit('lift', place, event)
  }
}
</script>

<template>
  <div class="drawing">
    <svg
      ref="svg"
      class="court"
      :class="{ live }"
      :viewBox="viewBox"
      role="img"
      :aria-label="label"
      preserveAspectRatio="xMidYMid meet"
      @touchstart="withoutMouse"
      @pointerdown="onDown"
      @pointerup="onUp"
    >
      <g :transform="turn">
        <path class="apron" :d="rectanglePath(edge)" />
        <path class="floor" :d="rectanglePath(extent)" />
        <path class="zone" :d="shapePath(zone)" />
        <path
          v-for="(marking, place) in surface.markings"
          :key="place"
          class="line"
          :class="{ unused: unused.has(place) }"
          :stroke-width="0.04 * unit"
          :d="markingPath(marking)"
        />
        <path class="zone-edge" :d="shapePath(zone)" />
        <line
          v-if="surface.net"
          class="net"
          :stroke-width="0.08 * unit"
          :stroke-dasharray="`${0.14 * unit} ${0.06 * unit}`"
          :x1="edge.left"
          y1="0"
          :x2="edge.right"
          y2="0"
        />
      </g>
      <g class="words" aria-hidden="true" :font-size="textSize">
        <text class="zone-name" :x="zoneLabel.x" :y="zoneLabel.y" :text-anchor="zoneAnchor">{{ zoneNumber }} {{ zoneName }}</text>
        <text v-if="surface.net" class="landmark" :x="netPlace.x" :y="netPlace.y + 0.08 * unit">{{ t('court.net') }}</text>
        <g :transform="`translate(${hitterPlace.x} ${hitterPlace.y}) scale(${unit})`">
          <g :transform="fromSide ? `rotate(${standpoint === 'LEFT' ? -90 : 90})` : ''">
            <path class="hitter" :transform="standpoint === 'ACROSS' ? 'rotate(180)' : ''" d="M0 -0.26L0.2 0.14L0 0.04L-0.2 0.14Z" />
            <text
              v-if="hitter"
              class="landmark start"
              x="0.34"
              y="0.1"
              :font-size="textSize / unit"
            >{{ hitter }}</text>
          </g>
        </g>
      </g>
    </svg>
    <MarkLayer
      v-for="(layer, place) in layers"
      :key="place"
      :marks="layer"
      :view-box="viewBox"
      :standpoint="standpoint"
      :zone="zone"
      :unit="unit"
    />
    <svg
      v-if="$slots['default']"
      class="over"
      :viewBox="viewBox"
      aria-hidden="true"
      preserveAspectRatio="xMidYMid meet"
    >
      <g :transform="turn"><slot /></g>
    </svg>
  </div>
</template>

<style scoped>
.court {
  display: block;
  width: 100%;
  height: 100%;
  user-select: none;
}

.court.live {
  cursor: crosshair;
  touch-action: none;
}

.apron {
  fill: var(--sheet);
}

.floor {
  fill: var(--floor);
}

.line {
  fill: none;
  stroke: var(--ink);
  stroke-opacity: 0.75;
}

.line.unused {
  stroke-opacity: 0.22;
}

.net {
  stroke: var(--ink);
}

.zone {
  fill: var(--saffron);
  fill-opacity: 0.55;
}

.zone-edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}

.words text {
  text-rendering: geometricprecision;
  fill: var(--ink);
}

.words .landmark {
  text-anchor: middle;
}

.words .landmark.start {
  text-anchor: start;
}

.hitter {
  fill: var(--steel);
}

.over {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
}

.drawing {
  position: relative;
  width: 100%;
  height: 100%;
}

:global(.sun) .floor,
:global(.sun) .apron {
  fill: #ffffff;
}

:global(.sun) .line {
  stroke-opacity: 1;
}
</style>
