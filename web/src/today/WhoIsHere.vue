<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Player } from '@/shared/api'
import { usePresent } from '@/shared/present'

/** Ticks who is here today; only they show. */
const props = defineProps<{ players: Player[], day: string }>()
const { t } = useI18n()
const { isHere, toggle } = usePresent(() => props.day)
</script>

<template>
  <div class="here" role="group" :aria-label="t('today.here')">
    <button
      v-for="one in players"
      :key="one.id"
      type="button"
      :aria-pressed="isHere(one.id)"
      @click="toggle(one.id)"
    >
      {{ one.name.split(' ')[0] }}
    </button>
  </div>
</template>

<style scoped>
.here {
  display: flex;
  gap: 8px;
  margin-top: 16px;
  overflow-x: auto;
}

button {
  flex: none;
  min-height: 48px;
  padding: 0 16px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: none;
  color: var(--ink-soft);
}

button[aria-pressed='true'] {
  border: 2px solid var(--steel);
  color: var(--ink);
  font-weight: 650;
}
</style>
