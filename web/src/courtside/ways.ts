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
