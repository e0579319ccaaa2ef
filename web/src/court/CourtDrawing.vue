<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { Area, InUse, LyingZone, Standpoint, Surface } from '@/shared/api'
import { steady } from '@/shared/steady'
import CourtWords from './CourtWords.vue'
import MarkLayer, { type Mark } from './MarkLayer.vue'
import { banded, grown } from './closeUp'
import { markingPath, rectanglePath, shapePath } from './shape'
import ZoneShape from './ZoneShape.vue'
import { toCourt, type Place } from './turn'
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
const svg = useTemplateRef<SVGSVGElement>('svg')
const frame = useFrame(svg, props)
const { facing, upright, seenFrom, surfaces, extent, edge, unit, viewBox, turn } = frame
const FRESH = 8
const SETTLE = 32

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

/** Beside a close-up a touch means farther away, however wide the screen is. */
const band = computed(() => props.closeUp
  ? rectanglePath(grown(banded(props.closeUp), 100)) + rectanglePath(props.closeUp)
  : '')

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
      <CourtWords
        :frame="frame"
        :surface="surface"
        :zones="zones"
        :turned="zonesTurned"
        :close-up="!!closeUp"
        :hitter="hitter"
      />
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
