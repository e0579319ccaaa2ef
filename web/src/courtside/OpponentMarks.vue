<script setup lang="ts">
import type { Stance } from '@/shared/api'

/** Where the opponents stand, on the court. */
defineProps<{ stance: Stance | undefined }>()
</script>

<template>
  <circle
    v-for="(opponent, place) in stance?.opponents"
    :key="place"
    class="opponent"
    :cx="opponent.x"
    :cy="opponent.y"
    r="0.2"
  />
</template>

<style scoped>
.opponent {
  fill: var(--steel);
  stroke: var(--sheet);
  stroke-width: 3px;
  vector-effect: non-scaling-stroke;
}
</style>
