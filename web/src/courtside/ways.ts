import { useSessionStorage } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { mdiArrowSplitVertical, mdiFormatListNumbered, mdiGestureTap, mdiTelevision, mdiViewGridOutline } from '@mdi/js'

/** How a set is entered: on the court, by its zones, on two halves of the screen, after it, or read from far away. */
export const WAYS = {
  COURT: mdiGestureTap,
  ZONE: mdiViewGridOutline,
  HALVES: mdiArrowSplitVertical,
  AFTER: mdiFormatListNumbered,
  FAR: mdiTelevision,
} as const

export type Way = keyof typeof WAYS

/** The same way in for all sets of a sitting, and for all players of a queue; a set from paper is entered after it. */
export function useWay(paper: boolean): Ref<Way> {
  return paper ? ref('AFTER') : useSessionStorage<Way>('bersaglio.way', 'COURT')
}
