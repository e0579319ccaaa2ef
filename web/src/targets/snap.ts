import type { LyingZone, Surface } from '@/shared/api'
import type { Place } from '@/court/turn'
import { straightLines } from './kinds'

/** Edges of other zones that a place can snap to. */
function edgesOf(zones: LyingZone[]): { xs: number[], ys: number[] } {
  return {
    xs: zones.flatMap(({ whole }) => [whole.bounds.left, whole.bounds.right]),
    ys: zones.flatMap(({ whole }) => [whole.bounds.near, whole.bounds.far]),
  }
}

function nearest(value: number, all: number[], within: number): number | undefined {
  const best = all.reduce<number | undefined>(
    (known, one) => known !== undefined && Math.abs(known - value) <= Math.abs(one - value) ? known : one, undefined)
  return best !== undefined && Math.abs(best - value) <= within ? best : undefined
}

/** A place drawn to the lines of the surface and to the edges of other zones; to the centimetre everywhere else. */
export function snapped(place: Place, surface: Surface, others: LyingZone[], within: number): Place {
  const lines = straightLines(surface)
  const { xs, ys } = edgesOf(others)
  const x = nearest(place.x, [...lines.filter((line) => !line.across).map((line) => line.at), ...xs], within)
  const y = nearest(place.y, [...lines.filter((line) => line.across).map((line) => line.at), ...ys], within)
  return { x: x ?? toTheCentimetre(place.x), y: y ?? toTheCentimetre(place.y) }
}

export const toTheCentimetre = (metres: number) => Math.round(metres * 100) / 100
