<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Shot } from '@/shared/api'
import type { Note } from './entries'
import NoteButtons from './NoteButtons.vue'
import ShotGrades from './ShotGrades.vue'

/** What can be marked on a shot besides its outcome, each by one touch. */
const props = defineProps<{
  shot: Shot
  /** The shot whose choice and execution can be graded; none while a ball is in play. */
  graded: Shot | undefined
  watchPoint: string
}>()
const emit = defineEmits<{ note: [shot: string, note: Note, on: boolean] }>()
const { t } = useI18n()
const notes = computed<Note[]>(() => [
  'NET_CLIP', ...props.watchPoint ? ['WATCH_KEPT', 'WATCH_LOST'] as const : [],
  ...props.shot.ruling.outcome === 'HIT' ? [] : ['AS_ASKED'] as const, 'MARKED',
])
</script>

<template>
  <div class="notes" role="group" :aria-label="t('note.label')">
    <p v-if="watchPoint" class="soft small">{{ t('note.watch', { words: watchPoint }) }}</p>
    <NoteButtons :shot="shot" :notes="notes" @note="(note, on) => emit('note', shot.id, note, on)" />
    <ShotGrades v-if="graded" :shot="graded" @note="(note, on) => emit('note', graded!.id, note, on)" />
  </div>
</template>

<style scoped>
.notes {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.notes p {
  width: 100%;
}

.small {
  font-size: 14px;
}
</style>
