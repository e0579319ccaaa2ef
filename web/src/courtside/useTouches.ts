import { ref } from 'vue'
import type { Place } from '@/court/turn'
import { isMeant } from './fingers'

const FLICK = 28
const LONGEST_FLICK = 700

/**
 * Tells a touch that means a shot from a palm and from a bounce of the finger, and a flick after a close one from a
 * touch that merely ends.
 */
export function useTouches(shot: (place: Place) => void, flick: (from: Place, to: Place) => void) {
  const ignored = ref(0)
  let down: { place: Place, time: number, x: number, y: number } | undefined

  function onTouch(place: Place, event: PointerEvent) {
    if (!isMeant(event)) {
      ignored.value++
      down = undefined
      return
    }
    down = { place, time: event.timeStamp, x: event.clientX, y: event.clientY }
    shot(place)
  }

  function onLift(place: Place, event: PointerEvent) {
    const start = down
    down = undefined
    if (start && event.timeStamp - start.time < LONGEST_FLICK
      && Math.hypot(event.clientX - start.x, event.clientY - start.y) > FLICK) {
      flick(start.place, place)
    }
  }

  return { ignored, onTouch, onLift }
}
