<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Pattern } from '@/shared/api'
import OneOf from '@/shared/OneOf.vue'

/** How a pattern runs: what comes again, what follows it, and what a break does. */
const props = defineProps<{ pattern: Pattern }>()
const emit = defineEmits<{ set: [given: Partial<Pattern>] }>()
const { t } = useI18n()
const THEN = ['STOP', 'AGAIN', 'PLAY'] as const
const AFTER = ['START_AGAIN', 'GO_ON', 'STEP_BACK'] as const
const MISS = ['POINT_LOST', 'REPLAYED', 'SECOND_TRY'] as const
const repeats = computed(() => props.pattern.repeats ?? [])
const free = computed(() => (repeats.value.at(-1)?.last ?? -1) + 1)
const numbers = computed(() => props.pattern.steps.map((_, place) => ({ value: place, title: String(place + 1) })))

type Repeat = NonNullable<Pattern['repeats']>[number]
const setRepeat = (at: number, given: Partial<Repeat>) =>
  emit('set', { repeats: repeats.value.map((one, place) => place === at ? { ...one, ...given } : one) })
const times = (at: number, given: string) => Number(given) > 0 && setRepeat(at, { times: Math.trunc(Number(given)) })
</script>

<template>
  <div class="run">
    <OneOf
      :model-value="pattern.then ?? 'STOP'"
      :label="t('pattern.then.label')"
      words="pattern.then"
      :values="THEN"
      @update:model-value="emit('set', { then: $event })"
    />
    <OneOf
      :model-value="pattern.afterBreak ?? 'START_AGAIN'"
      :label="t('pattern.afterBreak.label')"
      words="pattern.afterBreak"
      :values="AFTER"
      @update:model-value="emit('set', { afterBreak: $event })"
    />
    <OneOf
      v-if="pattern.then === 'PLAY'"
      :model-value="pattern.openingMiss ?? 'POINT_LOST'"
      :label="t('pattern.openingMiss.label')"
      words="pattern.openingMiss"
      :values="MISS"
      @update:model-value="emit('set', { openingMiss: $event })"
    />
    <div v-for="(one, place) in repeats" :key="place" class="repeat">
      <v-select
        :model-value="one.first"
        :label="t('pattern.repeat.first')"
        :items="numbers"
        hide-details
        @update:model-value="setRepeat(place, { first: $event })"
      />
      <v-select
        :model-value="one.last"
        :label="t('pattern.repeat.last')"
        :items="numbers"
        hide-details
        @update:model-value="setRepeat(place, { last: $event })"
      />
      <v-text-field
        :model-value="one.times"
        type="number"
        min="2"
        max="50"
        :label="t('pattern.repeat.times')"
        hide-details
        @update:model-value="times(place, $event)"
      />
      <v-btn
        :icon="mdiClose"
        variant="text"
        :aria-label="t('pattern.takeOut')"
        @click="emit('set', { repeats: repeats.filter((_, other) => other !== place) })"
      />
      <v-checkbox
        :model-value="one.orFewer ?? false"
        :label="t('pattern.repeat.orFewer')"
        hide-details
        @update:model-value="setRepeat(place, { orFewer: !!$event })"
      />
    </div>
    <v-btn
      v-if="free < pattern.steps.length"
      :prepend-icon="mdiPlus"
      @click="emit('set', { repeats: [...repeats, { first: free, last: pattern.steps.length - 1, times: 2 }] })"
    >
      {{ t('pattern.repeat.add') }}
    </v-btn>
  </div>
</template>

<style scoped>
.run {
  display: grid;
  gap: 8px;
}

.repeat {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr auto;
  gap: 4px 8px;
}

.repeat > :last-child {
  grid-column: 1 / -1;
}
</style>
