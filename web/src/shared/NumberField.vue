<script setup lang="ts">
import { ref, watch } from 'vue'

/** A whole number, taken once it has been typed, and kept within what is allowed; none is shown as nothing. */
const value = defineModel<number>({ required: true })
const props = defineProps<{ label: string, least: number, most: number }>()

const shown = () => String(value.value || '')
const typed = ref(shown())
watch(value, () => (typed.value = shown()))

function take() {
  const given = Math.round(Number(typed.value)) || props.least
  value.value = Math.min(props.most, Math.max(props.least, given))
  typed.value = shown()
}
</script>

<template>
  <v-text-field
    v-model="typed"
    type="number"
    :min="least"
    :max="most"
    :label="label"
    hide-details
    @change="take"
  />
</template>
