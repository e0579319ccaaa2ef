<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Court, Measure, Plane, TargetSet } from '@/shared/api'
import { sidesOf, straightLines } from './kinds'
import type { Drawing } from './useDrawing'
import ZoneFields from './ZoneFields.vue'

/** What the whole target is on: court, surface, what is in use, and which bounce it looks at. */
const props = defineProps<{ target: TargetSet, court: Court, drawing: Drawing, measures: Measure[] }>()
const emit = defineEmits<{ take: [target: TargetSet], plane: [plane: Plane] }>()
const { t, te } = useI18n()
const TIES = ['COURT', 'SIDE', 'HITTER_HAND', 'OPPONENT_HAND'] as const
const { plane, surface, stage, inUse: drawnInUse } = props.drawing
const lines = computed(() => straightLines(surface.value))
const name = (key: string, id: string) => te(`${key}.${id}`) ? t(`${key}.${id}`) : id

/** Each choice as one word: a region, what is past a line on one side, or what is drawn. */
const inUse = computed(() => {
  const { region, line, side, drawn } = props.target.inUse
  return drawn ? 'drawn' : line ? `line:${line}:${side}` : `region:${region}`
})
const choices = computed(() => [
  ...surface.value.regions.map(({ id }) => ({ value: `region:${id}`, title: name('region', id) })),
  ...inOrder.value ? [] : [{ value: 'drawn', title: t('editor.drawnInUse') }],
  ...[...new Map(lines.value.map((line) => [line.name, line])).values()].flatMap((line) => sidesOf(line).map((side) => ({
    value: `line:${line.name}:${side}`, title: t(`editor.past.${side}`, { line: name('line', line.name) }),
  }))),
])
const inOrder = computed(() => props.target.zones.some(({ asks }) => asks.kind === 'IN_ORDER'))

/** Drawing starts from what was in use. */
function setInUse(choice: string) {
  const { tie } = props.target.inUse
  const [kind, what, side] = choice.split(':')
  if (kind === 'drawn') {
    emit('take', { ...props.target, inUse: { drawn: props.target.inUse.drawn ?? stage.value.inUse.area, tie } })
  } else if (kind === 'line') {
    emit('take', { ...props.target, inUse: { line: what ?? '', side: side as 'SHORT', tie } })
  } else {
    emit('take', { ...props.target, inUse: { region: what ?? '', tie } })
  }
}
</script>

<template>
  <div class="panel">
    <p class="soft">{{ t('editor.onCourt', { court: name('courtName', court.id) }) }}</p>
    <p v-if="target.zones.length > 0" class="soft">{{ t('editor.onSurface', { surface: t(`plane.${plane}`) }) }}</p>
    <v-select
      v-else-if="court.surfaces.length > 1"
      :model-value="plane"
      :label="t('editor.surface')"
      :items="court.surfaces.map((one) => ({ value: one.plane, title: t(`plane.${one.plane}`) }))"
      hide-details
      @update:model-value="emit('plane', $event)"
    />
    <v-select
      :model-value="inUse"
      :label="t('editor.inUse')"
      :items="choices"
      :menu-props="{ maxHeight: 560 }"
      hide-details
      @update:model-value="setInUse"
    />
    <template v-if="drawnInUse">
      <p class="soft">{{ t('editor.drawInUse') }}</p>
      <ZoneFields
        :asks="drawnInUse"
        :surface="surface"
        :measures="measures"
        :stance="undefined"
        @asks="emit('take', drawing.withAsks($event))"
      />
    </template>
    <v-select
      :model-value="target.inUse.tie"
      :label="t('editor.inUseTie')"
      :items="TIES.map((value) => ({ value, title: t(`tie.${value}`) }))"
      hide-details
      @update:model-value="emit('take', { ...target, inUse: { ...target.inUse, tie: $event } })"
    />
    <v-select
      :model-value="target.bounce"
      :label="t('editor.bounce')"
      :items="(['FIRST', 'SECOND'] as const).map((value) => ({ value, title: t(`editor.bounces.${value}`) }))"
      hide-details
      @update:model-value="emit('take', { ...target, bounce: $event })"
    />
  </div>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 12px;
}
</style>
