<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Design, DraftDrill } from '@/shared/api'
import CountField from './CountField.vue'
import WordsField from './WordsField.vue'
import OneOf from '@/shared/OneOf.vue'

/** How a drill is meant and run, apart from its rungs. */
const props = defineProps<{ drill: DraftDrill, others: { family: string, name: string }[] }>()
const emit = defineEmits<{ set: [given: Partial<DraftDrill>] }>()
const { t } = useI18n()
const design = computed(() => props.drill.design)
const set = (given: Partial<Design>) => emit('set', { design: { ...design.value, ...given } })
const setSetting = (given: Partial<Design['setting']>) => set({ setting: { ...design.value.setting, ...given } })
const items = <T extends string>(prefix: string, values: readonly T[]) => values.map((value) => ({ value, title: t(`${prefix}.${value}`) }))
const FREEDOMS = ['FED', 'FIXED', 'RANDOM', 'SEMI_OPEN', 'GAME', 'MATCH'] as const
const UNITS = ['BALL', 'PAIR', 'COMBINATION', 'PASS', 'CONTACT', 'RALLY'] as const
const FIRST_MISSES = ['USES_UP_A_TRY', 'IS_PLAYED_AGAIN'] as const
const several = computed(() => ['PAIR', 'COMBINATION'].includes(design.value.unit.kind))
const otherItems = computed(() => props.others.map(({ family: value, name: title }) => ({ value, title })))
const required = computed(() => design.value.requires[0])

function setUnit(kind: Design['unit']['kind']) {
  set({ unit: { kind, balls: kind === 'PAIR' ? 2 : kind === 'COMBINATION' ? 3 : 1, firstMiss: 'USES_UP_A_TRY' } })
}

function setBelow(below: string) {
  emit('set', { design: { ...design.value, below: below || undefined } as Design })
}

const setRequired = (family: string, level: number) => set({ requires: family === '' ? [] : [{ family, level }, ...design.value.requires.slice(1)] })
</script>

<template>
  <div class="fields">
    <h2>{{ t('drillEdit.meant') }}</h2>
    <WordsField
      :model-value="drill.name"
      :label="t('drillEdit.name')"
      at="name"
      :longest="80"
      @update:model-value="emit('set', { name: $event })"
    />
    <WordsField
      :model-value="drill.feed"
      :label="t('drillEdit.feed')"
      at="feed"
      :longest="200"
      @update:model-value="emit('set', { feed: $event })"
    />
    <OneOf
      :model-value="drill.freedom"
      :label="t('drillEdit.freedom')"
      words="freedom"
      :values="FREEDOMS"
      @update:model-value="emit('set', { freedom: $event })"
    />
    <v-combobox
      :model-value="design.purposes"
      :label="t('drillEdit.purposes')"
      variant="outlined"
      density="comfortable"
      multiple
      chips
      closable-chips
      hide-details
      @update:model-value="set({ purposes: $event.slice(0, 6) })"
    />
    <WordsField
      v-for="name in (['situation', 'watchPoint'] as const)"
      :key="name"
      :model-value="design[name]"
      :label="t(`drillEdit.${name}`)"
      :at="`design.${name}`"
      @update:model-value="set({ [name]: $event })"
    />
    <div class="row">
      <CountField
        :label="t('drillEdit.least')"
        at="design.group.least"
        :model-value="design.players.least"
        @update:model-value="set({ players: { ...design.players, least: $event ?? 1 } })"
      />
      <CountField
        :label="t('drillEdit.most')"
        at="design.group.most"
        :model-value="design.players.most"
        @update:model-value="set({ players: { ...design.players, most: $event ?? 1 } })"
      />
      <CountField
        :label="t('drillEdit.minutes')"
        at="design.minutes"
        :model-value="design.minutes"
        @update:model-value="set({ minutes: $event ?? 10 })"
      />
    </div>
    <details>
      <summary>{{ t('drillEdit.running') }}</summary>
      <OneOf
        :model-value="design.unit.kind"
        :label="t('drillEdit.unit')"
        words="drillEdit.units"
        :values="UNITS"
        @update:model-value="setUnit"
      />
      <div v-if="several" class="row">
        <CountField
          v-if="design.unit.kind === 'COMBINATION'"
          :label="t('drillEdit.count.balls')"
          at="design.unit.balls"
          :model-value="design.unit.balls"
          @update:model-value="set({ unit: { ...design.unit, balls: $event ?? 2 } })"
        />
        <OneOf
          :model-value="design.unit.firstMiss"
          :label="t('drillEdit.firstMiss')"
          words="drillEdit.firstMisses"
          :values="FIRST_MISSES"
          @update:model-value="set({ unit: { ...design.unit, firstMiss: $event } })"
        />
      </div>
      <OneOf
        :model-value="design.order"
        :label="t('drillEdit.order')"
        words="drillEdit.orders"
        :values="['BLOCKED', 'MIXED']"
        @update:model-value="set({ order: $event })"
      />
      <v-switch
        :model-value="design.rangeFinding === 'UNTIL_THE_COACH_SAYS'"
        :label="t('drillEdit.rangeFinding')"
        @update:model-value="set({ rangeFinding: $event ? 'UNTIL_THE_COACH_SAYS' : 'NONE' })"
      />
      <v-select
        :model-value="design.apart"
        :label="t('drillEdit.apart')"
        :items="items('drillEdit.aparts', ['WING', 'HAND', 'SIDE'] as const)"
        multiple
        hide-details
        @update:model-value="set({ apart: $event })"
      />
      <WordsField
        v-for="name in (['feeder', 'partnerMay', 'ball', 'obstruction'] as const)"
        :key="name"
        :model-value="design.setting[name]"
        :label="t(`drillEdit.setting.${name}`)"
        :at="`design.${name}`"
        @update:model-value="setSetting({ [name]: $event })"
      />
      <div class="row">
        <v-autocomplete
          :model-value="required?.family ?? ''"
          :label="t('drillEdit.requires')"
          :items="[{ value: '', title: t('drillEdit.nothing') }, ...otherItems]"
          hide-details
          @update:model-value="setRequired($event ?? '', required?.level ?? 1)"
        />
        <CountField
          v-if="required"
          :label="t('drillEdit.requiresLevel')"
          at="design.requires.0.level"
          :model-value="required.level"
          @update:model-value="setRequired(required.family, $event ?? 1)"
        />
      </div>
      <v-autocomplete
        :model-value="design.below ?? ''"
        :label="t('drillEdit.below')"
        :items="[{ value: '', title: t('drillEdit.nothing') }, ...otherItems]"
        hide-details
        @update:model-value="setBelow($event ?? '')"
      />
    </details>
  </div>
</template>
