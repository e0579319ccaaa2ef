<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Area, InUse, LyingZone, Standpoint, Surface } from '@/shared/api'
import { steady } from '@/shared/steady'
import MarkLayer, { type Mark } from './MarkLayer.vue'
import { banded, grown } from './closeUp'
import { fitted, markingPath, rectanglePath, shapePath } from './shape'
import ZoneShape from './ZoneShape.vue'
import { toCourt, turnedHalf, type Place } from './turn'
import { useFrame } from './useFrame'

const props = defineProps<{
  surface: Surface
  /** The other half, when the whole court is drawn. */
  beyond?: Surface | undefined
  /** The part that fills the drawing; what lies about it is beyond. */
  closeUp?: Area | undefined
  inUse: InUse
  zones: LyingZone[]
  /** The number of the zone that stands out. */
  chosen?: number | undefined
  /** Numbers of the zones that are asked for now; the others are drawn faint. */
  lit?: number[] | undefined
  /** Whether the zones lie on the other half, for who hits from beyond the net. */
  zonesTurned?: boolean
  standpoint: Standpoint
  hitter?: string
  marks: Mark[]
  label: string
  live?: boolean
  /** Without the lines inside, to be judged by eye. */
  bare?: boolean
}>()
const emit = defineEmits<{
  touch: [place: Place, event: PointerEvent]
  drag: [place: Place, event: PointerEvent]
  lift: [place: Place, event: PointerEvent]
}>()
const { t } = useI18n()
const svg = useTemplateRef<SVGSVGElement>('svg')
const { facing, upright, seenFrom, surfaces, extent, edge, view, drawn, unit, viewBox, textSize, turn } = useFrame(svg, props)
const FRESH = 8
const SETTLE = 32

/**
 * A single zone's name stands on the side that faces the hitter, clear of the marks in it, unless the net is there; of
 * several, in the corner that is drawn top left, as far as it fits.
 */
const zoneLabels = computed(() => props.zones.map((zone) => {
  const { bounds, middle } = props.zonesTurned ? turnedHalf(zone.whole) : zone.whole
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
/** What is not in use is veiled: the whole, with what is in use cut out. */
const veil = computed(() => rectanglePath(props.surface.extent) + shapePath(props.inUse.area))
/** Where no line of the court bounds it, its own edge shows what is in use. */
const edged = computed(() => ['drawn', 'beyond'].includes(props.inUse.id))
const lines = computed(() => surfaces.value.flatMap((surface, place) => surface.markings.map((marking, index) => ({
  path: markingPath(marking), unused: unused.value.has(index), key: `${place}.${index}`, inner: isInner(surface, marking),
}))))

function isInner(surface: Surface, { from, to }: Surface['markings'][number]): boolean {
  const { left, right, near, far } = surface.extent
  const onEdge = from && to
    && (from.x === to.x ? from.x === left || from.x === right : from.y === near || from.y === far)
  return !onEdge
}
const hitterPlace = computed(() => drawn({
  x: props.closeUp ? (view.value.left + view.value.right) / 2 : 0, y: view.value.near + 0.36 * unit.value,
}))
const netPlace = computed(() => drawn({ x: view.value.left + 0.45 * unit.value, y: -0.42 * unit.value }))
const showsNet = computed(() => props.surface.net && !upright.value && view.value.near < -0.1 * unit.value)
/** Beside a close-up a touch means farther away, however wide the screen is. */
const band = computed(() => props.closeUp
  ? rectanglePath(grown(banded(props.closeUp), 100)) + rectanglePath(props.closeUp)
  : '')
const wallPlace = computed(() => drawn({ x: 0, y: extent.value.near + 0.35 * unit.value }))
const fromSide = computed(() => seenFrom.value === 'LEFT' || seenFrom.value === 'RIGHT')

/**
 * Marks that have settled are painted on a layer of their own, a few dozen at a time, so that a touch paints only the
 * latest ones anew.
 */
const settledCount = computed(() => Math.max(0, Math.floor((props.marks.length - FRESH) / SETTLE) * SETTLE))
const settled = steady(() => props.marks.slice(0, settledCount.value))
const layers = computed(() => [settled.value, props.marks.slice(settledCount.value)])

const unused = computed(() => new Set(props.inUse.unused))

function placeOf(event: PointerEvent): Place | undefined {
  const matrix = svg.value?.getScreenCTM()
  if (!matrix) {
    return undefined
  }
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
  return toCourt(at, seenFrom.value, facing.value)
}

function onDown(event: PointerEvent) {
  const place = placeOf(event)
  if (props.live && place && event.isPrimary && event.button === 0) {
    // A touch makes no mouse event here, so that a field would keep its open list over the court.
    if (document.activeElement instanceof HTMLInputElement) {
      document.activeElement.blur()
    }
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

function onMove(event: PointerEvent) {
  const place = event.buttons > 0 ? placeOf(event) : undefined
  if (props.live && place) {
    emit('drag', place, event)
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
      :role="label ? 'img' : 'presentation'"
      :aria-label="label || undefined"
      preserveAspectRatio="xMidYMid meet"
      @touchstart="withoutMouse"
      @pointerdown="onDown"
      @pointermove="onMove"
      @pointerup="onUp"
    >
      <g :transform="turn">
        <path class="apron" :d="rectanglePath(edge)" />
        <path class="floor" :d="rectanglePath(extent)" />
        <path class="veil" fill-rule="evenodd" :d="veil" />
        <path v-if="edged" class="edge" :d="shapePath(inUse.area)" />
        <g :transform="zonesTurned ? 'rotate(180)' : undefined">
          <ZoneShape
            v-for="zone in [...zones].reverse()"
            :key="zone.number"
            :zone="zone"
            part="ground"
            :unit="unit"
            :faint="lit && !lit.includes(zone.number)"
          />
        </g>
        <template v-for="line in lines" :key="line.key">
          <path
            v-if="!bare || !line.inner"
            class="line"
            :class="{ unused: line.unused }"
            :stroke-width="0.04 * unit"
            :d="line.path"
          />
        </template>
        <g :transform="zonesTurned ? 'rotate(180)' : undefined">
          <ZoneShape
            v-for="zone in zones"
            :key="zone.number"
            :zone="zone"
            part="edges"
            :unit="unit"
            :faint="lit && !lit.includes(zone.number)"
            :chosen="zone.number === chosen"
          />
        </g>
        <line
          v-if="surface.net && !upright"
          class="net"
          :stroke-width="0.08 * unit"
          :stroke-dasharray="`${0.14 * unit} ${0.06 * unit}`"
          :x1="edge.left"
          y1="0"
          :x2="edge.right"
          y2="0"
        />
        <path v-if="closeUp" class="band" fill-rule="evenodd" :d="band" />
        <path v-if="closeUp" class="edge" :d="rectanglePath(closeUp)" />
      </g>
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
      :standpoint="seenFrom"
      :zones="zones"
      :unit="unit"
      :facing="facing"
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

<style scoped src="./court.css"></style>
