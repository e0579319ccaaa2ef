<script setup lang="ts">
import type { Player } from './api'

/** Some of the club, each by one touch. */
defineProps<{ label: string, heading: string, players: Player[], chosen: string[] }>()
const emit = defineEmits<{ toggle: [player: string] }>()
</script>

<template>
  <div class="who" role="group" :aria-label="label">
    <h2>{{ heading }}</h2>
    <button
      v-for="player in players"
      :key="player.id"
      type="button"
      :aria-pressed="chosen.includes(player.id)"
      @click="emit('toggle', player.id)"
    >
      {{ player.name }}
    </button>
  </div>
</template>

<style scoped>
.who {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

h2 {
  width: 100%;
}

button {
  min-height: 56px;
  padding: 8px 16px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
}

button[aria-pressed='true'] {
  border: 3px solid var(--ink);
}
</style>
