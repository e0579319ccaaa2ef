<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import PlainState from './PlainState.vue'
import { asDay } from './format'

/** The states of a view for reading: failed, loading, or its content, with a word when that is from earlier. */
defineProps<{ failed: boolean, ready: boolean, cachedAt?: number | undefined }>()
const emit = defineEmits<{ retry: [] }>()
const { t } = useI18n()
</script>

<template>
  <PlainState v-if="failed" :title="t('state.failed')" :body="t('state.failedSafe')">
    <v-btn @click="emit('retry')">{{ t('state.retry') }}</v-btn>
  </PlainState>
  <div v-else-if="!ready" class="skeleton" role="status" :aria-label="t('state.loading')">
    <div class="bar wide" />
    <div v-for="row in 5" :key="row" class="bar" />
  </div>
  <template v-else>
    <p v-if="cachedAt" class="soft cached">{{ t('state.cached', { date: asDay(cachedAt) }) }}</p>
    <slot />
  </template>
</template>

<style scoped>
.skeleton {
  display: grid;
  gap: 16px;
  padding: 32px;
}

.bar {
  height: 56px;
  border-radius: 6px;
  background: var(--floor);
}

.wide {
  max-width: 320px;
}

.cached {
  padding: 8px 32px 0;
}
</style>
