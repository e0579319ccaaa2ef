import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Level } from '@/shared/api'
import { useSettings } from '@/shared/settings'
import type { Logged } from './entries'
import type { Cue } from './feedback'
import { useRally } from './useRally'
import type { Charted } from './useSet'

const EVERY = 200
const WARNING = 10

/** What runs beside the balls: rounds and rests by the clock, a stopwatch, a hold; and the rally that is on. */
export function useLive(
  charted: Charted, rung: () => Level | undefined, enter: (write: () => Logged) => Promise<void>, cue: (cue: Cue) => void,
) {
  const settings = useSettings()
  const goal = () => rung()?.goal
  const now = ref(0)
  const heldSince = ref<number>()
  const restedSince = ref<number>()
  const rally = useRally(charted, goal, enter, cue)
  let signalled = false
  let warned = false

  const count = computed(() => charted.set.value?.count)
  const clock = computed(() => count.value?.clock)
  const paused = computed(() => charted.set.value?.pausedSince !== undefined)
  const legSeconds = computed(() => {
    const asked = goal()
    return asked?.kind === 'TIMED' ? asked.seconds : asked?.kind === 'CIRCUIT' ? asked.stations?.[count.value?.station ?? 0]?.seconds : undefined
  })
  const running = computed(() => clock.value !== undefined || heldSince.value !== undefined)
  /** Seconds of what runs: counting down in a round, up on a stopwatch and in a hold. */
  const seconds = computed(() => {
    if (heldSince.value !== undefined) {
      return (now.value - heldSince.value) / 1000
    }
    if (clock.value === undefined) {
      return legSeconds.value ?? 0
    }
    const { since, signal } = clock.value
    return Math.max(0, signal === undefined ? now.value - since : signal - now.value) / 1000
  })
  const restLeft = computed(() => restedSince.value === undefined
    ? undefined
    : Math.max(0, (goal()?.rest ?? 0) - (now.value - restedSince.value) / 1000))

  const { pause, resume } = useIntervalFn(tick, EVERY, { immediate: false })
  watch([running, restedSince], () => running.value || restedSince.value !== undefined ? resume() : pause(), { immediate: true })

  function tick() {
    now.value = charted.run.played()
    if (paused.value) {
      return
    }
    const { signal, until } = clock.value ?? {}
    if (signal !== undefined && now.value >= signal && !signalled) {
      signalled = true
      cue('signal')
    }
    if (until !== undefined && now.value >= until) {
      void stop()
    }
    if (restLeft.value !== undefined) {
      if (restLeft.value <= WARNING && !warned) {
        warned = true
        cue('warn')
      }
      if (restLeft.value === 0) {
        restedSince.value = undefined
        cue('signal')
      }
    }
  }

  async function start() {
    signalled = false
    restedSince.value = undefined
    if (goal()?.kind === 'HOLD') {
      now.value = charted.run.played()
      heldSince.value = now.value
    } else {
      await enter(() => charted.entries.turnClock('STARTED', settings.standpoint))
      now.value = charted.run.played()
    }
  }

  async function stop() {
    if (heldSince.value !== undefined) {
      const held = Math.round((charted.run.played() - heldSince.value) / 100) / 10
      heldSince.value = undefined
      await take(held)
    } else if (clock.value !== undefined) {
      await enter(() => charted.entries.turnClock('STOPPED', settings.standpoint))
      if (goal()?.rest && !count.value?.full) {
        warned = false
        now.value = charted.run.played()
        restedSince.value = now.value
      }
    }
  }

  async function take(value: number) {
    await enter(() => charted.entries.takeValue(value, charted.team.value, settings.standpoint))
    cue(charted.set.value?.standing === 'MET' ? 'hit' : 'miss')
  }

  const startOrStop = () => void (running.value ? stop() : start())
  const hasClock = computed(() => rung()?.hasAClock === true)

  return { seconds, running, restLeft, rally, hasClock, legSeconds, startOrStop, take }
}

export type Live = ReturnType<typeof useLive>
