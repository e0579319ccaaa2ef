import { computed } from 'vue'
import type { Ending, Goal, Role, Ruling } from '@/shared/api'
import { plain } from '@/shared/sentences'
import { useSettings } from '@/shared/settings'
import type { Logged } from './entries'
import type { Cue } from './feedback'
import type { Charted } from './useSet'

/** A rally contact by contact: who hits next, and how it ended. */
export function useRally(
  charted: Charted, goal: () => Goal | undefined, enter: (write: () => Logged) => Promise<void>, cue: (cue: Cue) => void,
) {
  const settings = useSettings()
  const now = computed(() => charted.set.value?.rallies.now ?? [])
  /** Its length so far, by the contacts that the level counts. */
  const length = computed(() => charted.set.value?.rallies.length ?? 0)
  const counts = computed(() => goal()?.counts ?? 'ALL')
  const last = computed(() => charted.set.value?.rallies.over.at(-1))
  const isOn = computed(() => goal()?.kind === 'RALLY' && !charted.set.value?.count.full)
  /** Who hits the ball back: whoever is in the set with the player, else whoever feeds. */
  const other = computed<Role>(() => {
    const partners = charted.set.value?.partners ?? charted.conditions.conditions.value.partners ?? []
    return partners.length ? 'PARTNER' : 'FEEDER'
  })
  const next = computed<Role>(() => {
    const before = now.value.at(-1)
    const players = before === undefined ? settings.hitsFirst : before !== 'PLAYER'
    return players ? 'PLAYER' : other.value
  })

  async function contact() {
    await enter(() => charted.entries.contact(next.value, settings.standpoint))
    cue('tick')
  }

  async function end(ending: Ending) {
    await enter(() => charted.entries.endRally(ending, settings.standpoint))
    cue(charted.set.value?.standing === 'MET' ? 'hit' : 'miss')
  }

  /** It ends as it was meant to. */
  const over = () => now.value.length ? void end({ how: 'PLANNED' }) : undefined
  const missed = (by: Role, miss?: Ruling) => void end({
    how: 'ERROR', by, ...miss && miss.outcome !== 'NOT_HIT' && { miss: miss.outcome }, ...miss && miss.side !== 'NONE' && { side: miss.side },
  })

  return { now, length, counts, last, isOn, other, next, contact: () => void contact(), end: (ending: Ending) => void end(ending), over, missed }
}

export type RallyNow = ReturnType<typeof useRally>

/** A rally is counted contact by contact, and ends with a miss; everything else is counted by its hits. */
export function keysOfRally(rally: RallyNow, log: (given: Ruling) => void) {
  const endsIt = ({ outcome }: Ruling) => rally.isOn.value && outcome !== 'VOID' && outcome !== 'NOT_SEEN'
  return {
    hit: () => rally.isOn.value ? rally.contact() : log(plain('HIT')),
    miss: (given: Ruling) => endsIt(given) ? rally.missed('PLAYER', given) : log(given),
  }
}
