<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Caller } from '@/shared/api'

/** Whose word the next shots are. */
const caller = defineModel<Caller>({ required: true })
const { t } = useI18n()
const CALLERS: Caller[] = ['COACH', 'ASSISTANT', 'WAITING_PLAYER', 'HITTER']
const items = computed(() => CALLERS.map((value) => ({ value, title: t(`caller.${value}`) })))
</script>

<template>
  <v-select v-model="caller" :label="t('caller.label')" :items="items" hide-details />
</template>
