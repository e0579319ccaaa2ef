<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Target, Measure, Shape, Stance, Surface } from '@/shared/api'
import LengthField from '@/shared/LengthField.vue'
import { circle, depthOf, movedAsks, polygon, rectangle, resized, widthOf } from './areas'
import { sidesOf, straightLines } from './kinds'

/** The exact measures of a target, typed as the coach says them. */
const props = defineProps<{ asks: Target, surface: Surface, measures: Measure[], stance: Stance | undefined }>()
const emit = defineEmits<{ asks: [asks: Target], stance: [stance: Stance] }>()
const { t, te } = useI18n()
const lines = computed(() => straightLines(props.surface))
const lineItems = computed(() => [...new Set(lines.value.map((line) => line.name))]
  .map((value) => ({ value, title: te(`line.${value}`) ? t(`line.${value}`) : value })))
const sideItems = computed(() => sidesOf(lines.value.find((line) => line.name === props.asks.line))
  .map((value) => ({ value, title: t(`editor.beside.${value}`) })))
const upright = computed(() => ['FRONT_WALL', 'LEFT_WALL', 'RIGHT_WALL', 'OVER_NET'].includes(props.surface.plane))
const shape = computed(() => props.asks.area ?? props.asks.rings?.at(-1)?.area)
const ANCHORS = ['OPPONENT', 'BETWEEN', 'FRONT', 'GAP'] as const
const EFFECTS = ['MOVED_BEFORE_HITTING', 'LET_IT_GO', 'COULD_NOT_ATTACK'] as const

const change = (given: Partial<Target>) => emit('asks', { ...props.asks, ...given })
const area = (next: Shape) => change({ area: next })
const moveTo = (from: Shape, x: number, y: number) => emit('asks', movedAsks(props.asks, x - from.middle.x, y - from.middle.y))

function setLine(line: string) {
  const sides = sidesOf(lines.value.find((one) => one.name === line))
  change({ line, side: sides.find((side) => side === props.asks.side) ?? sides[0] ?? 'SHORT' })
}

function setRing(place: number, given: { radius?: number, points?: number }) {
  change({
    rings: props.asks.rings?.map((ring, index) => index !== place
      ? ring
      : {
          area: given.radius === undefined ? ring.area : circle(ring.area.middle, given.radius),
          points: given.points ?? ring.points,
        }) ?? [],
  })
}

function setCorner(shapeNow: Shape, place: number, x: number, y: number) {
  area(polygon((shapeNow.corners ?? []).map((corner, index) => index === place ? { x, y } : corner)))
}

function setMiddle(near: number, far: number) {
  const { middle } = props.asks
  if (middle) {
    change({ middle: rectangle(middle.bounds.left, near, middle.bounds.right, far) })
  }
}

function setOpponents(count: number) {
  const { stance } = props
  const [first] = stance?.opponents ?? []
  if (stance && first) {
    emit('stance', { ...stance, opponents: count === 1 ? [first] : [first, { x: first.x - 1.5, y: Math.max(1, first.y - 2) }] })
  }
}
</script>

