import type { Place } from '@/court/turn'
import type { Caller, Standpoint } from '@/shared/api'
import type { Logged } from './entries'
import type { Charted } from './useSet'

type Log = (write: () => Logged | undefined) => Promise<boolean>

/** What a touch on the court charts: where the ball came down, in which zone it did, or only which way it missed. */
export function landingsOf(charted: Charted, log: Log, by: { caller: Caller, standpoint: Standpoint }) {
  const landed = (place: Place) => charted.ball.land(place, by.caller, by.standpoint)

  /** What the ball was there is kept, and not where it came down. */
  function keyed(places: Place[], orElse: () => Logged | undefined): Logged | undefined {
    const found = charted.ball.preview(places)
    if ('problem' in found) {
      return { ok: false, problem: found.problem }
    }
    return found.goesOn ? orElse() : charted.ball.key(found.ruling, by.caller, by.standpoint)
  }

  const land = (place: Place) => log(() => landed(place))
  /** By its zone only; past what is drawn close up, by the way it missed. */
  const landInZone = (place: Place) => log(() => keyed([...charted.ball.onTheWay.value, place], () => landed(place)))

  return { land, landInZone }
}
