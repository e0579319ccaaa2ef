import { useStorage } from '@vueuse/core'
import { computed, shallowRef, triggerRef } from 'vue'
import { AS_DRAWN, type LoadedRules, type RulesProblem } from '@/charting/rules'
import type { Lying, LyingZone, TargetSet, Zone } from '@/shared/api'

const MOST_STEPS = 200

/**
 * A target while it is drawn: every step can be undone, what does not fit is said at once, and the draft stays on this
 * device until it is stored.
 */
export function useDraft(rules: LoadedRules, id: string, stored: TargetSet) {
  const kept = useStorage<Record<string, TargetSet>>('bersaglio.drafts', {})
  const target = shallowRef<TargetSet>(kept.value[id] ?? stored)
  const back = shallowRef<TargetSet[]>([])
  const forward = shallowRef<TargetSet[]>([])
  let before: TargetSet | undefined

  /** Shows a step that is not finished, such as a drag. */
  function show(next: TargetSet) {
    before ??= target.value
    target.value = next
  }

  /** Takes a step, or the one that was shown. */
  function take(next: TargetSet = target.value) {
    back.value = [...back.value, before ?? target.value].slice(-MOST_STEPS)
    before = undefined
    forward.value = []
    target.value = next
    keep()
  }

  function undo() {
    const last = back.value.at(-1)
    if (last) {
      forward.value = [...forward.value, target.value]
      back.value = back.value.slice(0, -1)
      target.value = last
      keep()
    }
  }

  function redo() {
    const next = forward.value.at(-1)
    if (next) {
      back.value = [...back.value, target.value]
      forward.value = forward.value.slice(0, -1)
      target.value = next
      keep()
    }
  }

  function keep() {
    kept.value = { ...kept.value, [id]: target.value }
  }

  /** Once stored, the draft is what is stored. */
  function settle(now: TargetSet) {
    kept.value = Object.fromEntries(Object.entries(kept.value).filter(([one]) => one !== id))
    back.value = []
    forward.value = []
    target.value = now
    triggerRef(target)
  }

  const whole = computed(() => rules.lying(target.value, 0, AS_DRAWN))
  const problem = computed<RulesProblem | undefined>(() => 'problem' in whole.value ? whole.value.problem : undefined)
  /** Each zone as it lies by itself, so that what fits is drawn even while something else does not. */
  const lying = computed<Lying>(() => 'lying' in whole.value
    ? whole.value.lying
    : { stages: mergedStages(target.value.zones.map((zone) => alone(zone)).filter((one) => one !== undefined)) })
  const changed = computed(() => kept.value[id] !== undefined)

  function alone(zone: Zone): Lying | undefined {
    const seen = rules.lying({ ...target.value, zones: [zone], precedence: [] }, 0, AS_DRAWN)
    return 'lying' in seen ? seen.lying : undefined
  }

  return { target, problem, lying, changed, canUndo: computed(() => back.value.length > 0),
    canRedo: computed(() => forward.value.length > 0), show, take, undo, redo, settle }
}

function mergedStages(all: Lying[]): Lying['stages'] {
  const first = all[0]
  if (!first || first.stages.length > 1) {
    return first?.stages ?? []
  }
  const zones: LyingZone[] = all.flatMap((one) => one.stages[0]?.zones ?? [])
  return first.stages.map((stage) => ({ ...stage, zones }))
}

export type Draft = ReturnType<typeof useDraft>
