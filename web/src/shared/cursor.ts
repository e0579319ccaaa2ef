import type { ObjectDirective } from 'vue'

/** Puts the cursor into a field as its dialog opens: once, and never over a field that somebody has already gone to. */
export const vCursor: ObjectDirective<HTMLElement> = {
  mounted(field) {
    const input = field.querySelector('input')
    const put = () => {
      const form = field.closest('form')
      const there = document.activeElement
      if (!input?.isConnected || (there !== form && form?.contains(there))) {
        return
      }
      input.focus()
      // A field takes no cursor before its dialog shows it.
      requestAnimationFrame(put)
    }
    requestAnimationFrame(put)
  },
}
