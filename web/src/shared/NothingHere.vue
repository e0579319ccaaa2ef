<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import PlainState from './PlainState.vue'

/** An address that leads nowhere says so, and leads back. */
const { t } = useI18n()
</script>

<template>
  <PlainState :title="t('state.nothingHere')" :body="t('state.nothingHereBody')">
    <v-btn to="/" color="primary" variant="flat">{{ t('courtside.toToday') }}</v-btn>
  </PlainState>
</template>
