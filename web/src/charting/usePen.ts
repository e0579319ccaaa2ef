import { onScopeDispose, ref } from 'vue'
import type { NewEvent } from './deviceLog'

/** What one tab tells the others: an event that it has just written, or that one of a run is on disc. */
export interface News {
  of: string
  run: string
  event?: NewEvent
  /** The event that was written before it. */
  after?: string | undefined
}

const lockOf = (of: string) => `bersaglio.pen.${of}`

/**
 * Of all tabs of one browser one writes a set; the others watch it, and may take over by one touch. Where the browser has no
 * locks there is no telling, and each writes.
 *
 * @param told  what another tab has written
 * @param taken the pen came here: what the other wrote last is to be read first
 */
export function usePen(told: (news: News) => void, taken: () => void) {
  const watching = ref(false)
  const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('bersaglio.pen')
  let of = ''
  let gone = false
  let free: () => void = () => undefined
  let waiting = new AbortController()

  channel?.addEventListener('message', ({ data }: MessageEvent<News>) => {
    if (data.of === of) {
      told(data)
    }
  })

  /** @return whether this tab has it, once that is known; later it may still come, or be taken away */
  function ask(name: string, options: LockOptions): Promise<boolean> {
    return new Promise((known) => {
      navigator.locks.request(lockOf(name), options, (lock) => {
        known(lock !== null)
        if (lock === null || name !== of) {
          return undefined
        }
        watching.value = false
        return new Promise<void>((done) => {
          free = done
        })
      }).catch(() => {
        known(false)
        // Another tab has taken it, or this one asks no more.
        if (name === of && !options.signal?.aborted) {
          watch(name)
        }
      })
    })
  }

  /** Watches until the tab that writes is gone. */
  function watch(name: string) {
    watching.value = true
    waiting.abort()
    waiting = new AbortController()
    void ask(name, { signal: waiting.signal }).then((has) => {
      if (has && name === of) {
        taken()
      }
    })
  }

  /** Asks for the pen of what is charted here now; the one before is laid down. */
  async function take(name: string): Promise<void> {
    if (!('locks' in navigator) || name === of) {
      return
    }
    lay()
    of = name
    if (!await ask(name, { ifAvailable: true })) {
      watch(name)
    }
  }

  async function takeOver(): Promise<void> {
    waiting.abort()
    if (await ask(of, { steal: true })) {
      taken()
    }
  }

  function lay() {
    of = ''
    waiting.abort()
    free()
    free = () => undefined
    watching.value = false
  }

  function tell(news: Omit<News, 'of'>) {
    if (gone) {
      return
    }
    // A proxy cannot be sent; what is written is plain.
    channel?.postMessage(JSON.parse(JSON.stringify({ ...news, of })) as News)
  }

  onScopeDispose(() => {
    gone = true
    lay()
    channel?.close()
  })

  return { watching, take, takeOver, tell }
}
