const TOO_SOON = 250
const TOO_NEAR = 40
const PALM = 70

/** The last touch that was meant, on whatever page of a queue it was: a bounce must not reach the next player either. */
let last = { time: -Infinity, x: 0, y: 0 }

/** @returns whether a touch that comes down means a shot, and is no palm and no bounce of the finger */
export function isMeant(event: PointerEvent): boolean {
  const bounce = event.timeStamp - last.time < TOO_SOON
    && Math.hypot(event.clientX - last.x, event.clientY - last.y) < TOO_NEAR
  if (bounce || Math.max(event.width, event.height) > PALM) {
    return false
  }
  last = { time: event.timeStamp, x: event.clientX, y: event.clientY }
  endWithThisTouch()
  return true
}

/** What comes down is charted at once; by the time of its click another page can lie under the finger. */
function endWithThisTouch() {
  const swallow = (click: Event) => {
    click.stopPropagation()
    click.preventDefault()
  }
  const over = () => window.removeEventListener('click', swallow, { capture: true })
  window.addEventListener('click', swallow, { capture: true, once: true })
  // A touch that brought no click leaves the next touch or key alone.
  window.addEventListener('pointerdown', over, { capture: true, once: true })
  window.addEventListener('keydown', over, { capture: true, once: true })
}
