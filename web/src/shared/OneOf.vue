<script setup lang="ts" generic="T extends string">
import { useI18n } from 'vue-i18n'

/** One of a few, each by its word. */
defineProps<{ label: string, words: string, values: readonly T[] }>()
const value = defineModel<T>({ required: true })
const { t } = useI18n()
</script>

<template>
  <v-select
    :model-value="value"
    :label="label"
    :items="values.map((one) => ({ value: one, title: t(`${words}.${one}`) }))"
    hide-details
    @update:model-value="value = $event as T"
  />
</template>
