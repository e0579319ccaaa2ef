import { v7 as uuid } from 'uuid'

/**
 * What a page wrote and the disc may not have yet. It is noted in the same moment as it is written, so that a page that is
 * gone before its transaction ended leaves it to the next one.
 */
const PREFIX = 'bersaglio.written.'
const page = uuid()
let lastNote = 0

/** Held as long as this page lives: what other living pages wrote is theirs to keep. */
const alive = (id: string) => `bersaglio.page.${id}`
const claimed = navigator.locks
  ? new Promise<void>((held) => {
      void navigator.locks.request(alive(page), () => {
        held()
        return new Promise(() => undefined)
      })
    })
  : Promise.resolve()

export interface Noted {
  /** Whether there was room for it. */
  noted: boolean
  /** To be called when it is on disc. */
  onDisc: () => void
}

export function note(written: unknown[]): Noted {
  const key = `${PREFIX}${page}.${String(++lastNote).padStart(9, '0')}`
  try {
    localStorage.setItem(key, JSON.stringify(written))
    return { noted: true, onDisc: () => localStorage.removeItem(key) }
  } catch {
    // No room beside the disc: then the disc alone has to keep it.
    return { noted: false, onDisc: () => undefined }
  }
}

/** What pages that are gone left behind, in the order in which they wrote it; what belongs together is together. */
export async function leftBehind(): Promise<{ key: string, written: unknown[] }[]> {
  await claimed
  const { held = [] } = await navigator.locks?.query() ?? {}
  // Where nothing is known of other pages, at least what this one writes is its own.
  const living = new Set([alive(page), ...held.map((lock) => lock.name)])
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX) && !living.has(alive(key.slice(PREFIX.length).split('.')[0] ?? '')))
    .sort()
    .flatMap((key) => read(key))
}

/** What cannot be read is left where it is, and keeps nothing else back. */
function read(key: string): { key: string, written: unknown[] }[] {
  try {
    const written: unknown = JSON.parse(localStorage.getItem(key) ?? '')
    return [{ key, written: Array.isArray(written) ? written : [written] }]
  } catch {
    return []
  }
}
