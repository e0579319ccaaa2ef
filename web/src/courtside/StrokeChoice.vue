<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PatternStep, Shot } from '@/shared/api'

/** With which stroke the last shot was hit: as asked, unless somebody says otherwise. */
const props = defineProps<{ shot: Shot | undefined, step: PatternStep | undefined, strokes: string[], closed: boolean }>()
const emit = defineEmits<{ stroke: [shot: string, stroke: string] }>()
const { t } = useI18n()
const said = computed(() => props.shot?.stroke ?? '')
const offered = computed(() => {
  const asked = (props.step?.ways ?? []).map((way) => way.stroke ?? '').filter((stroke) => stroke !== '')
  return [...new Set([...asked, ...props.strokes, ...said.value ? [said.value] : []])]
})
</script>

<template>
  <v-select
    :model-value="said"
    :label="t('pattern.strokeWas')"
    :items="[{ value: '', title: t('pattern.asAsked') }, ...offered.map((stroke) => ({ value: stroke, title: stroke }))]"
    :disabled="closed || !shot"
    hide-details
    data-test="stroke"
    @update:model-value="shot && emit('stroke', shot.id, $event)"
  />
</template>
