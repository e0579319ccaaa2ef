import { useSwipe } from '@vueuse/core'
import type { Ref } from 'vue'

/** Over a name, to the left or to the right: the turn goes on to the next. */
export function useSidewaysSwipe(target: Readonly<Ref<HTMLElement | null>>, swiped: () => void) {
  useSwipe(target, { onSwipeEnd: (_, direction) => {
    if (direction === 'left' || direction === 'right') {
      swiped()
    }
  } })
}
