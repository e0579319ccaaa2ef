import { computed } from 'vue'
import type { Actor, Ending, Level } from '@/shared/api'
import { useSettings } from '@/shared/settings'
import type { Logged } from './entries'
import type { Cue } from './feedback'
import type { useSet } from './useSet'

/** A pattern as it is charted: the step that is next, the pass that is on, and how others end it. */
export function usePattern(
  charted: ReturnType<typeof useSet>, rung: () => Level | undefined, enter: (write: () => Logged) => Promise<void>, cue: (cue: Cue) => void,
) {
  const settings = useSettings()
  const pattern = computed(() => rung()?.dials.pattern)
  const passes = computed(() => charted.set.value?.passes)
  const as = computed<Actor>(() => charted.set.value?.as ?? charted.conditions.value.as ?? 'A')
  /** Places of the player's next step; before the first entry that of their first. */
  const expected = computed(() => {
    const steps = pattern.value?.steps ?? []
    const first = steps.findIndex((step) => step.by === as.value)
    return passes.value?.expected ?? (first < 0 ? [] : [first])
  })
  /** The point that the pattern opened is on. */
  const isOpen = computed(() => !!passes.value && expected.value.length === 0 && !charted.set.value?.count.full)
  const lit = computed(() => {
    const steps = pattern.value?.steps
    if (!steps) {
      return undefined
    }
    return expected.value.flatMap((place) => (steps[place]?.ways ?? []).map((way) => way.zone ?? 0)).filter((zone) => zone > 0)
  })

  async function end(ending: Ending) {
    await enter(() => charted.endRally(ending, settings.standpoint))
    cue('miss')
  }

  const ends = {
    partnerMissed: () => pattern.value && void end({ how: 'ERROR', by: 'PARTNER' }),
    feederMissed: () => pattern.value && void end({ how: 'ERROR', by: 'FEEDER' }),
    letBall: () => pattern.value && void end({ how: 'STOPPED' }),
  }

  return { pattern, passes, as, expected, isOpen, lit, end: (ending: Ending) => void end(ending), ends }
}

export type PatternNow = ReturnType<typeof usePattern>
