<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import PlainState from '@/shared/PlainState.vue'

const { t } = useI18n()
</script>

<template>
  <PlainState :title="t('courtside.choose')" :body="t('courtside.chooseBody')">
    <v-btn to="/" color="primary" variant="flat">{{ t('courtside.toToday') }}</v-btn>
  </PlainState>
</template>
