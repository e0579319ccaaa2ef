<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { useRegisterSW } from 'virtual:pwa-register/vue'

/** A newer page waits for its moment: it is never loaded while somebody is on court. */
const { t } = useI18n()
const route = useRoute()
const { needRefresh, updateServiceWorker } = useRegisterSW({ immediate: true })
const offer = computed(() => needRefresh.value && route.name !== 'court')
</script>

<template>
  <p v-if="offer" class="update">
    {{ t('state.update') }}
    <v-btn size="small" @click="updateServiceWorker(true)">{{ t('state.updateNow') }}</v-btn>
  </p>
</template>

<style scoped>
.update {
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 8px 32px;
  border-bottom: 1px solid var(--rule);
}
</style>
