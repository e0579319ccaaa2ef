import type { Conditions } from '@/charting/rules'
import type { Drill, From, Player } from '@/shared/api'

/** What a set is opened with. */
export interface Opening {
  player: Player
  drill: Drill
  track: string
  run?: string | undefined
  openRun?: string | undefined
  company?: Pick<Conditions, 'partners' | 'queue' | 'heldAt'> | undefined
}

/** A side of its own is the side that is hit from. */
export function sideOf(track: string): From | undefined {
  return track.includes('FROM_LEFT') ? 'LEFT' : track.includes('FROM_RIGHT') ? 'RIGHT' : undefined
}

export function hasWaiting(all: { fate: string }[]): boolean {
  return all.some((kept) => kept.fate === 'waiting')
}

export function dayOf(millis: number): string {
  const date = new Date(millis)
  return `${date.getFullYear()}-${date.getMonth() + 1}-${date.getDate()}`
}

export function toTheMillimetre(metres: number): number {
  return Math.round(metres * 1000) / 1000
}
