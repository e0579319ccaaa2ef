import { shallowRef, watch, type ShallowRef } from 'vue'

/** A value as it was when the page was last painted: what nobody looks at first is drawn after what was touched. */
export function usePainted<T>(source: () => T): Readonly<ShallowRef<T>> {
  const painted = shallowRef(source())
  let isAwaited = false
  watch(source, () => {
    if (!isAwaited) {
      isAwaited = true
      requestAnimationFrame(() => setTimeout(() => {
        isAwaited = false
        painted.value = source()
      }))
    }
  })
  return painted
}
