<script setup lang="ts">
import type { Stage, Surface } from '@/shared/api'
import CourtDrawing from './CourtDrawing.vue'

/** What is laid on a surface, small and only to be seen, as on a shelf. */
defineProps<{ surface: Surface, stage: Pick<Stage, 'inUse' | 'zones'> }>()
</script>

<template>
  <CourtDrawing
    :surface="surface"
    :in-use="stage.inUse"
    :zones="stage.zones"
    standpoint="BEHIND"
    :marks="[]"
    label=""
  />
</template>
