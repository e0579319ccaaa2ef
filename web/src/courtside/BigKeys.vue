<script setup lang="ts">
import { mdiRedoVariant, mdiUndoVariant } from '@mdi/js'
import { useI18n } from 'vue-i18n'
import type { Ending, Outcome } from '@/shared/api'

/** The keys along the edge nearest the writing hand. */
defineProps<{
  canUndo: boolean
  canRedo: boolean
  closed: boolean
  /** How others end what is on, where something is. */
  endings: { words: string, ending: Ending }[]
}>()
const emit = defineEmits<{ log: [outcome: Outcome], end: [ending: Ending], undo: [], redo: [] }>()
const { t } = useI18n()
const OUTCOMES: Outcome[] = ['NET', 'NO_REACH', 'NOT_SEEN', 'VOID']
</script>

<template>
  <div class="keys" :class="{ many: endings.length }">
    <v-btn
      v-for="{ words, ending } in endings"
      :key="words"
      class="key"
      :disabled="closed"
      @click="emit('end', ending)"
    >
      {{ words }}
    </v-btn>
    <v-btn
      v-for="outcome in OUTCOMES"
      :key="outcome"
      class="key"
      :disabled="closed"
      @click="emit('log', outcome)"
    >
      {{ t(`outcome.${outcome}`) }}
    </v-btn>
    <v-btn class="key" :disabled="!canUndo || closed" :prepend-icon="mdiUndoVariant" @click="emit('undo')">
      {{ t('courtside.undo') }}
    </v-btn>
    <v-btn class="key" :disabled="!canRedo || closed" :prepend-icon="mdiRedoVariant" @click="emit('redo')">
      {{ t('courtside.redo') }}
    </v-btn>
  </div>
</template>

<style scoped>
.keys {
  display: grid;
  grid-auto-rows: minmax(64px, 1fr);
  gap: 8px;
}

.many {
  gap: 4px;
}

.many .key {
  padding: 0 4px;
  font-size: 15px;
}

.key {
  height: 100%;
  min-width: 0;
  background: var(--sheet);
  white-space: normal;
}
</style>
