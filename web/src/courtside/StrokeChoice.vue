<script setup lang="ts">
import { computed, useTemplateRef, type ComponentPublicInstance } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Shot } from '@/shared/api'

/** With which stroke the last shot was hit: as asked, unless somebody says otherwise. */
const props = defineProps<{ shot: Shot | undefined, strokes: string[], closed: boolean }>()
const emit = defineEmits<{ stroke: [shot: string, stroke: string] }>()
const { t } = useI18n()
const said = computed(() => props.shot?.stroke ?? '')
const SLIDES = ['↑', '→', '↓', '←']
/** The first four with the slide that says them. */
const items = computed(() => [
  { value: '', title: t('pattern.asAsked') },
  ...props.strokes.map((value, place) => ({ value, title: [SLIDES[place], value].filter(Boolean).join(' ') })),
])

/** A list that closes has the cursor again: let go, so that keys are the court's. */
const list = useTemplateRef<ComponentPublicInstance>('list')
function letGo() {
  const at = document.activeElement
  if (at instanceof HTMLElement && list.value?.$el.contains(at)) {
    at.blur()
  }
}
/** One object for good: a new one would have the list drawn anew with each shot. */
const menuProps = { onAfterLeave: letGo }
</script>

<template>
  <v-select
    ref="list"
    :model-value="said"
    :label="t('pattern.strokeWas')"
    :items="items"
    :disabled="closed || !shot"
    hide-details
    data-test="stroke"
    :menu-props="menuProps"
    @update:model-value="shot && emit('stroke', shot.id, $event)"
  />
</template>
