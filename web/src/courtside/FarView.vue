<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { useI18n } from 'vue-i18n'

/** The count and what is wanted, to be read from across the hall; keys go on charting behind it. */
defineProps<{ name: string, counted: string, wanted: string, call: string }>()
const emit = defineEmits<{ leave: [] }>()
const { t } = useI18n()
</script>

<template>
  <section class="far" :aria-label="t('ways.FAR')">
    <p class="name">{{ name }}</p>
    <p v-if="call" class="call">{{ call }}</p>
    <p class="number" data-test="far-count">{{ counted }}</p>
    <p v-if="wanted" class="number goal">{{ wanted }}</p>
    <v-btn class="leave" :icon="mdiClose" :aria-label="t('ways.leave')" @click="emit('leave')" />
  </section>
</template>

<style scoped>
.far {
  position: fixed;
  inset: 0;
  z-index: 1500;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  align-content: center;
  justify-content: center;
  gap: 0 48px;
  background: var(--sheet);
  color: var(--ink);
}

.name {
  position: absolute;
  top: 16px;
  left: 24px;
  font-size: 32px;
  font-weight: 650;
}

.call {
  position: absolute;
  inset: auto 0 0;
  padding: 16px 24px;
  font-size: max(48px, 12vh);
  font-weight: 650;
  line-height: 1.1;
  text-align: center;
  background: var(--ink);
  color: var(--paper);
}

.number {
  font-family: var(--counts);
  font-size: max(300px, 46vh);
  line-height: 0.9;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}

.goal {
  color: var(--ink-soft);
}

.leave {
  position: absolute;
  top: 8px;
  right: 8px;
  width: 64px;
  height: 64px;
  border-radius: 6px;
}

@media (orientation: portrait) {
  .number {
    width: 100%;
    text-align: center;
  }
}
</style>
