<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Shot } from '@/shared/api'
import { useSettings } from '@/shared/settings'
import type { Note } from './entries'
import NoteButtons from './NoteButtons.vue'

/** Choice and execution of a shot, graded apart, and where an own error came from: never filled in, never in the way. */
const props = defineProps<{ shot: Shot }>()
const emit = defineEmits<{ note: [note: Note, on: boolean] }>()
const { t } = useI18n()
const settings = useSettings()
const CAUSES: Note[] = ['CAUSE_ATTENTION', 'CAUSE_CHOICE', 'CAUSE_NOT_KNOWN', 'CAUSE_TECHNIQUE', 'CAUSE_MOVEMENT']
const sorts = computed<{ sort: string, notes: Note[] }[]>(() => [
  { sort: 'choice', notes: ['CHOICE_RIGHT', 'CHOICE_WRONG'] },
  { sort: 'execution', notes: ['STRUCK_WELL', 'STRUCK_BADLY', 'SOFT'] },
  ...props.shot.ruling.outcome === 'HIT' ? [] : [{ sort: 'cause', notes: CAUSES }],
])
</script>

<template>
  <section class="grades">
    <v-btn
      size="small"
      variant="text"
      :aria-expanded="settings.grades"
      @click="settings.grades = !settings.grades"
    >
      {{ t('note.grade') }}
    </v-btn>
    <template v-if="settings.grades">
      <div v-for="{ sort, notes } in sorts" :key="sort" role="group" :aria-label="t(`note.sort.${sort}`)">
        <p class="soft">{{ t(`note.sort.${sort}`) }}</p>
        <NoteButtons :shot="shot" :notes="notes" @note="(note, on) => emit('note', note, on)" />
      </div>
    </template>
  </section>
</template>

<style scoped>
.grades,
.grades div {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.grades div {
  width: 100%;
}

p {
  width: 100%;
  font-size: 14px;
}

.grades > :deep(.v-btn) {
  min-height: 48px;
}
</style>
