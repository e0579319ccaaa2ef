import { ref, shallowRef, type Ref } from 'vue'
import type { LoadedRules } from '@/charting/rules'
import type { Body } from '@/charting/useRun'
import type { Place } from '@/court/turn'
import type { Caller, Role, Ruling, Standpoint } from '@/shared/api'
import type { Logged } from './entries'
import { toTheMillimetre } from './opening'
import type { useConditions } from './useConditions'

interface Shooting {
  rules: () => LoadedRules
  conditions: ReturnType<typeof useConditions>
  shoot: (kind: 'shot.landed' | 'shot.keyed', body: Body, standpoint: Standpoint) => Logged
  team: Ref<number>
}

/** The next ball: who hits it, where it was seen so far, and where it lands. */
export function useBall({ rules, conditions, shoot, team }: Shooting) {
  /** Where the ball was seen so far, while it has further places to come to. */
  const onTheWay = shallowRef<Place[]>([])
  /** Who hits next, where the shots of both sides of a pattern are charted. */
  const hitter = ref<Role>('PLAYER')

  const forget = () => {
    onTheWay.value = []
  }
  const preview = (places: Place[]) => conditions.preview(rules(), places)
  const byWhom = () => ({ ...team.value && { team: team.value }, ...hitter.value !== 'PLAYER' && { hitter: hitter.value } })

  /** @return nothing while the ball has a further place to come to */
  function land(at: Place, by: Caller, standpoint: Standpoint): Logged | undefined {
    const place = { x: toTheMillimetre(at.x), y: toTheMillimetre(at.y) }
    const before = onTheWay.value
    if ((conditions.lying.value?.stages.length ?? 1) > 1) {
      const next = preview([...before, place])
      if ('goesOn' in next && next.goesOn) {
        onTheWay.value = [...before, place]
        return undefined
      }
    }
    forget()
    return landed(before, place, by, standpoint)
  }

  const landed = (before: Place[], place: Place, by: Caller, standpoint: Standpoint) =>
    shoot('shot.landed', { ...place, ...before.length && { before }, by, ...byWhom() }, standpoint)

  function key(ruling: Ruling, by: Caller, standpoint: Standpoint): Logged {
    forget()
    return shoot('shot.keyed', { ...ruling, by, ...byWhom() }, standpoint)
  }

  return { onTheWay, hitter, preview, land, landed, key, forget }
}
