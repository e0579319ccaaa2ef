import { useStorage } from '@vueuse/core'
import { v7 as uuid } from 'uuid'
import { computed, shallowRef } from 'vue'
import { loadRules, type LoadedRules, type Queue, type QueueAct, type QueueTurn } from '@/charting/rules'

interface KeptQueue { id: string, drill: string, queue: Queue }

/** Whose turn it is; kept on this device, so that a reload goes on where it was. */
export function useQueue(drill: string) {
  const serializer = { read: (text: string) => JSON.parse(text) as KeptQueue, write: JSON.stringify }
  const kept = useStorage<KeptQueue | null>('bersaglio.queue', null, undefined, { serializer })
  const rules = shallowRef<LoadedRules>()
  const own = computed(() => kept.value?.drill === drill ? kept.value : undefined)
  const turn = computed<QueueTurn | undefined>(() => own.value && rules.value && after(own.value.queue, 'NOTHING'))

  async function load() {
    rules.value = await loadRules()
  }

  function after(queue: Queue, act: QueueAct, player = ''): QueueTurn | undefined {
    const seen = rules.value?.queue(queue, act, player)
    return seen && !('problem' in seen) ? seen : undefined
  }

  function begin(order: string[], ballsATurn: number) {
    kept.value = { id: uuid(), drill, queue: { order, away: [], ballsATurn, at: 0, taken: 0 } }
  }

  /** Goes on with a queue of another device; the pen of each set comes here with its player's turn. */
  function join(id: string, order: string[], ballsATurn: number) {
    kept.value = { id, drill, queue: { order, away: [], ballsATurn, at: 0, taken: 0 } }
  }

  function act(what: QueueAct, player = '') {
    const next = own.value && after(own.value.queue, what, player)
    if (own.value && next) {
      kept.value = { ...own.value, queue: next.queue }
    }
  }

  function end() {
    kept.value = null
  }

  return { own, turn, load, begin, join, act, end }
}
