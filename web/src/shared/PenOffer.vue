<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Run } from '@/charting/useRun'

/** Somebody else writes this run: another tab, or another device that took it over; one touch brings it here. */
defineProps<{ run: Pick<Run, 'watching' | 'outdated' | 'takeOver' | 'catchUp'> }>()
const { t } = useI18n()
</script>

<template>
  <div v-if="run.watching.value || run.outdated.value" class="watching" role="status" data-test="watching">
    <p>{{ t(run.watching.value ? 'pen.watching' : 'pen.outdated') }}</p>
    <v-btn color="primary" variant="flat" size="large" @click="run.watching.value ? run.takeOver() : run.catchUp()">
      {{ t('pen.takeOver') }}
    </v-btn>
  </div>
</template>
