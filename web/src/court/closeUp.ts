import type { Area, LyingZone, Surface } from '@/shared/api'

/** Of the target's longer side, how much is left around it for a miss to have its direction in. */
const AROUND = 0.3
/** Of the close-up, how wide the band about it is, in which a touch is beyond. */
const BAND = 0.1
/** A drawing that brings the target no nearer than this is not worth leaving the whole court for. */
const LEAST_GAIN = 1.25

export function grown({ left, near, right, far }: Area, by: number): Area {
  return { left: left - by, near: near - by, right: right + by, far: far + by }
}

export function isWithin({ left, near, right, far }: Area, { x, y }: { x: number, y: number }): boolean {
  return x >= left && x <= right && y >= near && y <= far
}

export const longerSide = ({ left, near, right, far }: Area) => Math.max(right - left, far - near)
const shorterSide = ({ left, near, right, far }: Area) => Math.min(right - left, far - near)

/** The target and a margin around it; nothing where that comes no nearer than the surface itself. */
export function closeUpOf(zones: LyingZone[], { extent, margin }: Surface): Area | undefined {
  const all = zones.map((zone) => zone.whole.bounds)
  if (all.length === 0) {
    return undefined
  }
  const target = {
    left: Math.min(...all.map((one) => one.left)), near: Math.min(...all.map((one) => one.near)),
    right: Math.max(...all.map((one) => one.right)), far: Math.max(...all.map((one) => one.far)),
  }
  const close = grown(target, AROUND * longerSide(target))
  return longerSide(banded(close)) * LEAST_GAIN <= longerSide(grown(extent, margin)) ? close : undefined
}

/** What is drawn of a close-up: all of it, and the band about it. */
export function banded(close: Area): Area {
  return grown(close, BAND * longerSide(close))
}

/** How wide the narrowest thing is that a finger has to find, in metres; of rings, the narrowest of them. */
export function narrowest(zones: LyingZone[]): number {
  return Math.min(...zones.map(({ whole, rings }) => rings ? narrowestRing(rings.map((ring) => ring.area.bounds)) : shorterSide(whole.bounds)))
}

function narrowestRing(rings: Area[]): number {
  const widths = rings.map(shorterSide).sort((one, other) => one - other)
  return Math.min(...widths.map((width, place) => place === 0 ? width : (width - (widths[place - 1] ?? 0)) / 2))
}
