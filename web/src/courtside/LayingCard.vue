<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Card, Hand, Laid, Lying, LyingZone, Measure, Shape } from '@/shared/api'
import LengthField from '@/shared/LengthField.vue'
import { useLengths } from '@/shared/useLengths'
import { useSettings } from '@/shared/settings'

/** How to put a target down: each marker by two distances from lines that can be seen; and what was really put down. */
const props = defineProps<{
  lying: Lying
  hand: Hand
  measures: Measure[]
  /** Takes what was laid otherwise, and says what is wrong with it; without it, nothing is asked. */
  lay?: (laid: Laid[]) => string
}>()
const open = defineModel<boolean>({ required: true })
const { t, te } = useI18n()
const settings = useSettings()
const { say } = useLengths(() => props.measures)
type Offset = Card['markers'][number]['across']

const zones = computed(() => props.lying.stages.flatMap((stage) => stage.zones).filter((zone) => zone.cards.length > 0))
const single = computed(() => zones.value.length === 1 && zones.value[0]?.whole.kind !== 'POLYGON'
  && !zones.value[0]?.rings && !zones.value[0]?.spoilt
  ? zones.value[0]
  : undefined)
const units = computed(() => [
  ...(['METRE', 'CENTIMETRE', 'FOOT', 'INCH'] as const).map((value) => ({ value: value as string, title: t(`unit.${value}`) })),
  ...props.measures.map((measure) => ({ value: measure.many, title: measure.many })),
])
const problem = ref('')
const put = ref<LyingZone>()

function words({ line, metres, side }: Offset): string {
  const name = te(`line.${line}`) ? t(`line.${line}`) : line
  return side === 'NONE' ? t('laying.on', { line: name }) : t(`laying.${side}`, { metres: say(metres), line: name })
}

/** Seen from the corner that lies nearest to the lines: what was laid larger or smaller grows away from it. */
function sized(shape: Shape, width: number, depth: number): Shape {
  const { left, near, right, far } = shape.bounds
  if (shape.kind === 'CIRCLE') {
    const radius = width / 2
    const { x, y } = shape.middle
    return { ...shape, radius, bounds: { left: x - radius, right: x + radius, near: y - radius, far: y + radius } }
  }
  const bounds = left + right >= 0
    ? { left: right - width, right, near: far - depth, far }
    : { left, right: left + width, near: far - depth, far }
  return { kind: 'RECTANGLE', bounds, middle: { x: (bounds.left + bounds.right) / 2, y: (near + far) / 2 } }
}

function layAs(zone: LyingZone, width: number, depth: number) {
  problem.value = props.lay?.([{ zone: zone.number, area: sized(zone.whole, width, depth) }]) ?? ''
  put.value = problem.value ? undefined : zone
}

function asDrawn() {
  problem.value = props.lay?.([]) ?? ''
  put.value = undefined
}

const widthOf = ({ bounds }: Shape) => bounds.right - bounds.left
const depthOf = ({ bounds }: Shape) => bounds.far - bounds.near
const print = () => window.print()
</script>

<template>
  <v-dialog v-model="open" max-width="640" :transition="false" :aria-label="t('laying.open')">
    <v-card class="dialog-card printed" data-test="laying">
      <template v-for="zone in zones" :key="zone.number">
        <h2>{{ zone.number }} {{ zone.name }}</h2>
        <template v-for="(card, place) in zone.cards" :key="place">
          <h3 v-if="zone.cards.length > 1">{{ t(`laying.piece.${card.piece}`, { number: card.number }) }}</h3>
          <p class="soft">
            {{ t('laying.needed', { count: card.markers.length }, card.markers.length) }}.
            {{ t('laying.for', hand === 'LEFT' ? 2 : 1) }}
          </p>
          <ol>
            <li v-for="(marker, index) in card.markers" :key="index">
              <span>{{ words(marker.across) }}</span>
              <span>{{ words(marker.along) }}</span>
            </li>
          </ol>
          <p v-if="card.radius > 0">{{ t('laying.cord', { metres: say(card.radius) }) }}</p>
        </template>
      </template>
      <section v-if="lay && single" class="as-laid">
        <h3>{{ t('laying.asLaid') }}</h3>
        <p class="soft">{{ t('laying.asLaidNote') }}</p>
        <div class="two">
          <LengthField
            :model-value="widthOf(single.whole)"
            :label="t('editor.width')"
            :measures="measures"
            @update:model-value="layAs(single, $event, depthOf(single.whole))"
          />
          <LengthField
            v-if="single.whole.kind === 'RECTANGLE'"
            :model-value="depthOf(single.whole)"
            :label="t('editor.depth')"
            :measures="measures"
            @update:model-value="layAs(single, widthOf(single.whole), $event)"
          />
        </div>
        <p v-if="problem" role="alert">{{ problem }}</p>
        <v-btn v-if="put" variant="text" @click="asDrawn">{{ t('laying.asDrawn') }}</v-btn>
      </section>
      <v-select
        v-model="settings.unit"
        class="buttons"
        :label="t('settings.unit')"
        :items="units"
        hide-details
      />
      <div class="two buttons">
        <v-btn @click="print">{{ t('laying.print') }}</v-btn>
        <v-btn @click="open = false">{{ t('settings.close') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
h3 {
  font-size: 16px;
}

ol {
  display: grid;
  gap: 8px;
  padding-left: 24px;
}

li span {
  display: block;
}

li {
  padding-left: 8px;
  border-top: 1px solid var(--rule);
  padding-top: 8px;
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.as-laid {
  display: grid;
  gap: 8px;
  border-top: 1px solid var(--rule);
  padding-top: 12px;
}

@media print {
  .buttons,
  .as-laid {
    display: none;
  }
}
</style>
