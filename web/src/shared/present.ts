import { useStorage } from '@vueuse/core'
import { computed } from 'vue'

/** Who is here, kept on this device for the day; until somebody is said to be away, everybody is taken to be here. */
export function usePresent(day: () => string) {
  const kept = useStorage<{ day: string, away: string[] }>('bersaglio.expected', { day: '', away: [] })
  const away = computed(() => kept.value.day === day() ? kept.value.away : [])
  const isHere = (player: string) => !away.value.includes(player)

  function toggle(player: string) {
    const next = isHere(player) ? [...away.value, player] : away.value.filter((one) => one !== player)
    kept.value = { day: day(), away: next }
  }

  return { isHere, toggle }
}
