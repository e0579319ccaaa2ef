<script setup lang="ts">
import { computed } from 'vue'
import { useFieldProblem } from './useDrillDraft'

/** A number of a drill. What is optional may be left empty; what the rules refuse is said beneath it. */
const props = defineProps<{ label: string, at: string, optional?: boolean, step?: number | string }>()
const value = defineModel<number | undefined>({ required: true })
const problemOf = useFieldProblem()
const problem = computed(() => problemOf(props.at, props.label))

function take(given: string) {
  const number = Number(given.replace(',', '.'))
  if (given.trim() === '' || Number.isNaN(number)) {
    value.value = props.optional ? undefined : value.value
  } else {
    value.value = number
  }
}
</script>

<template>
  <v-text-field
    :model-value="value ?? ''"
    :label="label"
    type="number"
    inputmode="decimal"
    :step="step ?? 1"
    :error-messages="problem"
    hide-details="auto"
    @update:model-value="take"
  />
</template>
