import { tryOnScopeDispose } from '@vueuse/core'
import { computed, watch, type ComputedRef } from 'vue'
import type { Actor, Pattern } from '@/shared/api'
import { useSettings } from '@/shared/settings'
import type { Logged } from './entries'
import type { Cue } from './feedback'
import type { Charted } from './useSet'

interface Seen {
  pattern: ComputedRef<Pattern | undefined>
  as: ComputedRef<Actor>
  expected: ComputedRef<number[]>
  enter: (write: () => Logged) => Promise<void>
  cue: (cue: Cue) => void
  /** In a queue only the page whose turn it is calls. */
  isActive: () => boolean
}

/** Calls "where next" and "change now": one of the ways that the player's next step leaves open, a set time before it. */
export function useCalls(charted: Charted, { pattern, as, expected, enter, cue, isActive }: Seen) {
  const settings = useSettings()
  const open = computed(() => expected.value.flatMap((step) => (pattern.value?.steps[step]?.ways ?? []).map((way) => ({ step, way }))))
  const asked = computed(() => charted.set.value?.passes?.asked)
  const isChange = computed(() => !!charted.set.value?.passes?.change)
  let timer: ReturnType<typeof setTimeout> | undefined
  const stop = () => clearTimeout(timer)
  tryOnScopeDispose(stop)

  function call() {
    const one = open.value[Math.floor(Math.random() * open.value.length)]
    const set = charted.set.value
    if (one && set && !set.closed && !set.count.full && isActive() && !charted.run.watching.value) {
      void enter(() => charted.entries.callStep(one.step, { ...one.way }))
      cue('signal')
    }
  }

  /** The player's shots so far: each of them asks for a call of its own, and what another hits puts none off. */
  const upTo = computed(() => charted.set.value && [
    settings.callsSteps, charted.set.value.shots.filter(({ hitter }) => !hitter).length, charted.set.value.passes?.now.length,
    expected.value.join(), !!asked.value, charted.set.value.closed,
  ].join(' '))
  watch(upTo, () => {
    stop()
    if (settings.callsSteps && open.value.length > 1 && !asked.value) {
      const underWay = !!charted.set.value?.passes?.now.length
      timer = setTimeout(call, underWay ? charted.says.callAfter(Math.round(settings.callAhead * 1000)) : 0)
    }
  })

  /** Whether some step of the player leaves something open that can be called. */
  const hasChoice = computed(() => !!pattern.value?.repeats?.some(({ orFewer }) => orFewer)
    || !!pattern.value?.steps.some((step) => step.by === as.value && step.ways.length > 1))

  return { asked, isChange, hasChoice }
}
