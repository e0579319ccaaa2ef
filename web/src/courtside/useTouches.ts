import { ref } from 'vue'
import type { Place } from '@/court/turn'

const TOO_SOON = 250
const TOO_NEAR = 40
const PALM = 70
const FLICK = 28
const LONGEST_FLICK = 700

/**
 * Tells a touch that means a shot from a palm and from a bounce of the finger, and a flick after a close one from a
 * touch that merely ends.
 */
export function useTouches(shot: (place: Place) => void, flick: (from: Place, to: Place) => void) {
  const ignored = ref(0)
  let last = { time: -Infinity, x: 0, y: 0 }
  let down: { place: Place, time: number, x: number, y: number } | undefined

  function onTouch(place: Place, event: PointerEvent) {
    const bounce = event.timeStamp - last.time < TOO_SOON
      && Math.hypot(event.clientX - last.x, event.clientY - last.y) < TOO_NEAR
    if (bounce || Math.max(event.width, event.height) > PALM) {
      ignored.value++
      down = undefined
      return
    }
    last = { time: event.timeStamp, x: event.clientX, y: event.clientY }
    down = { place, ...last }
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
