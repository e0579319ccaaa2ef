import type { Actor, LyingZone, Pattern, Surface } from '@/shared/api'
import { isFacing } from './shape'
import type { Place } from './turn'

/** One shot of a pattern on the whole court, in the frame of who hits from the near side. */
export interface Leg {
  step: number
  from: Place
  /** Where it may go, the first way first. */
  ways: Place[]
  near: boolean
}

/** Where somebody stands before the first ball, as a part of the depth. */
const READY = 0.55

/** A pair hits from one side once there is somebody to be their opponent. */
export function isNear(actor: Actor, pattern: Pattern): boolean {
  const pairs = pattern.steps.some((step) => step.by === 'C' || step.by === 'D')
  return actor === 'A' || (pairs && actor === 'B')
}

/** The shots of a pattern one after the other, each from where the one before it came. */
export function legsOf(pattern: Pattern, zones: LyingZone[], surface: Surface): Leg[] {
  const facing = isFacing(surface)
  const { far } = surface.extent
  const placeOf = (number: number): Place =>
    zones.find((zone) => zone.number === number)?.whole.middle ?? { x: 0, y: far / 2 }
  /** A place as its hitter sees it, on the drawing. */
  const drawn = ({ x, y }: Place, near: boolean): Place => facing || near ? { x, y } : { x: -x, y: -y }
  const ready = (near: boolean) => facing ? { x: near ? 0.6 : -0.6, y: far * READY } : { x: 0, y: (near ? -1 : 1) * far * READY }

  const legs: Leg[] = []
  for (const [step, { by, from = 0, ways }] of pattern.steps.entries()) {
    const near = isNear(by, pattern)
    const before = legs.at(-1)?.ways[0] ?? ready(near)
    legs.push({
      step, near, from: from > 0 ? drawn(placeOf(from), !near) : before,
      ways: ways.map((way) => drawn(placeOf(way.zone ?? 0), near)),
    })
  }
  return legs
}

/** A place on a leg, from its beginning, 0, to where its first way ends, 1. */
export function along({ from, ways }: Leg, part: number): Place {
  const to = ways[0] ?? from
  return { x: from.x + (to.x - from.x) * part, y: from.y + (to.y - from.y) * part }
}

/** The zone that a touch on the whole court means for who hits there: the nearest, as its hitter sees it. */
export function zoneAt(touch: Place, near: boolean, zones: LyingZone[], surface: Surface): number {
  const seen = isFacing(surface) || near ? touch : { x: -touch.x, y: -touch.y }
  const distance = (zone: LyingZone) => Math.hypot(zone.whole.middle.x - seen.x, zone.whole.middle.y - seen.y)
  return [...zones].sort((one, other) => distance(one) - distance(other))[0]?.number ?? 0
}
