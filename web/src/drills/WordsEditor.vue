<script setup lang="ts">
import { acceptCompletion, autocompletion, closeCompletion, moveCompletionSelection, type CompletionContext } from '@codemirror/autocomplete'
import { history, historyKeymap, insertNewline, standardKeymap } from '@codemirror/commands'
import { HighlightStyle, StreamLanguage, syntaxHighlighting } from '@codemirror/language'
import { setDiagnostics } from '@codemirror/lint'
import { Annotation, Compartment, EditorState } from '@codemirror/state'
import { drawSelection, EditorView, keymap } from '@codemirror/view'
import { tags } from '@lezer/highlight'
import { onBeforeUnmount, onMounted, useTemplateRef, watch } from 'vue'
import { nonce } from '@/shared/theme'

/** A text in the words of a grammar: coloured, completed as it is typed, with what is wrong marked at its place. */
const props = defineProps<{
  id: string
  labelledBy: string
  describedBy: string
  longest: number
  /** What could follow a text. */
  next: (upTo: string) => string[]
  wrong: { from: number, length: number, words: string } | undefined
}>()
const text = defineModel<string>({ required: true })
const emit = defineEmits<{ cursor: [at: number], tooLong: [length: number] }>()
const root = useTemplateRef<HTMLElement>('root')
/** Marks what does not come from the hand that types. */
const given = Annotation.define<boolean>()
const attributes = new Compartment()
let view: EditorView | undefined