<template>
  <div class="fields" data-test="fields">
    <template v-if="asks.line !== undefined">
      <v-select
        :model-value="asks.line"
        :label="t('editor.line')"
        :items="lineItems"
        hide-details
        @update:model-value="setLine"
      />
      <v-select
        :model-value="asks.side"
        :label="t('editor.side')"
        :items="sideItems"
        hide-details
        @update:model-value="change({ side: $event })"
      />
    </template>
    <LengthField
      v-if="asks.width !== undefined"
      :model-value="asks.width"
      :label="t('editor.width')"
      :measures="measures"
      @update:model-value="change({ width: $event })"
    />
    <template v-if="asks.from !== undefined && asks.to !== undefined">
      <LengthField :model-value="asks.from" :label="t('editor.from')" :measures="measures" @update:model-value="change({ from: $event })" />
      <LengthField :model-value="asks.to" :label="t('editor.to')" :measures="measures" @update:model-value="change({ to: $event })" />
    </template>
    <template v-if="asks.kind === 'BY_STANCE' && asks.area">
      <v-select
        :model-value="asks.anchor"
        :label="t('editor.anchor')"
        :items="ANCHORS.map((value) => ({ value, title: t(`editor.anchors.${value}`) }))"
        hide-details
        @update:model-value="change({ anchor: $event })"
      />
      <v-select
        v-if="stance"
        :model-value="stance.opponents.length"
        :label="t('editor.opponents')"
        :items="[{ value: 1, title: t('editor.one') }, { value: 2, title: t('editor.pair') }]"
        hide-details
        @update:model-value="setOpponents($event)"
      />
      <LengthField
        v-if="stance"
        :model-value="stance.reach"
        :label="t('editor.reach')"
        :measures="measures"
        @update:model-value="emit('stance', { ...stance, reach: $event })"
      />
    </template>
    <template v-else-if="shape">
      <div v-if="shape.kind === 'RECTANGLE'" class="two">
        <LengthField
          :model-value="widthOf(shape)"
          :label="t('editor.width')"
          :measures="measures"
          @update:model-value="area(resized(shape, $event, depthOf(shape)))"
        />
        <LengthField
          :model-value="depthOf(shape)"
          :label="upright ? t('editor.height') : t('editor.depth')"
          :measures="measures"
          @update:model-value="area(resized(shape, widthOf(shape), $event))"
        />
      </div>
      <LengthField
        v-else-if="shape.kind === 'CIRCLE' && !asks.rings"
        :model-value="widthOf(shape)"
        :label="t('editor.across')"
        :measures="measures"
        @update:model-value="area(resized(shape, $event, $event))"
      />
      <div v-for="(corner, place) in asks.area?.kind === 'POLYGON' ? shape.corners : []" :key="place" class="two">
        <LengthField
          :model-value="corner.x"
          :label="t('editor.cornerX', { number: place + 1 })"
          :measures="measures"
          signed
          @update:model-value="setCorner(shape, place, $event, corner.y)"
        />
        <LengthField
          :model-value="corner.y"
          :label="t('editor.cornerY', { number: place + 1 })"
          :measures="measures"
          signed
          @update:model-value="setCorner(shape, place, corner.x, $event)"
        />
      </div>
      <div v-for="(ring, place) in asks.rings" :key="`r${place}`" class="two">
        <LengthField
          :model-value="ring.area.radius ?? 0"
          :label="t('editor.ring', { number: place + 1 })"
          :measures="measures"
          @update:model-value="setRing(place, { radius: $event })"
        />
        <v-text-field
          :model-value="ring.points"
          type="number"
          min="0"
          :label="t('editor.points')"
          hide-details
          @update:model-value="setRing(place, { points: Number($event) })"
        />
      </div>
      <div v-if="shape.kind !== 'POLYGON'" class="two">
        <LengthField
          :model-value="shape.middle.x"
          :label="t('editor.middleX')"
          :measures="measures"
          signed
          @update:model-value="moveTo(shape, $event, shape.middle.y)"
        />
        <LengthField
          :model-value="shape.middle.y"
          :label="upright ? t('editor.middleUp') : t('editor.middleY')"
          :measures="measures"
          signed
          @update:model-value="moveTo(shape, shape.middle.x, $event)"
        />
      </div>
      <div v-if="asks.middle" class="two">
        <LengthField
          :model-value="asks.middle.bounds.near"
          :label="t('editor.badFrom')"
          :measures="measures"
          signed
          @update:model-value="setMiddle($event, asks.middle.bounds.far)"
        />
        <LengthField
          :model-value="asks.middle.bounds.far"
          :label="t('editor.badTo')"
          :measures="measures"
          signed
          @update:model-value="setMiddle(asks.middle.bounds.near, $event)"
        />
      </div>
      <div v-if="asks.aim" class="two">
        <LengthField
          :model-value="asks.aim.x"
          :label="t('editor.aimX')"
          :measures="measures"
          signed
          @update:model-value="change({ aim: { x: $event, y: asks.aim.y } })"
        />
        <LengthField
          :model-value="asks.aim.y"
          :label="t('editor.aimY')"
          :measures="measures"
          signed
          @update:model-value="change({ aim: { x: asks.aim.x, y: $event } })"
        />
      </div>
    </template>
    <v-select
      v-if="asks.effect"
      :model-value="asks.effect"
      :label="t('editor.effect')"
      :items="EFFECTS.map((value) => ({ value, title: t(`editor.effects.${value}`) }))"
      hide-details
      @update:model-value="change({ effect: $event })"
    />
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 12px;
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
</style>
