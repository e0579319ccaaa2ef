import { aboutSets, of } from '@/charting/deviceLog'
import { byRun } from '@/charting/ownSets'
import type { Conditions, LoadedRules } from '@/charting/rules'
import type { Actor, Drill, From, Level, PlaceVersion, Player, Standpoint } from '@/shared/api'
import { clubDate, clubTime } from '@/shared/clock'
import { levelOf } from '@/shared/sentences'

/** What a set is opened with. */
export interface Opening {
  player: Player
  drill: Drill
  track: string
  run?: string | undefined
  openRun?: string | undefined
  occasion?: Pick<Conditions, 'partners' | 'queue' | 'heldAt'> | undefined
}

/** A side of its own is the side that is hit from. */
export function sideOf(track: string): From | undefined {
  return track.includes('FROM_LEFT') ? 'LEFT' : track.includes('FROM_RIGHT') ? 'RIGHT' : undefined
}

export function toTheMillimetre(metres: number): number {
  return Math.round(metres * 1000) / 1000
}

/** The set on the same rung that was begun on this device today and is not closed; one from paper is another. */
export async function openHere(rules: LoadedRules, { player, drill, track, occasion }: Opening): Promise<string | undefined> {
  const day = clubDate(clubTime())
  const paper = occasion?.heldAt !== undefined
  for (const [id, kept] of byRun(await of(aboutSets(player.id, drill.id)))) {
    const last = kept.at(-1)
    if (!last || clubDate(last.event.wall) !== day || kept.some((one) => one.fate === 'aside')) {
      continue
    }
    const seen = rules.chart(drill, []).append(kept.map((one) => one.event))
    const isOpen = !('problem' in seen) && !seen.closed && !seen.struck
    if (isOpen && seen.player === player.id && seen.track === track && seen.enteredLater === paper) {
      return id
    }
  }
  return undefined
}

interface Opened {
  player: Player
  drill: Drill
  level: number
  standpoint: Standpoint
  conditions: Conditions
  place: PlaceVersion | undefined
  best: number | undefined
}

/** What is kept of a set as it stood at the first touch. */
export function openedWith({ player, drill, level, standpoint, conditions, place, best }: Opened) {
  const { from, opponent, laid, track, partners, queue, heldAt } = conditions
  const as = asOf(conditions, levelOf(drill, level))
  return {
    player: player.id, hand: player.hand, drill: drill.id, level, standpoint, from, opponent,
    ...place && { place: place.versionId },
    ...place?.charterSd !== undefined && { charterSd: place.charterSd },
    ...laid?.length && { laid },
    ...track && { track },
    ...best !== undefined && { toBeat: best },
    ...partners?.length && { partners },
    ...queue && { queue },
    ...heldAt && { heldAt },
    ...as !== 'A' && { as },
  }
}

/** The player's place in the pattern: as it was chosen, else the first of those who can be charted. */
export const asOf = ({ as }: Conditions, rung: Level | undefined): Actor => as ?? rung?.first[0]?.by ?? 'A'
