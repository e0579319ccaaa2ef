<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Shot } from '@/shared/api'
import type { Note } from './entries'

/** Marks that can be put on a shot, and taken off it, each by one touch. */
defineProps<{ shot: Shot, notes: Note[] }>()
const emit = defineEmits<{ note: [note: Note, on: boolean] }>()
const { t, locale } = useI18n()
</script>

<template>
  <v-btn
    v-for="note in notes"
    :key="note"
    v-memo="[shot.notes.includes(note), locale]"
    class="note"
    size="small"
    :variant="shot.notes.includes(note) ? 'flat' : 'outlined'"
    :aria-pressed="shot.notes.includes(note)"
    @click="emit('note', note, !shot.notes.includes(note))"
  >
    {{ t(`note.${note}`) }}
  </v-btn>
</template>

<style scoped>
.note {
  min-height: 48px;
}
</style>
