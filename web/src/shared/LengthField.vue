<script setup lang="ts">
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Measure } from './api'
import { useLengths } from './useLengths'

/** A length typed as people say it. A place may lie on the other side of its line: then it is written with a minus. */
const props = defineProps<{ label: string, measures?: Measure[], signed?: boolean, problem?: string | undefined }>()
const metres = defineModel<number>({ required: true })
const { t } = useI18n()
const { say, read } = useLengths(() => props.measures ?? [])
const text = ref('')
const refused = ref('')
const SMALLEST = 0.0005

function written(): string {
  if (props.signed && Math.abs(metres.value) < SMALLEST) {
    return '0'
  }
  return `${metres.value < 0 ? '-' : ''}${say(Math.abs(metres.value))}`
}

watch([metres, () => say(1)], () => {
  text.value = written()
  refused.value = ''
}, { immediate: true })

function take() {
  const given = text.value.trim().replace('−', '-')
  const negative = props.signed && given.startsWith('-')
  if (props.signed && /^-?0$/.test(given)) {
    metres.value = 0
    return
  }
  const seen = given === written() ? undefined : read(negative ? given.slice(1).trim() : given)
  if (seen && 'problem' in seen) {
    refused.value = t(`problem.${seen.problem.code}`, { ...seen.problem, field: props.label })
  } else if (seen) {
    refused.value = ''
    metres.value = negative ? -seen.metres : seen.metres
  }
}
</script>

<template>
  <v-text-field
    v-model="text"
    :label="label"
    :error-messages="refused || problem || ''"
    hide-details="auto"
    maxlength="60"
    @change="take"
    @keydown.enter="take"
  />
</template>
