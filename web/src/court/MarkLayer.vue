<script setup lang="ts">
import type { LyingZone, Ruling, Standpoint } from '@/shared/api'
import ShotMark from './ShotMark.vue'
import { toDrawing, type Place } from './turn'

/** A mark to draw: where, what, how large (radius in metres) and how strong. */
export interface Mark {
  id: string
  x: number
  y: number
  ruling: Ruling
  size: number
  /** From 0 to 1; 1 when absent. */
  strength?: number
  close?: boolean
}

/** Marks on a layer of their own above the court; they take no touches. */
const props = defineProps<{ marks: Mark[], viewBox: string, standpoint: Standpoint, zones: LyingZone[], unit: number, facing?: boolean }>()
const drawn = (place: Place) => toDrawing(place, props.standpoint, props.facing)

function placing(mark: Mark): string {
  const { x, y } = drawn(mark)
  return `translate(${x} ${y}) scale(${props.unit})`
}

function towardsMiddle(mark: Mark): Place {
  const zone = props.zones.find((one) => one.number === mark.ruling.zone) ?? props.zones[0]
  return zone ? drawn({ x: zone.whole.middle.x - mark.x, y: zone.whole.middle.y - mark.y }) : { x: 0, y: -1 }
}

function away(ruling: Ruling): Place {
  if (ruling.outcome === 'WIDE') {
    return drawn({ x: ruling.side === 'LEFT' ? -1 : 1, y: 0 })
  }
  return drawn({ x: 0, y: ruling.outcome === 'SHORT' ? -1 : 1 })
}
</script>

<template>
  <svg class="layer" :viewBox="viewBox" aria-hidden="true" preserveAspectRatio="xMidYMid meet">
    <g
      v-for="mark in marks"
      :key="mark.id"
      v-memo="[mark.x, mark.y, mark.size, mark.strength, mark.close, mark.ruling.outcome, mark.ruling.side, standpoint, zones, unit]"
      :opacity="mark.strength"
      :transform="placing(mark)"
    >
      <circle v-if="mark.close" class="close" :r="mark.size * 1.9" />
      <ShotMark :ruling="mark.ruling" :size="mark.size" :towards="towardsMiddle(mark)" :away="away(mark.ruling)" />
    </g>
  </svg>
</template>

<style scoped>
.layer {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
  will-change: transform;
}

.close {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.03;
  stroke-dasharray: 0.08 0.05;
}
</style>
