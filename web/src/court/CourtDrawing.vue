<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Area, Court, Standpoint } from '@/shared/api'
import MarkLayer, { type Mark } from './MarkLayer.vue'
import { matrixOf, toCourt, toDrawing, type Place } from './turn'

const props = defineProps<{
  court: Court
  inUse: 'SINGLES' | 'DOUBLES'
  zone: Area
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
const FRESH = 8
const SETTLE = 32

const area = computed(() => props.court.doubles)
const edge = computed(() => ({
  left: area.value.left - props.court.margin,
  right: area.value.right + props.court.margin,
  far: area.value.far + props.court.margin,
  near: area.value.near - NEAR_NET,
}))
const box = computed(() => {
  const one = toDrawing({ x: edge.value.left, y: edge.value.near }, props.standpoint)
  const other = toDrawing({ x: edge.value.right, y: edge.value.far }, props.standpoint)
  const x = Math.min(one.x, other.x)
  const y = Math.min(one.y, other.y)
  return { x, y, width: Math.abs(one.x - other.x), height: Math.abs(one.y - other.y) }
})
const viewBox = computed(() => `${box.value.x} ${box.value.y} ${box.value.width} ${box.value.height}`)
/** Text is sized in metres with the court, but never below what can be read. */
const textSize = computed(() => {
  const pixelsAMetre = Math.min(width.value / box.value.width, height.value / box.value.height)
  return Math.max(0.23, pixelsAMetre > 0 ? SMALLEST_TEXT / pixelsAMetre : 0)
})
const turn = computed(() => matrixOf(props.standpoint))
const drawn = (place: Place) => toDrawing(place, props.standpoint)
const zoneMiddle = computed(() => ({
  x: (props.zone.left + props.zone.right) / 2, y: (props.zone.near + props.zone.far) / 2,
}))
/** The name stands on the side of the zone that faces the hitter, clear of the marks in it. */
const zoneLabel = computed(() => {
  const { x, y } = drawn({ x: zoneMiddle.value.x, y: props.zone.near })
  const below = { BEHIND: [0, textSize.value], ACROSS: [0, -0.12], LEFT: [0.1, 0.07], RIGHT: [-0.1, 0.07] }[props.standpoint]
  return { x: x + (below[0] ?? 0), y: y + (below[1] ?? 0) }
})
const zoneAnchor = computed(() => ({ BEHIND: 'middle', ACROSS: 'middle', LEFT: 'start', RIGHT: 'end' })[props.standpoint])
const hitterPlace = computed(() => drawn({ x: 0, y: edge.value.near + 0.36 }))
const netPlace = computed(() => drawn({ x: edge.value.left + 0.45, y: 0.38 }))
const fromSide = computed(() => props.standpoint === 'LEFT' || props.standpoint === 'RIGHT')

/**
 * Marks that have settled are painted on a layer of their own, a few dozen at a time, so that a touch paints only the
 * latest ones anew.
 */
const settledCount = computed(() => Math.max(0, Math.floor((props.marks.length - FRESH) / SETTLE) * SETTLE))
const layers = computed(() => [props.marks.slice(0, settledCount.value), props.marks.slice(settledCount.value)])

function isFaint(use: string): boolean {
  return use !== 'BOTH' && use !== props.inUse
}

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
        <rect
          class="apron"
          :x="edge.left"
          :y="edge.near"
          :width="edge.right - edge.left"
          :height="edge.far - edge.near"
        />
        <rect
          class="floor"
          :x="area.left"
          :y="area.near"
          :width="area.right - area.left"
          :height="area.far - area.near"
        />
        <rect
          class="zone"
          :x="zone.left"
          :y="zone.near"
          :width="zone.right - zone.left"
          :height="zone.far - zone.near"
        />
        <line
          v-for="(line, place) in court.lines"
          :key="place"
          class="line"
          :class="{ unused: isFaint(line.use) }"
          :x1="line.x1"
          :y1="line.y1"
          :x2="line.x2"
          :y2="line.y2"
        />
        <rect
          class="zone-edge"
          :x="zone.left"
          :y="zone.near"
          :width="zone.right - zone.left"
          :height="zone.far - zone.near"
        />
        <line
          class="net"
          :x1="edge.left"
          y1="0"
          :x2="edge.right"
          y2="0"
        />
      </g>
      <g class="words" aria-hidden="true" :font-size="textSize">
        <text class="zone-name" :x="zoneLabel.x" :y="zoneLabel.y" :text-anchor="zoneAnchor">{{ zoneNumber }} {{ zoneName }}</text>
        <text class="landmark" :x="netPlace.x" :y="netPlace.y + 0.08">{{ t('court.net') }}</text>
        <g :transform="`translate(${hitterPlace.x} ${hitterPlace.y})`">
          <g :transform="fromSide ? `rotate(${standpoint === 'LEFT' ? -90 : 90})` : ''">
            <path class="hitter" :transform="standpoint === 'ACROSS' ? 'rotate(180)' : ''" d="M0 -0.26L0.2 0.14L0 0.04L-0.2 0.14Z" />
            <text v-if="hitter" class="landmark start" x="0.34" y="0.1">{{ hitter }}</text>
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
    />
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
  stroke: var(--ink);
  stroke-opacity: 0.75;
  stroke-width: 0.04;
}

.line.unused {
  stroke-opacity: 0.22;
}

.net {
  stroke: var(--ink);
  stroke-width: 0.08;
  stroke-dasharray: 0.14 0.06;
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
