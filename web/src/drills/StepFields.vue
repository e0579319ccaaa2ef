<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Actor, PatternStep, Zone } from '@/shared/api'
import OneOf from '@/shared/OneOf.vue'
import { usePatterns } from '@/shared/patterns'

/** One step of a pattern: who, from where, and what it may be. */
const props = defineProps<{ step: PatternStep, zones: Zone[], strokes: string[] }>()
const emit = defineEmits<{ set: [given: Partial<PatternStep>] }>()
const { t } = useI18n()
const { who } = usePatterns()
const MOST_WAYS = 4
const ACTORS: Actor[] = ['A', 'B', 'C', 'D', 'FEEDER']
const BALLS = ['ANY', 'SHORT', 'DEEP', 'HIGH', 'LOW', 'WIDE'] as const
const places = computed(() => props.zones.map(({ number: value, name: title }) => ({ value, title })))
const anywhere = computed(() => [{ value: 0, title: t('pattern.anywhere') }, ...places.value])
const from = computed(() => [{ value: 0, title: t('pattern.whereItCame') }, ...places.value])

const setWay = (at: number, given: Partial<PatternStep['ways'][number]>) =>
  emit('set', { ways: props.step.ways.map((way, place) => place === at ? { ...way, ...given } : way) })
</script>

<template>
  <div class="step">
    <v-select
      :model-value="step.by"
      :label="t('pattern.who')"
      :items="ACTORS.map((value) => ({ value, title: who(value) }))"
      hide-details
      @update:model-value="emit('set', { by: $event })"
    />
    <v-select
      :model-value="step.from ?? 0"
      :label="t('pattern.from')"
      :items="from"
      hide-details
      @update:model-value="emit('set', { from: $event })"
    />
    <OneOf
      :model-value="step.when ?? 'ANY'"
      :label="t('pattern.whenItIs')"
      words="pattern.incoming"
      :values="BALLS"
      @update:model-value="emit('set', { when: $event })"
    />
    <div v-for="(way, place) in step.ways" :key="place" class="way">
      <v-combobox
        :model-value="way.stroke ?? ''"
        :label="t('pattern.strokeOf')"
        :items="strokes"
        hide-details
        @update:model-value="setWay(place, { stroke: ($event ?? '').toLocaleLowerCase().trim() })"
      />
      <v-select
        :model-value="way.zone ?? 0"
        :label="t('pattern.place')"
        :items="anywhere"
        hide-details
        @update:model-value="setWay(place, { zone: $event })"
      />
      <v-btn
        v-if="step.ways.length > 1"
        :icon="mdiClose"
        variant="text"
        :aria-label="t('pattern.takeOut')"
        @click="emit('set', { ways: step.ways.filter((_, other) => other !== place) })"
      />
    </div>
    <v-btn v-if="step.ways.length < MOST_WAYS" :prepend-icon="mdiPlus" @click="emit('set', { ways: [...step.ways, { stroke: '', zone: 0 }] })">
      {{ t('pattern.or') }}
    </v-btn>
  </div>
</template>

<style scoped>
.step {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 8px;
}

.way {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
}

.step > :last-child {
  grid-column: 1 / -1;
}
</style>
