import { onMounted, ref, shallowRef } from 'vue'
import type { Asked } from '@/charting/asked'

/** Asks when the view appears; keeps loading, failure and the answer apart for the view's states. */
export function useAsked<T>(ask: () => Promise<T>) {
  const answer = shallowRef<T>()
  const failed = ref(false)

  async function load() {
    failed.value = false
    try {
      answer.value = await ask()
    } catch {
      failed.value = true
    }
  }

  onMounted(load)
  return { answer, failed, load }
}

export type { Asked }
