import { useElementSize } from '@vueuse/core'
import { computed, type ComputedRef, type Ref } from 'vue'
import { closeUpOf, narrowest } from '@/court/closeUp'
import { boxOf } from '@/court/useFrame'
import type { Stage, Standpoint, Surface } from '@/shared/api'
import { useSettings } from '@/shared/settings'

/** Under so many pixels a finger does not find a zone. */
const SMALLEST_ZONE = 48

interface Seen {
  area: Readonly<Ref<HTMLElement | null>>
  stage: ComputedRef<Stage | undefined>
  surface: ComputedRef<Surface | undefined>
  beyond: ComputedRef<Surface | undefined>
  standpoint: () => Standpoint
  drill: () => string | undefined
}

/** The court draws close up by itself where a zone would be too small; what was chosen instead is kept for the drill. */
export function useCloseUp({ area, stage, surface, beyond, standpoint, drill }: Seen) {
  const settings = useSettings()
  const { width, height } = useElementSize(area)
  const possible = computed(() => stage.value && surface.value && closeUpOf(stage.value.zones, surface.value))
  const isSmall = computed(() => {
    if (!stage.value || !surface.value || !width.value) {
      return false
    }
    const box = boxOf({ surface: surface.value, beyond: beyond.value, standpoint: standpoint() })
    return narrowest(stage.value.zones) * Math.min(width.value / box.width, height.value / box.height) < SMALLEST_ZONE
  })
  const isClose = computed(() => !!possible.value && (settings.closeUp[drill() ?? ''] ?? isSmall.value))
  const toggle = () => {
    settings.closeUp = { ...settings.closeUp, [drill() ?? '']: !isClose.value }
  }
  return { closeUp: computed(() => isClose.value ? possible.value : undefined), isPossible: computed(() => !!possible.value), toggle }
}
