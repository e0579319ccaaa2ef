<script setup lang="ts">
import { computed } from 'vue'

/** A run as steps that climb; a short bar marks where earlier attempts broke. */
const props = defineProps<{ wanted: number, now: number, brokeAt: number[] }>()
const MOST = 40
const steps = computed(() => Math.max(1, Math.min(MOST, props.wanted)))
const scale = computed(() => steps.value / Math.max(1, props.wanted))
const reached = computed(() => Math.round(props.now * scale.value))
const broken = computed(() => new Set(props.brokeAt.map((at) => Math.round(at * scale.value))))
</script>

<template>
  <svg class="climb" :viewBox="`0 0 ${steps * 20} 48`" preserveAspectRatio="none" aria-hidden="true">
    <g v-for="step in steps" :key="step">
      <rect
        :class="step <= reached ? 'done' : 'coming'"
        :x="step * 20 - 18"
        :y="42 - 34 * step / steps"
        width="16"
        :height="34 * step / steps"
      />
      <rect
        v-if="broken.has(step)"
        class="broke"
        :x="step * 20 - 18"
        y="44"
        width="16"
        height="4"
      />
    </g>
  </svg>
</template>

<style scoped>
.climb {
  width: 100%;
  height: 48px;
}

.done {
  fill: var(--ink);
}

.coming {
  fill: var(--rule);
}

.broke {
  fill: var(--plum);
}
</style>
