import { computed, type ComputedRef, type Ref, type ShallowRef } from 'vue'
import { isWithin } from '@/court/closeUp'
import { acrossTheNet, type Place } from '@/court/turn'
import type { Drill, Stage, Surface } from '@/shared/api'
import { useSettings } from '@/shared/settings'
import type { useCharting } from './useCharting'
import { useCloseUp } from './useCloseUp'
import type { PatternNow } from './usePattern'
import { useTouches } from './useTouches'
import type { Way } from './ways'

interface Seen {
  area: Readonly<Ref<HTMLElement | null>>
  stage: ComputedRef<Stage | undefined>
  surface: ComputedRef<Surface | undefined>
  other: ComputedRef<Surface | undefined>
  drill: ShallowRef<Drill | undefined>
  hand: ReturnType<typeof useCharting>
  pattern: PatternNow
  way: Ref<Way>
}

/** How much of the court is drawn, and what a touch on it charts. */
export function useDrawnCourt({ area, stage, surface, other, drill, hand, pattern, way }: Seen) {
  const settings = useSettings()
  const both = computed(() => pattern.both.isOn.value && !!other.value)
  const beyond = computed(() => settings.wholeCourt || both.value ? other.value : undefined)
  const { closeUp: near, isPossible, toggle } = useCloseUp({
    area, stage, surface, beyond, standpoint: () => settings.standpoint, drill: () => drill.value?.family,
  })
  const closeUp = computed(() => both.value ? undefined : near.value)

  /** What another hits comes to this half of the court, and its places are seen by them. */
  const turned = computed(() => both.value && !!pattern.both.theirs.value)
  const seen = (place: Place): Place => turned.value ? acrossTheNet(place) : place
  const isBeyond = (place: Place) => !!closeUp.value && !isWithin(closeUp.value, place)
  const touches = useTouches(
    (place) => void (way.value === 'ZONE' || isBeyond(place) ? hand.landInZone(seen(place)) : hand.land(seen(place))),
    (from, to) => hand.closeShot.value ? hand.flick(seenAsLast(from), seenAsLast(to)) : pattern.slide(from, to))
  const seenAsLast = (place: Place): Place =>
    both.value && hand.shots.value.at(-1)?.hitter ? acrossTheNet(place) : place

  return { beyond, closeUp, canCloseUp: computed(() => isPossible.value && !both.value), toggleCloseUp: toggle, turned, touches }
}
