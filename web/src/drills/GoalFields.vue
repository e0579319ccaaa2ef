<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Goal } from '@/shared/api'
import CountField from './CountField.vue'
import { GOAL_FORMS, GOAL_KINDS, type GoalKind } from './goalKinds'
import StationFields from './StationFields.vue'
import WordsField from './WordsField.vue'
import OneOf from '@/shared/OneOf.vue'

/** What a set asks for, and what a miss does. */
const props = defineProps<{ at: string, zones: { number: number, name: string }[] }>()
const goal = defineModel<Goal>({ required: true })
const { t } = useI18n()
const form = computed(() => GOAL_FORMS[goal.value.kind])
const kinds = GOAL_KINDS.map((value) => ({ value, title: t(`goalKind.${value}`) }))
const misses = computed(() => (form.value.misses ?? []).map((value) => ({ value, title: t(`missRule.${value}`) })))
const path = (field: string) => `${props.at}.${field}`

const set = (given: Partial<Goal>) => {
  goal.value = { ...goal.value, ...given }
}

function setKind(kind: GoalKind) {
  goal.value = GOAL_FORMS[kind].fresh
}

/** What is left empty has no limit, which is not 0. */
function setCount(field: keyof Goal, count: number | undefined) {
  goal.value = Object.fromEntries(Object.entries({ ...goal.value, [field]: count }).filter(([, one]) => one !== undefined)) as Goal
}

function setMiss(given: Partial<NonNullable<Goal['misses']>>) {
  set({ misses: { does: 'COUNT_ON', tries: 0, owes: 0, ...goal.value.misses, ...given } })
}

const setWay = (place: number, words: string) => set({ ways: (goal.value.ways ?? []).map((way, index) => index === place ? words : way) })
const setHeadStart = (place: number, points: number) =>
  set({ headStarts: (goal.value.headStarts ?? []).map((one, index) => index === place ? points : one) })
</script>

<template>
  <div class="fields">
    <v-select
      :model-value="goal.kind"
      :label="t('drillEdit.goal')"
      :items="kinds"
      hide-details
      @update:model-value="setKind"
    />
    <div class="row">
      <CountField
        v-for="field in form.counts"
        :key="field"
        :label="t(`drillEdit.count.${field}`)"
        :at="path(field)"
        :optional="form.optional?.includes(field) ?? false"
        :model-value="goal[field]"
        @update:model-value="setCount(field, $event)"
      />
    </div>
    <StationFields
      v-if="goal.stations"
      :at="at"
      :goal="goal"
      :zones="zones"
      @stations="set({ stations: $event })"
    />
    <OneOf
      v-if="goal.measure"
      :model-value="goal.measure"
      :label="t('drillEdit.measure')"
      words="goal.measure"
      :values="['HITS', 'RUN']"
      @update:model-value="set({ measure: $event })"
    />
    <OneOf
      v-if="goal.tie"
      :model-value="goal.tie"
      :label="t('drillEdit.tie')"
      words="drillEdit.ties"
      :values="['FIRST', 'EQUAL_TURNS']"
      @update:model-value="set({ tie: $event })"
    />
    <OneOf
      v-if="goal.signal"
      :model-value="goal.signal"
      :label="t('drillEdit.signal')"
      words="drillEdit.signals"
      :values="['COUNTS', 'TOO_LATE']"
      @update:model-value="set({ signal: $event })"
    />
    <template v-if="goal.kind === 'RALLY'">
      <OneOf
        :model-value="goal.counts ?? 'ALL'"
        :label="t('rallies.counts.label')"
        words="rallies.counts"
        :values="['ALL', 'OWN', 'AFTER_THE_SERVE']"
        @update:model-value="set({ counts: $event })"
      />
      <OneOf
        :model-value="goal.partnerMiss ?? 'ENDS_IT'"
        :label="t('rallies.partnerMiss.label')"
        words="rallies.partnerMiss"
        :values="['ENDS_IT', 'VOIDS_IT', 'RESUMES']"
        @update:model-value="set({ partnerMiss: $event })"
      />
    </template>
    <div v-if="goal.headStarts" class="row">
      <CountField
        v-for="(points, place) in goal.headStarts"
        :key="place"
        :label="t('drillEdit.headStart', { side: place + 1 })"
        :at="path('headStarts')"
        :model-value="points"
        @update:model-value="setHeadStart(place, $event ?? 0)"
      />
    </div>
    <template v-if="goal.kind === 'MEASURED'">
      <WordsField
        :model-value="goal.what ?? ''"
        :label="t('drillEdit.what')"
        :at="path('what')"
        :longest="60"
        @update:model-value="set({ what: $event })"
      />
      <OneOf
        :model-value="goal.better ?? 'MORE'"
        :label="t('drillEdit.better')"
        words="drillEdit.betters"
        :values="['MORE', 'LESS']"
        @update:model-value="set({ better: $event })"
      />
    </template>
    <WordsField
      v-for="(way, place) in goal.ways ?? []"
      :key="place"
      :model-value="way"
      :label="t('drillEdit.way', { number: place + 1 })"
      :at="path(place === 0 ? 'one' : 'other')"
      :longest="60"
      @update:model-value="setWay(place, $event)"
    />
    <v-select
      v-if="misses.length > 1"
      :model-value="goal.misses?.does"
      :label="t('drillEdit.miss')"
      :items="misses"
      hide-details
      @update:model-value="setMiss({ does: $event, tries: 0 })"
    />
    <p v-else-if="misses[0]" class="soft small">{{ misses[0].title }}.</p>
    <div v-if="goal.misses" class="row">
      <CountField
        v-if="goal.misses.does !== 'COUNT_ON'"
        :label="t('drillEdit.attempts')"
        :at="path('misses.tries')"
        optional
        :model-value="goal.misses.tries || undefined"
        @update:model-value="setMiss({ tries: $event ?? 0 })"
      />
      <CountField
        :label="t('drillEdit.owes')"
        :at="path('misses.owes')"
        optional
        :model-value="goal.misses.owes || undefined"
        @update:model-value="setMiss({ owes: $event ?? 0 })"
      />
    </div>
  </div>
</template>
