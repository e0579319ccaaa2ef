<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { DraftLevel, TargetSet } from '@/shared/api'
import OneOf from '@/shared/OneOf.vue'
import CountField from './CountField.vue'
import GoalFields from './GoalFields.vue'
import MoveFields from './MoveFields.vue'
import WordsField from './WordsField.vue'

/** One rung: its target, its goal, its dials, and what moves a player on. */
const props = defineProps<{ level: DraftLevel, targets: TargetSet[] }>()
const emit = defineEmits<{ set: [given: Partial<DraftLevel>] }>()
const { t } = useI18n()
const at = computed(() => `levels.${props.level.number - 1}`)
const zones = computed(() => props.level.target.zones)
const rings = computed(() => zones.value[0]?.asks.rings?.length ?? 0)
const ringItems = computed(() => [
  { value: 0, title: t('editor.outermost') },
  ...Array.from({ length: rings.value }, (_, index) => ({ value: index + 1, title: String(index + 1) })),
])
/** What a level has may be a size of its own that is on no shelf. */
const OWN = ''
const onShelf = computed(() => props.targets.find((one) => JSON.stringify(one) === JSON.stringify(props.level.target)))
const targetItems = computed(() => [
  ...onShelf.value ? [] : [{ value: OWN, title: t('drillEdit.ownTarget', { name: props.level.target.name }) }],
  ...props.targets.map(({ id: value, name: title }) => ({ value, title })),
])
const FREEDOMS = ['FED', 'FIXED', 'RANDOM', 'SEMI_OPEN', 'GAME', 'MATCH'] as const
const freedomItems = [{ value: '', title: t('drillEdit.asTheDrill') }, ...FREEDOMS.map((value) => ({ value, title: t(`freedom.${value}`) }))]

type Dials = DraftLevel['dials']
function setDials(given: { [name in keyof Dials]?: Dials[name] | undefined }) {
  emit('set', { dials: { ...props.level.dials, ...given } as Dials })
}

function setTarget(id: string) {
  const target = props.targets.find((one) => one.id === id)
  if (target) {
    emit('set', { target, ring: 0 })
  }
}

const percent = computed(() => props.level.coachTarget === undefined ? undefined : Math.round(props.level.coachTarget * 1000) / 10)
</script>

<template>
  <div class="fields">
    <h2>{{ t('drillEdit.level', { level: level.number }) }}</h2>
    <v-select
      :model-value="onShelf?.id ?? OWN"
      :label="t('drillEdit.target')"
      :items="targetItems"
      hide-details
      @update:model-value="setTarget"
    />
    <v-select
      v-if="rings > 0"
      :model-value="level.ring"
      :label="t('editor.ringThatCounts')"
      :items="ringItems"
      hide-details
      @update:model-value="emit('set', { ring: $event })"
    />
    <GoalFields :model-value="level.goal" :at="`${at}.goal`" :zones="zones" @update:model-value="emit('set', { goal: $event })" />
    <div class="row">
      <CountField
        :label="t('drillEdit.tries')"
        :at="`${at}.tries`"
        :model-value="level.tries"
        @update:model-value="emit('set', { tries: $event ?? 3 })"
      />
      <CountField
        :label="t('drillEdit.coachTarget')"
        :at="`${at}.coachTarget`"
        optional
        :model-value="percent"
        @update:model-value="emit('set', { coachTarget: $event === undefined ? undefined : $event / 100 } as Partial<DraftLevel>)"
      />
    </div>
    <MoveFields :level="level" :at="at" @set="emit('set', $event)" />
    <details>
      <summary>{{ t('drillEdit.dials') }}</summary>
      <div class="row">
        <CountField
          :label="t('drillEdit.distance')"
          :at="`${at}.dials.distance`"
          optional
          step="0.1"
          :model-value="level.dials.distance"
          @update:model-value="setDials({ distance: $event })"
        />
        <CountField
          :label="t('drillEdit.pace')"
          :at="`${at}.dials.secondsABall`"
          optional
          step="0.1"
          :model-value="level.dials.secondsABall"
          @update:model-value="setDials({ secondsABall: $event })"
        />
        <CountField
          :label="t('drillEdit.contacts')"
          :at="`${at}.dials.contacts`"
          optional
          :model-value="level.dials.contacts || undefined"
          @update:model-value="setDials({ contacts: $event ?? 0 })"
        />
      </div>
      <WordsField
        :model-value="level.dials.feed"
        :label="t('drillEdit.levelFeed')"
        :at="`${at}.dials.feed`"
        @update:model-value="setDials({ feed: $event })"
      />
      <v-select
        :model-value="level.dials.freedom ?? ''"
        :label="t('drillEdit.freedom')"
        :items="freedomItems"
        hide-details
        @update:model-value="setDials({ freedom: $event === '' ? undefined : $event as Dials['freedom'] })"
      />
      <OneOf
        :model-value="level.dials.hitting"
        :label="t('drillEdit.hitting')"
        words="drillEdit.hand"
        :values="['STRONGER_HAND', 'WEAKER_HAND']"
        @update:model-value="setDials({ hitting: $event })"
      />
    </details>
  </div>
</template>
