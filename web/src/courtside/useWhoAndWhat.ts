import { useEventListener } from '@vueuse/core'
import { ref, shallowRef } from 'vue'
import { askClub, askToday } from '@/charting/asked'
import type { Court, Drill, PlaceVersion, Player } from '@/shared/api'
import { strokesAt } from '@/shared/patterns'
import { useSettings } from '@/shared/settings'
import type { Opening } from './opening'
import type { Charted } from './useSet'

/** Who is on court, at what, and where: asked of the server, or as it last said. */
export function useWhoAndWhat(
  props: { player: string, drill: string, run?: string, track?: string, occasion?: Opening['occasion'] },
  charted: Pick<Charted, 'load' | 'place'>,
) {
  const settings = useSettings()
  const person = shallowRef<Player>()
  const practised = shallowRef<Drill>()
  const court = shallowRef<Court>()
  const players = shallowRef<Player[]>([])
  const places = shallowRef<PlaceVersion[]>([])
  const failed = ref(false)

  let again: (() => void) | undefined
  const askAgain = () => again?.()
  useEventListener(window, 'online', askAgain)

  /** Fulfilled once all is known; after a failure it is asked again when there is a network, or when the coach says so. */
  async function ask(): Promise<void> {
    while (!await askOnce()) {
      await new Promise<void>((resolve) => {
        again = resolve
      })
    }
  }

  async function askOnce(): Promise<boolean> {
    failed.value = false
    try {
      const [club, today] = await Promise.all([askClub(), askToday().catch(() => undefined)])
      players.value = club.data.players
      person.value = club.data.players.find((one) => one.id === props.player)
      practised.value = club.data.drills.find((one) => one.id === props.drill)
      const seen = club.data.courts.find((one) => one.id === practised.value?.court)
      court.value = seen && { ...seen, strokes: strokesAt(seen, club.data.drills) }
      if (!person.value || !practised.value || !court.value) {
        throw new Error('no such player or drill')
      }
      places.value = club.data.places.filter((one) => one.court === practised.value?.court)
      charted.place.value = places.value.find((one) => one.id === settings.place)
      const track = props.track || (practised.value.tracks[0] ?? '')
      const openRun = today?.data.due.find((due) =>
        due.player === props.player && due.drill === props.drill && due.track === track)?.openRun
      await charted.load({ player: person.value, drill: practised.value, track, run: props.run || undefined, openRun, occasion: props.occasion })
    } catch {
      failed.value = true
    }
    return !failed.value
  }

  function choosePlace(id: string | undefined) {
    settings.place = id ?? ''
    charted.place.value = places.value.find((one) => one.id === id)
  }

  return { players, person, practised, court, places, failed, ask, askAgain, choosePlace }
}
