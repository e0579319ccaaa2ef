import { computed, ref, shallowRef } from 'vue'
import { askEarlier, askRecord, NotThere, type Asked } from '@/charting/asked'
import type { PlayerRecord } from '@/shared/api'

/** A player's record, its latest sets first of all; the earlier ones by pages. */
export function useRecord(player: () => string) {
  const answer = shallowRef<Asked<PlayerRecord>>()
  const record = computed(() => answer.value?.data)
  const reading = ref(false)
  const failed = ref(false)

  /** There is none of a player or a drill that is not there. */
  async function load(drill: string, track: string): Promise<void> {
    failed.value = false
    answer.value = await askRecord(player(), drill, track).catch((why: unknown) => {
      if (why instanceof NotThere) {
        return undefined
      }
      throw why
    })
  }

  async function earlier(): Promise<void> {
    const known = answer.value
    const first = known?.data.sets[0]
    if (!known || !first) {
      return
    }
    reading.value = true
    failed.value = false
    try {
      const more = await askEarlier(known.data, player(), first.set.run)
      if (answer.value === known) {
        answer.value = { ...known, data: {
          ...known.data,
          sets: [...more.sets, ...known.data.sets],
          landings: [...more.landings, ...known.data.landings],
          earlier: more.earlier,
        } }
      }
    } catch {
      failed.value = true
    } finally {
      reading.value = false
    }
  }

  return { answer, record, reading, failed, load, earlier }
}
