import { computed, shallowRef, type ShallowRef } from 'vue'
import { askLedger } from '@/charting/asked'
import { ownSets } from '@/charting/ownSets'
import type { LoadedRules, Standing } from '@/charting/rules'
import type { Drill, Player, SetLine, SetView } from '@/shared/api'

interface Asked {
  set: ShallowRef<SetView | undefined>
  rules: () => LoadedRules
  who: () => Player
  what: () => Drill
}

/** Where the player stands at the drill before this set, and so on which level it is played. */
export function useRung({ set, rules, who, what }: Asked) {
  const standing = shallowRef<Standing>()
  let start = 1

  /** By what the server last told, and what this device knows better. */
  async function settle(track: string) {
    const ledger = await askLedger(who().id, what().id, track)
    start = ledger.data.start
    const own = await ownSets(rules(), what(), who().id, ledger.at)
    standing.value = rules().standing(what(), ledger.data.sets, own, who().id, track, start)
  }

  /** After one set more. */
  function goOn(line: SetLine, track: string) {
    if (standing.value) {
      standing.value = rules().standing(what(), standing.value.sets, [line], who().id, track, start)
    }
  }

  return {
    standing, settle, goOn,
    level: computed(() => set.value?.level ?? standing.value?.level ?? 1),
    /** Which set in a row this is at its level, from 1. */
    tries: computed(() => (standing.value?.tries ?? 0) + 1),
    /** The sets that a run comes after. */
    before: (run: string) => (standing.value?.sets ?? []).filter((line) => line.run !== run),
  }
}
