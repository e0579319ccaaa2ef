import { computed, watch, type ComputedRef } from 'vue'
import type { Actor, Pattern, SetView } from '@/shared/api'
import { useSettings } from '@/shared/settings'
import type { Charted } from './useSet'

interface Seen {
  set: () => SetView | undefined
  pattern: ComputedRef<Pattern | undefined>
  as: ComputedRef<Actor>
}

/** Charting both sides of a pattern: whose shot is next, as the steps go. */
export function useBothSides(charted: Charted, { set, pattern, as }: Seen) {
  const settings = useSettings()
  const isOn = computed(() => settings.bothSides && !!pattern.value)
  /** The next step, where another hits it and is charted too. */
  const theirs = computed(() => {
    const due = set()?.passes ? set()?.passes?.due : 0
    const step = due === undefined || set()?.closed || set()?.count.full ? undefined : pattern.value?.steps[due]
    return isOn.value && step && step.by !== as.value ? step : undefined
  })
  watch(theirs, (step) => {
    charted.ball.hitter.value = !step ? 'PLAYER' : step.by === 'FEEDER' ? 'FEEDER' : 'PARTNER'
  }, { immediate: true, flush: 'sync' })

  return { isOn, theirs }
}
