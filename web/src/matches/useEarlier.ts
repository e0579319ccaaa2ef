import { shallowRef, type ShallowRef } from 'vue'
import { askPlacements } from '@/charting/asked'
import type { MatchView, PlacementTally, Team } from '@/shared/api'

/** What is known of earlier matches of two players; without a network, what this device was told last. */
export function useEarlier(match: ShallowRef<MatchView | undefined>) {
  const earlier = shallowRef<Record<Team, PlacementTally[]>>({ ONE: [], TWO: [] })

  async function ask() {
    const { one = [], two = [], run = '' } = match.value ?? {}
    const [a, b] = [one[0], two[0]]
    if (a && b && one.length === 1 && two.length === 1) {
      const told = await Promise.all([askPlacements(a, b, run), askPlacements(b, a, run)]).catch(() => undefined)
      earlier.value = told ? { ONE: told[0].data, TWO: told[1].data } : earlier.value
    }
  }

  return { earlier, ask }
}
