import { useIntervalFn, useStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Call } from '@/charting/rules'
import { useFeedback } from '@/courtside/feedback'
import type { Group } from './useGroup'

const EVERY = 250

/** How far a turn is, and what is called out: ahead of the change, and when it is due. */
export function useTurn(group: Group) {
  const cue = useFeedback()
  const now = ref(0)
  /** Balls or points of the turn, counted on this device and kept over a reload. */
  const kept = useStorage('bersaglio.groupTurn', { run: '', turn: 0, done: 0 })
  const view = computed(() => group.group.value)
  const by = computed(() => view.value?.change.by)
  const counted = computed(() => kept.value.run === view.value?.run && kept.value.turn === view.value?.turn ? kept.value.done : 0)
  const seconds = computed(() => Math.max(0, Math.floor((now.value - (view.value?.since ?? 0)) / 1000)))
  const done = computed(() => view.value?.points.length
    ? Math.max(...view.value.points)
    : by.value === 'MINUTES' ? seconds.value : counted.value)
  /** Balls, points or seconds that are left of the turn. */
  const left = computed(() => Math.max(0, (view.value?.length ?? 0) - done.value))
  const call = computed<Call>(() => !view.value || view.value.ended
    ? 'NOTHING'
    : view.value.points.length ? view.value.call : group.callAt(done.value))

  useIntervalFn(() => {
    now.value = group.run.played()
  }, EVERY, { immediateCallback: true })

  watch(() => [call.value, view.value?.turn] as const, ([is, turn], [was, before]) => {
    if (is !== 'NOTHING' && (is !== was || turn !== before)) {
      cue(is === 'STOP' ? 'signal' : 'warn')
    }
  })

  function count(by = 1) {
    if (view.value && !view.value.ended) {
      kept.value = { run: view.value.run, turn: view.value.turn, done: Math.max(0, counted.value + by) }
    }
  }

  return { by, done, left, call, count }
}

export type Turn = ReturnType<typeof useTurn>
