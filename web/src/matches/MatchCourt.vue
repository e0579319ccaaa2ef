<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CourtDrawing from '@/court/CourtDrawing.vue'
import type { Mark } from '@/court/MarkLayer.vue'
import { halfBeyond, isFacing, rectanglePath } from '@/court/shape'
import { acrossTheNet, matrixOf, type Place } from '@/court/turn'
import type { Court, MatchView } from '@/shared/api'

/** The whole court, with the parts that the next shot goes to, numbered, and the shots of the rally that is on. */
const props = defineProps<{ court: Court, match: MatchView, live: boolean, label: string }>()
const emit = defineEmits<{ touch: [place: Place, event: PointerEvent], lift: [place: Place, event: PointerEvent] }>()
const { t } = useI18n()
const SIZE = 0.2
const FADED = 0.45

const surface = computed(() => {
  const [main] = props.court.surfaces.filter(({ plane }) => plane === 'FLOOR' || plane === 'TABLE')
  if (!main) {
    throw new Error(`${props.court.id} has no floor`)
  }
  return main
})
const beyond = computed(() => isFacing(surface.value) ? undefined : halfBeyond(props.court, surface.value.plane))
const inUse = computed(() => {
  const wanted = props.match.agreed.format.doubles ? 'doubles' : 'singles'
  const region = surface.value.regions.find(({ id }) => id === wanted) ?? surface.value.regions[0]
  if (!region) {
    throw new Error(`${props.court.id} has nothing in use`)
  }
  return region
})
const facing = computed(() => isFacing(surface.value))
/** The half that the next shot goes to lies this way round. */
const turnedNext = computed(() => !!beyond.value && props.match.open.team !== props.match.nearTeam)
const unturn = computed(() => matrixOf(props.match.standpoint, facing.value))
const parts = computed(() => props.match.open.parts.map((part) => {
  const middle = { x: (part.left + part.right) / 2, y: (part.near + part.far) / 2 }
  const { x, y } = turnedNext.value ? acrossTheNet(middle) : middle
  return { spot: part.spot, path: rectanglePath(part), place: `translate(${x} ${y}) ${unturn.value}` }
}))
const textSize = computed(() => Math.min(...props.match.open.parts.map((part) => Math.min(part.right - part.left, part.far - part.near))) * 0.42)
const outSpots = computed(() => props.match.agreed.rules.flatMap((rule) => rule.kind === 'OUT' ? rule.spots ?? [] : []))

const marks = computed<Mark[]>(() => {
  const placed = props.match.open.shots.filter((shot) => shot.x !== undefined && shot.y !== undefined)
  return placed.map((shot, at) => {
    const own = { x: shot.x ?? 0, y: shot.y ?? 0 }
    return {
      id: shot.id, ...beyond.value && shot.team !== props.match.nearTeam ? acrossTheNet(own) : own,
      ruling: { outcome: shot.outcome, side: shot.side, zone: 0 }, size: at === placed.length - 1 ? SIZE : SIZE * 0.7,
      strength: at === placed.length - 1 ? 1 : FADED,
    }
  })
})
</script>

<template>
  <CourtDrawing
    :surface="surface"
    :beyond="beyond"
    :in-use="inUse"
    :zones="[]"
    :standpoint="match.standpoint"
    :marks="marks"
    :label="label || t('match.court')"
    :live="live"
    @touch="(place, event) => emit('touch', place, event)"
    @lift="(place, event) => emit('lift', place, event)"
  >
    <g v-if="live" :transform="turnedNext ? 'rotate(180)' : undefined">
      <path
        v-for="part in parts"
        :key="part.spot"
        class="part"
        :class="{ out: outSpots.includes(part.spot) && !match.open.serve }"
        :d="part.path"
      />
    </g>
    <g v-if="live" class="numbers">
      <text
        v-for="part in parts"
        :key="part.spot"
        :transform="part.place"
        :font-size="textSize"
        :y="textSize * 0.35"
      >
        {{ part.spot }}
      </text>
    </g>
  </CourtDrawing>
</template>

<style scoped>
.part {
  fill: none;
  stroke: var(--saffron);
  stroke-width: 2px;
  stroke-dasharray: 6px 5px;
  vector-effect: non-scaling-stroke;
}

.part.out {
  fill: var(--ink);
  fill-opacity: 0.16;
}

.numbers text {
  fill: var(--ink-soft);
  fill-opacity: 0.75;
  font-family: var(--counts);
  text-anchor: middle;
}
</style>
