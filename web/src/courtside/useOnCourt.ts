import { useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'

const MOST = 20

/** Who was last on court, so that "Courtside" leads back there. */
export const useOnCourt = defineStore('onCourt', () => {
  const last = useStorage('bersaglio.onCourt', { player: '', drill: '' })
  const path = computed(() => last.value.player ? `/courtside/${last.value.player}/${last.value.drill}` : '/courtside')

  const lastDrills = useStorage<string[]>('bersaglio.lastDrills', [])
  const lastPlayers = useStorage<string[]>('bersaglio.lastPlayers', [])
  const first = (list: string[], one: string) => [one, ...list.filter((other) => other !== one)].slice(0, MOST)

  /** @param family of the drill, whatever its version */
  function remember(player: string, drill: string, family: string) {
    last.value = { player, drill }
    lastDrills.value = first(lastDrills.value, family)
    lastPlayers.value = first(lastPlayers.value, player)
  }

  return { path, lastDrills, lastPlayers, remember }
})
