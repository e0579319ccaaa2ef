import { useStorage } from '@vueuse/core'
import { computed, inject, provide, ref, shallowRef, type ComputedRef, type InjectionKey } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Checked, LoadedDrafting, TextPlace } from '@/charting/drafting'
import type { RulesProblem } from '@/charting/rules'
import type { DraftDrill, DraftLevel, OwnCourt } from '@/shared/api'

/** A draft on this device: the drill, and its words while they are no drill yet. */
interface Kept { drill: DraftDrill, text?: string, basedOn: number }

const PROBLEM: InjectionKey<ComputedRef<RulesProblem | undefined>> = Symbol('what is wrong with the drill')

/** A drill while it is made, in fields or in words; the draft stays on this device until it is stored. */
export function useDrillDraft(drafting: LoadedDrafting, courts: OwnCourt[], key: string, start: DraftDrill, basedOn: number) {
  const kept = useStorage<Record<string, Kept>>('bersaglio.drillDrafts', {})
  const before = kept.value[key]
  const drill = shallowRef<DraftDrill>(before?.drill ?? start)
  /** Words that are no drill yet; once they are, the drill has them. */
  const unread = ref(before?.text)
  const place = shallowRef<TextPlace>()
  const textProblem = shallowRef<RulesProblem>()
  const changed = computed(() => kept.value[key] !== undefined)
  const checked = computed(() => drafting.checked(drill.value))
  const problem = computed(() => textProblem.value ?? ('problem' in checked.value ? checked.value.problem : undefined))
  const easier = computed(() => 'easier' in checked.value ? checked.value.easier : [])
  const text = computed(() => {
    const written = unread.value === undefined ? drafting.words(drill.value) : undefined
    return unread.value ?? (written && 'text' in written ? written.text : '')
  })
  provide(PROBLEM, problem)
  if (unread.value !== undefined) {
    write(unread.value)
  }

  function keep() {
    kept.value = {
      ...kept.value,
      [key]: { drill: drill.value, basedOn: before?.basedOn ?? basedOn, ...unread.value !== undefined && { text: unread.value } },
    }
  }

  function take(next: DraftDrill) {
    drill.value = next
    unread.value = undefined
    textProblem.value = undefined
    place.value = undefined
    keep()
  }

  function setLevel(number: number, given: Partial<DraftLevel>) {
    take({ ...drill.value, levels: drill.value.levels.map((one) => one.number === number ? { ...one, ...given } : one) })
  }

  function setLevels(levels: DraftLevel[]) {
    take({ ...drill.value, levels: levels.map((one, index) => ({ ...one, number: index + 1 })) })
  }

  /** Takes the words as they are typed; while they are no drill, the last that was one stays drawn. */
  function write(words: string) {
    const seen = drafting.drill(words, courts)
    unread.value = words
    textProblem.value = 'problem' in seen ? seen.problem : undefined
    place.value = 'problem' in seen ? seen.place : undefined
    if ('drill' in seen) {
      drill.value = { ...seen.drill, id: drill.value.id, family: drill.value.family, version: drill.value.version }
    }
    keep()
  }

  /** @return what is wrong, if anything */
  function changedBy(seen: Checked): RulesProblem | undefined {
    if ('problem' in seen) {
      return seen.problem
    }
    take(seen.drill)
    return undefined
  }

  const grow = (rule: string) => changedBy(drafting.grown(drill.value, rule))

  /** Once stored, or given up, nothing of it stays on this device. */
  function forget() {
    kept.value = Object.fromEntries(Object.entries(kept.value).filter(([one]) => one !== key))
    unread.value = undefined
    textProblem.value = undefined
    place.value = undefined
  }

  function discard() {
    drill.value = start
    forget()
  }

  return {
    drill, text, place, problem, easier, changed, basedOn: before?.basedOn ?? basedOn,
    take, setLevel, setLevels, write, grow, forget, discard, next: (upTo: string) => drafting.next(upTo, courts),
  }
}

export type DrillDraft = ReturnType<typeof useDrillDraft>

/** What is wrong with the drill, in words, with the field and the level that it is about. */
export function useProblemWords() {
  const { t, te } = useI18n()
  return (wrong: RulesProblem): string => {
    const last = wrong.field.split('.').at(-1) ?? ''
    const rung = /levels\.(\d+)/.exec(wrong.field)?.[1]
    const known = [`drillEdit.count.${last}`, `drillEdit.rule.${last}`, `drillEdit.${last}`, `field.${last}`].find((key) => te(key))
    const field = known ? t(known) : last
    return t(`problem.${wrong.code}`, { ...wrong, field: rung ? t('drillEdit.ofLevel', { field, level: Number(rung) + 1 }) : field })
  }
}

/** What is wrong with one field of the drill, in words; empty while it is right. */
export function useFieldProblem() {
  const problem = inject(PROBLEM)
  const { t } = useI18n()
  return (path: string, field: string) => {
    const wrong = problem?.value
    return wrong?.field === path ? t(`problem.${wrong.code}`, { ...wrong, field }) : ''
  }
}
