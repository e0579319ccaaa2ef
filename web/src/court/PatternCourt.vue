<script setup lang="ts">
import { computed, useId } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Pattern, Stage, Surface } from '@/shared/api'
import CourtDrawing from './CourtDrawing.vue'
import { along, legsOf } from './legs'
import { isFacing } from './shape'
import type { Place } from './turn'

/** A pattern on the whole court: each shot an arrow with its number, those of the far side dashed. */
const props = defineProps<{
  surface: Surface
  beyond: Surface | undefined
  stage: Pick<Stage, 'inUse' | 'zones'>
  pattern: Pattern
  /** The place of the shot that stands out; all are alike where none does. */
  at?: number | undefined
  /** How far the ball is on it, from 0 to 1; none is drawn where that is left out. */
  part?: number | undefined
  live?: boolean
}>()
const emit = defineEmits<{ touch: [place: Place] }>()
const { t } = useI18n()
const arrow = useId()
const legs = computed(() => legsOf(props.pattern, props.stage.zones, props.surface))
const flip = computed(() => isFacing(props.surface) ? '' : 'scale(1 -1)')
const unit = computed(() => (props.surface.extent.far - props.surface.extent.near) / (isFacing(props.surface) ? 16 : 10))
const ball = computed(() => {
  const leg = props.part === undefined ? undefined : legs.value[props.at ?? 0]
  return leg && along(leg, props.part ?? 0)
})
/** Of shots along the same line each number stands at a place of its own. */
const shown = computed(() => legs.value.map((leg, place) => {
  const ends = [leg.from, leg.ways[0]].map((end) => `${end?.x} ${end?.y}`).sort().join()
  const before = legs.value.slice(0, place).filter((other) =>
    [other.from, other.ways[0]].map((end) => `${end?.x} ${end?.y}`).sort().join() === ends).length
  return { ...leg, number: along(leg, 0.42 - 0.11 * (before % 4)), faint: props.at !== undefined && leg.step !== props.at }
}))
const lit = computed(() => props.at === undefined
  ? undefined
  : (props.pattern.steps[props.at]?.ways ?? []).map((way) => way.zone ?? 0))
</script>

<template>
  <CourtDrawing
    :surface="surface"
    :beyond="beyond"
    :in-use="stage.inUse"
    :zones="stage.zones"
    :lit="lit"
    standpoint="BEHIND"
    :marks="[]"
    :label="t('pattern.drawing', { steps: pattern.steps.length })"
    :live="live"
    @touch="emit('touch', $event)"
  >
    <defs>
      <marker
        :id="arrow"
        viewBox="0 0 10 10"
        refX="9"
        refY="5"
        markerWidth="5"
        markerHeight="5"
        orient="auto-start-reverse"
      >
        <path d="M0 0L10 5L0 10Z" fill="context-stroke" />
      </marker>
    </defs>
    <g v-for="{ step, from, ways, near, faint, number } in shown" :key="step" :class="{ near, faint }">
      <line
        v-for="(to, place) in ways"
        :key="place"
        class="shot"
        :class="{ other: place > 0 }"
        :x1="from.x"
        :y1="from.y"
        :x2="to.x"
        :y2="to.y"
        :marker-end="`url(#${arrow})`"
      />
      <g :transform="`translate(${number.x} ${number.y}) ${flip} scale(${unit})`">
        <circle r="0.36" />
        <text y="0.15" font-size="0.46">{{ step + 1 }}</text>
      </g>
    </g>
    <circle
      v-if="ball"
      class="ball"
      :cx="ball.x"
      :cy="ball.y"
      :r="0.24 * unit"
    />
  </CourtDrawing>
</template>

<style scoped>
.shot {
  stroke: var(--steel);
  stroke-width: 3px;
  stroke-dasharray: 7px 5px;
  vector-effect: non-scaling-stroke;
}

.near .shot {
  stroke: var(--ink);
  stroke-dasharray: none;
}

.shot.other {
  stroke-opacity: 0.55;
}

circle {
  fill: var(--sheet);
  stroke: var(--steel);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}

.near circle {
  stroke: var(--ink);
}

text {
  text-anchor: middle;
  font-weight: 650;
  fill: var(--ink);
}

.faint {
  opacity: 0.25;
}

.ball {
  fill: var(--ink);
  stroke: var(--sheet);
}
</style>
