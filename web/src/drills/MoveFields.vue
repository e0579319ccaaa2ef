<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { DraftLevel } from '@/shared/api'
import CountField from './CountField.vue'

/** What moves a player up and down, and whose calls that takes. */
type Advance = DraftLevel['advance']
type Retreat = DraftLevel['retreat']
const props = defineProps<{ at: string, level: DraftLevel }>()
const emit = defineEmits<{ set: [given: Partial<DraftLevel>] }>()
const { t } = useI18n()

const EVIDENCE = { confidence: 0.8, leastTrials: 20, halfLife: 36 }
const UPS: Record<string, Advance> = {
  ball_by_ball: { rule: 'ball_by_ball', gap: 0.12, up: 2.2, down: 3 },
  learners: { rule: 'learners', gap: 0.12, up: 4.5 },
  one_met: { rule: 'one_met' },
  met_in_last: { rule: 'met_in_last', times: 2, sets: 3, each: 'SET' },
  evidence: { rule: 'evidence', ...EVIDENCE },
  sequential: { rule: 'sequential', notReady: 0.5, ready: 0.7, wrongUp: 0.1, wrongDown: 0.1 },
  coach: { rule: 'coach' },
}
const DOWNS: Record<string, Retreat> = {
  stay: { rule: 'stay' },
  after_unmet: { rule: 'after_unmet', sets: 3, to: 'ONE_LEVEL' },
  evidence: { rule: 'evidence', ...EVIDENCE },
}
const CALLERS: DraftLevel['accepts'] = ['COACH', 'ASSISTANT', 'WAITING_PLAYER', 'HITTER']
const upItems = Object.keys(UPS).map((value) => ({ value, title: t(`drillEdit.up.${value}`) }))
const downItems = Object.keys(DOWNS).map((value) => ({ value, title: t(`drillEdit.down.${value}`) }))
const eachItems = (['SET', 'DAY'] as const).map((value) => ({ value, title: t(`drillEdit.each.${value}`) }))
const backItems = (['ONE_LEVEL', 'THE_START'] as const).map((value) => ({ value, title: t(`drillEdit.back.${value}`) }))
const callerItems = CALLERS.map((value) => ({ value, title: t(`caller.${value}`) }))

/** Shares are typed as percentages. */
const UP_FIELDS: Record<string, { name: keyof Advance, share?: boolean }[]> = {
  met_in_last: [{ name: 'times' }, { name: 'sets' }],
  evidence: [{ name: 'confidence', share: true }, { name: 'leastTrials' }, { name: 'halfLife' }],
  ball_by_ball: [{ name: 'gap', share: true }, { name: 'up' }, { name: 'down' }],
  learners: [{ name: 'gap', share: true }, { name: 'up' }],
  sequential: [
    { name: 'notReady', share: true }, { name: 'ready', share: true }, { name: 'wrongUp', share: true }, { name: 'wrongDown', share: true },
  ],
}
const upFields = computed(() => UP_FIELDS[props.level.advance.rule] ?? [])
const shown = (value: unknown, share?: boolean) => share ? Math.round(Number(value) * 1000) / 10 : Number(value)
const read = (value: number, share?: boolean) => share ? value / 100 : value

const setUp = (given: Partial<Advance>) => emit('set', { advance: { ...props.level.advance, ...given } })
const setDown = (given: Partial<Retreat>) => emit('set', { retreat: { ...props.level.retreat, ...given } })
</script>

<template>
  <div class="fields">
    <v-select
      :model-value="level.advance.rule"
      :label="t('drillEdit.advance')"
      :items="upItems"
      hide-details
      @update:model-value="emit('set', { advance: UPS[$event]! })"
    />
    <div v-if="upFields.length" class="row">
      <CountField
        v-for="{ name, share } in upFields"
        :key="name"
        :label="t(`drillEdit.rule.${name}`)"
        :at="`${at}.advance.${name}`"
        :model-value="shown(level.advance[name], share)"
        @update:model-value="setUp({ [name]: read($event ?? 0, share) })"
      />
      <v-select
        v-if="level.advance.rule === 'met_in_last'"
        :model-value="level.advance.each"
        :label="t('drillEdit.eachLabel')"
        :items="eachItems"
        hide-details
        @update:model-value="setUp({ each: $event })"
      />
    </div>
    <v-select
      :model-value="level.retreat.rule"
      :label="t('drillEdit.retreat')"
      :items="downItems"
      hide-details
      @update:model-value="emit('set', { retreat: DOWNS[$event]! })"
    />
    <div v-if="level.retreat.rule === 'after_unmet'" class="row">
      <CountField
        :label="t('drillEdit.rule.unmet')"
        :at="`${at}.retreat.sets`"
        :model-value="level.retreat.sets"
        @update:model-value="setDown({ sets: $event ?? 3 })"
      />
      <v-select
        :model-value="level.retreat.to"
        :label="t('drillEdit.backLabel')"
        :items="backItems"
        hide-details
        @update:model-value="setDown({ to: $event })"
      />
    </div>
    <v-select
      :model-value="level.accepts"
      :label="t('drillEdit.accepts')"
      :items="callerItems"
      multiple
      hide-details
      @update:model-value="$event.length && emit('set', { accepts: $event })"
    />
  </div>
</template>