const grammar = StreamLanguage.define<{ begins: boolean }>({
  startState: () => ({ begins: true }),
  token(stream, state) {
    if (stream.sol()) {
      state.begins = true
    }
    if (stream.eatSpace()) {
      return null
    }
    const first = state.begins
    state.begins = false
    if (stream.match(/^"[^"]*"?/)) {
      return 'string'
    }
    if (stream.match(/^-?\d+([.,]\d+)?/)) {
      return 'number'
    }
    if (!stream.match(/^[\p{L}_'-]+/u)) {
      stream.next()
    }
    return first ? 'keyword' : null
  },
})
const colours = HighlightStyle.define([
  { tag: tags.keyword, fontWeight: '650' },
  { tag: tags.string, color: 'var(--ink-soft)' },
  { tag: tags.number, color: 'var(--steel)' },
])

function complete(context: CompletionContext) {
  const word = context.matchBefore(/[\p{L}\p{N}'_-]+/u)
  if (!word && !context.explicit) {
    return null
  }
  const options = props.next(context.state.sliceDoc(0, context.pos))
    .filter((one) => !one.includes(' '))
    .map((label) => ({ label, apply: `${label} ` }))
  return { from: word?.from ?? context.pos, options }
}

/** The first of what is offered, where a word is begun. */
function takeFirst(target: EditorView): boolean {
  if (acceptCompletion(target)) {
    return true
  }
  const at = target.state.selection.main.head
  const begun = /[\p{L}\p{N}'_-]+$/u.exec(target.state.sliceDoc(Math.max(0, at - 80), at))?.[0]
  const [first] = begun ? props.next(target.state.sliceDoc(0, at)) : []
  if (!begun || first === undefined) {
    return false
  }
  put(`${first} `, at - (first.startsWith(begun) ? begun.length : 0), at)
  return true
}

/** Puts a text in a place, with the cursor behind it, or so far before its end. */
function put(words: string, from: number, to: number, back = 0) {
  closeCompletion(view as EditorView)
  view?.dispatch({ changes: { from, to, insert: words }, selection: { anchor: from + words.length - back }, scrollIntoView: true })
  view?.focus()
}

function select(from: number, to: number) {
  view?.focus()
  view?.dispatch({ selection: { anchor: from, head: to }, scrollIntoView: true })
}

const described = () => EditorView.contentAttributes.of({
  'id': props.id, 'aria-labelledby': props.labelledBy, 'aria-describedby': props.describedBy, 'spellcheck': 'false', 'tabindex': '0',
  'aria-invalid': String(!!props.wrong),
})

/** What is far too long is told, and not taken. */
const notTooLong = EditorState.transactionFilter.of((change) => {
  const length = change.newDoc.length
  const isTooLong = change.docChanged && !change.annotation(given) && length > props.longest && length > change.startState.doc.length
  if (isTooLong || change.docChanged) {
    emit('tooLong', isTooLong ? length : 0)
  }
  return isTooLong ? [] : change
})

/**
 * What is far too long would hold the page if it were drawn first. What is typed over a selection is put in by the editor: the
 * browser would keep the look of what was there in styles, which the page does not let it add.
 */
function beforeInput(event: InputEvent, target: EditorView): boolean {
  if ((event.data?.length ?? 0) > props.longest) {
    event.preventDefault()
    emit('tooLong', event.data?.length ?? 0)
    return true
  }
  // What is selected now, which the editor may hear of only later.
  const selected = document.getSelection()
  if (!event.data || !selected?.anchorNode || !selected.focusNode || !target.contentDOM.contains(selected.anchorNode)) {
    return false
  }
  const ends = [target.posAtDOM(selected.anchorNode, selected.anchorOffset), target.posAtDOM(selected.focusNode, selected.focusOffset)]
  const [from, to] = [Math.min(...ends), Math.max(...ends)]
  const length = target.state.doc.length - (to - from) + event.data.length
  if (length > props.longest) {
    event.preventDefault()
    emit('tooLong', length)
    return true
  }
  if (from === to || event.isComposing) {
    return false
  }
  event.preventDefault()
  target.dispatch({ changes: { from, to, insert: event.data }, selection: { anchor: from + event.data.length }, userEvent: 'input.type' })
  return true
}

onMounted(() => {
  view = new EditorView({
    parent: root.value as HTMLElement,
    doc: text.value,
    selection: { anchor: text.value.length },
    extensions: [
      EditorView.cspNonce.of(nonce),
      EditorView.lineWrapping,
      EditorView.domEventHandlers({ beforeinput: beforeInput }),
      history(),
      drawSelection(),
      grammar,
      syntaxHighlighting(colours),
      autocompletion({ override: [complete], defaultKeymap: false, icons: false }),
      keymap.of([
        { key: 'Tab', run: takeFirst },
        { key: 'Escape', run: closeCompletion },
        { key: 'ArrowDown', run: moveCompletionSelection(true) },
        { key: 'ArrowUp', run: moveCompletionSelection(false) },
        // What is offered is never taken by the end of a line.
        { key: 'Enter', run: insertNewline },
        ...historyKeymap,
        ...standardKeymap,
      ]),
      notTooLong,
      attributes.of(described()),
      EditorView.updateListener.of((update) => {
        if (update.docChanged && !update.transactions.some((one) => one.annotation(given))) {
          text.value = update.state.doc.toString()
        }
        if (update.docChanged || update.selectionSet) {
          emit('cursor', update.state.selection.main.head)
        }
      }),
    ],
  })
  mark()
})
onBeforeUnmount(() => view?.destroy())

watch(text, (now) => {
  if (view && now !== view.state.doc.toString()) {
    view.dispatch({ changes: { from: 0, to: view.state.doc.length, insert: now }, annotations: given.of(true) })
  }
})

function mark() {
  if (!view) {
    return
  }
  const { wrong } = props
  const end = view.state.doc.length
  const from = Math.min(wrong?.from ?? 0, Math.max(0, end - 1))
  const marks = wrong
    ? [{ from, to: Math.min(end, from + Math.max(1, wrong.length)), severity: 'error' as const, message: wrong.words }]
    : []
  view.dispatch(setDiagnostics(view.state, marks), { effects: attributes.reconfigure(described()) })
}
watch(() => props.wrong, mark, { flush: 'post' })

defineExpose({ put, select })
</script>

<template>
  <div ref="root" class="editor" />
</template>

<style scoped>
.editor :deep(.cm-editor) {
  height: min(56dvh, 460px);
  border: 1px solid var(--ink-soft);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
}

.editor :deep(.cm-editor.cm-focused) {
  outline: 2px solid var(--ink);
}

.editor :deep(.cm-scroller) {
  overflow: auto;
  padding: 8px;
  font: inherit;
  line-height: 1.5;
}

.editor :deep(.cm-content) {
  caret-color: var(--ink);
}

.editor :deep(.cm-cursor) {
  border-left: 2px solid var(--ink);
}

.editor :deep(.cm-selectionBackground) {
  background: var(--rule) !important;
}

.editor :deep(.cm-lintRange-error) {
  background: none;
  text-decoration: underline wavy var(--plum);
}

.editor :deep(.cm-tooltip) {
  border: 1px solid var(--ink-soft);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
}

.editor :deep(.cm-tooltip-autocomplete > ul) {
  font: inherit;
}

.editor :deep(.cm-tooltip-autocomplete > ul > li) {
  padding: 6px 12px;
}

.editor :deep(.cm-tooltip-autocomplete > ul > li[aria-selected]) {
  background: var(--ink);
  color: var(--paper);
}
</style>
