<script setup lang="ts">
import { mdiRulerSquare } from '@mdi/js'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Conditions } from '@/charting/rules'
import type { Hand, Laid, Lying, PlaceVersion, TargetSet } from '@/shared/api'
import LayingCard from './LayingCard.vue'
import SetConditions from './SetConditions.vue'

/** What is settled before the first ball: how the target is laid, and under what the set is held. */
const props = defineProps<{
  target: TargetSet
  hand: Hand
  lying: Lying | undefined
  lay: (laid: Laid[]) => string
  conditions: Conditions
  places: PlaceVersion[]
  place: PlaceVersion | undefined
}>()
const emit = defineEmits<{ place: [id: string | undefined], under: [given: Partial<Conditions>] }>()
const { t } = useI18n()
const laying = ref(false)
const canBeLaid = computed(() => props.lying?.stages.some((stage) => stage.zones.some((zone) => zone.cards.length > 0)))
</script>

<template>
  <v-btn v-if="canBeLaid" class="lay" :prepend-icon="mdiRulerSquare" @click="laying = true">{{ t('laying.open') }}</v-btn>
  <LayingCard
    v-if="lying"
    v-model="laying"
    :lying="lying"
    :hand="hand"
    :measures="place?.measures ?? []"
    :lay="lay"
  />
  <SetConditions
    :target="target"
    :conditions="conditions"
    :places="places"
    :place="place"
    @place="emit('place', $event)"
    @under="emit('under', $event)"
  />
</template>
