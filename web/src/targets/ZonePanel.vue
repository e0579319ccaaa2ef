<script setup lang="ts">
import {
  mdiArrowDown, mdiArrowUp, mdiContentCopy, mdiDeleteOutline, mdiFlipHorizontal, mdiMagnifyMinusOutline, mdiMagnifyPlusOutline,
} from '@mdi/js'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Target, Court, Measure, Plane, Stance, TargetSet, Zone } from '@/shared/api'
import { asMetres, asPercent } from '@/shared/format'
import type { Drawing } from './useDrawing'
import { movedAsks } from './areas'
import { fresh } from './kinds'
import ZoneFields from './ZoneFields.vue'

/** The zones of the target, and the chosen one: its name and number, what it mirrors with, and its exact measures. */
const props = defineProps<{ target: TargetSet, court: Court, drawing: Drawing, measures: Measure[] }>()
const emit = defineEmits<{ take: [target: TargetSet], change: [number: number, change: 'MIRROR' | number] }>()
const { t } = useI18n()
const TIES = ['COURT', 'SIDE', 'HITTER_HAND', 'OPPONENT_HAND'] as const
const LARGER = 1.1
const COPY_STEP = 0.2
const { zone, part, parts, asks, surface, lying } = props.drawing

const ordered = computed(() => {
  const rank = (one: Zone) => {
    const place = props.target.precedence.indexOf(one.number)
    return place < 0 ? Infinity : place
  }
  return [...props.target.zones].sort((one, other) => rank(one) - rank(other))
})
const numbers = computed(() => [1, 2, 3, 4, 5, 6, 7, 8, 9].filter(
  (one) => one === zone.value?.number || props.target.zones.every((other) => other.number !== one)))

function set(given: Partial<Zone>) {
  const before = zone.value?.number
  const zones = props.target.zones.map((one) => one.number === before ? { ...one, ...given } : one)
  const precedence = props.target.precedence.map((one) => one === before && given.number ? given.number : one)
  if (given.number) {
    props.drawing.choose(given.number)
  }
  emit('take', { ...props.target, zones, precedence })
}

/** The order says which zone decides where they overlap. */
function rank(number: number, by: number) {
  const order = ordered.value.map((one) => one.number)
  const from = order.indexOf(number)
  order.splice(from, 1)
  order.splice(Math.max(0, from + by), 0, number)
  emit('take', { ...props.target, precedence: order })
}

function copy() {
  const free = [1, 2, 3, 4, 5, 6, 7, 8, 9].find((one) => props.target.zones.every((other) => other.number !== one))
  if (zone.value && free) {
    const made = { ...zone.value, number: free, asks: movedAsks(zone.value.asks, -COPY_STEP, -COPY_STEP) }
    const others = ordered.value.map((one) => one.number)
    emit('take', { ...props.target, zones: [...props.target.zones, made], precedence: [free, ...others] })
    props.drawing.choose(free)
  }
}

function remove() {
  const number = zone.value?.number
  const zones = props.target.zones.filter((one) => one.number !== number)
  emit('take', { ...props.target, zones, precedence: props.target.precedence.filter((one) => one !== number) })
  props.drawing.choose(zones[0]?.number ?? 1)
}

const takeAsks = (next: Target) => emit('take', props.drawing.withAsks(next))
const takeStance = (stance: Stance) => emit('take', { ...props.target, stance })

function setPartPlane(plane: Plane) {
  const there = props.court.surfaces.find((one) => one.plane === plane)
  if (!zone.value || !there) {
    return
  }
  const at = { x: (there.extent.left + there.extent.right) / 2, y: (there.extent.near + there.extent.far) / 2 }
  const made = { plane, inUse: there.regions[0]?.id ?? '', asks: fresh('RECTANGLE', at, there, []) }
  const next = parts.value.map((one, place) => place === part.value ? made : one)
  set({ asks: { kind: 'IN_ORDER', parts: next }, plane: next.at(-1)?.plane ?? plane })
}

function addPart() {
  const used = parts.value.at(-1)?.plane
  const there = props.court.surfaces.find((one) => one.plane !== used)
  if (zone.value && there) {
    const at = { x: (there.extent.left + there.extent.right) / 2, y: (there.extent.near + there.extent.far) / 2 }
    const made = { plane: there.plane, inUse: there.regions[0]?.id ?? '', asks: fresh('RECTANGLE', at, there, []) }
    set({ asks: { kind: 'IN_ORDER', parts: [...parts.value, made] }, plane: there.plane })
    part.value = parts.value.length - 1
  }
}
</script>

