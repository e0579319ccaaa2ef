import { useEventListener, useMutationObserver } from '@vueuse/core'
import { nextTick, onBeforeUnmount, onMounted, toValue, watch, type MaybeRefOrGetter } from 'vue'

const DIALOGS = '.v-overlay-container'

/**
 * Puts the focus where who works by keyboard goes on: on the heading of a page that was opened, and back on what opened a
 * dialog that was closed. What has the focus within the page by then keeps it.
 *
 * @param page what all views are shown in
 * @param path of the view that is shown
 */
export function useFocus(page: () => HTMLElement | null, path: MaybeRefOrGetter<string>) {
  let wanted = false
  let opener: HTMLElement | undefined

  const isLost = () => document.activeElement === null || document.activeElement === document.body || document.activeElement === page()

  /** A view draws its heading when what it shows has come. */
  function focusHeading() {
    if (!wanted) {
      return
    }
    const within = page()
    const heading = within?.querySelector<HTMLElement>('h1')
    if (!within || !heading) {
      return
    }
    wanted = false
    const elsewhere = !within.contains(document.activeElement) && !document.activeElement?.closest(DIALOGS)
    if (isLost() || elsewhere) {
      heading.tabIndex = -1
      heading.focus({ preventScroll: true })
    }
  }

  async function open() {
    wanted = true
    await nextTick()
    focusHeading()
  }

  watch(() => toValue(path), () => void open())
  onMounted(() => void open())
  useMutationObserver(page, focusHeading, { childList: true, subtree: true })

  useEventListener(document, 'focusin', ({ target }) => {
    if (target instanceof HTMLElement && !target.closest(DIALOGS)) {
      opener = target
    }
  })
  /** What was in a closed dialog is gone, and the focus with it; lists see to theirs themselves. */
  const dialogsChanged = new MutationObserver((changes) => {
    const closed = changes.some(({ removedNodes }) => [...removedNodes].some((one) => one instanceof Element && one.matches('.v-dialog')))
    if (closed && isLost() && opener?.isConnected && !document.querySelector(`${DIALOGS} .v-overlay--active`)) {
      opener.focus({ preventScroll: true })
    }
  })
  // The place of dialogs comes with the first of them.
  const bodyChanged = new MutationObserver(() => {
    const dialogs = document.querySelector(DIALOGS)
    if (dialogs) {
      bodyChanged.disconnect()
      dialogsChanged.observe(dialogs, { childList: true })
    }
  })
  onMounted(() => bodyChanged.observe(document.body, { childList: true }))
  onBeforeUnmount(() => {
    bodyChanged.disconnect()
    dialogsChanged.disconnect()
  })
}
