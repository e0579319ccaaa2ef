import { computed, type ShallowRef } from 'vue'
import type { Mark } from '@/court/MarkLayer.vue'
import { halfBeyond } from '@/court/shape'
import { acrossTheNet } from '@/court/turn'
import type { Court, Drill, Player, Shot } from '@/shared/api'
import { levelOf, lyingFor } from '@/shared/sentences'
import type { Charted } from './useSet'

const LARGEST = 0.16
const SMALLEST = 0.085
const FADES_OVER = 6

/** The surface that the ball comes to next, with its zones and the shots that ended on it. */
export function useStage(
  charted: Charted, drill: ShallowRef<Drill | undefined>, player: ShallowRef<Player | undefined>,
  court: ShallowRef<Court | undefined>,
) {
  const { set, level, ball: { onTheWay } } = charted
  const rung = computed(() => drill.value && levelOf(drill.value, level.value))
  const lying = computed(() => charted.conditions.lying.value ?? (rung.value && player.value && lyingFor(rung.value, player.value.hand)))
  const stages = computed(() => lying.value?.stages ?? [])
  const place = computed(() => Math.min(onTheWay.value.length, stages.value.length - 1))
  const stage = computed(() => stages.value[place.value])
  const stance = computed(() => set.value?.stance ?? charted.conditions.conditions.value.stance ?? rung.value?.target.stance)
  const other = computed(() => court.value && stage.value && halfBeyond(court.value, stage.value.plane))
  const onSurface = computed(() => court.value && stage.value && { sport: court.value.sport, plane: stage.value.plane })

  // What another hit came down on this side of the net, seen by the player.
  const seen = ({ hitter, x = 0, y = 0 }: Shot) => hitter && other.value ? acrossTheNet({ x, y }) : { x, y }
  const markOf = (shot: Shot, size: number): Mark => ({ id: shot.id, ...seen(shot), ruling: shot.ruling, close: shot.close, size })

  const faded = new WeakMap<Shot, Mark>()
  /** A shot of which nothing changes stays the very same, and so does its mark. */
  function fadedOf(shot: Shot): Mark {
    const known = faded.get(shot)
    const mark = markOf(shot, SMALLEST)
    if (known?.x === mark.x && known.y === mark.y) {
      return known
    }
    faded.set(shot, mark)
    return mark
  }

  const marks = computed<Mark[]>(() => {
    const placed = (set.value?.shots ?? []).filter(
      (shot) => shot.x !== undefined && (shot.before?.length ?? 0) === place.value)
    return placed.map((shot, index) => {
      const fresh = 1 - (placed.length - 1 - index) / FADES_OVER
      return fresh > 0 ? markOf(shot, SMALLEST + (LARGEST - SMALLEST) * fresh) : fadedOf(shot)
    })
  })

  return { rung, lying, stages, stage, other, stance, onSurface, marks }
}