<template>
  <div class="panel">
    <ul class="zones" :aria-label="t('editor.zones')">
      <li v-for="(one, place) in ordered" :key="one.number">
        <button class="one" type="button" :aria-pressed="one.number === zone?.number" @click="drawing.choose(one.number)">
          <strong>{{ one.number }}</strong> {{ one.name }} <span class="soft">{{ t(`kind.${one.asks.kind}`) }}</span>
        </button>
        <v-btn
          v-if="ordered.length > 1"
          :icon="mdiArrowUp"
          variant="text"
          :disabled="place === 0"
          :aria-label="t('editor.first', { number: one.number })"
          @click="rank(one.number, -1)"
        />
        <v-btn
          v-if="ordered.length > 1"
          :icon="mdiArrowDown"
          variant="text"
          :disabled="place === ordered.length - 1"
          :aria-label="t('editor.later', { number: one.number })"
          @click="rank(one.number, 1)"
        />
      </li>
    </ul>
    <template v-if="zone && asks">
      <div class="named">
        <v-select
          :model-value="zone.number"
          :label="t('editor.number')"
          :items="numbers"
          hide-details
          @update:model-value="set({ number: $event })"
        />
        <v-text-field
          :model-value="zone.name"
          :label="t('editor.name')"
          maxlength="40"
          hide-details
          @change="set({ name: ($event.target as HTMLInputElement).value || zone.name })"
        />
      </div>
      <v-select
        :model-value="zone.tie"
        :label="t('editor.tie')"
        :items="TIES.map((value) => ({ value, title: t(`tie.${value}`) }))"
        hide-details
        @update:model-value="set({ tie: $event })"
      />
      <template v-if="parts.length">
        <v-btn-toggle :model-value="part" mandatory class="parts" @update:model-value="part = $event">
          <v-btn v-for="(one, place) in parts" :key="place" :value="place">{{ place + 1 }} {{ t(`plane.${one.plane}`) }}</v-btn>
        </v-btn-toggle>
        <v-select
          :model-value="parts[part]?.plane"
          :label="t('editor.surface')"
          :items="court.surfaces.map((one) => ({ value: one.plane, title: t(`plane.${one.plane}`) }))"
          hide-details
          @update:model-value="setPartPlane"
        />
        <v-btn v-if="parts.length < 4" @click="addPart">{{ t('editor.addPart') }}</v-btn>
      </template>
      <ZoneFields
        :asks="asks"
        :surface="surface"
        :measures="measures"
        :stance="target.stance"
        @asks="takeAsks"
        @stance="takeStance"
      />
      <p v-if="lying" class="soft small" data-test="size">
        {{ t('player.zone.size', { size: asMetres(lying.size), share: asPercent(lying.share) }) }}
      </p>
      <div class="actions">
        <v-btn :prepend-icon="mdiFlipHorizontal" @click="emit('change', zone.number, 'MIRROR')">{{ t('editor.mirror') }}</v-btn>
        <v-btn :prepend-icon="mdiContentCopy" :disabled="parts.length > 0" @click="copy">{{ t('editor.copy') }}</v-btn>
        <v-btn :prepend-icon="mdiMagnifyPlusOutline" @click="emit('change', zone.number, LARGER)">{{ t('editor.larger') }}</v-btn>
        <v-btn :prepend-icon="mdiMagnifyMinusOutline" @click="emit('change', zone.number, 1 / LARGER)">{{ t('editor.smaller') }}</v-btn>
        <v-btn :prepend-icon="mdiDeleteOutline" @click="remove">{{ t('editor.remove') }}</v-btn>
      </div>
    </template>
    <p v-else class="soft">{{ t('editor.noZone') }}</p>
  </div>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 12px;
}

.zones {
  list-style: none;
  padding: 0;
}

.zones li {
  display: flex;
  border-bottom: 1px solid var(--rule);
}

.zones .one {
  flex: 1;
  min-height: 48px;
  text-align: left;
  background: none;
  border: 0;
  border-left: 4px solid transparent;
  padding: 0 8px;
  color: var(--ink);
}

.zones .one[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--floor);
}

.named {
  display: grid;
  grid-template-columns: 90px 1fr;
  gap: 8px;
}

.actions {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.parts {
  height: auto;
  flex-wrap: wrap;
}

.small {
  font-size: 14px;
}
</style>
