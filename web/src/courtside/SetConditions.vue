<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Conditions } from '@/charting/rules'
import type { PlaceVersion, TargetSet } from '@/shared/api'
import OneOf from '@/shared/OneOf.vue'

/** What a set is opened under, asked only where it matters: the place, and what the target's ties name. */
const props = defineProps<{
  target: TargetSet
  conditions: Conditions
  places: PlaceVersion[]
  place: PlaceVersion | undefined
}>()
const emit = defineEmits<{ place: [id: string | undefined], under: [given: Partial<Conditions>] }>()
const { t } = useI18n()
const ties = computed(() => new Set([props.target.inUse.tie, ...props.target.zones.map((zone) => zone.tie)]))
const items = computed(() => [
  { value: '', title: t('place.none') }, ...props.places.map((one) => ({ value: one.id, title: one.name })),
])
const SIDES = ['RIGHT', 'LEFT'] as const
</script>

<template>
  <div class="conditions">
    <v-select
      v-if="places.length"
      :model-value="place?.id ?? ''"
      :label="t('place.here')"
      :items="items"
      hide-details
      @update:model-value="emit('place', $event || undefined)"
    />
    <router-link v-if="place && place.charterSd === undefined" to="/drills/places" class="check">{{ t('places.offer') }}</router-link>
    <OneOf
      v-if="ties.has('SIDE') && !conditions.track?.includes('FROM_')"
      :model-value="conditions.from"
      :label="t('conditions.from')"
      words="conditions.side"
      :values="SIDES"
      @update:model-value="emit('under', { from: $event })"
    />
    <OneOf
      v-if="ties.has('OPPONENT_HAND')"
      :model-value="conditions.opponent"
      :label="t('conditions.opponent')"
      words="players"
      :values="SIDES"
      @update:model-value="emit('under', { opponent: $event })"
    />
  </div>
</template>

<style scoped>
.check {
  color: var(--ink);
}

.conditions {
  display: grid;
  gap: 12px;
  margin-top: 12px;
}
</style>
