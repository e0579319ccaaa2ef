import type { Surface } from '@/shared/api'
import { straightLines } from '@/targets/kinds'

export interface Spot {
  x: number
  y: number
  across: string
  along: string
}

const SLACK = 1e-6

/** Where lines of a surface meet, spread over it: as many as asked, again from the first when there are fewer. */
export function spotsOf(surface: Surface, count: number): Spot[] {
  const lines = straightLines(surface)
  const meetings = lines.filter((line) => line.across).flatMap((across) => lines.filter((line) => !line.across)
    .filter((along) => along.at >= across.from - SLACK && along.at <= across.to + SLACK
      && across.at >= along.from - SLACK && across.at <= along.to + SLACK)
    .map((along) => ({ x: along.at, y: across.at, across: across.name, along: along.name })))
  const step = meetings.length > count ? meetings.length / count : 1
  return meetings.length === 0
    ? []
    : Array.from({ length: count }, (_, place) => meetings[Math.floor(place * step) % meetings.length]).filter((spot) => spot !== undefined)
}
