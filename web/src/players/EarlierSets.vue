<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** That there are more sets than are shown, and the way to them. */
defineProps<{ count: number, reading: boolean, failed: boolean }>()
defineEmits<{ ask: [] }>()
const { t } = useI18n()
</script>

<template>
  <div v-if="count > 0" class="earlier">
    <v-btn :loading="reading" @click="$emit('ask')">{{ t('player.earlier', { count }, count) }}</v-btn>
    <p v-if="failed" role="alert">{{ t('state.failed') }}</p>
  </div>
</template>

<style scoped>
.earlier {
  display: grid;
  justify-items: start;
  gap: 8px;
  margin-top: 12px;
}
</style>
