<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { SetView } from '@/shared/api'
import CountDialog from './CountDialog.vue'
import type { Entries } from './entries'

/** What is done to the set as a whole, always in the same place; dead until there is a set. */
defineProps<{ set: SetView | undefined, over: boolean, names: string[], parts: string[] }>()
const emit = defineEmits<{ pause: [], close: [], count: [given: Parameters<Entries['countIs']>[0]] }>()
const countIs = defineModel<boolean>('countIs', { required: true })
const { t } = useI18n()
</script>

<template>
  <div class="row">
    <v-btn variant="text" :disabled="!set" @click="countIs = true">{{ t('countIs.open') }}</v-btn>
    <v-btn variant="text" :disabled="!set" :aria-pressed="set?.pausedSince !== undefined" @click="emit('pause')">
      {{ t(set?.pausedSince === undefined ? 'pause.start' : 'pause.end') }}
    </v-btn>
    <v-btn
      class="close"
      size="large"
      :color="over ? 'primary' : undefined"
      :variant="over ? 'flat' : 'outlined'"
      :disabled="!set"
      @click="emit('close')"
    >
      {{ t('courtside.closeSet') }}
    </v-btn>
    <CountDialog
      v-if="set"
      v-model="countIs"
      :now="set.count"
      :names="names"
      :parts="parts"
      @set="emit('count', $event)"
    />
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.row :deep(.v-btn) {
  min-height: 56px;
  min-width: 0;
}

.close {
  grid-column: 1 / -1;
}
</style>
