import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'

interface Kept { day: string, players: string[] }

/** Who is here, kept on this device for the day; while nobody is ticked, everybody is taken to be. */
export function usePresent(day: () => string) {
  const kept = useLocalStorage<Kept>('bersaglio.present', { day: '', players: [] })
  const here = computed(() => kept.value.day === day() ? kept.value.players : [])
  const isHere = (player: string) => here.value.length === 0 || here.value.includes(player)

  function toggle(player: string) {
    const players = here.value.includes(player) ? here.value.filter((one) => one !== player) : [...here.value, player]
    kept.value = { day: day(), players }
  }

  return { here, isHere, toggle }
}
