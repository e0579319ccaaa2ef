<script setup lang="ts">
import { mdiCursorDefaultOutline, mdiGestureTap } from '@mdi/js'
import { useI18n } from 'vue-i18n'
import type { Tool } from './kinds'

/** What can be laid here; a touch on the court then places it. */
defineProps<{ tools: Tool[], tool: Tool | undefined, trying: boolean }>()
const emit = defineEmits<{ choose: [tool: Tool | undefined], try: [] }>()
const { t } = useI18n()
</script>

<template>
  <div class="palette" role="toolbar" :aria-label="t('editor.tools')">
    <v-btn :prepend-icon="mdiCursorDefaultOutline" :variant="!tool && !trying ? 'flat' : 'outlined'" @click="emit('choose', undefined)">
      {{ t('editor.choose') }}
    </v-btn>
    <v-btn :prepend-icon="mdiGestureTap" :variant="trying ? 'flat' : 'outlined'" :aria-pressed="trying" @click="emit('try')">
      {{ t('editor.try') }}
    </v-btn>
    <hr>
    <v-btn
      v-for="one in tools"
      :key="one"
      :variant="tool === one ? 'flat' : 'outlined'"
      :aria-pressed="tool === one"
      :data-tool="one"
      @click="emit('choose', one)"
    >
      {{ t(`kind.${one}`) }}
    </v-btn>
  </div>
</template>

<style scoped>
.palette {
  display: grid;
  align-content: start;
  gap: 4px;
  overflow-y: auto;
}

.palette :deep(.v-btn) {
  justify-content: flex-start;
  min-height: 48px;
  padding: 0 10px;
  font-size: 15px;
  background: var(--sheet);
}

.palette :deep(.v-btn--variant-flat) {
  background: var(--ink);
  color: var(--paper);
}

hr {
  grid-column: 1 / -1;
  width: 100%;
  border: 0;
  border-top: 1px solid var(--rule);
}
</style>
