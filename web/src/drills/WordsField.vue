<script setup lang="ts">
import { computed } from 'vue'
import { useFieldProblem } from './useDrillDraft'

/** Words of a drill; what the rules refuse is said beneath them. */
const props = defineProps<{ label: string, at: string, longest?: number }>()
const value = defineModel<string>({ required: true })
const problemOf = useFieldProblem()
const problem = computed(() => problemOf(props.at, props.label))
</script>

<template>
  <v-text-field
    v-model="value"
    :label="label"
    :maxlength="longest ?? 120"
    :error-messages="problem"
    hide-details="auto"
  />
</template>
