<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { useProblemWords, type DrillDraft } from './useDrillDraft'
import WordsEditor from './WordsEditor.vue'

/** The drill in words: what could come next is offered, and what is wrong is shown at its place. */
const props = defineProps<{ draft: DrillDraft }>()
const { t } = useI18n()
const problemWords = useProblemWords()
const editor = useTemplateRef('editor')
const cursor = ref(props.draft.text.value.length)
const MOST_OFFERED = 12
const problem = computed(() => props.draft.problem.value)
const place = computed(() => props.draft.place.value)
const upTo = computed(() => props.draft.text.value.slice(0, cursor.value))
/** The end of it, in which a begun word is looked for: all of a text that is far too long would take its time. */
const LONGEST_WORD = 80
const justTyped = computed(() => upTo.value.slice(-LONGEST_WORD))
const offered = computed(() => props.draft.next(upTo.value).slice(0, MOST_OFFERED))
/** The length of what was to be put in and is far too long: drawn first, it would hold the page for long. */
const tooLong = ref(0)
const LONGEST = 20_000
const understood = computed(() => problem.value
  ? problemWords(problem.value)
  : t('drillEdit.understood', { levels: props.draft.drill.value.levels.length }, props.draft.drill.value.levels.length))
const words = computed(() => tooLong.value
  ? t('problem.text_too_long', { value: t('drillEdit.characters', { count: tooLong.value }), allowed: t('drillEdit.atMost', { count: LONGEST }) })
  : understood.value)

/** A description, such as a number, is typed; its beginning is put there. */
const DESCRIBED: Record<string, string> = { 'a number': '', 'words in quotes': '""' }

function offer(next: string) {
  const begun = /[\p{L}\p{N}'_-]*$/u.exec(justTyped.value)?.[0] ?? ''
  const words = DESCRIBED[next] ?? `${next} `
  const from = cursor.value - (next.startsWith(begun) ? begun.length : 0)
  editor.value?.put(words, from, cursor.value, words === '""' ? 1 : 0)
}

function showPlace() {
  if (place.value) {
    editor.value?.select(place.value.from, place.value.from + Math.max(1, place.value.length))
  }
}
</script>

<template>
  <section class="words">
    <p id="drill-words-label">{{ t('drillEdit.text') }}</p>
    <WordsEditor
      id="drill-words"
      ref="editor"
      :model-value="draft.text.value"
      labelled-by="drill-words-label"
      described-by="drill-words-say"
      :longest="LONGEST"
      :next="draft.next"
      :wrong="problem && place && { from: place.from, length: place.length, words: problemWords(problem) }"
      @update:model-value="draft.write($event)"
      @cursor="cursor = $event"
      @too-long="tooLong = $event"
    />
    <p
      id="drill-words-say"
      role="status"
      class="say"
      :class="{ wrong: problem || tooLong }"
      data-test="words-say"
    >
      <template v-if="problem && place && !tooLong">{{ t('drillEdit.atPlace', { line: place.line, column: place.column }) }}</template>
      {{ words }}
      <v-btn v-if="problem && place && !tooLong" size="small" @click="showPlace">{{ t('drillEdit.showPlace') }}</v-btn>
    </p>
    <div v-if="offered.length" class="offered" :aria-label="t('drillEdit.next')" role="group">
      <span class="soft small">{{ t('drillEdit.next') }}</span>
      <button v-for="one in offered" :key="one" type="button" @click="offer(one)">{{ one }}</button>
    </div>
  </section>
</template>

<style scoped>
.words {
  display: grid;
  gap: 8px;
  align-content: start;
}

.say {
  padding-left: 12px;
  border-left: 4px solid var(--pine);
}

.wrong {
  border-left-color: var(--plum);
}

.offered {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
}

.offered button {
  min-height: 48px;
  padding: 0 12px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
}
</style>
