import { useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'

/** Who was last on court, so that "Courtside" leads back there. */
export const useOnCourt = defineStore('onCourt', () => {
  const last = useStorage('bersaglio.onCourt', { player: '', drill: '' })
  const path = computed(() => last.value.player ? `/courtside/${last.value.player}/${last.value.drill}` : '/courtside')

  function remember(player: string, drill: string) {
    last.value = { player, drill }
  }

  return { path, remember }
})
